package org.nimblet.server.today;

import io.swagger.v3.oas.annotations.media.Schema;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.Attention;
import org.nimblet.core.progress.AttentionRules;
import org.nimblet.core.progress.HealthWord.OfPain;
import org.nimblet.core.progress.LadderStory;
import org.nimblet.core.routine.Health;
import org.nimblet.core.routine.SafetyNote;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.core.session.PastSession;
import org.nimblet.core.session.PlannedSession;
import org.nimblet.core.session.PlannedSession.Will;
import org.nimblet.core.session.SessionLedger;
import org.nimblet.core.session.SessionState;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.Agenda;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.springframework.stereotype.Component;

/** Draws days together from blocks, planned warm-ups and what happened. */
@Component
class DayViews {

  /** So far back is shown what came in. */
  private static final Duration CAME_IN = Duration.ofHours(24);

  private final Agenda agenda;

  DayViews(Agenda agenda) {
    this.agenda = agenda;
  }

  /**
   * A day as a ribbon. Hours count from the day's midnight, 18.5 is half past six.
   *
   * @param notes what stands against work, of today; none on other days
   */
  record DayView(
      LocalDate date,
      String timeZone,
      double wakesHour,
      double sleepsHour,
      double nowHour,
      boolean today,
      List<DayBlockView> blocks,
      List<DayBusyView> busy,
      List<PegView> pegs,
      int done,
      int missed,
      int planned,
      List<SafetyNote> notes) {}

  /**
   * A block on the ribbon.
   *
   * @param parts what it is made of; empty for one whole
   * @param overlaps the titles of those that are at the same time
   */
  record DayBlockView(
      UUID id,
      UUID activityId,
      long version,
      String title,
      boolean performance,
      boolean repeats,
      double startHour,
      double endHour,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt,
      String warmUpReason,
      List<BlockPartView> parts,
      List<String> overlaps) {}

  /** A round, set, piece or technique of a block. */
  record BlockPartView(String title, int minutes, int restMinutes, BlockPart.Certainty certainty) {}

  /** A busy time on the ribbon. */
  record DayBusyView(
      UUID id,
      double startHour,
      double endHour,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt) {}

  /**
   * A session on the ribbon.
   *
   * @param lineId what a free-standing session was planned for; null for all others
   * @param open whether it can still be done
   * @param why why it is there, if that is known here
   */
  record PegView(
      @Schema(nullable = true) UUID blockId,
      @Schema(nullable = true) String lineId,
      boolean pinned,
      String why,
      Purpose purpose,
      SessionState state,
      boolean open,
      double startHour,
      double endHour,
      Instant start,
      Instant end,
      @Schema(type = "string") LocalTime startsAt,
      @Schema(type = "string") LocalTime endsAt,
      String label) {}

  /**
   * A reason for a word.
   *
   * @param rank its place among all kinds of reasons, 0 for the most urgent
   */
  record AttentionView(
      UUID id,
      int rank,
      Attention.Urgency urgency,
      String heading,
      String sentence,
      Attention.Place place) {

    /** The same reason has the same identifier, so that it can be dealt with. */
    static AttentionView of(Attention reason) {
      return of(
          reason.rank(), reason.urgency(), reason.heading(), reason.sentence(), reason.place());
    }

    static AttentionView of(
        int rank,
        Attention.Urgency urgency,
        String heading,
        String sentence,
        Attention.Place place) {
      UUID id = UUID.nameUUIDFromBytes((heading + " " + sentence).getBytes(StandardCharsets.UTF_8));
      return new AttentionView(id, rank, urgency, heading, sentence, place);
    }
  }

  /** One day of a person, as it stands now. */
  DayView day(Person person, LocalDate date) {
    return days(person, date, date).get(0);
  }

  /** Days of a person, first and last included. */
  List<DayView> days(Person person, LocalDate first, LocalDate last) {
    return of(person, agenda.of(person, first, last));
  }

  /** Days as they are shown. */
  static List<DayView> of(Person person, List<Agenda.Day> days) {
    return days.stream().map(day -> view(person, day)).toList();
  }

  /** One person among all: a day as it stands now, and why a word is needed. */
  record Glance(
      ClientFile client, DayView day, List<AttentionView> attention, List<CameView> came) {}

  /**
   * A session that somebody has done.
   *
   * @param words what became of it, with what was said of it
   */
  record CameView(Instant at, Purpose purpose, SessionState state, String words) {}

