package org.nimblet.core.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalLong;
import org.nimblet.core.schedule.PlanRequest.Fixed;
import org.nimblet.core.schedule.PlanRequest.Limits;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.WeekPlan.Cost;

/**
 * One day: for every set of lines the cheapest starts. Over the candidate starts in order of time,
 * f(k, S) is the least cost of the set S placed so that the next session may start at candidate k:
 * all sets at once, O(candidates · 2ⁿ · n).
 */
final class DayChoices {

  private static final long NONE = Long.MAX_VALUE;

  /** A line that may be placed on this day. */
  record Choice(Line line, int index, long anchor, OptionalLong agreed, boolean wanted) {}

  private final PlanDay day;
  private final List<Choice> choices;
  private final long[] starts;
  private final long[][] costs;
  private final int[][] takenBy;

  private DayChoices(PlanDay day, List<Choice> choices, long[] starts) {
    this.day = day;
    this.choices = choices;
    this.starts = starts;
    this.costs = new long[starts.length + 1][1 << choices.size()];
    this.takenBy = new int[starts.length + 1][1 << choices.size()];
  }

  /**
   * Solves a day.
   *
   * @param performanceTomorrow whether there is a performance on the next day
   */
  static DayChoices of(PlanRequest request, PlanDay day, boolean performanceTomorrow) {
    List<Fixed> fixed =
        request.fixed().stream().filter(f -> f.key().date().equals(day.date())).toList();
    List<Choice> choices = new ArrayList<>();
    for (int i = 0; i < request.lines().size(); i++) {
      Line line = request.lines().get(i);
      SessionKey key = new SessionKey(line.id(), day.date());
      OptionalLong anchor = day.minuteOf(line.anchor());
      boolean there = fixed.stream().anyMatch(f -> f.key().equals(key));
      if (line.mayBeOn(day.date()) && anchor.isPresent() && !there && day.isNotOver()) {
        Long agreed = request.agreed().get(key);
        boolean missed = request.missed().contains(key);
        boolean otherIsThere = fixed.stream().anyMatch(f -> line.givesWayTo(f.key().lineId()));
        if (!missed && !otherIsThere) {
          choices.add(
              new Choice(
                  line,
                  i,
                  anchor.getAsLong(),
                  agreed == null ? OptionalLong.empty() : OptionalLong.of(agreed),
                  !line.spaced()));
        }
      }
    }
    DayChoices solved = new DayChoices(day, choices, starts(day, choices));
    solved.solve(fixed, performanceTomorrow, request.limits());
    return solved;
  }

  private static long[] starts(PlanDay day, List<Choice> choices) {
    List<Long> starts = new ArrayList<>(day.slots());
    choices.forEach(choice -> choice.agreed().ifPresent(starts::add));
    return starts.stream()
        .mapToLong(Long::longValue)
        .filter(start -> start >= day.now())
        .distinct()
        .sorted()
        .toArray();
  }

  private void solve(List<Fixed> fixed, boolean performanceTomorrow, Limits limits) {
    int sets = 1 << choices.size();
    for (long[] row : costs) {
      Arrays.fill(row, NONE);
    }
    for (int[] row : takenBy) {
      Arrays.fill(row, -1);
    }
    costs[0][0] = 0;
    long[][] own = ownCosts(fixed, performanceTomorrow);
    boolean[] fits = fits(fixed, limits);
    int[][] next = nextStarts();
    for (int k = 0; k < starts.length; k++) {
      for (int set = 0; set < sets; set++) {
        long cost = costs[k][set];
        if (cost == NONE) {
          continue;
        }
        if (cost < costs[k + 1][set]) {
          costs[k + 1][set] = cost;
          takenBy[k + 1][set] = -1;
        }
        for (int i = 0; i < choices.size(); i++) {
          int with = set | 1 << i;
          if (with == set || own[i][k] == NONE || !fits[with]) {
            continue;
          }
          int then = next[i][k];
          if (cost + own[i][k] < costs[then][with]) {
            costs[then][with] = cost + own[i][k];
            takenBy[then][with] = k * choices.size() + i;
          }
        }
      }
    }
  }

  /** The first candidate at which another session may start after this one. */
  private int[][] nextStarts() {
    int[][] next = new int[choices.size()][starts.length];
    for (int i = 0; i < choices.size(); i++) {
      int length = WeekRules.occupied(choices.get(i).line()) + WeekRules.BETWEEN_SESSIONS;
      int then = 0;
      for (int k = 0; k < starts.length; k++) {
        while (then < starts.length && starts[then] < starts[k] + length) {
          then++;
        }
        next[i][k] = Math.max(then, k + 1);
      }
    }
    return next;
  }

