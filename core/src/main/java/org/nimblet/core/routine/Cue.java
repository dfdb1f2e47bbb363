package org.nimblet.core.routine;

import java.util.List;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.exercise.Keyframe;

/**
 * One thing said, shown or sounded at one moment of a session.
 *
 * @param offsetMillis start, from the start of the routine
 * @param durationMillis length
 * @param step the step it belongs to, 0-based
 * @param phase what happens
 * @param sides who is at work
 * @param digits the digits at work in this unit; empty if the unit is none
 * @param unit what to say of the unit; empty if there is only one
 * @param repetition which repetition, 1-based; 0 outside repetitions
 * @param repetitions of how many
 * @param set which set, 1-based; 0 outside sets
 * @param sets of how many
 * @param beat which beat of the repetition, 1-based; 0 where nothing is counted in beats
 * @param beats of how many
 * @param breath which half of a breath
 * @param text what the person does now
 * @param sound the sound at its start
 * @param from the pose at its start
 * @param to the pose at its end
 * @param notes how many notes a beat is divided into; 0 where it is none of a paced dose
 * @param easesFromMillis from when on, after its start, the person may end it; 0 if they may not
 */
public record Cue(
    long offsetMillis,
    long durationMillis,
    int step,
    CuePhase phase,
    Sides sides,
    List<Digit> digits,
    String unit,
    int repetition,
    int repetitions,
    int set,
    int sets,
    int beat,
    int beats,
    Breath breath,
    String text,
    Sound sound,
    Keyframe from,
    Keyframe to,
    int notes,
    long easesFromMillis) {

  /** The end, from the start of the routine. */
  public long endMillis() {
    return offsetMillis + durationMillis;
  }

  /** The same cue of another step, at another time. */
  public Cue movedTo(int otherStep, long otherOffsetMillis) {
    return new Cue(
        otherOffsetMillis,
        durationMillis,
        otherStep,
        phase,
        sides,
        digits,
        unit,
        repetition,
        repetitions,
        set,
        sets,
        beat,
        beats,
        breath,
        text,
        sound,
        from,
        to,
        notes,
        easesFromMillis);
  }
}
