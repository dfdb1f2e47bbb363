package org.nimblet.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.Composer;
import org.nimblet.core.routine.Composition;
import org.nimblet.core.routine.HandUse;
import org.nimblet.core.routine.Health;
import org.nimblet.core.routine.Recent;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.routine.Weights;
import org.nimblet.core.schedule.ActivityKind;
import org.nimblet.core.schedule.Anchor.PartOfDay;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.schedule.PlanRequest.Limits;
import org.nimblet.core.schedule.ProgrammeTemplate;
import org.nimblet.core.setup.SetUpCheck;
import org.nimblet.core.setup.SetUpPoint;
import org.nimblet.server.account.AccountService;
import org.nimblet.server.account.SignedIn;
import org.nimblet.server.client.IntakeQuestion;
import org.nimblet.server.demo.DemoTown.Habit;
import org.nimblet.server.demo.DemoTown.PainStory;
import org.nimblet.server.demo.DemoTown.Person;
import org.nimblet.server.demo.DemoTown.SignStory;
import org.nimblet.server.demo.DemoTown.Slot;
import org.nimblet.server.library.OwnExerciseService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Fills an empty database with the harbour town: six weeks behind today and four ahead, made by a
 * fixed seed. On a later start it only adds the days that have come since.
 */
@Component
@ConditionalOnProperty("nimblet.demo")
class DemoLoader implements ApplicationRunner {

  private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
  private static final int DAYS_BEHIND = 42;
  private static final int DAYS_AHEAD = 28;

  /** How many points of the set-up were looked at. */
  private static final int LOOKED_AT = 4;

  private static final int ROUND_MINUTES = 28;
  private static final int VARIANTS = 3;
  private static final long SEED = 20_260_302L;

  private final AccountService accounts;
  private final OwnExerciseService ownExercises;
  private final JdbcClient jdbc;
  private final Composer composer;
  private final Clock clock;

  DemoLoader(
      AccountService accounts,
      OwnExerciseService ownExercises,
      JdbcClient jdbc,
      ExerciseLibrary library,
      Clock clock) {
    this.ownExercises = ownExercises;
    this.accounts = accounts;
    this.jdbc = jdbc;
    this.composer = new Composer(library, Purpose.WARM_UP);
    this.clock = clock;
  }

  @Override
  @Transactional
  public void run(ApplicationArguments arguments) {
    if (accounts.find(DemoTown.COACH_EMAIL).isEmpty()) {
      load();
      LOG.info("The harbour town is loaded.");
    }
    addDaysAhead();
  }

  private void load() {
    ZoneId zone = DemoZone.at(clock.instant(), clock.getZone());
    LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
    SignedIn coach =
        accounts.openCoach(DemoTown.COACH_NAME, DemoTown.COACH_EMAIL, DemoTown.PASSWORD);
    insertOwnExercises(coach.coachId());
    for (Person person : DemoTown.PEOPLE) {
      UUID clientId = UUID.randomUUID();
      insertClient(coach.coachId(), clientId, person, zone);
      person
          .email()
          .ifPresent(
              email ->
                  accounts.openClient(
                      coach.coachId(), clientId, person.name(), email, DemoTown.PASSWORD));
      List<UUID> activityIds = insertActivities(coach.coachId(), clientId, person);
      Life life = new Life(coach.coachId(), clientId, person, activityIds, zone);
      for (int day = -DAYS_BEHIND; day < 0; day++) {
        insertDay(life, today.plusDays(day));
      }
      insertDay(life, today);
      new PastWriter(life, today).write();
      person.sign().ifPresent(sign -> insertSign(life, sign));
      insertScreening(life);
      insertSetUp(life);
      person.programme().ifPresent(id -> insertProgramme(life, id, today));
    }
  }

