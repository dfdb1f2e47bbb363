package org.nimblet.core.drill;

import java.time.LocalDateTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.FingerState;

/**
 * One time that somebody did a pattern.
 *
 * @param drill what was done
 * @param aMinute changes a minute; empty where nobody counted
 * @param clean whether it was clean
 * @param even whether keys measured it, and it was even enough to go faster at once
 * @param at when, on the person's clock
 */
public record Try(Drill drill, OptionalInt aMinute, boolean clean, boolean even, LocalDateTime at) {

  /**
   * Checks that what is even is clean.
   *
   * @throws IllegalArgumentException if it is not
   */
  public Try {
    if (even && !clean) {
      throw new IllegalArgumentException("even (true) must be false of what is not clean");
    }
  }

  /** As somebody judged it, without keys. */
  public Try(Drill drill, OptionalInt aMinute, boolean clean, LocalDateTime at) {
    this(drill, aMinute, clean, false, at);
  }

  /**
   * A pattern done by somebody.
   *
   * @param hand which hand does it; empty if both do
   */
  public record Drill(Pattern pattern, Optional<Side> hand) {

    /**
     * Checks that the hands fit.
     *
     * @throws IllegalArgumentException if a pattern of one hand has none, or one of both has one
     */
    public Drill {
      if (pattern.isForOneHand() != hand.isPresent()) {
        throw new IllegalArgumentException(
            "hand (%s) must %s"
                .formatted(
                    hand.map(Side::word).orElse("none"),
                    pattern.isForOneHand() ? "be left or right" : "be left out: both do it"));
      }
    }

    /** The hands that do it. */
    public List<Side> hands() {
      return hand.map(List::of).orElse(List.of(Side.values()));
    }

    /** The fingers of a hand that move in it, or part. */
    public Set<Digit> moved(Side side) {
      boolean second = hand.isEmpty() && side == Side.RIGHT;
      Set<Digit> moved = EnumSet.noneOf(Digit.class);
      for (FingerState state : second ? pattern.second() : pattern.first()) {
        moved.addAll(state.bent());
        state.open().forEach(gap -> moved.addAll(List.of(gap.nearer(), gap.farther())));
      }
      return moved;
    }
  }
}
