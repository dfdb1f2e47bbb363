package org.nimblet.core.routine;

import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import org.nimblet.core.drill.Difficulty;
import org.nimblet.core.drill.ExercisePatterns;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Position;

/**
 * An exercise at one level, as the composer weighs it.
 *
 * @param step what would be done
 * @param choice why it would be taken
 * @param worth what a quarter of a second of it is worth
 * @param quarters quarters of a second of it that are worth that much
 * @param charge whole seconds that it is charged with, set-up included
 * @param heldSeconds seconds for which its main tissue is held on each side
 */
record Option(Step step, Choice choice, Worth worth, int quarters, int charge, int heldSeconds) {

  /**
   * One set of it in a circuit.
   *
   * @param set the set as a step
   * @param seconds its part of what the circuit takes
   */
  Option asSet(Step set, int seconds) {
    return new Option(set, choice.inTurn(seconds), worth, 0, seconds, heldSeconds);
  }

  Exercise exercise() {
    return step.exercise();
  }

  /** The family of near-alike exercises of which one is enough; itself where it has none. */
  String family() {
    return exercise().standing().family().orElse(exercise().id());
  }

  boolean floor() {
    return step.position() == Position.FLOOR;
  }

  /**
   * Exercises of one kind and one main target share a group. Nearly all independence work is for
   * independence, so there what the hands do together tells groups apart.
   */
  String group() {
    Exercise exercise = exercise();
    String group = exercise.kind().id() + "/" + exercise.service().main().id();
    return exercise.kind() == Kind.INDEPENDENCE
        ? group + "/" + exercise.doseFor(exercise.usualMethod()).usual().laterality()
        : group;
  }

  /**
   * How hard the hardest pattern of it is; beyond all others for clasps and other contact that is
   * no pattern, since that is learned last.
   */
  private double patternDifficulty() {
    return ExercisePatterns.hardest(exercise(), step.dose(), false)
        .map(Difficulty::total)
        .orElse(Double.MAX_VALUE);
  }

  /**
   * How the exercises of a phase follow one another. Where a phase takes mobilising and something
   * else, each kind is done in turn; independence work follows what wakes the hand, by how hard its
   * patterns are; a gap for playing comes last.
   */
  static Comparator<Option> order(Phase phase) {
    Comparator<Option> play = Comparator.comparing(o -> o.exercise().kind() == Kind.PLAY);
    Comparator<Option> kind = Comparator.comparing(o -> o.exercise().kind());
    Comparator<Option> large = Comparator.comparing(o -> o.exercise().demands().segment());
    Comparator<Option> gentle = Comparator.comparing(o -> o.exercise().demands().intensity());
    Comparator<Option> id = Comparator.comparing(o -> o.exercise().id());
    Map<Option, Double> difficulties = new HashMap<>();
    Comparator<Option> patternsLast =
        Comparator.comparing(
            o ->
                o.exercise().kind() == Kind.INDEPENDENCE
                    ? difficulties.computeIfAbsent(o, Option::patternDifficulty)
                    : 0);
    Comparator<Option> floorLast = Comparator.comparing(Option::floor);
    return play.thenComparing(
        switch (phase.order()) {
          case LARGE_TO_SMALL ->
              kind.thenComparing(floorLast.reversed())
                  .thenComparing(large)
                  .thenComparing(gentle)
                  .thenComparing(id);
          case GENTLE_TO_INTENSE ->
              floorLast
                  .thenComparing(patternsLast)
                  .thenComparing(gentle)
                  .thenComparing(large)
                  .thenComparing(id);
        });
  }
}
