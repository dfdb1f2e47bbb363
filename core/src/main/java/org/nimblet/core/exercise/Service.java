package org.nimblet.core.exercise;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.anatomy.Tissue;

/**
 * What an exercise serves.
 *
 * @param main the tissue or quality it is chiefly for; one of the contributions
 * @param contributions how much it gives to each target, 1–10, by the target's identifier
 */
public record Service(Target main, Map<String, Integer> contributions) {

  /** A contribution from here on counts as loading the regions of its target (ours). */
  private static final int LOADING = 3;

  /**
   * Checks the contributions.
   *
   * @throws IllegalArgumentException naming the target and what is allowed
   */
  public Service {
    contributions = java.util.Collections.unmodifiableMap(new TreeMap<>(contributions));
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
  }

  /** The regions that the exercise loads: those of every target it gives at least 3 points to. */
  public Set<Region> loadedRegions() {
    return contributions.entrySet().stream()
        .filter(entry -> entry.getValue() >= LOADING)
        .flatMap(entry -> Target.find(entry.getKey()).stream())
        .flatMap(target -> regionsOf(target).stream())
        .collect(Collectors.toUnmodifiableSet());
  }

  private static Set<Region> regionsOf(Target target) {
    if (target instanceof Tissue tissue) {
      return tissue.regions();
    }
    return target instanceof Digit digit ? Set.of(Region.of(digit)) : Set.of();
  }
}
