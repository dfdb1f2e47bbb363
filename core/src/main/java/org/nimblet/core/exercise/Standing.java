package org.nimblet.core.exercise;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import org.nimblet.core.anatomy.Target;

/**
 * How an exercise stands among the others of the library.
 *
 * @param family the family of near-alike exercises of which one is enough, if it is of one
 * @param staples for what it is the one that a coach reaches for first: purposes by the identifier
 *     of the tissue or quality
 * @param archived whether it is out of use: it keeps its words for old logs and is offered no more
 */
public record Standing(
    Optional<String> family, SortedMap<String, Set<Purpose>> staples, boolean archived) {

  /** Of no family, and the first for nothing. */
  public static final Standing PLAIN = new Standing(Optional.empty(), new TreeMap<>(), false);

  /** Copies the map. */
  public Standing {
    SortedMap<String, Set<Purpose>> copy = new TreeMap<>();
    staples.forEach(
        (target, purposes) ->
            copy.put(target, Collections.unmodifiableSet(EnumSet.copyOf(purposes))));
    staples = Collections.unmodifiableSortedMap(copy);
  }

  /** Makes one from purposes by target. */
  public Standing(Optional<String> family, Map<String, Set<Purpose>> staples, boolean archived) {
    this(family, new TreeMap<>(staples), archived);
  }

  /** Whether it is the one to reach for first for this target and purpose. */
  public boolean isStaple(Target target, Purpose purpose) {
    return staples.getOrDefault(target.id(), Set.of()).contains(purpose);
  }
}
