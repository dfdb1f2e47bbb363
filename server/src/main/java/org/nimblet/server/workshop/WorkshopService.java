package org.nimblet.server.workshop;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
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
import org.nimblet.server.workshop.WorkshopForms.DrillRoundForm;
import org.nimblet.server.workshop.WorkshopForms.DrillRoundView;
import org.nimblet.server.workshop.WorkshopForms.PatternView;
import org.nimblet.server.workshop.WorkshopForms.PatternsView;
import org.nimblet.server.workshop.WorkshopForms.TriesForm;
import org.nimblet.server.workshop.WorkshopForms.TryForm;
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

  /** Clocks of devices may be ahead by this. */
  private static final Duration AHEAD = Duration.ofMinutes(5);

  private final DrillTries tries;
  private final Clock clock;

  WorkshopService(DrillTries tries, Clock clock) {
    this.tries = tries;
    this.clock = clock;
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
    int seconds = READ_SECONDS + CHANGES * SECONDS_A_MINUTE / form.aMinute();
    int count = Math.max(1, form.minutes() * SECONDS_A_MINUTE / seconds);
    List<Drill> drills = round(person, drilling, count, form.aMinute());
    if (drills.isEmpty()) {
      throw new InvalidFieldException(
          "minutes", "Nothing of what is learned now may be done. " + whyNot(person, drilling));
    }
    return views(person).round(drilling, drills, form);
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
    int seconds = READ_SECONDS + CHANGES * SECONDS_A_MINUTE / aMinute;
    return round(person, drilling, 5 * SECONDS_A_MINUTE / seconds, aMinute);
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
            5 * SECONDS_A_MINUTE,
            Optional.empty(),
            Around.NOTHING,
            List.of()));
  }

  private static WorkshopViews views(Person person) {
    return new WorkshopViews(person.client().notation(), open(person)::closed);
  }

  /** Keeps what was tried; tries that are known already are passed over. */
  @Transactional
  public void keep(ClientFile client, TriesForm form) {
    Set<UUID> known =
        tries.findAllById(form.tries().stream().map(TryForm::id).toList()).stream()
            .map(each -> each.id)
            .collect(Collectors.toCollection(HashSet::new));
    Instant latest = clock.instant().plus(AHEAD);
    List<DrillTry> kept = new ArrayList<>();
    for (int i = 0; i < form.tries().size(); i++) {
      TryForm tried = form.tries().get(i);
      Pattern pattern = known("tries[%d].pattern".formatted(i), tried.pattern());
      if (pattern.isForOneHand() == (tried.hand() == null)) {
        throw new InvalidFieldException(
            "tries[%d].hand".formatted(i),
            pattern.isForOneHand() ? "LEFT or RIGHT." : "Left out: both hands do it.");
      }
      if (tried.at().isAfter(latest)) {
        throw new InvalidFieldException("tries[%d].at".formatted(i), "Not in the future.");
      }
      if (known.add(tried.id())) {
        kept.add(row(client, form.roundId(), tried));
      }
    }
    tries.saveAll(kept);
  }

  private static DrillTry row(ClientFile client, UUID roundId, TryForm tried) {
    DrillTry row = new DrillTry();
    row.id = tried.id();
    row.coachId = client.coachId();
    row.clientId = client.id();
    row.roundId = roundId;
    row.pattern = tried.pattern();
    row.hand = tried.hand();
    row.aMinute = tried.aMinute();
    row.clean = tried.clean();
    row.triedAt = tried.at();
    return row;
  }

  private static Pattern known(String field, String id) {
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
