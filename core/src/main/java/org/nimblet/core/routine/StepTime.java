package org.nimblet.core.routine;

import java.util.List;
import org.apache.commons.numbers.fraction.BigFraction;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Pace;

/**
 * The length of a step, counted from its dose, in exact rationals; only the whole step is rounded,
 * half up, to the millisecond. The constants are ours unless another source is named.
 */
public final class StepTime {

  /** Between the two passes of a dose that is done one side after the other. */
  public static final int SIDE_CHANGE_SECONDS = 4;

  /** Between the sides where they work in turn, both of them ready. */
  public static final int TURN_SECONDS = 2;

  /** Between two units on one side. */
  public static final int UNIT_CHANGE_SECONDS = 2;

  /** The short release after a static hold (common practice, no source). */
  public static final int RELEASE_SECONDS = 6;

  /** A hold from here on is followed by a release (common practice, no source). */
  public static final int RELEASED_HOLD_SECONDS = 10;

  private static final BigFraction RELEASED_HOLD = BigFraction.of(RELEASED_HOLD_SECONDS);

  private static final long MILLIS_A_SECOND = 1000;

  private StepTime() {}

  /** Whether a step with this dose ends with a release. */
  public static boolean hasRelease(Dose dose, Pace pace) {
    return dose.form().isStatic() && dose.form().held(pace).compareTo(RELEASED_HOLD) >= 0;
  }

  /** The exact length of a dose in seconds, without set-up, with the release it should have. */
  public static BigFraction exactSeconds(Dose dose, Pace pace) {
    return work(dose, pace).add(hasRelease(dose, pace) ? RELEASE_SECONDS : 0);
  }

  /**
   * For how long a dose is really worked at, in milliseconds rounded half up: all repetitions of
   * all sides, without rests, changes and release.
   */
  static long workedMillis(Dose dose, Pace pace) {
    BigFraction worked = BigFraction.ZERO;
    for (Side side : dose.passes(Side.LEFT)) {
      Dose own = dose.on(side);
      int times = own.repetitions() * own.sets() * own.units().count();
      worked = worked.add(own.form().repetitionSeconds(pace).multiply(times));
    }
    return roundedMillis(worked);
  }

  private static BigFraction work(Dose dose, Pace pace) {
    List<Side> sides = dose.passes(Side.LEFT);
    BigFraction between = BigFraction.of(sideChanges(dose));
    if (dose.laterality() == Laterality.IN_TURN) {
      long rests = (long) dose.rests() * dose.restSeconds();
      return round(dose, pace).multiply(dose.sets() * sides.size()).add(between).add(rests);
    }
    if (dose.exception().isEmpty()) {
      return between.add(pass(dose, pace).multiply(sides.size()));
    }
    return sides.stream().map(side -> pass(dose.on(side), pace)).reduce(between, BigFraction::add);
  }

  /** Whole seconds that go into changing sides. */
  public static int sideChanges(Dose dose) {
    return dose.laterality() == Laterality.IN_TURN
        ? (dose.sets() * dose.laterality().passes() - 1) * TURN_SECONDS
        : (dose.laterality().passes() - 1) * SIDE_CHANGE_SECONDS;
  }

  private static BigFraction pass(Dose dose, Pace pace) {
    int units = dose.units().count();
    long rests = (long) units * (dose.sets() - 1) * dose.restSeconds();
    return dose.form()
        .repetitionSeconds(pace)
        .multiply(dose.repetitions() * dose.sets() * units)
        .add(rests + unitChanges(dose));
  }

  /** One set on one side, through all units. */
  private static BigFraction round(Dose dose, Pace pace) {
    return dose.form()
        .repetitionSeconds(pace)
        .multiply(dose.repetitions() * dose.units().count())
        .add(unitChanges(dose));
  }

  private static long unitChanges(Dose dose) {
    return (long) (dose.units().count() - 1) * UNIT_CHANGE_SECONDS;
  }

  /** The length of a dose in milliseconds, without set-up, rounded half up. */
  public static long millis(Dose dose, Pace pace) {
    return roundedMillis(exactSeconds(dose, pace));
  }

  /** The length of a step in milliseconds, without set-up, rounded half up. */
  public static long millis(Step step, Pace pace) {
    return roundedMillis(work(step.dose(), pace).add(step.hasRelease(pace) ? RELEASE_SECONDS : 0));
  }

  /** The length of a step in whole seconds, without set-up, as the composer charges it. */
  static int chargedSeconds(Step step, Pace pace) {
    return (int) ((millis(step, pace) + MILLIS_A_SECOND - 1) / MILLIS_A_SECOND);
  }

  static boolean takesWholeMillis(BigFraction seconds) {
    long part = seconds.getDenominator().longValueExact();
    return Math.multiplyExact(MILLIS_A_SECOND, seconds.getNumerator().longValueExact()) % part == 0;
  }

  static long roundedMillis(BigFraction seconds) {
    long part = seconds.getDenominator().longValueExact();
    long twice = Math.multiplyExact(2 * MILLIS_A_SECOND, seconds.getNumerator().longValueExact());
    return Math.floorDiv(Math.addExact(twice, part), 2 * part);
  }
}
