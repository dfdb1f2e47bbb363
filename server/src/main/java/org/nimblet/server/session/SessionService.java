package org.nimblet.server.session;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Evenness;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.progress.Completion;
import org.nimblet.core.progress.PainMoment;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.PersonChanged;
import org.nimblet.server.health.HealthWriter;
import org.nimblet.server.health.HealthWriter.ToldPain;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.session.SessionForms.CheckInForm;
import org.nimblet.server.session.SessionForms.PainForm;
import org.nimblet.server.session.SessionForms.ResultForm;
import org.nimblet.server.session.SessionForms.SessionForm;
import org.nimblet.server.session.SessionForms.StepForm;
import org.nimblet.server.week.DaySchedule;
import org.nimblet.server.week.DaySchedules;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes down what happened, each thing once. */
@Service
public class SessionService {

  /**
   * Clocks of devices are not exact. A session that ends later than this from now is told by a
   * wrong clock (ours).
   */
  private static final Duration CLOCK_TOLERANCE = Duration.ofMinutes(10);

  /** No session is longer, with all its pauses (ours). */
  private static final Duration LONGEST = Duration.ofDays(1);

  /** Of whom is told together, in this thread. */
  private static final ThreadLocal<UUID> GATHERING = new ThreadLocal<>();

  private final Sessions sessions;
  private final SessionSteps steps;
  private final HealthWriter health;
  private final DaySchedules days;
  private final CoachLibraries libraries;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  SessionService(
      Sessions sessions,
      SessionSteps steps,
      HealthWriter health,
      DaySchedules days,
      CoachLibraries libraries,
      ApplicationEventPublisher events,
      Clock clock) {
    this.events = events;
    this.sessions = sessions;
    this.steps = steps;
    this.health = health;
    this.days = days;
    this.libraries = libraries;
    this.clock = clock;
  }

  /**
   * What was played.
   *
   * @param routineId the stored routine, if it was one
   * @param title what it is called
   * @param evenness what keys said of the hands in it
   */
  public record Played(Optional<UUID> routineId, String title, List<Evenness> evenness) {

    /** Something without keys. */
    public Played(Optional<UUID> routineId, String title) {
      this(routineId, title, List.of());
    }
  }

  /**
   * Stores a session unless it is stored already; without its block if that was deleted meanwhile.
   *
   * @param played what was played, looked up only if there is something to store; without a name it
   *     is called by its purpose
   */
  @Transactional
  public void record(
      ClientFile client, UUID sessionId, SessionForm form, Supplier<Optional<Played>> played) {
    if (!isStored(client, sessionId)) {
      store(client, sessionId, form, played);
      changed(client);
    }
  }

  /**
   * A session as it is told of at once with how it was.
   *
   * @param checkIn null if nobody said how it was
   */
  public record Told(UUID id, SessionForm form, CheckInForm checkIn) {}

  /** So long after its end a session that is told of later counts as spoken of. */
  private static final Duration SPOKEN_OF = Duration.ofSeconds(20);

  /** Stores sessions of a time behind; whoever depends on the person learns of all of them once. */
  @Transactional
  public void recordAll(ClientFile client, List<Told> told) {
    for (Told one : told) {
      if (!isStored(client, one.id())) {
        Session session = store(client, one.id(), one.form(), Optional::empty);
        if (one.checkIn() != null) {
          checkIn(client, session, one.checkIn(), session.endedAt.plus(SPOKEN_OF));
        }
      }
    }
    changed(client);
  }

  /**
   * Whatever of a person's sessions is told of meanwhile is stored as it comes; whoever depends on
   * the person learns of all of it once, at the end.
   */
  @Transactional
  public void together(ClientFile client, Runnable telling) {
    GATHERING.set(client.id());
    try {
      telling.run();
    } finally {
      GATHERING.remove();
    }
    changed(client);
  }

  private Session store(
      ClientFile client, UUID sessionId, SessionForm form, Supplier<Optional<Played>> played) {
    Optional<DaySchedule.DayBlock> block =
        Optional.ofNullable(form.blockId()).flatMap(id -> days.block(client, id));
    Optional<Played> routine = played.get();
    if (form.endedAt().isBefore(form.beganAt())) {
      throw new InvalidFieldException(
          "endedAt", "(%s) must not come before the beginning.".formatted(form.endedAt()));
    }
    if (Duration.between(form.beganAt(), form.endedAt()).compareTo(LONGEST) > 0) {
      throw new InvalidFieldException(
          "endedAt",
          "(%s) must come within a day of the beginning (%s)."
              .formatted(form.endedAt(), form.beganAt()));
    }
    Duration ahead = ahead(form.endedAt());
    Instant beganAt = form.beganAt().minus(ahead);
    Instant endedAt = form.endedAt().minus(ahead);
    Session session = new Session();
    session.id = sessionId;
    session.coachId = client.coachId();
    session.clientId = client.id();
    session.blockId = block.map(DaySchedule.DayBlock::id).orElse(null);
    session.routineId = routine.flatMap(Played::routineId).orElse(null);
    session.purpose = form.purpose();
    session.title =
        routine
            .map(Played::title)
            .or(() -> block.map(b -> form.purpose().beside(b.title())))
            .orElse(form.purpose().word());
    session.date = LocalDate.ofInstant(beganAt, client.zone());
    session.beganAt = beganAt;
    session.endedAt = endedAt;
    session.clockAheadSeconds = ahead.toSeconds();
    session.askedBefore = form.before() != null;
    session.plannedMillis = form.plannedMillis();
    session.donePercent = Completion.percent(parts(form));
    session.ending = ending(form);
    session.evenness = routine.map(Played::evenness).filter(said -> !said.isEmpty()).orElse(null);
    sessions.save(session);
    for (int place = 0; place < form.steps().size(); place++) {
      steps.save(step(session, place, form.steps().get(place)));
    }
    if (form.before() != null) {
      health.hurt(client, sessionId, PainMoment.BEFORE, beganAt, told(form.before()));
    }
    health.hurt(client, sessionId, PainMoment.DURING, endedAt, told(form.hurts()));
    if (form.state() == SessionEnding.STOPPED) {
      health.stopped(client, sessionId, session.date, endedAt);
    }
    return session;
  }

