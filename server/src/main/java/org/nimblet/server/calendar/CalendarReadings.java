package org.nimblet.server.calendar;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.nimblet.server.calendar.CalendarForms.CalendarForm;
import org.nimblet.server.calendar.CalendarForms.TitleChoice;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.springframework.stereotype.Component;

/** Fetches calendars and reads them, with what was chosen for their titles. */
@Component
class CalendarReadings {

  /** So far ahead a calendar is read, as far as a block without an end repeats. */
  static final int WEEKS_AHEAD = 26;

  private final CalendarSources sources;
  private final CalendarChoices choices;
  private final CalendarFetcher fetcher;
  private final ReadingDesk desk;
  private final Clock clock;

  CalendarReadings(
      CalendarSources sources,
      CalendarChoices choices,
      CalendarFetcher fetcher,
      ReadingDesk desk,
      Clock clock) {
    this.sources = sources;
    this.choices = choices;
    this.fetcher = fetcher;
    this.desk = desk;
    this.clock = clock;
  }

  /**
   * What the calendar holds that a form brings or points at; no connection waits meanwhile.
   *
   * @throws InvalidFieldException if there is none, or it cannot be fetched or read
   */
  CalendarReader.Content content(ClientFile client, CalendarForm form) {
    LocalDate today = today(client);
    try {
      String text = text(form);
      return desk.read(
          () -> CalendarReader.read(text, client.zone(), today, today.plusWeeks(WEEKS_AHEAD)));
    } catch (UnreadableCalendarException e) {
      throw new InvalidFieldException(field(form), e.getMessage());
    }
  }

  private String text(CalendarForm form) {
    if (hasAddress(form)) {
      return fetcher.fetch(form.address());
    }
    if (form.text() == null || form.text().isBlank()) {
      throw new InvalidFieldException("text", "Choose a calendar file or give an address.");
    }
    return form.text();
  }

  private static boolean hasAddress(CalendarForm form) {
    return form.address() != null && !form.address().isBlank();
  }

  private static String field(CalendarForm form) {
    return hasAddress(form) ? "address" : "text";
  }

  /**
   * A calendar as a client's, with what was chosen for its titles.
   *
   * @param guess whether what is not chosen for is guessed by its title
   */
  CalendarReading read(
      ClientFile client, CalendarForm form, CalendarReader.Content content, boolean guess) {
    String name =
        Optional.of(form.name().strip())
            .filter(given -> !given.isEmpty())
            .or(content::name)
            .orElse("Calendar");
    Optional<CalendarSource> source = sources.findByClientIdAndName(client.id(), name);
    Map<String, TitleChoice> chosen = chosenFor(client, source.orElse(null));
    if (form.choices() != null) {
      form.choices().forEach(choice -> chosen.put(choice.title(), checked(client, choice)));
    } else if (guess) {
      content.events().forEach(event -> guess(client, event, chosen));
    }
    return new CalendarReading(name, source, content, chosen);
  }

  LocalDate today(ClientFile client) {
    return LocalDate.ofInstant(clock.instant(), client.zone());
  }

  /** What was chosen for this calendar; for titles it does not know, what was for another. */
  Map<String, TitleChoice> chosenFor(ClientFile client, CalendarSource source) {
    Map<String, TitleChoice> chosen = new LinkedHashMap<>();
    List<CalendarChoice> rows = choices.findByClientIdOrderByTitle(client.id());
    for (CalendarChoice row : rows) {
      boolean own = source != null && row.sourceId.equals(source.id);
      if (own) {
        chosen.put(row.title, choice(row));
      } else if (!row.title.equals(CalendarReading.ALL_OTHERS)) {
        chosen.putIfAbsent(row.title, choice(row));
      }
    }
    return chosen;
  }

  private static TitleChoice choice(CalendarChoice row) {
    return new TitleChoice(row.title, row.meaning, row.activityId);
  }

  private static TitleChoice checked(ClientFile client, TitleChoice choice) {
    if (choice.meaning() == null || !choice.meaning().isActivity()) {
      return new TitleChoice(choice.title(), choice.meaning(), null);
    }
    if (choice.activityId() == null || client.activity(choice.activityId()).isEmpty()) {
      throw new InvalidFieldException(
          "choices", "Choose one of the client's activities for “%s”.".formatted(choice.title()));
    }
    return choice;
  }

  /** A title in which an activity is named is likely to be it. */
  private static void guess(
      ClientFile client, CalendarEvent event, Map<String, TitleChoice> chosen) {
    if (chosen.containsKey(event.title())
        || chosen.containsKey(CalendarReading.ALL_OTHERS)
        || event.allDay()) {
      return;
    }
    String title = event.title().toLowerCase(Locale.ROOT);
    client.activities().stream()
        .filter(activity -> title.contains(activity.title().toLowerCase(Locale.ROOT)))
        .findFirst()
        .ifPresent(
            activity ->
                chosen.put(
                    event.title(),
                    new TitleChoice(event.title(), TitleMeaning.ACTIVITY, activity.id())));
  }
}
