package org.nimblet.server.calendar;

import java.util.List;
import java.util.UUID;
import org.nimblet.server.calendar.CalendarForms.CalendarForm;
import org.nimblet.server.calendar.CalendarForms.CalendarPreview;
import org.nimblet.server.calendar.CalendarForms.CalendarTaken;
import org.nimblet.server.calendar.CalendarForms.CalendarView;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.springframework.stereotype.Service;

/**
 * Brings calendars in: fetched and read first, then kept, so that no connection waits for others.
 */
@Service
class CalendarService {

  private final CalendarReadings readings;
  private final CalendarBook book;

  CalendarService(CalendarReadings readings, CalendarBook book) {
    this.readings = readings;
    this.book = book;
  }

  /** What would become of a calendar. */
  CalendarPreview preview(ClientFile client, CalendarForm form) {
    return book.preview(client, form, readings.content(client, form));
  }

  /** Brings a calendar in, whole or not at all. */
  CalendarTaken take(ClientFile client, CalendarForm form) {
    return book.take(client, form, readings.content(client, form));
  }

  /**
   * Reads a calendar again from its address; a failure is kept with it and changes nothing else.
   */
  CalendarView poll(ClientFile client, CalendarSource source) {
    CalendarForm form = new CalendarForm(source.name, null, source.address, null);
    try {
      return take(client, form).calendar();
    } catch (InvalidFieldException e) {
      return book.failed(client, source, e.getMessage());
    }
  }

  /** The calendars of a client. */
  List<CalendarView> all(ClientFile client) {
    return book.all(client);
  }

  /** A calendar of a client. */
  CalendarSource require(ClientFile client, UUID sourceId) {
    return book.require(client, sourceId);
  }

  /** Forgets a calendar; what it brought in from today on goes with it. */
  void forget(ClientFile client, UUID sourceId) {
    book.forget(client, sourceId);
  }
}
