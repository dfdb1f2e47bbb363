package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.commons.numbers.fraction.BigFraction;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.BreathHalf;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.Keyframe;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;

/**
 * Expands steps into a cue sheet. Inside a step the cue boundaries are the rounded running sum of
 * exact lengths, so that 333⅓ ms does not drift.
 */
public final class CueSheetWriter {

  /** A count at one's own pace may be ended at once; a touch by mistake ends nothing. */
  private static final long OWN_PACE_ENDED_FROM_MILLIS = 1000;

  private final Pace pace;
  private final Notation notation;
  private final List<Cue> cues = new ArrayList<>();
  private final List<Long> stepStarts = new ArrayList<>();

  private long stepStart;
  private BigFraction elapsed = BigFraction.ZERO;
  private int stepIndex;
  private int unitIndex;
  private Step step;

  private CueSheetWriter(Pace pace, Notation notation) {
    this.pace = pace;
    this.notation = notation;
  }

  /**
   * The cue sheet of these steps, begun while sitting with nothing at hand.
   *
   * @param steps in order; empty gives an empty sheet
   * @param pace how fast the person breathes
   * @param notation how digits are written in texts
   */
  public static CueSheet write(List<Step> steps, Pace pace, Notation notation) {
    CueSheetWriter writer = new CueSheetWriter(pace, notation);
    Position position = Position.SIT;
    Set<Thing> atHand = new HashSet<>();
    for (int i = 0; i < steps.size(); i++) {
      Step next = steps.get(i);
      Set<Thing> needed = next.things();
      writer.step(i, next, SetUp.seconds(position, atHand, next.position(), needed));
      position = next.position();
      atHand = new HashSet<>(needed);
    }
    return new CueSheet(writer.cues, writer.stepStarts, writer.now());
  }

  private long now() {
    return stepStart + StepTime.roundedMillis(elapsed);
  }

  private void step(int index, Step next, int setUpSeconds) {
    stepStart = now();
    elapsed = BigFraction.ZERO;
    stepIndex = index;
    unitIndex = 0;
    step = next;
    stepStarts.add(stepStart);
    Dose dose = next.dose();
    Keyframe rest = firstPose();
    Moment whole = new Moment(sidesOf(dose.laterality(), next.firstSide()), 0, 0, 0);
    add(seconds(setUpSeconds), CuePhase.SET_UP, whole, next.setUp(), Sound.START, rest, rest);
    if (dose.laterality() == Laterality.IN_TURN) {
      inTurn(dose);
    } else {
      sideBySide(dose);
    }
    if (next.hasRelease(pace)) {
      add(
          seconds(StepTime.RELEASE_SECONDS),
          CuePhase.RELEASE,
          whole,
          "Shake it out loosely",
          Sound.REST,
          rest,
          rest);
    }
  }

  private void sideBySide(Dose dose) {
    for (Side side : dose.passes(step.firstSide())) {
      Sides sides = sidesOf(dose.laterality(), side);
      if (side != step.firstSide()) {
        changeTo(side, sides, StepTime.SIDE_CHANGE_SECONDS);
      }
      pass(dose.on(side), sides, 1, dose.on(side).sets());
    }
  }

  /** Round by round, each on one side and then on the other. */
  private void inTurn(Dose dose) {
    boolean begun = false;
    for (int round = 1; round <= dose.sets(); round++) {
      for (Side side : dose.passes(step.firstSide())) {
        Sides sides = Sides.of(side);
        if (begun) {
          if (side == step.firstSide()) {
            rest(dose, new Moment(sides, 0, round, 0));
          }
          changeTo(side, sides, StepTime.TURN_SECONDS);
        }
        begun = true;
        pass(dose, sides, round, round);
      }
    }
  }

  private void changeTo(Side side, Sides sides, int seconds) {
    add(
        seconds(seconds),
        CuePhase.SWITCH,
        new Moment(sides, 0, 0, 0),
        "Change sides: " + side.word() + " now",
        Sound.SWITCH,
        firstPose(),
        firstPose());
  }

