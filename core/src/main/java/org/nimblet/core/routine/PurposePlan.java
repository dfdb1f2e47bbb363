package org.nimblet.core.routine;

import static org.nimblet.core.routine.Phase.Order.GENTLE_TO_INTENSE;
import static org.nimblet.core.routine.Phase.Order.LARGE_TO_SMALL;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Phase.Scope;

/**
 * The phases of a purpose and its limits (common practice, no source; shares ours).
 *
 * @param purpose which purpose
 * @param phases in the order they are done; an exercise belongs to one of them at most
 * @param namedFor the kinds without which it would not be that purpose
 * @param heldSecondsPerTissue the most that a tissue is held on each side in the whole routine
 * @param mayTire whether work that tires may stand in it
 * @param stretchesWhatItWorks whether only the tissues that are strengthened are stretched
 * @param followsPlay whether it usually comes straight from play, so that the hands are warm when
 *     it begins
 */
public record PurposePlan(
    Purpose purpose,
    List<Phase> phases,
    Set<Kind> namedFor,
    int heldSecondsPerTissue,
    boolean mayTire,
    boolean stretchesWhatItWorks,
    boolean followsPlay) {

  /**
   * Just before play a tissue is held for 30 s at most: long static holds just before effort cost
   * strength (Behm et al. 2016, from memory).
   */
  static final int HELD_BEFORE_PLAY = 30;

  /** The top of the ladder of holds: four times 30 s a tissue. */
  private static final int HELD_APART_FROM_PLAY = 120;

  private static final int ANY_INTENSITY = 5;
  private static final int MOBILISING = 3;
  private static final int GENTLE = 2;
  private static final int LIGHT = 1;

  private static final Map<Purpose, PurposePlan> ALL = all();

  /** Copies the collections. */
  public PurposePlan {
    phases = List.copyOf(phases);
    namedFor = Set.copyOf(namedFor);
  }

  /** The plan of a purpose. */
  public static PurposePlan of(Purpose purpose) {
    return ALL.get(purpose);
  }

  private static Map<Purpose, PurposePlan> all() {
    Map<Purpose, PurposePlan> all = new EnumMap<>(Purpose.class);
    for (PurposePlan plan :
        List.of(warmUp(), pause(), coolDown(), strength(), independence(), reach(), recovery())) {
      all.put(plan.purpose(), plan);
    }
    return all;
  }

  private static PurposePlan warmUp() {
    return new PurposePlan(
        Purpose.WARM_UP,
        List.of(
            new Phase("heat", Set.of(Kind.HEAT), 8, 20, 2, GENTLE_TO_INTENSE),
            new Phase("mobilise", Set.of(Kind.MOBILISE), 25, 55, MOBILISING, LARGE_TO_SMALL),
            new Phase("gentle stretch", Set.of(Kind.STRETCH), 0, 25, GENTLE, GENTLE_TO_INTENSE),
            new Phase("light release", Set.of(Kind.RELEASE), 0, 10, LIGHT, GENTLE_TO_INTENSE),
            new Phase(
                "activate", Set.of(Kind.ACTIVATE, Kind.INDEPENDENCE), 10, 40, 3, GENTLE_TO_INTENSE),
            new Phase("bridge", Set.of(Kind.BRIDGE), 15, 35, GENTLE, GENTLE_TO_INTENSE)
                .whereThereIsAny()),
        Set.of(Kind.MOBILISE),
        HELD_BEFORE_PLAY,
        false,
        false,
        false);
  }

  private static PurposePlan pause() {
    return new PurposePlan(
        Purpose.BREAK,
        List.of(
            new Phase(
                "arrive", Set.of(Kind.SETTLE), Scope.ARRIVING, 0, 15, GENTLE, GENTLE_TO_INTENSE),
            new Phase("mobilise", Set.of(Kind.MOBILISE), 30, 70, MOBILISING, LARGE_TO_SMALL),
            new Phase("gentle stretch", Set.of(Kind.STRETCH), 0, 50, GENTLE, GENTLE_TO_INTENSE),
            new Phase("light release", Set.of(Kind.RELEASE), 0, 25, LIGHT, GENTLE_TO_INTENSE),
            settle(5, 20)),
        Set.of(Kind.MOBILISE),
        HELD_BEFORE_PLAY,
        false,
        false,
        true);
  }

  private static PurposePlan coolDown() {
    return new PurposePlan(
        Purpose.COOL_DOWN,
        List.of(
            new Phase("heat", Set.of(Kind.HEAT), 0, 10, GENTLE, GENTLE_TO_INTENSE),
            new Phase(
                "mobilise",
                Set.of(Kind.MOBILISE, Kind.INDEPENDENCE),
                5,
                25,
                GENTLE,
                LARGE_TO_SMALL),
            stretch(40, 75),
            release(10, 40),
            settle(2, 10)),
        Set.of(Kind.STRETCH),
        HELD_APART_FROM_PLAY,
        false,
        false,
        true);
  }

  private static PurposePlan strength() {
    return new PurposePlan(
        Purpose.STRENGTH,
        List.of(
            heatAndMobilise(10, 25),
            new Phase(
                "strengthen", Set.of(Kind.STRENGTHEN), 45, 75, ANY_INTENSITY, GENTLE_TO_INTENSE),
            stretch(10, 30),
            settle(2, 10)),
        Set.of(Kind.STRENGTHEN),
        HELD_APART_FROM_PLAY,
        true,
        true,
        false);
  }

  private static PurposePlan independence() {
    return new PurposePlan(
        Purpose.INDEPENDENCE,
        List.of(
            heatAndMobilise(10, 25),
            new Phase(
                "independence",
                Set.of(Kind.INDEPENDENCE),
                60,
                85,
                ANY_INTENSITY,
                GENTLE_TO_INTENSE),
            settle(2, 10)),
        Set.of(Kind.INDEPENDENCE),
        HELD_APART_FROM_PLAY,
        false,
        false,
        false);
  }

  private static PurposePlan reach() {
    return new PurposePlan(
        Purpose.REACH,
        List.of(
            heatAndMobilise(15, 30),
            new Phase(
                "stretch",
                Set.of(Kind.STRETCH),
                Scope.HANDS_AND_FINGERS,
                40,
                70,
                ANY_INTENSITY,
                GENTLE_TO_INTENSE),
            new Phase("bridge", Set.of(Kind.BRIDGE), 0, 25, MOBILISING, GENTLE_TO_INTENSE),
            settle(2, 10)),
        Set.of(Kind.STRETCH),
        HELD_APART_FROM_PLAY,
        false,
        false,
        false);
  }

  private static PurposePlan recovery() {
    return new PurposePlan(
        Purpose.RECOVERY,
        List.of(heatAndMobilise(15, 30), stretch(40, 65), release(15, 35), settle(2, 10)),
        Set.of(Kind.STRETCH),
        HELD_APART_FROM_PLAY,
        false,
        false,
        false);
  }

  private static Phase heatAndMobilise(int least, int greatest) {
    return new Phase(
        "heat and mobilise",
        Set.of(Kind.HEAT, Kind.MOBILISE),
        least,
        greatest,
        MOBILISING,
        LARGE_TO_SMALL);
  }

  private static Phase stretch(int least, int greatest) {
    return new Phase(
        "stretch", Set.of(Kind.STRETCH), least, greatest, ANY_INTENSITY, GENTLE_TO_INTENSE);
  }

  private static Phase release(int least, int greatest) {
    return new Phase(
        "release", Set.of(Kind.RELEASE), least, greatest, ANY_INTENSITY, GENTLE_TO_INTENSE);
  }

  private static Phase settle(int least, int greatest) {
    return new Phase(
        "settle", Set.of(Kind.SETTLE), least, greatest, ANY_INTENSITY, GENTLE_TO_INTENSE);
  }

  /**
   * Whether an exercise may stand in it at all: its kind, its intensity, and whether it may tire.
   */
  public boolean hasPlaceFor(Exercise exercise) {
    return phaseOf(exercise)
            .map(phase -> exercise.demands().intensity() <= phase.greatestIntensity())
            .orElse(false)
        && (mayTire || !exercise.demands().tires());
  }

  /** The phase in which an exercise stands, if the purpose has a place for it. */
  Optional<Phase> phaseOf(Exercise exercise) {
    return phases.stream().filter(phase -> phase.takes(exercise)).findFirst();
  }

  /**
   * Where an exercise stands, as the index of its phase; one without a place follows the last phase
   * whose kinds come before its own.
   */
  int placeOf(Exercise exercise) {
    for (int p = 0; p < phases.size(); p++) {
      if (phases.get(p).takes(exercise)) {
        return p;
      }
    }
    int place = 0;
    for (int p = 0; p < phases.size(); p++) {
      if (phases.get(p).kinds().stream().anyMatch(k -> k.compareTo(exercise.kind()) < 0)) {
        place = p;
      }
    }
    return place;
  }
}
