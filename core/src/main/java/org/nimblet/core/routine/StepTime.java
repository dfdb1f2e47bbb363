package org.nimblet.core.routine;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import org.apache.commons.numbers.fraction.BigFraction;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Pace;

/**
 * The length of a step, counted from its dose, in exact rationals; only the whole step is rounded,
 * half up, to the millisecond. The constants are ours unless another source is named.
 */
public final class StepTime {

  /** Between the two passes of a dose that is done one side after the other. */
  public static final int SIDE_CHANGE_SECONDS = 4;

  /** Between two units on one side. */
  public static final int UNIT_CHANGE_SECONDS = 2;

  /** The short release after a static hold (common practice, no source). */
  public static final int RELEASE_SECONDS = 6;

  /** A hold from here on is followed by a release (common practice, no source). */
  public static final int RELEASED_HOLD_SECONDS = 10;

  private static final BigFraction MILLIS = BigFraction.of(1000);

  private StepTime() {}

  /** Whether a step with this dose ends with a release. */
  public static boolean hasRelease(Dose dose, Pace pace) {
    return dose.form().isStatic() && dose.form().heldSeconds(pace) >= RELEASED_HOLD_SECONDS;
  }

  /** The exact length of a dose in seconds, without set-up. */
  public static BigFraction exactSeconds(Dose dose, Pace pace) {
    List<Dose> passes = dose.passes(Side.LEFT).stream().map(dose::on).toList();
    BigFraction seconds = BigFraction.of((long) (passes.size() - 1) * SIDE_CHANGE_SECONDS);
    for (Dose pass : passes) {
      int units = pass.units().count();
      long rests = (long) units * (pass.sets() - 1) * pass.restSeconds();
      long changes = (long) (units - 1) * UNIT_CHANGE_SECONDS;
      seconds =
          seconds
              .add(
                  pass.form()
                      .repetitionSeconds(pace)
                      .multiply(pass.repetitions() * pass.sets() * units))
              .add(rests + changes);
    }
    long release = hasRelease(dose, pace) ? RELEASE_SECONDS : 0;
    return seconds.add(release);
  }

  /** The length of a dose in milliseconds, without set-up, rounded half up. */
  public static long millis(Dose dose, Pace pace) {
    return roundedMillis(exactSeconds(dose, pace));
  }

  static long roundedMillis(BigFraction seconds) {
    BigFraction millis = seconds.multiply(MILLIS);
    return new BigDecimal(millis.getNumerator())
        .divide(new BigDecimal(millis.getDenominator()), 0, RoundingMode.HALF_UP)
        .longValueExact();
  }
}