  private void rest(Dose dose, Moment moment) {
    if (dose.restSeconds() > 0) {
      add(
          seconds(dose.restSeconds()),
          CuePhase.REST,
          moment.of(0, dose.sets()),
          "Rest",
          Sound.REST,
          firstPose(),
          firstPose());
    }
  }

  private void pass(Dose dose, Sides sides, int firstSet, int lastSet) {
    for (int unit = 0; unit < dose.units().count(); unit++) {
      unitIndex = unit;
      if (unit > 0) {
        add(
            seconds(StepTime.UNIT_CHANGE_SECONDS),
            CuePhase.SWITCH,
            new Moment(sides, unit, 0, 0),
            "Next: " + label(unit),
            Sound.SWITCH,
            firstPose(),
            firstPose());
      }
      for (int set = firstSet; set <= lastSet; set++) {
        if (set > firstSet) {
          rest(dose, new Moment(sides, unit, set, 0));
        }
        if (dose.form() instanceof DoseForm.OwnPace) {
          ownPace(dose, new Moment(sides, unit, set, 1));
          continue;
        }
        for (int repetition = 1; repetition <= dose.repetitions(); repetition++) {
          repetition(dose, new Moment(sides, unit, set, repetition));
        }
      }
    }
  }

  /** A whole set in one cue, which the person ends: the count is theirs. */
  private void ownPace(Dose dose, Moment started) {
    add(
        dose.form().repetitionSeconds(pace).multiply(dose.repetitions()),
        step.exercise().kind() == Kind.BRIDGE ? CuePhase.PLAY : CuePhase.MOVE,
        started.of(dose.repetitions(), dose.sets()).easing(OWN_PACE_ENDED_FROM_MILLIS),
        step.exercise().guidance().cue(),
        Sound.START,
        firstPose(),
        lastPose());
  }

  private void repetition(Dose dose, Moment started) {
    DoseForm form = dose.form();
    Moment moment = started.of(dose.repetitions(), dose.sets());
    String cue = step.exercise().guidance().cue();
    Keyframe first = firstPose();
    Keyframe last = lastPose();
    if (form instanceof DoseForm.Hold hold) {
      hold(hold.seconds(), moment);
    } else if (form instanceof DoseForm.PressesThenHold presses) {
      pressesThenHold(presses, moment);
    } else if (form instanceof DoseForm.Pulse) {
      BigFraction half = pace.breathSeconds().divide(2);
      BigFraction kept = seconds(DoseForm.Pulse.KEPT_SECONDS);
      Moment in = moment.breathing(Breath.IN);
      Moment out = moment.breathing(Breath.OUT);
      add(half, CuePhase.RETURN, in, "Breathe in, let go", Sound.NONE, last, first);
      if (half.compareTo(kept) > 0) {
        add(half.subtract(kept), CuePhase.MOVE, out, "Breathe out, draw", Sound.BEAT, first, last);
      }
      add(kept, CuePhase.HOLD, out, "Keep it", Sound.NONE, last, last);
    } else if (form instanceof DoseForm.Breaths breaths) {
      BigFraction half = pace.breathSeconds().divide(2);
      for (int breath = 1; breath <= breaths.breaths(); breath++) {
        Moment counted = moment.beat(breath, breaths.breaths());
        add(
            half,
            CuePhase.HOLD,
            counted.breathing(Breath.IN),
            cue,
            breath == 1 ? Sound.START : Sound.NONE,
            last,
            last);
        add(half, CuePhase.HOLD, counted.breathing(Breath.OUT), cue, Sound.NONE, last, last);
      }
    } else if (form instanceof DoseForm.Count count) {
      BigFraction beatLength = BigFraction.of(60, count.beatsPerMinute());
      for (int beat = 1; beat <= count.beats(); beat++) {
        add(
            beatLength,
            beat * 2 <= count.beats() + 1 ? CuePhase.MOVE : CuePhase.RETURN,
            moment.beat(beat, count.beats()),
            cue,
            Sound.BEAT,
            keyframe(beat - 1, count.beats(), moment.repetition() - 1),
            keyframe(beat, count.beats(), moment.repetition() - 1));
      }
    } else if (form instanceof DoseForm.UntilEases eases) {
      add(
          seconds(eases.greatestSeconds()),
          CuePhase.HOLD,
          moment.easing(eases.leastSeconds() * 1000L),
          cue,
          Sound.START,
          last,
          last);
    } else if (form instanceof DoseForm.BreathMoved moved) {
      breathMoved(moved.into(), moment);
    } else if (form instanceof DoseForm.Paced paced) {
      paced(paced, moment);
    } else if (form instanceof DoseForm.Timed timed) {
      CuePhase phase = step.exercise().kind() == Kind.BRIDGE ? CuePhase.PLAY : CuePhase.MOVE;
      add(seconds(timed.seconds()), phase, moment, cue, Sound.START, first, last);
    } else if (form instanceof DoseForm.Travel travel) {
      for (int passage = 1; passage <= travel.passes(); passage++) {
        add(
            seconds(travel.secondsPerPass()),
            CuePhase.MOVE,
            moment.beat(passage, travel.passes()),
            cue,
            Sound.BEAT,
            first,
            last);
      }
    }
  }

