package org.nimblet.core.schedule;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.nimblet.core.schedule.DayChoices.Best;
import org.nimblet.core.schedule.DayChoices.Choice;
import org.nimblet.core.schedule.Line.TimesAWeek;
import org.nimblet.core.schedule.PlanRequest.Fixed;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.WeekPlan.Cost;
import org.nimblet.core.schedule.WeekPlan.PlannedSession;

/**
 * Gives every session its place, exactly: no other plan of a week costs less in the order of {@link
 * Cost}. Each day is solved for all sets of lines ({@link DayChoices}); then the days follow each
 * other with the count and the last date of each spaced line as the state. Weeks in turn, the end
 * of one carried into the next. The same request gives the same plan.
 */
public final class WeekPlanner {

  private static final int WEEK = PlanRequest.WEEK;
  private static final int NEVER = -WEEK - 1;

  private final PlanRequest request;
  private final Map<String, LocalDate> last;
  private final List<PlannedSession> sessions = new ArrayList<>();
  private final List<WeekPlan.Unmet> unmet = new ArrayList<>();
  private final List<Cost> costs = new ArrayList<>();

  private WeekPlanner(PlanRequest request) {
    this.request = request;
    this.last = new HashMap<>(request.lastBefore());
  }

  /** Plans all weeks of a request. */
  public static WeekPlan plan(PlanRequest request) {
    WeekPlanner planner = new WeekPlanner(request);
    for (int first = 0; first < request.days().size(); first += WEEK) {
      planner.planWeek(first);
    }
    planner.sessions.sort(
        Comparator.comparingLong((PlannedSession s) -> s.span().start())
            .thenComparing(s -> s.key().lineId()));
    return new WeekPlan(planner.sessions, planner.unmet, planner.costs);
  }

  /**
   * A spaced line in one week.
   *
   * @param index among the lines of the request
   * @param wanted sessions in this week, done ones included
   * @param before the day of its last session, counted from this Monday; {@link #NEVER} if none
   * @param pinned on which days it stands already, the Monday after the week among them
   */
  private record Spaced(Line line, int index, int wanted, int before, Set<Integer> pinned) {
    boolean rests() {
      return !line.restDay().isEmpty();
    }
  }

  private record State(List<Integer> counts, List<Integer> lasts) {}

  private record Reached(long cost, State from, int set) {}

  private boolean performanceAfter(int day) {
    return day + 1 < request.days().size()
        ? request.days().get(day + 1).hasPerformance()
        : request.performanceAfter();
  }

  private void planWeek(int first) {
    List<DayChoices> days = new ArrayList<>();
    for (int d = first; d < first + WEEK; d++) {
      days.add(DayChoices.of(request, request.days().get(d), performanceAfter(d)));
    }
    List<Spaced> spaced = spaced(first);
    State begin = begin(spaced);
    List<Map<State, Reached>> layers = new ArrayList<>();
    Map<State, Reached> layer = new LinkedHashMap<>();
    layer.put(begin, new Reached(0, begin, 0));
    layers.add(layer);
    for (int d = 0; d < WEEK; d++) {
      layer = next(layer, days.get(d), d, spaced);
      layers.add(layer);
    }
    State end = null;
    long least = Long.MAX_VALUE;
    for (Map.Entry<State, Reached> reached : layer.entrySet()) {
      long cost = reached.getValue().cost() + missing(reached.getKey(), spaced);
      if (cost < least) {
        least = cost;
        end = reached.getKey();
      }
    }
    int[] sets = new int[WEEK];
    State at = end;
    for (int d = WEEK; d > 0; d--) {
      Reached reached = layers.get(d).get(at);
      sets[d - 1] = reached.set();
      at = reached.from();
    }
    costs.add(Cost.unpack(least));
    List<PlannedSession> placed = place(days, sets, first);
    new PlanReasons(request, first, placed, days, performances(first))
        .unmet(wantedOf(spaced, end))
        .forEach(unmet::add);
    sessions.addAll(placed);
    placed.stream()
        .sorted(Comparator.comparing(session -> session.key().date()))
        .forEach(session -> last.put(session.key().lineId(), session.key().date()));
  }

