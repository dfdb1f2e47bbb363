package org.nimblet.core.routine;

import static org.nimblet.core.routine.Phase.Order.GENTLE_TO_INTENSE;
import static org.nimblet.core.routine.Phase.Order.LARGE_TO_SMALL;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;

/**
 * The phases of a purpose and its limits (common practice, no source; shares ours).
 *
 * @param purpose which purpose
 * @param phases in the order they are done; a kind belongs to one of them
 * @param namedFor the kinds without which it would not be that purpose
 * @param heldSecondsPerTissue the most that a tissue is held on each side in the whole routine
 */
public record PurposePlan(
    Purpose purpose, List<Phase> phases, Set<Kind> namedFor, int heldSecondsPerTissue) {

  /**
   * A warm-up: gentle stretches of at most 30 s a tissue (long static holds just before effort cost
   * strength: Behm et al. 2016, from memory), nothing that tires.
   */
  public static final PurposePlan WARM_UP =
      new PurposePlan(
          Purpose.WARM_UP,
          List.of(
              new Phase("heat", Set.of(Kind.HEAT), 8, 20, 2, GENTLE_TO_INTENSE),
              new Phase("mobilise", Set.of(Kind.MOBILISE), 25, 55, 3, LARGE_TO_SMALL),
              new Phase("gentle stretch", Set.of(Kind.STRETCH), 0, 25, 2, GENTLE_TO_INTENSE),
              new Phase("light release", Set.of(Kind.RELEASE), 0, 10, 1, GENTLE_TO_INTENSE),
              new Phase(
                  "activate",
                  Set.of(Kind.ACTIVATE, Kind.INDEPENDENCE),
                  10,
                  40,
                  3,
                  GENTLE_TO_INTENSE),
              new Phase("bridge", Set.of(Kind.BRIDGE), 0, 30, 2, GENTLE_TO_INTENSE)),
          Set.of(Kind.MOBILISE),
          30);

  /** Copies the collections. */
  public PurposePlan {
    phases = List.copyOf(phases);
    namedFor = Set.copyOf(namedFor);
  }

  /**
   * Whether an exercise may stand in it at all: its kind, its intensity, and that it does not tire.
   */
  public boolean hasPlaceFor(Exercise exercise) {
    return phaseOf(exercise.kind())
            .map(phase -> exercise.demands().intensity() <= phase.greatestIntensity())
            .orElse(false)
        && !exercise.demands().tires();
  }

  /** The phase in which a kind stands, if the purpose has a place for it. */
  Optional<Phase> phaseOf(Kind kind) {
    return phases.stream().filter(phase -> phase.kinds().contains(kind)).findFirst();
  }
}
