package org.nimblet.core.drill;

import java.util.Collection;
import java.util.Comparator;

/**
 * How able somebody is, on the scale of {@link Difficulty}: who is as able as a pattern is hard
 * does it cleanly in half of the tries (Rasch 1960). It is moved by each try as ratings of players
 * are (Elo), quickly at first.
 *
 * @param theta the estimate
 * @param tries from how many tries it comes
 */
public record Ability(double theta, int tries) {

  /** Of somebody of whom nothing is known (ours). */
  public static final Ability UNKNOWN = new Ability(1.9, 0);

  /** Somebody does so much of what is offered cleanly, about (ours). */
  public static final double OFFERED = 0.8;

  /** From so many tries on it says enough to compose by (model section 6: about 0.6 off). */
  private static final int TELLING_TRIES = 20;

  /** After this many tries an estimate moves half as far by each (ours). */
  private static final double STEADY_AFTER = 20;

  private static final double LEAST_STEP = 0.1;

  /**
   * Checks the count.
   *
   * @throws IllegalArgumentException if there are fewer than no tries
   */
  public Ability {
    if (tries < 0) {
      throw new IllegalArgumentException("tries (%d) must be 0 or more".formatted(tries));
    }
  }

  /** Whether enough was tried to go by it. */
  public boolean saysEnough() {
    return tries >= TELLING_TRIES;
  }

  /** How likely something of a difficulty is done cleanly, 0 to 1. */
  public double expected(double difficulty) {
    return 1 / (1 + Math.exp(difficulty - theta));
  }

  /** The difficulty of which a share is done cleanly. */
  public double difficultyAt(double share) {
    return theta - Math.log(share / (1 - share));
  }

  /** What it is after one more try. */
  public Ability after(double difficulty, boolean clean) {
    return moved(expected(difficulty), clean);
  }

  /** What it is after a try that was clean with this likelihood. */
  Ability moved(double expected, boolean clean) {
    double step = Math.max(LEAST_STEP, 1 / (1 + tries / STEADY_AFTER));
    return new Ability(theta + step * ((clean ? 1 : 0) - expected), tries + 1);
  }

  /** What several hands can do together: as much as the least able of them. */
  static Ability together(Collection<Ability> hands) {
    return hands.stream().min(Comparator.comparingDouble(Ability::theta)).orElse(UNKNOWN);
  }
}
