package org.nimblet.core.progress;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;

/**
 * What was decided about one side of a ladder, and because of what. It is data; {@link
 * DecisionWords} makes its sentence.
 *
 * @param from the rung before, from 0
 * @param to the rung after
 * @param streak how many times in a row it then had gone well
 * @param need how many times it has to
 */
public record RungDecision(
    LocalDate date, Side side, Cause cause, Effect effect, int from, int to, int streak, int need) {

  /** What it came from. */
  public sealed interface Cause {}

  /**
   * A session was judged.
   *
   * @param shift how the person changed it on the way, if that decided
   */
  public record Judged(UUID sessionId, RungRule rule, Answers answers, Optional<Shift> shift)
      implements Cause {}

  /** Nothing had worked that place for days. */
  public record Away(int days) implements Cause {}

  /** The coach said so. */
  public record Overruled(Overruling.Word word, String reason) implements Cause {}

  /** What came of it. */
  public enum Effect {
    UP,
    DOWN,
    /** The easiest rung, and only a share of it. */
    LOWERED,
    /** The whole of the easiest rung again. */
    RESTORED,
    PAUSED,
    STOPPED,
    HELD,
    /** It went well, which counts toward the next step. */
    COUNTED,
    /** It would go up, but the other side comes first. */
    WAITS,
    /** There is no higher rung. */
    MAINTAINED,
    /** It says nothing about the rung. */
    NOTHING,
    /** What the coach said holds. */
    SAID;

    /** Whether the next session differs because of it. */
    public boolean isMove() {
      return this == UP
          || this == DOWN
          || this == LOWERED
          || this == RESTORED
          || this == PAUSED
          || this == STOPPED;
    }
  }

  /** The session it came from, if it did. */
  public Optional<UUID> sessionId() {
    return cause instanceof Judged judged ? Optional.of(judged.sessionId()) : Optional.empty();
  }

  /** Whether the dose differs afterwards. */
  public boolean changesDose() {
    return from != to || effect == Effect.LOWERED || effect == Effect.RESTORED;
  }

  /** Whether the exercise stays out after it. */
  boolean isClosing() {
    return effect == Effect.STOPPED || effect == Effect.PAUSED;
  }

  /** Whether a session went well. */
  boolean isAchieved() {
    return cause instanceof Judged judged && judged.rule() == RungRule.ACHIEVED;
  }

  /** Whether a coach should hear of it. */
  public boolean isForTheCoach() {
    return effect == Effect.LOWERED || isClosing();
  }
}
