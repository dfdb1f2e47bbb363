package org.nimblet.core.exercise;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * An entry of the library.
 *
 * @param id lower case, words joined by hyphens; never changed once used
 * @param title what people call it
 * @param kind what sort of work it is
 * @param guidance the words
 * @param service what it serves
 * @param demands what it asks of the body and the place
 * @param usualMethod the method to dose it by unless the person likes another that it has
 * @param doses its dose by method; at least the usual one
 * @param figure how it is drawn
 */
public record Exercise(
    String id,
    String title,
    Kind kind,
    Guidance guidance,
    Service service,
    Demands demands,
    Method usualMethod,
    Map<Method, DosePlan> doses,
    Figure figure)
    implements Comparable<Exercise> {

  /** Holds of a single finger never last longer (common practice, no source). */
  public static final int SINGLE_FINGER_HOLD_SECONDS = 10;

  /**
   * Checks that the parts fit together.
   *
   * @throws IllegalArgumentException naming the field and what is allowed
   */
  public Exercise {
    doses = java.util.Collections.unmodifiableMap(new TreeMap<>(doses));
    if (!id.matches("[a-z][a-z0-9]*(-[a-z0-9]+)*")) {
      throw new IllegalArgumentException(
          "id (%s) must be lower-case words joined by hyphens".formatted(id));
    }
    if (!doses.containsKey(usualMethod)) {
      throw new IllegalArgumentException(
          "usual method (%s) must have a dose; there are doses for %s"
              .formatted(usualMethod, doses.keySet()));
    }
    for (DosePlan plan : doses.values()) {
      boolean singleFinger =
          plan.usual().units() == Units.FINGERS || plan.usual().units() == Units.DIGITS;
      if (kind == Kind.STRETCH
          && singleFinger
          && plan.usual().form() instanceof DoseForm.Hold
          && plan.bounds().greatest() > SINGLE_FINGER_HOLD_SECONDS) {
        throw new IllegalArgumentException(
            "hold (up to %d s) must be at most %d s for a single finger; shorten it or choose a group stretch"
                .formatted(plan.bounds().greatest(), SINGLE_FINGER_HOLD_SECONDS));
      }
    }
  }

  /** The dose by this method, if the exercise has one. */
  public Optional<DosePlan> dose(Method method) {
    return Optional.ofNullable(doses.get(method));
  }

  /** Whether it is for this discipline. */
  public boolean suits(Discipline discipline) {
    return demands.disciplines().isEmpty() || demands.disciplines().contains(discipline);
  }

  @Override
  public int compareTo(Exercise that) {
    return id.compareTo(that.id);
  }
}
