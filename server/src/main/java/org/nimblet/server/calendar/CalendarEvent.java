package org.nimblet.server.calendar;

import java.time.LocalDate;
import java.time.LocalTime;

/**
 * One time at which something of a calendar happens, where the client is.
 *
 * @param key which event and which of its repetitions; the same whenever the calendar is read
 * @param title what it is called
 * @param date the date on which it begins
 * @param startsAt when it begins; midnight if it lasts all day
 * @param endsAt when it ends, on the next date if not after the start; midnight if it lasts all day
 * @param allDay whether it has a date only
 */
record CalendarEvent(
    String key,
    String title,
    LocalDate date,
    LocalTime startsAt,
    LocalTime endsAt,
    boolean allDay) {}
