package org.nimblet.server.health;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.progress.PainHistory;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.PainDose;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.client.PersonChanged;
import org.nimblet.server.health.HealthFiles.Raised;
import org.nimblet.server.health.HealthForms.AnswerForm;
import org.nimblet.server.health.HealthForms.ClearanceForm;
import org.nimblet.server.health.HealthForms.ConditionView;
import org.nimblet.server.health.HealthForms.EarlierView;
import org.nimblet.server.health.HealthForms.HealthView;
import org.nimblet.server.health.HealthForms.MindedForm;
import org.nimblet.server.health.HealthForms.MindedView;
import org.nimblet.server.health.HealthForms.MistakeForm;
import org.nimblet.server.health.HealthForms.MovementView;
import org.nimblet.server.health.HealthForms.PainNowView;
import org.nimblet.server.health.HealthForms.ScreeningEntryView;
import org.nimblet.server.health.HealthForms.ScreeningForm;
import org.nimblet.server.health.HealthForms.SignView;
import org.nimblet.server.health.HealthForms.ToldPainForm;
import org.nimblet.server.health.HealthForms.ToldPainsForm;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.session.History;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients/{clientId}/health")
class HealthController {

  private static final int EARLIER = 6;

  /** So long a client may take back what they touched by mistake; the coach at any time (ours). */
  private static final Duration TAKEN_BACK_WITHIN = Duration.ofMinutes(15);

  private final ClientFiles clients;
  private final HealthFiles files;
  private final Screenings screenings;
  private final MindedThings minded;
  private final History history;
  private final CoachLibraries libraries;
  private final Scope scope;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  HealthController(
      ClientFiles clients,
      HealthFiles files,
      Screenings screenings,
      MindedThings minded,
      History history,
      CoachLibraries libraries,
      Scope scope,
      ApplicationEventPublisher events,
      Clock clock) {
    this.scope = scope;
    this.events = events;
    this.clients = clients;
    this.files = files;
    this.screenings = screenings;
    this.minded = minded;
    this.history = history;
    this.libraries = libraries;
    this.clock = clock;
  }

  @GetMapping
  @Transactional(readOnly = true)
  public HealthView health(@PathVariable UUID clientId) {
    return view(clients.require(clientId));
  }

  @PostMapping("/pains")
  @Transactional
  public HealthView tell(@PathVariable UUID clientId, @Valid @RequestBody ToldPainsForm form) {
    ClientFile client = clients.require(clientId);
    LocalDate today = today(client);
    for (int i = 0; i < form.pains().size(); i++) {
      ToldPainForm pain = form.pains().get(i);
      if (pain.since() != null && pain.since().isAfter(today)) {
        throw new InvalidFieldException(
            "pains[%d].since".formatted(i),
            "(%s) must be today or earlier.".formatted(pain.since()));
      }
      history.tell(
          client,
          pain.side(),
          pain.region(),
          pain.level(),
          Optional.ofNullable(pain.sensation()),
          Optional.ofNullable(pain.course()),
          Optional.ofNullable(pain.since()));
    }
    return changed(client);
  }

  @PostMapping("/screenings")
  @Transactional
  public HealthView screen(@PathVariable UUID clientId, @Valid @RequestBody ScreeningForm form) {
    ClientFile client = clients.require(clientId);
    for (int i = 0; i < form.answers().size(); i++) {
      AnswerForm answer = form.answers().get(i);
      if (answer.yes() && (answer.side() == null || answer.regions().isEmpty())) {
        throw new InvalidFieldException(
            "answers[%d].regions".formatted(i),
            "A sign that is there needs a side and at least one place.");
      }
    }
    Instant at = clock.instant();
    form.answers().forEach(answer -> save(client, answer, at));
    return changed(client);
  }

  private void save(ClientFile client, AnswerForm answer, Instant at) {
    Screening said = entry(client, answer.sign(), at);
    said.answer = answer.yes() ? SignAnswer.YES : SignAnswer.NO;
    said.side = answer.yes() ? answer.side() : null;
    said.regions =
        answer.yes() ? answer.regions().stream().sorted().map(Enum::name).toList() : List.of();
    said.since = answer.since().strip();
    screenings.save(said);
  }

  private static Screening entry(ClientFile client, ReferralSign sign, Instant at) {
    Screening said = new Screening();
    said.id = UUID.randomUUID();
    said.coachId = client.coachId();
    said.clientId = client.id();
    said.at = at;
    said.sign = sign;
    said.regions = List.of();
    said.since = "";
    said.words = "";
    return said;
  }

  @PostMapping("/screenings/{screeningId}/clearance")
  @Transactional
  public HealthView clear(
      @PathVariable UUID clientId,
      @PathVariable UUID screeningId,
      @Valid @RequestBody ClearanceForm form) {
    ClientFile client = clients.require(clientId);
    Screening open = openSign(client, screeningId);
    return ended(client, open, SignAnswer.CLEARED, form.words());
  }

