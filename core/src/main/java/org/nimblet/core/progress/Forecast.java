package org.nimblet.core.progress;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import org.nimblet.core.exercise.Ladder;

/**
 * When a rung will be reached: the exact distribution over rung, streak and days away, day by day,
 * with no drawing of lots (model section 5). What does not go well holds; pain and steps down by it
 * are not foreseen.
 */
public final class Forecast {

  /** So far ahead, in days, one looks. */
  public static final int DAYS = 365;

  /** Hardly before. */
  public static final double EARLY = 0.1;

  /** As likely as not. */
  public static final double MIDDLE = 0.5;

  /** Nearly surely by then. */
  public static final double LATE = 0.9;

  private static final int WEEK = 7;

  /** Days since a change, from which on their number makes no difference. */
  private static final int SINCE = ProgressRules.DAYS_BETWEEN_STEPS + 1;

  private static final int STREAKS = ProgressRules.NEED + 1;
  private static final int AWAY = ProgressRules.AWAY_LONG + 1;

  private final double[] reached;
  private final int[] middleRungs;

  private Forecast(double[] reached, int[] middleRungs) {
    this.reached = reached;
    this.middleRungs = middleRungs;
  }

  /**
   * How somebody keeps to it.
   *
   * @param attendance the share of planned days on which it is done, over 0 to 1
   * @param success the share of those on which it goes well, over 0 to 1
   */
  public record Habit(double attendance, double success) {

    /** Everything is done, and all of it goes well. */
    public static final Habit FULL = new Habit(1, 1);

    /** Checks the ranges. */
    public Habit {
      if (!(attendance > 0 && attendance <= 1) || !(success > 0 && success <= 1)) {
        throw new IllegalArgumentException(
            "attendance (%s) and success (%s) must be over 0 and at most 1"
                .formatted(attendance, success));
      }
    }

    /** What the last weeks say, careful where they say little. */
    public static Habit of(int kept, int planned, int achieved, int done) {
      return new Habit((kept + 1.0) / (planned + 2), (achieved + 2.0) / (done + 3));
    }
  }

  /**
   * Where somebody begins.
   *
   * @param streak how many times in a row it has gone well there
   * @param daysAway days since the place was last worked, 1 if it was yesterday
   */
  public record Start(int rung, int streak, int daysAway) {}

  /**
   * The distribution of the day on which a rung is reached.
   *
   * @param daily whether different dates suffice between two steps, as in daily endurance
   * @param goal the rung, above the one of the start
   * @param daysAWeek 1–7, spread evenly
   */
  public static Forecast of(
      Ladder ladder, boolean daily, Start start, int goal, int daysAWeek, Habit habit) {
    if (goal <= start.rung() || goal > ladder.last()) {
      throw new IllegalArgumentException(
          "goal (%d) must be above the rung %d and at most %d"
              .formatted(goal, start.rung(), ladder.last()));
    }
    if (daysAWeek < 1 || daysAWeek > WEEK) {
      throw new IllegalArgumentException(
          "days a week (%d) must be between 1 and 7".formatted(daysAWeek));
    }
    return new Walk(ladder, daily, goal, daysAWeek, habit).from(start);
  }

  /** The probability that it is reached within so many days from today, today being day 0. */
  public double reachedBy(int day) {
    return reached[Math.max(0, Math.min(DAYS, day))];
  }

  /** The first day by which it is reached with a probability; empty if not within a year. */
  public OptionalInt day(double probability) {
    for (int day = 0; day <= DAYS; day++) {
      if (reached[day] >= probability) {
        return OptionalInt.of(day);
      }
    }
    return OptionalInt.empty();
  }

  /** The rung in the middle of the distribution after each day, as far as one looks. */
  public List<Integer> middleRungs() {
    List<Integer> rungs = new ArrayList<>();
    for (int rung : middleRungs) {
      rungs.add(rung);
    }
    return List.copyOf(rungs);
  }

