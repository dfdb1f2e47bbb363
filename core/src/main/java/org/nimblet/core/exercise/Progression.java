package org.nimblet.core.exercise;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * How an exercise is made easier and harder.
 *
 * @param easier the easier variant, in words
 * @param harder the harder variant, in words
 * @param easierExercise an exercise of the library that is easier, by its identifier
 * @param harderExercise an exercise of the library that is harder, by its identifier
 * @param steps what its ladder is made of
 */
public record Progression(
    String easier,
    String harder,
    Optional<String> easierExercise,
    Optional<String> harderExercise,
    Steps steps) {

  /** What a ladder is made of. */
  public sealed interface Steps {}

  /** Whether it is done daily and rises from date to date. */
  public boolean isDailyEndurance() {
    return steps instanceof Endurance;
  }

  /** The quantity of the dose, as its form says. */
  public record ByDose() implements Steps {}

  /** Repetitions in a row, in growing steps, up to the bound. */
  public record Endurance() implements Steps {}

  /**
   * The tempo, then the subdivision.
   *
   * @param upperBeatsPerMinute where the subdivision rises instead of the tempo, 20–300
   */
  public record Tempo(int upperBeatsPerMinute) implements Steps {
    /** Checks the range. */
    public Tempo {
      if (upperBeatsPerMinute < 20 || upperBeatsPerMinute > 300) {
        throw new IllegalArgumentException(
            "upper tempo (%d) must be between 20 and 300".formatted(upperBeatsPerMinute));
      }
    }
  }

  /**
   * One thing after another, at the usual dose.
   *
   * @param things from the easiest on, at least two
   */
  public record Things(List<Thing> things) implements Steps {
    /** Checks that there are steps. */
    public Things {
      things = List.copyOf(things);
      atLeastTwo(things);
    }
  }

  /**
   * Named variants, each with a dose or a thing of its own.
   *
   * @param rungs from the easiest on, at least two
   */
  public record Named(List<NamedRung> rungs) implements Steps {
    /** Checks that there are steps. */
    public Named {
      rungs = List.copyOf(rungs);
      atLeastTwo(rungs);
    }
  }

  /**
   * A rung with a name: what it is done with, or how much of it.
   *
   * @param name what it is called
   * @param thing what it is done with, if that makes the rung
   * @param quantity the quantity of the dose there, if that makes the rung
   */
  public record NamedRung(String name, Optional<Thing> thing, OptionalInt quantity) {
    /** Checks that it has something of its own. */
    public NamedRung {
      if (thing.isEmpty() && quantity.isEmpty()) {
        throw new IllegalArgumentException(
            "rung (%s) must have a thing or a quantity of the dose".formatted(name));
      }
    }
  }

  private static void atLeastTwo(List<?> rungs) {
    if (rungs.size() < 2) {
      throw new IllegalArgumentException("rungs (%s) must be at least two".formatted(rungs));
    }
  }
}
