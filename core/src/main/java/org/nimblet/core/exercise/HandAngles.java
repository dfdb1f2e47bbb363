package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Digit;

/**
 * A pose of one hand by the angles of its joints, in whole degrees. The limits are textbook values
 * from memory, for drawing only.
 *
 * @param fingers index, middle, ring, little
 * @param thumb the thumb
 * @param wristFlexion toward the palm; bending back is negative, −70 to 80
 * @param wristDeviation toward the thumb; toward the little finger is negative, −35 to 20
 */
public record HandAngles(
    List<FingerAngles> fingers, ThumbAngles thumb, int wristFlexion, int wristDeviation)
    implements Keyframe {

  static final String PREFIX = "angles ";

  /** A joint of the drawn hand, with how far it goes, in degrees. */
  public enum Joint {
    FINGER_SPREAD("abduction", -12, 26),
    FINGER_KNUCKLE("knuckle flexion", -45, 90),
    FINGER_MIDDLE("middle joint flexion", 0, 110),
    FINGER_END("end joint flexion", -10, 80),
    THUMB_RADIAL("abduction", 5, 62),
    THUMB_OPPOSITION("opposition", -15, 112),
    THUMB_KNUCKLE("knuckle flexion", -5, 60),
    THUMB_END("end joint flexion", -15, 80),
    THUMB_PLANE("plane of flexion", 0, 90),
    WRIST_FLEXION("flexion (minus: extension)", -70, 80),
    WRIST_DEVIATION("to the thumb side (minus: little-finger side)", -35, 20);

    private final String word;
    private final int least;
    private final int greatest;

    Joint(String word, int least, int greatest) {
      this.word = word;
      this.least = least;
      this.greatest = greatest;
    }

    /** What is moved, inside a sentence. */
    public String word() {
      return word;
    }

    /** The least angle. */
    public int least() {
      return least;
    }

    /** The greatest angle. */
    public int greatest() {
      return greatest;
    }

    private void check(int degrees) {
      if (degrees < least || degrees > greatest) {
        throw new IllegalArgumentException(
            "%s (%d°) must be between %d° and %d°"
                .formatted(
                    name().toLowerCase(Locale.ROOT).replace('_', ' '), degrees, least, greatest));
      }
    }
  }

  /**
   * Checks the limits.
   *
   * @throws IllegalArgumentException naming the joint and what is allowed
   */
  public HandAngles {
    fingers = List.copyOf(fingers);
    if (fingers.size() != Digit.FINGERS.size()) {
      throw new IllegalArgumentException("fingers (%d) must be four".formatted(fingers.size()));
    }
    Joint.WRIST_FLEXION.check(wristFlexion);
    Joint.WRIST_DEVIATION.check(wristDeviation);
  }

  /**
   * A finger.
   *
   * @param spread away from the middle finger, −12 to 26
   * @param knuckle flexion, −45 to 90
   * @param middle flexion, 0 to 110
   * @param end flexion, −10 to 80
   */
  public record FingerAngles(int spread, int knuckle, int middle, int end) {
    /** Checks the limits. */
    public FingerAngles {
      Joint.FINGER_SPREAD.check(spread);
      Joint.FINGER_KNUCKLE.check(knuckle);
      Joint.FINGER_MIDDLE.check(middle);
      Joint.FINGER_END.check(end);
    }
  }

  /**
   * The thumb.
   *
   * @param radial away from the palm's edge, 5 to 62
   * @param opposition across the palm, −15 to 112
   * @param knuckle flexion, −5 to 60
   * @param end flexion, −15 to 80
   * @param plane the plane it bends in, 0 to 90
   */
  public record ThumbAngles(int radial, int opposition, int knuckle, int end, int plane) {
    /** Checks the limits. */
    public ThumbAngles {
      Joint.THUMB_RADIAL.check(radial);
      Joint.THUMB_OPPOSITION.check(opposition);
      Joint.THUMB_KNUCKLE.check(knuckle);
      Joint.THUMB_END.check(end);
      Joint.THUMB_PLANE.check(plane);
    }
  }

  @Override
  public Stage stage() {
    return Stage.HAND;
  }

  @Override
  public String text() {
    return PREFIX
        + fingers.stream()
            .map(f -> "%d,%d,%d,%d".formatted(f.spread(), f.knuckle(), f.middle(), f.end()))
            .collect(Collectors.joining(" "))
        + " %d,%d,%d,%d,%d %d,%d"
            .formatted(
                thumb.radial(),
                thumb.opposition(),
                thumb.knuckle(),
                thumb.end(),
                thumb.plane(),
                wristFlexion,
                wristDeviation);
  }

  /** Reads what {@link #text()} writes. */
  static HandAngles parse(String text) {
    String[] parts = text.substring(PREFIX.length()).strip().split("\\s+");
    if (parts.length != 6) {
      throw new IllegalArgumentException(
          "(%s) must have six groups: four fingers, the thumb, the wrist".formatted(text));
    }
    List<FingerAngles> fingers = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      int[] joints = degrees(parts[i], 4);
      fingers.add(new FingerAngles(joints[0], joints[1], joints[2], joints[3]));
    }
    int[] thumb = degrees(parts[4], 5);
    int[] wrist = degrees(parts[5], 2);
    return new HandAngles(
        fingers,
        new ThumbAngles(thumb[0], thumb[1], thumb[2], thumb[3], thumb[4]),
        wrist[0],
        wrist[1]);
  }

  private static int[] degrees(String group, int count) {
    String[] texts = group.split(",", -1);
    if (texts.length != count) {
      throw new IllegalArgumentException(
          "(%s) must be %d whole numbers joined by commas".formatted(group, count));
    }
    int[] degrees = new int[count];
    for (int i = 0; i < count; i++) {
      try {
        degrees[i] = Integer.parseInt(texts[i]);
      } catch (NumberFormatException e) {
        throw new IllegalArgumentException("(%s) must be a whole number".formatted(texts[i]), e);
      }
    }
    return degrees;
  }
}
