package org.nimblet.core.exercise;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What the ways of an exercise are called, one after the other: two directions, stages, clasps.
 *
 * @param names from the one that is done first, in lower case; 2–20, all different
 */
public record Ways(List<String> names) {

  /** The most ways that an exercise can have. */
  public static final int MOST = 20;

  /** Two directions without a name of their own. */
  public static final Ways UNNAMED = new Ways(List.of("one way", "the other way"));

  /**
   * Checks that each has a name of its own.
   *
   * @throws IllegalArgumentException if there are too few or too many, or one is blank or doubled
   */
  public Ways {
    names = names.stream().map(String::strip).collect(Collectors.toUnmodifiableList());
    if (names.size() < 2 || names.size() > MOST) {
      throw new IllegalArgumentException("ways (%s) must be 2 to %d names".formatted(names, MOST));
    }
    if (names.stream().anyMatch(String::isBlank) || new HashSet<>(names).size() < names.size()) {
      throw new IllegalArgumentException(
          "ways (%s) must be names that differ, none of them empty".formatted(names));
    }
  }

  /** How many there are. */
  public int count() {
    return names.size();
  }

  /** The name of way {@code index}, 0-based. */
  public String of(int index) {
    return names.get(index);
  }
}
