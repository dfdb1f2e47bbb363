package org.nimblet.core.exercise;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The loads that a person can really take into the hand, from the things they own. */
public final class OwnedLoads {

  /** An empty half-litre bottle, grams (ours). */
  private static final int EMPTY_BOTTLE = 30;

  /** What a bottle is filled to, grams of water: a quarter, a half, three quarters, full. */
  private static final List<Integer> FILLS = List.of(125, 250, 375, 500);

  /** A full food can, grams (ours). */
  private static final int FOOD_CAN = 450;

  /** The lengths at which a band is usually taken, the longest and easiest first (ours). */
  private static final List<Integer> BAND_CENTIMETRES = List.of(45, 40, 35, 30, 25);

  private OwnedLoads() {}

  /**
   * All loads in the hand, the lightest first, each once.
   *
   * @param things what is at hand
   * @param weightGrams the weights owned
   */
  public static List<Load> inTheHand(Set<Thing> things, List<Integer> weightGrams) {
    IntStream own = weightGrams.stream().mapToInt(Integer::intValue);
    IntStream bottle =
        things.contains(Thing.BOTTLE)
            ? FILLS.stream().mapToInt(fill -> EMPTY_BOTTLE + fill)
            : IntStream.empty();
    IntStream can = things.contains(Thing.FOOD_CAN) ? IntStream.of(FOOD_CAN) : IntStream.empty();
    return Stream.of(own, bottle, can)
        .flatMapToInt(stream -> stream)
        .sorted()
        .distinct()
        .<Load>mapToObj(Load.Weight::new)
        .toList();
  }

  /** The usual lengths of a band, the easiest first. */
  public static List<Load> bands() {
    return BAND_CENTIMETRES.stream().<Load>map(Load.Band::new).toList();
  }
}
