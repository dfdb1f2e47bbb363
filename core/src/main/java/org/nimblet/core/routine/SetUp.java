package org.nimblet.core.routine;

import java.util.Set;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;

/** The time it takes to get ready for a step, from what changes (ours). */
final class SetUp {

  static final int NOTHING_CHANGES_SECONDS = 3;
  static final int UPRIGHT_SECONDS = 5;
  static final int FLOOR_SECONDS = 15;
  static final int FETCH_SECONDS = 8;

  private SetUp() {}

  /** Seconds from one step to the next, both positions and the things at hand known. */
  static int seconds(Position from, Set<Thing> atHand, Position to, Set<Thing> needed) {
    int move = 0;
    if (from != to && !(from.seated() && to.seated())) {
      move = from == Position.FLOOR || to == Position.FLOOR ? FLOOR_SECONDS : UPRIGHT_SECONDS;
    }
    int fetch = atHand.containsAll(needed) ? 0 : FETCH_SECONDS;
    return move + fetch == 0 ? NOTHING_CHANGES_SECONDS : move + fetch;
  }

  /**
   * Seconds that the composer charges whatever the order: going there and coming back are both
   * counted, but for the floor, which a phase pays once, and for where somebody stays, which is
   * paid {@linkplain #arrivingCharge once}.
   *
   * @param possible the positions that can be taken
   */
  static int charge(Position position, Set<Thing> needed, Set<Position> possible) {
    int fetch = needed.isEmpty() ? 0 : FETCH_SECONDS;
    if (position == Position.FLOOR) {
      return NOTHING_CHANGES_SECONDS + fetch;
    }
    if (!position.seated() && !staysIn(position, possible)) {
      return 2 * UPRIGHT_SECONDS + fetch;
    }
    return fetch == 0 ? NOTHING_CHANGES_SECONDS : fetch;
  }

  /** What a routine pays once if all of it is in one position in which one does not sit. */
  static int arrivingCharge(Set<Position> possible) {
    return possible.stream().anyMatch(position -> !position.seated() && staysIn(position, possible))
        ? UPRIGHT_SECONDS
        : 0;
  }

  private static boolean staysIn(Position position, Set<Position> possible) {
    return position != Position.FLOOR && possible.equals(Set.of(position));
  }

  /** What a phase with any floor exercise pays once. */
  static int floorCharge() {
    return 2 * FLOOR_SECONDS;
  }
}
