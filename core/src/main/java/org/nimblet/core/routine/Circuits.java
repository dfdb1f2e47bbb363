package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.Exercise;

/**
 * Circuits: two or three stations of which one set each is done in turn, round by round, so that
 * the sets of the others are the rest. In a routine they are steps of one set that follow each
 * other with the same number.
 */
public final class Circuits {

  /** More than this is a training hall (ours). */
  public static final int MOST_STATIONS = 3;

  private static final int USUAL_ROUNDS = 2;
  private static final long SECOND = 1000;

  private Circuits() {}

  /**
   * A circuit in a routine.
   *
   * @param from the place of its first step
   * @param until the place after its last one
   * @param stations its exercises, in turn
   */
  public record Circuit(int from, int until, List<Exercise> stations) {
    /** Copies the list. */
    public Circuit {
      stations = List.copyOf(stations);
    }

    /** How often all stations are gone through, the last round perhaps not to its end. */
    public int rounds() {
      return -Math.floorDiv(from - until, stations.size());
    }

    /** For people: "circuit, 2 rounds". */
    public String words() {
      return "circuit, " + (rounds() == 1 ? "once" : rounds() + " rounds");
    }
  }

  /** All circuits of a routine. */
  public static List<Circuit> of(List<Step> steps) {
    List<Circuit> found = new ArrayList<>();
    for (int i = 0; i < steps.size(); ) {
      int until = i + 1;
      int number = steps.get(i).circuit();
      while (number > 0 && until < steps.size() && steps.get(until).circuit() == number) {
        until++;
      }
      if (number > 0) {
        found.add(
            new Circuit(
                i,
                until,
                steps.subList(i, until).stream().map(Step::exercise).distinct().toList()));
      }
      i = until;
    }
    return found;
  }

  /** The circuit in which a step stands, if it does. */
  public static Optional<Circuit> at(List<Step> steps, int index) {
    return of(steps).stream().filter(c -> c.from() <= index && index < c.until()).findFirst();
  }

  /**
   * Which station a step is and in which round: "A, round 1 of 2"; empty if it stands by itself.
   */
  public static Optional<String> label(List<Step> steps, int index) {
    return at(steps, index)
        .map(
            circuit -> {
              Exercise own = steps.get(index).exercise();
              int round =
                  (int)
                      steps.subList(circuit.from(), index + 1).stream()
                          .filter(step -> step.exercise().equals(own))
                          .count();
              return "%s, round %d of %d"
                  .formatted(letter(circuit.stations().indexOf(own)), round, circuit.rounds());
            });
  }

  private static String letter(int station) {
    return String.valueOf((char) ('A' + station));
  }

  // ---- rest

  /**
   * The rest that a station still wants before its next set, in milliseconds: its own, less the
   * sets of the others since its last one.
   *
   * @param index the step
   * @param endMillis where each step before it ends
   * @param setUpSeconds what is prepared before it, which is rest as well
   */
  static long restMillis(List<Step> steps, int index, List<Long> endMillis, int setUpSeconds) {
    Step step = steps.get(index);
    if (step.circuit() == 0) {
      return 0;
    }
    int last = index - 1;
    while (last >= 0 && steps.get(last).circuit() == step.circuit()) {
      if (steps.get(last).exercise().equals(step.exercise())) {
        long wanted =
            step.exercise().doseFor(step.exercise().usualMethod()).usual().restSeconds() * SECOND;
        long rested = endMillis.get(index - 1) - endMillis.get(last) + setUpSeconds * SECOND;
        return Math.max(0, wanted - rested);
      }
      last--;
    }
    return 0;
  }

  // ---- making and taking apart

  /**
   * A routine in which a step and the one after it are done in turn; one that stands before or
   * after a circuit joins it.
   *
   * @param index the earlier of the two
   * @throws IllegalArgumentException if there is none after it, or there would be too many stations
   */
  public static List<Step> inTurn(List<Step> steps, int index) {
    if (index < 0 || index + 1 >= steps.size()) {
      throw new IllegalArgumentException(
          "step (%d) must have one after it, to be done in turn with it".formatted(index + 1));
    }
    Circuit before = at(steps, index).orElseGet(() -> alone(steps, index));
    Circuit after = at(steps, index + 1).orElseGet(() -> alone(steps, index + 1));
    if (before.from() == after.from()) {
      return List.copyOf(steps);
    }
    List<Step> stations = new ArrayList<>(stations(steps, before));
    stations.addAll(stations(steps, after));
    if (stations.size() > MOST_STATIONS) {
      throw new IllegalArgumentException(
          "stations (%d) must be 2 to %d".formatted(stations.size(), MOST_STATIONS));
    }
    int rounds = Math.max(rounds(steps, before), rounds(steps, after));
    int number = 1 + steps.stream().mapToInt(Step::circuit).max().orElse(0);
    List<Step> all = new ArrayList<>(steps.subList(0, before.from()));
    for (int round = 0; round < Math.max(USUAL_ROUNDS, rounds); round++) {
      stations.forEach(station -> all.add(ofOneSet(station).inCircuit(number)));
    }
    all.addAll(steps.subList(after.until(), steps.size()));
    return all;
  }

  /** A routine in which the stations of the circuit at a step stand by themselves again. */
  public static List<Step> apart(List<Step> steps, int index) {
    Optional<Circuit> circuit = at(steps, index);
    if (circuit.isEmpty()) {
      return List.copyOf(steps);
    }
    List<Step> all = new ArrayList<>(steps.subList(0, circuit.get().from()));
    for (Step station : stations(steps, circuit.get())) {
      Dose dose = station.dose();
      int rounds = circuit.get().rounds();
      all.add(
          station
              .withDose(
                  repeatsAreRounds(dose)
                      ? dose.withRepetitions(rounds, 1)
                      : dose.withRepetitions(dose.repetitions(), rounds))
              .inCircuit(0));
    }
    all.addAll(steps.subList(circuit.get().until(), steps.size()));
    return all;
  }

  private static Circuit alone(List<Step> steps, int index) {
    return new Circuit(index, index + 1, List.of(steps.get(index).exercise()));
  }

  /** The first step of each station. */
  private static List<Step> stations(List<Step> steps, Circuit circuit) {
    return circuit.stations().stream()
        .map(
            exercise ->
                steps.subList(circuit.from(), circuit.until()).stream()
                    .filter(step -> step.exercise().equals(exercise))
                    .findFirst()
                    .orElseThrow())
        .toList();
  }

  private static int rounds(List<Step> steps, Circuit circuit) {
    if (circuit.until() - circuit.from() > 1) {
      return circuit.rounds();
    }
    Dose dose = steps.get(circuit.from()).dose();
    return repeatsAreRounds(dose) ? dose.repetitions() : dose.sets();
  }

  private static Step ofOneSet(Step station) {
    Dose dose = station.dose();
    return station.withDose(
        dose.withRepetitions(repeatsAreRounds(dose) ? 1 : dose.repetitions(), 1));
  }

  /** "45 s × 2" is done twice over as two sets are; what rests between is a set already. */
  private static boolean repeatsAreRounds(Dose dose) {
    return dose.sets() == 1
        && dose.restSeconds() == 0
        && (dose.form().isStatic() || dose.form() instanceof DoseForm.Timed);
  }
}
