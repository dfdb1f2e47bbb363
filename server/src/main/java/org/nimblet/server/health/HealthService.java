package org.nimblet.server.health;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.progress.HealthRecord;
import org.nimblet.core.progress.HealthWord.MindedKind;
import org.nimblet.core.progress.HealthWord.OfSign;
import org.nimblet.core.progress.PainMoment;
import org.nimblet.core.progress.SignAnswer;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.PersonChanged;
import org.nimblet.server.health.HealthForms.AnswerForm;
import org.nimblet.server.health.HealthForms.MindedForm;
import org.nimblet.server.health.HealthForms.ToldPainForm;
import org.nimblet.server.health.HealthWriter.ToldPain;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.platform.SecurityLog;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes down what is told of somebody's health apart from sessions. */
@Service
public class HealthService {

  /** So long a client may take back what they touched by mistake; the coach at any time (ours). */
  private static final Duration TAKEN_BACK_WITHIN = Duration.ofMinutes(15);

  private final StoredWords words;
  private final HealthFiles files;
  private final CoachLibraries libraries;
  private final Scope scope;
  private final SecurityLog log;
  private final HealthTrail trail;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  HealthService(
      StoredWords words,
      HealthFiles files,
      CoachLibraries libraries,
      Scope scope,
      SecurityLog log,
      HealthTrail trail,
      ApplicationEventPublisher events,
      Clock clock) {
    this.words = words;
    this.files = files;
    this.libraries = libraries;
    this.scope = scope;
    this.log = log;
    this.trail = trail;
    this.events = events;
    this.clock = clock;
  }

  /** Pain of some places; earlier words stay. A day in {@code since} counts before a course. */
  @Transactional
  void tell(ClientFile client, List<ToldPainForm> pains) {
    trail.note(client, HealthTrail.Deed.TOLD_PAIN);
    Instant now = clock.instant();
    HealthRecord before = files.of(client);
    for (int i = 0; i < pains.size(); i++) {
      ToldPainForm told = pains.get(i);
      refuseFuture("pains[%d].since".formatted(i), told.since(), client);
      PainEntry pain =
          HealthWriter.pain(
              client,
              now,
              PainMoment.TOLD,
              new ToldPain(
                  told.side(), told.region(), told.level(), Optional.ofNullable(told.sensation())));
      pain.since =
          Optional.ofNullable(told.since())
              .or(
                  () ->
                      Optional.ofNullable(told.course())
                          .flatMap(c -> before.since(told.side(), told.region(), c, now)))
              .orElse(null);
      words.save(pain);
    }
    changed(client);
  }

  private void refuseFuture(String field, LocalDate since, ClientFile client) {
    if (since != null && since.isAfter(LocalDate.ofInstant(clock.instant(), client.zone()))) {
      throw new InvalidFieldException(field, "(%s) must be today or earlier.".formatted(since));
    }
  }

  /** Answers to some of the signs. */
  @Transactional
  public void screen(ClientFile client, List<AnswerForm> answers) {
    trail.note(client, HealthTrail.Deed.ANSWERED_SIGNS);
    for (int i = 0; i < answers.size(); i++) {
      AnswerForm answer = answers.get(i);
      if (answer.yes() && (answer.side() == null || answer.regions().isEmpty())) {
        throw new InvalidFieldException(
            "answers[%d].regions".formatted(i),
            "A sign that is there needs a side and at least one place.");
      }
      Screening said = screening(client, answer.sign());
      said.answer = answer.yes() ? SignAnswer.YES : SignAnswer.NO;
      said.side = answer.yes() ? answer.side() : null;
      said.regions = answer.yes() ? answer.regions().stream().sorted().toList() : List.of();
      said.sinceWords = answer.since().strip();
      words.save(said);
    }
    changed(client);
  }

  private Screening screening(ClientFile client, ReferralSign sign) {
    Screening said = new Screening().toldBy(client, clock.instant(), Screening.class);
    said.sign = sign;
    said.regions = List.of();
    said.sinceWords = "";
    said.words = "";
    return said;
  }

  /** A clinician has cleared a sign. */
  @Transactional
  void clear(ClientFile client, UUID signId, String clinician) {
    trail.note(client, HealthTrail.Deed.CLEARED_SIGN);
    end(client, openSign(client, signId), SignAnswer.CLEARED, clinician);
    log.note(SecurityLog.Event.CLEARED, client.id());
  }

