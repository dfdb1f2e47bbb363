package org.nimblet.core.exercise;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.anatomy.Tissue;

/** What an exercise serves; what follows from it is worked out once. */
public final class Service {

  /** A contribution from here on counts as working its tissue (ours). */
  private static final int WORKING = 3;

  private final Target main;
  private final SortedMap<String, Integer> contributions;
  private final Map<Target, Integer> targets;
  private final Set<Tissue> workedTissues;

  /**
   * Checks the contributions.
   *
   * @param main the tissue or quality it is chiefly for; one of the contributions
   * @param contributions how much it gives to each target, 1–10, by the target's identifier
   * @throws IllegalArgumentException naming the target and what is allowed
   */
  public Service(Target main, Map<String, Integer> contributions) {
    contributions.forEach(
        (id, points) -> {
          if (Target.find(id).isEmpty()) {
            throw new IllegalArgumentException(
                "serves (%s) is no target; allowed: %s"
                    .formatted(
                        id,
                        Target.all().stream().map(Target::id).collect(Collectors.joining(", "))));
          }
          if (points < 1 || points > 10) {
            throw new IllegalArgumentException(
                "serves %s (%d) must be between 1 and 10".formatted(id, points));
          }
        });
    if (!contributions.containsKey(main.id())) {
      throw new IllegalArgumentException(
          "main (%s) must be one of what it serves: %s"
              .formatted(main.id(), contributions.keySet()));
    }
    this.main = main;
    this.contributions = Collections.unmodifiableSortedMap(new TreeMap<>(contributions));
    Map<Target, Integer> found = new LinkedHashMap<>();
    this.contributions.forEach((id, points) -> found.put(Target.find(id).orElseThrow(), points));
    this.targets = Collections.unmodifiableMap(found);
    Set<Target> loaded =
        found.keySet().stream()
            .filter(target -> found.get(target) >= WORKING)
            .collect(Collectors.toSet());
    this.workedTissues =
        loaded.stream()
            .filter(Tissue.class::isInstance)
            .map(Tissue.class::cast)
            .collect(Collectors.toUnmodifiableSet());
  }

  /** The tissue or quality it is chiefly for. */
  public Target main() {
    return main;
  }

  /** How much it gives to each target, 1–10, by the target's identifier. */
  public SortedMap<String, Integer> contributions() {
    return contributions;
  }

  /** How much it gives to each target, 1–10. */
  public Map<Target, Integer> targets() {
    return targets;
  }

  /** The tissues that the exercise works: those it gives at least 3 points to. */
  public Set<Tissue> workedTissues() {
    return workedTissues;
  }

  @Override
  public boolean equals(Object that) {
    return that instanceof Service other
        && main.equals(other.main)
        && contributions.equals(other.contributions);
  }

  @Override
  public int hashCode() {
    return Objects.hash(main, contributions);
  }

  @Override
  public String toString() {
    return "Service[main=%s, contributions=%s]".formatted(main, contributions);
  }
}
