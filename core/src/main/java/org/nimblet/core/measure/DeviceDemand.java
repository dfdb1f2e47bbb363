package org.nimblet.core.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;

/**
 * What keys, buttons and sticks ask of the fingers in some minutes.
 *
 * @param minutes how long
 * @param hands what each hand does that has anything to do
 */
public record DeviceDemand(int minutes, List<OfHand> hands) {

  /** Nobody presses anything faster for minutes (ours). */
  public static final int MOST_A_MINUTE = 900;

  /** A long day. */
  public static final int MOST_MINUTES = 960;

  /**
   * Something that a finger does.
   *
   * @param what it is called
   * @param aMinute presses a minute; 0 where it is held down or steadied all the time
   */
  public record Binding(Side side, Digit digit, String what, int aMinute) {

    /**
     * Checks the range.
     *
     * @throws IllegalArgumentException naming the value and what is allowed
     */
    public Binding {
      if (aMinute < 0 || aMinute > MOST_A_MINUTE) {
        throw new IllegalArgumentException(
            "presses a minute (%d) must be between 0 and %d".formatted(aMinute, MOST_A_MINUTE));
      }
    }
  }

  /**
   * What a hand does.
   *
   * @param presses of each digit in all the minutes
   * @param steadying the digits that press nothing: they hold the hand or the device still
   * @param holding the digits that press and hold something down besides
   */
  public record OfHand(
      Side side, Map<Digit, Integer> presses, Set<Digit> steadying, Set<Digit> holding) {

    /** All of its presses. */
    public int all() {
      return presses.values().stream().mapToInt(n -> n).sum();
    }
  }

  /**
   * Counts.
   *
   * @throws IllegalArgumentException if nothing is bound, or the minutes are none
   */
  public static DeviceDemand of(List<Binding> bindings, int minutes) {
    if (bindings.isEmpty()) {
      throw new IllegalArgumentException("bindings (none) must be at least one");
    }
    if (minutes < 1 || minutes > MOST_MINUTES) {
      throw new IllegalArgumentException(
          "minutes (%d) must be between 1 and %d".formatted(minutes, MOST_MINUTES));
    }
    List<OfHand> hands = new ArrayList<>();
    for (Side side : Side.values()) {
      List<Binding> own = bindings.stream().filter(b -> b.side() == side).toList();
      if (!own.isEmpty()) {
        hands.add(hand(side, own, minutes));
      }
    }
    return new DeviceDemand(minutes, hands);
  }

  private static OfHand hand(Side side, List<Binding> own, int minutes) {
    Map<Digit, Integer> presses = new EnumMap<>(Digit.class);
    Arrays.stream(Digit.values()).forEach(digit -> presses.put(digit, 0));
    own.forEach(b -> presses.merge(b.digit(), b.aMinute() * minutes, Integer::sum));
    Set<Digit> steadying = EnumSet.noneOf(Digit.class);
    Set<Digit> holding = EnumSet.noneOf(Digit.class);
    presses.forEach(
        (digit, times) -> {
          if (times == 0) {
            steadying.add(digit);
          } else if (own.stream().anyMatch(b -> b.digit() == digit && b.aMinute() == 0)) {
            holding.add(digit);
          }
        });
    return new OfHand(side, presses, steadying, holding);
  }
}
