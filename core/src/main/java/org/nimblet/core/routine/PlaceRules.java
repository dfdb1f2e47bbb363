package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Load;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.routine.Finding.Repair;

/** What is needed is there. */
final class PlaceRules {

  private PlaceRules() {}

  static List<Finding> position(CheckedRoutine routine) {
    List<Finding> findings = new ArrayList<>();
    for (int i : routine.where(step -> !canBeTaken(routine, step))) {
      Step step = routine.steps().get(i);
      findings.add(
          new Finding(
              RoutineRule.POSITION_UNAVAILABLE,
              "%s is done %s, which is not possible here."
                  .formatted(step.exercise().title(), step.position().word()),
              List.of(i),
              () -> otherPosition(routine, i)));
    }
    return findings;
  }

  private static boolean canBeTaken(CheckedRoutine routine, Step step) {
    return routine.asked().facts().positions().contains(step.position())
        && step.exercise().demands().positions().contains(step.position());
  }

  private static Repair otherPosition(CheckedRoutine routine, int index) {
    Step step = routine.steps().get(index);
    Optional<Position> other = Gate.position(step.exercise(), routine.asked().facts());
    return other.isPresent()
        ? routine.replace(other.get().word(), index, step.in(other.get()))
        : variant(routine, index);
  }

  static List<Finding> things(CheckedRoutine routine) {
    List<Finding> findings = new ArrayList<>();
    for (int i = 0; i < routine.steps().size(); i++) {
      int index = i;
      Step step = routine.steps().get(i);
      Set<Thing> missing = new TreeSet<>(step.things());
      missing.removeAll(routine.asked().facts().things());
      if (!missing.isEmpty()) {
        findings.add(
            new Finding(
                RoutineRule.EQUIPMENT_MISSING,
                "%s needs %s, which is not at hand."
                    .formatted(
                        step.exercise().title(),
                        missing.stream().map(Thing::word).collect(Collectors.joining(" and "))),
                List.of(i),
                () -> otherThing(routine, index)));
      } else {
        load(routine, i).ifPresent(findings::add);
      }
    }
    return findings;
  }

  private static Repair otherThing(CheckedRoutine routine, int index) {
    Step step = routine.steps().get(index);
    Optional<Map<Thing, Substitution>> standIns =
        Substitution.resolve(step.exercise().demands().things(), routine.asked().facts().things());
    if (standIns.isEmpty()) {
      return variant(routine, index);
    }
    String words =
        standIns.get().values().stream()
            .sorted(Comparator.comparing(Substitution::wanted))
            .map(s -> s.standIn().word())
            .collect(Collectors.joining(" and "));
    return routine.replace(
        words.isEmpty() ? "with what is at hand" : "with " + words,
        index,
        step.with(standIns.get()));
  }

  /** The easier exercise if it can be done here and is easier indeed, else it is left out. */
  private static Repair variant(CheckedRoutine routine, int index) {
    Exercise exercise = routine.steps().get(index).exercise();
    return exercise
        .progression()
        .easierExercise()
        .flatMap(id -> routine.library().find(id))
        .filter(easier -> easier.demands().intensity() <= exercise.demands().intensity())
        .flatMap(routine::usualStep)
        .map(other -> routine.replace(other.exercise().title() + " instead", index, other))
        .orElseGet(() -> routine.leaveOut(index));
  }

  /** Weights that nobody here has. */
  private static Optional<Finding> load(CheckedRoutine routine, int index) {
    Step step = routine.steps().get(index);
    Optional<Load> load = step.dose().load().filter(Load.Weight.class::isInstance);
    List<Load> owned = OwnLoad.owned(step.exercise(), routine.asked().facts());
    if (load.isEmpty() || owned.contains(load.get())) {
      return Optional.empty();
    }
    return Optional.of(
        new Finding(
            RoutineRule.EQUIPMENT_MISSING,
            "%s asks for %s, which is not at hand."
                .formatted(step.exercise().title(), load.get().words()),
            List.of(index),
            () -> otherLoad(routine, index, load.get())));
  }

  /** What is owned and no heavier, else the easier exercise. */
  private static Repair otherLoad(CheckedRoutine routine, int index, Load asked) {
    Step step = routine.steps().get(index);
    return OwnLoad.of(step.exercise(), step.dose(), routine.asked())
        .filter(right -> right.load().orElseThrow().grams() <= asked.grams())
        .map(
            right ->
                routine.replace(
                    "with " + right.load().orElseThrow().words(), index, step.withDose(right)))
        .orElseGet(() -> variant(routine, index));
  }
}
