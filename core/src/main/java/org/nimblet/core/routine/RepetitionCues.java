package org.nimblet.core.routine;

import org.apache.commons.numbers.fraction.BigFraction;
import org.nimblet.core.exercise.BreathHalf;
import org.nimblet.core.exercise.DoseForm;
import org.nimblet.core.exercise.Keyframe;
import org.nimblet.core.exercise.Kind;

/** The cues of one repetition, form by form. */
final class RepetitionCues implements DoseForm.Cases<Void> {

  /** A count at one's own pace may be ended at once; a touch by mistake ends nothing. */
  private static final long ENDED_FROM_MILLIS = 1000;

  private final CueSheetWriter sheet;
  private final Moment moment;
  private final String cue;
  private final Keyframe first;
  private final Keyframe last;

  RepetitionCues(CueSheetWriter sheet, Moment moment) {
    this.sheet = sheet;
    this.moment = moment;
    this.cue = sheet.step().exercise().guidance().cue();
    this.first = sheet.firstPose();
    this.last = sheet.lastPose();
  }

  private BigFraction halfABreath() {
    return sheet.pace().breathSeconds().divide(2);
  }

  private CuePhase doing() {
    return sheet.step().exercise().kind() == Kind.BRIDGE ? CuePhase.PLAY : CuePhase.MOVE;
  }

  @Override
  public Void hold(DoseForm.Hold form) {
    held(form.seconds());
    return null;
  }

  private void held(int holdSeconds) {
    BigFraction move = CueSheetWriter.seconds(DoseForm.Hold.MOVE_SECONDS);
    sheet.add(move, CuePhase.MOVE, moment, "Go into it", Sound.START, first, last);
    sheet.add(
        CueSheetWriter.seconds(holdSeconds), CuePhase.HOLD, moment, cue, Sound.NONE, last, last);
    sheet.add(move, CuePhase.RETURN, moment, "Let go slowly", Sound.DONE, last, first);
  }

  @Override
  public Void pressesThenHold(DoseForm.PressesThenHold form) {
    BigFraction half = BigFraction.of(DoseForm.PressesThenHold.PRESS_SECONDS, 2);
    for (int press = 1; press <= form.presses(); press++) {
      Moment counted = moment.beat(press, form.presses());
      sheet.add(half, CuePhase.MOVE, counted, "Press lightly", Sound.BEAT, first, last);
      sheet.add(half, CuePhase.RETURN, counted, "Let go", Sound.NONE, last, first);
    }
    held(form.seconds());
    return null;
  }

  @Override
  public Void pulse(DoseForm.Pulse form) {
    BigFraction half = halfABreath();
    BigFraction kept = CueSheetWriter.seconds(DoseForm.Pulse.KEPT_SECONDS);
    Moment in = moment.breathing(Breath.IN);
    Moment out = moment.breathing(Breath.OUT);
    sheet.add(half, CuePhase.RETURN, in, "Breathe in, let go", Sound.NONE, last, first);
    if (half.compareTo(kept) > 0) {
      sheet.add(
          half.subtract(kept), CuePhase.MOVE, out, "Breathe out, draw", Sound.BEAT, first, last);
    }
    sheet.add(kept, CuePhase.HOLD, out, "Keep it", Sound.NONE, last, last);
    return null;
  }

  @Override
  public Void breaths(DoseForm.Breaths form) {
    for (int breath = 1; breath <= form.breaths(); breath++) {
      Moment counted = moment.beat(breath, form.breaths());
      sheet.add(
          halfABreath(),
          CuePhase.HOLD,
          counted.breathing(Breath.IN),
          cue,
          breath == 1 ? Sound.START : Sound.NONE,
          last,
          last);
      sheet.add(
          halfABreath(), CuePhase.HOLD, counted.breathing(Breath.OUT), cue, Sound.NONE, last, last);
    }
    return null;
  }

  @Override
  public Void count(DoseForm.Count form) {
    BigFraction beatLength = sheet.beat(form.beatsPerMinute());
    for (int beat = 1; beat <= form.beats(); beat++) {
      sheet.add(
          beatLength,
          beat * 2 <= form.beats() + 1 ? CuePhase.MOVE : CuePhase.RETURN,
          moment.beat(beat, form.beats()),
          cue,
          Sound.BEAT,
          sheet.keyframe(beat - 1, form.beats(), moment.repetition() - 1),
          sheet.keyframe(beat, form.beats(), moment.repetition() - 1));
    }
    return null;
  }

  @Override
  public Void untilEases(DoseForm.UntilEases form) {
    sheet.add(
        CueSheetWriter.seconds(form.greatestSeconds()),
        CuePhase.HOLD,
        moment.easing(form.leastSeconds() * 1000L),
        cue,
        Sound.START,
        last,
        last);
    return null;
  }

  /** Into it on one half of the breath, back on the other; in on the way in, always. */
  @Override
  public Void breathMoved(DoseForm.BreathMoved form) {
    boolean in = form.into() == BreathHalf.IN;
    sheet.add(
        halfABreath(),
        in ? CuePhase.MOVE : CuePhase.RETURN,
        moment.breathing(Breath.IN),
        in ? "Breathe in, go into it" : "Breathe in, come back",
        Sound.BEAT,
        in ? first : last,
        in ? last : first);
    sheet.add(
        halfABreath(),
        in ? CuePhase.RETURN : CuePhase.MOVE,
        moment.breathing(Breath.OUT),
        in ? "Breathe out, come back" : "Breathe out, go into it",
        Sound.NONE,
        in ? last : first,
        in ? first : last);
    return null;
  }

  /** A count-in, then beats through the ladder of subdivisions. */
  @Override
  public Void paced(DoseForm.Paced form) {
    for (int beat = 1; beat <= form.countIn(); beat++) {
      sheet.add(
          sheet.beat(form.beatsPerMinute()),
          CuePhase.SET_UP,
          moment.beat(beat, form.countIn()),
          "Count in",
          Sound.BEAT,
          first,
          first);
    }
    int before = 0;
    for (int beat = 0; beat < form.beats(); beat++) {
      int notes = form.subdivision(beat);
      boolean same = notes == before || before == 0;
      sheet.add(
          sheet.beat(form.beatsPerMinute()),
          doing(),
          moment.beat(beat + 1, form.beats()).divided(notes),
          same ? cue : notes == 1 ? "One to a beat" : notes + " to a beat",
          Sound.BEAT,
          sheet.keyframe(beat, form.beats(), 0),
          sheet.keyframe(beat + 1, form.beats(), 0));
      before = notes;
    }
    return null;
  }

  @Override
  public Void timed(DoseForm.Timed form) {
    sheet.add(
        CueSheetWriter.seconds(form.seconds()), doing(), moment, cue, Sound.START, first, last);
    return null;
  }

  @Override
  public Void travel(DoseForm.Travel form) {
    for (int passage = 1; passage <= form.passes(); passage++) {
      sheet.add(
          CueSheetWriter.seconds(form.secondsPerPass()),
          CuePhase.MOVE,
          moment.beat(passage, form.passes()),
          cue,
          Sound.BEAT,
          first,
          last);
    }
    return null;
  }

  /** A whole set in one cue, which the person ends: the count is theirs. */
  @Override
  public Void ownPace(DoseForm.OwnPace form) {
    sheet.add(
        form.repetitionSeconds(sheet.pace()).multiply(moment.repetitions()),
        doing(),
        moment.easing(ENDED_FROM_MILLIS),
        cue,
        Sound.START,
        first,
        last);
    return null;
  }
}