  /** People at a glance; the week behind and the shown day are read for all of them at once. */
  List<Glance> glances(List<Person> people, LocalDate shown) {
    if (people.isEmpty()) {
      return List.of();
    }
    SortedSet<LocalDate> todays =
        people.stream().map(Person::today).collect(Collectors.toCollection(TreeSet::new));
    LocalDate first = todays.first().minusDays(AttentionRules.DAYS - 1L);
    LocalDate last = todays.last();
    boolean near = !shown.isBefore(first) && !shown.isAfter(last.plusDays(1));
    Map<UUID, List<Agenda.Day>> week =
        agenda.of(people, first, near && shown.isAfter(last) ? shown : last);
    Map<UUID, LocalDate> reviews = agenda.reviews(people);
    Map<UUID, List<Agenda.Day>> apart = near ? week : agenda.of(people, shown, shown);
    return people.stream()
        .map(
            person ->
                new Glance(
                    person.client(),
                    apart.get(person.id()).stream()
                        .filter(day -> day.date().equals(shown))
                        .findFirst()
                        .map(day -> view(person, day))
                        .orElseThrow(),
                    attention(
                        person,
                        week.get(person.id()),
                        Optional.ofNullable(reviews.get(person.id()))),
                    came(person)))
        .toList();
  }

  /** A day of which nothing can be worked out, and that it is so. */
  static Glance unreadable(ClientFile client, LocalDate date) {
    return new Glance(
        client,
        new DayView(
            date,
            client.zone().getId(),
            Hours.of(client.wakesAt()),
            Hours.of(client.sleepsAt()),
            0,
            false,
            List.of(),
            List.of(),
            List.of(),
            0,
            0,
            0,
            List.of()),
        List.of(
            AttentionView.of(
                0,
                Attention.Urgency.STOP,
                "Day cannot be worked out",
                "Something that is kept of this client does not fit together; what was changed last"
                    + " is the likeliest. Whoever runs the server finds the cause in its log.",
                Attention.Place.HANDS)),
        List.of());
  }

  /** A day with its sessions. */
  static DayView view(Person person, Agenda.Day day) {
    ZoneId zone = person.client().zone();
    DaySchedule schedule = day.schedule();
    Hours hours = new Hours(day.date(), zone);
    boolean today = person.today().equals(day.date());
    List<PegView> pegs = new ArrayList<>();
    day.past().forEach(session -> pegs.add(peg(session, hours)));
    day.planned().stream()
        .filter(entry -> entry.done().isEmpty())
        .filter(entry -> entry.state() != SessionState.LEFT_OUT)
        .forEach(entry -> pegs.add(peg(entry, hours)));
    pegs.sort(Comparator.comparing(PegView::start));
    return new DayView(
        day.date(),
        zone.getId(),
        hours.of(schedule.wakes()),
        hours.of(schedule.sleeps()),
        hours.of(person.now()),
        today,
        schedule.blocks().stream().map(block -> block(schedule, block, hours)).toList(),
        schedule.busy().stream()
            .map(
                busy ->
                    new DayBusyView(
                        busy.id(),
                        hours.of(busy.start()),
                        hours.of(busy.end()),
                        hours.time(busy.start()),
                        hours.time(busy.end())))
            .toList(),
        pegs,
        count(pegs, state -> state == SessionState.DONE || state == SessionState.LEFT),
        count(pegs, state -> state == SessionState.MISSED),
        count(pegs, SessionState::isOpen),
        today ? SafetyNote.of(person.health()) : List.of());
  }

  private static List<AttentionView> attention(
      Person person, List<Agenda.Day> week, Optional<LocalDate> reviewsOn) {
    List<LocalDate> missed =
        week.stream()
            .flatMap(
                day ->
                    day.planned().stream()
                        .filter(entry -> entry.state() == SessionState.MISSED)
                        .map(entry -> day.date()))
            .toList();
    List<DayBlock> blocks =
        week.stream()
            .filter(day -> !day.date().isAfter(person.today()))
            .flatMap(day -> day.schedule().blocks().stream())
            .toList();
    long minutes =
        blocks.stream()
            .mapToLong(block -> Duration.between(block.start(), block.end()).toMinutes())
            .sum();
    Health health = person.told().health(person.today(), person.now());
    return AttentionRules.reasons(
            new AttentionRules.Situation(
                person.today(),
                person.told().painReadings(person.now()),
                person.askedAboutPain(),
                missed,
                health,
                reviewsOn,
                (int) minutes,
                person.client().activities().stream().mapToInt(a -> a.weeklyMinutes()).sum(),
                person.progress().closed(health.allowed()).stream()
                    .map(story -> story.exercise().title())
                    .toList(),
                titles(person, (story, side) -> story.isStuck(side)),
                titles(person, (story, side) -> story.isReadyToStepUp(side, person.today())),
                reviewsOn.isPresent() || !blocks.isEmpty()))
        .stream()
        .map(AttentionView::of)
        .toList();
  }

