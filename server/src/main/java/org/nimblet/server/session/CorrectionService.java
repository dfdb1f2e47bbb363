package org.nimblet.server.session;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.progress.Completion;
import org.nimblet.core.progress.PainMoment;
import org.nimblet.core.progress.Shortfall;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.PersonChanged;
import org.nimblet.server.health.HealthWriter;
import org.nimblet.server.health.HealthWriter.ToldPain;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.session.SessionCorrection.SessionBefore;
import org.nimblet.server.session.SessionForms.CorrectedStep;
import org.nimblet.server.session.SessionForms.CorrectionForm;
import org.nimblet.server.session.SessionForms.PainForm;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts right what a session says, and keeps what it said before; and what a coach notes of it. */
@Service
public class CorrectionService {

  private final Sessions sessions;
  private final SessionSteps steps;
  private final SessionCorrections corrections;
  private final SessionNotes notes;
  private final HealthWriter health;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  CorrectionService(
      Sessions sessions,
      SessionSteps steps,
      SessionCorrections corrections,
      SessionNotes notes,
      HealthWriter health,
      ApplicationEventPublisher events,
      Clock clock) {
    this.sessions = sessions;
    this.steps = steps;
    this.corrections = corrections;
    this.notes = notes;
    this.health = health;
    this.events = events;
    this.clock = clock;
  }

  /**
   * Corrects a session. The later of two corrections holds; what the earlier one said is kept too.
   *
   * @param byCoach whether the coach does it, or the client
   */
  @Transactional
  public void correct(ClientFile client, UUID sessionId, CorrectionForm form, boolean byCoach) {
    Session session = toWrite(client, sessionId);
    List<SessionStep> done = steps.findBySessionIdInOrderByPlace(List.of(sessionId));
    if (done.size() != form.steps().size()) {
      throw new InvalidFieldException(
          "steps",
          "(%d) must be as many as the session has: %d."
              .formatted(form.steps().size(), done.size()));
    }
    Instant now = clock.instant();
    corrections.save(before(session, done, form.reason().strip(), byCoach, now));
    for (int place = 0; place < done.size(); place++) {
      put(done.get(place), form.steps().get(place));
    }
    List<Completion.Part> parts =
        done.stream()
            .map(step -> new Completion.Part(step.plannedMillis, step.donePercent))
            .toList();
    session.donePercent = Completion.percent(parts);
    if (session.ending != SessionEnding.STOPPED) {
      session.ending = Completion.isDone(parts) ? SessionEnding.DONE : SessionEnding.LEFT;
    }
    session.effort = form.effort();
    session.tighterSide = form.tighterSide();
    // Who corrects a session says how it was.
    session.checkedInAt = session.checkedInAt == null ? now : session.checkedInAt;
    health.replace(client, sessionId, PainMoment.DURING, session.endedAt, told(form.during()));
    health.replace(client, sessionId, PainMoment.AFTER, session.checkedInAt, told(form.after()));
    sessions.flush();
    events.publishEvent(new PersonChanged(client));
  }

  private SessionCorrection before(
      Session session, List<SessionStep> done, String reason, boolean byCoach, Instant now) {
    SessionCorrection correction = new SessionCorrection();
    correction.id = UUID.randomUUID();
    correction.coachId = session.coachId;
    correction.clientId = session.clientId;
    correction.sessionId = session.id;
    correction.at = now;
    correction.byCoach = byCoach;
    correction.reason = reason;
    correction.before =
        new SessionBefore(
            session.ending,
            session.donePercent,
            session.effort,
            session.tighterSide,
            done.stream()
                .map(
                    step ->
                        new CorrectedStep(
                            step.leftPercent, step.rightPercent, step.shortfall, step.complete))
                .toList(),
            forms(session.id, PainMoment.DURING),
            forms(session.id, PainMoment.AFTER));
    return correction;
  }

  private List<PainForm> forms(UUID sessionId, PainMoment moment) {
    return health.pains(sessionId, moment).stream()
        .map(
            pain ->
                new PainForm(
                    pain.side(), pain.region(), pain.level(), pain.sensation().orElse(null)))
        .toList();
  }

  private static void put(SessionStep step, CorrectedStep told) {
    step.leftPercent = told.leftPercent();
    step.rightPercent = told.rightPercent();
    step.donePercent =
        step.side == null
            ? (told.leftPercent() + told.rightPercent()) / 2
            : step.side == Side.LEFT ? told.leftPercent() : told.rightPercent();
    step.shortfall = told.shortfall();
    step.complete = told.complete();
    step.outcome =
        told.shortfall() == Shortfall.HURT
            ? StepOutcome.HURT
            : step.donePercent >= 100 ? StepOutcome.DONE : StepOutcome.SKIPPED;
  }

  private static List<ToldPain> told(List<PainForm> pains) {
    return pains.stream().map(PainForm::told).toList();
  }

  /** Keeps a note of the coach about a session; an empty one takes it away. */
  @Transactional
  public void note(ClientFile client, UUID sessionId, String words) {
    Session session = toWrite(client, sessionId);
    if (words.isBlank()) {
      notes.deleteById(sessionId);
      return;
    }
    SessionNote note = notes.findById(sessionId).orElseGet(SessionNote::new);
    note.sessionId = sessionId;
    note.coachId = session.coachId;
    note.clientId = session.clientId;
    note.at = clock.instant();
    note.words = words.strip();
    notes.save(note);
  }

  private Session toWrite(ClientFile client, UUID sessionId) {
    return sessions
        .findToWriteByIdAndClientId(sessionId, client.id())
        .orElseThrow(() -> new NotFoundException("session"));
  }
}