  private void hold(int holdSeconds, Moment moment) {
    BigFraction move = seconds(DoseForm.Hold.MOVE_SECONDS);
    String cue = step.exercise().guidance().cue();
    add(move, CuePhase.MOVE, moment, "Go into it", Sound.START, firstPose(), lastPose());
    add(seconds(holdSeconds), CuePhase.HOLD, moment, cue, Sound.NONE, lastPose(), lastPose());
    add(move, CuePhase.RETURN, moment, "Let go slowly", Sound.DONE, lastPose(), firstPose());
  }

  private void pressesThenHold(DoseForm.PressesThenHold form, Moment moment) {
    BigFraction half = BigFraction.of(DoseForm.PressesThenHold.PRESS_SECONDS, 2);
    for (int press = 1; press <= form.presses(); press++) {
      Moment counted = moment.beat(press, form.presses());
      add(half, CuePhase.MOVE, counted, "Press lightly", Sound.BEAT, firstPose(), lastPose());
      add(half, CuePhase.RETURN, counted, "Let go", Sound.NONE, lastPose(), firstPose());
    }
    hold(form.seconds(), moment);
  }

  /** Into it on one half of the breath, back on the other; in on the way in, always. */
  private void breathMoved(BreathHalf into, Moment moment) {
    BigFraction half = pace.breathSeconds().divide(2);
    Keyframe first = firstPose();
    Keyframe last = lastPose();
    boolean in = into == BreathHalf.IN;
    add(
        half,
        in ? CuePhase.MOVE : CuePhase.RETURN,
        moment.breathing(Breath.IN),
        in ? "Breathe in, go into it" : "Breathe in, come back",
        Sound.BEAT,
        in ? first : last,
        in ? last : first);
    add(
        half,
        in ? CuePhase.RETURN : CuePhase.MOVE,
        moment.breathing(Breath.OUT),
        in ? "Breathe out, come back" : "Breathe out, go into it",
        Sound.NONE,
        in ? last : first,
        in ? first : last);
  }

  /** A count-in, then beats through the ladder of subdivisions. */
  private void paced(DoseForm.Paced paced, Moment moment) {
    String cue = step.exercise().guidance().cue();
    CuePhase phase = step.exercise().kind() == Kind.BRIDGE ? CuePhase.PLAY : CuePhase.MOVE;
    for (int beat = 1; beat <= paced.countIn(); beat++) {
      add(
          paced.beatSeconds(),
          CuePhase.SET_UP,
          moment.beat(beat, paced.countIn()),
          "Count in",
          Sound.BEAT,
          firstPose(),
          firstPose());
    }
    int last = 0;
    for (int beat = 0; beat < paced.beats(); beat++) {
      int notes = paced.subdivision(beat);
      add(
          paced.beatSeconds(),
          phase,
          moment.beat(beat + 1, paced.beats()).divided(notes),
          notes == last || last == 0 ? cue : notes == 1 ? "One to a beat" : notes + " to a beat",
          Sound.BEAT,
          keyframe(beat, paced.beats(), 0),
          keyframe(beat + 1, paced.beats(), 0));
      last = notes;
    }
  }

