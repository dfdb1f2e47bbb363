package org.nimblet.server.routine;

import java.util.ArrayList;
import java.util.List;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DosePlan;
import org.nimblet.core.exercise.DoseText;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Load;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.OwnedLoads;
import org.nimblet.core.routine.Circuits;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.CueSheet;
import org.nimblet.core.routine.Step;
import org.nimblet.core.routine.StepTime;
import org.nimblet.server.library.FigureParts;
import org.nimblet.server.routine.Bench.BenchRung;
import org.nimblet.server.routine.Bench.BenchStep;
import org.nimblet.server.routine.Bench.PartKind;
import org.nimblet.server.routine.Bench.PartView;
import org.nimblet.server.routine.Bench.QuantityView;
import org.nimblet.server.routine.StepDrafts.ReadStep;

/** Steps at the bench, each with what can be changed about it. */
final class BenchSteps {

  private BenchSteps() {}

  static BenchStep of(ReadDraft read, int index, CueSheet sheet) {
    ReadStep own = read.steps().get(index);
    Step step = own.step();
    Exercise exercise = step.exercise();
    Method method = read.facts().method();
    DosePlan plan = exercise.planOf(step.dose(), method);
    List<String> cautions =
        new ArrayList<>(
            read.person()
                .map(person -> person.told().jointLimits(person.today()))
                .map(limits -> RoutineViews.limitsOf(step, limits))
                .orElse(List.of()));
    cautions.addAll(exercise.cautions());
    return new BenchStep(
        StepDrafts.draft(read.library(), step, own.draft().key(), own.draft().pinned()),
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
        Circuits.label(read.plain(), index).orElse(null),
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
        dose.quantityName(),
        now,
        plan.bounds().least(),
        plan.bounds().greatest(),
        less < now ? complete(step, dose.withQuantity(less)) : null,
        more > now ? complete(step, dose.withQuantity(more)) : null);
  }

  /** Seconds go by five where there is room for it, everything else by one. */
  private static int stride(Dose dose, DosePlan plan) {
    int room = plan.bounds().greatest() - plan.bounds().least();
    return dose.quantityName().equals("s") && room >= 10 ? 5 : 1;
  }

  private static List<BenchRung> rungs(Step step, ReadDraft read) {
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
}
