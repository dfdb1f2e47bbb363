package org.nimblet.server.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.Forecast;
import org.nimblet.core.progress.Forecast.Habit;
import org.nimblet.core.progress.ForecastWords;
import org.nimblet.core.progress.LadderStory;
import org.nimblet.core.session.SessionLedger;
import org.nimblet.core.session.SessionState;
import org.nimblet.server.health.HealthTrail;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.programme.Agenda;
import org.nimblet.server.progress.ProgressForms.AheadView;
import org.nimblet.server.progress.ProgressForms.ForecastView;
import org.nimblet.server.progress.ProgressForms.KeptDay;
import org.nimblet.server.progress.ProgressForms.KeptView;
import org.nimblet.server.progress.ProgressForms.LadderView;
import org.nimblet.server.progress.ProgressForms.OftenView;
import org.nimblet.server.progress.ProgressForms.ProgressView;
import org.nimblet.server.progress.ProgressForms.RungPoint;
import org.nimblet.server.progress.ProgressForms.SideView;
import org.nimblet.server.progress.ProgressForms.WordForm;
import org.nimblet.server.session.RungWordService;
import org.nimblet.server.session.RungWordService.RungWord;
import org.springframework.stereotype.Service;

/** What was kept of what was planned, and what will come of it. */
@Service
class ProgressService {

  /** So far back attendance and decisions are shown. */
  private static final int SHOWN_DAYS = 42;

  /** So far back it is looked how somebody keeps to it (model section 5). */
  private static final int HABIT_DAYS = 28;

  private static final int WEEK = 7;

  private final Agenda agenda;
  private final RungWordService words;
  private final HealthTrail trail;
  private final Reviews reviews;

  ProgressService(Agenda agenda, RungWordService words, HealthTrail trail, Reviews reviews) {
    this.reviews = reviews;
    this.trail = trail;
    this.agenda = agenda;
    this.words = words;
  }

  ProgressView view(Person person) {
    trail.note(person.client(), HealthTrail.Deed.READ_LOG);
    LocalDate since = person.today().minusDays(SHOWN_DAYS - 1L);
    Optional<LocalDate> looked =
        reviews.findByClientIdOrderByAtDescIdAsc(person.id()).stream()
            .findFirst()
            .map(review -> review.until)
            .filter(until -> !until.isBefore(since));
    return new ProgressView(
        since,
        person.today(),
        looked.orElse(null),
        ProgressViews.ladders(person),
        ProgressViews.changes(person, looked.orElse(since)),
        kept(agenda.of(person, since, person.today())),
        ProgressViews.pains(person, since));
  }

  /** What was planned and kept, by purpose. */
  static List<KeptView> kept(List<Agenda.Day> days) {
    Map<Purpose, Map<LocalDate, KeptDay>> byPurpose = new EnumMap<>(Purpose.class);
    for (Agenda.Day day : days) {
      for (SessionLedger.Entry entry : day.planned()) {
        Purpose purpose = entry.planned().purpose();
        if (purpose == Purpose.BREAK || !isOver(entry.state())) {
          continue;
        }
        boolean done = entry.state() == SessionState.DONE;
        byPurpose
            .computeIfAbsent(purpose, p -> new TreeMap<>())
            .merge(
                day.date(),
                new KeptDay(day.date(), 1, done ? 1 : 0),
                (a, b) -> new KeptDay(a.date(), a.planned() + b.planned(), a.kept() + b.kept()));
      }
    }
    List<KeptView> views = new ArrayList<>();
    byPurpose.forEach(
        (purpose, kept) ->
            views.add(
                new KeptView(
                    purpose,
                    purpose.word(),
                    kept.values().stream().mapToInt(KeptDay::kept).sum(),
                    kept.values().stream().mapToInt(KeptDay::planned).sum(),
                    List.copyOf(kept.values()))));
    return views;
  }

  private static boolean isOver(SessionState state) {
    return state == SessionState.DONE || state == SessionState.LEFT || state == SessionState.MISSED;
  }

  /** So many rungs ahead one looks where nothing else is asked for (ours). */
  private static final int RUNGS_AHEAD = 2;

  /** So many ladders are looked ahead of at once (ours). */
  private static final int LADDERS_AHEAD = 8;

  /** When the next rungs come, of what was judged lately, on the lesser side of each. */
  List<AheadView> ahead(Person person) {
    LocalDate since = person.today().minusDays(HABIT_DAYS - 1L);
    return ProgressViews.ladders(person).stream()
        .filter(
            ladder ->
                ladder.sides().stream()
                    .anyMatch(
                        side -> side.decidedOn() != null && !side.decidedOn().isBefore(since)))
        .filter(ladder -> ladder.sides().stream().noneMatch(s -> s.stopped() || s.paused()))
        .limit(LADDERS_AHEAD)
        .flatMap(ladder -> ahead(person, ladder).stream())
        .toList();
  }

  private Optional<AheadView> ahead(Person person, LadderView ladder) {
    int last = ladder.rungs().size() - 1;
    return ladder.sides().stream()
        .filter(side -> side.rung() < last)
        .min(Comparator.comparingInt(SideView::rung))
        .map(
            side ->
                new AheadView(
                    ladder,
                    forecast(
                        person,
                        ladder.exerciseId(),
                        side.side(),
                        Math.min(last, side.rung() + RUNGS_AHEAD),
                        null)));
  }

  LadderStory story(Person person, String exerciseId) {
    return person
        .progress()
        .story(exerciseId)
        .orElseThrow(() -> new NotFoundException("exercise that was done"));
  }

