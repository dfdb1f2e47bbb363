package org.nimblet.core.routine;

import org.nimblet.core.anatomy.Side;

/** The side or sides at work during a cue. */
public enum Sides {
  LEFT,
  RIGHT,
  BOTH,
  ALTERNATING;

  static Sides of(Side side) {
    return side == Side.LEFT ? LEFT : RIGHT;
  }
}
