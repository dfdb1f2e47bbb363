package org.nimblet.core.routine;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.HandRole;

/**
 * What the hands do around a routine.
 *
 * @param disciplines what they do, at least one
 * @param workingSides which hand does it, at least one
 * @param roles which hand does what, where the two do different things
 * @param digits the digits that carry it; empty if that was not said
 */
public record HandUse(
    Set<Discipline> disciplines,
    Set<Side> workingSides,
    Map<HandRole, Side> roles,
    Set<Digit> digits) {

  /** The digits that can work a trigger; the index finger unless something else is said. */
  private static final Set<Digit> TRIGGER_DIGITS = EnumSet.of(Digit.INDEX, Digit.MIDDLE);

  /**
   * Checks that something is named.
   *
   * @throws IllegalArgumentException naming what is missing
   */
  public HandUse {
    disciplines = Set.copyOf(disciplines);
    workingSides = Set.copyOf(workingSides);
    Map<HandRole, Side> ofRoles = new EnumMap<>(HandRole.class);
    ofRoles.putAll(roles);
    roles = Collections.unmodifiableMap(ofRoles);
    digits = Set.copyOf(digits);
    if (disciplines.isEmpty()) {
      throw new IllegalArgumentException("disciplines (none) must name at least one");
    }
    if (workingSides.isEmpty()) {
      throw new IllegalArgumentException("working sides (none) must name at least one side");
    }
  }

  /** Whether somebody's hand does what an exercise is for. */
  boolean hasRoleFor(Exercise exercise) {
    return exercise.demands().role().filter(role -> !roles.containsKey(role)).isEmpty();
  }

  /**
   * The side that works alone where only one does: the hand of the role, whichever is dominant; of
   * work without a role the one hand that works, else the dominant one.
   */
  Side workingSide(Exercise exercise, Side dominant) {
    return exercise
        .demands()
        .role()
        .flatMap(role -> Optional.ofNullable(roles.get(role)))
        .orElseGet(() -> workingSides.size() == 1 ? workingSides.iterator().next() : dominant);
  }

  /** The digits that an exercise works where the activity decides it; empty where it does not. */
  public Set<Digit> digitsFor(Exercise exercise) {
    if (!exercise.demands().digitsOfActivity()) {
      return Set.of();
    }
    Set<Digit> own = EnumSet.noneOf(Digit.class);
    own.addAll(digits);
    own.retainAll(TRIGGER_DIGITS);
    return own.isEmpty() ? EnumSet.of(Digit.INDEX) : own;
  }
}
