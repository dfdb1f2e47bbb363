package org.nimblet.server.health;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.routine.Exclusion;
import org.nimblet.core.routine.Health;
import org.nimblet.core.routine.KnownCondition;
import org.nimblet.core.routine.Sign;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.session.History;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What hurts and what is to be minded, as the composer, the check and the player want it. */
@Service
public class HealthFiles {

  private final Screenings screenings;
  private final MindedThings minded;
  private final History history;

  HealthFiles(Screenings screenings, MindedThings minded, History history) {
    this.screenings = screenings;
    this.minded = minded;
    this.history = history;
  }

  /** The health of a client on a date, with the sessions of that date that were stopped. */
  @Transactional(readOnly = true)
  public Health of(ClientFile client, LocalDate date) {
    List<Minded> holding = holding(client, date);
    List<Sign> signs = new ArrayList<>();
    openSigns(client).forEach(said -> signs.add(sign(said, client)));
    raised(client).stream().map(Raised::sign).forEach(signs::add);
    Map<String, LocalDate> allowed = new HashMap<>();
    holding.stream()
        .filter(thing -> thing.kind == MindedKind.ALLOW)
        .forEach(
            thing -> allowed.merge(thing.exerciseId, saidOn(thing, client), HealthFiles::later));
    return new Health(
        history.pains(client).stream().map(History.PainNow::pain).toList(),
        signs,
        history.stops(client, date),
        holding.stream()
            .filter(thing -> thing.kind == MindedKind.KEEP_OUT)
            .flatMap(thing -> exclusions(thing).stream())
            .toList(),
        allowed,
        holding.stream()
            .filter(thing -> thing.kind == MindedKind.CONDITION)
            .map(thing -> condition(thing, client))
            .toList(),
        client.ageGroup());
  }

  private static LocalDate later(LocalDate a, LocalDate b) {
    return a.isAfter(b) ? a : b;
  }

  private static LocalDate saidOn(Minded thing, ClientFile client) {
    return LocalDate.ofInstant(thing.saidAt, client.zone());
  }

  private static KnownCondition condition(Minded thing, ClientFile client) {
    return new KnownCondition(
        thing.condition,
        sides(thing),
        thing.region == null ? thing.condition.usualPlace() : Set.of(thing.region),
        saidOn(thing, client));
  }

  /**
   * A sign that nobody was asked about although something that was told raises the question; it
   * counts as standing until somebody answers.
   *
   * @param sign what it would be
   * @param words what was told, and when, for people
   */
  record Raised(Sign sign, String words) {}

  /** A tingle or numbness told in any way since the sign was last spoken of. */
  @Transactional(readOnly = true)
  List<Raised> raised(ClientFile client) {
    Optional<Instant> asked =
        screenings.findByClientIdOrderByAtAscIdAsc(client.id()).stream()
            .filter(said -> said.sign == ReferralSign.PINS_AND_NEEDLES)
            .map(said -> said.at)
            .max(Comparator.naturalOrder());
    Map<Side, Raised> bySide = new EnumMap<>(Side.class);
    for (History.NerveWord told : history.nerveWords(client)) {
      if (asked.isEmpty() || told.at().isAfter(asked.get())) {
        LocalDate on = LocalDate.ofInstant(told.at(), client.zone());
        Sign sign =
            new Sign(
                ReferralSign.PINS_AND_NEEDLES, told.side(), told.regions(), "told in passing", on);
        bySide.put(told.side(), new Raised(sign, "%s, told on %s".formatted(told.words(), on)));
      }
    }
    return List.copyOf(bySide.values());
  }

  /** How far a joint of a region goes, in words; shown wherever work loads it. */
  public record JointLimit(Side side, Region region, String words) {}

  /** The joints that do not go all the way. */
  @Transactional(readOnly = true)
  public List<JointLimit> jointLimits(ClientFile client, LocalDate date) {
    return holding(client, date).stream()
        .filter(thing -> thing.kind == MindedKind.JOINT_LIMIT)
        .flatMap(
            thing ->
                sides(thing).stream().map(side -> new JointLimit(side, thing.region, thing.words)))
        .toList();
  }

  List<Minded> holding(ClientFile client, LocalDate date) {
    return minded.findByClientIdOrderBySaidAtAscIdAsc(client.id()).stream()
        .filter(thing -> thing.endedAt == null)
        .filter(thing -> thing.until == null || !thing.until.isBefore(date))
        .toList();
  }

  /**
   * The latest yes to each sign on each side that no clinician has cleared and that was not a
   * mistake. A plain no to a question asked later leaves it standing.
   */
  List<Screening> openSigns(ClientFile client) {
    Map<String, Screening> open = new LinkedHashMap<>();
    for (Screening said : screenings.findByClientIdOrderByAtAscIdAsc(client.id())) {
      switch (said.answer) {
        case YES -> open.put(said.sign + "/" + said.side, said);
        case CLEARED, MISTAKEN -> open.remove(said.sign + "/" + said.side);
        case NO -> {
          // It answers a question that was raised, and clears nothing.
        }
        case NOT_ASKED -> throw new IllegalStateException("not asking is never stored");
      }
    }
    return open.values().stream()
        .sorted(
            Comparator.comparing((Screening said) -> said.sign).thenComparing(said -> said.side))
        .toList();
  }

  static Sign sign(Screening said, ClientFile client) {
    return new Sign(
        said.sign,
        said.side,
        said.regions.stream().map(Region::valueOf).collect(Collectors.toSet()),
        said.since,
        LocalDate.ofInstant(said.at, client.zone()));
  }

  static Set<Side> sides(Minded thing) {
    Set<Side> sides = EnumSet.noneOf(Side.class);
    thing.sides.forEach(side -> sides.add(Side.valueOf(side)));
    return sides;
  }

  static List<Exclusion> exclusions(Minded thing) {
    Optional<LocalDate> until = Optional.ofNullable(thing.until);
    if (thing.exerciseId != null) {
      return List.of(new Exclusion(new Exclusion.OfExercise(thing.exerciseId), thing.words, until));
    }
    return sides(thing).stream()
        .map(
            side ->
                thing.region != null
                    ? new Exclusion.OfRegion(side, thing.region)
                    : new Exclusion.OfMovement(side, thing.movement))
        .map(subject -> new Exclusion(subject, thing.words, until))
        .toList();
  }
}
