package org.nimblet.server.person;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.progress.HealthRecord;
import org.nimblet.core.progress.Progress;
import org.nimblet.core.progress.WorkRecord;
import org.nimblet.core.routine.OwnLoad;
import org.nimblet.core.routine.Recent;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.library.CoachLibrary;
import org.nimblet.server.session.SessionFiles.Done;

/**
 * What was recent on each date, and where it has led, worked out once for as long as nothing about
 * the person changes: a week asks for every one of its days, and each dose is words until it is
 * read.
 */
final class Recents {

  private final Done done;
  private final HealthRecord told;
  private final Map<Seen, Recent> byDate = new ConcurrentHashMap<>();
  private volatile Map.Entry<Judged, Progress> progress;
  private final Map<Written, Optional<Dose>> doses = new ConcurrentHashMap<>();

  private record Seen(LocalDate date, Judged judged) {}

  /** What is judged changes by itself at noon only. */
  private record Judged(LocalDate date, boolean afterNoon, String libraryRevision) {
    static Judged at(LocalDateTime now, CoachLibrary library) {
      return new Judged(
          now.toLocalDate(), !now.toLocalTime().isBefore(LocalTime.NOON), library.revision());
    }
  }

  private record Written(Exercise exercise, String words) {}

  Recents(Done done, HealthRecord told) {
    this.done = done;
    this.told = told;
  }

  /** The same work, judged by what else is told. */
  Recents judgedBy(HealthRecord other) {
    return new Recents(done, other);
  }

  /** The dates of the last two weeks on which they were asked what hurts. */
  Set<LocalDate> asked(Instant now) {
    return told.asked(done.logged(), now);
  }

  WorkRecord work() {
    return done.work();
  }

  Recent on(LocalDate date, ClientFile client, CoachLibrary library, LocalDateTime now) {
    return byDate.computeIfAbsent(
        new Seen(date, Judged.at(now, library)),
        seen -> {
          Progress led = progress(client, library, now);
          return done.work()
              .recent(date, library.library(), (e, words) -> dose(e, words, client))
              .on(led.doses(date), led.uneven());
        });
  }

  /** Where it has led; what was judged before is not asked for again. */
  Progress progress(ClientFile client, CoachLibrary library, LocalDateTime now) {
    Judged judged = Judged.at(now, library);
    Map.Entry<Judged, Progress> kept = progress;
    if (kept == null || !kept.getKey().equals(judged)) {
      kept = Map.entry(judged, fold(client, library, now));
      progress = kept;
    }
    return kept.getValue();
  }

  private Progress fold(ClientFile client, CoachLibrary library, LocalDateTime now) {
    return Progress.of(
        done.logged(),
        done.words(),
        told,
        client.zone(),
        new Progress.Reading(
            library.library(),
            client.method(),
            exercise -> OwnLoad.owned(exercise, client.things(), client.weightsGrams()),
            (exercise, words) -> dose(exercise, words, client)),
        now);
  }

  private Optional<Dose> dose(Exercise exercise, String words, ClientFile client) {
    return doses.computeIfAbsent(
        new Written(exercise, words),
        written -> WorkRecord.read(exercise, words, client.method(), client.notation()));
  }
}
