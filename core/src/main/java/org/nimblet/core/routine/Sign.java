package org.nimblet.core.routine;

import java.time.LocalDate;
import java.util.EnumSet;
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
 * @param told the day on which it was told
 */
public record Sign(
    ReferralSign sign, Side side, Set<Region> regions, String since, LocalDate told) {

  /** Copies the set and checks that it names a place. */
  public Sign {
    regions = Set.copyOf(regions);
    if (regions.isEmpty()) {
      throw new IllegalArgumentException("regions (none) must name at least one place");
    }
  }

  /** Pain this strong is a sign by itself; no allowance is later than what hurts now. */
  static Sign ofStrongPain(Pain pain) {
    return new Sign(
        ReferralSign.STRONG_PAIN, pain.side(), Set.of(pain.region()), "", LocalDate.MAX);
  }

  /** Whether an exercise waits for it while a side acts, the hand that helps included. */
  boolean closes(Exercise exercise, Side acting) {
    return exercise.closedWith().signs().contains(sign)
        && Reach.isUsed(exercise, acting, side, reach());
  }

  /**
   * How far it reaches (ours): over the area of its place; an injury or swelling to what lies next
   * to that, and a nerve of the arm to the neck.
   */
  private Set<Region> reach() {
    Set<Region> reach = EnumSet.copyOf(Reach.withArea(regions));
    switch (sign) {
      case SWELLING, RECENT_INJURY -> reach.addAll(Reach.withNeighbours(regions));
      case PINS_AND_NEEDLES -> reach.add(Region.NECK);
      default -> {
        // The area is all.
      }
    }
    return reach;
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
    String where = hand ? side.word() + " hand and forearm" : "shoulders, neck and back";
    String more =
        switch (sign) {
          case PINS_AND_NEEDLES ->
              ", no bent wrist held, no straightening of the elbow and nothing for the neck";
          case SWELLING, RECENT_INJURY -> ", no stretching and no massage there";
          case CURLING_BY_ITSELF -> ", and no patterns of the fingers";
          default -> "";
        };
    return "No strengthening and no intense stretching for the %s%s, until a clinician has cleared it."
        .formatted(where, more);
  }
}
