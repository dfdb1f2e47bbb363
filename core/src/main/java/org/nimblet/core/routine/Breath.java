package org.nimblet.core.routine;

/** Which half of a breath a cue is. */
public enum Breath {
  FREE,
  IN,
  OUT
}
