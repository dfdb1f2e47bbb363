package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.nimblet.core.routine.Pain.Course;

/**
 * What pain of the worked region asks of endurance, trainer and strengthening work. Steady 2–3 and
 * new 5–6 are common practice, no source; the rest is ours, filled in between.
 *
 * @param often how often it may be done
 * @param levelHeld whether the dose may not rise
 * @param isometricPreferred whether quiet holds come before movement under load
 */
public record PainDose(Often often, boolean levelHeld, boolean isometricPreferred) {

  /** How often, from the laxest to the strictest. */
  public enum Often {
    THREE_A_WEEK("three times a week, after play or at the end of other training"),
    MORNING_AND_NIGHT("morning and night, for about six weeks"),
    ONCE_A_DAY("once a day"),
    NOT_AT_ALL("not at all; only what is painless, and a clinician is seen");

    private final String words;

    Often(String words) {
      this.words = words;
    }

    /** The frequency for people. */
    public String words() {
      return words;
    }

    /** How many sessions a day there may be. */
    public int sessionsPerDay() {
      return switch (this) {
        case MORNING_AND_NIGHT -> 2;
        case THREE_A_WEEK, ONCE_A_DAY -> 1;
        case NOT_AT_ALL -> 0;
      };
    }
  }

  private static final int HARDLY_FELT = 1;
  private static final int LIGHT = 3;
  private static final int MODERATE = 4;

  /** What this pain asks for. */
  public static PainDose of(int level, Course course) {
    if (level >= SafetyRules.ENDING_PAIN) {
      return new PainDose(Often.NOT_AT_ALL, true, true);
    } else if (level > MODERATE) {
      return new PainDose(Often.ONCE_A_DAY, true, true);
    } else if (level > LIGHT) {
      return new PainDose(Often.ONCE_A_DAY, true, false);
    } else if (level > HARDLY_FELT) {
      return new PainDose(
          course == Course.STEADY ? Often.MORNING_AND_NIGHT : Often.ONCE_A_DAY, false, false);
    }
    return new PainDose(Often.THREE_A_WEEK, false, false);
  }

  /**
   * Levels of pain that ask for the same.
   *
   * @param from the lowest level
   * @param to the highest level, itself included
   */
  public record Zone(int from, int to, PainDose dose) {

    /** Whether a level lies in it. */
    public boolean holds(int level) {
      return from <= level && level <= to;
    }
  }

  /** The whole table for a course of pain, from no pain to the worst, without gaps. */
  public static List<Zone> zones(Course course) {
    List<Zone> zones = new ArrayList<>();
    for (int level = Pain.NONE; level <= Pain.WORST; level++) {
      PainDose dose = of(level, course);
      Zone last = zones.isEmpty() ? null : zones.get(zones.size() - 1);
      if (last != null && last.dose().equals(dose)) {
        zones.set(zones.size() - 1, new Zone(last.from(), level, dose));
      } else {
        zones.add(new Zone(level, level, dose));
      }
    }
    return List.copyOf(zones);
  }

  /** What several pains ask for together: of each the strictest; without pain, maintenance. */
  public static PainDose strictest(Collection<Pain> pains) {
    PainDose strictest = of(0, Course.STEADY);
    for (Pain pain : pains) {
      PainDose one = of(pain.level(), pain.course());
      strictest =
          new PainDose(
              one.often.compareTo(strictest.often) > 0 ? one.often : strictest.often,
              one.levelHeld || strictest.levelHeld,
              one.isometricPreferred || strictest.isometricPreferred);
    }
    return strictest;
  }

  /** The whole of it for people: "once a day, level held". */
  public String words() {
    if (often == Often.NOT_AT_ALL) {
      return often.words();
    }
    return often.words()
        + (levelHeld ? ", level held" : "")
        + (isometricPreferred ? ", quiet holds preferred" : "");
  }
}
