package org.nimblet.core.routine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.exercise.Use;

/**
 * What hurts and what is to be minded.
 *
 * @param pains the pain of each region that hurts
 * @param signs referral signs that nobody has cleared; pain of 7 and more is one by itself
 * @param stops sessions of this day that were ended for safety
 * @param exclusions what a clinician or the coach has taken out
 * @param allowed exercises that a clinician allows, with the day on which that was said; it opens
 *     what a sign or a condition told by then closes, and nothing that was told later
 * @param conditions what is known
 * @param age the age group
 */
public record Health(
    List<Pain> pains,
    List<Sign> signs,
    List<Stop> stops,
    List<Exclusion> exclusions,
    Map<String, LocalDate> allowed,
    List<KnownCondition> conditions,
    AgeGroup age) {

  /** Nothing hurts and nothing is known. */
  public static final Health GOOD = of(List.of(), List.of());

  /** Copies the collections. */
  public Health {
    pains = List.copyOf(pains);
    signs = withStrongPain(signs, pains);
    stops = List.copyOf(stops);
    exclusions = List.copyOf(exclusions);
    allowed = Map.copyOf(allowed);
    conditions = List.copyOf(conditions);
  }

  /** An adult's pains and exclusions, without signs or conditions. */
  public static Health of(List<Pain> pains, List<Exclusion> exclusions) {
    return new Health(pains, List.of(), List.of(), exclusions, Map.of(), List.of(), AgeGroup.ADULT);
  }

  /** The same with more left out. */
  public Health without(Collection<Exclusion> more) {
    List<Exclusion> all = new ArrayList<>(exclusions);
    all.addAll(more);
    return new Health(pains, signs, stops, all, allowed, conditions, age);
  }

  private static List<Sign> withStrongPain(List<Sign> told, List<Pain> pains) {
    List<Sign> all = new ArrayList<>(told);
    for (Pain pain : pains) {
      boolean known =
          all.stream()
              .anyMatch(
                  sign ->
                      sign.sign() == ReferralSign.STRONG_PAIN
                          && sign.side() == pain.side()
                          && sign.regions().contains(pain.region())
                          && sign.told().equals(LocalDate.MAX));
      if (pain.level() >= SafetyRules.ENDING_PAIN && !known) {
        all.add(Sign.ofStrongPain(pain));
      }
    }
    return List.copyOf(all);
  }

  /** Whether a clinician allowed an exercise on this day or later. */
  boolean allows(Exercise exercise, LocalDate told) {
    LocalDate said = allowed.get(exercise.id());
    return said != null && !said.isBefore(told);
  }

  /** The worst pain of what an exercise works while a side acts, if any of it hurts. */
  Optional<Pain> worstFor(Exercise exercise, Side acting) {
    return painsOf(exercise, acting, Use.WORKS).stream().max(Comparator.comparingInt(Pain::level));
  }

  /** What all the pain of what an exercise works asks for: the strictest of each. */
  PainDose doseFor(Exercise exercise, Side acting) {
    return PainDose.strictest(painsOf(exercise, acting, Use.WORKS));
  }

  /** The pains of what an exercise uses so much or more while a side acts. */
  List<Pain> painsOf(Exercise exercise, Side acting, Use least) {
    return pains.stream()
        .filter(
            pain ->
                exercise
                    .uses()
                    .of(acting, pain.side(), pain.region())
                    .filter(use -> use.isAtLeast(least))
                    .isPresent())
        .toList();
  }

  /** The same health on a day on which nothing was stopped. */
  public Health withoutStops() {
    return new Health(pains, signs, List.of(), exclusions, allowed, conditions, age);
  }
}
