package org.nimblet.server.session;

/** When pain was told of. */
public enum PainMoment {
  DURING,
  AFTER,
  /** Told apart from a session: when taken in, or when the coach asked. */
  TOLD
}
