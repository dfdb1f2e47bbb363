package org.nimblet.server.workshop;

import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.drill.DrillLength;
import org.nimblet.core.drill.Pattern;
import org.nimblet.core.drill.PatternWords;
import org.nimblet.core.drill.Patterns;
import org.nimblet.core.drill.Phrase;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.OpenDrills;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.session.SessionForms.SessionForm;
import org.nimblet.server.session.SessionForms.StepForm;
import org.nimblet.server.session.SessionService;
import org.nimblet.server.session.SessionService.Played;
import org.nimblet.server.session.StepOutcome;
import org.nimblet.server.workshop.WorkshopForms.DrilledForm;
import org.nimblet.server.workshop.WorkshopForms.DrilledRoundForm;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps rounds. A round is a session: it stands in the log, it has worked the hands, and what hurt
 * in it is told like in any other. What was judged is kept beside it, for the ability is folded
 * from that.
 */
@Service
public class DrilledRounds {

  private static final String TITLE = "Round of patterns";
  private static final int PERCENT = 100;

  /** Clocks of devices may be ahead by this. */
  private static final Duration AHEAD = Duration.ofMinutes(5);

  private final DrillTries tries;
  private final SessionService sessions;
  private final WorkshopService workshop;
  private final ClientFiles clients;
  private final Clock clock;

  DrilledRounds(
      DrillTries tries,
      SessionService sessions,
      WorkshopService workshop,
      ClientFiles clients,
      Clock clock) {
    this.tries = tries;
    this.sessions = sessions;
    this.workshop = workshop;
    this.clients = clients;
    this.clock = clock;
  }

  /**
   * Keeps a round; what is known already is passed over.
   *
   * @throws InvalidFieldException if a drill is none, or is told of from the future
   */
  @Transactional
  public void keep(ClientFile client, DrilledRoundForm form) {
    List<Drill> drills = new ArrayList<>();
    for (int i = 0; i < form.drills().size(); i++) {
      drills.add(drill("drills[%d]".formatted(i), form.drills().get(i)));
    }
    keepTries(client, form);
    clients.keepAbilities(client.id(), workshop.drilling(client).abilities());
    sessions.record(
        client,
        form.roundId(),
        session(client, form, drills),
        () -> Optional.of(new Played(Optional.empty(), TITLE)));
  }

  private Drill drill(String field, DrilledForm told) {
    Pattern pattern = WorkshopService.known(field + ".pattern", told.pattern());
    if (pattern.isForOneHand() == (told.hand() == null)) {
      throw new InvalidFieldException(
          field + ".hand",
          pattern.isForOneHand() ? "LEFT or RIGHT." : "Left out: both hands do it.");
    }
    if (told.at().isAfter(clock.instant().plus(AHEAD))) {
      throw new InvalidFieldException(field + ".at", "Not in the future.");
    }
    return new Drill(pattern, Optional.ofNullable(told.hand()));
  }

  private void keepTries(ClientFile client, DrilledRoundForm form) {
    List<DrilledForm> judged = form.drills().stream().filter(DrilledForm::isJudged).toList();
    Set<UUID> known =
        tries.findAllById(judged.stream().map(DrilledForm::id).toList()).stream()
            .map(each -> each.id)
            .collect(Collectors.toCollection(HashSet::new));
    tries.saveAll(
        judged.stream()
            .filter(told -> known.add(told.id()))
            .map(told -> row(client, form.roundId(), told))
            .toList());
  }

  private static DrillTry row(ClientFile client, UUID roundId, DrilledForm told) {
    DrillTry row = new DrillTry();
    row.id = told.id();
    row.coachId = client.coachId();
    row.clientId = client.id();
    row.roundId = roundId;
    row.pattern = told.pattern();
    row.hand = told.hand();
    row.aMinute = told.aMinute();
    row.clean = told.outcome() == WorkshopForms.DrillOutcome.CLEAN;
    row.even = row.clean && Boolean.TRUE.equals(told.even());
    row.triedAt = told.at();
    return row;
  }

  private static SessionForm session(ClientFile client, DrilledRoundForm form, List<Drill> drills) {
    PatternWords words = new PatternWords(client.notation());
    List<StepForm> steps = new ArrayList<>();
    for (int i = 0; i < drills.size(); i++) {
      steps.add(step(words, drills.get(i), form.drills().get(i), form.phrase()));
    }
    return new SessionForm(
        null,
        null,
        Purpose.INDEPENDENCE,
        form.beganAt(),
        form.endedAt(),
        steps.stream().mapToLong(StepForm::plannedMillis).sum(),
        form.ending(),
        steps,
        form.hurts(),
        form.before());
  }

  private static StepForm step(
      PatternWords words, Drill drill, DrilledForm told, Optional<Phrase> phrase) {
    DrillLength length = DrillLength.of(told.aMinute(), phrase);
    String dose =
        "%s, %s: %d changes at %d a minute"
            .formatted(
                words.title(drill.pattern()),
                WorkshopViews.doing(words, drill),
                length.changes(),
                told.aMinute());
    return new StepForm(
        OpenDrills.exerciseOf(Patterns.familyOf(drill.pattern())).id(),
        0,
        dose,
        drill.hand().isPresent() ? Laterality.ONE_SIDE : Laterality.TOGETHER,
        length.millis(),
        Math.min(PERCENT, told.changes() * PERCENT / length.changes()),
        outcome(told),
        told.hand(),
        null,
        null,
        null,
        null,
        null,
        null);
  }

  private static StepOutcome outcome(DrilledForm told) {
    return switch (told.outcome()) {
      case CLEAN, NOT_CLEAN -> StepOutcome.DONE;
      case SKIPPED -> StepOutcome.SKIPPED;
      case HURT -> StepOutcome.HURT;
    };
  }
}
