package org.nimblet.core.exercise;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Digit;

/** A pose of the drawn figure: by name, by the angles of a hand, by a pattern, or of two hands. */
public sealed interface Keyframe permits Pose, HandAngles, FingerState, TwoHands {

  /** Which figure strikes it. */
  Stage stage();

  /** How it is written in files and sent to the drawing; {@link #parse} reads it back. */
  String text();

  /** The same pose for other digits, where it has such a twin; itself if not. */
  default Keyframe forDigits(List<Digit> digits) {
    return this;
  }

  /** Whether the digits of a unit can be told from it: it has a form for them, or none at all. */
  default boolean shows(List<Digit> digits) {
    return true;
  }

  /**
   * Reads a pose by its name, the angles of a hand, a pattern of fingers, or two of these with a
   * plus sign between them.
   *
   * @throws IllegalArgumentException naming what was given and what is allowed
   */
  static Keyframe parse(String text) {
    int plus = text.indexOf(TwoHands.BETWEEN);
    if (plus >= 0) {
      return new TwoHands(
          parse(text.substring(0, plus)), parse(text.substring(plus + TwoHands.BETWEEN.length())));
    }
    if (FingerState.isMeant(text)) {
      return FingerState.parse(text);
    }
    if (text.startsWith(HandAngles.PREFIX)) {
      return HandAngles.parse(text);
    }
    String wanted = text.strip().toUpperCase(Locale.ROOT).replace('-', '_');
    return Arrays.stream(Pose.values())
        .filter(pose -> pose.name().equals(wanted))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "(%s) must be one of %s, '%s' and the joints' degrees, or a pattern as bend-ring part-index-middle"
                        .formatted(
                            text,
                            Arrays.stream(Pose.values())
                                .map(pose -> pose.name().toLowerCase(Locale.ROOT).replace('_', '-'))
                                .collect(Collectors.joining(", ")),
                            HandAngles.PREFIX.strip())));
  }

  /** The figures there are. */
  enum Stage {
    /** One hand with its forearm. */
    HAND,
    /** Both hands in contact. */
    PAIR,
    /** The whole body as a line figure. */
    BODY
  }
}
