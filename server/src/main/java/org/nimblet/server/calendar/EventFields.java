package org.nimblet.server.calendar;

import java.time.temporal.Temporal;
import java.time.temporal.TemporalAmount;
import java.util.Optional;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DateProperty;

/** What an event of an iCalendar text says of itself. */
final class EventFields {

  private static final int TITLE_LETTERS = 40;

  private EventFields() {}

  static Optional<Temporal> start(VEvent event) {
    return date(event, Property.DTSTART).map(DateProperty::getDate);
  }

  @SuppressWarnings("unchecked")
  static Optional<DateProperty<Temporal>> date(VEvent event, String name) {
    return event.getProperty(name).map(property -> (DateProperty<Temporal>) property);
  }

  static Optional<String> value(VEvent event, String name) {
    return event.getProperty(name).map(Property::getValue);
  }

  static int sequence(VEvent event) {
    return value(event, Property.SEQUENCE)
        .filter(text -> text.matches("\\d{1,9}"))
        .map(Integer::valueOf)
        .orElse(0);
  }

  static String summary(VEvent event) {
    return value(event, Property.SUMMARY)
        .map(String::strip)
        .filter(title -> !title.isEmpty())
        .orElse("Without a title");
  }

  static String title(VEvent event) {
    String title = summary(event);
    return title.length() <= TITLE_LETTERS ? title : title.substring(0, TITLE_LETTERS);
  }

  static Optional<TemporalAmount> duration(VEvent event) {
    return event
        .getProperty(Property.DURATION)
        .map(p -> ((net.fortuna.ical4j.model.property.Duration) p).getDuration());
  }
}
