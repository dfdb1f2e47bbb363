package org.nimblet.core.routine;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Use;

/**
 * What may be felt in a step, and what follows from it (common practice, no source).
 *
 * @param meant where it is meant to be felt
 * @param asksWhere whether it is worth asking where it is felt
 * @param asksTighter whether one side may be tighter than the other
 * @param burnIsWanted whether a dull burn is what it is for; in anything else a burn ends the set
 * @param mayStay whether one may stay at a sore spot: longer, not harder
 * @param instead what takes its place if it is felt elsewhere again and again
 */
public record StepFeeling(
    Set<Region> meant,
    boolean asksWhere,
    boolean asksTighter,
    boolean burnIsWanted,
    boolean mayStay,
    Optional<Exercise> instead) {

  /** So much longer one stays at a sore spot at most, in seconds (ours). */
  public static final int LONGEST_STAY_SECONDS = 60;

  /** Copies the places. */
  public StepFeeling {
    meant = Set.copyOf(meant);
  }

  /**
   * What may be felt in a step.
   *
   * @param asked for whom
   * @param purpose of the routine that it is part of
   */
  public static StepFeeling of(
      Step step, RoutineRequest asked, Purpose purpose, ExerciseLibrary library) {
    Exercise exercise = step.exercise();
    boolean stretch = exercise.kind() == Kind.STRETCH;
    return new StepFeeling(
        meant(exercise),
        stretch,
        stretch && step.sides().size() > 1,
        exercise.progression().isDailyEndurance(),
        exercise.kind() == Kind.RELEASE,
        stretch ? instead(exercise, asked, purpose, library) : Optional.empty());
  }

  private static Set<Region> meant(Exercise exercise) {
    if (exercise.service().main() instanceof Tissue tissue) {
      return tissue.regions();
    }
    Set<Region> worked = EnumSet.noneOf(Region.class);
    for (Region region : Region.values()) {
      exercise
          .uses()
          .of(Side.RIGHT, Side.RIGHT, region)
          .filter(use -> use.isAtLeast(Use.WORKS))
          .ifPresent(use -> worked.add(region));
    }
    return worked;
  }

  /** Another stretch of the same tissue that suits the person, the staple first. */
  private static Optional<Exercise> instead(
      Exercise exercise, RoutineRequest asked, Purpose purpose, ExerciseLibrary library) {
    return library.exercises().stream()
        .filter(other -> other.kind() == Kind.STRETCH && !other.id().equals(exercise.id()))
        .filter(other -> other.service().main().equals(exercise.service().main()))
        .filter(other -> !asked.recent().feltElsewhere().contains(other.id()))
        .filter(other -> Rejection.unsuited(other, asked.facts(), asked.use()).isEmpty())
        .min(
            Comparator.comparing(
                    (Exercise other) -> !other.standing().isStaple(other.service().main(), purpose))
                .thenComparing(Exercise::title));
  }
}
