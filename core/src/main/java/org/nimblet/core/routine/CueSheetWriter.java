package org.nimblet.core.routine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.commons.numbers.fraction.BigFraction;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Keyframe;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.exercise.Units;

/**
 * Expands steps into a cue sheet. Inside a step the cue boundaries are the rounded running sum of
 * exact lengths, so that 333⅓ ms does not drift.
 */
public final class CueSheetWriter {

  private final Pace pace;
  private final Notation notation;
  private final List<Cue> cues = new ArrayList<>();
  private final List<Long> stepStarts = new ArrayList<>();
  private final Map<Integer, BigFraction> beats = new HashMap<>();

  private long stepStart;

  /** What the step took so far: whole milliseconds, and the seconds of what takes no whole ones. */
  private long wholeMillis;

  private BigFraction broken = BigFraction.ZERO;
  private int stepIndex;
  private List<Keyframe> poses;
  private List<String> labels;
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
    List<Long> ends = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      Step next = steps.get(i);
      Set<Thing> needed = next.things();
      int setUp = SetUp.seconds(position, atHand, next.position(), needed);
      writer.step(i, next, Circuits.restMillis(steps, i, ends, setUp), setUp);
      ends.add(writer.now());
      position = next.position();
      atHand = new HashSet<>(needed);
    }
    return new CueSheet(writer.cues, writer.stepStarts, writer.now());
  }

  Pace pace() {
    return pace;
  }

  Step step() {
    return step;
  }

  private long now() {
    return stepStart + wholeMillis + StepTime.roundedMillis(broken);
  }

  private void step(int index, Step next, long restMillis, int setUpSeconds) {
    stepStart = now();
    wholeMillis = 0;
    broken = BigFraction.ZERO;
    stepIndex = index;
    step = next;
    labels = labels();
    atUnit(0);
    stepStarts.add(stepStart);
    Dose dose = next.dose();
    Keyframe rest = firstPose();
    Moment whole = new Moment(sidesOf(dose.laterality(), next.firstSide()), 0, 0, 0);
    if (restMillis > 0) {
      add(BigFraction.of(restMillis, 1000), CuePhase.REST, whole, "Rest", Sound.REST, rest, rest);
    }
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
      atUnit(unit);
      if (unit > 0) {
        add(
            seconds(StepTime.UNIT_CHANGE_SECONDS),
            CuePhase.SWITCH,
            new Moment(sides, unit, 0, 0),
            "Next: " + labels.get(unit),
            Sound.SWITCH,
            firstPose(),
            firstPose());
      }
      for (int set = firstSet; set <= lastSet; set++) {
        if (set > firstSet) {
          rest(dose, new Moment(sides, unit, set, 0));
        }
        int cued = dose.form().wholeSetAtOnce() ? 1 : dose.repetitions();
        for (int repetition = 1; repetition <= cued; repetition++) {
          repetition(dose, new Moment(sides, unit, set, repetition));
        }
      }
    }
  }

  private void repetition(Dose dose, Moment started) {
    dose.form().match(new RepetitionCues(this, started.of(dose.repetitions(), dose.sets())));
  }

  /**
   * The pose after so many beats of a repetition: two poses go there and back over it, more are
   * walked through, and with fewer beats than poses the walk goes on in the next repetition.
   */
  Keyframe keyframe(int beatsGone, int beats, int repetitionsGone) {
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

  /** From here on a unit is at work: its digits are drawn. */
  private void atUnit(int unit) {
    poses = step.exercise().figure().posesOf(step.dose().units(), unit);
  }

  Keyframe firstPose() {
    return poses.get(0);
  }

  Keyframe lastPose() {
    return poses.get(poses.size() - 1);
  }

  private List<String> labels() {
    Units units = step.dose().units();
    return IntStream.range(0, Math.max(1, units.count()))
        .mapToObj(unit -> units.label(unit, notation, step.exercise().guidance().ways()))
        .toList();
  }

  /** The seconds of one of so many beats a minute. */
  BigFraction beat(int perMinute) {
    return beats.computeIfAbsent(perMinute, beats -> BigFraction.of(60, beats));
  }

  static BigFraction seconds(int whole) {
    return BigFraction.of(whole);
  }

  private static Sides sidesOf(Laterality laterality, Side side) {
    return switch (laterality) {
      case EACH, IN_TURN, WORKING_SIDE, ONE_SIDE -> Sides.of(side);
      case TOGETHER -> Sides.BOTH;
      case ALTERNATING -> Sides.ALTERNATING;
    };
  }

  void add(
      BigFraction length,
      CuePhase phase,
      Moment moment,
      String text,
      Sound sound,
      Keyframe from,
      Keyframe to) {
    long start = now();
    if (StepTime.takesWholeMillis(length)) {
      wholeMillis += StepTime.roundedMillis(length);
    } else {
      broken = broken.add(length);
    }
    Dose dose = step.dose();
    cues.add(
        new Cue(
            start,
            now() - start,
            stepIndex,
            phase,
            moment.sides(),
            dose.units().digits(moment.unit()),
            labels.get(moment.unit()),
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
}
