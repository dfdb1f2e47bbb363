package org.nimblet.core.exercise;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;

/**
 * What an exercise uses of the body, other than what it trains: whatever is not in it is not used.
 *
 * @param acting what it uses on a side that acts; at least one region
 * @param helping what it uses on the other side, whose hand helps; empty if none does
 */
public record Uses(Map<Region, Use> acting, Map<Region, Use> helping) {

  /** What somebody wrote who never said what it uses: the whole arm, and a hand that helps. */
  public static final Uses NEVER_SAID = neverSaid();

  /**
   * Copies the maps.
   *
   * @throws IllegalArgumentException if nothing is used
   */
  public Uses {
    acting = copy(acting);
    helping = copy(helping);
    if (acting.isEmpty()) {
      throw new IllegalArgumentException(
          "uses (nothing) must name at least one region with 1 (moves or touches), 2 (works or"
              + " takes to its end) or 3 (loads)");
    }
  }

  private static Map<Region, Use> copy(Map<Region, Use> uses) {
    Map<Region, Use> copy = new EnumMap<>(Region.class);
    copy.putAll(uses);
    return Collections.unmodifiableMap(copy);
  }

  private static Uses neverSaid() {
    Map<Region, Use> all = new EnumMap<>(Region.class);
    for (Region region : Region.values()) {
      all.put(region, Use.LOADS);
    }
    return new Uses(all, UseRule.PRESSES.uses());
  }

  /**
   * How a region on a side is used while a side acts; neck and back have no side of their own.
   *
   * @param actingSide the side that acts
   * @param where the side the region is on
   */
  public Optional<Use> of(Side actingSide, Side where, Region region) {
    if (!region.paired()) {
      return greatest(region);
    }
    return Optional.ofNullable((where == actingSide ? acting : helping).get(region));
  }

  /** The most that a region is used, whichever side acts. */
  public Optional<Use> greatest(Region region) {
    Use own = acting.get(region);
    Use other = helping.get(region);
    if (own == null || other == null) {
      return Optional.ofNullable(own == null ? other : own);
    }
    return Optional.of(Use.greater(own, other));
  }

  /** Whether some region on a side is used so much or more while a side acts. */
  public boolean anyOf(Set<Region> regions, Side actingSide, Side where, Use least) {
    return regions.stream()
        .anyMatch(r -> of(actingSide, where, r).filter(use -> use.isAtLeast(least)).isPresent());
  }

  /** The regions that a side which acts uses so much or more. */
  public Set<Region> acting(Use least) {
    Set<Region> found = EnumSet.noneOf(Region.class);
    acting.forEach(
        (region, use) -> {
          if (use.isAtLeast(least)) {
            found.add(region);
          }
        });
    return found;
  }

  /** Whether another hand takes part. */
  public boolean hasHelper() {
    return !helping.isEmpty();
  }
}
