package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Recovery;
import org.nimblet.core.exercise.Use;

/**
 * What comes again and again in a programme, for one person: what it uses, and what keeps it out.
 *
 * @param purpose what it is for
 * @param heavy whether it is heavy strengthening
 * @param library what there is
 * @param facts whom it is for
 * @param use what their hands do
 */
public record LineOfWork(
    Purpose purpose, boolean heavy, ExerciseLibrary library, ClientFacts facts, HandUse use) {

  private static final Set<Gate> OF_THE_PLACE = EnumSet.of(Gate.POSITION, Gate.THING);

  /** A region counts as used by the line when half of what it is made of uses it (ours). */
  private static final int SHARE_PERCENT = 50;

  /**
   * The regions that this work loads, or works where nothing is loaded: a sore shoulder does not
   * slow a finger trainer.
   */
  public Set<Region> regions() {
    List<Exercise> candidates = candidates();
    Use least = PurposePlan.of(purpose).mayTire() ? Use.LOADS : Use.WORKS;
    Map<Region, Integer> counts = new EnumMap<>(Region.class);
    List<Exercise> ofTheHands =
        candidates.stream()
            .filter(
                e -> e.uses().acting(least).stream().anyMatch(r -> r.area().contains(Region.PALM)))
            .toList();
    List<Exercise> counted = ofTheHands.isEmpty() ? candidates : ofTheHands;
    counted.forEach(e -> e.uses().acting(least).forEach(r -> counts.merge(r, 1, Integer::sum)));
    Set<Region> regions = EnumSet.noneOf(Region.class);
    counts.forEach(
        (region, count) -> {
          if (count * 100 >= SHARE_PERCENT * counted.size()) {
            regions.add(region);
          }
        });
    return regions;
  }

  /** What the pain of these regions asks for, on whichever side it is worst. */
  public PainDose dose() {
    return PainDose.strictest(pains());
  }

  /** The pains of these regions. */
  public List<Pain> pains() {
    Set<Region> regions = regions();
    return facts.health().pains().stream()
        .filter(pain -> pain.level() > 0 && regions.contains(pain.region()))
        .toList();
  }

  /** Why none of it may be done as things stand, as one sentence; empty if some of it may. */
  public Optional<String> forbidden() {
    PurposePlan plan = PurposePlan.of(purpose);
    RoutineRequest person = RoutineRequest.ofThePerson(facts, use);
    Map<String, Long> reasons = new TreeMap<>();
    List<Exercise> candidates = candidates();
    if (candidates.isEmpty()) {
      return Optional.of("Nothing for it can be done in these positions with what is at hand.");
    }
    for (Exercise exercise : candidates) {
      Optional<Rejection.Reason> reason = Gate.closedFor(exercise, Gate.OF_SAFETY, plan, person);
      if (reason.isEmpty()) {
        return Optional.empty();
      }
      reasons.merge(reason.get().sentence(exercise), 1L, Long::sum);
    }
    return reasons.entrySet().stream()
        .max(Comparator.comparingLong(Map.Entry::getValue))
        .map(Map.Entry::getKey);
  }

  /**
   * What of it waits although some may be done, a sentence each: signs that stand, sessions that
   * were stopped today, conditions and age.
   */
  public List<String> limits() {
    PurposePlan plan = PurposePlan.of(purpose);
    RoutineRequest person = RoutineRequest.ofThePerson(facts, use);
    List<String> sentences = new ArrayList<>();
    for (Exercise exercise : candidates()) {
      for (Gate gate : EnumSet.of(Gate.SIGN, Gate.CONDITION)) {
        Arrays.stream(Side.values())
            .flatMap(side -> gate.closed(exercise, side, plan, person).stream())
            .map(reason -> reason.sentence(exercise))
            .filter(sentence -> !sentences.contains(sentence))
            .forEach(sentences::add);
      }
    }
    return sentences;
  }

  /**
   * What the purpose is named for, this person's hands are for and they have the things for: of the
   * weight that is wanted or, where they can do nothing of that, of any.
   */
  private List<Exercise> candidates() {
    PurposePlan plan = PurposePlan.of(purpose);
    RoutineRequest person = RoutineRequest.ofThePerson(facts, use);
    List<Exercise> possible =
        library.exercises().stream()
            .filter(exercise -> plan.namedFor().contains(exercise.kind()))
            .filter(plan::hasPlaceFor)
            .filter(exercise -> !exercise.demands().coachOnly())
            .filter(exercise -> exercise.suits(use.disciplines()) && use.hasRoleFor(exercise))
            .filter(exercise -> Gate.closedFor(exercise, OF_THE_PLACE, plan, person).isEmpty())
            .toList();
    List<Exercise> ofThisWeight =
        possible.stream()
            .filter(
                exercise ->
                    exercise.kind() != Kind.STRENGTHEN
                        || heavy == (exercise.demands().recovery() == Recovery.REST_DAY))
            .toList();
    return ofThisWeight.isEmpty() ? possible : ofThisWeight;
  }
}
