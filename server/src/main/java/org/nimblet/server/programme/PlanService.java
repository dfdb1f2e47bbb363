package org.nimblet.server.programme;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.schedule.Line;
import org.nimblet.core.schedule.PlanRequest.SessionKey;
import org.nimblet.core.schedule.Span;
import org.nimblet.core.schedule.WeekPlan;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.PersonChanged;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is agreed of the weeks that are planned, and plans anew whenever a person changes. */
@Service
class PlanService {

  /** Weeks that are planned ahead; a programme may be longer. */
  static final int WEEKS_AHEAD = 8;

  private static final Logger LOG = LoggerFactory.getLogger(PlanService.class);

  private final ProgrammeFiles programmes;
  private final AgreedSessions agreed;
  private final Planner planner;
  private final People people;
  private final Clock clock;

  PlanService(
      ProgrammeFiles programmes,
      AgreedSessions agreed,
      Planner planner,
      People people,
      Clock clock) {
    this.programmes = programmes;
    this.agreed = agreed;
    this.planner = planner;
    this.people = people;
    this.clock = clock;
  }

  /** Plans from this week on and keeps the result as agreed. */
  @Transactional
  Planner.Planned agree(ClientFile client) {
    Person person = people.of(client);
    LocalDate monday = Planner.monday(person.today());
    Planner.Planned planned = planner.plan(person, monday, WEEKS_AHEAD, Planner.Change.NONE);
    Map<SessionKey, AgreedSession> stored =
        agreed.findByClientIdAndDateGreaterThanEqualOrderByStartsAtAsc(client.id(), monday).stream()
            .collect(Collectors.toMap(a -> new SessionKey(a.lineId, a.date), a -> a));
    Set<SessionKey> kept = new HashSet<>();
    for (WeekPlan.PlannedSession session : planned.plan().sessions()) {
      kept.add(session.key());
      if (session.fixed()) {
        continue;
      }
      AgreedSession row = stored.computeIfAbsent(session.key(), key -> newRow(client, key));
      Line line = planned.line(session.key().lineId()).orElseThrow();
      row.startsAt = Span.momentOf(session.span().start());
      row.minutes = line.minutes();
      row.purpose = line.purpose();
      agreed.save(row);
    }
    Instant now = clock.instant();
    stored.forEach(
        (key, row) -> {
          boolean past = row.startsAt.isBefore(now);
          if (!kept.contains(key) && !past && !row.skipped) {
            agreed.delete(row);
          }
        });
    return planned;
  }

  static AgreedSession newRow(ClientFile client, SessionKey key) {
    AgreedSession row = new AgreedSession();
    row.id = UUID.randomUUID();
    row.coachId = client.coachId();
    row.clientId = client.id();
    row.lineId = key.lineId();
    row.date = key.date();
    return row;
  }

  /**
   * Whatever changes about a person, their sessions are re-fitted at once, in the same transaction.
   * A plan that cannot be made keeps nobody from being written down.
   */
  @EventListener
  @Transactional
  public void personChanged(PersonChanged changed) {
    if (programmes.current(changed.client()).isEmpty()) {
      return;
    }
    try {
      agree(changed.client());
    } catch (IllegalArgumentException e) {
      LOG.warn("The plan of {} stays as it was.", changed.client().id(), e);
    }
  }
}