  /**
   * A programme that ships, from this week on; the plan itself is made as the application is ready.
   */
  private void insertProgramme(Life life, String templateId, LocalDate today) {
    ProgrammeTemplate template =
        ProgrammeTemplate.all().stream()
            .filter(t -> t.id().equals(templateId))
            .findFirst()
            .orElseThrow();
    UUID id = UUID.randomUUID();
    jdbc.sql(
            "insert into programme (id, coach_id, client_id, version, title, target, starts_on,"
                + " reviews_on, ends_on, daily_sessions, daily_minutes, made_at)"
                + " values (?, ?, ?, 0, ?, ?, ?, ?, ?, ?, ?, ?)")
        .params(
            id,
            life.coachId(),
            life.clientId(),
            template.title(),
            template.aim(),
            today,
            today.plusWeeks(template.reviewWeeks()),
            today.plusWeeks(template.weeks()),
            Limits.USUAL.sessions(),
            Limits.USUAL.minutes(),
            java.time.OffsetDateTime.ofInstant(clock.instant(), java.time.ZoneOffset.UTC))
        .update();
    for (int place = 0; place < template.obligations().size(); place++) {
      Obligation obligation = template.obligations().get(place);
      jdbc.sql(
              "insert into obligation (id, coach_id, client_id, programme_id, place, purpose,"
                  + " minutes, frequency, anchor, heavy, not_on)"
                  + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")
          .params(
              UUID.randomUUID(),
              life.coachId(),
              life.clientId(),
              id,
              place,
              obligation.purpose().name(),
              obligation.minutes(),
              obligation.frequency().name(),
              ((PartOfDay) obligation.anchor()).name(),
              obligation.heavy(),
              new String[0])
          .update();
    }
  }

  private void insertOwnExercises(UUID coachId) {
    try (InputStream in = DemoLoader.class.getResourceAsStream("/demo-exercises.yaml")) {
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      OwnExerciseService.Import done = ownExercises.take(coachId, text);
      if (!done.refused().isEmpty()) {
        throw new IllegalStateException("demo exercises: " + done.refused());
      }
    } catch (IOException e) {
      throw new UncheckedIOException("the demo's exercises ship with the server", e);
    }
  }

  /** A person with the identifiers given to them. */
  private record Life(
      UUID coachId, UUID clientId, Person person, List<UUID> activityIds, ZoneId zone) {}

  private void addDaysAhead() {
    for (Person person : DemoTown.PEOPLE) {
      jdbc.sql("select id, coach_id, time_zone from client where name = ?")
          .param(person.name())
          .query(
              (row, number) ->
                  new Life(
                      row.getObject("coach_id", UUID.class),
                      row.getObject("id", UUID.class),
                      person,
                      activityIds(row.getObject("id", UUID.class)),
                      ZoneId.of(row.getString("time_zone"))))
          .list()
          .forEach(this::addDaysAhead);
    }
  }

  private List<UUID> activityIds(UUID clientId) {
    return jdbc.sql("select id from activity where client_id = ? order by place")
        .param(clientId)
        .query(UUID.class)
        .list();
  }

  private void addDaysAhead(Life life) {
    LocalDate last =
        jdbc.sql("select max(date) from block where client_id = ?")
            .param(life.clientId())
            .query(LocalDate.class)
            .optional()
            .orElse(LocalDate.ofInstant(clock.instant(), life.zone()));
    LocalDate until = LocalDate.ofInstant(clock.instant(), life.zone()).plusDays(DAYS_AHEAD);
    boolean complete = life.activityIds().size() >= life.person().habits().size();
    for (LocalDate date = last.plusDays(1);
        complete && !date.isAfter(until);
        date = date.plusDays(1)) {
      insertDay(life, date);
    }
  }

  private void insertClient(UUID coachId, UUID clientId, Person person, ZoneId zone) {
    jdbc.sql(
            """
            insert into client (id, coach_id, version, name, occupation, dominant_hand, notation,
              method, breaths_per_minute, warm_up_minutes, time_zone, wakes_at, sleeps_at, positions,
              things, weights_grams, intake_answered, created_at, changed_at)
            values (?, ?, 0, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
            """)
        .params(
            clientId,
            coachId,
            person.name(),
            person.occupation(),
            person.dominant().name(),
            person.notation().name(),
            person.method().name(),
            person.breaths(),
            person.warmUpMinutes(),
            zone.getId(),
            LocalTime.parse(person.wakes()),
            LocalTime.parse(person.sleeps()),
            names(person.positions()),
            names(person.things()),
            person.weightsGrams().toArray(Integer[]::new),
            names(EnumSet.allOf(IntakeQuestion.class)),
            Timestamp.from(clock.instant()),
            Timestamp.from(clock.instant()))
        .update();
  }

  private List<UUID> insertActivities(UUID coachId, UUID clientId, Person person) {
    List<UUID> ids = new ArrayList<>();
    for (Habit habit : person.habits()) {
      UUID id = UUID.randomUUID();
      jdbc.sql(
              """
              insert into activity (id, coach_id, client_id, place, kind, title, discipline, hands,
                digits, weekly_minutes)
              values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
              """)
          .params(
              id,
              coachId,
              clientId,
              ids.size(),
              habit.kind().name(),
              habit.title(),
              habit.discipline().name(),
              names(habit.hands()),
              names(habit.digits()),
              habit.weeklyMinutes())
          .update();
      ids.add(id);
    }
    return ids;
  }

  private static String[] names(java.util.Collection<? extends Enum<?>> values) {
    return values.stream().sorted().map(Enum::name).toArray(String[]::new);
  }

  /** Whoever plays games plays rounds, of which nobody knows how long they will be. */
  private static String rounds(Habit habit, Slot slot) {
    if (habit.kind() != ActivityKind.GAMING) {
      return "[]";
    }
    long minutes = Duration.between(slot.startsAt(), slot.endsAt()).toMinutes();
    String round =
        """
        {"title": "Round", "minutes": %d, "restMinutes": 0, "certainty": "GUESSED"}"""
            .formatted(ROUND_MINUTES);
    int count = (int) (Math.max(ROUND_MINUTES, minutes) / ROUND_MINUTES);
    return "[" + String.join(", ", Collections.nCopies(count, round)) + "]";
  }

  private void insertDay(Life life, LocalDate date) {
    for (int h = 0; h < life.person().habits().size(); h++) {
      Habit habit = life.person().habits().get(h);
      for (Slot slot : habit.slots()) {
        if (slot.days().contains(date.getDayOfWeek())) {
          jdbc.sql(
                  """
                  insert into block (id, coach_id, client_id, activity_id, version, date, starts_at,
                    ends_at, title, performance, parts)
                  values (?, ?, ?, ?, 0, ?, ?, ?, ?, ?, ?::jsonb)
                  """)
              .params(
                  UUID.randomUUID(),
                  life.coachId(),
                  life.clientId(),
                  life.activityIds().get(h),
                  date,
                  slot.startsAt(),
                  slot.endsAt(),
                  habit.title(),
                  slot.performance(),
                  rounds(habit, slot))
              .update();
        }
      }
    }
    for (Slot slot : life.person().busy()) {
      if (slot.days().contains(date.getDayOfWeek())) {
        jdbc.sql(
                """
                insert into busy_time (id, coach_id, client_id, date, starts_at, ends_at)
                values (?, ?, ?, ?, ?, ?)
                """)
            .params(
                UUID.randomUUID(),
                life.coachId(),
                life.clientId(),
                date,
                slot.startsAt(),
                slot.endsAt())
            .update();
      }
    }
  }

  private void insertSign(Life life, SignStory story) {
    insertAnswer(
        life,
        story.sign(),
        "YES",
        Optional.of(story),
        clock.instant().minus(Duration.ofDays(story.daysAgo())));
    for (String exercise : story.allowed()) {
      jdbc.sql(
              """
              insert into minded (id, coach_id, client_id, kind, sides, exercise_id, words, at)
              values (?, ?, ?, 'ALLOW', ?, ?, ?, ?)
              """)
          .params(
              UUID.randomUUID(),
              life.coachId(),
              life.clientId(),
              new String[0],
              exercise,
              story.words(),
              Timestamp.from(clock.instant().minus(Duration.ofDays(2))))
          .update();
    }
  }

  /** Everybody was asked about every sign when they were taken in. */
  private void insertScreening(Life life) {
    for (ReferralSign sign : ReferralSign.values()) {
      insertAnswer(
          life, sign, "NO", Optional.empty(), clock.instant().minus(Duration.ofDays(DAYS_BEHIND)));
    }
  }

  private void insertAnswer(
      Life life, ReferralSign sign, String answer, Optional<SignStory> story, Instant at) {
    jdbc.sql(
            """
            insert into screening (id, coach_id, client_id, at, sign, answer, side, regions,
              since_words, words)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, '')
            """)
        .params(
            UUID.randomUUID(),
            life.coachId(),
            life.clientId(),
            Timestamp.from(at),
            sign.name(),
            answer,
            story.map(s -> s.side().name()).orElse(null),
            story.map(s -> names(s.regions())).orElse(new String[0]),
            story.map(SignStory::since).orElse(""))
        .update();
  }

  /** The first points of the first activity were looked at; one of them rides along. */
  private void insertSetUp(Life life) {
    UUID activityId = life.activityIds().get(0);
    List<SetUpPoint> points = SetUpCheck.of(life.person().habits().get(0).discipline());
    for (int i = 0; i < LOOKED_AT; i++) {
      jdbc.sql(
              """
              insert into set_up_entry (id, coach_id, client_id, activity_id, at, point, state, words)
              values (?, ?, ?, ?, ?, ?, ?, ?)
              """)
          .params(
              UUID.randomUUID(),
              life.coachId(),
              life.clientId(),
              activityId,
              Timestamp.from(clock.instant().minus(Duration.ofDays(9))),
              points.get(i).id(),
              i == 1 ? "NOT_YET" : "FINE",
              i == 1 ? "slips back after ten minutes" : "")
          .update();
    }
    jdbc.sql("update activity set riding_point = ? where id = ?")
        .params(points.get(1).id(), activityId)
        .update();
  }

  /** Writes the weeks behind today: which warm-ups were done, and what was said of them. */
  private final class PastWriter {
    private final Life life;
    private final LocalDate today;
    private final RandomGenerator random;
    private final Map<String, Composition.Composed> variants = new HashMap<>();
    private int missedLately;

    PastWriter(Life life, LocalDate today) {
      this.life = life;
      this.today = today;
      this.random = new SplittableRandom(SEED + life.person().name().hashCode());
    }

    /** A past block. */
    private record PastBlock(
        UUID id, UUID activityId, LocalDate date, LocalTime startsAt, String title) {}

    void write() {
      List<PastBlock> blocks =
          jdbc.sql(
                  """
                  select id, activity_id, date, starts_at, title from block
                  where client_id = ? order by date desc, starts_at desc
                  """)
              .param(life.clientId())
              .query(
                  (row, number) ->
                      new PastBlock(
                          row.getObject("id", UUID.class),
                          row.getObject("activity_id", UUID.class),
                          row.getObject("date", LocalDate.class),
                          row.getObject("starts_at", LocalTime.class),
                          row.getString("title")))
              .list();
      for (PastBlock block : blocks) {
        Instant start = block.date().atTime(block.startsAt()).atZone(life.zone()).toInstant();
        if (start.isBefore(clock.instant())) {
          if (kept(block)) {
            session(block, start);
          }
        }
      }
    }

    private boolean kept(PastBlock block) {
      boolean lately = block.date().isAfter(today.minusDays(8));
      if (lately && missedLately < life.person().missedLately()) {
        missedLately++;
        return false;
      }
      return random.nextInt(100) < (lately ? 100 : life.person().keptPercent());
    }

    private void session(PastBlock block, Instant start) {
      int habitIndex = life.activityIds().indexOf(block.activityId());
      Composition.Composed warmUp = variant(habitIndex, random.nextInt(VARIANTS));
      long length = warmUp.cueSheet().lengthMillis();
      boolean left = random.nextInt(100) < 6;
      int doneSteps =
          left ? Math.max(2, warmUp.steps().size() - 1 - random.nextInt(3)) : warmUp.steps().size();
      Instant began = start.minusMillis(length).plusSeconds(random.nextInt(40) - 20L);
      long lasted =
          doneSteps == warmUp.steps().size()
              ? length
              : warmUp.cueSheet().stepStarts().get(doneSteps);
      int painLevel = painLevel(block.date());
      UUID sessionId = UUID.randomUUID();
      jdbc.sql(
              """
              insert into session (id, coach_id, client_id, block_id, purpose, title, date, began_at,
                ended_at, planned_millis, ending, done_percent, checked_in_at, effort, tighter_side)
              values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
              """)
          .params(
              sessionId,
              life.coachId(),
              life.clientId(),
              block.id(),
              Purpose.WARM_UP.name(),
              Purpose.WARM_UP.word() + " before " + block.title(),
              block.date(),
              Timestamp.from(began),
              Timestamp.from(began.plusMillis(lasted)),
              length,
              left ? "LEFT" : "DONE",
              (int) (100 * lasted / length),
              Timestamp.from(began.plusMillis(lasted + 20_000)),
              3 + random.nextInt(3),
              random.nextInt(3) == 0 ? "SAME" : life.person().dominant().other().name())
          .update();
      line(sessionId, words(left), began.plusMillis(lasted + 20_000));
      steps(sessionId, warmUp, doneSteps);
      pain(sessionId, painLevel, began.plusMillis(lasted));
    }

    private void line(UUID sessionId, String words, Instant at) {
      if (!words.isEmpty()) {
        jdbc.sql(
                """
                insert into session_line (id, coach_id, client_id, session_id, at, words)
                values (?, ?, ?, ?, ?, ?)
                """)
            .params(
                UUID.randomUUID(),
                life.coachId(),
                life.clientId(),
                sessionId,
                Timestamp.from(at),
                words)
            .update();
      }
    }

    private String words(boolean left) {
      if (left) {
        return "Had to leave early.";
      }
      List<String> said =
          List.of(
              "",
              "",
              "",
              "Ring finger warm, fine by the end.",
              "Hands cold at first.",
              "Easy today.");
      return said.get(random.nextInt(said.size()));
    }

    private int painLevel(LocalDate date) {
      PainStory story = life.person().pain();
      int last = story.levels().size() - 1;
      long daysAgo = java.time.temporal.ChronoUnit.DAYS.between(date, today);
      int step = (int) (story.daily() ? daysAgo / 2 : daysAgo / 6);
      return story.levels().get(Math.max(0, last - step));
    }

    private void steps(UUID sessionId, Composition.Composed warmUp, int doneSteps) {
      for (int place = 0; place < warmUp.steps().size(); place++) {
        var step = warmUp.steps().get(place);
        jdbc.sql(
                """
                insert into session_step (id, coach_id, session_id, place, exercise_id, title, kind,
                  dose, laterality, planned_millis, done_percent, outcome)
                values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                """)
            .params(
                UUID.randomUUID(),
                life.coachId(),
                sessionId,
                place,
                step.exercise().id(),
                step.exercise().title(),
                step.exercise().kind().name(),
                step.doseWords(life.person().method(), life.person().notation()),
                step.dose().laterality().name(),
                warmUp.cueSheet().stepMillis(place),
                place < doneSteps ? 100 : 0,
                place < doneSteps ? "DONE" : "SKIPPED")
            .update();
      }
    }

    private void pain(UUID sessionId, int level, Instant at) {
      PainStory story = life.person().pain();
      jdbc.sql(
              """
              insert into pain_entry (id, coach_id, client_id, session_id, at, moment, side, region,
                level, sensation)
              values (?, ?, ?, ?, ?, 'AFTER', ?, ?, ?, ?)
              """)
          .params(
              UUID.randomUUID(),
              life.coachId(),
              life.clientId(),
              sessionId,
              Timestamp.from(at),
              story.side().name(),
              story.region().name(),
              level,
              Sensation.ACHE.name())
          .update();
    }

    /** A warm-up as it may have been composed on one of the days behind. */
    private Composition.Composed variant(int habitIndex, int number) {
      return variants.computeIfAbsent(
          habitIndex + "/" + number,
          key -> {
            Habit habit = life.person().habits().get(habitIndex);
            Map<String, Integer> days = new HashMap<>();
            variants.values().stream()
                .flatMap(earlier -> earlier.steps().stream())
                .forEach(step -> days.put(step.exercise().id(), random.nextInt(3)));
            ClientFacts facts =
                new ClientFacts(
                    life.person().dominant(),
                    life.person().notation(),
                    new Pace(life.person().breaths()),
                    life.person().method(),
                    life.person().positions(),
                    life.person().things(),
                    life.person().weightsGrams(),
                    Health.GOOD);
            return (Composition.Composed)
                composer.compose(
                    new RoutineRequest(
                        life.person().warmUpMinutes() * 60,
                        facts,
                        new HandUse(
                            Set.of(habit.discipline()),
                            habit.hands(),
                            HandRole.usual(
                                habit.discipline(), habit.hands(), life.person().dominant()),
                            habit.digits()),
                        Weights.forRoutine(
                            Purpose.WARM_UP,
                            List.of(
                                new Weights.Share(
                                    Weights.ofActivity(
                                        habit.discipline(), habit.hands(), habit.digits()),
                                    habit.weeklyMinutes()))),
                        Recent.of(days),
                        Around.NOTHING,
                        List.of()));
          });
    }
  }
}
