package org.nimblet.server.routine;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DosePlan;
import org.nimblet.core.exercise.DoseText;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Load;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.OwnedLoads;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.Composer;
import org.nimblet.core.routine.Composition;
import org.nimblet.core.routine.Coverage;
import org.nimblet.core.routine.CueSheet;
import org.nimblet.core.routine.CueSheetWriter;
import org.nimblet.core.routine.Finding;
import org.nimblet.core.routine.PurposePlan;
import org.nimblet.core.routine.RoutineCheck;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.RoutineRule;
import org.nimblet.core.routine.Sign;
import org.nimblet.core.routine.Step;
import org.nimblet.core.routine.StepTime;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.health.HealthFiles;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.library.FigureParts;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.routine.Bench.BenchRung;
import org.nimblet.server.routine.Bench.BenchStep;
import org.nimblet.server.routine.Bench.CheckView;
import org.nimblet.server.routine.Bench.ComposeForm;
import org.nimblet.server.routine.Bench.ComposeView;
import org.nimblet.server.routine.Bench.CoverageView;
import org.nimblet.server.routine.Bench.Draft;
import org.nimblet.server.routine.Bench.FindingView;
import org.nimblet.server.routine.Bench.GateView;
import org.nimblet.server.routine.Bench.OfferView;
import org.nimblet.server.routine.Bench.OffersView;
import org.nimblet.server.routine.Bench.PartKind;
import org.nimblet.server.routine.Bench.PartView;
import org.nimblet.server.routine.Bench.QuantityView;
import org.nimblet.server.routine.Bench.RepairView;
import org.nimblet.server.routine.Bench.SidesForm;
import org.nimblet.server.routine.Bench.WhyNotForm;
import org.nimblet.server.routine.Bench.WhyNotView;
import org.nimblet.server.routine.RoutineViews.LeftOutView;
import org.nimblet.server.routine.RoutineViews.Occasion;
import org.nimblet.server.routine.RoutineViews.RoutineView;
import org.nimblet.server.routine.StepDrafts.ReadStep;
import org.nimblet.server.routine.StepDrafts.StepDraft;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everything that follows from a routine while it is worked on; nothing is stored here. */
@RestController
@RequestMapping("/api/bench")
class BenchController {

  private final Scope scope;
  private final ClientFiles clients;
  private final CoachLibraries libraries;
  private final RoutineRequests requests;
  private final HealthFiles healths;
  private final Surroundings surroundings;
  private final StepDrafts drafts;
  private final RoutineViews views;
  private final Clock clock;

  BenchController(
      Scope scope,
      ClientFiles clients,
      CoachLibraries libraries,
      RoutineRequests requests,
      HealthFiles healths,
      Surroundings surroundings,
      StepDrafts drafts,
      RoutineViews views,
      Clock clock) {
    this.scope = scope;
    this.clients = clients;
    this.libraries = libraries;
    this.requests = requests;
    this.healths = healths;
    this.surroundings = surroundings;
    this.drafts = drafts;
    this.views = views;
    this.clock = clock;
  }

  /** A draft with all that is known around it. */
  private record Read(Optional<ClientFile> client, RoutineRequest request, List<ReadStep> steps) {
    List<Step> plain() {
      return steps.stream().map(ReadStep::step).toList();
    }

    ClientFacts facts() {
      return request.facts();
    }
  }

  private Read read(Draft draft) {
    Optional<ClientFile> client = Optional.ofNullable(draft.clientId()).map(clients::require);
    RoutineRequest request = request(draft, client, List.of());
    List<ReadStep> steps = drafts.read(scope.coachId(), request, draft.steps());
    List<Step> pinned =
        steps.stream().filter(read -> read.draft().pinned()).map(ReadStep::step).toList();
    return new Read(client, pinned.isEmpty() ? request : request.withPinned(pinned), steps);
  }

