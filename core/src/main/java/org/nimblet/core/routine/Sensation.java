package org.nimblet.core.routine;

/** What something feels like. */
public enum Sensation {
  PULL,
  BURN,
  ACHE,
  SHARP,
  TINGLE,
  CLICK
}
