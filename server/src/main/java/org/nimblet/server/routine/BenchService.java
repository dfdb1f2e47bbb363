package org.nimblet.server.routine;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.routine.ArmByArm;
import org.nimblet.core.routine.Circuits;
import org.nimblet.core.routine.Composer;
import org.nimblet.core.routine.Composition;
import org.nimblet.core.routine.Coverage;
import org.nimblet.core.routine.CueSheet;
import org.nimblet.core.routine.Finding;
import org.nimblet.core.routine.RoutineCheck;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.RoutineRule;
import org.nimblet.core.routine.SaidMoment;
import org.nimblet.core.routine.Sign;
import org.nimblet.core.routine.Step;
import org.nimblet.core.routine.StepLengths;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
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
import org.nimblet.server.routine.Bench.RepairForm;
import org.nimblet.server.routine.Bench.SidesChoice;
import org.nimblet.server.routine.Bench.SidesForm;
import org.nimblet.server.routine.Bench.TurnForm;
import org.nimblet.server.routine.Bench.WhyNotForm;
import org.nimblet.server.routine.Bench.WhyNotView;
import org.nimblet.server.routine.RoutineViews.LeftOutView;
import org.nimblet.server.routine.StepDrafts.ReadStep;
import org.nimblet.server.routine.StepDrafts.StepDraft;
import org.springframework.stereotype.Service;

/** Everything that follows from a routine while it is worked on; nothing is stored here. */
@Service
class BenchService {

  private final DraftReader reader;

  BenchService(DraftReader reader) {
    this.reader = reader;
  }

  CheckView check(Draft draft) {
    return check(reader.read(draft));
  }

