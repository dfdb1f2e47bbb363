package org.nimblet.server.calendar;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.ActivityKind;
import org.nimblet.server.calendar.CalendarForms.CalendarForm;
import org.nimblet.server.calendar.CalendarForms.CalendarPreview;
import org.nimblet.server.calendar.CalendarForms.CalendarTaken;
import org.nimblet.server.calendar.CalendarForms.CalendarView;
import org.nimblet.server.calendar.CalendarForms.ChangeKind;
import org.nimblet.server.calendar.CalendarForms.ChangeView;
import org.nimblet.server.calendar.CalendarForms.EventTime;
import org.nimblet.server.calendar.CalendarForms.TitleChoice;
import org.nimblet.server.calendar.CalendarForms.TitleView;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.week.BlockBook;
import org.nimblet.server.week.BlockBook.BlockContent;
import org.nimblet.server.week.BlockBook.DayTime;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Brings calendars in: events become blocks and busy times as their titles are chosen for. What
 * somebody moved or took out by hand stays so until the calendar itself says something else.
 */
@Service
class CalendarService {

  /** So far ahead a calendar is read, as far as a block without an end repeats. */
  static final int WEEKS_AHEAD = 26;

  /** Every title that is not chosen for. */
  private static final String ALL_OTHERS = "";

  private static final int STAMP_FIELDS = 6;

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

  private final CalendarSources sources;
  private final CalendarChoices choices;
  private final CalendarMemories memories;
  private final CalendarFetcher fetcher;
  private final BlockBook book;
  private final Clock clock;

  CalendarService(
      CalendarSources sources,
      CalendarChoices choices,
      CalendarMemories memories,
      CalendarFetcher fetcher,
      BlockBook book,
      Clock clock) {
    this.sources = sources;
    this.choices = choices;
    this.memories = memories;
    this.fetcher = fetcher;
    this.book = book;
    this.clock = clock;
  }

  /** A calendar as it was read, with what is known of it. */
  private record Reading(
      String name,
      Optional<CalendarSource> source,
      CalendarReader.Content content,
      Map<String, TitleChoice> chosen) {

    Optional<TitleChoice> of(CalendarEvent event) {
      return Optional.ofNullable(chosen.get(event.title()))
          .or(() -> Optional.ofNullable(chosen.get(ALL_OTHERS)))
          .filter(choice -> choice.meaning() != null);
    }
  }

  /** What is to be done with one time; one of event and memory may be missing. */
  private record Difference(
      ChangeKind kind, CalendarEvent event, TitleChoice choice, CalendarMemory memory) {

    LocalDate date() {
      return event == null ? memory.date : event.date();
    }
  }

  /** What would become of a calendar. */
  @Transactional(readOnly = true)
  CalendarPreview preview(ClientFile client, CalendarForm form) {
    Reading reading = read(client, form, true);
    List<Difference> differences = differences(client, reading);
    long kept =
        reading.content().events().stream().filter(event -> isWanted(reading, event)).count();
    return new CalendarPreview(
        reading.name(),
        reading.source().isPresent(),
        titles(reading),
        differences.stream().map(CalendarService::view).toList(),
        (int) (kept - differences.stream().filter(d -> d.kind() != ChangeKind.GONE).count()),
        reading.content().notes());
  }

  /** Brings a calendar in, whole or not at all. */
  @Transactional
  CalendarTaken take(ClientFile client, CalendarForm form) {
    return take(client, form, read(client, form, false));
  }

  private CalendarTaken take(ClientFile client, CalendarForm form, Reading reading) {
    CalendarSource source =
        reading
            .source()
            .orElseGet(
                () -> {
                  CalendarSource made = new CalendarSource();
                  made.id = UUID.randomUUID();
                  made.coachId = client.coachId();
                  made.clientId = client.id();
                  made.name = reading.name();
                  return made;
                });
    source.address = blankToNull(form.address());
    source.readAt = clock.instant();
    source.failure = null;
    source.undecided =
        (int)
            reading.content().events().stream()
                .filter(event -> reading.of(event).isEmpty())
                .map(CalendarEvent::title)
                .distinct()
                .count();
    sources.saveAndFlush(source);
    remember(client, source, reading.chosen());
    Map<ChangeKind, Integer> counts = new HashMap<>();
    for (Difference difference : differences(client, reading)) {
      counts.merge(difference.kind(), 1, Integer::sum);
      apply(client, source, difference);
    }
    if (!counts.isEmpty()) {
      book.changed(client);
    }
    return new CalendarTaken(
        view(source, reading.chosen().values()),
        counts.getOrDefault(ChangeKind.NEW, 0),
        counts.getOrDefault(ChangeKind.CHANGED, 0),
        counts.getOrDefault(ChangeKind.GONE, 0));
  }