  /**
   * The pose after so many beats of a repetition: two poses go there and back over it, more are
   * walked through, and with fewer beats than poses the walk goes on in the next repetition.
   */
  private Keyframe keyframe(int beatsGone, int beats, int repetitionsGone) {
    List<Keyframe> poses = poses();
    int count = poses.size();
    if (count == 1) {
      return poses.get(0);
    }
    if (beats < count) {
      return poses.get((repetitionsGone * beats + beatsGone) % count);
    }
    int gone = (beatsGone * count + beats - 1) / beats;
    return poses.get(gone % count);
  }

  /** The keyframes of the step, for the digits of the unit that is at work. */
  private List<Keyframe> poses() {
    return step.exercise().figure().posesOf(step.dose().units(), unitIndex);
  }

  private Keyframe firstPose() {
    return poses().get(0);
  }

  private Keyframe lastPose() {
    List<Keyframe> poses = poses();
    return poses.get(poses.size() - 1);
  }

  private String label(int unit) {
    return step.dose().units().label(unit, notation, step.exercise().guidance().ways());
  }

  private static BigFraction seconds(int whole) {
    return BigFraction.of(whole);
  }

  private static Sides sidesOf(Laterality laterality, Side side) {
    return switch (laterality) {
      case EACH, IN_TURN, WORKING_SIDE, ONE_SIDE -> Sides.of(side);
      case TOGETHER -> Sides.BOTH;
      case ALTERNATING -> Sides.ALTERNATING;
    };
  }

  private void add(
      BigFraction length,
      CuePhase phase,
      Moment moment,
      String text,
      Sound sound,
      Keyframe from,
      Keyframe to) {
    long start = now();
    elapsed = elapsed.add(length);
    Dose dose = step.dose();
    cues.add(
        new Cue(
            start,
            now() - start,
            stepIndex,
            phase,
            moment.sides(),
            dose.units().digits(moment.unit()),
            label(moment.unit()),
            moment.repetition(),
            moment.repetitions(),
            moment.set(),
            moment.sets(),
            moment.beat(),
            moment.beats(),
            moment.breath(),
            text,
            sound,
            from,
            to,
            moment.notes(),
            moment.easesFromMillis()));
  }

  /** Where in its dose a step stands. */
  private record Moment(
      Sides sides,
      int unit,
      int set,
      int sets,
      int repetition,
      int repetitions,
      int beat,
      int beats,
      Breath breath,
      int notes,
      long easesFromMillis) {

    Moment(Sides sides, int unit, int set, int repetition) {
      this(sides, unit, set, 0, repetition, 0, 0, 0, Breath.FREE, 0, 0);
    }

    Moment of(int allRepetitions, int allSets) {
      return new Moment(
          sides,
          unit,
          set,
          allSets,
          repetition,
          allRepetitions,
          beat,
          beats,
          breath,
          notes,
          easesFromMillis);
    }

    Moment beat(int which, int ofHowMany) {
      return new Moment(
          sides,
          unit,
          set,
          sets,
          repetition,
          repetitions,
          which,
          ofHowMany,
          breath,
          notes,
          easesFromMillis);
    }

    Moment breathing(Breath half) {
      return new Moment(
          sides,
          unit,
          set,
          sets,
          repetition,
          repetitions,
          beat,
          beats,
          half,
          notes,
          easesFromMillis);
    }

    Moment divided(int notesToABeat) {
      return new Moment(
          sides,
          unit,
          set,
          sets,
          repetition,
          repetitions,
          beat,
          beats,
          breath,
          notesToABeat,
          easesFromMillis);
    }

    Moment easing(long fromMillis) {
      return new Moment(
          sides, unit, set, sets, repetition, repetitions, beat, beats, breath, notes, fromMillis);
    }
  }
}
