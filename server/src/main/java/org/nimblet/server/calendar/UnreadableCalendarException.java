package org.nimblet.server.calendar;

/** A calendar of which nothing can be taken; the message says why, for people. */
class UnreadableCalendarException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  UnreadableCalendarException(String message) {
    super(message);
  }
}
