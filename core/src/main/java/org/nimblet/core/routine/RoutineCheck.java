package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.routine.Finding.Repair;

/** Checks any routine, whoever made it, against every {@link RoutineRule}. */
public final class RoutineCheck {

  /** More repairs than this mean that they undo each other, which no routine should bring about. */
  private static final int MOST_REPAIRS_A_STEP = 40;

  private final ExerciseLibrary library;

  /** A check whose repairs take exercises from this library. */
  public RoutineCheck(ExerciseLibrary library) {
    this.library = library;
  }

  /**
   * What a routine breaks, the gravest first.
   *
   * @param purpose what it is for
   * @param asked for whom, in which time, with what around it; its pinned steps do not matter
   * @param steps the routine
   */
  public List<Finding> findings(Purpose purpose, RoutineRequest asked, List<Step> steps) {
    CheckedRoutine routine = new CheckedRoutine(library, PurposePlan.of(purpose), asked, steps);
    List<Finding> findings = new ArrayList<>();
    for (RoutineRule rule : RoutineRule.values()) {
      findings.addAll(rule.findings(routine));
    }
    return findings;
  }

  /**
   * The routine with every repair made, one after the other, until nothing is left to repair.
   *
   * @throws IllegalStateException if repairs undo each other
   */
  public List<Step> repaired(Purpose purpose, RoutineRequest asked, List<Step> steps) {
    List<Step> now = steps;
    for (int left = MOST_REPAIRS_A_STEP * (steps.size() + 1); left > 0; left--) {
      Optional<Repair> next =
          findings(purpose, asked, now).stream()
              .flatMap(finding -> finding.repair().stream())
              .findFirst();
      if (next.isEmpty()) {
        return now;
      }
      now = next.get().steps();
    }
    throw new IllegalStateException("repairs undo each other in %s".formatted(now));
  }
}
