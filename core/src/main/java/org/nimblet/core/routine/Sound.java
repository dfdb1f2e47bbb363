package org.nimblet.core.routine;

/** The sound at the start of a cue. */
public enum Sound {
  NONE,
  START,
  BEAT,
  SWITCH,
  REST,
  DONE
}
