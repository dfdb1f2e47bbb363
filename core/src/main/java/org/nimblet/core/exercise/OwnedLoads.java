package org.nimblet.core.exercise;

import java.util.Comparator;
import java.util.List;
import java.util.Set;

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

  /** Things that are taken into the hand for what they weigh. */
  static final List<Thing> THINGS_WITH_A_WEIGHT =
      List.of(Thing.LIGHT_WEIGHT, Thing.BOTTLE, Thing.FOOD_CAN);

  private OwnedLoads() {}

  /** Whether a thing is taken for what it weighs. */
  static boolean hasAWeight(Thing thing) {
    return THINGS_WITH_A_WEIGHT.contains(thing);
  }

  /**
   * What a thing in the hand can weigh, the lightest first, each once; none if it has no weight.
   *
   * @param thing what is taken into the hand
   * @param weightGrams the weights owned
   */
  public static List<Load> of(Thing thing, List<Integer> weightGrams) {
    List<Integer> grams =
        switch (thing) {
          case LIGHT_WEIGHT -> weightGrams;
          case BOTTLE -> FILLS.stream().map(fill -> EMPTY_BOTTLE + fill).toList();
          case FOOD_CAN -> List.of(FOOD_CAN);
          default -> List.<Integer>of();
        };
    return grams.stream().sorted().distinct().<Load>map(Load.Weight::new).toList();
  }

  /**
   * All loads in the hand, the lightest first, each once.
   *
   * @param things what is at hand
   * @param weightGrams the weights owned
   */
  public static List<Load> inTheHand(Set<Thing> things, List<Integer> weightGrams) {
    return THINGS_WITH_A_WEIGHT.stream()
        .filter(thing -> thing == Thing.LIGHT_WEIGHT || things.contains(thing))
        .flatMap(thing -> of(thing, weightGrams).stream())
        .sorted(Comparator.comparingInt(Load::grams))
        .distinct()
        .toList();
  }

  /** The usual lengths of a band, the easiest first. */
  public static List<Load> bands() {
    return BAND_CENTIMETRES.stream().<Load>map(Load.Band::new).toList();
  }
}
