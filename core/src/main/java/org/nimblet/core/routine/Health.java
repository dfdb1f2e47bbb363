package org.nimblet.core.routine;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;

/**
 * What hurts and what is to be minded.
 *
 * @param pains the latest pain of each region that hurts
 * @param signs referral signs that nobody has cleared
 * @param exclusions what a clinician or the coach has taken out
 * @param allowed exercises that a clinician allows in spite of a sign or a condition
 * @param conditions what is known
 * @param age the age group
 */
public record Health(
    List<Pain> pains,
    List<Sign> signs,
    List<Exclusion> exclusions,
    Set<String> allowed,
    List<KnownCondition> conditions,
    AgeGroup age) {

  /** Nothing hurts and nothing is known. */
  public static final Health GOOD = of(List.of(), List.of());

  /** Copies the collections. */
  public Health {
    pains = List.copyOf(pains);
    signs = List.copyOf(signs);
    exclusions = List.copyOf(exclusions);
    allowed = Set.copyOf(allowed);
    conditions = List.copyOf(conditions);
  }

  /** An adult's pains and exclusions, without signs or conditions. */
  public static Health of(List<Pain> pains, List<Exclusion> exclusions) {
    return new Health(pains, List.of(), exclusions, Set.of(), List.of(), AgeGroup.ADULT);
  }

  /** The worst pain of the regions that an exercise loads on a side, if any hurts. */
  Optional<Pain> worstFor(Exercise exercise, Side side) {
    return pains.stream()
        .filter(
            pain ->
                exercise.service().loadedRegions().stream()
                    .anyMatch(region -> pain.touches(region, side)))
        .max(Comparator.comparingInt(Pain::level));
  }
}
