package org.nimblet.server.client;

/** What is asked when a client is taken in; each can be left and taken up later. */
public enum IntakeQuestion {
  NAME,
  DOMINANT_HAND,
  AGE,
  CLASP,
  ACTIVITIES,
  WEIGHTS,
  PAIN,
  SIGNS,
  CONDITIONS,
  POSITIONS,
  THINGS,
  OWN_WEIGHTS,
  METHOD,
  BREATH,
  NOTATION,
  MINUTES
}
