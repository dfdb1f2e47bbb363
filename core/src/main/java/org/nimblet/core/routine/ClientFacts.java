package org.nimblet.core.routine;

import java.util.List;
import java.util.Set;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Abilities;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;

/**
 * What is known of a person when a routine is made for them.
 *
 * @param dominant the dominant hand
 * @param notation how they write fingers
 * @param pace how fast they breathe
 * @param method the stretching method they like
 * @param positions the positions they can take
 * @param things what they have at hand
 * @param weightGrams the weights they own, in grams
 * @param health what hurts and what is to be minded
 * @param abilities how able each hand is with finger patterns
 */
public record ClientFacts(
    Side dominant,
    Notation notation,
    Pace pace,
    Method method,
    Set<Position> positions,
    Set<Thing> things,
    List<Integer> weightGrams,
    Health health,
    Abilities abilities) {

  /** Copies the collections. */
  public ClientFacts {
    positions = Set.copyOf(positions);
    things = Set.copyOf(things);
    weightGrams = List.copyOf(weightGrams);
  }

  /** Of somebody who never drilled finger patterns. */
  public ClientFacts(
      Side dominant,
      Notation notation,
      Pace pace,
      Method method,
      Set<Position> positions,
      Set<Thing> things,
      List<Integer> weightGrams,
      Health health) {
    this(
        dominant,
        notation,
        pace,
        method,
        positions,
        things,
        weightGrams,
        health,
        Abilities.UNKNOWN);
  }

  /** The side that goes first: the weaker one, which is the non-dominant one until measured. */
  public Side weakerSide() {
    return dominant.other();
  }

  /** The same person where other positions are possible and other things at hand. */
  ClientFacts at(Set<Position> possible, Set<Thing> atHand) {
    return new ClientFacts(
        dominant, notation, pace, method, possible, atHand, weightGrams, health, abilities);
  }

  /** The same person with other health. */
  public ClientFacts withHealth(Health other) {
    return new ClientFacts(
        dominant, notation, pace, method, positions, things, weightGrams, other, abilities);
  }
}
