package org.nimblet.core.progress;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.Deque;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Ladder;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.progress.Footing.State;
import org.nimblet.core.progress.RungDecision.Effect;

/** Goes through the log of one exercise and decides at every step (model section 5). */
final class LadderFold {

  private final Ladder ladder;
  private final boolean endurance;
  private final boolean bothSidesWork;
  private final Map<Side, WorkedDates> worked;
  private final Set<Side> done = EnumSet.noneOf(Side.class);
  private final Map<Side, Footing> footings = new EnumMap<>(Side.class);
  private final Map<Side, Deque<Integer>> painsBefore = new EnumMap<>(Side.class);
  private final Map<Side, LocalDate> saidOn = new EnumMap<>(Side.class);
  private final List<RungDecision> decisions = new ArrayList<>();

  /**
   * Before anything happened.
   *
   * @param first the rung on which somebody begins
   */
  LadderFold(
      Exercise exercise,
      Ladder ladder,
      int first,
      Laterality sides,
      Map<Side, WorkedDates> worked) {
    this.ladder = ladder;
    this.worked = worked;
    this.endurance = exercise.progression().isDailyEndurance();
    this.bothSidesWork = sides != Laterality.WORKING_SIDE;
    for (Side side : Side.values()) {
      footings.put(side, Footing.on(first));
      painsBefore.put(side, new ArrayDeque<>());
    }
  }

  Set<Side> done() {
    return done;
  }

  Map<Side, Footing> footings() {
    return footings;
  }

  List<RungDecision> decisions() {
    return decisions;
  }

  /** Goes through everything that is closed by a moment. */
  void through(Collection<? extends RungEvent> events, LocalDateTime now) {
    List<RungEvent> ordered = new ArrayList<>(events);
    ordered.sort(
        Comparator.comparing(RungEvent::at)
            .thenComparing(RungEvent::side)
            .thenComparing(LadderFold::session));
    Map<Side, Evidence> waiting = new EnumMap<>(Side.class);
    for (RungEvent event : ordered) {
      if (event instanceof Overruling overruling) {
        overrule(overruling);
      } else if (event instanceof Evidence evidence) {
        // The next session with it closes the one before.
        Optional.ofNullable(waiting.remove(evidence.side())).ifPresent(this::judge);
        if (evidence.isClosedAt(now)) {
          judge(evidence);
        } else {
          waiting.put(evidence.side(), evidence);
        }
      }
    }
  }

  /** What happened at one moment keeps an order; a word comes before a session. */
  private static UUID session(RungEvent event) {
    return event instanceof Evidence one ? one.sessionId() : new UUID(Long.MIN_VALUE, 0);
  }

  private void overrule(Overruling said) {
    saidOn.put(said.side(), said.date());
    Footing footing = footings.get(said.side());
    int rung = said.word().namesRung() ? ladder.nearest(said.rung()) : footing.rung();
    Footing after = rung == footing.rung() ? footing : footing.movedTo(rung, said.date());
    after =
        switch (said.word()) {
          case PIN, HOLD -> after.told(Optional.of(said.word()));
          case RESET -> after.told(Optional.empty()).in(State.GOING_ON);
          case ALLOW -> after.in(State.GOING_ON).atShare(false, said.date());
          case LET_GO -> after.told(Optional.empty());
        };
    keep(
        said.side(),
        said.date(),
        new RungDecision.Overruled(said.word(), said.reason()),
        Effect.SAID,
        after);
  }

