package org.nimblet.server.session;

/** In what a result is counted. */
public enum ResultUnit {
  /** How far, in millimetres. */
  MILLIMETRES,
  /** How wide, in semitones of the instrument. */
  SEMITONES,
  /** Which fret was reached. */
  FRET
}
