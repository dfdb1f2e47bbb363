package org.nimblet.core.routine;

import java.util.Set;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;

/**
 * What the hands do around a routine.
 *
 * @param disciplines what they do, at least one
 * @param workingSides which hand does it, at least one
 */
public record HandUse(Set<Discipline> disciplines, Set<Side> workingSides) {

  /**
   * Checks that something is named.
   *
   * @throws IllegalArgumentException naming what is missing
   */
  public HandUse {
    disciplines = Set.copyOf(disciplines);
    workingSides = Set.copyOf(workingSides);
    if (disciplines.isEmpty()) {
      throw new IllegalArgumentException("disciplines (none) must name at least one");
    }
    if (workingSides.isEmpty()) {
      throw new IllegalArgumentException("working sides (none) must name at least one side");
    }
  }

  /** The side that works alone where only one does: the dominant one if both work. */
  Side workingSide(Side dominant) {
    return workingSides.size() == 1 ? workingSides.iterator().next() : dominant;
  }
}
