package org.nimblet.core.schedule;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.schedule.PlanRequest.SessionKey;

/**
 * Where every session is, and what found no room.
 *
 * @param sessions in order of time
 * @param unmet what has no place, each with the rule that keeps it out
 * @param costs what each week costs, in the order of the objective
 */
public record WeekPlan(List<PlannedSession> sessions, List<Unmet> unmet, List<Cost> costs) {

  /**
   * A session with its place.
   *
   * @param fixed whether it was done or pinned before planning
   * @param why why it stands here, a sentence
   */
  public record PlannedSession(SessionKey key, Span span, boolean fixed, String why) {}

  /**
   * Something without a place.
   *
   * @param lineId of which line
   * @param date on which date it was wanted; empty where any day of the week would have done
   * @param weekOf the Monday of the week
   * @param hindrance the rule whose removal alone would let it in; empty where several do together
   * @param sentence the same for people
   */
  public record Unmet(
      String lineId,
      Optional<LocalDate> date,
      LocalDate weekOf,
      Optional<Hindrance> hindrance,
      String sentence) {}

  /** The rules that keep a session from a place, in the order in which they are named. */
  public enum Hindrance {
    DAY_IS_FULL("the day holds no more sessions"),
    DISTANCE("%d min between two sessions".formatted(WeekRules.BETWEEN_SESSIONS)),
    DAY_OF_REST("the same tissue needs a day of rest"),
    AROUND_PLAY("what tires keeps away from play, performances and late hours"),
    BUSY("other times are taken"),
    BLOCK("blocks and what belongs to them fill the day");

    private final String words;

    Hindrance(String words) {
      this.words = words;
    }

    /** The rule inside a sentence. */
    public String words() {
      return words;
    }
  }

  /**
   * What a week costs; the first part counts before the second, and so on.
   *
   * @param unmet wanted sessions without a place
   * @param soft sessions against a soft rule, each rule by itself
   * @param moved agreed sessions that are not at their agreed start
   * @param anchor minutes from the anchors, all together
   * @param uneven how far spaced sessions are from an even week, Σ |n·gap − 7|
   */
  public record Cost(int unmet, int soft, int moved, int anchor, int uneven) {

    private static final int UNEVEN_BITS = 13;
    private static final int ANCHOR_BITS = 18;
    private static final int MOVED_BITS = 9;
    private static final int SOFT_BITS = 10;
    private static final int MOVED_AT = UNEVEN_BITS + ANCHOR_BITS;
    private static final int SOFT_AT = MOVED_AT + MOVED_BITS;
    private static final int UNMET_AT = SOFT_AT + SOFT_BITS;

    static final long ONE_UNMET = 1L << UNMET_AT;
    static final long ONE_SOFT = 1L << SOFT_AT;
    static final long ONE_MOVED = 1L << MOVED_AT;
    static final long ONE_ANCHOR_MINUTE = 1L << UNEVEN_BITS;
    static final long ONE_UNEVEN = 1L;

    /** Five parts in one number, so that the smaller number is the better plan. */
    static Cost unpack(long packed) {
      return new Cost(
          (int) (packed >> UNMET_AT),
          part(packed, SOFT_AT, SOFT_BITS),
          part(packed, MOVED_AT, MOVED_BITS),
          part(packed, UNEVEN_BITS, ANCHOR_BITS),
          part(packed, 0, UNEVEN_BITS));
    }

    private static int part(long packed, int at, int bits) {
      return (int) (packed >> at & (1L << bits) - 1);
    }
  }

  /** Copies the lists. */
  public WeekPlan {
    sessions = List.copyOf(sessions);
    unmet = List.copyOf(unmet);
    costs = List.copyOf(costs);
  }
}
