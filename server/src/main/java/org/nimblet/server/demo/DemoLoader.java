package org.nimblet.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.progress.HealthWord.MindedKind;
import org.nimblet.core.routine.AgeGroup;
import org.nimblet.core.schedule.ActivityKind;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.core.setup.SetUpCheck;
import org.nimblet.core.setup.SetUpPoint;
import org.nimblet.server.account.AccountService;
import org.nimblet.server.account.Scope;
import org.nimblet.server.account.SignedIn;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.client.ClientForms.ActivityForm;
import org.nimblet.server.client.ClientForms.ClientForm;
import org.nimblet.server.client.ClientService;
import org.nimblet.server.client.IntakeQuestion;
import org.nimblet.server.demo.DemoTown.Habit;
import org.nimblet.server.demo.DemoTown.SignStory;
import org.nimblet.server.demo.DemoTown.Slot;
import org.nimblet.server.health.HealthForms.AnswerForm;
import org.nimblet.server.health.HealthForms.MindedForm;
import org.nimblet.server.health.HealthService;
import org.nimblet.server.library.OwnExerciseService;
import org.nimblet.server.person.People;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeForm;
import org.nimblet.server.programme.ProgrammeForms.ReadyProgrammeView;
import org.nimblet.server.programme.ProgrammeService;
import org.nimblet.server.session.SessionService;
import org.nimblet.server.setup.PointState;
import org.nimblet.server.setup.SetUpForms.LookForm;
import org.nimblet.server.setup.SetUpForms.RidingForm;
import org.nimblet.server.setup.SetUpService;
import org.nimblet.server.week.BlockBook;
import org.nimblet.server.week.BlockBook.BlockContent;
import org.nimblet.server.week.BlockBook.DayTime;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedules;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Fills an empty database with the harbour town: six weeks behind today and four ahead, made by a
 * fixed seed and told as the town's own people would tell it. On a later start it only adds the
 * days that have come since.
 */
@Component
@ConditionalOnProperty("nimblet.demo")
class DemoLoader implements ApplicationRunner {

  private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
  private static final int DAYS_BEHIND = 42;
  private static final int DAYS_AHEAD = 28;

  /** The programmes are looked at again so many days from today. */
  private static final int REVIEW_AHEAD = 3;

  /** How many points of the set-up were looked at, and when. */
  private static final int LOOKED_AT = 4;

  private static final Duration LOOKED_BEFORE = Duration.ofDays(9);
  private static final Duration ALLOWED_BEFORE = Duration.ofDays(2);

  private static final int BREAK_MINUTES = 2;
  private static final int CARE_MINUTES = 10;
  private static final int ROUND_MINUTES = 28;

  private final AccountService accounts;
  private final Scope scope;
  private final OwnExerciseService ownExercises;
  private final ClientService clients;
  private final ClientFiles files;
  private final BlockBook book;
  private final DaySchedules schedules;
  private final HealthService health;
  private final SetUpService setUps;
  private final ProgrammeService programmes;
  private final People people;
  private final SessionService sessions;
  private final DemoPast past;
  private final DemoDrills drills;
  private final DemoTests tests;
  private final DemoClock clock;

  DemoLoader(
      AccountService accounts,
      Scope scope,
      OwnExerciseService ownExercises,
      ClientService clients,
      ClientFiles files,
      BlockBook book,
      DaySchedules schedules,
      HealthService health,
      SetUpService setUps,
      ProgrammeService programmes,
      People people,
      SessionService sessions,
      DemoPast past,
      DemoDrills drills,
      DemoTests tests,
      DemoClock clock) {
    this.accounts = accounts;
    this.scope = scope;
    this.ownExercises = ownExercises;
    this.clients = clients;
    this.files = files;
    this.book = book;
    this.schedules = schedules;
    this.health = health;
    this.setUps = setUps;
    this.programmes = programmes;
    this.people = people;
    this.sessions = sessions;
    this.past = past;
    this.drills = drills;
    this.tests = tests;
    this.clock = clock;
  }

