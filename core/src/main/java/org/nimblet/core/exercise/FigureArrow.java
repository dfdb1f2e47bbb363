package org.nimblet.core.exercise;

/** The arrow that a figure carries, if any. */
public enum FigureArrow {
  NONE,
  /** The other hand draws the fingers toward the end pose. */
  PULL,
  /** The other hand draws the part by its root: the back of the hand, the ball of the thumb. */
  PULL_AT_ROOT,
  /** Both sides press together. */
  PRESS,
  /** The part goes from the first pose to the last and back. */
  MOVE,
  /** The part goes round. */
  CIRCLE,
  /** The other hand goes along the forearm toward the fingertips. */
  ALONG_TO_HAND,
  /** The other hand goes along the forearm toward the elbow. */
  ALONG_TO_ELBOW
}
