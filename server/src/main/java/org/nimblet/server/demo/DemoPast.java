package org.nimblet.server.demo;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.Shortfall;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.Composition;
import org.nimblet.core.routine.Composition.Composed;
import org.nimblet.core.routine.Step;
import org.nimblet.core.session.PlannedSession;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.core.session.SessionLedger;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.demo.DemoTown.PainStory;
import org.nimblet.server.health.HealthWriter;
import org.nimblet.server.health.HealthWriter.ToldPain;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.Agenda;
import org.nimblet.server.routine.RoutineRequests;
import org.nimblet.server.session.SessionForms.CheckInForm;
import org.nimblet.server.session.SessionForms.PainForm;
import org.nimblet.server.session.SessionForms.SessionForm;
import org.nimblet.server.session.SessionForms.StepForm;
import org.nimblet.server.session.SessionService;
import org.nimblet.server.session.SessionService.Told;
import org.nimblet.server.session.StepOutcome;
import org.nimblet.server.session.TighterSide;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Tells of the weeks behind, two at a time as they would have gone: what was planned then, composed
 * with the doses of the rungs of that day, what of it was done, and what was said of it.
 */
@Component
@ConditionalOnProperty("nimblet.demo")
class DemoPast {

  private static final long SEED = 20_260_302L;

  /** So many days are told of at a time: the doses of that time are those of its first day. */
  private static final int AT_A_TIME = 14;

  private static final int LATELY_DAYS = 8;
  private static final int LEFT_PERCENT = 6;
  private static final int HARD_PERCENT = 8;
  private static final int MORNINGS_PERCENT = 75;
  private static final Duration AFTER_WAKING = Duration.ofMinutes(20);

  private final SessionService sessions;
  private final HealthWriter health;
  private final Agenda agenda;
  private final People people;
  private final EntityManager entities;
  private final DemoClock clock;

  DemoPast(
      SessionService sessions,
      HealthWriter health,
      Agenda agenda,
      People people,
      EntityManager entities,
      DemoClock clock) {
    this.sessions = sessions;
    this.health = health;
    this.agenda = agenda;
    this.people = people;
    this.entities = entities;
    this.clock = clock;
  }

  /** Tells of everything that was planned for a person since a date. */
  void tell(ClientFile client, DemoTown.Person person, LocalDate since) {
    new Teller(client, person).tell(since);
  }

  private final class Teller {
    private final ClientFile client;
    private final DemoTown.Person person;
    private final ZoneId zone;
    private final Instant now;
    private final LocalDate today;
    private final RandomGenerator random;
    private final Set<LocalDate> asked = new HashSet<>();
    private int missedLately;

    Teller(ClientFile client, DemoTown.Person person) {
      this.client = client;
      this.person = person;
      this.zone = client.zone();
      this.now = clock.instant();
      this.today = LocalDate.ofInstant(now, zone);
      this.random = new SplittableRandom(SEED + person.name().hashCode());
    }

    void tell(LocalDate since) {
      for (LocalDate day = since; !day.isAfter(today); day = day.plusDays(AT_A_TIME)) {
        LocalDate first = day;
        Instant then = first.atTime(person.wakesAt()).atZone(zone).toInstant();
        List<Told> told = new ArrayList<>();
        clock.at(then, () -> told.addAll(from(first)));
        // Told at their end, so that the next ones are planned by what these were.
        Instant over = then.plus(Duration.ofDays(AT_A_TIME));
        clock.at(over.isBefore(now) ? over : now, () -> sessions.recordAll(client, told));
        // What is told of is forgotten, or every later session would be compared with all of it.
        entities.flush();
        entities.clear();
      }
    }

    /** What happened from a day on, as it was planned at its beginning. */
    private List<Told> from(LocalDate first) {
      Person then = people.of(client);
      Map<String, Optional<Composed>> composed = new HashMap<>();
      List<Told> told = new ArrayList<>();
      for (Agenda.Day day : agenda.of(then, first, first.plusDays(AT_A_TIME - 1L))) {
        boolean any = false;
        for (SessionLedger.Entry entry : day.planned()) {
          PlannedSession planned = entry.planned();
          if (planned.purpose() == Purpose.BREAK
              || !planned.end().isBefore(now)
              || !kept(day.date(), planned.purpose())) {
            continue;
          }
          Optional<Told> one =
              composed
                  .computeIfAbsent(key(planned), k -> compose(then, day, planned))
                  .map(routine -> told(day, planned, routine));
          one.ifPresent(told::add);
          any |= one.isPresent();
        }
        if (any) {
          morning(day.date().plusDays(1));
        }
      }
      return told;
    }

    private String key(PlannedSession planned) {
      return planned.purpose()
          + " "
          + Duration.between(planned.start(), planned.end()).toMinutes()
          + " "
          + planned.lineId().orElse("attached");
    }

