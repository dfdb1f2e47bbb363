package org.nimblet.server.session;

/** How a step was changed while it went on. */
public enum StepShift {
  EASIER,
  HARDER
}