  /** Takes back a sign that was touched by mistake; both words stay in the history. */
  @PostMapping("/screenings/{screeningId}/mistake")
  @Transactional
  public HealthView takeBack(
      @PathVariable UUID clientId,
      @PathVariable UUID screeningId,
      @Valid @RequestBody MistakeForm form) {
    ClientFile client = clients.require(clientId);
    Screening open = openSign(client, screeningId);
    if (!mayTakeBack(open)) {
      throw new InvalidFieldException(
          "screeningId",
          "A sign told more than %d min ago is taken back by the coach."
              .formatted(TAKEN_BACK_WITHIN.toMinutes()));
    }
    return ended(client, open, SignAnswer.MISTAKEN, form.words());
  }

  /** A sign that stood stands no longer; the word that ended it is kept beside it. */
  private HealthView ended(ClientFile client, Screening open, SignAnswer answer, String words) {
    Screening said = entry(client, open.sign, clock.instant());
    said.answer = answer;
    said.side = open.side;
    said.regions = open.regions;
    said.since = open.since;
    said.words = words.strip();
    screenings.save(said);
    return changed(client);
  }

  private boolean mayTakeBack(Screening open) {
    return scope.current().clientId().isEmpty()
        || open.at.isAfter(clock.instant().minus(TAKEN_BACK_WITHIN));
  }

  private Screening openSign(ClientFile client, UUID screeningId) {
    return files.openSigns(client).stream()
        .filter(sign -> sign.id.equals(screeningId))
        .findFirst()
        .orElseThrow(() -> new NotFoundException("sign"));
  }

  /** What is known now; whoever depends on it learns of it in the same transaction. */
  private HealthView changed(ClientFile client) {
    screenings.flush();
    minded.flush();
    events.publishEvent(new PersonChanged(client));
    return view(client);
  }

  @PostMapping("/minded")
  @Transactional
  public HealthView mind(@PathVariable UUID clientId, @Valid @RequestBody MindedForm form) {
    ClientFile client = clients.require(clientId);
    check(client, form);
    Minded thing = new Minded();
    thing.id = UUID.randomUUID();
    thing.coachId = client.coachId();
    thing.clientId = client.id();
    thing.kind = form.kind();
    thing.sides = form.sides().stream().sorted().map(Enum::name).toList();
    thing.condition = form.condition();
    thing.region = form.region();
    thing.movement = form.movement();
    thing.exerciseId = form.exerciseId();
    thing.words = form.words().strip();
    thing.until = form.until();
    thing.saidAt = clock.instant();
    minded.save(thing);
    return changed(client);
  }

  @DeleteMapping("/minded/{mindedId}")
  @Transactional
  public HealthView end(@PathVariable UUID clientId, @PathVariable UUID mindedId) {
    ClientFile client = clients.require(clientId);
    Minded thing =
        minded
            .findByIdAndClientId(mindedId, client.id())
            .orElseThrow(() -> new NotFoundException("instruction"));
    if (thing.endedAt == null) {
      thing.endedAt = clock.instant();
    }
    return changed(client);
  }

