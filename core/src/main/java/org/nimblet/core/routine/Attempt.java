package org.nimblet.core.routine;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nimblet.core.routine.Rejection.Reason;
import org.nimblet.core.routine.SelectionProblem.Selection;

/**
 * One exact choice for a request.
 *
 * @param gated what is left out, with the reason
 * @param options the options of everything else, by exercise
 * @param open by phase, whether there is anything that can be picked
 * @param problem what was solved
 * @param selection what was chosen, if anything could be
 * @param chosen the options that came of it, pinned ones first
 */
record Attempt(
    Map<String, Reason> gated,
    Map<String, List<Option>> options,
    List<Boolean> open,
    SelectionProblem problem,
    Optional<Selection> selection,
    List<Option> chosen) {

  long value() {
    return selection.map(Selection::value).orElse(Long.MIN_VALUE);
  }

  /** Seconds that a phase should get. */
  int leastSeconds(PurposePlan plan, int phase, int budgetSeconds) {
    Phase own = plan.phases().get(phase);
    return own.leastSeconds(budgetSeconds, open.get(phase) || seconds(own) > 0);
  }

  /** Seconds that a phase got, the way to the floor and back included. */
  int seconds(Phase phase) {
    List<Option> own = chosen.stream().filter(o -> phase.takes(o.exercise())).toList();
    int floor = own.stream().anyMatch(Option::floor) ? SetUp.floorCharge() : 0;
    return floor + own.stream().mapToInt(Option::charge).sum();
  }

  /** Seconds that all phases got. */
  int seconds(PurposePlan plan) {
    return plan.phases().stream().mapToInt(this::seconds).sum();
  }
}
