package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.routine.Finding.Repair;

/** Both sides are served, about alike. */
final class SideRules {

  /** One side may get at most half as much again as the other (ours). */
  private static final double GREATEST_BIAS = 1.5;

  private SideRules() {}

  static List<Finding> oneSideOnly(CheckedRoutine routine) {
    List<Finding> findings = new ArrayList<>();
    routine
        .bySide()
        .forEach(
            (exercise, seconds) -> {
              double left = seconds.left();
              double right = seconds.right();
              if (left == 0 || right == 0) {
                Side other = left == 0 ? Side.LEFT : Side.RIGHT;
                findings.add(
                    new Finding(
                        RoutineRule.ONE_SIDE_ONLY,
                        "%s serves the %s side alone; the %s is asked for as well."
                            .formatted(exercise.title(), other.other().word(), other.word()),
                        seconds.steps(),
                        () -> bothAlike(routine, seconds.steps(), "add the " + other.word())));
              }
            });
    return findings;
  }

  static List<Finding> bias(CheckedRoutine routine) {
    List<Finding> findings = new ArrayList<>();
    routine
        .bySide()
        .forEach(
            (exercise, seconds) -> {
              double less = Math.min(seconds.left(), seconds.right());
              double more = Math.max(seconds.left(), seconds.right());
              if (less > 0 && more > GREATEST_BIAS * less) {
                Side greater = seconds.left() > seconds.right() ? Side.LEFT : Side.RIGHT;
                findings.add(
                    new Finding(
                        RoutineRule.SIDE_BIAS_TOO_LARGE,
                        "%s works the %s for %.0f s and the %s for %.0f s; more than 1.5 to 1."
                            .formatted(
                                exercise.title(),
                                greater.word(),
                                more,
                                greater.other().word(),
                                less),
                        seconds.steps(),
                        () -> bothAlike(routine, seconds.steps(), "both sides alike")));
              }
            });
    return findings;
  }

  /** A dose of which neither side does too much more: as it is, or what the lesser side does. */
  static Dose evened(Dose dose, Pace pace) {
    double left = seconds(dose, Side.LEFT, pace);
    double right = seconds(dose, Side.RIGHT, pace);
    return Math.max(left, right) > GREATEST_BIAS * Math.min(left, right)
        ? dose.on(left < right ? Side.LEFT : Side.RIGHT)
        : dose;
  }

  /** Seconds that each side works, in some steps. */
  record Sides(List<Integer> steps, double left, double right) {}

  /** Seconds of work on each side for every exercise that both sides should do. */
  static Map<Exercise, Sides> bySide(CheckedRoutine routine) {
    Map<Exercise, Sides> seconds = new LinkedHashMap<>();
    Pace pace = routine.asked().facts().pace();
    for (int i = 0; i < routine.steps().size(); i++) {
      Step step = routine.steps().get(i);
      if (!bothAsked(routine, step)) {
        continue;
      }
      Sides before = seconds.getOrDefault(step.exercise(), new Sides(List.of(), 0, 0));
      List<Integer> steps = new ArrayList<>(before.steps());
      steps.add(i);
      seconds.put(
          step.exercise(),
          new Sides(
              steps,
              before.left() + seconds(step, Side.LEFT, pace),
              before.right() + seconds(step, Side.RIGHT, pace)));
    }
    return seconds;
  }

  /** Neither work of the working side alone, nor where a side is left out for good reasons. */
  private static boolean bothAsked(CheckedRoutine routine, Step step) {
    Laterality usual =
        step.exercise().doseFor(routine.asked().facts().method()).usual().laterality();
    return usual != Laterality.WORKING_SIDE
        && !routine.isClosed(step.exercise(), Side.LEFT, Gate.OF_THE_PERSON)
        && !routine.isClosed(step.exercise(), Side.RIGHT, Gate.OF_THE_PERSON);
  }

  private static double seconds(Step step, Side side, Pace pace) {
    return step.sides().contains(side) ? seconds(step.dose(), side, pace) : 0;
  }

  private static double seconds(Dose dose, Side side, Pace pace) {
    Dose own = dose.on(side);
    return own.form()
        .repetitionSeconds(pace)
        .multiply(own.repetitions() * own.sets() * own.units().count())
        .doubleValue();
  }

  /** The first step does both sides alike, and stands for all. */
  private static Repair bothAlike(CheckedRoutine routine, List<Integer> steps, String words) {
    List<Step> changed = new ArrayList<>(routine.steps());
    Step first = changed.get(steps.get(0));
    Laterality usual =
        first.exercise().doseFor(routine.asked().facts().method()).usual().laterality();
    changed.set(steps.get(0), first.withDose(first.dose().withLaterality(usual)));
    for (int i = steps.size() - 1; i > 0; i--) {
      changed.remove((int) steps.get(i));
    }
    return routine.whole(words, changed);
  }
}