    private boolean kept(LocalDate date, Purpose purpose) {
      if (person.isAway(ChronoUnit.DAYS.between(date, today))) {
        return false;
      }
      boolean lately = date.isAfter(today.minusDays(LATELY_DAYS));
      if (lately && missedLately < person.missedLately() && purpose == Purpose.WARM_UP) {
        missedLately++;
        return false;
      }
      return random.nextInt(100) < (lately ? 100 : person.keptPercent());
    }

    private Optional<Composed> compose(Person then, Agenda.Day day, PlannedSession planned) {
      int seconds =
          (int) Math.max(60, Duration.between(planned.start(), planned.end()).toMinutes() * 60);
      Optional<UUID> activity =
          planned.blockId().flatMap(day.schedule()::block).map(block -> block.activityId());
      Around around =
          planned.purpose() == Purpose.WARM_UP
              ? new Around(false, OptionalInt.of(0), false)
              : Around.NOTHING;
      Composition composition =
          then.library()
              .composer(planned.purpose())
              .compose(
                  RoutineRequests.of(
                      then, day.date(), planned.purpose(), seconds, activity, around, List.of()));
      return composition instanceof Composed routine ? Optional.of(routine) : Optional.empty();
    }

    private Told told(Agenda.Day day, PlannedSession planned, Composed routine) {
      long length = routine.cueSheet().lengthMillis();
      int all = routine.steps().size();
      boolean left = random.nextInt(100) < LEFT_PERCENT;
      int done = left ? Math.max(2, all - 1 - random.nextInt(3)) : all;
      done = Math.min(done, all);
      Instant began = planned.start().plusSeconds(random.nextInt(40) - 20L);
      long lasted = done == all ? length : routine.cueSheet().stepStarts().get(done);
      int level = level(day.date());
      SessionForm form =
          new SessionForm(
              planned.blockId().orElse(null),
              null,
              planned.purpose(),
              began,
              began.plusMillis(lasted),
              length,
              done == all ? SessionEnding.DONE : SessionEnding.LEFT,
              steps(routine, done),
              List.of(),
              asked.add(day.date()) ? pain(level) : null);
      return new Told(UUID.randomUUID(), form, checkIn(level, done < all));
    }

    private CheckInForm checkIn(int level, boolean left) {
      boolean hard = random.nextInt(100) < HARD_PERCENT;
      return new CheckInForm(
          hard ? 8 : 3 + random.nextInt(3),
          pain(level),
          random.nextInt(3) == 0
              ? TighterSide.SAME
              : TighterSide.valueOf(person.dominant().other().name()),
          words(left),
          null);
    }

    private List<StepForm> steps(Composed routine, int done) {
      List<StepForm> forms = new ArrayList<>();
      for (int place = 0; place < routine.steps().size(); place++) {
        Step step = routine.steps().get(place);
        boolean wasDone = place < done;
        int percent = wasDone ? 100 : 0;
        Laterality laterality = step.dose().laterality();
        boolean oneSide =
            laterality == Laterality.ONE_SIDE || laterality == Laterality.WORKING_SIDE;
        forms.add(
            new StepForm(
                step.exercise().id(),
                0,
                step.doseWords(person.method(), person.notation()),
                laterality,
                routine.cueSheet().stepMillis(place),
                percent,
                wasDone ? StepOutcome.DONE : StepOutcome.SKIPPED,
                oneSide ? step.firstSide() : null,
                percent,
                percent,
                wasDone ? null : Shortfall.NO_TIME,
                null,
                null,
                null));
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

    /** The answer of a morning, if it is a morning already and was given. */
    private void morning(LocalDate date) {
      Instant at = date.atTime(person.wakesAt()).atZone(zone).toInstant().plus(AFTER_WAKING);
      if (at.isBefore(now) && date.isBefore(today) && random.nextInt(100) < MORNINGS_PERCENT) {
        PainStory story = person.pain();
        health.morning(
            client,
            date,
            at,
            List.of(
                new ToldPain(
                    story.side(),
                    story.region(),
                    level(date.minusDays(1)),
                    Optional.of(story.sensation()))));
      }
    }

    private int level(LocalDate date) {
      PainStory story = person.pain();
      int last = story.levels().size() - 1;
      long daysAgo = Math.max(0, ChronoUnit.DAYS.between(date, today));
      int step = (int) (story.daily() ? daysAgo / 2 : daysAgo / 6);
      return story.levels().get(Math.max(0, last - step));
    }

    private List<PainForm> pain(int level) {
      PainStory story = person.pain();
      Side side = story.side();
      return List.of(new PainForm(side, story.region(), level, story.sensation()));
    }
  }
}