  /**
   * Reads a calendar again from its address; a failure is kept with it and changes nothing else.
   */
  @Transactional
  CalendarView poll(ClientFile client, CalendarSource source) {
    CalendarForm form = new CalendarForm(source.name, null, source.address, null);
    try {
      return take(client, form, read(client, form, false)).calendar();
    } catch (InvalidFieldException e) {
      source.readAt = clock.instant();
      source.failure = e.getMessage();
      sources.save(source);
      return view(source, chosenFor(client, source).values());
    }
  }

  /** The calendars of a client. */
  @Transactional(readOnly = true)
  List<CalendarView> all(ClientFile client) {
    return sources.findByClientIdOrderByName(client.id()).stream()
        .map(source -> view(source, chosenFor(client, source).values()))
        .toList();
  }

  /** A calendar of a client. */
  @Transactional(readOnly = true)
  CalendarSource require(ClientFile client, UUID sourceId) {
    return sources
        .findByIdAndClientId(sourceId, client.id())
        .orElseThrow(() -> new NotFoundException("calendar"));
  }

  /** Forgets a calendar; what it brought in from today on goes with it. */
  @Transactional
  void forget(ClientFile client, UUID sourceId) {
    CalendarSource source = require(client, sourceId);
    LocalDate today = today(client);
    memories.findBySourceId(source.id).stream()
        .filter(memory -> !memory.date.isBefore(today))
        .forEach(memory -> takeOut(client, memory));
    sources.delete(source);
    sources.flush();
    book.changed(client);
  }

  // ---- reading

  private Reading read(ClientFile client, CalendarForm form, boolean guess) {
    boolean fromAddress = blankToNull(form.address()) != null;
    String field = fromAddress ? "address" : "text";
    if (!fromAddress && blankToNull(form.text()) == null) {
      throw new InvalidFieldException("text", "Choose a calendar file or give an address.");
    }
    CalendarReader.Content content;
    try {
      LocalDate today = today(client);
      content =
          CalendarReader.read(
              fromAddress ? fetcher.fetch(form.address()) : form.text(),
              client.zone(),
              today,
              today.plusWeeks(WEEKS_AHEAD));
    } catch (UnreadableCalendarException e) {
      throw new InvalidFieldException(field, e.getMessage());
    }
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
    return new Reading(name, source, content, chosen);
  }

  private LocalDate today(ClientFile client) {
    return LocalDate.ofInstant(clock.instant(), client.zone());
  }

