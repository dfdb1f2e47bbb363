package org.nimblet.core.routine;

/** Where in its dose a step stands. */
record Moment(
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
        sides, unit, set, sets, repetition, repetitions, beat, beats, half, notes, easesFromMillis);
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