  private RoutineRequest request(Draft draft, Optional<ClientFile> client, List<Step> pinned) {
    OptionalInt minutes =
        draft.minutesToPlay() == null ? OptionalInt.empty() : OptionalInt.of(draft.minutesToPlay());
    boolean warmed = warmed(draft);
    if (client.isEmpty()) {
      return RoutineRequests.forAnybody(
          draft.purpose(),
          draft.budgetSeconds(),
          Optional.ofNullable(draft.discipline()),
          new Around(warmed, minutes, false),
          pinned);
    }
    Instant now = clock.instant();
    Around around = surroundings.of(client.get(), now, now.plusSeconds(draft.budgetSeconds()));
    boolean performance = around.performanceTomorrow();
    return requests.of(
        client.get(),
        LocalDate.ofInstant(now, client.get().zone()),
        draft.purpose(),
        draft.budgetSeconds(),
        Optional.ofNullable(draft.activityId()),
        new Around(warmed, minutes, performance),
        pinned);
  }

  private static boolean warmed(Draft draft) {
    return draft.warmed() == null ? PurposePlan.of(draft.purpose()).followsPlay() : draft.warmed();
  }

  private ExerciseLibrary library() {
    return libraries.of(scope.coachId()).library();
  }

  @PostMapping("/check")
  CheckView check(@Valid @RequestBody Draft draft) {
    return check(draft, read(draft));
  }

