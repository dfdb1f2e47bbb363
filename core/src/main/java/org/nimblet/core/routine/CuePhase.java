package org.nimblet.core.routine;

/** What happens during a cue. */
public enum CuePhase {
  SET_UP,
  MOVE,
  HOLD,
  RETURN,
  REST,
  SWITCH,
  RELEASE,
  PLAY
}
