package org.nimblet.core.routine;

import java.util.HashMap;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Purpose;

/**
 * What was done lately.
 *
 * @param daysSinceDone whole days since each exercise was last done, by identifier; an exercise
 *     that is not in it was never done
 * @param lastDoses the dose of each exercise when it was last done, where it is known
 * @param volumes how much of each exercise was done in the last weeks
 * @param workedHard tissues that work asking for a day of rest has tired today or yesterday
 * @param uneven exercises whose last measurement was not even enough for a higher tempo
 * @param courses what they are in the midst of, by purpose; one that is not in it is {@link
 *     Course#NONE}
 * @param rungs the dose of the rung of each exercise on whose ladder they are, by identifier
 * @param feltElsewhere exercises that were felt elsewhere than meant, more than once
 */
public record Recent(
    Map<String, Integer> daysSinceDone,
    Map<String, Dose> lastDoses,
    Map<String, WeeklyVolume> volumes,
    Set<Tissue> workedHard,
    Set<String> uneven,
    Map<Purpose, Course> courses,
    Map<String, RungDose> rungs,
    Set<String> feltElsewhere) {

  /** More than this share of what is usual is a jump, per cent (common practice, no source). */
  public static final int JUMP_PERCENT = 130;

  /** Nothing was done yet. */
  public static final Recent NOTHING = of(Map.of());

  /** Copies the collections. */
  public Recent {
    daysSinceDone = Map.copyOf(daysSinceDone);
    lastDoses = Map.copyOf(lastDoses);
    volumes = Map.copyOf(volumes);
    workedHard = Set.copyOf(workedHard);
    uneven = Set.copyOf(uneven);
    courses = Map.copyOf(courses);
    rungs = Map.copyOf(rungs);
    feltElsewhere = Set.copyOf(feltElsewhere);
  }

  /** What was done lately, and no course. */
  public Recent(
      Map<String, Integer> daysSinceDone,
      Map<String, Dose> lastDoses,
      Map<String, WeeklyVolume> volumes,
      Set<Tissue> workedHard,
      Set<String> uneven) {
    this(daysSinceDone, lastDoses, volumes, workedHard, uneven, Map.of(), Map.of(), Set.of());
  }

  /** Days since each exercise was done, and nothing else known. */
  public static Recent of(Map<String, Integer> daysSinceDone) {
    return new Recent(daysSinceDone, Map.of(), Map.of(), Set.of(), Set.of());
  }

  /**
   * The same with the rungs on which they stand. Whose tempo rises no further yet is done as fast
   * as the last time, whatever the rung.
   *
   * @param notEven exercises whose tempo rises no further yet
   */
  public Recent on(Map<String, RungDose> others, Set<String> notEven) {
    Map<String, RungDose> held = new HashMap<>(others);
    for (String exercise : notEven) {
      Dose last = lastDoses.get(exercise);
      if (last != null) {
        held.computeIfPresent(exercise, (id, rung) -> rung.noFasterThan(last));
      }
    }
    return new Recent(
        daysSinceDone, lastDoses, volumes, workedHard, notEven, courses, held, feltElsewhere);
  }

  /** What they are in the midst of in routines of a purpose. */
  Course course(Purpose purpose) {
    return courses.getOrDefault(purpose, Course.NONE);
  }

  /** Whole days since an exercise was last done; empty if never. */
  OptionalInt daysSince(String exerciseId) {
    Integer days = daysSinceDone.get(exerciseId);
    return days == null ? OptionalInt.empty() : OptionalInt.of(days);
  }

  /**
   * How much of one exercise was done.
   *
   * @param lastSevenDaysMillis in the last seven days
   * @param weeklyMeanMillis mean of the last four weeks
   * @param weeksOfData in how many of them there was any record
   */
  public record WeeklyVolume(long lastSevenDaysMillis, long weeklyMeanMillis, int weeksOfData) {

    /** From so many weeks on there is something to compare with (ours). */
    private static final int ENOUGH_WEEKS = 3;

    /** The most that may be added this week without a jump, in milliseconds. */
    long roomMillis() {
      return weeksOfData < ENOUGH_WEEKS
          ? Long.MAX_VALUE
          : Math.max(0, weeklyMeanMillis * JUMP_PERCENT / 100 - lastSevenDaysMillis);
    }
  }
}
