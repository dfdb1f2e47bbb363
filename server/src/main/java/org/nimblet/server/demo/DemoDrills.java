package org.nimblet.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.workshop.DrilledRounds;
import org.nimblet.server.workshop.WorkshopForms.DrillOutcome;
import org.nimblet.server.workshop.WorkshopForms.DrillRoundForm;
import org.nimblet.server.workshop.WorkshopForms.DrillRoundView;
import org.nimblet.server.workshop.WorkshopForms.DrillView;
import org.nimblet.server.workshop.WorkshopForms.DrilledForm;
import org.nimblet.server.workshop.WorkshopForms.DrilledRoundForm;
import org.nimblet.server.workshop.WorkshopForms.RoundDrillView;
import org.nimblet.server.workshop.WorkshopService;
import org.springframework.stereotype.Component;

/** A simulated drilling hand: rounds of the last weeks, done by somebody who gets better. */
@Component
class DemoDrills {

  private static final int DAYS = 24;
  private static final int EVERY_DAYS = 2;
  private static final DrillRoundForm ROUND = DrillRoundForm.usual();
  private static final Duration AFTER_WAKING = Duration.ofMinutes(40);
  private static final Duration A_DRILL = Duration.ofSeconds(25);

  /** How able the simulated hands are at first, and how much more so each day. */
  private static final double ABLE = 2.6;

  private static final double MORE_A_DAY = 0.04;

  private final WorkshopService workshop;
  private final DrilledRounds rounds;
  private final People people;
  private final Clock clock;

  DemoDrills(WorkshopService workshop, DrilledRounds rounds, People people, Clock clock) {
    this.workshop = workshop;
    this.rounds = rounds;
    this.people = people;
    this.clock = clock;
  }

  /** Drills for some weeks up to yesterday, each time some while after waking. */
  void tell(ClientFile client, DemoTown.Person who) {
    RandomGenerator random = new SplittableRandom(who.name().hashCode());
    Person person = people.of(client);
    LocalDate today = LocalDate.ofInstant(clock.instant(), client.zone());
    for (int ago = DAYS; ago > 0; ago -= EVERY_DAYS) {
      Instant then =
          today
              .minusDays(ago)
              .atTime(who.wakesAt())
              .atZone(client.zone())
              .toInstant()
              .plus(AFTER_WAKING);
      DrillRoundView round = workshop.round(person.at(then), ROUND);
      List<DrilledForm> drills = new ArrayList<>();
      double able = ABLE + MORE_A_DAY * (DAYS - ago);
      for (RoundDrillView each : round.drills()) {
        DrillView drill = each.drill();
        boolean clean = random.nextDouble() < 1 / (1 + Math.exp(drill.difficulty() - able));
        drills.add(
            new DrilledForm(
                UUID.randomUUID(),
                drill.pattern(),
                drill.hand(),
                each.aMinute(),
                each.changes(),
                clean ? DrillOutcome.CLEAN : DrillOutcome.NOT_CLEAN,
                then.plus(A_DRILL.multipliedBy(drills.size() + 1L)),
                null));
      }
      rounds.keep(
          client,
          new DrilledRoundForm(
              round.roundId(),
              then,
              then.plus(A_DRILL.multipliedBy(drills.size())),
              SessionEnding.DONE,
              drills,
              List.of(),
              null,
              null,
              null));
    }
  }
}
