package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Finding.Severity;

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
      Optional<Finding> next = first(Severity.NOTE, purpose, asked, now);
      if (next.isEmpty()) {
        return now;
      }
      now = next.get().repair().steps();
    }
    throw undoEachOther(now);
  }

  /**
   * What may be done of a routine: every finding that would stop it is repaired, the others stay.
   *
   * @throws IllegalStateException if repairs undo each other
   */
  public SafeSteps safe(Purpose purpose, RoutineRequest asked, List<Step> steps) {
    List<Step> now = steps;
    List<Stopped> stopped = new ArrayList<>();
    for (int left = MOST_REPAIRS_A_STEP * (steps.size() + 1); left > 0; left--) {
      Optional<Finding> stop = first(Severity.STOP, purpose, asked, now);
      if (stop.isEmpty()) {
        return new SafeSteps(now, stopped);
      }
      stopped.add(
          new Stopped(now.get(stop.get().steps().get(0)).exercise(), stop.get().sentence()));
      now = stop.get().repair().steps();
    }
    throw undoEachOther(now);
  }

  /** The first of the gravest findings that weigh at least so much. */
  private Optional<Finding> first(
      Severity least, Purpose purpose, RoutineRequest asked, List<Step> steps) {
    CheckedRoutine routine = new CheckedRoutine(library, PurposePlan.of(purpose), asked, steps);
    return Arrays.stream(RoutineRule.values())
        .filter(rule -> rule.severity().compareTo(least) <= 0)
        .flatMap(rule -> rule.findings(routine).stream())
        .findFirst();
  }

  /** The steps that may be done, and what safety changed or took out. */
  public record SafeSteps(List<Step> steps, List<Stopped> stopped) {
    /** Copies the lists. */
    public SafeSteps {
      steps = List.copyOf(steps);
      stopped = List.copyOf(stopped);
    }
  }

  /** An exercise that may not be done as it stood, with the sentence that says why. */
  public record Stopped(Exercise exercise, String sentence) {}

  private static IllegalStateException undoEachOther(List<Step> steps) {
    return new IllegalStateException("repairs undo each other in %s".formatted(steps));
  }
}
