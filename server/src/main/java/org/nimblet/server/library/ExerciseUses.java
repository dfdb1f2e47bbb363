package org.nimblet.server.library;

import java.util.UUID;

/** Whether an exercise is in anybody's log; told by whoever keeps the logs. */
public interface ExerciseUses {

  /** Whether a client of this coach ever did it. */
  boolean isInUse(UUID coachId, String exerciseId);
}