  private boolean[] performances(int first) {
    boolean[] tomorrow = new boolean[WEEK];
    for (int d = 0; d < WEEK; d++) {
      tomorrow[d] = performanceAfter(first + d);
    }
    return tomorrow;
  }

  private static Map<Line, Integer> wantedOf(List<Spaced> spaced, State end) {
    Map<Line, Integer> missing = new LinkedHashMap<>();
    for (int i = 0; i < spaced.size(); i++) {
      missing.put(spaced.get(i).line(), Math.max(0, spaced.get(i).wanted() - end.counts().get(i)));
    }
    return missing;
  }

  private List<Spaced> spaced(int first) {
    LocalDate monday = request.days().get(first).date();
    List<Spaced> found = new ArrayList<>();
    for (int i = 0; i < request.lines().size(); i++) {
      Line line = request.lines().get(i);
      if (!line.spaced()) {
        continue;
      }
      LocalDate before = last.get(line.id());
      int days = before == null ? NEVER : (int) ChronoUnit.DAYS.between(monday, before);
      int tail = days < -WEEK ? NEVER : days;
      Set<Integer> pinned = new HashSet<>();
      for (Fixed fixed : request.fixed()) {
        long day = ChronoUnit.DAYS.between(monday, fixed.key().date());
        if (fixed.key().lineId().equals(line.id()) && day >= 0 && day <= WEEK) {
          pinned.add((int) day);
        }
      }
      int possible = (int) monday.datesUntil(monday.plusDays(WEEK)).filter(line::mayBeOn).count();
      boolean standsBeside = line.until().equals(monday.minusDays(1)) && tail == -1;
      if (possible > 0 || standsBeside || pinned.contains(WEEK)) {
        found.add(new Spaced(line, i, wanted(line, tail, monday, possible), tail, pinned));
      }
    }
    return found;
  }

  /** How many sessions the week should have; in a week that is cut short, its share. */
  private static int wanted(Line line, int tail, LocalDate monday, int possible) {
    if (line.often() instanceof TimesAWeek times) {
      boolean whole = !line.from().isAfter(monday) && !line.until().isBefore(monday.plusDays(6));
      return whole
          ? Math.min(times.times(), possible)
          : Math.min(possible, -Math.floorDiv(-times.times() * possible, WEEK));
    }
    int beginsAt = tail == NEVER ? 0 : Math.max(0, tail + 2);
    int most = 0;
    for (int day = beginsAt; day < WEEK; ) {
      if (line.mayBeOn(monday.plusDays(day))) {
        most++;
        day += 2;
      } else {
        day++;
      }
    }
    return most;
  }

  private static State begin(List<Spaced> spaced) {
    return new State(
        spaced.stream().map(s -> 0).toList(), spaced.stream().map(Spaced::before).toList());
  }

  /** Larger sets come first: of plans that cost the same, the one with the earlier dates stays. */
  private Map<State, Reached> next(
      Map<State, Reached> layer, DayChoices day, int d, List<Spaced> spaced) {
    Map<State, Reached> next = new LinkedHashMap<>();
    int all = day.spaced();
    List<Best> bests = new ArrayList<>();
    for (int set = all; ; set = set - 1 & all) {
      Best best = day.best(set);
      if (best.possible()) {
        bests.add(best);
      }
      if (set == 0) {
        break;
      }
    }
    for (Map.Entry<State, Reached> entry : layer.entrySet()) {
      for (Best best : bests) {
        State then = then(entry.getKey(), best.set(), day, d, spaced);
        if (then == null) {
          continue;
        }
        long cost = entry.getValue().cost() + best.cost() + uneven(entry.getKey(), then, d, spaced);
        Reached before = next.get(then);
        if (before == null || cost < before.cost()) {
          next.put(then, new Reached(cost, entry.getKey(), best.set()));
        }
      }
    }
    return next;
  }