  private void judge(Evidence evidence) {
    Side side = evidence.side();
    LocalDate date = evidence.date();
    begin(evidence);
    comeBack(side, date);
    Footing footing = footings.get(side);
    Answers answers = answers(evidence, footing);
    RungRule rule = RungRule.of(answers);
    evidence.before().ifPresent(pain -> remember(side, pain));
    RungDecision.Judged cause =
        new RungDecision.Judged(evidence.sessionId(), rule, answers, Optional.empty());
    if (footing.state() == State.STOPPED && rule != RungRule.STOP) {
      footing = footing.in(State.GOING_ON);
    }
    footing = footing.withEffort(evidence.effort());
    if (rule.isForSafety(answers)) {
      footing = footing.told(Optional.empty());
    }
    if (evidence.shift().isPresent() && shifted(evidence, cause, footing)) {
      return;
    }
    switch (rule.verdict()) {
      case STOP -> keep(side, date, cause, Effect.STOPPED, footing.in(State.STOPPED));
      case DOWN -> down(side, date, cause, footing);
      case NO_EVIDENCE -> keep(side, date, cause, Effect.NOTHING, footing);
      case HOLD -> keep(side, date, cause, Effect.HELD, footing.holding(false, date));
      case HOLD_AND_BEGIN_AGAIN ->
          keep(side, date, cause, Effect.HELD, footing.holding(true, date));
      case ACHIEVED -> achieved(side, date, cause, footing);
    }
  }

  /**
   * The first time says where somebody begins: an endurance count at what was complete, anything
   * else at what was set if that was more than is usual.
   */
  private void begin(Evidence evidence) {
    Side side = evidence.side();
    if (!done.add(side) || footings.get(side).changed().isPresent()) {
      return;
    }
    Footing footing = footings.get(side);
    int rung = footing.rung();
    if (endurance && evidence.complete().isPresent()) {
      rung = reached(evidence.complete().getAsInt());
    } else if (evidence.dose().isPresent()) {
      rung = Math.max(rung, ladder.rungOf(evidence.dose().get()));
    }
    footings.put(side, footing.begunOn(rung));
  }

  private int reached(int complete) {
    int rung = 0;
    while (rung < ladder.last() && ladder.rungs().get(rung + 1).dose().quantity() <= complete) {
      rung++;
    }
    return rung;
  }

  /** Time away lowers the rung before what was done then is judged. */
  private void comeBack(Side side, LocalDate date) {
    OptionalInt days = worked.get(side).daysAwayOn(date);
    OptionalInt rung = AwayRule.lower(ladder, footings.get(side), worked.get(side), date);
    if (rung.isPresent()) {
      keep(
          side,
          date,
          new RungDecision.Away(days.orElseThrow()),
          Effect.DOWN,
          footings.get(side).movedTo(rung.getAsInt(), date));
    }
  }

  private Answers answers(Evidence evidence, Footing footing) {
    Deque<Integer> said = painsBefore.get(evidence.side());
    return new Answers(
        evidence.sign(),
        evidence.before(),
        evidence.during(),
        usual(said, evidence.before()),
        evidence.nextMorning(),
        evidence.donePercent(),
        evidence.shortfall(),
        evidence.effort(),
        footing.effort(),
        evidence.uneven(),
        evidence
            .dose()
            .map(dose -> footing.lowered() || ladder.reaches(dose, footing.rung()))
            .orElse(true));
  }

  /** What somebody changed on the way is remembered, unless pain or the rules say less. */
  private boolean shifted(Evidence evidence, RungDecision.Judged judged, Footing footing) {
    Side side = evidence.side();
    LocalDate date = evidence.date();
    RungDecision.Judged cause =
        new RungDecision.Judged(
            judged.sessionId(), judged.rule(), judged.answers(), evidence.shift());
    boolean lessAnyway =
        judged.rule().verdict() == RungRule.Verdict.STOP
            || judged.rule().verdict() == RungRule.Verdict.DOWN;
    if (evidence.shift().filter(shift -> shift == Shift.EASIER).isPresent()) {
      if (!lessAnyway) {
        down(side, date, cause, footing);
      }
      return !lessAnyway;
    }
    boolean free = footing.word().isEmpty() && !footing.changedOn(date);
    boolean up =
        judged.rule() == RungRule.ACHIEVED
            && free
            && footing.rung() < ladder.last()
            && !wouldLeaveBehind(side, footing.rung() + 1);
    if (up) {
      keep(side, date, cause, Effect.UP, footing.movedTo(footing.rung() + 1, date));
    }
    return up;
  }

