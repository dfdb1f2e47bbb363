package org.nimblet.server.calendar;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Writes sessions as iCalendar (RFC 5545); times are in UTC, so that no zone has to be defined. */
final class CalendarWriter {

  private static final String PRODUCT = "-//Nimblet//Nimblet//EN";

  private CalendarWriter() {}

  /**
   * A session.
   *
   * @param uid the same whenever it is written
   * @param description its steps as text
   */
  record Entry(String uid, String title, String description, Instant start, Instant end) {}

  /**
   * A whole calendar.
   *
   * @param name what it is called
   * @param alarmMinutes how long before a session to ring; 0 for not at all
   * @param now when it was written
   */
  static String write(String name, List<Entry> entries, int alarmMinutes, Instant now) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId(PRODUCT));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    calendar.add(ImmutableMethod.PUBLISH);
    calendar.add(new XProperty("X-WR-CALNAME", name));
    entries.forEach(entry -> calendar.add(event(entry, alarmMinutes, now)));
    StringWriter text = new StringWriter();
    try {
      // A calendar without events breaks the letter of the standard, and every program reads it.
      new CalendarOutputter(false).output(calendar, text);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  private static VEvent event(Entry entry, int alarmMinutes, Instant now) {
    VEvent event = new VEvent(false);
    event.add(new Uid(entry.uid() + "@nimblet"));
    event.add(new DtStamp(now));
    event.add(new DtStart<>(entry.start()));
    event.add(new DtEnd<>(entry.end()));
    event.add(new Summary(entry.title()));
    event.add(ImmutableTransp.OPAQUE);
    if (!entry.description().isEmpty()) {
      event.add(new net.fortuna.ical4j.model.property.Description(entry.description()));
    }
    if (alarmMinutes > 0) {
      VAlarm alarm = new VAlarm(Duration.ofMinutes(-alarmMinutes));
      alarm.add(ImmutableAction.DISPLAY);
      alarm.add(new net.fortuna.ical4j.model.property.Description(entry.title()));
      event.add(alarm);
    }
    return event;
  }
}