  /** The state after a day, or null if a tissue would not have its day of rest. */
  private static State then(State state, int set, DayChoices day, int d, List<Spaced> spaced) {
    List<Integer> counts = new ArrayList<>(state.counts());
    List<Integer> lasts = new ArrayList<>(state.lasts());
    List<Integer> today = new ArrayList<>();
    for (int i = 0; i < spaced.size(); i++) {
      if (spaced.get(i).pinned().contains(d) || chosen(spaced.get(i), set, day)) {
        today.add(i);
      }
    }
    for (int i : today) {
      boolean free = !spaced.get(i).pinned().contains(d);
      if (free && state.counts().get(i) >= spaced.get(i).wanted()) {
        return null;
      }
      if (free && !rested(i, d, today, state, spaced)) {
        return null;
      }
      counts.set(i, counts.get(i) + 1);
      lasts.set(i, d);
    }
    return new State(List.copyOf(counts), List.copyOf(lasts));
  }

  private static boolean chosen(Spaced spaced, int set, DayChoices day) {
    for (int c = 0; c < day.choices().size(); c++) {
      if ((set >> c & 1) == 1 && day.choices().get(c).index() == spaced.index()) {
        return true;
      }
    }
    return false;
  }

  private static boolean rested(
      int i, int d, List<Integer> today, State state, List<Spaced> spaced) {
    Spaced own = spaced.get(i);
    if (!own.rests()) {
      return true;
    }
    for (int other = 0; other < spaced.size(); other++) {
      if (own.line().sharesTissueWith(spaced.get(other).line())) {
        boolean yesterday = state.lasts().get(other) == d - 1;
        boolean also = other != i && today.contains(other);
        boolean pinnedTomorrow = spaced.get(other).pinned().contains(d + 1);
        if (yesterday || also || pinnedTomorrow) {
          return false;
        }
      }
    }
    return true;
  }

  private static long uneven(State before, State after, int d, List<Spaced> spaced) {
    long uneven = 0;
    for (int i = 0; i < spaced.size(); i++) {
      boolean placed = after.counts().get(i) > before.counts().get(i);
      if (placed && before.lasts().get(i) != NEVER) {
        int gap = d - before.lasts().get(i);
        uneven += Math.abs((long) spaced.get(i).wanted() * gap - WEEK);
      }
    }
    return uneven * Cost.ONE_UNEVEN;
  }

  private static long missing(State state, List<Spaced> spaced) {
    long missing = 0;
    for (int i = 0; i < spaced.size(); i++) {
      missing += Math.max(0, spaced.get(i).wanted() - state.counts().get(i));
    }
    return missing * Cost.ONE_UNMET;
  }

  private List<PlannedSession> place(List<DayChoices> days, int[] sets, int first) {
    List<PlannedSession> placed = new ArrayList<>();
    for (int d = 0; d < WEEK; d++) {
      PlanDay day = request.days().get(first + d);
      for (Fixed fixed : request.fixed()) {
        if (fixed.key().date().equals(day.date())) {
          placed.add(new PlannedSession(fixed.key(), fixed.span(), true, "Stays where it is."));
        }
      }
      long[] starts = days.get(d).startsOf(sets[d]);
      for (int c = 0; c < starts.length; c++) {
        if (starts[c] >= 0) {
          Choice choice = days.get(d).choices().get(c);
          placed.add(
              new PlannedSession(
                  new SessionKey(choice.line().id(), day.date()),
                  new Span(starts[c], starts[c] + choice.line().minutes()),
                  false,
                  PlanReasons.why(choice, day, performanceAfter(first + d), starts[c])));
        }
      }
    }
    return placed;
  }
}
