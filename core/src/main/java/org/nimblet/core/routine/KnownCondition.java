package org.nimblet.core.routine;

import java.util.EnumSet;
import java.util.Set;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Recovery;

/**
 * A condition that is known of a person, with what it keeps out (common practice, no source; where
 * the line runs is ours). What a clinician allows comes first.
 *
 * @param condition which
 * @param sides where
 */
public record KnownCondition(Condition condition, Set<Side> sides) {

  /** Copies the set. */
  public KnownCondition {
    sides = Set.copyOf(sides);
  }

  /** The conditions that change what may be done. */
  public enum Condition {
    CARPAL_TUNNEL(
        "carpal tunnel syndrome", "Straight wrist, no quiet holds with the wrist bent forward."),
    ARTHRITIS("arthritis", "Small staged curls; nothing gripped under load."),
    DYSTONIA(
        "dystonia",
        "Nothing that strengthens, and no counter patterns, unless a clinician guides it."),
    OLD_INJURY("an old injury", "Nothing heavy and nothing strenuous."),
    OPERATION_ADVISED("an operation that was advised", "Nothing that loads or strongly stretches."),
    MOBILE_JOINTS("very mobile joints", "Short of end range; no strong stretches.");

    private static final int STRENUOUS = 4;
    private static final int STRONG = 3;

    private final String word;
    private final String adaptation;

    Condition(String word, String adaptation) {
      this.word = word;
      this.adaptation = adaptation;
    }

    /** The condition as words inside a sentence. */
    public String word() {
      return word;
    }

    /** What it asks for, as one sentence. */
    public String adaptation() {
      return adaptation;
    }

    boolean keepsOut(Exercise exercise) {
      Kind kind = exercise.kind();
      int intensity = exercise.demands().intensity();
      Set<Movement> movements = exercise.demands().movements();
      return switch (this) {
        case CARPAL_TUNNEL ->
            movements.contains(Movement.WRIST_FLEXION)
                && exercise.doses().values().stream().anyMatch(p -> p.usual().form().isStatic());
        case ARTHRITIS ->
            kind == Kind.STRENGTHEN
                && (movements.contains(Movement.GRIP)
                    || movements.contains(Movement.WEIGHT_ON_HANDS));
        case DYSTONIA ->
            (kind == Kind.STRENGTHEN && movesFingers(movements))
                || (kind == Kind.INDEPENDENCE && intensity >= STRONG);
        case OLD_INJURY ->
            exercise.demands().recovery() == Recovery.REST_DAY || intensity >= STRENUOUS;
        case OPERATION_ADVISED ->
            kind == Kind.STRENGTHEN || (kind == Kind.STRETCH && intensity >= STRONG);
        case MOBILE_JOINTS -> kind == Kind.STRETCH && intensity >= STRONG;
      };
    }

    private static boolean movesFingers(Set<Movement> movements) {
      Set<Movement> fingers =
          EnumSet.of(
              Movement.FINGER_FLEXION,
              Movement.FINGER_EXTENSION,
              Movement.FINGER_ABDUCTION,
              Movement.GRIP);
      fingers.retainAll(movements);
      return !fingers.isEmpty();
    }
  }

  boolean closes(Exercise exercise, Side side) {
    return sides.contains(side) && condition.keepsOut(exercise);
  }
}
