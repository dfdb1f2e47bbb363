package org.nimblet.core.routine;

import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Dose;

/**
 * What was done lately.
 *
 * @param daysSinceDone whole days since each exercise was last done, by identifier; an exercise
 *     that is not in it was never done
 * @param lastDoses the dose of each exercise when it was last done, where it is known
 * @param volumes how much of each exercise was done in the last weeks
 * @param workedHard tissues that work asking for a day of rest has tired today or yesterday
 * @param uneven exercises whose last measurement was not even enough for a higher tempo
 */
public record Recent(
    Map<String, Integer> daysSinceDone,
    Map<String, Dose> lastDoses,
    Map<String, WeeklyVolume> volumes,
    Set<Tissue> workedHard,
    Set<String> uneven) {

  /** Nothing was done yet. */
  public static final Recent NOTHING = of(Map.of());

  /** Copies the collections. */
  public Recent {
    daysSinceDone = Map.copyOf(daysSinceDone);
    lastDoses = Map.copyOf(lastDoses);
    volumes = Map.copyOf(volumes);
    workedHard = Set.copyOf(workedHard);
    uneven = Set.copyOf(uneven);
  }

  /** Days since each exercise was done, and nothing else known. */
  public static Recent of(Map<String, Integer> daysSinceDone) {
    return new Recent(daysSinceDone, Map.of(), Map.of(), Set.of(), Set.of());
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

    /** More than this share of the mean is a jump, per cent (common practice, no source). */
    private static final int JUMP_PERCENT = 130;

    /** The most that may be added this week without a jump, in milliseconds. */
    long roomMillis() {
      return weeksOfData < ENOUGH_WEEKS
          ? Long.MAX_VALUE
          : Math.max(0, weeklyMeanMillis * JUMP_PERCENT / 100 - lastSevenDaysMillis);
    }
  }
}
