package org.nimblet.core.routine;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Guidance;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;

/**
 * An exercise with a dose, in a routine.
 *
 * @param exercise what is done
 * @param dose how much of it
 * @param position in which position it is done
 * @param firstSide the side that goes first; the working side if only that works
 * @param standIns what is taken instead of a thing that is not at hand, by that thing
 * @param released whether a long hold in it ends with a short release
 * @param digits the digits that work where the activity decides it; empty where it does not
 * @param circuit the number of the circuit in which it is a set, 0 if it stands by itself; see
 *     {@link Circuits}
 */
public record Step(
    Exercise exercise,
    Dose dose,
    Position position,
    Side firstSide,
    Map<Thing, Substitution> standIns,
    boolean released,
    Set<Digit> digits,
    int circuit) {

  /**
   * Copies the collections.
   *
   * @throws IllegalArgumentException if the circuit is below 0
   */
  public Step {
    standIns = Map.copyOf(standIns);
    digits = Set.copyOf(digits);
    if (circuit < 0) {
      throw new IllegalArgumentException("circuit (%d) must be 0 or more".formatted(circuit));
    }
  }

  /** A step that stands by itself. */
  public Step(
      Exercise exercise,
      Dose dose,
      Position position,
      Side firstSide,
      Map<Thing, Substitution> standIns,
      boolean released,
      Set<Digit> digits) {
    this(exercise, dose, position, firstSide, standIns, released, digits, 0);
  }

  /** A step with the things that the exercise names. */
  public Step(Exercise exercise, Dose dose, Position position, Side firstSide) {
    this(exercise, dose, position, firstSide, Map.of(), true, Set.of());
  }

  /** The things that have to be at hand, stand-ins included. */
  public Set<Thing> things() {
    Set<Thing> things = new TreeSet<>();
    for (Thing thing : exercise.demands().things()) {
      Substitution standIn = standIns.get(thing);
      things.add(standIn == null ? thing : standIn.standIn());
    }
    things.removeIf(Thing::partOfTheBody);
    return things;
  }

  /** How to get ready, with what stands for what. */
  public String setUp() {
    String instead =
        standIns.values().stream()
            .sorted(java.util.Comparator.comparing(Substitution::wanted))
            .map(s -> " With %s: %s".formatted(s.standIn().word(), s.words()))
            .collect(Collectors.joining());
    return exercise.guidance().setUp() + instead;
  }

  /** What to do, in short steps, with the digits that work. */
  public List<String> action() {
    return exercise.guidance().action().stream().map(this::named).toList();
  }

  private String named(String words) {
    return words.replace(Guidance.DIGITS_OF_ACTIVITY, digitWords());
  }

  /** "index finger", "index and middle finger". */
  private String digitWords() {
    return digits.isEmpty()
        ? Guidance.ANY_DIGITS
        : digits.stream().sorted().map(Digit::shortWord).collect(Collectors.joining(" and "))
            + " finger";
  }

  /** The digits that are drawn at work. */
  public Set<Digit> workedDigits() {
    return digits.isEmpty() ? exercise.figure().worked() : digits;
  }

  /** The dose for people, in a person's notation; where one side does it, it says which. */
  public String doseWords(Method method, Notation notation) {
    return exercise.doseText(method, notation).format(dose, firstSide);
  }

  /** The sides that work in it. */
  public Set<Side> sides() {
    return switch (dose.laterality()) {
      case EACH, IN_TURN, TOGETHER, ALTERNATING -> EnumSet.allOf(Side.class);
      case WORKING_SIDE, ONE_SIDE -> EnumSet.of(firstSide);
    };
  }

  /** Whether it ends with a short release. */
  public boolean hasRelease(Pace pace) {
    return released && StepTime.hasRelease(dose, pace);
  }

  /** The same step as a set of a circuit, or by itself. */
  public Step inCircuit(int number) {
    return new Step(exercise, dose, position, firstSide, standIns, released, digits, number);
  }

  /** The same step with another dose. */
  public Step withDose(Dose other) {
    return new Step(exercise, other, position, firstSide, standIns, released, digits, circuit);
  }

  /**
   * The step at the dose of the rung on which somebody stands, on the same sides; as it is where
   * they stand on none, never moved from where they began, or do it in another form.
   */
  public Step onRung(Recent recent) {
    RungDose rung = recent.rungs().get(exercise.id());
    if (rung == null || !rung.moved() || rung.dose().form().getClass() != dose.form().getClass()) {
      return this;
    }
    return withDose(
        rung.dose().laterality() == dose.laterality()
            ? SideRules.evened(rung.dose(), Pace.USUAL)
            : rung.dose().withLaterality(dose.laterality()));
  }

  /** The same step on the sides on which it is usually done, alike on both. */
  public Step onUsualSides(Method liked) {
    return withDose(dose.withLaterality(exercise.doseFor(liked).usual().laterality()));
  }

  /** The same step on one side alone. */
  public Step on(Side side) {
    return new Step(
        exercise,
        dose.withLaterality(Laterality.ONE_SIDE),
        position,
        side,
        standIns,
        released,
        digits,
        circuit);
  }

  /** The same step in another position. */
  Step in(Position other) {
    return new Step(exercise, dose, other, firstSide, standIns, released, digits, circuit);
  }

  /** The same step with other stand-ins. */
  Step with(Map<Thing, Substitution> other) {
    return new Step(exercise, dose, position, firstSide, other, released, digits, circuit);
  }

  /** The same step with or without a release. */
  Step withRelease(boolean wanted) {
    return new Step(exercise, dose, position, firstSide, standIns, wanted, digits, circuit);
  }
}
