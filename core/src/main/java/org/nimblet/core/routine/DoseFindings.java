package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.routine.DoseRules.Wrong;
import org.nimblet.core.routine.Finding.Repair;

/** Steps whose dose is wrong. */
final class DoseFindings {

  private DoseFindings() {}

  static List<Finding> bounds(CheckedRoutine routine) {
    return each(routine, RoutineRule.DOSE_OUT_OF_BOUNDS, DoseRules::bounds);
  }

  static List<Finding> bentWrist(CheckedRoutine routine) {
    return each(routine, RoutineRule.BENT_WRIST_TOO_LONG, DoseRules::bentWrist);
  }

  static List<Finding> loadStep(CheckedRoutine routine) {
    return each(routine, RoutineRule.LOAD_STEP_TOO_BIG, DoseRules::loadStep);
  }

  static List<Finding> loadAndRepetitions(CheckedRoutine routine) {
    return each(routine, RoutineRule.LOAD_AND_REPS_TOGETHER, DoseRules::loadAndRepetitions);
  }

  static List<Finding> tempo(CheckedRoutine routine) {
    return each(routine, RoutineRule.TEMPO_OVER_EVENNESS, DoseRules::tempo);
  }

  static List<Finding> each(
      CheckedRoutine routine,
      RoutineRule rule,
      BiFunction<Step, RoutineRequest, Optional<Wrong>> check) {
    List<Finding> findings = new ArrayList<>();
    for (int i = 0; i < routine.steps().size(); i++) {
      int index = i;
      Step step = routine.steps().get(i);
      check
          .apply(step, routine.asked())
          .ifPresent(
              wrong ->
                  findings.add(
                      new Finding(
                          rule,
                          wrong.sentence(),
                          List.of(index),
                          () ->
                              wrong
                                  .right()
                                  .map(d -> routine.replace(wrong.words(), index, step.withDose(d)))
                                  .orElseGet(() -> routine.leaveOut(index)))));
    }
    return findings;
  }

  static List<Finding> volume(CheckedRoutine routine) {
    Map<Exercise, List<Integer>> steps = new LinkedHashMap<>();
    for (int i = 0; i < routine.steps().size(); i++) {
      steps.computeIfAbsent(routine.steps().get(i).exercise(), e -> new ArrayList<>()).add(i);
    }
    List<Finding> findings = new ArrayList<>();
    steps.forEach(
        (exercise, indices) ->
            DoseRules.volumeOver(exercise, millis(routine, indices), routine.asked())
                .ifPresent(
                    sentence ->
                        findings.add(
                            new Finding(
                                RoutineRule.WEEKLY_VOLUME_JUMP,
                                sentence,
                                indices,
                                () -> less(routine, indices)))));
    return findings;
  }

  private static long millis(CheckedRoutine routine, List<Integer> indices) {
    return indices.stream().mapToLong(i -> routine.time().workMillis().get(i)).sum();
  }

  /** The last of the steps at a lower level, or left out. */
  private static Repair less(CheckedRoutine routine, List<Integer> indices) {
    int last = indices.get(indices.size() - 1);
    Step step = routine.steps().get(last);
    return TimeRules.lowered(step, routine.asked())
        .map(lower -> routine.replace("a smaller dose", last, lower))
        .orElseGet(() -> routine.leaveOut(last));
  }
}