  /** The median of the last answers about pain before; with few of them this one, or none. */
  private static int usual(Deque<Integer> said, OptionalInt before) {
    int[] last =
        IntStream.concat(said.stream().mapToInt(Integer::intValue), before.stream()).toArray();
    if (last.length < ProgressRules.LEAST_FOR_USUAL) {
      return before.orElse(0);
    }
    int[] latest =
        Arrays.copyOfRange(last, Math.max(0, last.length - ProgressRules.USUAL_OF), last.length);
    Arrays.sort(latest);
    return latest[latest.length / 2];
  }

  /** Only the last answers say what is usual. */
  private void remember(Side side, int before) {
    Deque<Integer> said = painsBefore.get(side);
    said.addLast(before);
    if (said.size() > ProgressRules.USUAL_OF) {
      said.removeFirst();
    }
  }

  /** One step a date; what the coach said that day is none, and keeps no pain from lowering it. */
  private void down(Side side, LocalDate date, RungDecision.Cause cause, Footing footing) {
    boolean changed = footing.changedOn(date) && !date.equals(saidOn.get(side));
    if (isPinned(footing) || changed) {
      keep(side, date, cause, Effect.HELD, footing.holding(true, date));
    } else if (footing.rung() > 0) {
      keep(side, date, cause, Effect.DOWN, footing.movedTo(footing.rung() - 1, date));
    } else if (!footing.lowered()) {
      keep(side, date, cause, Effect.LOWERED, footing.atShare(true, date));
    } else {
      keep(side, date, cause, Effect.PAUSED, footing.in(State.PAUSED));
    }
  }

  private void achieved(Side side, LocalDate date, RungDecision.Judged cause, Footing footing) {
    if (!cause.answers().asked()) {
      keep(side, date, cause, Effect.NOTHING, footing);
      return;
    }
    boolean again = footing.counted().filter(date::equals).isPresent();
    Footing counted = again ? footing : footing.withStreak(footing.streak() + 1, date);
    boolean enough = counted.streak() >= counted.need(date);
    boolean free = counted.word().isEmpty() && !counted.changedOn(date);
    if (!enough || !free || !(endurance || counted.mayRise(date))) {
      keep(side, date, cause, Effect.COUNTED, counted);
    } else if (counted.lowered()) {
      keep(side, date, cause, Effect.RESTORED, counted.atShare(false, date));
    } else if (counted.rung() == ladder.last()) {
      keep(side, date, cause, Effect.MAINTAINED, counted);
    } else if (wouldLeaveBehind(side, counted.rung() + 1)) {
      keep(side, date, cause, Effect.WAITS, counted);
    } else {
      keep(side, date, cause, Effect.UP, counted.movedTo(counted.rung() + 1, date));
    }
  }

  /**
   * Whether a side would do too much more than the other, if the other goes on as well. One rung
   * apart is never too much, or neither could ever take a large step.
   */
  private boolean wouldLeaveBehind(Side side, int rung) {
    Side other = side.other();
    Footing there = footings.get(other);
    boolean both = done.contains(other) && there.state() == State.GOING_ON && bothSidesWork;
    return both
        && there.rung() < rung - 1
        && ladder.volume(rung) * ProgressRules.WHOLE_PERCENT
            > ladder.volume(there.rung()) * ProgressRules.SIDE_PERCENT;
  }

  private static boolean isPinned(Footing footing) {
    return footing.word().filter(word -> word == Overruling.Word.PIN).isPresent();
  }

  private void keep(
      Side side, LocalDate date, RungDecision.Cause cause, Effect effect, Footing after) {
    Footing before = footings.put(side, after);
    decisions.add(
        new RungDecision(
            date,
            side,
            cause,
            effect,
            before.rung(),
            after.rung(),
            after.streak(),
            before.need(date)));
  }
}
