package org.nimblet.core.exercise;

import static org.nimblet.core.exercise.Pose.Stage.BODY;
import static org.nimblet.core.exercise.Pose.Stage.HAND;
import static org.nimblet.core.exercise.Pose.Stage.PAIR;

/**
 * A named pose of the drawn figure. The joint angles belong to the drawing, not to the practice.
 */
public enum Pose {
  FLAT(HAND),
  CLOSED(HAND),
  SPREAD(HAND),
  RELAXED(HAND),
  FIST(HAND),
  STRAIGHT_FIST(HAND),
  HOOK(HAND),
  TABLETOP(HAND),
  CLAW(HAND),
  THUMB_TO_INDEX(HAND),
  THUMB_TO_MIDDLE(HAND),
  THUMB_TO_RING(HAND),
  THUMB_TO_LITTLE(HAND),
  CURL_INDEX(HAND),
  CURL_MIDDLE(HAND),
  CURL_RING(HAND),
  CURL_LITTLE(HAND),
  CURL_INDEX_AND_MIDDLE(HAND),
  LIFT_INDEX(HAND),
  LIFT_MIDDLE(HAND),
  LIFT_RING(HAND),
  LIFT_LITTLE(HAND),
  GAP_THUMB_INDEX(HAND),
  GAP_INDEX_MIDDLE(HAND),
  GAP_MIDDLE_RING(HAND),
  GAP_RING_LITTLE(HAND),
  WRIST_EXTENDED(HAND),
  WRIST_FLEXED(HAND),
  WRIST_RADIAL(HAND),
  WRIST_ULNAR(HAND),
  LOOSE_FIST(HAND),
  LOOSE_FIST_EXTENDED(HAND),
  LOOSE_FIST_FLEXED(HAND),
  PALMS_TOGETHER(PAIR),
  PALMS_LOWERED(PAIR),
  FINGERTIPS_TOGETHER(PAIR),
  INTERLACED(PAIR),
  BODY_UPRIGHT(BODY),
  BODY_HIPS_LEFT(BODY),
  BODY_HIPS_RIGHT(BODY),
  BODY_ARMS_UP(BODY),
  BODY_LEAN_LEFT(BODY),
  BODY_LEAN_RIGHT(BODY),
  BODY_SHOULDERS_UP(BODY),
  BODY_SHOULDERS_BACK(BODY),
  BODY_HEAD_LEFT(BODY),
  BODY_HEAD_RIGHT(BODY),
  BODY_ARMS_WIDE(BODY),
  BODY_ELBOWS_BENT(BODY),
  BODY_ARMS_FORWARD(BODY);

  private final Stage stage;

  Pose(Stage stage) {
    this.stage = stage;
  }

  /** Which figure strikes this pose. */
  public Stage stage() {
    return stage;
  }

  /** The figures there are. */
  public enum Stage {
    /** One hand with its forearm. */
    HAND,
    /** Both hands in contact. */
    PAIR,
    /** The whole body as a line figure. */
    BODY
  }
}
