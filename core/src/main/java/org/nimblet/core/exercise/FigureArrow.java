package org.nimblet.core.exercise;

/** The arrow that a figure carries, if any. */
public enum FigureArrow {
  NONE,
  /** The other hand draws the fingers toward the end pose. */
  PULL,
  /** Both sides press together. */
  PRESS,
  /** The part goes from the first pose to the last and back. */
  MOVE,
  /** The part goes round. */
  CIRCLE
}
