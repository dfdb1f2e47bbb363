package org.nimblet.core.exercise;

/** What the drawn hand holds or lies on. */
public enum FigureProp {
  NONE,
  /** A ball in the palm. */
  BALL,
  /** A weight in the grip. */
  WEIGHT,
  /** A pencil, bow or other stick. */
  STICK,
  /** A band pulled from the grip downward. */
  BAND,
  /** The surface of a table or of keys under the fingertips. */
  TABLE
}
