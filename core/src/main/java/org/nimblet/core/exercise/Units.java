package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.anatomy.Notation;

/**
 * What a dose is repeated over on each side, one unit after the other.
 *
 * @param each what one unit is
 * @param order the digits in the order in which they are gone through, where it is not the usual
 *     one; only with {@link Each#FINGERS} and {@link Each#DIGITS}, and then all of them
 * @param andBack whether the units are gone through to the last one and back to the first
 * @param ways how many ways there are; 0 unless each unit is a way
 */
public record Units(Each each, List<Digit> order, boolean andBack, int ways) {

  /** What one unit is. */
  public enum Each {
    /** The dose is done once. */
    WHOLE,
    /** One finger, from the index to the little one. */
    FINGERS,
    /** One digit, from the thumb to the little finger. */
    DIGITS,
    /** One of the ten pairs of digits. */
    PAIRS,
    /** The whole hand, then each of the ten pairs of digits. */
    HAND_AND_PAIRS,
    /** Two neighbouring fingers. */
    NEIGHBOURS,
    /** Two neighbouring digits, the thumb and the index finger first. */
    NEIGHBOURS_AND_THUMB,
    /** Three neighbouring fingers. */
    THREES,
    /** All four fingers, the two threes, the three twos, each alone: ten groups of neighbours. */
    GROUPS,
    /** Every way to bend some of the four fingers but not all: 4 single, 6 double, 4 triple. */
    BEND_PATTERNS,
    /** One of the ways that the exercise names. */
    WAYS;

    /** The identifier used in files. */
    public String id() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }

  public static final Units WHOLE = of(Each.WHOLE);
  public static final Units FINGERS = of(Each.FINGERS);
  public static final Units DIGITS = of(Each.DIGITS);
  public static final Units PAIRS = of(Each.PAIRS);
  public static final Units HAND_AND_PAIRS = of(Each.HAND_AND_PAIRS);
  public static final Units NEIGHBOURS = of(Each.NEIGHBOURS);
  public static final Units NEIGHBOURS_AND_THUMB = of(Each.NEIGHBOURS_AND_THUMB);
  public static final Units THREES = of(Each.THREES);
  public static final Units GROUPS = of(Each.GROUPS);
  public static final Units BEND_PATTERNS = of(Each.BEND_PATTERNS);

  /** One direction, then the other. */
  public static final Units DIRECTIONS = ways(2);

  private static final List<List<Digit>> BENDS = bends();
  private static final List<List<Digit>> RUNS = runs();

  /**
   * Checks that the parts fit each other.
   *
   * @throws IllegalArgumentException naming the value and what is allowed
   */
  public Units {
    order = List.copyOf(order);
    List<Digit> all = each == Each.DIGITS ? List.of(Digit.values()) : Digit.FINGERS;
    boolean ordered = each == Each.DIGITS || each == Each.FINGERS;
    if (!order.isEmpty()
        && !(ordered
            && order.size() == all.size()
            && new HashSet<>(order).equals(new HashSet<>(all)))) {
      throw new IllegalArgumentException(
          ordered
              ? "order (%s) must name each of %s once"
                  .formatted(Notation.NAMES.format(order), Notation.NAMES.format(all))
              : "order (%s) must stand with units fingers or digits only"
                  .formatted(Notation.NAMES.format(order)));
    }
    if (order.equals(all)) {
      order = List.of();
    }
    if (andBack && each == Each.WHOLE) {
      throw new IllegalArgumentException("back (true) must stand with units other than whole");
    }
    if (each == Each.WAYS ? ways < 2 || ways > Ways.MOST : ways != 0) {
      throw new IllegalArgumentException(
          "ways (%d) must be between 2 and %d where each unit is a way, else 0"
              .formatted(ways, Ways.MOST));
    }
  }

  /** Units of one sort, in their usual order. */
  public static Units of(Each each) {
    return new Units(each, List.of(), false, each == Each.WAYS ? 2 : 0);
  }

  /** So many ways, one after the other. */
  public static Units ways(int count) {
    return new Units(Each.WAYS, List.of(), false, count);
  }

  /** The same units in another order. */
  public Units inOrder(List<Digit> digits) {
    return new Units(each, digits, andBack, ways);
  }

  /** The same units to the last one and back. */
  public Units thereAndBack() {
    return new Units(each, order, true, ways);
  }

