package org.nimblet.server.session;

/** Which side felt tighter. */
public enum TighterSide {
  LEFT,
  SAME,
  RIGHT
}