  /** What follows from a draft that was read already. */
  CheckView check(ReadDraft read) {
    Draft draft = read.draft();
    List<Step> steps = read.plain();
    CueSheet sheet = read.cueSheet();
    List<Finding> findings = findings(read);
    Set<RoutineRule> broken = findings.stream().map(Finding::rule).collect(Collectors.toSet());
    List<BenchStep> views = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      views.add(BenchSteps.of(read, i, sheet));
    }
    return new CheckView(
        views,
        sheet.lengthMillis(),
        Math.floorDiv(draft.budgetSeconds() * 1000L - sheet.lengthMillis(), 1000L),
        draft.isWarmed(),
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
        read.facts().health().signs().stream().map(BenchService::sentence).toList());
  }

  private static String sentence(Sign sign) {
    return "%s, %s. %s Please see a doctor, hand therapist or physiotherapist first."
        .formatted(capital(sign.sign().word()), sign.place(), sign.consequence());
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  private static FindingView view(Finding finding, ReadDraft read) {
    return new FindingView(
        finding.rule().id(),
        finding.rule().title(),
        finding.rule().severity(),
        finding.sentence(),
        finding.steps().stream().map(i -> read.steps().get(i).draft().key()).toList());
  }

  /** Steps shorter or longer than those on the bench, if that is asked for. */
  private static StepLengths lengths(ComposeForm form, ReadDraft read) {
    if (form.lengths() == null || read.steps().isEmpty()) {
      return StepLengths.ANY;
    }
    CueSheet cues = read.cueSheet();
    return StepLengths.beside(
        form.lengths(),
        IntStream.range(0, read.steps().size())
            .mapToObj(i -> (int) (cues.stepMillis(i) / 1000))
            .toList());
  }

  private static List<Finding> findings(ReadDraft read) {
    return new RoutineCheck(read.library().library())
        .findings(read.draft().purpose(), read.request(), read.plain());
  }

  /** What can be done about each finding, in words. */
  List<String> repairs(Draft draft) {
    return findings(reader.read(draft)).stream().map(found -> found.repair().words()).toList();
  }

  /** The steps after one repair, or after every repair there is. */
  List<StepDraft> repair(RepairForm form) {
    ReadDraft read = reader.read(form.draft());
    if (form.finding() == null) {
      return read.drafts(
          new RoutineCheck(read.library().library())
              .repaired(form.draft().purpose(), read.request(), read.plain()));
    }
    List<Finding> findings = findings(read);
    if (form.finding() >= findings.size()) {
      throw new InvalidFieldException(
          "finding",
          "(%d) must be one of the %d that the check found, counted from 0."
              .formatted(form.finding(), findings.size()));
    }
    return read.drafts(findings.get(form.finding()).repair().steps());
  }

  ComposeView compose(ComposeForm form) {
    if (form.said() == null) {
      return compose(form, form.draft(), request -> request);
    }
    try {
      SaidMoment moment = SaidMoment.read(form.said());
      return compose(form, form.draft().in(moment), moment::in);
    } catch (IllegalArgumentException e) {
      // Half of what somebody says is no failure of the page.
      return notComposed(form.draft(), e.getMessage(), List.of());
    }
  }

  private ComposeView compose(ComposeForm form, Draft draft, UnaryOperator<RoutineRequest> in) {
    ReadDraft read = reader.read(draft);
    Composition composition =
        read.library()
            .composer(draft.purpose())
            .compose(in.apply(read.request()), form.earlier(), lengths(form, read));
    if (composition instanceof Composition.Composed composed) {
      return new ComposeView(
          true,
          "",
          draft.purpose(),
          draft.budgetSeconds(),
          read.drafts(composed.steps()),
          composed.choices().stream().map(choice -> choice.sentence()).toList(),
          composed.rejections().stream().map(RoutineViews::leftOut).toList(),
          composed.shortPhases().stream().map(Composition.ShortPhase::sentence).toList());
    }
    Composition.NotComposed none = (Composition.NotComposed) composition;
    return notComposed(
        draft, none.reason(), none.rejections().stream().map(RoutineViews::leftOut).toList());
  }

  private static ComposeView notComposed(Draft draft, String reason, List<LeftOutView> leftOut) {
    return new ComposeView(
        false,
        reason,
        draft.purpose(),
        draft.budgetSeconds(),
        List.of(),
        List.of(),
        leftOut,
        List.of());
  }

  OffersView offers(Draft draft) {
    ReadDraft read = reader.read(draft);
    Set<String> taken = new HashSet<>();
    draft.steps().forEach(step -> taken.add(step.exerciseId()));
    long free = draft.budgetSeconds() * 1000L - read.cueSheet().lengthMillis();
    Composer composer = read.library().composer(draft.purpose());
    List<Composer.Offer> all = composer.offers(read.request(), taken);
    long most = all.stream().mapToLong(Composer.Offer::worth).max().orElse(1);
    List<OfferView> fits =
        all.stream()
            .map(
                offer ->
                    new OfferView(
                        StepDrafts.draft(read.library(), offer.step(), StepDrafts.newKey(), false),
                        offer.step().exercise().title(),
                        offer.step().exercise().kind(),
                        offer.seconds(),
                        (int) (offer.worth() * 100 / most),
                        offer.why(),
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

  WhyNotView whyNot(WhyNotForm form) {
    ReadDraft read = reader.read(form.draft());
    Exercise exercise =
        read.library()
            .library()
            .find(form.exerciseId())
            .orElseThrow(() -> new NotFoundException("exercise"));
    Composer.WhyNot why =
        read.library().composer(form.draft().purpose()).whyNot(exercise, read.request());
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
  List<StepDraft> sides(SidesForm form) {
    ReadDraft read = reader.read(form.draft());
    if (read.steps().stream().noneMatch(own -> own.draft().key().equals(form.key()))) {
      throw new InvalidFieldException("key", "(%s) is no step of the draft.".formatted(form.key()));
    }
    return read.steps().stream()
        .flatMap(
            own ->
                own.draft().key().equals(form.key())
                    ? shared(own, form.sides(), read)
                    : Stream.of(own.draft()))
        .toList();
  }

  /** The steps in another order about one of them. */
  List<StepDraft> turn(TurnForm form) {
    ReadDraft read = reader.read(form.draft());
    int index =
        IntStream.range(0, read.steps().size())
            .filter(i -> read.steps().get(i).draft().key().equals(form.key()))
            .findFirst()
            .orElseThrow(
                () ->
                    new InvalidFieldException(
                        "key", "(%s) is no step of the draft.".formatted(form.key())));
    try {
      return read.drafts(
          switch (form.turn()) {
            case WITH_THE_NEXT -> Circuits.inTurn(read.plain(), index);
            case APART -> Circuits.apart(read.plain(), index);
            case ARM_BY_ARM -> ArmByArm.of(read.plain(), index);
          });
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException("key", e.getMessage() + ".");
    }
  }

  private static Stream<StepDraft> shared(ReadStep own, SidesChoice sides, ReadDraft read) {
    Step step = own.step();
    List<Step> changed =
        switch (sides) {
          case USUAL -> List.of(step.onUsualSides(read.facts().method()));
          case LEFT -> List.of(step.on(Side.LEFT));
          case RIGHT -> List.of(step.on(Side.RIGHT));
          case SPLIT -> List.of(step.on(step.firstSide()), step.on(step.firstSide().other()));
        };
    return IntStream.range(0, changed.size())
        .mapToObj(
            i ->
                StepDrafts.draft(
                    read.library(),
                    changed.get(i),
                    i == 0 ? own.draft().key() : StepDrafts.newKey(),
                    own.draft().pinned()));
  }
}
