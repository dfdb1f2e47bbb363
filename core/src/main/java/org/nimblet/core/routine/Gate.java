package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.ClosedWith;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Recovery;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.exercise.Use;
import org.nimblet.core.routine.Rejection.Reason;

/**
 * What keeps an exercise out of a routine before anything is weighed, in the order in which it is
 * asked: safety first.
 */
public enum Gate {
  SIGN("Referral sign") {
    @Override
    Optional<Reason> closed(Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked) {
      Health health = asked.facts().health();
      return health.stops().stream()
          .filter(stop -> stop.closes(exercise, side))
          .findFirst()
          .<Reason>map(Rejection.StoppedToday::new)
          .or(
              () ->
                  health.signs().stream()
                      .filter(sign -> sign.closes(exercise, side))
                      .filter(sign -> !health.allows(exercise, sign.told()))
                      .findFirst()
                      .map(Rejection.Signed::new));
    }
  },
  CLINICIAN("Clinician") {
    @Override
    Optional<Reason> closed(Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked) {
      return asked.facts().health().exclusions().stream()
          .filter(exclusion -> exclusion.subject().closes(exercise, side))
          .findFirst()
          .map(Rejection.Excluded::new);
    }
  },
  CONDITION("Condition and age") {
    @Override
    Optional<Reason> closed(Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked) {
      Health health = asked.facts().health();
      if (health.age().keepsOut(exercise)) {
        return Optional.of(new Rejection.NotForAge(health.age()));
      }
      return health.conditions().stream()
          .filter(known -> known.closes(exercise, side))
          .filter(known -> !health.allows(exercise, known.told()))
          .findFirst()
          .map(known -> new Rejection.Conditioned(known.condition()));
    }
  },
  PAIN("Pain") {
    @Override
    Optional<Reason> closed(Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked) {
      Health health = asked.facts().health();
      Optional<Reason> painful =
          health.painsOf(exercise, side, Use.MOVES).stream()
              .filter(pain -> hurtsTooMuch(exercise, side, pain))
              .max(Comparator.comparingInt(Pain::level))
              .map(Rejection.Painful::new);
      return painful.or(() -> oftenEnough(exercise, side, asked));
    }
  },
  PURPOSE("Purpose") {
    @Override
    Optional<Reason> closed(Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked) {
      Optional<Phase> phase = plan.phaseOf(exercise);
      if (phase.isEmpty()) {
        return Optional.of(new Rejection.NotForPurpose(plan));
      }
      return exercise.demands().intensity() > phase.get().greatestIntensity()
          ? Optional.of(
              new Rejection.TooIntense(phase.get().name(), phase.get().greatestIntensity()))
          : Optional.empty();
    }
  },
  COACH("The coach's choice") {
    @Override
    Optional<Reason> closed(Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked) {
      return exercise.demands().coachOnly()
          ? Optional.of(new Rejection.CoachOnly())
          : Optional.empty();
    }
  },
  PLAY("Play near by") {
    @Override
    Optional<Reason> closed(Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked) {
      int wanted = SafetyRules.minutesBeforePlay(exercise);
      boolean never = exercise.demands().tires() && !plan.mayTire();
      if (never || (wanted > 0 && asked.hasPlay())) {
        return Optional.of(new Rejection.TooNearToPlay(OptionalInt.empty()));
      }
      return asked.around().minutesToPlay().stream().anyMatch(minutes -> minutes < wanted)
          ? Optional.of(new Rejection.TooNearToPlay(asked.around().minutesToPlay()))
          : Optional.empty();
    }
  },
  REST("Rest between") {
    @Override
    Optional<Reason> closed(Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked) {
      if (exercise.demands().recovery() != Recovery.REST_DAY) {
        return Optional.empty();
      }
      if (asked.around().performanceTomorrow()) {
        return Optional.of(new Rejection.BeforePerformance());
      }
      Set<Tissue> tired = EnumSet.noneOf(Tissue.class);
      tired.addAll(asked.recent().workedHard());
      tired.retainAll(exercise.service().workedTissues());
      return tired.isEmpty() ? Optional.empty() : Optional.of(new Rejection.NeedsRest(tired));
    }
  },
  DISCIPLINE("What the hands do") {
    @Override
    Optional<Reason> closed(Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked) {
      return exercise.suits(asked.use().disciplines()) && asked.use().hasRoleFor(exercise)
          ? Optional.empty()
          : Optional.of(new Rejection.OtherDiscipline());
    }
  },
  POSITION("Position") {
    @Override
    Optional<Reason> closed(Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked) {
      return position(exercise, asked.facts()).isPresent()
          ? Optional.empty()
          : Optional.of(new Rejection.NoPosition(EnumSet.copyOf(exercise.demands().positions())));
    }
  },
  THING("Thing") {
    @Override
    Optional<Reason> closed(Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked) {
      Set<Thing> missing =
          Substitution.unresolved(exercise.demands().things(), asked.facts().things());
      if (!missing.isEmpty()) {
        return Optional.of(new Rejection.NoThing(missing));
      }
      return OwnLoad.exists(exercise, asked)
          ? Optional.empty()
          : Optional.of(OwnLoad.whyNone(exercise, asked));
    }
  };

  /** The gates that depend on the person and the place, whatever a routine is for. */
  static final Set<Gate> OF_THE_PERSON =
      Collections.unmodifiableSet(
          EnumSet.of(SIGN, CLINICIAN, CONDITION, PAIN, DISCIPLINE, POSITION, THING));

