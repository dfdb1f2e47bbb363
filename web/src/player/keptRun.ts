import type { PainForm, RoutineView, Shift, Shortfall } from '@/api/types'
import type { Telling } from './tellings'
import type { Gone } from './timeline'
import type { Count } from './useOwnPace'

/** A session that was running, as it is kept on the device until it ends. */
export interface KeptRun {
  /** The address it was played at. */
  readonly path: string
  readonly savedAt: number
  readonly routine: RoutineView
  readonly position: number
  readonly played: readonly Gone[]
  readonly shifts: readonly (readonly [number, Shift])[]
  readonly fewest?: readonly (readonly [number, number])[]
  readonly reasons: readonly (readonly [number, Shortfall])[]
  readonly hurts: readonly PainForm[]
  readonly hurtSteps: readonly number[]
  readonly before: readonly PainForm[] | null
  readonly beganAt: string
  readonly counts?: readonly (readonly [string, Count])[]
  readonly tellings?: readonly (readonly [number, Telling])[]
}

const KEY = 'nimblet-running'
/** What lies longer ago is no longer the same session. */
const STILL_THE_SAME = 30 * 60_000

export function keepRun(run: KeptRun): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(run))
  } catch {
    // A device without room plays all the same; only a reload begins anew.
  }
}
export function forgetRun(): void {
  localStorage.removeItem(KEY)
}
/** The run that was kept for an address, if it is the same session still. */
export function keptRun(path: string, now = Date.now()): KeptRun | null {
  try {
    const run = JSON.parse(localStorage.getItem(KEY) ?? 'null') as KeptRun | null
    return run && run.path === path && now - run.savedAt < STILL_THE_SAME ? run : null
  } catch {
    return null
  }
}