  /** What was chosen for this calendar; for titles it does not know, what was for another. */
  private Map<String, TitleChoice> chosenFor(ClientFile client, CalendarSource source) {
    Map<String, TitleChoice> chosen = new LinkedHashMap<>();
    List<CalendarChoice> rows = choices.findByClientIdOrderByTitle(client.id());
    for (CalendarChoice row : rows) {
      boolean own = source != null && row.sourceId.equals(source.id);
      if (own) {
        chosen.put(row.title, choice(row));
      } else if (!row.title.equals(ALL_OTHERS)) {
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
    if (chosen.containsKey(event.title()) || chosen.containsKey(ALL_OTHERS) || event.allDay()) {
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

  // ---- what differs

  private static boolean isWanted(Reading reading, CalendarEvent event) {
    return reading
        .of(event)
        .filter(
            choice ->
                choice.meaning() == TitleMeaning.BUSY
                    || (choice.meaning().isActivity() && !event.allDay()))
        .isPresent();
  }

  private List<Difference> differences(ClientFile client, Reading reading) {
    Map<String, CalendarMemory> known = new HashMap<>();
    reading
        .source()
        .ifPresent(
            source ->
                memories
                    .findBySourceId(source.id)
                    .forEach(memory -> known.put(memory.eventKey, memory)));
    List<Difference> differences = new ArrayList<>();
    for (CalendarEvent event : reading.content().events()) {
      if (!isWanted(reading, event)) {
        continue;
      }
      TitleChoice choice = reading.of(event).orElseThrow();
      CalendarMemory memory = known.remove(event.key());
      if (memory == null) {
        differences.add(new Difference(ChangeKind.NEW, event, choice, null));
      } else if (!memory.stamp.equals(stamp(event, choice))) {
        differences.add(new Difference(ChangeKind.CHANGED, event, choice, memory));
      }
    }
    LocalDate today = today(client);
    known.values().stream()
        .filter(memory -> !memory.date.isBefore(today))
        .forEach(memory -> differences.add(new Difference(ChangeKind.GONE, null, null, memory)));
    differences.sort(Comparator.comparing(Difference::date));
    return differences;
  }

  /** The stamp begins with the time and ends with the title, so that both can be told again. */
  private static String stamp(CalendarEvent event, TitleChoice choice) {
    return "%s|%s|%s|%s|%s|%s"
        .formatted(
            event.date(),
            event.startsAt(),
            event.endsAt(),
            choice.meaning(),
            choice.activityId(),
            event.title());
  }

  private static EventTime time(LocalDate date, LocalTime from, LocalTime to) {
    boolean allDay = from.equals(to);
    return new EventTime(
        date,
        from,
        to,
        allDay,
        allDay
            ? DAY.format(date) + ", all day"
            : "%s, %s–%s".formatted(DAY.format(date), from, to));
  }

  private static EventTime time(CalendarEvent event) {
    return time(event.date(), event.startsAt(), event.endsAt());
  }

  private static ChangeView view(Difference difference) {
    CalendarEvent event = difference.event();
    String title = event == null ? "" : event.title();
    EventTime before = null;
    if (difference.memory() != null) {
      String[] was = difference.memory().stamp.split("\\|", STAMP_FIELDS);
      before = time(LocalDate.parse(was[0]), LocalTime.parse(was[1]), LocalTime.parse(was[2]));
      title = event == null ? was[STAMP_FIELDS - 1] : title;
    }
    return new ChangeView(difference.kind(), title, before, event == null ? null : time(event));
  }

  private static List<TitleView> titles(Reading reading) {
    Map<String, List<CalendarEvent>> byTitle = new LinkedHashMap<>();
    for (CalendarEvent event : reading.content().events()) {
      byTitle.computeIfAbsent(event.title(), t -> new ArrayList<>()).add(event);
    }
    List<TitleView> titles = new ArrayList<>();
    byTitle.forEach(
        (title, events) -> {
          CalendarEvent next = events.get(0);
          titles.add(
              new TitleView(
                  Optional.ofNullable(reading.chosen().get(title))
                      .orElseGet(() -> new TitleChoice(title, null, null)),
                  events.size(),
                  time(next).words(),
                  events.stream().allMatch(CalendarEvent::allDay)));
        });
    titles.sort(Comparator.comparing(title -> -title.times()));
    if (!titles.isEmpty()) {
      titles.add(
          new TitleView(
              Optional.ofNullable(reading.chosen().get(ALL_OTHERS))
                  .orElseGet(() -> new TitleChoice(ALL_OTHERS, null, null)),
              0,
              "",
              false));
    }
    return titles;
  }

  // ---- what is done

  private void remember(ClientFile client, CalendarSource source, Map<String, TitleChoice> chosen) {
    choices.deleteBySourceId(source.id);
    choices.flush();
    chosen
        .values()
        .forEach(
            choice -> {
              if (choice.meaning() == null) {
                return;
              }
              CalendarChoice row = new CalendarChoice();
              row.id = UUID.randomUUID();
              row.coachId = client.coachId();
              row.clientId = client.id();
              row.sourceId = source.id;
              row.title = choice.title();
              row.meaning = choice.meaning();
              row.activityId = choice.activityId();
              choices.save(row);
            });
    choices.flush();
  }

  private void apply(ClientFile client, CalendarSource source, Difference difference) {
    CalendarMemory memory = difference.memory();
    if (difference.kind() == ChangeKind.GONE) {
      takeOut(client, memory);
      memories.delete(memory);
      return;
    }
    CalendarEvent event = difference.event();
    if (memory == null) {
      memory = new CalendarMemory();
      memory.id = UUID.randomUUID();
      memory.coachId = client.coachId();
      memory.clientId = client.id();
      memory.sourceId = source.id;
      memory.eventKey = event.key();
    }
    write(client, event, difference.choice(), memory);
    memory.date = event.date();
    memory.stamp = stamp(event, difference.choice());
    memories.save(memory);
  }

  private void write(
      ClientFile client, CalendarEvent event, TitleChoice choice, CalendarMemory memory) {
    DayTime time = new DayTime(event.date(), event.startsAt(), event.endsAt());
    if (choice.meaning() == TitleMeaning.BUSY) {
      takeOut(client, memory);
      memory.busyTimeId = book.putBusy(client, time);
      return;
    }
    ActivityFile activity = client.activity(choice.activityId()).orElseThrow();
    boolean stage =
        choice.meaning() == TitleMeaning.STAGE || activity.kind() == ActivityKind.PERFORMANCE;
    boolean changed =
        memory.blockId != null
            && book.changeBlock(
                client,
                memory.blockId,
                new BlockContent(activity, event.title(), stage, time, Optional.empty()));
    if (!changed) {
      takeOut(client, memory);
      memory.blockId =
          book.putBlock(
              client,
              new BlockContent(activity, event.title(), stage, time, Optional.of(List.of())));
    }
  }

  private void takeOut(ClientFile client, CalendarMemory memory) {
    if (memory.blockId != null) {
      book.removeBlock(client, memory.blockId);
      memory.blockId = null;
    }
    if (memory.busyTimeId != null) {
      book.removeBusy(client, memory.busyTimeId);
      memory.busyTimeId = null;
    }
  }

  private static CalendarView view(
      CalendarSource source, java.util.Collection<TitleChoice> chosen) {
    return new CalendarView(
        source.id,
        source.name,
        source.address,
        source.readAt,
        source.failure,
        source.undecided,
        List.copyOf(chosen));
  }

  private static String blankToNull(String text) {
    return text == null || text.isBlank() ? null : text.strip();
  }
}
