package org.nimblet.core.exercise;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Digit;

/** A pose of the drawn figure: one with a name, or the angles of a hand. */
public sealed interface Keyframe permits Pose, HandAngles {

  /** Which figure strikes it. */
  Stage stage();

  /** How it is written in files and sent to the drawing; {@link #parse} reads it back. */
  String text();

  /** The same pose for other digits, where it has such a twin; itself if not. */
  default Keyframe forDigits(List<Digit> digits) {
    return this;
  }

  /**
   * Reads a pose by its name, or the angles of a hand.
   *
   * @throws IllegalArgumentException naming what was given and what is allowed
   */
  static Keyframe parse(String text) {
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
                    "(%s) must be one of %s, or '%s' and the joints' degrees"
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
