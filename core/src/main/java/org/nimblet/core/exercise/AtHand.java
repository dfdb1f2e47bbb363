package org.nimblet.core.exercise;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How far a library reaches with what is at hand: how many exercises can be done, and what the
 * others wait for.
 *
 * @param all the exercises in use
 * @param usable those for which there is a position and everything they need, stand-ins included
 * @param withStandIn those of the usable ones that need a stand-in
 * @param waitingForPosition how many wait for a position; an exercise that would do with one of
 *     several counts for each
 * @param waitingForThing how many wait for a thing, among those that have a position
 * @param standIns what stands for each thing that is not there, if something can
 */
public record AtHand(
    int all,
    int usable,
    int withStandIn,
    Map<Position, Integer> waitingForPosition,
    Map<Thing, Integer> waitingForThing,
    Map<Thing, Substitution> standIns) {

  public AtHand {
    waitingForPosition = Collections.unmodifiableMap(waitingForPosition);
    waitingForThing = Collections.unmodifiableMap(waitingForThing);
    standIns = Collections.unmodifiableMap(standIns);
  }

  /** Counts a library for somebody who can take these positions and has these things. */
  public static AtHand of(ExerciseLibrary library, Set<Position> positions, Set<Thing> things) {
    Map<Position, Integer> noPosition = new EnumMap<>(Position.class);
    Map<Thing, Integer> noThing = new EnumMap<>(Thing.class);
    int usable = 0;
    int withStandIn = 0;
    for (Exercise exercise : library.exercises()) {
      List<Position> possible = exercise.demands().positions();
      Set<Thing> needed = exercise.demands().things();
      Optional<Map<Thing, Substitution>> found = Substitution.resolve(needed, things);
      if (Collections.disjoint(possible, positions)) {
        possible.forEach(position -> noPosition.merge(position, 1, Integer::sum));
      } else if (found.isEmpty()) {
        Substitution.unresolved(needed, things)
            .forEach(thing -> noThing.merge(thing, 1, Integer::sum));
      } else {
        usable++;
        withStandIn += found.get().isEmpty() ? 0 : 1;
      }
    }
    return new AtHand(
        library.exercises().size(), usable, withStandIn, noPosition, noThing, standIns(things));
  }

  private static Map<Thing, Substitution> standIns(Set<Thing> things) {
    Map<Thing, Substitution> standIns = new EnumMap<>(Thing.class);
    for (Thing thing : Thing.values()) {
      Substitution.resolve(Set.of(thing), things)
          .map(found -> found.get(thing))
          .ifPresent(substitution -> standIns.put(thing, substitution));
    }
    return standIns;
  }
}