  /** The gates of safety: they hold whoever put an exercise into a routine. */
  static final Set<Gate> OF_SAFETY =
      Collections.unmodifiableSet(EnumSet.of(SIGN, CLINICIAN, CONDITION, PAIN));

  /** What a pinned step passes, whoever pinned it. */
  static final Set<Gate> OF_PINNED =
      Collections.unmodifiableSet(EnumSet.of(SIGN, CLINICIAN, CONDITION, PAIN, PLAY));

  /** All gates. */
  static final Set<Gate> ALL = Collections.unmodifiableSet(EnumSet.allOf(Gate.class));

  /** What a coach may add by hand: all but what only a coach adds. */
  static final Set<Gate> FOR_THE_COACH =
      Collections.unmodifiableSet(EnumSet.complementOf(EnumSet.of(COACH)));

  private final String title;

  Gate(String title) {
    this.title = title;
  }

  /** The gate as a heading. */
  public String title() {
    return title;
  }

  /** Why it is closed for an exercise on a side; empty if it is open. */
  abstract Optional<Reason> closed(
      Exercise exercise, Side side, PurposePlan plan, RoutineRequest asked);

  /** What one gate says of one exercise. */
  public record Answer(Gate gate, Optional<String> closed) {}

  /**
   * What every gate says of an exercise, in order; closed where it may not be done on any side that
   * it needs.
   */
  static List<Answer> answers(Exercise exercise, PurposePlan plan, RoutineRequest asked) {
    List<Answer> answers = new ArrayList<>();
    for (Gate gate : values()) {
      answers.add(
          new Answer(
              gate,
              closedFor(exercise, EnumSet.of(gate), plan, asked)
                  .map(reason -> reason.sentence(exercise))));
    }
    return answers;
  }

  /** The first reason against an exercise in a routine; empty if it may stand there. */
  static Optional<Reason> closedFor(Exercise exercise, PurposePlan plan, RoutineRequest asked) {
    return closedFor(exercise, ALL, plan, asked);
  }

  static Optional<Reason> closedFor(
      Exercise exercise, Set<Gate> gates, PurposePlan plan, RoutineRequest asked) {
    Set<Side> needed = neededSides(exercise, asked);
    List<Reason> reasons = new ArrayList<>();
    int open = 0;
    for (Side side : needed) {
      Optional<Reason> reason = closedOn(exercise, side, gates, plan, asked);
      reason.ifPresent(reasons::add);
      open += reason.isEmpty() ? 1 : 0;
    }
    boolean oneSideWillDo = laterality(exercise, asked).sidesApart() && open > 0;
    return oneSideWillDo ? Optional.empty() : reasons.stream().findFirst();
  }

  /** The only side on which an exercise may be done, where it is one of two. */
  static Optional<Side> onlySide(Exercise exercise, PurposePlan plan, RoutineRequest asked) {
    if (!laterality(exercise, asked).sidesApart()) {
      return Optional.empty();
    }
    List<Side> open =
        neededSides(exercise, asked).stream()
            .filter(side -> closedOn(exercise, side, ALL, plan, asked).isEmpty())
            .toList();
    return open.size() == 1 ? Optional.of(open.get(0)) : Optional.empty();
  }

  private static Optional<Reason> closedOn(
      Exercise exercise, Side side, Set<Gate> gates, PurposePlan plan, RoutineRequest asked) {
    for (Gate gate : gates) {
      Optional<Reason> reason = gate.closed(exercise, side, plan, asked);
      if (reason.isPresent()) {
        return reason;
      }
    }
    return Optional.empty();
  }

  private static Laterality laterality(Exercise exercise, RoutineRequest asked) {
    return exercise.doseFor(asked.facts().method()).usual().laterality();
  }

  private static Set<Side> neededSides(Exercise exercise, RoutineRequest asked) {
    return laterality(exercise, asked) == Laterality.WORKING_SIDE
        ? EnumSet.of(asked.workingSide(exercise))
        : EnumSet.allOf(Side.class);
  }

  private static boolean hurtsTooMuch(Exercise exercise, Side side, Pain pain) {
    Use use = exercise.uses().of(side, pain.side(), pain.region()).orElseThrow();
    boolean acts = pain.side() == side || !pain.region().paired();
    boolean sore =
        acts
            && pain.level() >= ClosedWith.SORE_PAIN
            && exercise.closedWith().sore().contains(pain.region());
    return sore
        || SafetyRules.forbids(exercise, use, pain.level())
        || (!acts && SafetyRules.forbidsHelping(pain.region(), use, pain.level()));
  }

  private static Optional<Reason> oftenEnough(Exercise exercise, Side side, RoutineRequest asked) {
    PainDose allowed = asked.facts().health().doseFor(exercise, side);
    boolean doneToday =
        asked.recent().daysSince(exercise.id()).stream().anyMatch(days -> days == 0);
    return exercise.kind() == Kind.STRENGTHEN
            && allowed.often() == PainDose.Often.ONCE_A_DAY
            && doneToday
        ? asked
            .facts()
            .health()
            .worstFor(exercise, side)
            .map(pain -> new Rejection.OftenEnough(pain, allowed))
        : Optional.empty();
  }

  /** The usual position among those the person can take, a seat before anything else. */
  static Optional<Position> position(Exercise exercise, ClientFacts facts) {
    return exercise.demands().positions().stream()
        .filter(facts.positions()::contains)
        .min(Comparator.comparing(position -> !position.seated()));
  }

  /** The main target as a tissue, if it is one. */
  static Optional<Tissue> mainTissue(Exercise exercise) {
    Target main = exercise.service().main();
    return main instanceof Tissue tissue ? Optional.of(tissue) : Optional.empty();
  }
}
