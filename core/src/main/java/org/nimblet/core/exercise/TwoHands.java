package org.nimblet.core.exercise;

import java.util.List;
import org.nimblet.core.anatomy.Digit;

/**
 * Two hands that do different things, side by side.
 *
 * @param one what the hand does that goes first
 * @param other what the other one does
 */
public record TwoHands(Keyframe one, Keyframe other) implements Keyframe {

  static final String BETWEEN = " + ";

  /**
   * Checks that each is a pose of one hand.
   *
   * @throws IllegalArgumentException naming the pose that is none
   */
  public TwoHands {
    for (Keyframe hand : List.of(one, other)) {
      if (hand.stage() != Stage.HAND || hand instanceof TwoHands) {
        throw new IllegalArgumentException(
            "(%s) must be a pose of one hand, on each side of the plus sign"
                .formatted(hand.text()));
      }
    }
  }

  @Override
  public Stage stage() {
    return Stage.HAND;
  }

  @Override
  public String text() {
    return one.text() + BETWEEN + other.text();
  }

  @Override
  public Keyframe forDigits(List<Digit> digits) {
    return new TwoHands(one.forDigits(digits), other.forDigits(digits));
  }

  @Override
  public boolean shows(List<Digit> digits) {
    return one.shows(digits) && other.shows(digits);
  }
}