  /** One distribution on its way through the days. */
  private static final class Walk {
    private final boolean daily;
    private final int goal;
    private final int daysAWeek;
    private final Habit habit;
    private final int[][] left;
    private final int sinces;
    private double[] now;
    private double[] next;

    Walk(Ladder ladder, boolean daily, int goal, int daysAWeek, Habit habit) {
      this.daily = daily;
      this.goal = goal;
      this.daysAWeek = daysAWeek;
      this.habit = habit;
      boolean seldom = daysAWeek * (ProgressRules.SELDOM_DAYS - 1) < WEEK;
      this.left = new int[goal][AWAY];
      for (int rung = 0; rung < goal; rung++) {
        for (int days = 0; days < AWAY; days++) {
          left[rung][days] = AwayRule.rung(ladder, rung, days, seldom);
        }
      }
      this.sinces = daily ? 1 : SINCE;
      this.now = new double[goal * STREAKS * sinces * AWAY];
      this.next = new double[now.length];
    }

    private int at(int rung, int streak, int since, int away) {
      return ((rung * STREAKS + streak) * sinces + since) * AWAY + away;
    }

    Forecast from(Start start) {
      now[
              at(
                  start.rung(),
                  Math.min(start.streak(), STREAKS - 1),
                  sinces - 1,
                  Math.min(start.daysAway(), AWAY - 1))] =
          1;
      double[] reached = new double[DAYS + 1];
      int[] middle = new int[DAYS + 1];
      double there = 0;
      for (int day = 0; day <= DAYS; day++) {
        there += through(isPlanned(day) ? habit.attendance() : 0);
        reached[day] = there;
        middle[day] = middle(there);
      }
      return new Forecast(reached, middle);
    }

    /** The days of a week that are planned, spread evenly; the first of them is. */
    private boolean isPlanned(int day) {
      return day % WEEK == 0
          || day % WEEK * daysAWeek / WEEK != (day % WEEK - 1) * daysAWeek / WEEK;
    }

    /** One day; how much of the distribution reaches the goal on it. */
    private double through(double attendance) {
      Arrays.fill(next, 0);
      double there = 0;
      int from = 0;
      for (int rung = 0; rung < goal; rung++) {
        for (int streak = 0; streak < STREAKS; streak++) {
          for (int since = 0; since < sinces; since++, from += AWAY) {
            int later = at(rung, streak, Math.min(since + 1, sinces - 1), 0);
            for (int away = 1; away < AWAY; away++) {
              double share = now[from + away];
              if (share > 0) {
                next[later + Math.min(away + 1, AWAY - 1)] += share * (1 - attendance);
                there += done(share * attendance, rung, streak, since, away);
              }
            }
          }
        }
      }
      double[] spent = now;
      now = next;
      next = spent;
      return there;
    }

    private double done(double share, int rung, int streak, int since, int away) {
      if (share == 0) {
        return 0;
      }
      int here = left[rung][away];
      boolean lowered = here < rung;
      int later = Math.min((lowered ? 0 : since) + 1, sinces - 1);
      next[at(here, 0, later, 1)] += share * (1 - habit.success());
      int well = Math.min((lowered ? 0 : streak) + 1, STREAKS - 1);
      boolean up = well >= ProgressRules.NEED && !lowered && (daily || since >= sinces - 1);
      if (!up) {
        next[at(here, well, later, 1)] += share * habit.success();
      } else if (here + 1 < goal) {
        next[at(here + 1, 0, Math.min(1, sinces - 1), 1)] += share * habit.success();
      } else {
        return share * habit.success();
      }
      return 0;
    }

    private int middle(double there) {
      double above = there;
      for (int rung = goal - 1; rung >= 0; rung--) {
        if (above >= MIDDLE) {
          return rung + 1;
        }
        for (int i = at(rung, 0, 0, 0); i < at(rung + 1, 0, 0, 0); i++) {
          above += now[i];
        }
      }
      return 0;
    }
  }
}
