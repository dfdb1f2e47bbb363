package org.nimblet.core.progress;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;

/**
 * What a session tells of one exercise on one side.
 *
 * @param began when the session began, on the person's clock
 * @param dose the dose that was set for this side, if its words still read
 * @param donePercent how much of it was done, 0–100
 * @param complete repetitions that were complete before it burned, where they were counted
 * @param shift how it was changed on the way
 * @param sign whether a referral or stop sign was told there
 */
public record Evidence(
    UUID sessionId,
    LocalDateTime began,
    Side side,
    Optional<Dose> dose,
    int donePercent,
    Optional<Shortfall> shortfall,
    OptionalInt complete,
    Optional<Shift> shift,
    boolean sign,
    OptionalInt before,
    OptionalInt during,
    OptionalInt nextMorning,
    OptionalInt effort,
    boolean uneven)
    implements RungEvent {

  @Override
  public LocalDateTime at() {
    return began;
  }

  @Override
  public LocalDate date() {
    return began.toLocalDate();
  }

  /**
   * Whether a rung can be judged by it: of what is no dose of the exercise, as a drill of its
   * patterns, and of which nobody said how hard it was, only what hurt says something.
   */
  boolean saysSomething() {
    return dose.isPresent()
        || effort.isPresent()
        || sign
        || shortfall.filter(why -> why == Shortfall.HURT).isPresent()
        || hurt(during)
        || hurt(nextMorning);
  }

  private static boolean hurt(OptionalInt level) {
    return level.orElse(0) > 0;
  }

  /** Whether it is judged by then, if nothing that came later has closed it. */
  boolean isClosedAt(LocalDateTime now) {
    return nextMorning.isPresent()
        || !now.isBefore(date().plusDays(1).atTime(ProgressRules.CLOSES));
  }
}
