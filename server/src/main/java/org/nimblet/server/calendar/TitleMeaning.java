package org.nimblet.server.calendar;

/** What events of a title are to a client's hands. */
enum TitleMeaning {
  ACTIVITY,
  BUSY,
  NOTHING
}
