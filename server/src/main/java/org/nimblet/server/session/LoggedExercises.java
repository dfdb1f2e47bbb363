package org.nimblet.server.session;

import java.util.UUID;
import org.nimblet.server.library.ExerciseUses;
import org.springframework.stereotype.Component;

/** Tells the library what is in the logs. */
@Component
class LoggedExercises implements ExerciseUses {

  private final SessionSteps steps;

  LoggedExercises(SessionSteps steps) {
    this.steps = steps;
  }

  @Override
  public boolean isInUse(UUID coachId, String exerciseId) {
    return steps.existsByCoachIdAndExerciseId(coachId, exerciseId);
  }
}
