package org.nimblet.server.person;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.progress.HealthRecord;
import org.nimblet.core.progress.HealthWord;
import org.nimblet.core.progress.Progress;
import org.nimblet.core.progress.WorkRecord;
import org.nimblet.core.routine.Exclusion;
import org.nimblet.core.routine.Health;
import org.nimblet.core.routine.Recent;
import org.nimblet.core.session.PastSession;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.library.CoachLibrary;

/**
 * A person as they are at one moment. Whatever is composed, checked, planned or shown is given one
 * and reads nothing for itself.
 *
 * @param client who they are, what their hands do and what they have
 * @param now the moment
 * @param told everything that was told of their health
 * @param recents what they did, and what of it was recent when
 * @param past their sessions of the last weeks, the latest first
 * @param library the exercises of their coach
 */
public record Person(
    ClientFile client,
    Instant now,
    HealthRecord told,
    Recents recents,
    List<PastSession> past,
    CoachLibrary library) {

  /** The same person at another moment, as far as is known now. */
  public Person at(Instant moment) {
    return new Person(client, moment, told, recents, past, library);
  }

  /** The same person, had they told something more. */
  public Person telling(Collection<? extends HealthWord> more) {
    HealthRecord all = told.with(more);
    return new Person(client, now, all, recents.judgedBy(all), past, library);
  }

  /** Which client it is. */
  public UUID id() {
    return client.id();
  }

  /** The date where they are. */
  public LocalDate today() {
    return LocalDate.ofInstant(now, client.zone());
  }

  /** Their health on a date, as it is known now; what was stopped or paused stays out of it. */
  public Health health(LocalDate date) {
    Health health = told.health(date, now);
    List<Exclusion> out =
        progress().closed(health.allowed()).stream()
            .map(
                story ->
                    new Exclusion(
                        new Exclusion.OfExercise(story.exercise().id()),
                        story.whyClosed().orElseThrow(),
                        Optional.empty()))
            .toList();
    return out.isEmpty() ? health : health.without(out);
  }

  /** Their health today. */
  public Health health() {
    return health(today());
  }

  /** What was done lately, seen from a date. */
  public Recent recent(LocalDate date) {
    return recents.on(date, client, library, clock());
  }

  /** Where they stand with every exercise they have done. */
  public Progress progress() {
    return recents.progress(client, library, clock());
  }

  private LocalDateTime clock() {
    return LocalDateTime.ofInstant(now, client.zone());
  }

  /** The dates of two weeks on which they were asked what hurts; what they did not name did not. */
  public Set<LocalDate> askedAboutPain() {
    return recents.asked(now);
  }

  /** What they did. */
  public WorkRecord work() {
    return recents.work();
  }
}
