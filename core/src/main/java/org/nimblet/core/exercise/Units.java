package org.nimblet.core.exercise;

import java.util.Arrays;
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
  DIRECTIONS(2);

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
    };
  }

  /** What to say when unit {@code index}, 0-based, begins; empty where there is only one. */
  public String label(int index, Notation notation) {
    return switch (this) {
      case WHOLE -> "";
      case DIRECTIONS -> index == 0 ? "one way" : "the other way";
      case FINGERS, DIGITS, PAIRS -> notation.format(digits(index));
    };
  }

  /** Words behind a dose: "each of four fingers"; empty where there is only one. */
  public String word() {
    return switch (this) {
      case WHOLE -> "";
      case FINGERS -> "each of four fingers";
      case DIGITS -> "each of five digits";
      case PAIRS -> "each of ten pairs";
      case DIRECTIONS -> "each way";
    };
  }

  /** The names of all units, for messages. */
  static List<String> names() {
    return Arrays.stream(values()).map(Enum::name).toList();
  }
}
