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
  BODY
}
