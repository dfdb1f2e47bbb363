package org.nimblet.core.routine;

import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Method;

/**
 * The dose of the rung on which somebody stands.
 *
 * @param method whose ladder it is
 * @param moved whether it ever differed from where it began
 * @param fresh whether the last thing that happened was a step up; it is not exceeded then
 */
public record RungDose(Method method, Dose dose, boolean moved, boolean fresh) {

  /** The same, at no faster tempo than a dose. */
  RungDose noFasterThan(Dose last) {
    return new RungDose(method, DoseRules.noFaster(dose, last), moved, fresh);
  }
}
