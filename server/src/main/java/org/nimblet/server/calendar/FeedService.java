package org.nimblet.server.calendar;

import java.time.Clock;
import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.server.calendar.CalendarForms.FeedForm;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.Secrets;
import org.nimblet.server.programme.UpcomingSessions;
import org.nimblet.server.programme.UpcomingSessions.Outlook;
import org.nimblet.server.programme.UpcomingSessions.Upcoming;
import org.nimblet.server.routine.WarmUps;
import org.nimblet.server.week.DaySchedule;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gives a client's planned sessions out as a calendar, as a file or at a secret address. */
@Service
class FeedService {

  /** So far ahead sessions are agreed. */
  private static final int WEEKS = 8;

  private static final String STOP = "Stop if it hurts, tingles or goes numb, and tell your coach.";

  private final CalendarFeeds feeds;
  private final ClientFiles clients;
  private final UpcomingSessions upcoming;
  private final People people;
  private final WarmUps routines;
  private final Secrets secrets;
  private final Clock clock;

  FeedService(
      CalendarFeeds feeds,
      ClientFiles clients,
      UpcomingSessions upcoming,
      People people,
      WarmUps routines,
      Secrets secrets,
      Clock clock) {
    this.feeds = feeds;
    this.clients = clients;
    this.upcoming = upcoming;
    this.people = people;
    this.routines = routines;
    this.secrets = secrets;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  Optional<CalendarFeed> of(ClientFile client) {
    return feeds.findById(client.id());
  }

  /** Makes the feed, or renews its secret; the old address then leads nowhere. */
  @Transactional
  String renew(ClientFile client, FeedForm form) {
    String secret = secrets.make();
    CalendarFeed feed = of(client).orElseGet(CalendarFeed::new);
    feed.clientId = client.id();
    feed.coachId = client.coachId();
    feed.secretHash = Secrets.hash(secret);
    feed.madeAt = clock.instant();
    feed.alarmMinutes = form.alarmMinutes();
    feed.breaks = form.breaks();
    feeds.saveAndFlush(feed);
    return secret;
  }

  @Transactional
  void remove(ClientFile client) {
    feeds.deleteById(client.id());
  }

  /** The calendar behind a secret address, if it leads anywhere. */
  Optional<String> behind(String secret) {
    return feeds
        .findBySecretHash(Secrets.hash(secret))
        .flatMap(
            feed ->
                clients.forBackgroundWork(List.of(feed.clientId)).stream()
                    .findFirst()
                    .map(client -> calendar(client, feed.alarmMinutes, feed.breaks)));
  }

  /** The planned sessions as a calendar. */
  String calendar(ClientFile client, int alarmMinutes, boolean breaks) {
    Person person = people.of(client);
    Outlook outlook = upcoming.of(person, person.today(), person.today().plusWeeks(WEEKS));
    List<CalendarWriter.Entry> entries =
        outlook.sessions().stream()
            .filter(session -> breaks || session.purpose() != Purpose.BREAK)
            .map(session -> entry(person, session, outlook.days()))
            .toList();
    return CalendarWriter.write(
        "Nimblet: " + client.name(),
        entries,
        alarmMinutes,
        person.now().truncatedTo(ChronoUnit.SECONDS));
  }

  /** The steps are those of today's state: pain of next week is not known. */
  private CalendarWriter.Entry entry(Person person, Upcoming session, List<DaySchedule> days) {
    List<String> steps =
        routines.stepTexts(
            person,
            session.purpose(),
            session.start(),
            wholeMinutes(session),
            session.activityId(),
            days);
    String description = steps.isEmpty() ? STOP : String.join("\n", steps) + "\n\n" + STOP;
    return new CalendarWriter.Entry(
        session.uid(), session.title(), description, session.start(), session.end());
  }

  /** A session ends with its last step, some moments before the minute it was made for. */
  private static Duration wholeMinutes(Upcoming session) {
    long seconds = Duration.between(session.start(), session.end()).toSeconds();
    return Duration.ofMinutes(Math.max(1, Math.round(seconds / 60.0)));
  }
}
