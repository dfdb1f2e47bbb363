package org.nimblet.server.workshop;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Drilling;
import org.nimblet.core.drill.Pattern;
import org.nimblet.core.drill.Patterns;
import org.nimblet.core.drill.Try;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.OpenDrills;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.routine.RoutineRequests;
import org.nimblet.server.routine.SafetyView;
import org.nimblet.server.workshop.WorkshopForms.DrillRoundForm;
import org.nimblet.server.workshop.WorkshopForms.DrillRoundView;
import org.nimblet.server.workshop.WorkshopForms.PatternView;
import org.nimblet.server.workshop.WorkshopForms.PatternsView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finger patterns of a person: where they stand, what they do next, and what they tried. */
@Service
public class WorkshopService {

  /** A drill lasts so many changes (ours). */
  static final int CHANGES = 20;

  /** And before it so many seconds, to see what comes (ours). */
  static final int READ_SECONDS = 5;

  private static final int SECONDS_A_MINUTE = 60;

  /** How long a drill lasts, with the time to see what comes. */
  static int seconds(int aMinute) {
    return READ_SECONDS + CHANGES * SECONDS_A_MINUTE / aMinute;
  }

  private final DrillTries tries;

  WorkshopService(DrillTries tries) {
    this.tries = tries;
  }

  /** All patterns as somebody stands with them, those of one hand for one of both. */
  @Transactional(readOnly = true)
  public PatternsView patterns(Person person, Side hand, int aMinute) {
    Drilling drilling = drilling(person.client());
    return views(person)
        .patterns(drilling, hand, aMinute, Set.copyOf(next(person, drilling, aMinute)));
  }

  /**
   * One of them, with its difficulty in parts.
   *
   * @throws InvalidFieldException if there is no such pattern
   */
  @Transactional(readOnly = true)
  public PatternView pattern(Person person, String id, Side hand, int aMinute) {
    Drilling drilling = drilling(person.client());
    Pattern pattern = known("pattern", id);
    Drill drill = new Drill(pattern, Optional.of(hand).filter(each -> pattern.isForOneHand()));
    return views(person).pattern(drilling, drill, aMinute);
  }

  /** The round that somebody should do now. */
  @Transactional(readOnly = true)
  public DrillRoundView round(Person person, DrillRoundForm form) {
    Drilling drilling = drilling(person.client());
    int fit = Math.max(1, form.length() * SECONDS_A_MINUTE / seconds(form.tempo()));
    int count = Math.min(fit, WorkshopForms.MOST_DRILLS);
    List<Drill> drills = round(person, drilling, count, form.tempo());
    if (drills.isEmpty()) {
      throw new InvalidFieldException(
          "minutes", "Nothing of what is learned now may be done. " + whyNot(person, drilling));
    }
    return views(person).round(drilling, drills, form, SafetyView.of(person));
  }

  private String whyNot(Person person, Drilling drilling) {
    OpenDrills open = open(person);
    return drilling.openFamilies().stream()
        .flatMap(family -> Drilling.drills(family).stream())
        .flatMap(drill -> open.closed(drill).stream())
        .findFirst()
        .orElse("");
  }

  private List<Drill> next(Person person, Drilling drilling, int aMinute) {
    return round(
        person,
        drilling,
        WorkshopForms.ROUND_MINUTES * SECONDS_A_MINUTE / seconds(aMinute),
        aMinute);
  }

  private static List<Drill> round(Person person, Drilling drilling, int count, int aMinute) {
    OpenDrills open = open(person);
    return drilling.round(count, aMinute, person.today(), drill -> open.closed(drill).isEmpty());
  }

  private static OpenDrills open(Person person) {
    return new OpenDrills(
        RoutineRequests.of(
            person,
            person.today(),
            Purpose.INDEPENDENCE,
            WorkshopForms.ROUND_MINUTES * SECONDS_A_MINUTE,
            Optional.empty(),
            Around.NOTHING,
            List.of()));
  }

  private static WorkshopViews views(Person person) {
    return new WorkshopViews(person.client().notation(), open(person)::closed);
  }

  static Pattern known(String field, String id) {
    return Patterns.find(id)
        .orElseThrow(() -> new InvalidFieldException(field, "(%s) is no pattern.".formatted(id)));
  }

  private Drilling drilling(ClientFile client) {
    return Drilling.of(
        client.dominantHand(),
        tries.findByClientIdOrderByTriedAtAscIdAsc(client.id()).stream()
            .flatMap(row -> read(row, client))
            .toList());
  }

  /** A pattern that is no more is passed over. */
  private static Stream<Try> read(DrillTry row, ClientFile client) {
    return Patterns.find(row.pattern).stream()
        .map(
            pattern ->
                new Try(
                    new Drill(pattern, Optional.ofNullable(row.hand)),
                    row.aMinute == null ? OptionalInt.empty() : OptionalInt.of(row.aMinute),
                    row.clean,
                    LocalDateTime.ofInstant(row.triedAt, client.zone())));
  }
}
