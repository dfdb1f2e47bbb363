package org.nimblet.server.session;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.progress.CoachWord;
import org.nimblet.core.progress.LoggedSession;
import org.nimblet.core.progress.LoggedSession.LoggedStep;
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
  private final RungWords rungWords;

  SessionFiles(Sessions sessions, SessionSteps steps, RungWords rungWords) {
    this.sessions = sessions;
    this.steps = steps;
    this.rungWords = rungWords;
  }

  /**
   * What somebody did.
   *
   * @param past the sessions since a date, the latest first
   * @param logged every session there ever was, the latest first
   * @param words what the coach said about rungs, the earliest first
   */
  public record Done(
      WorkRecord work, List<PastSession> past, List<LoggedSession> logged, List<CoachWord> words) {}

  /**
   * What some clients did, by their identifiers; read by two statements.
   *
   * @param since from when on it is recent
   */
  @Transactional(readOnly = true)
  public Map<UUID, Done> of(Collection<UUID> clientIds, LocalDate since) {
    Map<UUID, Gathered> gathered = new HashMap<>();
    for (UUID id : clientIds) {
      gathered.put(id, new Gathered());
    }
    // The same few words stand in thousands of rows; what is kept holds each of them once.
    Map<String, String> words = new HashMap<>();
    UnaryOperator<String> once = word -> words.computeIfAbsent(word, first -> first);
    for (DoneRow row : sessions.done(clientIds)) {
      gathered.get(row.session().clientId).add(row, since, once);
    }
    for (SaidOfRungs said : rungWords.findByClientIdInOrderByAtAscIdAsc(clientIds)) {
      gathered.get(said.clientId).words.add(said.word());
    }
    Map<UUID, Done> done = new HashMap<>();
    gathered.forEach((id, all) -> done.put(id, all.done()));
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
    private final Map<String, LocalDate> lastDone = new HashMap<>();
    private final Map<UUID, PastSession> past = new LinkedHashMap<>();
    private final Map<Session, List<LoggedStep>> logged = new LinkedHashMap<>();
    private final List<DoneStep> done = new ArrayList<>();
    private final List<CoachWord> words = new ArrayList<>();
    private final Map<String, Set<LocalDate>> elsewhere = new HashMap<>();
    private TighterSide tighter;

    void add(DoneRow row, LocalDate since, UnaryOperator<String> once) {
      Session session = row.session();
      if (tighter == null) {
        tighter = session.tighterSide;
      }
      List<LoggedStep> steps = logged.computeIfAbsent(session, s -> new ArrayList<>());
      boolean recent = !session.date.isBefore(since);
      if (recent) {
        past.computeIfAbsent(session.id, id -> session.past());
      }
      if (row.exerciseId() == null) {
        return;
      }
      steps.add(row.step(once));
      if (row.isFeltElsewhere()) {
        elsewhere.computeIfAbsent(row.exerciseId(), e -> new HashSet<>()).add(session.date);
      }
      if (row.isDone()) {
        lastDone.merge(row.exerciseId(), session.date, (a, b) -> a.isAfter(b) ? a : b);
        if (recent) {
          done.add(
              new DoneStep(
                  row.exerciseId(), session.date, row.dose(), row.millis(), session.purpose));
        }
      }
    }

    Done done() {
      Optional<Side> side = tighter == null ? Optional.empty() : tighter.side();
      return new Done(
          new WorkRecord(lastDone, done, side, elsewhere),
          List.copyOf(past.values()),
          logged.entrySet().stream().map(entry -> entry.getKey().logged(entry.getValue())).toList(),
          List.copyOf(words));
    }
  }
}
