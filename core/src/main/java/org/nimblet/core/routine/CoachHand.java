package org.nimblet.core.routine;

import java.util.HashMap;
import java.util.Map;

/**
 * How a coach's own keeping moves what is composed for a purpose: what stands in the routines that
 * they keep is worth more, what they take out before keeping is worth less (ours).
 *
 * @param percents what the worth of an exercise becomes, by identifier; 100 where nothing is said
 */
public record CoachHand(Map<String, Integer> percents) {

  /** The hand of somebody who has kept nothing yet, or has it switched off. */
  public static final CoachHand EVEN = new CoachHand(Map.of());

  /** Whatever is kept or taken out, nothing becomes worth less than this, per cent. */
  public static final int LEAST = 60;

  /** Nor more than this. */
  public static final int GREATEST = 170;

  /** So much has to be seen before it counts: as if each had been kept and taken out so often. */
  private static final int SEEN_BEFORE = 4;

  private static final int USUAL = 100;

  /**
   * Checks the numbers and copies the map.
   *
   * @throws IllegalArgumentException if a number is out of range
   */
  public CoachHand {
    percents = Map.copyOf(percents);
    percents.forEach(
        (exercise, percent) -> {
          if (percent < LEAST || percent > GREATEST) {
            throw new IllegalArgumentException(
                "percent (%d) of %s must be %d to %d"
                    .formatted(percent, exercise, LEAST, GREATEST));
          }
        });
  }

  /**
   * What was seen of an exercise in the routines of a purpose.
   *
   * @param kept in how many kept routines it stands
   * @param takenOut how often it had been composed and was taken out before keeping
   */
  public record Habit(int kept, int takenOut) {
    /** 100 · (kept + 4) / (taken out + 4), from {@link #LEAST} to {@link #GREATEST}. */
    public int percent() {
      int percent = USUAL * (kept + SEEN_BEFORE) / (takenOut + SEEN_BEFORE);
      return Math.max(LEAST, Math.min(GREATEST, percent));
    }

    /** For people: "kept in 6 routines, taken out once". */
    public String words() {
      String in = kept == 0 ? "never kept" : "kept in " + counted(kept, "routine");
      return takenOut == 0 ? in : in + ", taken out " + times(takenOut);
    }

    private static String times(int count) {
      return count == 1 ? "once" : count == 2 ? "twice" : count + " times";
    }

    private static String counted(int count, String word) {
      return count + " " + word + (count == 1 ? "" : "s");
    }
  }

  /**
   * The hand that follows from habits.
   *
   * @param habits what was seen, by exercise
   * @param byHand what the coach has set instead, by exercise
   */
  public static CoachHand of(Map<String, Habit> habits, Map<String, Integer> byHand) {
    Map<String, Integer> percents = new HashMap<>();
    habits.forEach((exercise, habit) -> percents.put(exercise, habit.percent()));
    percents.putAll(byHand);
    percents.values().removeIf(percent -> percent == USUAL);
    return percents.isEmpty() ? EVEN : new CoachHand(percents);
  }

  /** What the worth of an exercise becomes, per cent. */
  public int percent(String exerciseId) {
    return percents.getOrDefault(exerciseId, USUAL);
  }
}
