package org.nimblet.server.session;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.progress.AttentionRules.PainReading;
import org.nimblet.core.routine.Purpose;
import org.nimblet.server.client.ClientFile;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happened, as other features read it. */
@Service
public class History {

  /** Pain said longer ago than this no longer decides what is composed (ours). */
  private static final Duration PAIN_COUNTS_FOR = Duration.ofDays(14);

  private final Sessions sessions;
  private final SessionSteps steps;
  private final PainEntries pains;
  private final Clock clock;

  History(Sessions sessions, SessionSteps steps, PainEntries pains, Clock clock) {
    this.sessions = sessions;
    this.steps = steps;
    this.pains = pains;
    this.clock = clock;
  }

  /** A session that happened, in brief. */
  public record PastSession(
      UUID id,
      Optional<UUID> blockId,
      Purpose purpose,
      LocalDate date,
      Instant beganAt,
      Instant endedAt,
      SessionState state) {}

  /** Whole days from the last time each exercise was done to a date. */
  @Transactional(readOnly = true)
  public Map<String, Integer> daysSinceDone(ClientFile client, LocalDate date) {
    Map<String, Integer> days = new LinkedHashMap<>();
    for (SessionSteps.LastDone last : steps.lastDone(client.id())) {
      long between = ChronoUnit.DAYS.between(last.getLastDone(), date);
      days.put(last.getExerciseId(), (int) Math.max(0, between));
    }
    return days;
  }

  /** What was said about pain in the last two weeks, the oldest first. */
  @Transactional(readOnly = true)
  public List<PainReading> painReadings(ClientFile client) {
    return pains
        .findByClientIdAndAtGreaterThanEqualOrderByAtAscIdAsc(
            client.id(), clock.instant().minus(PAIN_COUNTS_FOR))
        .stream()
        .map(
            pain ->
                new PainReading(
                    LocalDate.ofInstant(pain.at, client.zone()),
                    pain.side,
                    pain.region,
                    pain.level,
                    Optional.ofNullable(pain.sensation)))
        .toList();
  }

  /** The latest word about each region, in the order in which the regions were first named. */
  @Transactional(readOnly = true)
  public List<PainReading> latestPains(ClientFile client) {
    Map<String, PainReading> latest = new LinkedHashMap<>();
    painReadings(client).forEach(p -> latest.put(p.side() + " " + p.region(), p));
    return List.copyOf(latest.values());
  }

  /** The sessions of some days, the latest first. */
  @Transactional(readOnly = true)
  public List<PastSession> sessions(ClientFile client, LocalDate first, LocalDate last) {
    return sessions
        .findByClientIdAndDateBetweenOrderByBeganAtDescIdAsc(client.id(), first, last)
        .stream()
        .map(
            session ->
                new PastSession(
                    session.id,
                    Optional.ofNullable(session.blockId),
                    session.purpose,
                    session.date,
                    session.beganAt,
                    session.endedAt,
                    session.state))
        .toList();
  }
}
