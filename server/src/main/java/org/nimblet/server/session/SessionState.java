package org.nimblet.server.session;

/** How a session ended. */
public enum SessionState {
  DONE,
  LEFT,
  STOPPED
}