  @Override
  @Transactional
  public void run(ApplicationArguments arguments) {
    Optional<SignedIn> known = accounts.find(DemoTown.COACH_EMAIL);
    SignedIn coach =
        known.orElseGet(
            () -> accounts.openCoach(DemoTown.COACH_NAME, DemoTown.COACH_EMAIL, DemoTown.PASSWORD));
    scope.as(
        coach,
        () -> {
          if (known.isEmpty()) {
            load(coach);
            LOG.info("The harbour town is loaded.");
          }
          DemoTown.PEOPLE.forEach(this::addDaysAhead);
        });
  }

  private void load(SignedIn coach) {
    writeOwnExercises(coach.coachId());
    ZoneId zone = DemoZone.at(clock.instant(), clock.getZone());
    for (DemoTown.Person person : DemoTown.PEOPLE) {
      UUID id = clients.create(form(person, zone)).id();
      person
          .email()
          .ifPresent(
              email ->
                  accounts.openClient(
                      coach.coachId(), id, person.name(), email, DemoTown.PASSWORD, null));
      ClientFile client = files.require(id);
      LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
      for (int day = -DAYS_BEHIND; day <= 0; day++) {
        putDay(client, person, today.plusDays(day));
      }
      book.changed(client);
      Instant since = clock.instant().minus(Duration.ofDays(DAYS_BEHIND));
      clock.at(since, () -> putOn(client, person.programme()));
      tellOfHealth(client, person);
      past.tell(client, person, today.minusDays(DAYS_BEHIND));
      sessions.together(
          client,
          () -> {
            drills.tell(client, person);
            tests.tell(client, person.name().hashCode());
          });
      lookAtSetUp(client, person);
    }
    for (DemoTown.Person person : DemoTown.PEOPLE) {
      addDaysAhead(person);
    }
  }

