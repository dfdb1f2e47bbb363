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
  TABLE,
  /** The edge of a table under the fingers, beside which the hand sinks. */
  EDGE,
  /** A ring round the fingers. */
  RING,
  /** A pen between thumb, index and middle finger. */
  PEN,
  /** A stick woven over and under the fingers. */
  WOVEN_STICK,
  /** A coin on the back of a finger. */
  COIN
}
