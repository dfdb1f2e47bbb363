package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/** Doses drawn from a seed, over every form and the whole of each range. */
public final class DoseGenerator {

  private final RandomGenerator random;

  /** The same seed gives the same doses. */
  public DoseGenerator(long seed) {
    this.random = new SplittableRandom(seed);
  }

  /** Any dose, short enough that its cue sheet stays readable. */
  public Dose dose() {
    Dose dose =
        new Dose(
            form(),
            between(1, 6),
            between(1, 3),
            Laterality.values()[random.nextInt(Laterality.values().length)],
            units(),
            between(0, 30));
    if (dose.laterality() == Laterality.EACH && random.nextInt(3) == 0) {
      Side side = Side.values()[random.nextInt(2)];
      dose =
          dose.withException(
              Optional.of(new Dose.SideException(side, form(), between(1, 6), between(1, 3))));
    }
    return random.nextInt(4) == 0 ? dose.withLoad(load()) : dose;
  }

  /** Any units; their ways are two, as those of the words beside which they are read. */
  private Units units() {
    Units.Each each = Units.Each.values()[random.nextInt(Units.Each.values().length)];
    Units units = Units.of(each);
    if (random.nextInt(3) == 0 && (each == Units.Each.FINGERS || each == Units.Each.DIGITS)) {
      List<Digit> order = new ArrayList<>(units.takingPart());
      Collections.shuffle(order, new Random(random.nextLong()));
      units = units.inOrder(order);
    }
    return each != Units.Each.WHOLE && random.nextInt(4) == 0 ? units.thereAndBack() : units;
  }

  private Load load() {
    return random.nextBoolean()
        ? new Load.Weight(between(1, 80) * 50)
        : new Load.Band(between(10, 55));
  }

  /** Any pace. */
  public Pace pace() {
    return new Pace(between(Pace.SLOWEST, Pace.FASTEST));
  }

  private DoseForm form() {
    return switch (random.nextInt(11)) {
      case 9 -> new DoseForm.PressesThenHold(between(1, 8), between(1, 20));
      case 10 -> new DoseForm.OwnPace(between(10, 120));
      case 0 -> new DoseForm.Hold(between(1, 90));
      case 1 -> new DoseForm.Pulse();
      case 2 -> new DoseForm.Breaths(between(1, 10));
      case 3 -> new DoseForm.Count(between(1, 12), between(10, 300));
      case 4 -> new DoseForm.Timed(between(1, 120));
      case 5 -> new DoseForm.Travel(between(1, 5), between(1, 20));
      case 6 -> {
        int least = between(1, 60);
        yield new DoseForm.UntilEases(least, between(least, 120));
      }
      case 7 -> new DoseForm.BreathMoved(BreathHalf.values()[random.nextInt(2)]);
      default -> paced();
    };
  }

  private DoseForm paced() {
    List<Integer> ladder = Stream.generate(() -> between(1, 8)).limit(between(1, 9)).toList();
    return new DoseForm.Paced(between(9, 90), between(10, 300), ladder, between(0, 16));
  }

  private int between(int least, int greatest) {
    return random.nextInt(least, greatest + 1);
  }
}
