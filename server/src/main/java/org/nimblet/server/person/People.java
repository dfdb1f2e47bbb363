package org.nimblet.server.person;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.progress.HealthRecord;
import org.nimblet.core.progress.WorkRecord;
import org.nimblet.core.session.PastSession;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.client.Readings;
import org.nimblet.server.health.HealthFiles;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.library.CoachLibrary;
import org.nimblet.server.session.SessionFiles;
import org.nimblet.server.session.SessionFiles.Done;
import org.springframework.stereotype.Service;

/** Reads people, one or a whole roster, in as many statements as one needs. */
@Service
public class People {

  private final ClientFiles clients;
  private final HealthFiles healths;
  private final SessionFiles sessions;
  private final CoachLibraries libraries;
  private final Readings readings;
  private final Clock clock;

  People(
      ClientFiles clients,
      HealthFiles healths,
      SessionFiles sessions,
      CoachLibraries libraries,
      Readings readings,
      Clock clock) {
    this.clients = clients;
    this.healths = healths;
    this.sessions = sessions;
    this.libraries = libraries;
    this.readings = readings;
    this.clock = clock;
  }

  /** All that was told and done since a date, as it is kept. */
  private record Story(LocalDate since) {}

  private record Read(HealthRecord told, Recents recents, List<PastSession> past) {}

  /**
   * A client whom the signed-in account may see.
   *
   * @throws org.nimblet.server.platform.NotFoundException if there is none, or it is not theirs
   */
  public Person require(UUID clientId) {
    return of(clients.require(clientId));
  }

  /** One person. */
  public Person of(ClientFile client) {
    return of(List.of(client)).get(0);
  }

  /** Nobody in particular, with the library of a coach. */
  public Person anybody(UUID coachId) {
    ClientFile client = ClientFile.anybody(coachId, clock.getZone());
    HealthRecord told = new HealthRecord(client.zone(), client.ageGroup(), List.of());
    WorkRecord work = new WorkRecord(Map.of(), List.of(), Optional.empty());
    return new Person(
        client,
        clock.instant(),
        told,
        new Recents(new Done(work, List.of(), List.of(), List.of()), told),
        List.of(),
        libraries.of(coachId));
  }

  /** Some people, in the order of their files. */
  public List<Person> of(Collection<ClientFile> files) {
    Instant now = clock.instant();
    LocalDate since = since(now);
    Map<UUID, Read> stories = readings.of(files, new Story(since), missing -> read(missing, since));
    Map<UUID, CoachLibrary> libraryOf = new HashMap<>();
    return files.stream()
        .map(
            client -> {
              Read story = stories.get(client.id());
              return new Person(
                  client,
                  now,
                  story.told(),
                  story.recents(),
                  story.past(),
                  libraryOf.computeIfAbsent(client.coachId(), libraries::of));
            })
        .toList();
  }

  /** As far back as anything recent reaches, wherever somebody is. */
  private static LocalDate since(Instant now) {
    return WorkRecord.reachesBackTo(LocalDate.ofInstant(now, ZoneOffset.UTC).minusDays(1));
  }

  private Map<UUID, Read> read(List<ClientFile> files, LocalDate since) {
    Map<UUID, HealthRecord> told = healths.of(files);
    Map<UUID, Done> done = sessions.of(files.stream().map(ClientFile::id).toList(), since);
    return files.stream()
        .map(ClientFile::id)
        .collect(
            Collectors.toMap(
                id -> id,
                id ->
                    new Read(
                        told.get(id),
                        new Recents(done.get(id), told.get(id)),
                        done.get(id).past())));
  }

  /** The sessions of some days, the latest first. */
  public List<PastSession> past(Person person, LocalDate first, LocalDate last) {
    List<PastSession> known =
        first.isBefore(since(person.now()))
            ? sessions.between(person.client(), first, last)
            : person.past();
    return known.stream()
        .filter(session -> !session.date().isBefore(first) && !session.date().isAfter(last))
        .toList();
  }
}
