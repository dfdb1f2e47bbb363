package org.nimblet.server.client;

/** What loads the hands. */
public enum ActivityKind {
  PRACTICE,
  REHEARSAL,
  PERFORMANCE,
  GAMING,
  DESK_WORK,
  HANDWRITING,
  PHONE,
  TRAINING
}
