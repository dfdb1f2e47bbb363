package org.nimblet.core.routine;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.ClientFacts.Exclusion;
import org.nimblet.core.routine.ClientFacts.Pain;
import org.nimblet.core.routine.Rejection.Reason;

/** What keeps an exercise out of a routine before anything is weighed. */
final class Gate {

  private Gate() {}

  /** The first reason against this exercise; safety first. */
  static Optional<Reason> closedFor(Exercise exercise, PurposePlan plan, RoutineRequest request) {
    ClientFacts facts = request.facts();
    Optional<Phase> phase = plan.phaseOf(exercise.kind());
    if (phase.isEmpty()) {
      return Optional.of(new Rejection.NotForPurpose(plan.purpose()));
    }
    Optional<Exclusion> exclusion =
        facts.exclusions().stream()
            .filter(out -> exercise.service().loadedRegions().contains(out.region()))
            .findFirst();
    if (exclusion.isPresent()) {
      return Optional.of(new Rejection.Excluded(exclusion.get()));
    }
    Optional<Pain> pain = SafetyRules.forbidding(exercise, facts.pains());
    if (pain.isPresent()) {
      return Optional.of(new Rejection.Painful(pain.get()));
    }
    if (exercise.demands().tires()) {
      return Optional.of(new Rejection.Tires());
    }
    if (exercise.demands().intensity() > phase.get().greatestIntensity()) {
      return Optional.of(
          new Rejection.TooIntense(phase.get().name(), phase.get().greatestIntensity()));
    }
    if (!exercise.suits(request.discipline())) {
      return Optional.of(new Rejection.OtherDiscipline());
    }
    if (position(exercise, facts).isEmpty()) {
      return Optional.of(new Rejection.NoPosition(EnumSet.copyOf(exercise.demands().positions())));
    }
    Set<Thing> missing = new HashSet<>(exercise.demands().things());
    missing.removeAll(facts.things());
    return missing.isEmpty() ? Optional.empty() : Optional.of(new Rejection.NoThing(missing));
  }

  /** The usual position among those the person can take, a seat before anything else. */
  static Optional<Position> position(Exercise exercise, ClientFacts facts) {
    return exercise.demands().positions().stream()
        .filter(facts.positions()::contains)
        .min(java.util.Comparator.comparing(position -> !position.seated()));
  }
}
