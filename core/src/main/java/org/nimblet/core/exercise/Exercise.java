package org.nimblet.core.exercise;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Notation;

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
 * @param progression how it is made easier and harder
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
    Progression progression,
    Figure figure)
    implements Comparable<Exercise> {

  /** Holds of a single finger never last longer (common practice, no source). */
  public static final int SINGLE_FINGER_HOLD_SECONDS = 10;

  private static final Set<Units> SINGLE_FINGER_UNITS =
      Set.of(Units.FINGERS, Units.DIGITS, Units.GROUPS);

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
    if (kind == Kind.STRETCH) {
      doses.values().forEach(Exercise::checkSingleFingers);
    }
  }

  /** Whether a dose holds one finger after another, each on its own. */
  public static boolean holdsSingleFingers(Dose dose) {
    return SINGLE_FINGER_UNITS.contains(dose.units()) && dose.form().isStatic();
  }

  private static void checkSingleFingers(DosePlan plan) {
    DoseForm form = plan.usual().form();
    if (!holdsSingleFingers(plan.usual())) {
      return;
    }
    if (form instanceof DoseForm.Breaths) {
      throw new IllegalArgumentException(
          "breaths (%s) must be seconds for a single finger, %d s at most"
              .formatted(form.quantity(), SINGLE_FINGER_HOLD_SECONDS));
    }
    if (plan.bounds().greatest() > SINGLE_FINGER_HOLD_SECONDS) {
      throw new IllegalArgumentException(
          "hold (up to %d s) must be at most %d s for a single finger; shorten it or choose a group stretch"
              .formatted(plan.bounds().greatest(), SINGLE_FINGER_HOLD_SECONDS));
    }
  }

  /** The dose by this method, if the exercise has one. */
  public Optional<DosePlan> dose(Method method) {
    return Optional.ofNullable(doses.get(method));
  }

  /** The dose by the method a person likes if there is one, else the usual one. */
  public DosePlan doseFor(Method liked) {
    return dose(liked).or(() -> dose(usualMethod)).orElseThrow();
  }

  /**
   * The plan that a dose of it follows: by the liked method if it fits there, else the first of its
   * methods whose form and bounds it fits, else the first of its form, else the usual one.
   */
  public DosePlan planOf(Dose dose, Method liked) {
    List<DosePlan> own =
        Stream.concat(
                Stream.of(liked, usualMethod).flatMap(method -> dose(method).stream()),
                doses.values().stream())
            .filter(plan -> plan.usual().form().getClass() == dose.form().getClass())
            .toList();
    return own.stream()
        .filter(plan -> plan.bounds().contains(dose.quantity()))
        .findFirst()
        .or(() -> own.stream().findFirst())
        .orElseGet(() -> doseFor(usualMethod));
  }

  /** The language of its doses by a method, for a person. */
  public DoseText doseText(Method method, Notation notation) {
    return new DoseText(doseFor(method).usual(), notation, guidance.directions());
  }

  /** The referral signs that exclude it. */
  public Set<ReferralSign> excludedBy() {
    Set<ReferralSign> signs = EnumSet.noneOf(ReferralSign.class);
    signs.addAll(ReferralSign.excluding(kind, demands.intensity()));
    signs.addAll(demands.excludedBy());
    return signs;
  }

  /** Whether it is for one of these disciplines. */
  public boolean suits(Set<Discipline> disciplines) {
    return disciplines.stream().anyMatch(this::suits);
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
