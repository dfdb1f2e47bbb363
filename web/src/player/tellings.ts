import type { Region, Sensation, Side, TighterSide } from '@/api/types'

/** A place, and what it felt like there. */
export interface Felt {
  readonly side: Side
  readonly region: Region
  readonly sensation: Sensation | null
}
/** What was said of a step, and what was done in it beside going through it. */
export interface Telling {
  readonly tighter: TighterSide | null
  /** Where it was felt instead of where it was meant. */
  readonly felt: Felt | null
  /** How often it was begun once more. */
  readonly repeats: number
  /** How long somebody stayed beyond its time. */
  readonly stayed: number
}
export const NOTHING_TOLD: Telling = { tighter: null, felt: null, repeats: 0, stayed: 0 }
