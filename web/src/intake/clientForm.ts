import type { ActivityForm, ClientForm, Discipline } from '@/api/types'

/** A form to begin with for a person of whom nothing is known yet. */
export const emptyClient = (): ClientForm => ({
  version: 0,
  name: '',
  occupation: '',
  dominantHand: 'RIGHT',
  notation: 'NAMES',
  method: 'STEADY_HOLD',
  ageGroup: 'ADULT',
  claspSide: null,
  breathsPerMinute: 10,
  warmUpMinutes: 10,
  breakMinutes: 2,
  careMinutes: 10,
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
  wakesAt: '07:00',
  sleepsAt: '23:00',
  positions: ['SIT', 'AT_INSTRUMENT', 'STAND'],
  things: ['INSTRUMENT'],
  weightsGrams: [],
  activities: [],
  intakeAnswered: [],
})

/** An activity to begin with, done with what was said or chosen. */
export function emptyActivity(discipline: Discipline): ActivityForm {
  return {
    id: null,
    kind: 'PRACTICE',
    title: 'Practice',
    discipline,
    hands: ['LEFT', 'RIGHT'],
    digits: [],
    roles: null,
    weeklyMinutes: 300,
    weights: null,
  }
}
