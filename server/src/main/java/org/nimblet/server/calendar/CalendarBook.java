package org.nimblet.server.calendar;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.schedule.ActivityKind;
import org.nimblet.server.calendar.CalendarForms.CalendarForm;
import org.nimblet.server.calendar.CalendarForms.CalendarPreview;
import org.nimblet.server.calendar.CalendarForms.CalendarTaken;
import org.nimblet.server.calendar.CalendarForms.CalendarView;
import org.nimblet.server.calendar.CalendarForms.ChangeKind;
import org.nimblet.server.calendar.CalendarForms.TitleChoice;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.week.BlockBook;
import org.nimblet.server.week.BlockBook.BlockContent;
import org.nimblet.server.week.BlockBook.DayTime;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps what calendars brought in: events become blocks and busy times as their titles are chosen
 * for. What somebody moved or took out by hand stays so until the calendar itself says something
 * else.
 */
@Component
class CalendarBook {

  private final CalendarSources sources;
  private final CalendarChoices choices;
  private final CalendarMemories memories;
  private final CalendarReadings readings;
  private final BlockBook book;
  private final EntityManager entities;
  private final Clock clock;

  CalendarBook(
      CalendarSources sources,
      CalendarChoices choices,
      CalendarMemories memories,
      CalendarReadings readings,
      BlockBook book,
      EntityManager entities,
      Clock clock) {
    this.sources = sources;
    this.choices = choices;
    this.memories = memories;
    this.readings = readings;
    this.book = book;
    this.entities = entities;
    this.clock = clock;
  }

  /** What would become of a calendar. */
  @Transactional(readOnly = true)
  CalendarPreview preview(ClientFile client, CalendarForm form, CalendarReader.Content content) {
    CalendarReading reading = readings.read(client, form, content, true);
    List<CalendarDifference> differences = differences(client, reading);
    long kept = reading.content().events().stream().filter(reading::wants).count();
    return new CalendarPreview(
        reading.name(),
        reading.source().isPresent(),
        reading.titles(),
        differences.stream().map(CalendarDifference::view).toList(),
        (int) (kept - differences.stream().filter(d -> d.kind() != ChangeKind.GONE).count()),
        reading.content().notes());
  }

  /** Brings a calendar in, whole or not at all. */
  @Transactional
  CalendarTaken take(ClientFile client, CalendarForm form, CalendarReader.Content content) {
    CalendarReading reading = readings.read(client, form, content, false);
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
    List<CalendarMemory> made = new ArrayList<>();
    for (CalendarDifference difference : differences(client, reading)) {
      counts.merge(difference.kind(), 1, Integer::sum);
      apply(client, source, difference).ifPresent(made::add);
    }
    // After what they remember, so that rows of a kind go to the database together. Saved like
    // known ones they would be looked for first, once for each of thousands.
    made.forEach(entities::persist);
    if (!counts.isEmpty()) {
      book.changed(client);
    }
    return new CalendarTaken(
        view(source, reading.chosen().values()),
        counts.getOrDefault(ChangeKind.NEW, 0),
        counts.getOrDefault(ChangeKind.CHANGED, 0),
        counts.getOrDefault(ChangeKind.GONE, 0));
  }

  /** Keeps with a calendar why it could not be read; nothing else changes. */
  @Transactional
  CalendarView failed(ClientFile client, CalendarSource source, String why) {
    source.readAt = clock.instant();
    source.failure = why;
    sources.save(source);
    return view(source, readings.chosenFor(client, source).values());
  }

  /** The calendars of a client. */
  @Transactional(readOnly = true)
  List<CalendarView> all(ClientFile client) {
    return sources.findByClientIdOrderByName(client.id()).stream()
        .map(source -> view(source, readings.chosenFor(client, source).values()))
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
    LocalDate today = readings.today(client);
    List<CalendarMemory> ahead =
        memories.findBySourceId(source.id).stream()
            .filter(memory -> !memory.date.isBefore(today))
            .toList();
    book.removeAll(
        client,
        ahead.stream().map(memory -> memory.blockId).filter(Objects::nonNull).toList(),
        ahead.stream().map(memory -> memory.busyTimeId).filter(Objects::nonNull).toList());
    sources.delete(source);
    sources.flush();
    book.changed(client);
  }

  private List<CalendarDifference> differences(ClientFile client, CalendarReading reading) {
    return CalendarDifference.between(
        reading,
        reading.source().map(source -> memories.findBySourceId(source.id)).orElse(List.of()),
        readings.today(client));
  }

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

  /** Brings one difference about; what it is to be remembered by, if that is new. */
  private Optional<CalendarMemory> apply(
      ClientFile client, CalendarSource source, CalendarDifference difference) {
    CalendarMemory memory = difference.memory();
    if (difference.kind() == ChangeKind.GONE) {
      takeOut(client, memory);
      memories.delete(memory);
      return Optional.empty();
    }
    CalendarEvent event = difference.event();
    boolean made = memory == null;
    if (made) {
      memory = new CalendarMemory();
      memory.id = UUID.randomUUID();
      memory.coachId = client.coachId();
      memory.clientId = client.id();
      memory.sourceId = source.id;
      memory.eventKey = event.key();
    }
    write(client, event, difference.choice(), memory);
    memory.date = event.date();
    memory.stamp = CalendarDifference.stamp(event, difference.choice());
    return Optional.of(memory).filter(one -> made);
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

  private static CalendarView view(CalendarSource source, Collection<TitleChoice> chosen) {
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