  private void check(ClientFile client, MindedForm form) {
    boolean right =
        switch (form.kind()) {
          case CONDITION ->
              form.condition() != null && (!form.condition().hasPlace() || form.region() != null);
          case KEEP_OUT ->
              form.region() != null || form.movement() != null || form.exerciseId() != null;
          case ALLOW -> form.exerciseId() != null;
          case JOINT_LIMIT -> form.region() != null;
        };
    if (!right) {
      throw new InvalidFieldException(
          "kind",
          switch (form.kind()) {
            case CONDITION ->
                form.condition() == null
                    ? "Name the condition."
                    : "Name the place of %s: a region.".formatted(form.condition().word());
            case KEEP_OUT -> "Name a region, a direction of movement or an exercise.";
            case ALLOW -> "Name the exercise that is allowed.";
            case JOINT_LIMIT -> "Name the region of the joint.";
          });
    }
    if (form.exerciseId() == null && form.sides().isEmpty()) {
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

  // ---- what is shown

  private LocalDate today(ClientFile client) {
    return LocalDate.ofInstant(clock.instant(), client.zone());
  }

  private HealthView view(ClientFile client) {
    LocalDate today = today(client);
    return new HealthView(
        pains(client),
        signs(client),
        entries(client),
        minded(client, today),
        Arrays.stream(Condition.values())
            .map(c -> new ConditionView(c, c.word(), c.adaptation(), c.hasPlace()))
            .toList(),
        Arrays.stream(Movement.values()).map(m -> new MovementView(m, m.word())).toList(),
        SafetyRules.ENDING_PAIN,
        PainHistory.STEADY_DAYS);
  }

  private List<PainNowView> pains(ClientFile client) {
    List<History.ToldPain> told = history.told(client);
    return history.pains(client).stream()
        .map(
            now -> {
              Pain pain = now.pain();
              return new PainNowView(
                  pain.side(),
                  pain.region(),
                  pain.region().word(),
                  pain.level(),
                  pain.course(),
                  now.saidOn(),
                  now.since().orElse(null),
                  PainDose.of(pain.level(), pain.course()).words(),
                  told.stream()
                      .filter(t -> t.side() == pain.side() && t.region() == pain.region())
                      .skip(1)
                      .limit(EARLIER)
                      .map(t -> new EarlierView(t.date(), t.level()))
                      .toList());
            })
        .toList();
  }

  private List<SignView> signs(ClientFile client) {
    List<Screening> all = screenings.findByClientIdOrderByAtAscIdAsc(client.id());
    List<Screening> open = files.openSigns(client);
    List<Raised> raised = files.raised(client);
    List<SignView> views = new ArrayList<>();
    for (ReferralSign sign : ReferralSign.values()) {
      List<Screening> standing = open.stream().filter(said -> said.sign == sign).toList();
      String raisedBy =
          raised.stream()
              .filter(one -> one.sign().sign() == sign)
              .map(Raised::words)
              .collect(Collectors.joining("; "));
      standing.forEach(said -> views.add(sign(said, SignAnswer.YES, client, raisedBy)));
      if (standing.isEmpty()) {
        views.add(
            all.stream()
                .filter(said -> said.sign == sign)
                .reduce((earlier, later) -> later)
                .map(said -> sign(said, said.answer, client, raisedBy))
                .orElseGet(
                    () ->
                        new SignView(
                            sign,
                            sign.word(),
                            SignAnswer.NOT_ASKED,
                            null,
                            null,
                            List.of(),
                            "",
                            "",
                            null,
                            "",
                            "",
                            raisedBy,
                            false)));
      }
    }
    return views;
  }

  private SignView sign(Screening said, SignAnswer answer, ClientFile client, String raisedBy) {
    boolean stands = answer == SignAnswer.YES;
    return new SignView(
        said.sign,
        said.sign.word(),
        answer,
        stands ? said.id : null,
        said.side,
        said.regions.stream().map(Region::valueOf).toList(),
        place(said, client),
        said.since,
        LocalDate.ofInstant(said.at, client.zone()),
        stands ? HealthFiles.sign(said, client).consequence() : "",
        said.words,
        raisedBy,
        stands && mayTakeBack(said));
  }

  private static String place(Screening said, ClientFile client) {
    return said.side == null ? "" : HealthFiles.sign(said, client).place();
  }

  private List<ScreeningEntryView> entries(ClientFile client) {
    List<ScreeningEntryView> views =
        screenings.findByClientIdOrderByAtAscIdAsc(client.id()).stream()
            .map(
                said ->
                    new ScreeningEntryView(
                        LocalDate.ofInstant(said.at, client.zone()),
                        said.sign,
                        said.sign.word(),
                        said.answer,
                        place(said, client),
                        said.answer == SignAnswer.YES ? said.since : said.words))
            .collect(Collectors.toCollection(ArrayList::new));
    Collections.reverse(views);
    return views;
  }

  private List<MindedView> minded(ClientFile client, LocalDate today) {
    Set<UUID> holding =
        files.holding(client, today).stream().map(thing -> thing.id).collect(Collectors.toSet());
    List<MindedView> views = new ArrayList<>();
    for (Minded thing : minded.findByClientIdOrderBySaidAtAscIdAsc(client.id())) {
      views.add(
          new MindedView(
              thing.id,
              thing.kind,
              HealthFiles.sides(thing),
              thing.condition,
              thing.region,
              thing.movement,
              thing.exerciseId,
              name(client, thing),
              thing.words,
              LocalDate.ofInstant(thing.saidAt, client.zone()),
              thing.until,
              thing.endedAt == null ? null : LocalDate.ofInstant(thing.endedAt, client.zone()),
              holding.contains(thing.id)));
    }
    return views;
  }

  private String name(ClientFile client, Minded thing) {
    String where =
        HealthFiles.sides(thing).equals(EnumSet.allOf(Side.class))
            ? "both sides"
            : HealthFiles.sides(thing).stream().map(Side::word).collect(Collectors.joining());
    if (thing.exerciseId != null) {
      return libraries
          .of(client.coachId())
          .find(thing.exerciseId)
          .map(exercise -> exercise.title())
          .orElse(thing.exerciseId);
    } else if (thing.condition != null) {
      String place = thing.region == null ? "" : ", " + thing.region.word();
      return thing.condition.word() + place + ", " + where;
    } else if (thing.region != null) {
      return thing.region.word() + ", " + where;
    }
    return thing.movement.word() + ", " + where;
  }
}
