package org.nimblet.core.routine;

import java.util.List;
import java.util.Optional;

/**
 * A rule that a routine breaks.
 *
 * @param rule which rule
 * @param sentence what is wrong and why, for the coach
 * @param steps the steps concerned, 0-based, in order
 * @param repair what the program can do about it
 */
public record Finding(
    RoutineRule rule, String sentence, List<Integer> steps, Optional<Repair> repair) {

  /** How much a finding weighs. */
  public enum Severity {
    STOP,
    WARN,
    NOTE
  }

  /**
   * What can be done about a finding.
   *
   * @param words what it does: "hold 10 s"
   * @param steps the whole routine afterwards
   */
  public record Repair(String words, List<Step> steps) {
    /** Copies the list. */
    public Repair {
      steps = List.copyOf(steps);
    }
  }

  /** Copies the list. */
  public Finding {
    steps = List.copyOf(steps);
  }
}
