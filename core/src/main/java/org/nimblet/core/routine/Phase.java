package org.nimblet.core.routine;

import java.util.Set;
import org.nimblet.core.exercise.BodySegment;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;

/**
 * A part of a routine, in the order it is done, with its share of the minutes.
 *
 * @param name what it is called in explanations
 * @param kinds the kinds of exercise that stand in it
 * @param scope which exercises of these kinds stand in it
 * @param leastPercent least share of the budget, 0–100
 * @param greatestPercent greatest share of the budget, 0–100
 * @param greatestIntensity the most intense exercise that may stand in it, 1–5
 * @param order how its exercises follow one another
 * @param onlyIfAny whether nothing is missing where the library has nothing for it
 */
public record Phase(
    String name,
    Set<Kind> kinds,
    Scope scope,
    int leastPercent,
    int greatestPercent,
    int greatestIntensity,
    Order order,
    boolean onlyIfAny) {

  /** A phase for every exercise of its kinds. */
  Phase(
      String name,
      Set<Kind> kinds,
      int leastPercent,
      int greatestPercent,
      int greatestIntensity,
      Order order) {
    this(name, kinds, Scope.ALL, leastPercent, greatestPercent, greatestIntensity, order);
  }

  /** A phase that should be there in any case. */
  Phase(
      String name,
      Set<Kind> kinds,
      Scope scope,
      int leastPercent,
      int greatestPercent,
      int greatestIntensity,
      Order order) {
    this(name, kinds, scope, leastPercent, greatestPercent, greatestIntensity, order, false);
  }

  /** The same phase, which nobody misses where there is nothing for it. */
  Phase whereThereIsAny() {
    return new Phase(
        name, kinds, scope, leastPercent, greatestPercent, greatestIntensity, order, true);
  }

  /** A phase may always take this long, however short the routine (ours). */
  private static final int ALWAYS_ALLOWED_SECONDS = 45;

  /** Which exercises of its kinds a phase takes. */
  public enum Scope {
    ALL("all of its kinds"),
    ARRIVING("what helps to arrive"),
    HANDS_AND_FINGERS("what moves the hands and fingers");

    private final String words;

    Scope(String words) {
      this.words = words;
    }

    /** The scope inside a sentence. */
    public String words() {
      return words;
    }
  }

  /** How the exercises of a phase follow one another. */
  public enum Order {
    /** The floor piece first; large before small, then gentle before intense. */
    LARGE_TO_SMALL,
    /** The floor piece last; gentle before intense, then large before small. */
    GENTLE_TO_INTENSE
  }

  /** Whether an exercise stands in it by what it is. */
  boolean takes(Exercise exercise) {
    return kinds.contains(exercise.kind())
        && switch (scope) {
          case ALL -> true;
          case ARRIVING -> exercise.demands().arrives();
          case HANDS_AND_FINGERS -> exercise.demands().segment().compareTo(BodySegment.HANDS) >= 0;
        };
  }

  /**
   * Least seconds of this phase in a budget, rounded up.
   *
   * @param any whether anything may stand in it
   */
  int leastSeconds(int budgetSeconds, boolean any) {
    return onlyIfAny && !any ? 0 : (leastPercent * budgetSeconds + 99) / 100;
  }

  /** Greatest seconds of this phase in a budget. */
  int greatestSeconds(int budgetSeconds) {
    return Math.max(
        greatestPercent * budgetSeconds / 100, Math.min(ALWAYS_ALLOWED_SECONDS, budgetSeconds));
  }
}