  /** The titles of the ladders of which something holds for a side that is done. */
  private static List<String> titles(Person person, BiPredicate<LadderStory, Side> test) {
    return person.progress().stories().values().stream()
        .filter(story -> story.sides().stream().anyMatch(side -> test.test(story, side)))
        .map(story -> story.exercise().title())
        .sorted()
        .toList();
  }

  /** What somebody has done since yesterday, the latest first. */
  private static List<CameView> came(Person person) {
    Instant since = person.now().minus(CAME_IN);
    return person.past().stream()
        .filter(session -> session.endedAt().isAfter(since))
        .map(session -> came(person, session))
        .toList();
  }

  private static CameView came(Person person, PastSession session) {
    SessionState state = SessionState.of(session);
    OptionalInt worst =
        person.told().painsOf(session.id()).stream()
            .filter(OfPain::isOfSession)
            .mapToInt(OfPain::level)
            .max();
    String line = person.told().lineAfter(session.id());
    String words =
        session.purpose().word()
            + " "
            + session.ending().words()
            + (worst.isPresent() ? ", pain " + worst.getAsInt() : "")
            + (line.isEmpty() ? "" : ": \u201c" + line + "\u201d");
    return new CameView(session.endedAt(), session.purpose(), state, words);
  }

  private static int count(List<PegView> pegs, Predicate<SessionState> states) {
    return (int) pegs.stream().filter(peg -> states.test(peg.state())).count();
  }

  private static DayBlockView block(DaySchedule day, DayBlock block, Hours hours) {
    return new DayBlockView(
        block.id(),
        block.activityId(),
        block.version(),
        block.title(),
        block.performance(),
        block.repeats(),
        hours.of(block.start()),
        hours.of(block.end()),
        block.startsAt(),
        block.endsAt(),
        block.warmUp().reason(),
        parts(block),
        day.blocks().stream()
            .filter(other -> !other.id().equals(block.id()) && other.overlaps(block))
            .map(DayBlock::title)
            .toList());
  }

  private static List<BlockPartView> parts(DayBlock block) {
    return block.parts().stream()
        .map(
            part ->
                new BlockPartView(
                    part.title(), part.minutes(), part.restMinutes(), part.certainty()))
        .toList();
  }

  private static PegView peg(PastSession session, Hours hours) {
    SessionState state = SessionState.of(session);
    return new PegView(
        session.blockId().orElse(null),
        null,
        false,
        "",
        session.purpose(),
        state,
        state.isOpen(),
        hours.of(session.beganAt()),
        hours.of(session.endedAt()),
        session.beganAt(),
        session.endedAt(),
        hours.time(session.beganAt()),
        hours.time(session.endedAt()),
        session.purpose().word() + ", " + session.ending().words());
  }

  private static PegView peg(SessionLedger.Entry entry, Hours hours) {
    PlannedSession planned = entry.planned();
    return new PegView(
        planned.blockId().orElse(null),
        planned.lineId().orElse(null),
        planned.will() == Will.MOVED,
        planned.why(),
        planned.purpose(),
        entry.state(),
        entry.state().isOpen(),
        hours.of(planned.start()),
        hours.of(planned.end()),
        planned.start(),
        planned.end(),
        hours.time(planned.start()),
        hours.time(planned.end()),
        planned.purpose().word() + ", " + entry.words());
  }

  /** Local hours since the midnight of a date. */
  private record Hours(LocalDate date, ZoneId zone) {
    private static final double SECONDS = 3600;

    double of(Instant moment) {
      var local = moment.atZone(zone);
      long days = ChronoUnit.DAYS.between(date, local.toLocalDate());
      return days * 24 + local.toLocalTime().toSecondOfDay() / SECONDS;
    }

    static double of(LocalTime time) {
      return time.toSecondOfDay() / SECONDS;
    }

    LocalTime time(Instant moment) {
      return moment.atZone(zone).toLocalTime().withNano(0);
    }
  }
}
