package org.nimblet.core.routine;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.nimblet.core.exercise.BodySegment;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Purpose;

/**
 * Of what there may be only so much in one routine, whatever it is worth: entries from outside the
 * present course, intense ones, and work for the rest of the body. This is the one place of the
 * numbers.
 */
final class Limits {

  /** There are so many counts of exercises of three sorts in what is picked of one group. */
  static final int COUNTS =
      SelectionProblem.COUNT_BASE * SelectionProblem.COUNT_BASE * SelectionProblem.COUNT_BASE;

  /** What is new is learned; more than two such things at a time are none (ours). */
  private static final int MOST_NEW = 2;

  /** So long an exercise takes, about; a course of short routines does not fill a long one. */
  private static final int SECONDS_AN_EXERCISE = 45;

  /** From here on an entry is intense; one such is enough (common practice, no source). */
  static final int INTENSE = 4;

  /** On so many days after an intense entry there is none: at most three in a week (ours). */
  private static final int DAYS_AFTER_INTENSE = 2;

  /** In less than this the hands come first (ours). */
  private static final int SHORT_SECONDS = 480;

  private static final int ANY_NUMBER = 99;

  private static final Set<BodySegment> BODY = EnumSet.range(BodySegment.HIPS, BodySegment.NECK);

  private final Set<String> course;
  private final int mostNew;
  private final int mostIntense;
  private final int mostBody;

  private Limits(Set<String> course, int mostNew, int mostIntense, int mostBody) {
    this.course = course;
    this.mostNew = mostNew;
    this.mostIntense = mostIntense;
    this.mostBody = mostBody;
  }

  /**
   * The limits of a request.
   *
   * @param another whether a routine other than an earlier one is asked for, so that what is new is
   *     wanted
   */
  static Limits of(
      PurposePlan plan, RoutineRequest request, ExerciseLibrary library, boolean another) {
    Set<String> course = request.recent().course(plan.purpose()).exercises();
    int fit = request.budgetSeconds() / SECONDS_AN_EXERCISE;
    return new Limits(
        course,
        course.isEmpty() || another || fit - course.size() > MOST_NEW ? ANY_NUMBER : MOST_NEW,
        plan.purpose() == Purpose.STRENGTH ? ANY_NUMBER : intenseLately(request, library) ? 0 : 1,
        plan.purpose() != Purpose.WARM_UP && request.budgetSeconds() < SHORT_SECONDS
            ? 1
            : ANY_NUMBER);
  }

  private static boolean intenseLately(RoutineRequest request, ExerciseLibrary library) {
    return request.recent().daysSinceDone().entrySet().stream()
        .filter(done -> done.getValue() <= DAYS_AFTER_INTENSE)
        .flatMap(done -> library.find(done.getKey()).stream())
        .anyMatch(Limits::isIntense);
  }

  private static boolean isIntense(Exercise exercise) {
    return exercise.demands().intensity() >= INTENSE && exercise.kind() != Kind.STRENGTHEN;
  }

  private static boolean isForTheBody(Exercise exercise) {
    return BODY.contains(exercise.demands().segment());
  }

  /** An exercise as a count of each sort, for {@link SelectionProblem.Composite#counted()}. */
  int countOf(Exercise exercise) {
    int count = course.isEmpty() || course.contains(exercise.id()) ? 0 : 1;
    count += isIntense(exercise) ? SelectionProblem.COUNT_BASE : 0;
    return count
        + (isForTheBody(exercise) ? SelectionProblem.COUNT_BASE * SelectionProblem.COUNT_BASE : 0);
  }

  /** How many of each sort may be chosen besides what is pinned. */
  List<Integer> most(List<Option> pinned) {
    int intense = (int) pinned.stream().filter(o -> isIntense(o.exercise())).count();
    int body = (int) pinned.stream().filter(o -> isForTheBody(o.exercise())).count();
    return List.of(mostNew, Math.max(0, mostIntense - intense), Math.max(0, mostBody - body));
  }
}
