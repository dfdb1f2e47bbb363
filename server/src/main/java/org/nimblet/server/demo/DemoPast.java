package org.nimblet.server.demo;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.Composer;
import org.nimblet.core.routine.Composition.Composed;
import org.nimblet.core.routine.HandUse;
import org.nimblet.core.routine.Health;
import org.nimblet.core.routine.Recent;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.routine.Step;
import org.nimblet.core.routine.Weights;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.demo.DemoTown.PainStory;
import org.nimblet.server.session.SessionForms.CheckInForm;
import org.nimblet.server.session.SessionForms.PainForm;
import org.nimblet.server.session.SessionForms.SessionForm;
import org.nimblet.server.session.SessionForms.StepForm;
import org.nimblet.server.session.SessionService;
import org.nimblet.server.session.StepOutcome;
import org.nimblet.server.session.TighterSide;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedule.DayBlock;
import org.nimblet.server.week.DaySchedules;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Tells of the weeks behind: which warm-ups were done, and what was said of them. */
@Component
@ConditionalOnProperty("nimblet.demo")
class DemoPast {

  private static final int VARIANTS = 3;
  private static final long SEED = 20_260_302L;
  private static final int LATELY_DAYS = 8;
  private static final int LEFT_PERCENT = 6;
  private static final Duration UNTIL_CHECKED_IN = Duration.ofSeconds(20);

  private final SessionService sessions;
  private final DaySchedules schedules;
  private final Composer composer;
  private final EntityManager entities;
  private final DemoClock clock;

  DemoPast(
      SessionService sessions,
      DaySchedules schedules,
      ExerciseLibrary library,
      EntityManager entities,
      DemoClock clock) {
    this.sessions = sessions;
    this.schedules = schedules;
    this.composer = new Composer(library, Purpose.WARM_UP);
    this.entities = entities;
    this.clock = clock;
  }

  /** Tells of all blocks of a person since a date. */
  void tell(ClientFile client, DemoTown.Person person, LocalDate since) {
    new Teller(client, person).tell(since);
  }

  private final class Teller {
    private final ClientFile client;
    private final DemoTown.Person person;
    private final LocalDate today;
    private final RandomGenerator random;
    private final Map<String, Composed> variants = new HashMap<>();
    private int missedLately;

    Teller(ClientFile client, DemoTown.Person person) {
      this.client = client;
      this.person = person;
      this.today = LocalDate.ofInstant(clock.instant(), client.zone());
      this.random = new SplittableRandom(SEED + person.name().hashCode());
    }

    void tell(LocalDate since) {
      List<DaySchedule> days = new ArrayList<>(schedules.days(client, since, today));
      Collections.reverse(days);
      for (DaySchedule day : days) {
        List<DayBlock> blocks = new ArrayList<>(day.blocks());
        Collections.reverse(blocks);
        for (DayBlock block : blocks) {
          if (block.start().isBefore(clock.instant()) && kept(day.date())) {
            tell(day.date(), block);
          }
        }
      }
    }

    private boolean kept(LocalDate date) {
      boolean lately = date.isAfter(today.minusDays(LATELY_DAYS));
      if (lately && missedLately < person.missedLately()) {
        missedLately++;
        return false;
      }
      return random.nextInt(100) < (lately ? 100 : person.keptPercent());
    }

    private void tell(LocalDate date, DayBlock block) {
      ActivityFile activity = client.activity(block.activityId()).orElseThrow();
      Composed warmUp = variant(activity, random.nextInt(VARIANTS));
      long length = warmUp.cueSheet().lengthMillis();
      int all = warmUp.steps().size();
      boolean left = random.nextInt(100) < LEFT_PERCENT;
      int done = left ? Math.max(2, all - 1 - random.nextInt(3)) : all;
      Instant began = block.start().minusMillis(length).plusSeconds(random.nextInt(40) - 20L);
      long lasted = done == all ? length : warmUp.cueSheet().stepStarts().get(done);
      Instant ended = began.plusMillis(lasted);
      UUID id = UUID.randomUUID();
      SessionForm session =
          new SessionForm(
              block.id(),
              null,
              Purpose.WARM_UP,
              began,
              ended,
              length,
              left ? SessionEnding.LEFT : SessionEnding.DONE,
              steps(warmUp, done),
              List.of(),
              null);
      CheckInForm checkIn =
          new CheckInForm(
              3 + random.nextInt(3),
              List.of(pain(date)),
              random.nextInt(3) == 0
                  ? TighterSide.SAME
                  : TighterSide.valueOf(person.dominant().other().name()),
              words(left));
      clock.at(
          ended.plus(UNTIL_CHECKED_IN),
          () -> {
            sessions.record(client, id, session, Optional::empty);
            sessions.checkIn(client, id, checkIn);
          });
      // What is told of is forgotten, or every later session would be compared with all of it.
      entities.flush();
      entities.clear();
    }

    private List<StepForm> steps(Composed warmUp, int done) {
      List<StepForm> forms = new ArrayList<>();
      for (int place = 0; place < warmUp.steps().size(); place++) {
        Step step = warmUp.steps().get(place);
        boolean wasDone = place < done;
        forms.add(
            new StepForm(
                step.exercise().id(),
                0,
                step.doseWords(person.method(), person.notation()),
                step.dose().laterality(),
                warmUp.cueSheet().stepMillis(place),
                wasDone ? 100 : 0,
                wasDone ? StepOutcome.DONE : StepOutcome.SKIPPED));
      }
      return forms;
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

    private PainForm pain(LocalDate date) {
      PainStory story = person.pain();
      int last = story.levels().size() - 1;
      long daysAgo = ChronoUnit.DAYS.between(date, today);
      int step = (int) (story.daily() ? daysAgo / 2 : daysAgo / 6);
      return new PainForm(
          story.side(),
          story.region(),
          story.levels().get(Math.max(0, last - step)),
          Sensation.ACHE);
    }

    /** A warm-up as it may have been composed on one of the days behind. */
    private Composed variant(ActivityFile activity, int number) {
      return variants.computeIfAbsent(
          activity.id() + "/" + number,
          key -> {
            Map<String, Integer> days = new HashMap<>();
            variants.values().stream()
                .flatMap(earlier -> earlier.steps().stream())
                .forEach(step -> days.put(step.exercise().id(), random.nextInt(3)));
            return (Composed) composer.compose(request(activity, days));
          });
    }

    private RoutineRequest request(ActivityFile activity, Map<String, Integer> days) {
      ClientFacts facts =
          new ClientFacts(
              person.dominant(),
              person.notation(),
              new Pace(person.breaths()),
              person.method(),
              person.positions(),
              person.things(),
              person.weightsGrams(),
              Health.GOOD);
      Map<HandRole, Side> roles =
          HandRole.usual(activity.discipline(), activity.hands(), person.dominant());
      return new RoutineRequest(
          person.warmUpMinutes() * 60,
          facts,
          new HandUse(Set.of(activity.discipline()), activity.hands(), roles, activity.digits()),
          Weights.forRoutine(
              Purpose.WARM_UP,
              List.of(new Weights.Share(activity.weights(), activity.weeklyMinutes()))),
          Recent.of(days),
          Around.NOTHING,
          List.of());
    }
  }
}
