package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.List;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.anatomy.Notation;

/** What a dose is repeated over on each side. */
public enum Units {
  /** The dose is done once. */
  WHOLE(1),
  /** Index to little finger, one at a time. */
  FINGERS(4),
  /** All five digits, one at a time. */
  DIGITS(5),
  /** The ten pairs of digits, one at a time. */
  PAIRS(10),
  /** One direction, then the other. */
  DIRECTIONS(2),
  /** The three pairs of neighbouring fingers, one pair at a time. */
  NEIGHBOURS(3),
  /** All four fingers, then three, two and one of them. */
  GROUPS(4),
  /** Every way to bend some of the four fingers but not all: 4 single, 6 double, 4 triple. */
  BEND_PATTERNS(14);

  private static final List<List<Digit>> BENDS = bends();

  private final int count;

  Units(int count) {
    this.count = count;
  }

  /** How many units there are. */
  public int count() {
    return count;
  }

  /** The digits at work in unit {@code index}, 0-based; empty if the unit is no digit. */
  public List<Digit> digits(int index) {
    return switch (this) {
      case WHOLE, DIRECTIONS -> List.of();
      case FINGERS -> List.of(Digit.values()[index + 1]);
      case DIGITS -> List.of(Digit.values()[index]);
      case PAIRS -> {
        DigitPair pair = DigitPair.ALL.get(index);
        yield List.of(pair.nearer(), pair.farther());
      }
      case NEIGHBOURS -> List.of(Digit.values()[index + 1], Digit.values()[index + 2]);
      case GROUPS -> Digit.FINGERS.subList(0, Digit.FINGERS.size() - index);
      case BEND_PATTERNS -> BENDS.get(index);
    };
  }

  /** The digits that take part in any unit. */
  public List<Digit> takingPart() {
    return switch (this) {
      case WHOLE, DIRECTIONS -> List.of();
      case DIGITS, PAIRS -> List.of(Digit.values());
      case FINGERS, NEIGHBOURS, GROUPS, BEND_PATTERNS -> Digit.FINGERS;
    };
  }

  /**
   * What to say when unit {@code index}, 0-based, begins; empty where there is only one.
   *
   * @param directions the names of the two directions
   */
  public String label(int index, Notation notation, Directions directions) {
    return switch (this) {
      case WHOLE -> "";
      case DIRECTIONS -> directions.of(index);
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
}
