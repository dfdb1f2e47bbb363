package org.nimblet.core.progress;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Evenness;
import org.nimblet.core.exercise.Laterality;

/**
 * A session as it was kept; what was said of pain in and around it stands in the {@link
 * HealthRecord}.
 *
 * @param checkedIn whether somebody said afterwards how it was
 * @param askedBefore whether pain was asked for before it
 * @param effort 0–10, if it was said
 * @param evenness what keys said of the hands in it
 */
public record LoggedSession(
    UUID id,
    Instant beganAt,
    boolean checkedIn,
    boolean askedBefore,
    OptionalInt effort,
    List<LoggedStep> steps,
    List<Evenness> evenness) {

  /** Copies the lists. */
  public LoggedSession {
    steps = List.copyOf(steps);
    evenness = List.copyOf(evenness);
  }

  /**
   * A step of it.
   *
   * @param dose as it was written then
   * @param side the one side that did it, where it was one
   * @param left how much of it was done on the left, per cent
   * @param right how much of it was done on the right, per cent
   * @param shortfall why not all of it
   * @param complete repetitions that were complete before it burned, where they were counted
   * @param shift how it was changed on the way
   */
  public record LoggedStep(
      String exerciseId,
      String dose,
      Laterality laterality,
      Optional<Side> side,
      int left,
      int right,
      Optional<Shortfall> shortfall,
      OptionalInt complete,
      Optional<Shift> shift) {

    boolean isOn(Side acting) {
      return side.map(one -> one == acting).orElse(true);
    }

    int percent(Side acting) {
      return acting == Side.LEFT ? left : right;
    }

    /** Whether it says anything: what was never begun does not, unless somebody said why. */
    boolean says(Side acting) {
      return isOn(acting)
          && (percent(acting) > 0 || shortfall.filter(why -> why != Shortfall.NO_TIME).isPresent());
    }
  }
}
