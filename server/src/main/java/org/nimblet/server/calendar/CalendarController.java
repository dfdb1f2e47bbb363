package org.nimblet.server.calendar;

import jakarta.validation.Valid;
import java.util.UUID;
import org.nimblet.server.calendar.CalendarForms.CalendarForm;
import org.nimblet.server.calendar.CalendarForms.CalendarPreview;
import org.nimblet.server.calendar.CalendarForms.CalendarTaken;
import org.nimblet.server.calendar.CalendarForms.CalendarView;
import org.nimblet.server.calendar.CalendarForms.CalendarsView;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.Preview;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Calendars that are brought in. */
@RestController
@RequestMapping("/api/clients/{clientId}/calendars")
class CalendarController {

  private final CalendarService calendars;

  CalendarController(CalendarService calendars) {
    this.calendars = calendars;
  }

  /** The calendars a client has, and how large a file may be. */
  @GetMapping
  CalendarsView all(@PathVariable("clientId") ClientFile client) {
    return new CalendarsView(calendars.all(client), CalendarReader.LARGEST_BYTES);
  }

  /** What would be new, changed and gone; nothing is stored. */
  @PostMapping("/preview")
  Preview<CalendarPreview> previewCalendar(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody CalendarForm form) {
    return Preview.of(calendars.preview(client, form));
  }

  /** Brings a calendar in, whole or not at all. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  CalendarTaken take(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody CalendarForm form) {
    return calendars.take(client, form);
  }

  /** Reads a calendar again from its address. */
  @PostMapping("/{calendarId}/reading")
  CalendarView readAgain(
      @PathVariable("clientId") ClientFile client, @PathVariable UUID calendarId) {
    return calendars.poll(client, calendars.require(client, calendarId));
  }

  /** Forgets a calendar with what it brought in from today on. */
  @DeleteMapping("/{calendarId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable("clientId") ClientFile client, @PathVariable UUID calendarId) {
    calendars.forget(client, calendarId);
  }
}
