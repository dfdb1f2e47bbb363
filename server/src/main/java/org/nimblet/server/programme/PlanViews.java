package org.nimblet.server.programme;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nimblet.core.schedule.Line;
import org.nimblet.core.schedule.PlanDay;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.Span;
import org.nimblet.core.schedule.WeekPlan;
import org.nimblet.core.schedule.WeekPlan.PlannedSession;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.PlanForms.AgreementView;
import org.nimblet.server.programme.PlanForms.LineCountView;
import org.nimblet.server.programme.PlanForms.PlanSessionView;
import org.nimblet.server.programme.PlanForms.PlanView;
import org.nimblet.server.programme.PlanForms.UnmetView;
import org.nimblet.server.programme.Planner.Before;
import org.nimblet.server.programme.Planner.Planned;

/** Plans as they are shown. */
final class PlanViews {

  private static final DateTimeFormatter WHEN =
      DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

  private PlanViews() {}

  /** What came of fitting the weeks ahead. */
  static AgreementView agreement(Person person, Planned planned) {
    return new AgreementView(
        PlanService.WEEKS_AHEAD,
        planned.plan().sessions().size(),
        moves(person.client(), planned, before(planned)),
        unmet(person, planned));
  }

  /** A week as it is planned. */
  static PlanView of(Person person, LocalDate monday, Planned planned) {
    ClientFile client = person.client();
    Map<SessionKey, Before> before = before(planned);
    List<PlanSessionView> sessions =
        planned.plan().sessions().stream()
            .map(session -> session(client, planned, session, before))
            .toList();
    return new PlanView(
        monday, sessions, unmet(person, planned), counts(planned), moves(client, planned, before));
  }

  private static Map<SessionKey, Before> before(Planned planned) {
    return planned.before().stream().collect(Collectors.toMap(Before::key, row -> row));
  }

  /** What is behind was missed or not, and has no use for room any more. */
  private static List<UnmetView> unmet(Person person, Planned planned) {
    LocalDate today = person.today();
    List<PlanDay> days = planned.request().days();
    boolean over = days.get(days.size() - 1).date().isBefore(today);
    List<UnmetView> notPlaced =
        over
            ? List.of()
            : planned.notPlaced().stream()
                .filter(
                    not ->
                        not.date().filter(date -> isIn(date, days)).isPresent()
                            || not.date().isEmpty())
                .map(PlanViews::view)
                .toList();
    return Stream.concat(
            notPlaced.stream(),
            planned.plan().unmet().stream()
                .filter(
                    unmet -> !over && unmet.date().filter(date -> date.isBefore(today)).isEmpty())
                .map(
                    unmet ->
                        new UnmetView(unmet.lineId(), unmet.date().orElse(null), unmet.sentence())))
        .toList();
  }

  private static boolean isIn(LocalDate date, List<PlanDay> days) {
    return !date.isBefore(days.get(0).date()) && !date.isAfter(days.get(days.size() - 1).date());
  }

  private static UnmetView view(Planner.NotPlaced not) {
    return new UnmetView(
        not.obligation().id(),
        not.date().orElse(null),
        "%s is not placed%s. %s"
            .formatted(
                capital(not.obligation().title()),
                not.date().isPresent() ? " today" : "",
                not.sentence()));
  }

  private static PlanSessionView session(
      ClientFile client, Planned planned, PlannedSession session, Map<SessionKey, Before> before) {
    Line line = planned.line(session.key().lineId()).orElseThrow();
    Instant start = Span.momentOf(session.span().start());
    Instant end = Span.momentOf(session.span().end());
    Before row = before.get(session.key());
    return new PlanSessionView(
        line.id(),
        line.title(),
        line.purpose(),
        session.key().date(),
        start,
        end,
        start.atZone(client.zone()).toLocalTime(),
        end.atZone(client.zone()).toLocalTime(),
        session.fixed(),
        row != null && row.pinned(),
        session.why());
  }

  private static List<LineCountView> counts(Planned planned) {
    Map<String, Long> placed =
        planned.plan().sessions().stream()
            .collect(Collectors.groupingBy(s -> s.key().lineId(), Collectors.counting()));
    Map<String, Long> unmet =
        planned.plan().unmet().stream()
            .collect(Collectors.groupingBy(WeekPlan.Unmet::lineId, Collectors.counting()));
    Map<String, LineCountView> counts = new LinkedHashMap<>();
    for (Line line : planned.request().lines()) {
      int has = placed.getOrDefault(line.id(), 0L).intValue();
      int lacks = unmet.getOrDefault(line.id(), 0L).intValue();
      if (has + lacks > 0) {
        counts.put(
            line.id(),
            new LineCountView(line.id(), line.title(), line.purpose(), has, has + lacks));
      }
    }
    return List.copyOf(counts.values());
  }

  private static List<String> moves(
      ClientFile client, Planned planned, Map<SessionKey, Before> before) {
    List<String> moves = new ArrayList<>();
    Map<SessionKey, PlannedSession> now =
        planned.plan().sessions().stream()
            .collect(Collectors.toMap(PlannedSession::key, session -> session));
    before.forEach(
        (key, row) -> {
          boolean open = planned.request().agreed().containsKey(key);
          PlannedSession session = now.get(key);
          String title = planned.line(key.lineId()).map(Line::title).orElse(row.purpose().noun());
          String was = WHEN.format(row.startsAt().atZone(client.zone()));
          if (session == null && open) {
            moves.add("%s, %s: no longer fits.".formatted(capital(title), was));
          } else if (session != null
              && (open || (session.fixed() && !row.pinned()))
              && Span.minuteOf(row.startsAt()) != session.span().start()
              && !row.startsAt().isBefore(Span.momentOf(planned.request().days().get(0).now()))) {
            long by =
                ChronoUnit.MINUTES.between(row.startsAt(), Span.momentOf(session.span().start()));
            moves.add(
                "%s, %s to %s (%+d min)."
                    .formatted(
                        capital(title),
                        was,
                        WHEN.format(Span.momentOf(session.span().start()).atZone(client.zone())),
                        by));
          }
        });
    return moves;
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
