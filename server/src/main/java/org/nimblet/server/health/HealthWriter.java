package org.nimblet.server.health;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.progress.PainMoment;
import org.nimblet.core.routine.Sensation;
import org.nimblet.server.client.ClientFile;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Writes down what was told in and after sessions, inside the transaction of whoever tells. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class HealthWriter {

  private final StoredWords words;

  HealthWriter(StoredWords words) {
    this.words = words;
  }

  /** Pain of one place, as it is told of. */
  public record ToldPain(Side side, Region region, int level, Optional<Sensation> sensation) {}

  /**
   * What hurt in a session, or after it.
   *
   * @param moment during or after
   */
  public void hurt(
      ClientFile client,
      UUID sessionId,
      PainMoment moment,
      Instant at,
      Collection<ToldPain> pains) {
    for (ToldPain told : pains) {
      PainEntry pain = pain(client, at, moment, told);
      pain.sessionId = sessionId;
      words.save(pain);
    }
  }

  /** What hurt in a session or after it, as it should have been told of. */
  public void replace(
      ClientFile client,
      UUID sessionId,
      PainMoment moment,
      Instant at,
      Collection<ToldPain> pains) {
    words.findSessionPains(sessionId, moment).forEach(words::delete);
    hurt(client, sessionId, moment, at, pains);
  }

  /** What was told of a session. */
  public List<ToldPain> pains(UUID sessionId, PainMoment moment) {
    return words.findSessionPains(sessionId, moment).stream()
        .map(
            pain ->
                new ToldPain(
                    pain.side, pain.region, pain.level, Optional.ofNullable(pain.sensation)))
        .toList();
  }

  /** How somebody is on the morning after a day; an answer replaces what was said before. */
  public void morning(ClientFile client, LocalDate date, Instant at, Collection<ToldPain> pains) {
    words
        .findMorning(client.id(), date)
        .ifPresent(
            before -> {
              words.findMorningPains(client.id(), before.at).forEach(words::delete);
              words.delete(before);
              words.flush();
            });
    MorningAnswer answer = new MorningAnswer().toldBy(client, at, MorningAnswer.class);
    answer.date = date;
    words.save(answer);
    pains.forEach(told -> words.save(pain(client, at, PainMoment.MORNING, told)));
  }

  /** A session was ended for safety. */
  public void stopped(ClientFile client, UUID sessionId, LocalDate date, Instant at) {
    SessionStop stop = new SessionStop().toldBy(client, at, SessionStop.class);
    stop.sessionId = sessionId;
    stop.date = date;
    words.save(stop);
  }

  /** A line that was said after a session; an empty one says nothing. */
  public void said(ClientFile client, UUID sessionId, Instant at, String line) {
    if (!line.isBlank()) {
      SessionLine said = new SessionLine().toldBy(client, at, SessionLine.class);
      said.sessionId = sessionId;
      said.words = line.strip();
      words.save(said);
    }
  }

  /** Everything that was written is in the database; whoever reads it next finds it. */
  public void flush() {
    words.flush();
  }

  static PainEntry pain(ClientFile client, Instant at, PainMoment moment, ToldPain told) {
    PainEntry pain = new PainEntry().toldBy(client, at, PainEntry.class);
    pain.moment = moment;
    pain.side = told.side();
    pain.region = told.region();
    pain.level = told.level();
    pain.sensation = told.sensation().orElse(null);
    return pain;
  }
}
