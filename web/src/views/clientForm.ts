import type { ActivityForm, ClientForm } from '@/api/types'

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

export function emptyActivity(): ActivityForm {
  return {
    id: null,
    kind: 'PRACTICE',
    title: 'Practice',
    discipline: 'PLUCKED_STRINGS',
    hands: ['LEFT', 'RIGHT'],
    digits: [],
    roles: null,
    weeklyMinutes: 300,
    weights: null,
  }
}

export const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/** Whether two forms say the same; sets may come in any order. */
export function same(a: unknown, b: unknown): boolean {
  const sorted = (value: unknown): unknown =>
    Array.isArray(value)
      ? value.every((v) => typeof v === 'string')
        ? [...value].sort()
        : value.map(sorted)
      : value && typeof value === 'object'
        ? Object.fromEntries(
            Object.entries(value)
              .sort(([x], [y]) => x.localeCompare(y))
              .map(([k, v]) => [k, sorted(v)]),
          )
        : value
  return JSON.stringify(sorted(a)) === JSON.stringify(sorted(b))
}
