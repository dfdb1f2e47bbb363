package org.nimblet.server.calendar;

import jakarta.validation.Valid;
import java.util.UUID;
import org.nimblet.server.calendar.CalendarForms.CalendarForm;
import org.nimblet.server.calendar.CalendarForms.CalendarPreview;
import org.nimblet.server.calendar.CalendarForms.CalendarTaken;
import org.nimblet.server.calendar.CalendarForms.CalendarView;
import org.nimblet.server.calendar.CalendarForms.CalendarsView;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
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

  private final ClientFiles clients;
  private final CalendarService calendars;

  CalendarController(ClientFiles clients, CalendarService calendars) {
    this.clients = clients;
    this.calendars = calendars;
  }

  /** The calendars a client has, and how large a file may be. */
  @GetMapping
  CalendarsView all(@PathVariable UUID clientId) {
    return new CalendarsView(
        calendars.all(clients.require(clientId)), CalendarReader.LARGEST_BYTES);
  }

  /** What would be new, changed and gone; nothing is stored. */
  @PostMapping("/preview")
  CalendarPreview previewCalendar(
      @PathVariable UUID clientId, @Valid @RequestBody CalendarForm form) {
    return calendars.preview(clients.require(clientId), form);
  }

  /** Brings a calendar in, whole or not at all. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  CalendarTaken take(@PathVariable UUID clientId, @Valid @RequestBody CalendarForm form) {
    return calendars.take(clients.require(clientId), form);
  }

  /** Reads a calendar again from its address. */
  @PostMapping("/{calendarId}/reading")
  CalendarView readAgain(@PathVariable UUID clientId, @PathVariable UUID calendarId) {
    ClientFile client = clients.require(clientId);
    return calendars.poll(client, calendars.require(client, calendarId));
  }

  /** Forgets a calendar with what it brought in from today on. */
  @DeleteMapping("/{calendarId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable UUID clientId, @PathVariable UUID calendarId) {
    calendars.forget(clients.require(clientId), calendarId);
  }
}
