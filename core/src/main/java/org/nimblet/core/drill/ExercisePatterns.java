package org.nimblet.core.drill;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.FigureView;
import org.nimblet.core.exercise.FingerState;
import org.nimblet.core.exercise.Keyframe;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Pose;
import org.nimblet.core.exercise.TwoHands;

/**
 * Exercises read as patterns: what is drawn of an exercise is what the fingers do, so its poses are
 * the states, unit by unit.
 */
public final class ExercisePatterns {

  private ExercisePatterns() {}

  /** The patterns that an exercise goes through at a dose; empty if its poses are no states. */
  public static List<Pattern> of(Exercise exercise, Dose dose) {
    List<Pattern> patterns = new ArrayList<>();
    for (int unit = 0; unit < dose.units().count(); unit++) {
      pattern(exercise, dose, unit).filter(p -> !patterns.contains(p)).ifPresent(patterns::add);
    }
    return patterns;
  }

  /**
   * How hard its hardest pattern is at its tempo; empty if its poses are no states.
   *
   * @param otherHand whether the non-dominant hand does it alone
   */
  public static Optional<Difficulty> hardest(Exercise exercise, Dose dose, boolean otherHand) {
    return of(exercise, dose).stream()
        .map(pattern -> pattern.difficulty(otherHand, changesAMinute(exercise, dose)))
        .max(Comparator.comparingDouble(Difficulty::total));
  }

  /** A pose is a change: lifting and putting down are one. */
  private static OptionalInt changesAMinute(Exercise exercise, Dose dose) {
    int poses = exercise.figure().posesOf(dose.units(), 0).size();
    return dose.form() instanceof DoseForm.Count count
        ? OptionalInt.of(poses * count.beatsPerMinute() / count.beats())
        : OptionalInt.empty();
  }

  private static Optional<Pattern> pattern(Exercise exercise, Dose dose, int unit) {
    List<Digit> digits = dose.units().digits(unit);
    List<FingerState> first = new ArrayList<>();
    List<FingerState> second = new ArrayList<>();
    for (Keyframe frame : exercise.figure().posesOf(dose.units(), unit)) {
      boolean two = frame instanceof TwoHands;
      state(two ? ((TwoHands) frame).one() : frame, digits).ifPresent(first::add);
      if (two) {
        state(((TwoHands) frame).other(), digits).ifPresent(second::add);
      }
    }
    int frames = exercise.figure().posesOf(dose.units(), unit).size();
    if (exercise.figure().view() == FigureView.LIFT && first.size() == frames) {
      first = downBetween(first);
      frames = first.size();
    }
    if (frames < 2 || first.size() != frames || (isStill(first) && isStill(second))) {
      return Optional.empty();
    }
    if (second.size() == frames) {
      return Optional.of(
          new Pattern(counter(first, second), exercise.figure().contact(), first, second));
    }
    boolean alike = dose.laterality() == Laterality.TOGETHER;
    return Optional.of(
        new Pattern(
            alike ? Together.ALIKE : Together.ONE_HAND,
            exercise.figure().contact(),
            first,
            alike ? first : List.of()));
  }

  /** What is lifted off something is put down again before the next is lifted. */
  private static List<FingerState> downBetween(List<FingerState> lifted) {
    List<FingerState> states = new ArrayList<>();
    for (int i = 0; i < lifted.size(); i++) {
      states.add(lifted.get(i));
      FingerState next = lifted.get((i + 1) % lifted.size());
      if (!lifted.get(i).isRest() && !next.isRest()) {
        states.add(FingerState.REST);
      }
    }
    return states;
  }

  private static boolean isStill(List<FingerState> states) {
    return states.stream().distinct().count() < 2;
  }

  private static Together counter(List<FingerState> first, List<FingerState> second) {
    boolean complement = true;
    boolean reversed = true;
    for (int i = 0; i < first.size(); i++) {
      complement &= FingerStates.complement(first.get(i)).filter(second.get(i)::equals).isPresent();
      reversed &= FingerStates.reversed(first.get(i)).equals(second.get(i));
    }
    return reversed && !complement ? Together.REVERSED : Together.COMPLEMENT;
  }

  /**
   * The state that a pose shows. A lifted finger counts as a bent one: what matters is which
   * fingers leave the others.
   */
  private static Optional<FingerState> state(Keyframe frame, List<Digit> unit) {
    if (frame instanceof FingerState state) {
      return Optional.of(state);
    }
    return frame instanceof Pose pose ? state(pose, unit) : Optional.empty();
  }

  private static Optional<FingerState> state(Pose pose, List<Digit> unit) {
    return switch (pose) {
      case FLAT, CLOSED, RELAXED, FINGERTIPS_TOGETHER, INTERLACED -> Optional.of(FingerState.REST);
      case LOOSE_FIST, FIST -> Optional.of(bent(Digit.FINGERS));
      case FINGERS_PARTED, INTERLACED_RAISED ->
          unit.isEmpty() ? Optional.empty() : Optional.of(bent(unit));
      default -> named(pose);
    };
  }

  private static Optional<FingerState> named(Pose pose) {
    List<String> words = Arrays.asList(pose.name().split("_"));
    List<Digit> digits =
        Arrays.stream(Digit.values()).filter(digit -> words.contains(digit.name())).toList();
    if (digits.size() != words.size() - 1) {
      return Optional.empty();
    }
    return switch (words.get(0)) {
      case "CURL", "LIFT" -> Optional.of(bent(digits));
      case "OUT" ->
          Optional.of(bent(Digit.FINGERS.stream().filter(d -> !digits.contains(d)).toList()));
      case "GAP" -> gap(digits);
      default -> Optional.empty();
    };
  }

  /** The thumb has no state of its own. */
  private static FingerState bent(List<Digit> digits) {
    return new FingerState(digits.stream().filter(Digit.FINGERS::contains).toList(), List.of());
  }

  private static Optional<FingerState> gap(List<Digit> digits) {
    if (digits.size() != 2) {
      return Optional.empty();
    }
    DigitPair pair = new DigitPair(digits.get(0), digits.get(1));
    return FingerState.GAPS.contains(pair)
        ? Optional.of(new FingerState(List.of(), List.of(pair)))
        : Optional.empty();
  }
}
