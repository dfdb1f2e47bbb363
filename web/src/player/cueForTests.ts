import type { Cue } from '@/api/types'

/** A cue for tests, plain but for what a test changes. */
export const cueForTests = (changes: Partial<Cue>): Cue => ({
  offsetMillis: 0,
  durationMillis: 1000,
  step: 0,
  phase: 'MOVE',
  sides: 'BOTH',
  digits: [],
  unit: '',
  repetition: 1,
  repetitions: 1,
  set: 1,
  sets: 1,
  beat: 0,
  beats: 0,
  breath: 'FREE',
  text: '',
  sound: 'NONE',
  from: 'FLAT',
  to: 'FLAT',
  notes: 0,
  easesFromMillis: 0,
  ...changes,
})
