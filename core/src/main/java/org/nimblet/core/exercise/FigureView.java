package org.nimblet.core.exercise;

/** From where a figure is seen. */
public enum FigureView {
  PALM,
  BACK,
  /** From the thumb, palm down. */
  SIDE,
  /** From the thumb, palm up. */
  SIDE_PALM_UP,
  THREE_QUARTER,
  LIFT,
  PAIR,
  /** The body from the front. */
  BODY,
  /** The body in profile, looking to the right. */
  BODY_SIDE,
  /** The body between front and profile. */
  BODY_THREE_QUARTER,
  /** The body from behind, a little from the side. */
  BODY_BEHIND
}
