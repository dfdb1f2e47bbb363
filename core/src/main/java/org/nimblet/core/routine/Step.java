package org.nimblet.core.routine;

import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Position;

/**
 * An exercise with a dose, in a routine.
 *
 * @param exercise what is done
 * @param dose how much of it
 * @param position in which position it is done
 * @param firstSide the side that goes first; the working side if only that works
 */
public record Step(Exercise exercise, Dose dose, Position position, Side firstSide) {

  /** The same step with another dose. */
  Step withDose(Dose other) {
    return new Step(exercise, other, position, firstSide);
  }
}
