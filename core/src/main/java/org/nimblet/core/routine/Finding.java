package org.nimblet.core.routine;

import java.util.List;
import java.util.function.Supplier;

/**
 * A rule that a routine breaks.
 *
 * @param rule which rule
 * @param sentence what is wrong and why, for the coach
 * @param steps the steps concerned, 0-based, in order
 * @param repairing what the program can do about it, worked out whenever it is looked at
 */
public record Finding(
    RoutineRule rule, String sentence, List<Integer> steps, Supplier<Repair> repairing) {

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

  /** What the program can do about it. */
  public Repair repair() {
    return repairing.get();
  }
}
