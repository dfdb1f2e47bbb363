package org.nimblet.server.health;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
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

  /** The health of a client on a date. */
  @Transactional(readOnly = true)
  public Health of(ClientFile client, LocalDate date) {
    List<Minded> holding = holding(client, date);
    return new Health(
        history.pains(client).stream().map(History.PainNow::pain).toList(),
        openSigns(client).stream().map(HealthFiles::sign).toList(),
        holding.stream()
            .filter(thing -> thing.kind == MindedKind.KEEP_OUT)
            .flatMap(thing -> exclusions(thing).stream())
            .toList(),
        holding.stream()
            .filter(thing -> thing.kind == MindedKind.ALLOW)
            .map(thing -> thing.exerciseId)
            .collect(Collectors.toSet()),
        holding.stream()
            .filter(thing -> thing.kind == MindedKind.CONDITION)
            .map(thing -> new KnownCondition(thing.condition, sides(thing)))
            .toList(),
        client.ageGroup());
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

  /** The latest yes to each sign on each side that no later word has answered. */
  List<Screening> openSigns(ClientFile client) {
    Map<String, Screening> open = new LinkedHashMap<>();
    for (Screening said : screenings.findByClientIdOrderByAtAscIdAsc(client.id())) {
      switch (said.answer) {
        case YES -> open.put(said.sign + "/" + said.side, said);
        case CLEARED -> open.remove(said.sign + "/" + said.side);
        case NO -> {
          for (Side side : Side.values()) {
            open.remove(said.sign + "/" + side);
          }
        }
        case NOT_ASKED -> throw new IllegalStateException("not asking is never stored");
      }
    }
    return open.values().stream()
        .sorted(
            Comparator.comparing((Screening said) -> said.sign).thenComparing(said -> said.side))
        .toList();
  }

  static Sign sign(Screening said) {
    return new Sign(
        said.sign,
        said.side,
        said.regions.stream().map(Region::valueOf).collect(Collectors.toSet()),
        said.since);
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