  /** Keeps what the coach says of a ladder. */
  void say(Person person, String exerciseId, WordForm form) {
    LadderStory story = story(person, exerciseId);
    int last = story.ladder().last();
    if (form.word().namesRung() && (form.rung() == null || form.rung() > last)) {
      throw new InvalidFieldException(
          "rung",
          "Name a rung from 0 (%s) to %d (%s)."
              .formatted(
                  story.ladder().rungs().get(0).words(),
                  last,
                  story.ladder().rungs().get(last).words()));
    }
    words.say(
        person.client(),
        List.of(
            new RungWord(
                exerciseId,
                form.sides(),
                form.word(),
                form.word().namesRung() ? form.rung() : 0,
                form.reason())));
  }

  /**
   * When a rung will be reached at a rate.
   *
   * @param goal from 0; null for the last one
   * @param daysAWeek null as often as it is planned now
   */
  ForecastView forecast(
      Person person, String exerciseId, Side side, Integer goal, Integer daysAWeek) {
    Question asked = question(person, exerciseId, side, goal);
    int days = daysAWeek == null ? asked.usualDays() : daysAWeek;
    if (days < 1 || days > WEEK) {
      throw new InvalidFieldException("daysAWeek", "(%d) must be 1 to 7.".formatted(days));
    }
    Forecast full = asked.at(days, Habit.FULL);
    Forecast own = asked.at(days, asked.habit());
    LocalDate today = person.today();
    List<RungPoint> curve = new ArrayList<>();
    List<Integer> middle = own.middleRungs();
    for (int day = 0; day < middle.size(); day++) {
      if (day == 0 || !middle.get(day).equals(middle.get(day - 1))) {
        curve.add(new RungPoint(today.plusDays(day), middle.get(day)));
      }
    }
    return new ForecastView(
        exerciseId,
        side,
        asked.goal(),
        asked.story().ladder().rungs().get(asked.goal()).words(),
        days,
        date(today, full.day(Forecast.MIDDLE)),
        date(today, own.day(Forecast.EARLY)),
        date(today, own.day(Forecast.MIDDLE)),
        date(today, own.day(Forecast.LATE)),
        curve,
        percent(asked.habit().attendance()),
        percent(asked.habit().success()),
        ForecastWords.sentence(asked.goalWords(), today, own));
  }

  /** How many days a week are enough to be there by a date, at the person's own rate. */
  OftenView often(Person person, String exerciseId, Side side, Integer goal, LocalDate by) {
    Question asked = question(person, exerciseId, side, goal);
    long ahead = ChronoUnit.DAYS.between(person.today(), by);
    if (ahead < 1 || ahead > Forecast.DAYS) {
      throw new InvalidFieldException(
          "by", "(%s) must lie after today and within a year.".formatted(by));
    }
    for (int days = 1; days <= WEEK; days++) {
      if (asked.at(days, asked.habit()).reachedBy((int) ahead) >= Forecast.MIDDLE) {
        return new OftenView(days, ForecastWords.often(asked.goalWords(), by, days));
      }
    }
    boolean fully = asked.at(WEEK, Habit.FULL).reachedBy((int) ahead) >= Forecast.MIDDLE;
    return new OftenView(null, ForecastWords.never(asked.goalWords(), by, fully));
  }

  private Question question(Person person, String exerciseId, Side side, Integer wanted) {
    LadderStory story = story(person, exerciseId);
    LocalDate today = person.today();
    int rung = story.rung(side, today);
    int goal = wanted == null ? story.ladder().last() : wanted;
    if (goal <= rung || goal > story.ladder().last()) {
      throw new InvalidFieldException(
          "goal",
          "(%d) must be above the rung %d where this side stands, and at most %d."
              .formatted(goal, rung, story.ladder().last()));
    }
    LadderStory.Judged lately = story.judgedSince(side, today.minusDays(HABIT_DAYS - 1L));
    Set<Purpose> purposes = person.work().purposesOf(exerciseId);
    long planned =
        agenda.of(person, today.minusDays(HABIT_DAYS - 1L), today).stream()
            .filter(
                day ->
                    day.planned().stream()
                        .anyMatch(
                            entry ->
                                purposes.contains(entry.planned().purpose())
                                    && isOver(entry.state())))
            .count();
    int of = Math.max((int) planned, lately.dates().size());
    int weekly = Math.max(1, Math.min(WEEK, Math.round(of * (float) WEEK / HABIT_DAYS)));
    int away =
        lately.dates().stream()
            .max(LocalDate::compareTo)
            .map(last -> (int) Math.max(1, ChronoUnit.DAYS.between(last, today)))
            .orElse(HABIT_DAYS);
    return new Question(
        story,
        side,
        goal,
        weekly,
        Habit.of(lately.dates().size(), of, lately.achieved(), lately.judged()),
        new Forecast.Start(rung, story.streak(side), away));
  }

  private record Question(
      LadderStory story, Side side, int goal, int usualDays, Habit habit, Forecast.Start start) {

    Forecast at(int daysAWeek, Habit how) {
      return Forecast.of(story.ladder(), story.isDailyEndurance(), start, goal, daysAWeek, how);
    }

    String goalWords() {
      return story.ladder().rungs().get(goal).words();
    }
  }

  private static LocalDate date(LocalDate today, OptionalInt day) {
    return day.isPresent() ? today.plusDays(day.getAsInt()) : null;
  }

  private static int percent(double share) {
    return (int) Math.round(share * 100);
  }
}
