package org.nimblet.server.session;

/** When pain was told of. */
public enum PainMoment {
  DURING,
  AFTER
}
