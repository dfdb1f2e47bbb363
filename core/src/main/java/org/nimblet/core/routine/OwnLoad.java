package org.nimblet.core.routine;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Load;
import org.nimblet.core.exercise.OwnedLoads;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;

/** The load that a person really takes for an exercise. */
public final class OwnLoad {

  /** A weight counts as light up to here: 0.5 to 1 kg (common practice, no source). */
  private static final int LIGHT_GRAMS = 1000;

  private OwnLoad() {}

  /** Whether there is a load to begin with, or none is needed. */
  static boolean exists(Exercise exercise, RoutineRequest asked) {
    Dose usual = exercise.doseFor(asked.facts().method()).usual();
    return of(exercise, usual, asked).isPresent();
  }

  static Rejection.NoLoad whyNone(Exercise exercise, RoutineRequest asked) {
    Dose usual = exercise.doseFor(asked.facts().method()).usual();
    IntStream owned = owned(exercise, asked.facts()).stream().mapToInt(Load::grams);
    OptionalInt lightest = owned.min();
    return new Rejection.NoLoad(usual.load().orElseThrow().grams(), lightest);
  }

  /**
   * A dose with a load that exists: the one of last time, else the heaviest that is no more than
   * was last taken, or than is usual; to begin with, the lightest if that is light. Empty if there
   * is none.
   */
  static Optional<Dose> of(Exercise exercise, Dose dose, RoutineRequest asked) {
    Optional<Load> wanted = dose.load();
    if (wanted.filter(Load.Weight.class::isInstance).isEmpty()) {
      return Optional.of(dose);
    }
    Optional<Load> last =
        Optional.ofNullable(asked.recent().lastDoses().get(exercise.id())).flatMap(Dose::load);
    int most = last.or(() -> wanted).orElseThrow().grams();
    List<Load> owned = owned(exercise, asked.facts());
    return owned.stream()
        .filter(load -> load.grams() <= most)
        .max(Comparator.comparingInt(Load::grams))
        .or(
            () ->
                owned.stream()
                    .min(Comparator.comparingInt(Load::grams))
                    .filter(load -> load.grams() <= LIGHT_GRAMS))
        .map(dose::withLoad);
  }

  /** The loads that a person owns for an exercise, the lightest first. */
  static List<Load> owned(Exercise exercise, ClientFacts facts) {
    return owned(exercise, facts.things(), facts.weightGrams());
  }

  /** The loads that somebody who has these things and weights owns for an exercise. */
  public static List<Load> owned(Exercise exercise, Set<Thing> things, List<Integer> weightsGrams) {
    Map<Thing, Substitution> standIns =
        Substitution.resolve(exercise.demands().things(), things).orElse(Map.of());
    Thing inTheHand =
        Optional.ofNullable(standIns.get(Thing.LIGHT_WEIGHT))
            .map(Substitution::standIn)
            .orElse(Thing.LIGHT_WEIGHT);
    return OwnedLoads.of(inTheHand, weightsGrams);
  }
}
