package org.nimblet.core.exercise;

import static org.nimblet.core.exercise.Keyframe.Stage.BODY;
import static org.nimblet.core.exercise.Keyframe.Stage.HAND;
import static org.nimblet.core.exercise.Keyframe.Stage.PAIR;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Digit;

/**
 * A named pose of the drawn figure. The joint angles belong to the drawing, not to the practice.
 *
 * <p>A name that ends with digits (LIFT_INDEX, GAP_THUMB_RING) has twins for other digits.
 */
public enum Pose implements Keyframe {
  FLAT(HAND),
  CLOSED(HAND),
  SPREAD(HAND),
  RELAXED(HAND),
  FIST(HAND),
  STRAIGHT_FIST(HAND),
  HOOK(HAND),
  TABLETOP(HAND),
  CLAW(HAND),
  END_JOINTS_BENT(HAND),
  ROUND(HAND),
  THUMB_TO_INDEX(HAND),
  THUMB_TO_MIDDLE(HAND),
  THUMB_TO_RING(HAND),
  THUMB_TO_LITTLE(HAND),
  CURL_INDEX(HAND),
  CURL_MIDDLE(HAND),
  CURL_RING(HAND),
  CURL_LITTLE(HAND),
  CURL_INDEX_MIDDLE(HAND),
  CURL_INDEX_RING(HAND),
  CURL_INDEX_LITTLE(HAND),
  CURL_MIDDLE_RING(HAND),
  CURL_MIDDLE_LITTLE(HAND),
  CURL_RING_LITTLE(HAND),
  CURL_INDEX_MIDDLE_RING(HAND),
  CURL_INDEX_MIDDLE_LITTLE(HAND),
  CURL_INDEX_RING_LITTLE(HAND),
  CURL_MIDDLE_RING_LITTLE(HAND),
  LIFT_INDEX(HAND),
  LIFT_MIDDLE(HAND),
  LIFT_RING(HAND),
  LIFT_LITTLE(HAND),
  BACK_INDEX(HAND),
  BACK_MIDDLE(HAND),
  BACK_RING(HAND),
  BACK_LITTLE(HAND),
  BACK_INDEX_MIDDLE(HAND),
  BACK_INDEX_MIDDLE_RING(HAND),
  BACK_INDEX_MIDDLE_RING_LITTLE(HAND),
  OUT_INDEX(HAND),
  OUT_LITTLE(HAND),
  OUT_INDEX_MIDDLE(HAND),
  OUT_RING_LITTLE(HAND),
  OUT_INDEX_MIDDLE_RING(HAND),
  OUT_MIDDLE_RING_LITTLE(HAND),
  GAP_THUMB_INDEX(HAND),
  GAP_THUMB_MIDDLE(HAND),
  GAP_THUMB_RING(HAND),
  GAP_THUMB_LITTLE(HAND),
  GAP_INDEX_MIDDLE(HAND),
  GAP_INDEX_RING(HAND),
  GAP_INDEX_LITTLE(HAND),
  GAP_MIDDLE_RING(HAND),
  GAP_MIDDLE_LITTLE(HAND),
  GAP_RING_LITTLE(HAND),
  CROSSED_OUTWARD(HAND),
  CROSSED_MIDDLE_OVER_RING(HAND),
  WRIST_EXTENDED(HAND),
  WRIST_EXTENDED_SPREAD(HAND),
  WRIST_FLEXED(HAND),
  WRIST_RADIAL(HAND),
  WRIST_ULNAR(HAND),
  LOOSE_FIST(HAND),
  LOOSE_FIST_EXTENDED(HAND),
  LOOSE_FIST_FLEXED(HAND),
  THUMB_IN_FIST(HAND),
  THUMB_IN_FIST_EXTENDED(HAND),
  THUMB_IN_FIST_FLEXED(HAND),
  THUMB_IN_FIST_RADIAL(HAND),
  THUMB_IN_FIST_ULNAR(HAND),
  POINTING(HAND),
  POINTING_EXTENDED(HAND),
  POINTING_FLEXED(HAND),
  GRIP(HAND),
  GRIP_EXTENDED(HAND),
  GRIP_FLEXED(HAND),
  GRIP_ROLLED_IN(HAND),
  GRIP_ROLLED_OUT(HAND),
  TURNED_IN(HAND),
  TURNED_OUT(HAND),
  STICK_BENT(HAND),
  STICK_STRAIGHT(HAND),
  THUMB_BACK(HAND),
  THUMB_OUT(HAND),
  KEYS_CURVED(HAND),
  KEYS_CURVED_WIDE(HAND),
  PALMS_TOGETHER(PAIR),
  PALMS_LOWERED(PAIR),
  PALMS_PUSHED_LEFT(PAIR),
  PALMS_PUSHED_RIGHT(PAIR),
  FINGERTIPS_TOGETHER(PAIR),
  FINGERTIPS_SPREAD(PAIR),
  FINGERS_PARTED(PAIR),
  INTERLACED(PAIR),
  INTERLACED_RAISED(PAIR),
  INTERLACED_TURNED_LEFT(PAIR),
  INTERLACED_TURNED_RIGHT(PAIR),
  BODY_UPRIGHT(BODY),
  BODY_HIPS_LEFT(BODY),
  BODY_HIPS_RIGHT(BODY),
  BODY_ARMS_UP(BODY),
  BODY_LEAN_LEFT(BODY),
  BODY_LEAN_RIGHT(BODY),
  BODY_TURN_LEFT(BODY),
  BODY_TURN_RIGHT(BODY),
  BODY_SHOULDERS_UP(BODY),
  BODY_SHOULDERS_BACK(BODY),
  BODY_SHOULDERS_FORWARD(BODY),
  BODY_HEAD_LEFT(BODY),
  BODY_HEAD_RIGHT(BODY),
  BODY_HEAD_TILT_LEFT(BODY),
  BODY_HEAD_TILT_RIGHT(BODY),
  BODY_ARMS_WIDE(BODY),
  BODY_ELBOWS_BENT(BODY),
  BODY_ARMS_FORWARD(BODY),
  BODY_ELBOWS_IN(BODY),
  BODY_ELBOWS_SWEPT(BODY),
  BODY_WALL_ANGEL_LOW(BODY),
  BODY_WALL_ANGEL_HIGH(BODY),
  BODY_SEATED(BODY),
  BODY_SEATED_ROUND(BODY),
  BODY_SEATED_ARCHED(BODY),
  BODY_SEATED_HEAD_DOWN(BODY),
  BODY_SEATED_CHIN_BACK(BODY),
  BODY_SEATED_REACH(BODY),
  BODY_SEATED_ELBOW_BENT(BODY),
  BODY_SEATED_ELBOW_STRAIGHT(BODY),
  BODY_SEATED_TOWEL(BODY),
  BODY_SEATED_TOWEL_CURLED(BODY),
  BODY_SEATED_KEYS(BODY),
  BODY_STANDING(BODY),
  BODY_STANDING_HANGING(BODY),
  BODY_STANDING_CLASPED_BEHIND(BODY),
  BODY_STANDING_PALMS_BEHIND(BODY),
  BODY_STANDING_DOORWAY(BODY),
  BODY_STANDING_WALL_BACK(BODY),
  BODY_WALL_UPRIGHT(BODY),
  BODY_WALL_LOWERED(BODY),
  BODY_ALL_FOURS(BODY),
  BODY_ALL_FOURS_ROUND(BODY),
  BODY_ALL_FOURS_ARCHED(BODY),
  BODY_ALL_FOURS_BACK(BODY),
  BODY_ALL_FOURS_FORWARD(BODY),
  BODY_ALL_FOURS_TIPS(BODY),
  BODY_ALL_FOURS_PALMS_LIFTED(BODY),
  BODY_ALL_FOURS_KNUCKLES(BODY),
  BODY_ALL_FOURS_BACKS_DOWN(BODY);

  private final Stage stage;

  Pose(Stage stage) {
    this.stage = stage;
  }

  @Override
  public Stage stage() {
    return stage;
  }

  @Override
  public String text() {
    return name();
  }

  private final String stem = stemOf(name());

  @Override
  public Keyframe forDigits(List<Digit> digits) {
    if (digits.isEmpty() || stem.equals(name())) {
      return this;
    }
    String twin =
        stem + digits.stream().sorted().map(Digit::name).collect(Collectors.joining("_", "_", ""));
    return ByName.POSES.getOrDefault(twin, this);
  }

  /** Made at the first search, when all poses are there. */
  private static final class ByName {
    private static final Map<String, Pose> POSES =
        Arrays.stream(values()).collect(Collectors.toUnmodifiableMap(Pose::name, pose -> pose));
  }

  /** A name without the digits it ends with. */
  private static String stemOf(String name) {
    String stem = name;
    boolean shorter = true;
    while (shorter) {
      shorter = false;
      for (Digit digit : Digit.values()) {
        if (stem.endsWith("_" + digit.name())) {
          stem = stem.substring(0, stem.length() - digit.name().length() - 1);
          shorter = true;
        }
      }
    }
    return stem;
  }
}
