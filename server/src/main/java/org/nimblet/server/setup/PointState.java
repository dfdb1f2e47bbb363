package org.nimblet.server.setup;

/** How a point was when it was last looked at. */
public enum PointState {
  FINE,
  NOT_YET,
  NOT_LOOKED_AT
}
