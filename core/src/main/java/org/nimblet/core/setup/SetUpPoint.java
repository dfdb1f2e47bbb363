package org.nimblet.core.setup;

import java.util.Set;
import org.nimblet.core.exercise.Discipline;

/**
 * Something about a set-up that can be seen.
 *
 * @param id lower case, words joined by hyphens; never changed once used
 * @param says what is seen when it is fine, as a sentence
 * @param why what it is good for, as a sentence
 * @param disciplines where it is looked at; empty means everywhere
 */
public record SetUpPoint(String id, String says, String why, Set<Discipline> disciplines) {

  /** Copies the set. */
  public SetUpPoint {
    disciplines = Set.copyOf(disciplines);
  }

  boolean isLookedAtIn(Discipline discipline) {
    return disciplines.isEmpty() || disciplines.contains(discipline);
  }
}
