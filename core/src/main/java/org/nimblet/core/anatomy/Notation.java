package org.nimblet.core.anatomy;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * How a person writes fingers. The same figure 1 means the thumb at a keyboard and the index finger
 * on a string instrument, so a digit is never shown or read without its notation.
 */
public enum Notation {
  /** Thumb 1 to little finger 5. */
  KEYBOARD("1", "2", "3", "4", "5"),
  /** T, then index 1 to little finger 4. */
  STRINGS("T", "1", "2", "3", "4"),
  /** The letters of the plucking hand: p i m a c. */
  PLUCKING("p", "i", "m", "a", "c"),
  /** Plain names. */
  NAMES("thumb", "index", "middle", "ring", "little");

  private final List<String> signs;

  Notation(String... signs) {
    this.signs = List.of(signs);
  }

  /** The sign of a digit in this notation. */
  public String format(Digit digit) {
    return signs.get(digit.ordinal());
  }

  /** Several digits, joined by hyphens: "1-2-4". */
  public String format(List<Digit> digits) {
    return digits.stream().map(this::format).collect(Collectors.joining("-"));
  }

  /**
   * Reads one sign; case and surrounding space do not matter.
   *
   * @throws IllegalArgumentException if it is no sign of this notation, naming those that are
   */
  public Digit parse(String sign) {
    String wanted = sign.strip().toLowerCase(Locale.ROOT);
    for (Digit digit : Digit.values()) {
      if (format(digit).toLowerCase(Locale.ROOT).equals(wanted)) {
        return digit;
      }
    }
    throw new IllegalArgumentException(
        "digit (%s) is not written so in the notation %s; allowed: %s"
            .formatted(sign, name().toLowerCase(Locale.ROOT), String.join(", ", signs)));
  }

  /**
   * Reads several signs joined by hyphens, commas or spaces: "1-2-4".
   *
   * @throws IllegalArgumentException if one of them is no sign of this notation
   */
  public List<Digit> parseAll(String text) {
    return Arrays.stream(text.strip().split("\\s*[-,–\\s]\\s*"))
        .map(this::parse)
        .collect(Collectors.toUnmodifiableList());
  }
}
