package org.nimblet.core.progress;

import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.routine.Exclusion;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.core.routine.Sensation;

/** One dated word about a person's health. It is never changed, only followed by a later one. */
public sealed interface HealthWord {

  /** When it was said. */
  Instant at();

  /**
   * Pain of a place.
   *
   * @param sessionId the session in or after which it was said, if it was
   * @param since since when it is there, if the person said so
   */
  record OfPain(
      UUID id,
      Instant at,
      Optional<UUID> sessionId,
      PainMoment moment,
      Side side,
      Region region,
      int level,
      Optional<Sensation> sensation,
      Optional<LocalDate> since)
      implements HealthWord {

    /** Whether a session does not go on with it. */
    boolean endsSession() {
      return sensation
          .map(felt -> SafetyRules.endsSession(level, felt))
          .orElse(level >= SafetyRules.ENDING_PAIN);
    }

    /** Whether it was felt in a session or right after it. */
    public boolean isOfSession() {
      return moment == PainMoment.DURING || moment == PainMoment.AFTER;
    }

    boolean isAt(Side otherSide, Region otherRegion) {
      return side == otherSide && region == otherRegion;
    }

    /** What it was, for people: "sharp, 5 of 10". */
    String words() {
      return sensation.map(felt -> felt.word() + ", ").orElse("") + level + " of 10";
    }
  }

  /**
   * An answer about a referral sign.
   *
   * @param side on which side; empty where the answer is no
   * @param regions where; empty where the answer is no
   * @param since since when, in the person's words
   * @param words what the clinician said, or why it was a mistake
   */
  record OfSign(
      UUID id,
      Instant at,
      ReferralSign sign,
      SignAnswer answer,
      Optional<Side> side,
      List<Region> regions,
      String since,
      String words)
      implements HealthWord {}

  /**
   * Something to be minded; of condition, region, movement and exercise those are set that its kind
   * asks for.
   *
   * @param until the last day on which it holds, if that is known
   * @param endedAt when it was ended; empty while it holds
   */
  record OfMinded(
      UUID id,
      Instant at,
      MindedKind kind,
      Set<Side> sides,
      Optional<Condition> condition,
      Optional<Region> region,
      Optional<Movement> movement,
      Optional<String> exerciseId,
      String words,
      Optional<LocalDate> until,
      Optional<Instant> endedAt)
      implements HealthWord {

    boolean holdsOn(LocalDate date) {
      return endedAt.isEmpty() && until.filter(last -> last.isBefore(date)).isEmpty();
    }

    List<Exclusion> exclusions() {
      if (exerciseId.isPresent()) {
        return List.of(new Exclusion(new Exclusion.OfExercise(exerciseId.get()), words, until));
      }
      return sides.stream()
          .sorted()
          .map(
              side ->
                  region
                      .<Exclusion.Subject>map(place -> new Exclusion.OfRegion(side, place))
                      .orElseGet(() -> new Exclusion.OfMovement(side, movement.orElseThrow())))
          .map(subject -> new Exclusion(subject, words, until))
          .toList();
    }

    /** What it is and where, for people; an exercise is called by its identifier. */
    public String name() {
      String where =
          sides.equals(EnumSet.allOf(Side.class))
              ? "both sides"
              : sides.stream().map(Side::word).findFirst().orElse("");
      if (exerciseId.isPresent()) {
        return exerciseId.get();
      }
      if (condition.isPresent()) {
        return condition.get().word() + region.map(r -> ", " + r.word()).orElse("") + ", " + where;
      }
      return region.map(Region::word).orElseGet(() -> movement.orElseThrow().word()) + ", " + where;
    }
  }

  /** A session was ended for safety; what was felt stands in the words of pain about it. */
  record OfStop(UUID sessionId, Instant at, LocalDate date) implements HealthWord {}

  /** Somebody said on a morning how they were after the day before; what hurt stands as pain. */
  record OfMorning(Instant at, LocalDate date) implements HealthWord {}

  /** A line that was said after a session. */
  record OfLine(UUID sessionId, Instant at, String words) implements HealthWord {}

  /** What sort of thing is to be minded. */
  enum MindedKind {
    /** A known condition. */
    CONDITION,
    /** A region, a direction of movement or an exercise that is left out. */
    KEEP_OUT,
    /** An exercise that a clinician allows in spite of a sign or a condition. */
    ALLOW,
    /** As far as a joint goes; nobody is pushed past it. */
    JOINT_LIMIT
  }
}
