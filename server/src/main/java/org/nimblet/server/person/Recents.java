package org.nimblet.server.person;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.progress.WorkRecord;
import org.nimblet.core.routine.Recent;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.library.CoachLibrary;

/**
 * What was recent on each date, worked out once for as long as nothing about the person changes: a
 * week asks for every one of its days, and each dose is words until it is read.
 */
final class Recents {

  private final WorkRecord work;
  private final Map<Seen, Recent> byDate = new ConcurrentHashMap<>();
  private final Map<Written, Optional<Dose>> doses = new ConcurrentHashMap<>();

  private record Seen(LocalDate date, String libraryRevision) {}

  private record Written(Exercise exercise, String words) {}

  Recents(WorkRecord work) {
    this.work = work;
  }

  WorkRecord work() {
    return work;
  }

  Recent on(LocalDate date, ClientFile client, CoachLibrary library) {
    return byDate.computeIfAbsent(
        new Seen(date, library.revision()),
        seen -> work.recent(date, library.library(), (e, words) -> dose(e, words, client)));
  }

  private Optional<Dose> dose(Exercise exercise, String words, ClientFile client) {
    return doses.computeIfAbsent(
        new Written(exercise, words),
        written -> WorkRecord.read(exercise, words, client.method(), client.notation()));
  }
}