  /** Takes back a sign that was touched by mistake; both words stay in the history. */
  @Transactional
  void takeBack(ClientFile client, UUID signId, String why) {
    trail.note(client, HealthTrail.Deed.TOOK_SIGN_BACK);
    OfSign open = openSign(client, signId);
    if (!mayTakeBack(open)) {
      throw new InvalidFieldException(
          "screeningId",
          "A sign told more than %d min ago is taken back by the coach."
              .formatted(TAKEN_BACK_WITHIN.toMinutes()));
    }
    end(client, open, SignAnswer.MISTAKEN, why);
  }

  /** A sign that stood stands no longer; the word that ended it is kept beside it. */
  private void end(ClientFile client, OfSign open, SignAnswer answer, String line) {
    Screening said = screening(client, open.sign());
    said.answer = answer;
    said.side = open.side().orElseThrow();
    said.regions = open.regions();
    said.sinceWords = open.since();
    said.words = line.strip();
    words.save(said);
    changed(client);
  }

  /** Whether whoever is signed in may take a sign back as a mistake. */
  boolean mayTakeBack(OfSign open) {
    return scope.current().clientId().isEmpty()
        || open.at().isAfter(clock.instant().minus(TAKEN_BACK_WITHIN));
  }

  private OfSign openSign(ClientFile client, UUID signId) {
    return files.of(client).openSigns().stream()
        .filter(sign -> sign.id().equals(signId))
        .findFirst()
        .orElseThrow(() -> new NotFoundException("sign"));
  }

  /** Something to be minded from now on. */
  @Transactional
  public void mind(ClientFile client, MindedForm form) {
    trail.note(client, HealthTrail.Deed.MINDED);
    check(client, form);
    Minded thing = new Minded().toldBy(client, clock.instant(), Minded.class);
    thing.kind = form.kind();
    thing.sides = form.sides().stream().sorted().toList();
    thing.condition = form.condition();
    thing.region = form.region();
    thing.movement = form.movement();
    thing.exerciseId = form.exerciseId();
    thing.words = form.words().strip();
    thing.until = form.until();
    words.save(thing);
    changed(client);
  }

  /** It need not be minded any more; nothing happens if it was ended before. */
  @Transactional
  void endMinding(ClientFile client, UUID mindedId) {
    trail.note(client, HealthTrail.Deed.ENDED_MINDING);
    Minded thing =
        words
            .findById(mindedId)
            .filter(word -> word.clientId.equals(client.id()))
            .filter(Minded.class::isInstance)
            .map(Minded.class::cast)
            .orElseThrow(() -> new NotFoundException("instruction"));
    if (thing.endedAt == null) {
      thing.endedAt = clock.instant();
    }
    changed(client);
  }

  private void check(ClientFile client, MindedForm form) {
    missing(form)
        .ifPresent(
            cure -> {
              throw new InvalidFieldException("kind", cure);
            });
    boolean onlyAnExercise =
        form.kind() == MindedKind.ALLOW
            || (form.kind() == MindedKind.KEEP_OUT
                && form.region() == null
                && form.movement() == null);
    if (!onlyAnExercise && form.sides().isEmpty()) {
      throw new InvalidFieldException("sides", "Choose the left side, the right side or both.");
    }
    if (form.exerciseId() != null
        && libraries.of(client.coachId()).find(form.exerciseId()).isEmpty()) {
      throw new InvalidFieldException(
          "exerciseId", "(%s) is no exercise of the library.".formatted(form.exerciseId()));
    }
    if (form.words().isBlank() && form.kind() != MindedKind.CONDITION) {
      throw new InvalidFieldException(
          "words", "Say who said so and why, " + HealthForms.WORDS_RULE);
    }
  }

  /** What its kind asks for and was not named. */
  private static Optional<String> missing(MindedForm form) {
    return switch (form.kind()) {
      case CONDITION ->
          form.condition() == null
              ? Optional.of("Name the condition.")
              : Optional.of("Name the place of %s: a region.".formatted(form.condition().word()))
                  .filter(cure -> form.condition().hasPlace() && form.region() == null);
      case KEEP_OUT ->
          Optional.of("Name a region, a direction of movement or an exercise.")
              .filter(
                  cure ->
                      form.region() == null
                          && form.movement() == null
                          && form.exerciseId() == null);
      case ALLOW ->
          Optional.of("Name the exercise that is allowed.")
              .filter(cure -> form.exerciseId() == null);
      case JOINT_LIMIT ->
          Optional.of("Name the region of the joint.").filter(cure -> form.region() == null);
    };
  }

  /** Whoever depends on it learns of it in the same transaction. */
  private void changed(ClientFile client) {
    words.flush();
    events.publishEvent(new PersonChanged(client));
  }
}
