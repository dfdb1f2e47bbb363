import type { LocationQuery } from 'vue-router'
import type {
  DeviceForm,
  Digit,
  TapForm,
  TapResultView,
  TapTaskQuery,
  TapTaskView,
  TapTestForm,
  TestFrame,
  TwoHandedRow,
} from '@/api/types'

/** A test as an address names it. */
export const asRoute = (query: TapTaskQuery): Record<string, string> =>
  Object.fromEntries(
    Object.entries(query).flatMap(([name, value]) =>
      value === undefined || value === null ? [] : [[name, String(value)]],
    ),
  )

const one = (value: LocationQuery[string] | undefined) =>
  (Array.isArray(value) ? value[0] : value) ?? undefined

/** What an address asks for; the server says what is wrong with it. */
export const fromRoute = (query: LocationQuery): TapTaskQuery => ({
  pace: (one(query.pace) ?? 'CLICK_THEN_ALONE') as TapTaskQuery['pace'],
  what: (one(query.what) ?? 'TRANSITIONS') as TapTaskQuery['what'],
  hands: (one(query.hands) ?? 'MIRRORED') as TwoHandedRow,
  thumb: one(query.thumb) === 'true',
  notesABeat: Number(one(query.notesABeat) ?? 2),
  ...(query.from ? { from: one(query.from) as Digit } : {}),
  ...(query.to ? { to: one(query.to) as Digit } : {}),
  ...(query.bpm ? { bpm: Number(one(query.bpm)) } : {}),
})

/** The same test once more, at the same tempo or another. */
export const againOf = (result: TapResultView, bpm = result.bpm): TapTaskQuery => ({
  pace: result.pace,
  what: result.what,
  hands: result.hands,
  thumb: result.digits.includes('THUMB') && result.digits.length > 2,
  notesABeat: result.notesABeat,
  ...(result.what === 'ONE' || result.what === 'PAIR' ? { from: result.digits[0] } : {}),
  ...(result.what === 'PAIR' ? { to: result.digits[1] } : {}),
  ...(bpm ? { bpm } : {}),
})

/** A test as it was tapped, as the server wants to hear it. */
export const formOf = (
  task: TapTaskView,
  frame: TestFrame,
  device: DeviceForm,
  taps: readonly TapForm[],
): TapTestForm => ({
  frame,
  pace: task.pace,
  digits: task.digits,
  hands: task.hands,
  bpm: task.bpm,
  notesABeat: task.notesABeat,
  device,
  taps: [...taps],
})