  /** How many units there are, those of the way back included. */
  public int count() {
    return andBack ? 2 * countOut() - 1 : countOut();
  }

  private int countOut() {
    return switch (each) {
      case WHOLE -> 1;
      case FINGERS -> Digit.FINGERS.size();
      case DIGITS -> Digit.values().length;
      case PAIRS -> DigitPair.ALL.size();
      case HAND_AND_PAIRS -> DigitPair.ALL.size() + 1;
      case NEIGHBOURS -> Digit.FINGERS.size() - 1;
      case NEIGHBOURS_AND_THUMB -> Digit.FINGERS.size();
      case THREES -> Digit.FINGERS.size() - 2;
      case GROUPS -> RUNS.size();
      case BEND_PATTERNS -> BENDS.size();
      case WAYS -> ways;
    };
  }

  /** Which of the units, counted without the way back, unit {@code index} is; both 0-based. */
  public int place(int index) {
    return index < countOut() ? index : 2 * (countOut() - 1) - index;
  }

  /** The digits at work in unit {@code index}, 0-based; empty if the unit is no digit. */
  public List<Digit> digits(int index) {
    int at = place(index);
    return switch (each) {
      case WHOLE, WAYS -> List.of();
      case FINGERS -> List.of(order.isEmpty() ? Digit.FINGERS.get(at) : order.get(at));
      case DIGITS -> List.of(order.isEmpty() ? Digit.values()[at] : order.get(at));
      case PAIRS -> pair(at);
      case HAND_AND_PAIRS -> at == 0 ? List.of(Digit.values()) : pair(at - 1);
      case NEIGHBOURS -> List.of(Digit.values()).subList(at + 1, at + 3);
      case NEIGHBOURS_AND_THUMB -> List.of(Digit.values()).subList(at, at + 2);
      case THREES -> Digit.FINGERS.subList(at, at + 3);
      case GROUPS -> RUNS.get(at);
      case BEND_PATTERNS -> BENDS.get(at);
    };
  }

  private static List<Digit> pair(int index) {
    DigitPair pair = DigitPair.ALL.get(index);
    return List.of(pair.nearer(), pair.farther());
  }

  /** The digits that take part in any unit, in the order in which they are gone through. */
  public List<Digit> takingPart() {
    if (!order.isEmpty()) {
      return order;
    }
    return switch (each) {
      case WHOLE, WAYS -> List.of();
      case DIGITS, PAIRS, HAND_AND_PAIRS, NEIGHBOURS_AND_THUMB -> List.of(Digit.values());
      case FINGERS, NEIGHBOURS, THREES, GROUPS, BEND_PATTERNS -> Digit.FINGERS;
    };
  }

  /** Whether any unit is one finger or thumb alone. */
  public boolean singleDigits() {
    return each == Each.FINGERS || each == Each.DIGITS || each == Each.GROUPS;
  }

  /**
   * What to say when unit {@code index}, 0-based, begins; empty where there is only one.
   *
   * @param named the names of the ways
   */
  public String label(int index, Notation notation, Ways named) {
    return switch (each) {
      case WHOLE -> "";
      case WAYS -> named.of(place(index));
      default -> notation.format(digits(index));
    };
  }

  private static List<List<Digit>> bends() {
    List<List<Digit>> bends = new ArrayList<>();
    for (int size = 1; size < Digit.FINGERS.size(); size++) {
      for (int mask = 1; mask < 1 << Digit.FINGERS.size(); mask++) {
        if (Integer.bitCount(mask) == size) {
          List<Digit> bent = new ArrayList<>();
          for (int finger = 0; finger < Digit.FINGERS.size(); finger++) {
            if ((mask & 1 << finger) != 0) {
              bent.add(Digit.FINGERS.get(finger));
            }
          }
          bends.add(List.copyOf(bent));
        }
      }
    }
    return List.copyOf(bends);
  }

  private static List<List<Digit>> runs() {
    List<List<Digit>> runs = new ArrayList<>();
    for (int size = Digit.FINGERS.size(); size >= 1; size--) {
      for (int first = 0; first + size <= Digit.FINGERS.size(); first++) {
        runs.add(Digit.FINGERS.subList(first, first + size));
      }
    }
    return List.copyOf(runs);
  }
}
