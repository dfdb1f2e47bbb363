package org.nimblet.server.session;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.HealthRecord;
import org.nimblet.core.progress.HealthWord.OfPain;
import org.nimblet.core.progress.PainMoment;
import org.nimblet.core.progress.Shift;
import org.nimblet.core.progress.Shortfall;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.session.SessionCorrection.SessionBefore;
import org.nimblet.server.session.SessionForms.StepAccount;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The log of sessions, as other features show it. */
@Service
public class SessionLog {

  private final Sessions sessions;
  private final SessionSteps steps;
  private final SessionCorrections corrections;
  private final SessionNotes notes;
  private final Scope scope;

  SessionLog(
      Sessions sessions,
      SessionSteps steps,
      SessionCorrections corrections,
      SessionNotes notes,
      Scope scope) {
    this.sessions = sessions;
    this.steps = steps;
    this.corrections = corrections;
    this.notes = notes;
    this.scope = scope;
  }

  /**
   * A session in the log.
   *
   * @param painBefore the worst pain before it; null if nobody was asked
   * @param painWorst the worst in it and right after it; null if nobody said
   * @param painMorning the worst on the next morning; null if nobody said
   * @param note what the coach noted for themselves; empty for anybody else
   * @param alongside whether another one of the same purpose went on at the same time, as where two
   *     devices played; both are kept, and a date counts once
   * @param clockAheadSeconds by how much the device's clock was ahead; its times are put right
   */
  public record LogEntry(
      UUID id,
      Purpose purpose,
      String purposeWord,
      String title,
      LocalDate date,
      @Schema(type = "string") LocalTime beganAt,
      SessionEnding state,
      long plannedMillis,
      long lastedMillis,
      boolean checkedIn,
      @Schema(nullable = true) Integer effort,
      @Schema(nullable = true) Integer painBefore,
      @Schema(nullable = true) Integer painWorst,
      @Schema(nullable = true) Integer painMorning,
      @Schema(nullable = true) TighterSide tighterSide,
      String words,
      List<LogStep> steps,
      List<LogPain> pains,
      List<LogCorrection> corrections,
      String note,
      boolean alongside,
      long clockAheadSeconds) {}

  /** That it was corrected: by whom, why, and what it said before. */
  public record LogCorrection(Instant at, boolean byCoach, String reason, SessionBefore before) {}

  /** A step in the log. */
  public record LogStep(
      String exerciseId,
      int exerciseVersion,
      String title,
      Kind kind,
      String dose,
      Laterality laterality,
      long plannedMillis,
      int donePercent,
      StepOutcome outcome,
      @Schema(nullable = true) Side side,
      int leftPercent,
      int rightPercent,
      @Schema(nullable = true) Shortfall shortfall,
      @Schema(nullable = true) Integer complete,
      @Schema(nullable = true) Shift shift,
      @Schema(nullable = true) StepAccount account,
      @Schema(nullable = true) Integer result,
      @Schema(nullable = true) ResultUnit resultUnit) {}

  /** Pain in the log. */
  public record LogPain(
      PainMoment moment,
      Side side,
      Region region,
      String regionWord,
      int level,
      @Schema(nullable = true) Sensation sensation) {}

  /**
   * The sessions of some days, the latest first.
   *
   * @param told what was said in and after them
   */
  @Transactional(readOnly = true)
  public List<LogEntry> of(ClientFile client, HealthRecord told, LocalDate first, LocalDate last) {
    List<Session> rows =
        sessions.findByClientIdAndDateBetweenOrderByBeganAtDescIdAsc(client.id(), first, last);
    List<UUID> ids = rows.stream().map(session -> session.id).toList();
    Map<UUID, List<SessionStep>> stepsOf =
        steps.findBySessionIdInOrderByPlace(ids).stream()
            .collect(Collectors.groupingBy(step -> step.sessionId));
    Beside beside = beside(ids, alongside(rows));
    return rows.stream()
        .map(
            session ->
                entry(session, client, stepsOf.getOrDefault(session.id, List.of()), told, beside))
        .toList();
  }

