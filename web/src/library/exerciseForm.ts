import type { ExerciseForm } from '@/api/types'

/** A form to begin with when nothing is copied. */
export const emptyExercise = (): ExerciseForm => ({
  baseVersion: 0,
  title: '',
  kind: 'MOBILISE',
  purpose: '',
  setUp: '',
  action: [],
  cue: '',
  breath: 'Breathe evenly.',
  feltAt: '',
  mistakes: [],
  cautions: [],
  stopRules: [],
  synonyms: [],
  ways: [],
  main: 'wrist',
  serves: { wrist: 6 },
  segment: 'HANDS',
  intensity: 1,
  needsWarmth: false,
  tires: false,
  arrives: false,
  movements: {},
  uses: {},
  helper: {},
  positions: ['SIT'],
  things: [],
  disciplines: [],
  recovery: 'NONE',
  role: null,
  digitsOfActivity: false,
  coachOnly: false,
  closedWithConditions: [],
  closedWithSigns: [],
  closedWithSore: [],
  easier: '',
  harder: '',
  easierExercise: null,
  harderExercise: null,
  ladder: { kind: 'BY_DOSE', upper: null, things: [], rungs: [] },
  doses: [
    { method: 'STEADY_HOLD', text: '8 times each side', least: 4, greatest: 12, greatestRest: 0 },
  ],
  figure: {
    view: 'PALM',
    ways: [['FLAT', 'FIST']],
    places: [],
    worked: [],
    arrow: 'NONE',
    prop: 'NONE',
    wrong: null,
  },
})

/** Lines of a text area: blank ones are left out. */
export const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