  private void writeOwnExercises(UUID coachId) {
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

  private static ClientForm form(DemoTown.Person person, ZoneId zone) {
    return new ClientForm(
        0,
        person.name(),
        person.occupation(),
        person.dominant(),
        person.notation(),
        person.method(),
        AgeGroup.ADULT,
        null,
        person.breaths(),
        person.warmUpMinutes(),
        BREAK_MINUTES,
        CARE_MINUTES,
        zone.getId(),
        person.wakesAt(),
        person.sleepsAt(),
        person.positions(),
        person.things(),
        person.weightsGrams(),
        person.habits().stream()
            .map(
                habit ->
                    new ActivityForm(
                        null,
                        habit.kind(),
                        habit.title(),
                        habit.discipline(),
                        habit.hands(),
                        habit.digits(),
                        null,
                        habit.weeklyMinutes(),
                        null))
            .toList(),
        EnumSet.allOf(IntakeQuestion.class));
  }

  private Optional<ClientFile> client(DemoTown.Person person) {
    return files.all().stream().filter(file -> file.name().equals(person.name())).findFirst();
  }

  private void addDaysAhead(DemoTown.Person person) {
    client(person)
        .filter(client -> client.activities().size() >= person.habits().size())
        .ifPresent(client -> addDaysAhead(client, person));
  }

  private void addDaysAhead(ClientFile client, DemoTown.Person person) {
    LocalDate today = LocalDate.ofInstant(clock.instant(), client.zone());
    LocalDate until = today.plusDays(DAYS_AHEAD);
    LocalDate last =
        schedules.days(client, today, until).stream()
            .filter(day -> !day.blocks().isEmpty())
            .map(DaySchedule::date)
            .max(LocalDate::compareTo)
            .orElse(today);
    for (LocalDate date = last.plusDays(1); !date.isAfter(until); date = date.plusDays(1)) {
      putDay(client, person, date);
    }
    book.changed(client);
  }

  private void putDay(ClientFile client, DemoTown.Person person, LocalDate date) {
    for (int place = 0; place < person.habits().size(); place++) {
      Habit habit = person.habits().get(place);
      ActivityFile activity = client.activities().get(place);
      for (Slot slot : habit.slots()) {
        if (slot.days().contains(date.getDayOfWeek())) {
          book.putBlock(
              client,
              new BlockContent(
                  activity,
                  habit.title(),
                  slot.performance(),
                  new DayTime(date, slot.startsAt(), slot.endsAt()),
                  Optional.of(rounds(habit, slot))));
        }
      }
    }
    for (Slot slot : person.busy()) {
      if (slot.days().contains(date.getDayOfWeek())) {
        book.putBusy(client, new DayTime(date, slot.startsAt(), slot.endsAt()));
      }
    }
  }

  /** Whoever plays games plays rounds, of which nobody knows how long they will be. */
  private static List<BlockPart> rounds(Habit habit, Slot slot) {
    if (habit.kind() != ActivityKind.GAMING) {
      return List.of();
    }
    long minutes = Duration.between(slot.startsAt(), slot.endsAt()).toMinutes();
    int count = (int) (Math.max(ROUND_MINUTES, minutes) / ROUND_MINUTES);
    return Collections.nCopies(
        count, new BlockPart("Round", ROUND_MINUTES, 0, BlockPart.Certainty.GUESSED));
  }

  /** Everybody was asked about every sign when they were taken in; some told of one since. */
  private void tellOfHealth(ClientFile client, DemoTown.Person person) {
    clock.at(
        clock.instant().minus(Duration.ofDays(DAYS_BEHIND)),
        () ->
            health.screen(
                client,
                Arrays.stream(ReferralSign.values())
                    .map(sign -> new AnswerForm(sign, false, null, Set.of(), ""))
                    .toList()));
    person.sign().ifPresent(story -> tell(client, story));
  }

  private void tell(ClientFile client, SignStory story) {
    clock.at(
        clock.instant().minus(Duration.ofDays(story.daysAgo())),
        () ->
            health.screen(
                client,
                List.of(
                    new AnswerForm(
                        story.sign(), true, story.side(), story.regions(), story.since()))));
    clock.at(
        clock.instant().minus(ALLOWED_BEFORE),
        () ->
            story
                .allowed()
                .forEach(
                    exercise ->
                        health.mind(
                            client,
                            new MindedForm(
                                MindedKind.ALLOW,
                                Set.of(),
                                null,
                                null,
                                null,
                                exercise,
                                story.words(),
                                null))));
  }

  /** The first points of the first activity were looked at; one of them rides along. */
  private void lookAtSetUp(ClientFile client, DemoTown.Person person) {
    UUID activity = client.activities().get(0).id();
    List<SetUpPoint> points = SetUpCheck.of(person.habits().get(0).discipline());
    clock.at(
        clock.instant().minus(LOOKED_BEFORE),
        () -> {
          for (int i = 0; i < LOOKED_AT; i++) {
            boolean notYet = i == 1;
            setUps.look(
                client,
                new LookForm(
                    activity,
                    points.get(i).id(),
                    notYet ? PointState.NOT_YET : PointState.FINE,
                    notYet ? "slips back after ten minutes" : ""));
          }
        });
    setUps.ride(client, new RidingForm(activity, points.get(1).id()));
  }

  /** A programme that ships, from the day of the clock on. */
  private void putOn(ClientFile client, String templateId) {
    var person = people.of(client);
    ReadyProgrammeView ready =
        programmes.choices(person).ready().stream()
            .filter(one -> one.id().equals(templateId))
            .findFirst()
            .orElseThrow();
    ProgrammeForm form = ready.programme();
    LocalDate today = person.today();
    programmes.save(
        person,
        new ProgrammeForm(
            form.version(),
            form.title(),
            form.target(),
            form.startsOn(),
            today.plusDays(DAYS_BEHIND + REVIEW_AHEAD),
            today.plusDays(DAYS_BEHIND + DAYS_AHEAD),
            form.sessionsADay(),
            form.minutesADay(),
            form.obligations()));
  }
}
