package org.nimblet.server.routine;

import java.util.List;
import java.util.Optional;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.CueSheet;
import org.nimblet.core.routine.CueSheetWriter;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.Step;
import org.nimblet.server.library.CoachLibrary;
import org.nimblet.server.person.Person;
import org.nimblet.server.routine.Bench.Draft;
import org.nimblet.server.routine.StepDrafts.ReadStep;
import org.nimblet.server.routine.StepDrafts.StepDraft;

/**
 * A draft with all that is known around it.
 *
 * @param person for whom; empty for a template
 * @param library the exercises it is made of
 */
record ReadDraft(
    Draft draft,
    Optional<Person> person,
    CoachLibrary library,
    RoutineRequest request,
    List<ReadStep> steps) {

  List<Step> plain() {
    return steps.stream().map(ReadStep::step).toList();
  }

  /** The steps as the person does them now: at the doses of their rungs, unless pinned. */
  List<Step> onTheirRungs() {
    return steps.stream()
        .map(read -> read.draft().pinned() ? read.step() : read.step().onRung(request.recent()))
        .toList();
  }

  ClientFacts facts() {
    return request.facts();
  }

  CueSheet cueSheet() {
    return CueSheetWriter.write(plain(), facts().pace(), facts().notation());
  }

  /** Steps as drafts; a step of this draft, or its exercise, keeps its key. */
  List<StepDraft> drafts(List<Step> changed) {
    return StepDrafts.drafts(library, changed, steps);
  }
}
