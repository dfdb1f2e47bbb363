package org.nimblet.server.calendar;

/** What events of a title are to a client's hands. */
enum TitleMeaning {
  ACTIVITY,
  /** The activity before an audience. */
  STAGE,
  BUSY,
  NOTHING;

  boolean isActivity() {
    return this == ACTIVITY || this == STAGE;
  }
}