  /**
   * How far the device's clock is ahead, if it cannot be right. What was done is kept all the same:
   * whoever plays with a wrong clock has played.
   */
  private Duration ahead(Instant endedAt) {
    Instant now = clock.instant();
    return endedAt.isAfter(now.plus(CLOCK_TOLERANCE))
        ? Duration.between(now, endedAt)
        : Duration.ZERO;
  }

  /** Forgets what keys said of the hands in a session; the session stays. */
  @Transactional
  public void forgetEvenness(ClientFile client, UUID sessionId) {
    sessions
        .findToWriteByIdAndClientId(sessionId, client.id())
        .filter(session -> session.evenness != null)
        .ifPresent(
            session -> {
              session.evenness = null;
              changed(client);
            });
  }

  /** Stores the check-in of a session unless it is stored already. */
  @Transactional
  public void checkIn(ClientFile client, UUID sessionId, CheckInForm form) {
    Session session =
        sessions
            .findToWriteByIdAndClientId(sessionId, client.id())
            .orElseThrow(() -> new NotFoundException("session"));
    if (session.checkedInAt != null) {
      return;
    }
    checkIn(client, session, form, clock.instant());
    changed(client);
  }

  private void checkIn(ClientFile client, Session session, CheckInForm form, Instant at) {
    session.checkedInAt = at;
    session.effort = form.effort();
    session.tighterSide = form.tighterSide();
    health.said(client, session.id, at, form.words());
    health.hurt(client, session.id, PainMoment.AFTER, at, told(form.pains()));
    if (form.results() != null && !form.results().isEmpty()) {
      keep(session, form.results());
    }
  }

  private void keep(Session session, List<ResultForm> results) {
    List<SessionStep> done = steps.findBySessionIdInOrderByPlace(List.of(session.id));
    for (int i = 0; i < results.size(); i++) {
      ResultForm result = results.get(i);
      if (result.place() >= done.size()) {
        throw new InvalidFieldException(
            "results[%d].place".formatted(i),
            "(%d) must be a step of the session, 0 to %d."
                .formatted(result.place(), done.size() - 1));
      }
      done.get(result.place()).resultUnit = result.unit();
      done.get(result.place()).result = result.value();
    }
  }

  private void changed(ClientFile client) {
    sessions.flush();
    if (!client.id().equals(GATHERING.get())) {
      events.publishEvent(new PersonChanged(client));
    }
  }

  /**
   * Whether the client has this session already.
   *
   * @throws NotFoundException if somebody else has it
   */
  private boolean isStored(ClientFile client, UUID sessionId) {
    return sessions
        .findById(sessionId)
        .map(
            stored -> {
              if (!stored.clientId.equals(client.id())) {
                throw new NotFoundException("session");
              }
              return true;
            })
        .orElse(false);
  }

  /** Going through to the end by skipping is leaving midway. */
  private static SessionEnding ending(SessionForm form) {
    return form.state() == SessionEnding.DONE && !Completion.isDone(parts(form))
        ? SessionEnding.LEFT
        : form.state();
  }

  private static List<Completion.Part> parts(SessionForm form) {
    return form.steps().stream()
        .map(step -> new Completion.Part(step.plannedMillis(), step.donePercent()))
        .toList();
  }

  private SessionStep step(Session session, int place, StepForm form) {
    Exercise exercise =
        libraries
            .version(session.coachId, form.exerciseId(), form.exerciseVersion())
            .orElseThrow(
                () ->
                    new InvalidFieldException(
                        "steps[%d].exerciseId".formatted(place),
                        "(%s) is no exercise of the library.".formatted(form.exerciseId())));
    SessionStep step = new SessionStep();
    step.id = UUID.randomUUID();
    step.coachId = session.coachId;
    step.sessionId = session.id;
    step.place = place;
    step.exerciseId = exercise.id();
    step.exerciseVersion = form.exerciseVersion();
    step.title = exercise.title();
    step.kind = exercise.kind();
    step.dose = form.dose();
    step.laterality = form.laterality();
    step.plannedMillis = form.plannedMillis();
    step.donePercent = form.donePercent();
    step.outcome = form.outcome();
    step.side = form.side();
    step.leftPercent = form.percent(Side.LEFT);
    step.rightPercent = form.percent(Side.RIGHT);
    step.shortfall = form.why();
    step.complete = form.complete();
    step.shift = form.changed();
    step.account = form.account();
    return step;
  }

  private static List<ToldPain> told(List<PainForm> pains) {
    return pains.stream().map(PainForm::told).toList();
  }
}