  /** What was said about sessions afterwards. */
  private record Beside(
      Map<UUID, List<SessionCorrection>> corrections,
      Map<UUID, String> notes,
      Set<UUID> alongside) {}

  private Beside beside(List<UUID> ids, Set<UUID> alongside) {
    boolean forTheCoach = scope.current().clientId().isEmpty();
    return new Beside(
        corrections.findBySessionIdInOrderByAtAscIdAsc(ids).stream()
            .collect(Collectors.groupingBy(one -> one.sessionId)),
        forTheCoach
            ? notes.findBySessionIdIn(ids).stream()
                .collect(Collectors.toMap(note -> note.sessionId, note -> note.words))
            : Map.of(),
        alongside);
  }

  private static LogEntry entry(
      Session session,
      ClientFile client,
      List<SessionStep> steps,
      HealthRecord told,
      Beside beside) {
    return new LogEntry(
        session.id,
        session.purpose,
        session.purpose.word(),
        session.title,
        session.date,
        session.beganAt.atZone(client.zone()).toLocalTime().withNano(0),
        session.ending,
        session.plannedMillis,
        Duration.between(session.beganAt, session.endedAt).toMillis(),
        session.checkedInAt != null,
        session.effort,
        session.askedBefore ? worst(told.painsOf(session.id), PainMoment.BEFORE) : null,
        session.checkedInAt != null
                || told.painsOf(session.id).stream().anyMatch(OfPain::isOfSession)
            ? worst(told.painsOf(session.id), PainMoment.DURING, PainMoment.AFTER)
            : null,
        told.morning(session.date.plusDays(1))
            .map(pains -> worst(pains, PainMoment.MORNING))
            .orElse(null),
        session.tighterSide,
        told.lineAfter(session.id),
        steps.stream()
            .map(
                step ->
                    new LogStep(
                        step.exerciseId,
                        step.exerciseVersion,
                        step.title,
                        step.kind,
                        step.dose,
                        step.laterality,
                        step.plannedMillis,
                        step.donePercent,
                        step.outcome,
                        step.side,
                        step.leftPercent,
                        step.rightPercent,
                        step.shortfall,
                        step.complete,
                        step.shift,
                        step.account,
                        step.result,
                        step.resultUnit))
            .toList(),
        told.painsOf(session.id).stream()
            .map(
                pain ->
                    new LogPain(
                        pain.moment(),
                        pain.side(),
                        pain.region(),
                        pain.region().word(),
                        pain.level(),
                        pain.sensation().orElse(null)))
            .toList(),
        beside.corrections().getOrDefault(session.id, List.of()).stream()
            .map(one -> new LogCorrection(one.at, one.byCoach, one.reason, one.before))
            .toList(),
        beside.notes().getOrDefault(session.id, ""),
        beside.alongside().contains(session.id),
        session.clockAheadSeconds);
  }

  /** Sessions during which another one of the same purpose went on. */
  private static Set<UUID> alongside(List<Session> rows) {
    Set<UUID> found = new HashSet<>();
    for (int i = 0; i < rows.size(); i++) {
      Session later = rows.get(i);
      // The latest comes first: whatever begins a day before cannot reach here.
      for (int j = i + 1; j < rows.size() && !rows.get(j).date.isBefore(later.date); j++) {
        Session earlier = rows.get(j);
        if (earlier.purpose == later.purpose && earlier.endedAt.isAfter(later.beganAt)) {
          found.add(earlier.id);
          found.add(later.id);
        }
      }
    }
    return found;
  }

  private static int worst(List<OfPain> pains, PainMoment... moments) {
    return pains.stream()
        .filter(pain -> List.of(moments).contains(pain.moment()))
        .mapToInt(OfPain::level)
        .max()
        .orElse(0);
  }
}
