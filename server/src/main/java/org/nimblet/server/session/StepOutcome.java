package org.nimblet.server.session;

/** What became of a step. */
public enum StepOutcome {
  DONE,
  SKIPPED,
  HURT
}
