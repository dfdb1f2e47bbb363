package org.nimblet.server.health;

/** What sort of thing is to be minded. */
public enum MindedKind {
  /** A known condition. */
  CONDITION,
  /** A region, a direction of movement or an exercise that is left out. */
  KEEP_OUT,
  /** An exercise that a clinician allows in spite of a sign or a condition. */
  ALLOW,
  /** As far as a joint goes; nobody is pushed past it. */
  JOINT_LIMIT
}
