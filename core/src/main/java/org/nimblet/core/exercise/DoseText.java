package org.nimblet.core.exercise;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose.SideException;

/**
 * Doses as people write them: "3 × 12 each hand", "20 s × 3 each side", "5 breaths, palm up then
 * palm down", "1 min @ 60 bpm 1-2-3-4-3-2-1".
 *
 * <p>A dose is written beside the usual one of its exercise: tempo and rest are left out where they
 * are as usual, and what a typed dose does not say is taken from there. Reading back what was
 * written gives the same dose.
 */
public final class DoseText {

  private static final Dose BESIDE_NOTHING =
      new Dose(new DoseForm.Hold(15), 1, 1, Laterality.EACH, Units.WHOLE, 0);

  private final Dose usual;
  private final Notation notation;
  private final Ways ways;
  private final DoseWords words;

  /**
   * The language of one exercise and one person.
   *
   * @param usual the exercise's usual dose
   * @param notation how the person writes fingers
   * @param ways what its ways are called
   */
  public DoseText(Dose usual, Notation notation, Ways ways) {
    this.usual = usual;
    this.notation = notation;
    this.ways = ways;
    this.words = new DoseWords(usual, notation, ways);
  }

  /** The language in which a dose says everything of itself, beside no exercise. */
  public static DoseText complete(Notation notation, Ways ways) {
    return new DoseText(BESIDE_NOTHING, notation, ways);
  }

  // ---- writing

  /**
   * The dose for people, naming the side where only one does it.
   *
   * @param side the side that does it, or goes first
   */
  public String format(Dose dose, Side side) {
    return switch (dose.laterality()) {
      case ONE_SIDE -> words.format(dose, onlyWords(side));
      case WORKING_SIDE -> words.format(dose, workingWords(side));
      case EACH, IN_TURN, TOGETHER, ALTERNATING -> format(dose);
    };
  }

  static String onlyWords(Side side) {
    return side.word() + " side only";
  }

  static String workingWords(Side side) {
    return side.word() + " working side";
  }

  /** The side that a text names where only one side does it; empty if it names none. */
  public static Optional<Side> sideOf(String text) {
    String lower = DoseSpelling.plain(text.toLowerCase(Locale.ROOT));
    return Arrays.stream(Side.values())
        .filter(
            side ->
                lower.contains(onlyWords(side))
                    || lower.contains(workingWords(side))
                    || lower.contains(side.word() + " only"))
        .findFirst();
  }

  /** The dose for people. */
  public String format(Dose dose) {
    return words.format(dose, DoseWords.sidesWords(dose));
  }

  // ---- reading

  /**
   * Reads a dose; what it does not say is as usual.
   *
   * @throws IllegalArgumentException naming what could not be read and what can be written
   */
  public Dose parse(String text) {
    String[] parts = text.toLowerCase(Locale.ROOT).strip().split(";", -1);
    if (parts.length > 2) {
      throw new IllegalArgumentException(
          "dose (%s) must name at most one side that differs".formatted(text));
    }
    DoseReading reading = reading(DoseSpelling.plain(parts[0]));
    Dose dose = reading.dose();
    reading.finish();
    if (parts.length == 1) {
      return dose.withException(Optional.empty());
    }
    String other = DoseSpelling.plain(parts[1]);
    Side side =
        other.startsWith("left")
            ? Side.LEFT
            : other.startsWith("right") ? Side.RIGHT : failSide(other);
    DoseReading differing = reading(other.substring(side.word().length()));
    DoseReading.Work work = differing.work(new DoseReading.Work(dose.form(), 1, 1));
    differing.finish();
    return dose.withException(
        Optional.of(new SideException(side, work.form(), work.repetitions(), work.sets())));
  }

  private DoseReading reading(String text) {
    return new DoseReading(text, usual, notation, ways, words);
  }

  private static Side failSide(String given) {
    throw new IllegalArgumentException("side (%s) must begin with left or right".formatted(given));
  }
}
