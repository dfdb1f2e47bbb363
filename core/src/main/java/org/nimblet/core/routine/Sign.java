package org.nimblet.core.routine;

import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ReferralSign;

/**
 * A referral sign that no clinician has cleared yet.
 *
 * @param sign which
 * @param side on which side
 * @param regions where, at least one
 * @param since since when, in words; empty if nobody said
 */
public record Sign(ReferralSign sign, Side side, Set<Region> regions, String since) {

  /** Copies the set and checks that it names a place. */
  public Sign {
    regions = Set.copyOf(regions);
    if (regions.isEmpty()) {
      throw new IllegalArgumentException("regions (none) must name at least one place");
    }
  }

  /**
   * Whether an exercise waits for it on a side. Work that loads no region of its own counts as
   * loading every one (ours, the safe reading).
   */
  boolean closes(Exercise exercise, Side otherSide) {
    Set<Region> loaded = exercise.service().loadedRegions();
    return exercise.excludedBy().contains(sign)
        && regions.stream()
            .filter(region -> side == otherSide || !region.paired())
            .anyMatch(r -> loaded.isEmpty() || loaded.stream().anyMatch(r.area()::contains));
  }

  /** Where it is, for people: "left ring finger, little finger". */
  public String place() {
    return side.word()
        + " "
        + regions.stream().sorted().map(Region::word).collect(Collectors.joining(", "));
  }

  /** What waits, as one sentence. */
  public String consequence() {
    boolean hand = regions.stream().anyMatch(region -> region.area().contains(Region.PALM));
    return "No strengthening and no intense stretching for the %s until a clinician has cleared it."
        .formatted(hand ? side.word() + " hand and forearm" : "shoulders, neck and back");
  }
}