  private CheckView check(Draft draft, Read read) {
    List<Step> steps = read.plain();
    CueSheet sheet = CueSheetWriter.write(steps, read.facts().pace(), read.facts().notation());
    List<Finding> findings =
        new RoutineCheck(library()).findings(draft.purpose(), read.request(), steps);
    Set<RoutineRule> broken = findings.stream().map(Finding::rule).collect(Collectors.toSet());
    List<BenchStep> views = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      views.add(step(read, i, sheet));
    }
    return new CheckView(
        views,
        sheet.lengthMillis(),
        Math.floorDiv(draft.budgetSeconds() * 1000L - sheet.lengthMillis(), 1000L),
        warmed(draft),
        RoutineViews.haveReady(steps),
        findings.stream().map(finding -> view(finding, read)).toList(),
        RoutineRule.values().length - broken.size(),
        Coverage.of(steps, read.request().weights(), read.facts().method(), draft.budgetSeconds())
            .stream()
            .map(
                c ->
                    new CoverageView(
                        c.target().target().id(),
                        c.target().target().word(),
                        c.target().side(),
                        c.given(),
                        c.wanted()))
            .toList(),
        read.facts().health().signs().stream().map(BenchController::sentence).toList());
  }

  private static String sentence(Sign sign) {
    return "%s, %s. %s Please see a doctor, hand therapist or physiotherapist first."
        .formatted(capital(sign.sign().word()), sign.place(), sign.consequence());
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  private FindingView view(Finding finding, Read read) {
    return new FindingView(
        finding.rule().id(),
        finding.rule().title(),
        finding.rule().severity(),
        finding.sentence(),
        finding.steps().stream().map(i -> read.steps().get(i).draft().key()).toList(),
        finding
            .repair()
            .map(
                repair ->
                    new RepairView(
                        repair.words(),
                        drafts.drafts(scope.coachId(), repair.steps(), read.steps())))
            .orElse(null));
  }

  private BenchStep step(Read read, int index, CueSheet sheet) {
    ReadStep own = read.steps().get(index);
    Step step = own.step();
    Exercise exercise = step.exercise();
    Method method = read.facts().method();
    DosePlan plan = exercise.planOf(step.dose(), method);
    List<String> cautions =
        new ArrayList<>(
            read.client()
                .map(c -> healths.jointLimits(c, LocalDate.ofInstant(clock.instant(), c.zone())))
                .map(limits -> RoutineViews.limitsOf(step, limits))
                .orElse(List.of()));
    cautions.addAll(exercise.cautions());
    return new BenchStep(
        drafts.draft(scope.coachId(), step, own.draft().key(), own.draft().pinned()),
        exercise.title(),
        exercise.kind(),
        exercise.demands().intensity(),
        step.doseWords(method, read.facts().notation()),
        own.typedWrong().orElse(null),
        step.dose().laterality(),
        exercise.doseFor(method).usual().laterality(),
        sheet.stepStarts().get(index),
        sheet.stepMillis(index),
        parts(step, sheet.stepMillis(index), read.facts()),
        quantity(step, plan),
        step.dose().repetitions(),
        step.dose().sets(),
        rungs(step, read),
        exercise.demands().positions(),
        StepTime.hasRelease(step.dose(), read.facts().pace()),
        step.setUp(),
        step.action(),
        exercise.guidance().cue(),
        exercise.guidance().feltAt(),
        cautions,
        FigureParts.of(step));
  }

  /** How a step's time adds up. */
  private static List<PartView> parts(Step step, long lengthMillis, ClientFacts facts) {
    List<PartView> parts = new ArrayList<>();
    long work = StepTime.millis(step, facts.pace());
    parts.add(new PartView(PartKind.SET_UP, null, lengthMillis - work));
    long release = step.hasRelease(facts.pace()) ? StepTime.RELEASE_SECONDS * 1000L : 0;
    if (step.dose().laterality() == Laterality.IN_TURN) {
      parts.add(new PartView(PartKind.WORK, null, work - release));
    } else {
      parts.addAll(passes(step, facts, work - release));
    }
    if (release > 0) {
      parts.add(new PartView(PartKind.RELEASE, null, release));
    }
    return parts;
  }

  /** One side, the change and the other side; both at once where they go together. */
  private static List<PartView> passes(Step step, ClientFacts facts, long workMillis) {
    List<PartView> parts = new ArrayList<>();
    List<Side> passes = step.dose().passes(step.firstSide());
    long changes = StepTime.sideChanges(step.dose()) * 1000L;
    long first =
        StepTime.millis(
                step.withDose(step.dose().on(passes.get(0)).withLaterality(Laterality.ONE_SIDE)),
                facts.pace())
            - (step.hasRelease(facts.pace()) ? StepTime.RELEASE_SECONDS * 1000L : 0);
    boolean bothAtOnce = passes.size() == 1 && step.sides().size() == 2;
    parts.add(new PartView(PartKind.WORK, bothAtOnce ? null : passes.get(0), first));
    if (passes.size() > 1) {
      parts.add(new PartView(PartKind.CHANGE, null, changes));
      parts.add(new PartView(PartKind.WORK, passes.get(1), workMillis - changes - first));
    }
    return parts;
  }

  private static String complete(Step step, Dose dose) {
    return DoseText.complete(Notation.NAMES, step.exercise().guidance().ways()).format(dose);
  }

  private static QuantityView quantity(Step step, DosePlan plan) {
    Dose dose = step.dose();
    int now = dose.quantity();
    int by = stride(dose, plan);
    int less = Math.max(plan.bounds().least(), now - by);
    int more = Math.min(plan.bounds().greatest(), now + by);
    return new QuantityView(
        name(dose),
        now,
        plan.bounds().least(),
        plan.bounds().greatest(),
        less < now ? complete(step, dose.withQuantity(less)) : null,
        more > now ? complete(step, dose.withQuantity(more)) : null);
  }

  /** Seconds go by five where there is room for it, everything else by one. */
  private static int stride(Dose dose, DosePlan plan) {
    int room = plan.bounds().greatest() - plan.bounds().least();
    return name(dose).equals("s") && room >= 10 ? 5 : 1;
  }

  private static String name(Dose dose) {
    if (!dose.form().variesItself()) {
      return "times";
    }
    return switch (dose.form().getClass().getSimpleName()) {
      case "Breaths" -> "breaths";
      case "Travel" -> "passes";
      case "Paced" -> "beats";
      default -> "s";
    };
  }

  private List<BenchRung> rungs(Step step, Read read) {
    Exercise exercise = step.exercise();
    Method method =
        exercise.dose(read.facts().method()).isPresent()
            ? read.facts().method()
            : exercise.usualMethod();
    List<Load> loads =
        step.dose().load().isEmpty()
            ? List.of()
            : step.dose().load().get() instanceof Load.Band
                ? OwnedLoads.bands()
                : OwnedLoads.inTheHand(read.facts().things(), read.facts().weightGrams());
    return Ladder.of(exercise, method, loads).rungs().stream()
        .filter(rung -> rung.thing().isEmpty())
        .map(
            rung -> {
              Dose dose =
                  rung.dose().laterality() == step.dose().laterality()
                      ? rung.dose()
                      : rung.dose().withLaterality(step.dose().laterality());
              return new BenchRung(rung.words(), complete(step, dose), dose.equals(step.dose()));
            })
        .distinct()
        .toList();
  }

  /** The steps after every repair there is. */
  @PostMapping("/repair")
  List<StepDraft> repair(@Valid @RequestBody Draft draft) {
    Read read = read(draft);
    return drafts.drafts(
        scope.coachId(),
        new RoutineCheck(library()).repaired(draft.purpose(), read.request(), read.plain()),
        read.steps());
  }

  @PostMapping("/compose")
  ComposeView compose(@Valid @RequestBody ComposeForm form) {
    Read read = read(form.draft());
    Composition composition =
        new Composer(library(), form.draft().purpose()).compose(read.request(), form.earlier());
    if (composition instanceof Composition.Composed composed) {
      return new ComposeView(
          true,
          "",
          drafts.drafts(scope.coachId(), composed.steps(), read.steps()),
          composed.choices().stream().map(choice -> choice.sentence()).toList(),
          composed.rejections().stream().map(RoutineViews::leftOut).toList(),
          composed.shortPhases().stream()
              .map(
                  phase ->
                      "%s: %d s of %d s, %s."
                          .formatted(
                              phase.phase(),
                              phase.gotSeconds(),
                              phase.leastSeconds(),
                              phase.cause()))
              .toList());
    }
    Composition.NotComposed none = (Composition.NotComposed) composition;
    return new ComposeView(
        false,
        none.reason(),
        List.of(),
        List.of(),
        none.rejections().stream().map(RoutineViews::leftOut).toList(),
        List.of());
  }

  @PostMapping("/offers")
  OffersView offers(@Valid @RequestBody Draft draft) {
    Read read = read(draft);
    Set<String> taken = new HashSet<>();
    draft.steps().forEach(step -> taken.add(step.exerciseId()));
    CueSheet sheet =
        CueSheetWriter.write(read.plain(), read.facts().pace(), read.facts().notation());
    long free = draft.budgetSeconds() * 1000L - sheet.lengthMillis();
    Composer composer = new Composer(library(), draft.purpose());
    List<OfferView> fits =
        composer.offers(read.request(), taken).stream()
            .map(
                offer ->
                    new OfferView(
                        drafts.draft(
                            scope.coachId(), offer.step(), "new-" + UUID.randomUUID(), false),
                        offer.step().exercise().title(),
                        offer.step().exercise().kind(),
                        offer.seconds(),
                        offer.points(),
                        offer.seconds() * 1000L <= free))
            .toList();
    Set<String> offered =
        fits.stream().map(offer -> offer.step().exerciseId()).collect(Collectors.toSet());
    List<LeftOutView> doesNot =
        composer.closed(read.request()).stream()
            .filter(rejection -> !taken.contains(rejection.exercise().id()))
            .filter(rejection -> !offered.contains(rejection.exercise().id()))
            .map(RoutineViews::leftOut)
            .toList();
    return new OffersView(fits, doesNot);
  }

  @PostMapping("/why-not")
  WhyNotView whyNot(@Valid @RequestBody WhyNotForm form) {
    Read read = read(form.draft());
    Exercise exercise =
        library().find(form.exerciseId()).orElseThrow(() -> new NotFoundException("exercise"));
    Composer.WhyNot why =
        new Composer(library(), form.draft().purpose()).whyNot(exercise, read.request());
    return new WhyNotView(
        exercise.title(),
        exercise.kind(),
        why.answers().stream()
            .map(
                answer ->
                    new GateView(answer.gate(), answer.gate().title(), answer.closed().orElse("")))
            .toList(),
        why.decided().orElse(""));
  }

  /** The steps with one of them shared otherwise between the sides. */
  @PostMapping("/sides")
  List<StepDraft> sides(@Valid @RequestBody SidesForm form) {
    Read read = read(form.draft());
    List<StepDraft> changed = new ArrayList<>();
    boolean found = false;
    for (ReadStep own : read.steps()) {
      if (!own.draft().key().equals(form.key())) {
        changed.add(own.draft());
        continue;
      }
      found = true;
      Step step = own.step();
      String key = own.draft().key();
      boolean pinned = own.draft().pinned();
      switch (form.sides()) {
        case USUAL ->
            changed.add(
                drafts.draft(
                    scope.coachId(), step.onUsualSides(read.facts().method()), key, pinned));
        case LEFT -> changed.add(drafts.draft(scope.coachId(), step.on(Side.LEFT), key, pinned));
        case RIGHT -> changed.add(drafts.draft(scope.coachId(), step.on(Side.RIGHT), key, pinned));
        case SPLIT -> {
          Side first = step.firstSide();
          changed.add(drafts.draft(scope.coachId(), step.on(first), key, pinned));
          changed.add(
              drafts.draft(
                  scope.coachId(), step.on(first.other()), "new-" + UUID.randomUUID(), pinned));
        }
      }
    }
    if (!found) {
      throw new InvalidFieldException("key", "(%s) is no step of the draft.".formatted(form.key()));
    }
    return changed;
  }

  /** The draft as the player wants it; what safety forbids is left out, with the reason. */
  @PostMapping("/play")
  RoutineView play(@Valid @RequestBody Draft draft) {
    if (draft.clientId() == null) {
      throw new InvalidFieldException("clientId", "Choose the client who would do it.");
    }
    ClientFile client = clients.require(draft.clientId());
    Draft now = startedNow(client, draft);
    return play(client, now, read(now), Optional.empty(), draft.purpose().word());
  }

  /** The draft as it is when it starts now: play that follows is near whoever forgot it. */
  private Draft startedNow(ClientFile client, Draft draft) {
    Instant now = clock.instant();
    Around around = surroundings.of(client, now, now.plusSeconds(draft.budgetSeconds()));
    Integer minutes =
        Stream.of(
                Optional.ofNullable(draft.minutesToPlay()),
                around.minutesToPlay().isEmpty()
                    ? Optional.<Integer>empty()
                    : Optional.of(around.minutesToPlay().getAsInt()))
            .flatMap(Optional::stream)
            .min(Comparator.naturalOrder())
            .orElse(null);
    return new Draft(
        draft.clientId(),
        draft.activityId(),
        draft.discipline(),
        draft.purpose(),
        draft.budgetSeconds(),
        around.warmed() ? Boolean.TRUE : draft.warmed(),
        minutes,
        draft.steps());
  }

  private RoutineView play(
      ClientFile client, Draft draft, Read read, Optional<UUID> routineId, String title) {
    RoutineCheck.SafeSteps safe =
        new RoutineCheck(library()).safe(draft.purpose(), read.request(), read.plain());
    return views.played(
        client,
        new Occasion(
            Optional.empty(),
            routineId,
            title,
            "",
            clock.instant(),
            Optional.ofNullable(draft.activityId()).flatMap(client::activity)),
        draft.purpose(),
        safe.steps(),
        CueSheetWriter.write(safe.steps(), read.facts().pace(), read.facts().notation()),
        safe.steps().stream().map(step -> step.exercise().guidance().purpose()).toList(),
        safe.stopped().stream().map(BenchController::leftOut).toList(),
        List.of());
  }

  /**
   * A routine composed at once, as the player wants it.
   *
   * @throws InvalidFieldException if nothing can be composed, with the reason
   */
  RoutineView playNow(ClientFile client, Purpose purpose, int minutes) {
    Draft empty =
        startedNow(
            client,
            new Draft(client.id(), null, null, purpose, minutes * 60, null, null, List.of()));
    ComposeView composed = compose(new ComposeForm(empty, List.of()));
    if (!composed.composed()) {
      throw new InvalidFieldException("purpose", composed.reason());
    }
    Draft draft =
        new Draft(
            client.id(),
            null,
            null,
            purpose,
            minutes * 60,
            empty.warmed(),
            empty.minutesToPlay(),
            composed.steps());
    return play(client, draft, read(draft), Optional.empty(), purpose.word());
  }

  private static LeftOutView leftOut(RoutineCheck.Stopped stopped) {
    Exercise exercise = stopped.exercise();
    return new LeftOutView(exercise.id(), exercise.title(), exercise.kind(), stopped.sentence());
  }

  /**
   * A stored routine as the player wants it.
   *
   * @param routineId which
   * @param title what it is called
   */
  RoutineView play(ClientFile client, Draft draft, UUID routineId, String title) {
    Draft now = startedNow(client, draft);
    return play(client, now, read(now), Optional.of(routineId), title);
  }
}
