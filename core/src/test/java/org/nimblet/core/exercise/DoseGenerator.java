package org.nimblet.core.exercise;

import java.util.SplittableRandom;
import java.util.random.RandomGenerator;

/** Doses drawn from a seed, over every form and the whole of each range. */
public final class DoseGenerator {

  private final RandomGenerator random;

  /** The same seed gives the same doses. */
  public DoseGenerator(long seed) {
    this.random = new SplittableRandom(seed);
  }

  /** Any dose, short enough that its cue sheet stays readable. */
  public Dose dose() {
    return new Dose(
        form(),
        between(1, 6),
        between(1, 3),
        Laterality.values()[random.nextInt(Laterality.values().length)],
        Units.values()[random.nextInt(Units.values().length)],
        between(0, 30));
  }

  /** Any pace. */
  public Pace pace() {
    return new Pace(between(Pace.SLOWEST, Pace.FASTEST));
  }

  private DoseForm form() {
    return switch (random.nextInt(6)) {
      case 0 -> new DoseForm.Hold(between(1, 90));
      case 1 -> new DoseForm.Pulse();
      case 2 -> new DoseForm.Breaths(between(1, 10));
      case 3 -> new DoseForm.Count(between(1, 12), between(10, 300));
      case 4 -> new DoseForm.Timed(between(1, 120));
      default -> new DoseForm.Travel(between(1, 5), between(1, 20));
    };
  }

  private int between(int least, int greatest) {
    return random.nextInt(least, greatest + 1);
  }
}