  private long[][] ownCosts(List<Fixed> fixed, boolean performanceTomorrow) {
    long[][] own = new long[choices.size()][starts.length];
    for (int i = 0; i < choices.size(); i++) {
      Choice choice = choices.get(i);
      for (int k = 0; k < starts.length; k++) {
        own[i][k] =
            isOpen(choice, starts[k], fixed, performanceTomorrow) ? cost(choice, starts[k]) : NONE;
      }
    }
    return own;
  }

  private boolean isOpen(Choice choice, long start, List<Fixed> fixed, boolean performance) {
    Span span = WeekRules.at(choice.line(), start);
    return WeekRules.inTime(choice.line(), day, start)
        && WeekRules.against(choice.line(), day, performance, start, choice.anchor()).isEmpty()
        && fixed.stream()
            .noneMatch(
                f ->
                    f.span()
                        .widened(WeekRules.BETWEEN_SESSIONS, WeekRules.BETWEEN_SESSIONS)
                        .overlaps(span));
  }

  private long cost(Choice choice, long start) {
    long cost =
        WeekRules.soft(choice.line(), day, start, choice.anchor()) * Cost.ONE_SOFT
            + Math.abs(start - choice.anchor()) * Cost.ONE_ANCHOR_MINUTE;
    boolean moves = choice.agreed().isPresent() && choice.agreed().getAsLong() != start;
    return cost + (moves ? Cost.ONE_MOVED : 0);
  }

  private boolean[] fits(List<Fixed> fixed, Limits limits) {
    boolean[] fits = new boolean[1 << choices.size()];
    long fixedMinutes = fixed.stream().mapToLong(f -> f.span().minutes()).sum();
    for (int set = 0; set < fits.length; set++) {
      long minutes = fixedMinutes;
      for (int i = 0; i < choices.size(); i++) {
        minutes += (set >> i & 1) == 1 ? choices.get(i).line().minutes() : 0;
      }
      fits[set] =
          fixed.size() + Integer.bitCount(set) <= limits.sessions() && minutes <= limits.minutes();
    }
    return fits;
  }

  List<Choice> choices() {
    return choices;
  }

  /** The set of spaced lines among the choices, as bits. */
  int spaced() {
    int set = 0;
    for (int i = 0; i < choices.size(); i++) {
      set |= choices.get(i).line().spaced() ? 1 << i : 0;
    }
    return set;
  }

  /**
   * The best set that has exactly these spaced lines, and what it costs with everything that is
   * left out; the cost is the largest number if they cannot all be placed.
   */
  Best best(int spacedSet) {
    int daily = (1 << choices.size()) - 1 & ~spaced() & ~givingWayTo(spacedSet);
    long least = NONE;
    int bestSet = spacedSet;
    for (int with = daily; ; with = with - 1 & daily) {
      int set = spacedSet | with;
      long placed = costs[starts.length][set];
      if (placed != NONE && placed + leftOut(set) < least) {
        least = placed + leftOut(set);
        bestSet = set;
      }
      if (with == 0) {
        return new Best(bestSet, least);
      }
    }
  }

  /** A set of lines with its cost. */
  record Best(int set, long cost) {
    boolean possible() {
      return cost != NONE;
    }
  }

  /** What has nothing to do on a day with these lines. */
  private int givingWayTo(int set) {
    int giving = 0;
    for (int i = 0; i < choices.size(); i++) {
      for (int other = 0; other < choices.size(); other++) {
        boolean there = (set >> other & 1) == 1;
        if (there && choices.get(i).line().givesWayTo(choices.get(other).line().id())) {
          giving |= 1 << i;
        }
      }
    }
    return giving;
  }

  private long leftOut(int set) {
    long cost = 0;
    int giving = givingWayTo(set);
    for (int i = 0; i < choices.size(); i++) {
      if ((set >> i & 1) == 0) {
        boolean owed = choices.get(i).wanted() && (giving >> i & 1) == 0;
        cost += owed ? Cost.ONE_UNMET : 0;
        cost += choices.get(i).agreed().isPresent() ? Cost.ONE_MOVED : 0;
      }
    }
    return cost;
  }

  /** The starts of a set, by choice; -1 for those that are not in it. */
  long[] startsOf(int set) {
    long[] found = new long[choices.size()];
    Arrays.fill(found, -1);
    int left = set;
    int k = starts.length;
    while (left != 0) {
      int taken = takenBy[k][left];
      if (taken < 0) {
        k--;
        continue;
      }
      int i = taken % choices.size();
      k = taken / choices.size();
      found[i] = starts[k];
      left &= ~(1 << i);
    }
    return found;
  }
}
