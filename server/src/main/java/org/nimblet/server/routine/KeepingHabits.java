package org.nimblet.server.routine;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.CoachHand.Habit;
import org.nimblet.server.hand.CoachHands;
import org.nimblet.server.routine.StepDrafts.StepDraft;
import org.springframework.stereotype.Component;

/**
 * What is seen in the routines that a coach keeps: the newest version of each counts what stands in
 * it, every version what was taken out of what had been composed.
 */
@Component
class KeepingHabits {

  private final RoutineVersions versions;
  private final CoachHands hands;

  KeepingHabits(RoutineVersions versions, CoachHands hands) {
    this.versions = versions;
    this.hands = hands;
  }

  /** Looks at everything that a coach keeps, and writes down what is seen. */
  void look(UUID coachId) {
    List<RoutineVersion> all = versions.inUse(coachId);
    Map<UUID, Integer> newest = new HashMap<>();
    all.forEach(version -> newest.merge(version.routineId, version.number, Math::max));
    Map<Purpose, Map<String, Habit>> habits = new HashMap<>();
    for (RoutineVersion version : all) {
      Map<String, Habit> own = habits.computeIfAbsent(version.purpose, p -> new HashMap<>());
      if (version.number == newest.get(version.routineId)) {
        Set<String> kept = new HashSet<>();
        version.steps.stream().map(StepDraft::exerciseId).forEach(kept::add);
        kept.forEach(id -> own.merge(id, new Habit(1, 0), KeepingHabits::both));
      }
      version.takenOut.forEach(id -> own.merge(id, new Habit(0, 1), KeepingHabits::both));
    }
    hands.seen(coachId, habits);
  }

  private static Habit both(Habit one, Habit other) {
    return new Habit(one.kept() + other.kept(), one.takenOut() + other.takenOut());
  }
}
