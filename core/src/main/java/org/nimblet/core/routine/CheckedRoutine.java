package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.routine.Finding.Repair;

/** A routine under the eyes of the rules: its steps, for whom and for what, and its times. */
final class CheckedRoutine {

  private final ExerciseLibrary library;
  private final PurposePlan plan;
  private final RoutineRequest asked;
  private final List<Step> steps;
  private RoutineTime time;
  private Map<Exercise, SideRules.Sides> bySide;

  CheckedRoutine(
      ExerciseLibrary library, PurposePlan plan, RoutineRequest asked, List<Step> steps) {
    this.library = library;
    this.plan = plan;
    this.asked = asked.withPinned(steps.stream().filter(CheckedRoutine::isPlay).toList());
    this.steps = List.copyOf(steps);
  }

  static boolean isPlay(Step step) {
    return step.exercise().kind() == Kind.PLAY;
  }

  ExerciseLibrary library() {
    return library;
  }

  PurposePlan plan() {
    return plan;
  }

  RoutineRequest asked() {
    return asked;
  }

  List<Step> steps() {
    return steps;
  }

  RoutineTime time() {
    if (time == null) {
      time = RoutineTime.of(steps, asked.facts().pace());
    }
    return time;
  }

  Map<Exercise, SideRules.Sides> bySide() {
    if (bySide == null) {
      bySide = SideRules.bySide(this);
    }
    return bySide;
  }

  /** The indices of the steps for which something holds. */
  List<Integer> where(Predicate<Step> holds) {
    List<Integer> found = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      if (holds.test(steps.get(i))) {
        found.add(i);
      }
    }
    return found;
  }

  /** Whether the hands are warm as a step begins. */
  boolean isWarmAt(int step) {
    return asked.around().warmed() || warmingSecondsBefore(step) >= Warmth.WARMING_SECONDS;
  }

  long warmingSecondsBefore(int step) {
    long millis = 0;
    for (int i = 0; i < step; i++) {
      if (Warmth.warms(steps.get(i).exercise())) {
        millis += time().workMillis().get(i);
      }
    }
    return millis / 1000;
  }

  /** The pieces in which order matters: the floor, and everything else. */
  List<List<Integer>> pieces(List<Integer> indices) {
    return List.of(
        indices.stream().filter(i -> steps.get(i).position() == Position.FLOOR).toList(),
        indices.stream().filter(i -> steps.get(i).position() != Position.FLOOR).toList());
  }

  /** The sides of a step on which a gate is closed. */
  Set<Side> closedSides(Step step, Set<Gate> gates) {
    Set<Side> closed = EnumSet.noneOf(Side.class);
    for (Side side : step.sides()) {
      if (isClosed(step.exercise(), side, gates)) {
        closed.add(side);
      }
    }
    return closed;
  }

  /** Whether any of some gates is closed for an exercise on a side. */
  boolean isClosed(Exercise exercise, Side side, Set<Gate> gates) {
    for (Gate gate : gates) {
      if (gate.closed(exercise, side, plan, asked).isPresent()) {
        return true;
      }
    }
    return false;
  }

  /** An exercise as a step at its usual dose, if this person can do it here. */
  Optional<Step> usualStep(Exercise exercise) {
    if (Gate.closedFor(exercise, plan, asked).isPresent()) {
      return Optional.empty();
    }
    Options options = new Options(plan, asked, List.of());
    return options.of(exercise).stream()
        .max(Comparator.comparing(o -> -Math.abs(o.choice().level() - 100)))
        .map(Option::step);
  }

  // ---- repairs

  Repair leaveOut(int step) {
    List<Step> rest = new ArrayList<>(steps);
    rest.remove(step);
    return new Repair("leave it out", rest);
  }

  Repair replace(String words, int step, Step other) {
    List<Step> changed = new ArrayList<>(steps);
    changed.set(step, other);
    return new Repair(words, changed);
  }

  Repair whole(String words, List<Step> changed) {
    return new Repair(words, changed);
  }
}
