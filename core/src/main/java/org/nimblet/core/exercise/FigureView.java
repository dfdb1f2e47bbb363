package org.nimblet.core.exercise;

/** From where a figure is seen. */
public enum FigureView {
  PALM,
  BACK,
  SIDE,
  THREE_QUARTER,
  LIFT,
  PAIR,
  BODY
}
