package org.nimblet.server.session;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.progress.WorkRecord;
import org.nimblet.core.progress.WorkRecord.DoneStep;
import org.nimblet.core.session.PastSession;
import org.nimblet.server.client.ClientFile;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happened, as other features read it. */
@Service
public class SessionFiles {

  private final Sessions sessions;
  private final SessionSteps steps;

  SessionFiles(Sessions sessions, SessionSteps steps) {
    this.sessions = sessions;
    this.steps = steps;
  }

  /**
   * What somebody did.
   *
   * @param past the sessions since a date, the latest first
   */
  public record Done(WorkRecord work, List<PastSession> past) {}

  /** What some clients did since a date, by their identifiers; read by two statements. */
  @Transactional(readOnly = true)
  public Map<UUID, Done> of(Collection<UUID> clientIds, LocalDate since) {
    Map<UUID, Map<String, LocalDate>> lastDone = new HashMap<>();
    for (SessionSteps.LastDone last : steps.lastDone(clientIds)) {
      lastDone
          .computeIfAbsent(last.getClientId(), id -> new HashMap<>())
          .put(last.getExerciseId(), last.getLastDone());
    }
    Map<UUID, Gathered> gathered = new HashMap<>();
    for (DoneRow row : sessions.doneSince(clientIds, since)) {
      gathered.computeIfAbsent(row.session().clientId, id -> new Gathered()).add(row, since);
    }
    Map<UUID, Done> done = new HashMap<>();
    for (UUID id : clientIds) {
      done.put(
          id, gathered.getOrDefault(id, new Gathered()).done(lastDone.getOrDefault(id, Map.of())));
    }
    return done;
  }

  /** The sessions of some days of one client, the latest first. */
  @Transactional(readOnly = true)
  public List<PastSession> between(ClientFile client, LocalDate first, LocalDate last) {
    return sessions
        .findByClientIdAndDateBetweenOrderByBeganAtDescIdAsc(client.id(), first, last)
        .stream()
        .map(Session::past)
        .toList();
  }

  /** Who of a coach's clients did an exercise, the latest first. */
  @Transactional(readOnly = true)
  List<SessionSteps.Use> uses(UUID coachId, String exerciseId) {
    return steps.uses(coachId, exerciseId);
  }

  /** Whether a client of this coach ever did an exercise. */
  @Transactional(readOnly = true)
  boolean isLogged(UUID coachId, String exerciseId) {
    return steps.existsByCoachIdAndExerciseId(coachId, exerciseId);
  }

  /** What the rows of one client add up to; they come the latest first. */
  private static final class Gathered {
    private final Map<UUID, PastSession> past = new LinkedHashMap<>();
    private final List<DoneStep> done = new ArrayList<>();
    private TighterSide tighter;

    void add(DoneRow row, LocalDate since) {
      Session session = row.session();
      if (tighter == null) {
        tighter = session.tighterSide;
      }
      if (session.date.isBefore(since)) {
        return;
      }
      past.computeIfAbsent(session.id, id -> session.past());
      if (row.exerciseId() != null) {
        done.add(
            new DoneStep(
                row.exerciseId(), session.date, row.dose(), row.millis(), session.purpose));
      }
    }

    Done done(Map<String, LocalDate> lastDone) {
      Optional<Side> side = tighter == null ? Optional.empty() : tighter.side();
      return new Done(new WorkRecord(lastDone, done, side), List.copyOf(past.values()));
    }
  }
}
