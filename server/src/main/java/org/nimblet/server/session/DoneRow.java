package org.nimblet.server.session;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.progress.LoggedSession.LoggedStep;
import org.nimblet.core.progress.Shift;
import org.nimblet.core.progress.Shortfall;
import org.nimblet.server.session.SessionForms.StepAccount;

/**
 * A session with one of its steps, as a query answers.
 *
 * @param exerciseId null, as is what follows, if it has no steps
 * @param side null if both did it
 */
record DoneRow(
    Session session,
    String exerciseId,
    String dose,
    Laterality laterality,
    Side side,
    Integer donePercent,
    Integer leftPercent,
    Integer rightPercent,
    Shortfall shortfall,
    Integer complete,
    Shift shift,
    Long plannedMillis,
    StepAccount account) {

  /** From here on a step counts as done, per cent. */
  private static final int DONE_PERCENT = 50;

  /** Whether enough of the step was done to say that it was. */
  boolean isDone() {
    return exerciseId != null && donePercent >= DONE_PERCENT;
  }

  /** Whether it was felt elsewhere than where it was meant to be. */
  boolean isFeltElsewhere() {
    return account != null && account.feltRegion() != null;
  }

  /** How long it was worked at. */
  long millis() {
    return plannedMillis * donePercent / 100;
  }

  /**
   * The step as the core reads it.
   *
   * @param once gives the same words as one and the same value
   */
  LoggedStep step(UnaryOperator<String> once) {
    return new LoggedStep(
        once.apply(exerciseId),
        once.apply(dose),
        laterality,
        Optional.ofNullable(side),
        leftPercent,
        rightPercent,
        Optional.ofNullable(shortfall),
        complete == null ? OptionalInt.empty() : OptionalInt.of(complete),
        Optional.ofNullable(shift));
  }
}
