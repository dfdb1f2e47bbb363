package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;

/**
 * Where the steps of a routine lie in time, without writing its cues; the same as in its cue sheet.
 *
 * @param starts where each step starts, set-up included, in milliseconds
 * @param workMillis how long each step takes without its set-up
 * @param lengthMillis the length of the whole
 */
record RoutineTime(List<Long> starts, List<Long> workMillis, long lengthMillis) {

  RoutineTime {
    starts = List.copyOf(starts);
    workMillis = List.copyOf(workMillis);
  }

  /** The times of these steps, begun while sitting with nothing at hand. */
  static RoutineTime of(List<Step> steps, Pace pace) {
    return of(steps, steps.stream().map(step -> StepTime.millis(step, pace)).toList());
  }

  /** The times of steps of which it is known how long each takes without its set-up. */
  static RoutineTime of(List<Step> steps, List<Long> work) {
    List<Long> starts = new ArrayList<>();
    List<Long> ends = new ArrayList<>();
    long now = 0;
    Position position = Position.SIT;
    Set<Thing> atHand = Set.of();
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      starts.add(now);
      Set<Thing> needed = step.things();
      int setUp = SetUp.seconds(position, atHand, step.position(), needed);
      now += Circuits.restMillis(steps, i, ends, setUp) + 1000L * setUp + work.get(i);
      ends.add(now);
      position = step.position();
      atHand = needed;
    }
    return new RoutineTime(starts, work, now);
  }

  /** Where a step ends. */
  long endMillis(int step) {
    return step + 1 < starts.size() ? starts.get(step + 1) : lengthMillis;
  }
}
