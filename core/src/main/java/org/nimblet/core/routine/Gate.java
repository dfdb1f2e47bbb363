package org.nimblet.core.routine;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.ClientFacts.Exclusion;
import org.nimblet.core.routine.Rejection.Reason;

/** What keeps an exercise out of a routine before anything is weighed. */
final class Gate {

  private Gate() {}

  /** The first reason against this exercise in a routine; safety first. */
  static Optional<Reason> closedFor(Exercise exercise, PurposePlan plan, RoutineRequest request) {
    Optional<Phase> phase = plan.phaseOf(exercise.kind());
    if (phase.isEmpty()) {
      return Optional.of(new Rejection.NotForPurpose(plan.purpose()));
    }
    return unsafeFor(exercise, request.facts())
        .or(() -> outOfPlace(exercise, phase.get()))
        .or(() -> unsuitedTo(exercise, request.facts(), Set.of(request.discipline())));
  }

  private static Optional<Reason> outOfPlace(Exercise exercise, Phase phase) {
    if (exercise.demands().tires()) {
      return Optional.of(new Rejection.Tires());
    }
    return exercise.demands().intensity() > phase.greatestIntensity()
        ? Optional.of(new Rejection.TooIntense(phase.name(), phase.greatestIntensity()))
        : Optional.empty();
  }

  private static Optional<Reason> unsafeFor(Exercise exercise, ClientFacts facts) {
    Optional<Exclusion> exclusion =
        facts.exclusions().stream()
            .filter(out -> exercise.service().loadedRegions().contains(out.region()))
            .findFirst();
    if (exclusion.isPresent()) {
      return Optional.of(new Rejection.Excluded(exclusion.get()));
    }
    return SafetyRules.forbidding(exercise, facts.pains()).map(Rejection.Painful::new);
  }

  private static Optional<Reason> unsuitedTo(
      Exercise exercise, ClientFacts facts, Set<Discipline> disciplines) {
    if (disciplines.stream().noneMatch(exercise::suits)) {
      return Optional.of(new Rejection.OtherDiscipline());
    }
    if (position(exercise, facts).isEmpty()) {
      return Optional.of(new Rejection.NoPosition(EnumSet.copyOf(exercise.demands().positions())));
    }
    Set<Thing> missing = Substitution.unresolved(exercise.demands().things(), facts.things());
    return missing.isEmpty() ? Optional.empty() : Optional.of(new Rejection.NoThing(missing));
  }

  /** The first reason why an exercise does not suit a person, whatever it would be for. */
  static Optional<Reason> unsuited(
      Exercise exercise, ClientFacts facts, Set<Discipline> disciplines) {
    return unsafeFor(exercise, facts).or(() -> unsuitedTo(exercise, facts, disciplines));
  }

  /** The usual position among those the person can take, a seat before anything else. */
  static Optional<Position> position(Exercise exercise, ClientFacts facts) {
    return exercise.demands().positions().stream()
        .filter(facts.positions()::contains)
        .min(java.util.Comparator.comparing(position -> !position.seated()));
  }
}
