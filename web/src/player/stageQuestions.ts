import type { Shortfall, TighterSide } from '@/api/types'
import { SHORTFALLS, TIGHTER_SIDES, keys } from '@/parts/labels'

/** An answer and its word; 1, 2 and 3 are its keys. */
export interface StageChoice<T extends string> {
  readonly value: T
  readonly word: string
}

/** Why less of a step was done than was set. */
export const WHY: readonly StageChoice<Shortfall>[] = keys(SHORTFALLS).map((value) => ({
  value,
  word: SHORTFALLS[value],
}))
/** Which side was tighter. */
export const TIGHTER: readonly StageChoice<TighterSide>[] = keys(TIGHTER_SIDES).map((value) => ({
  value,
  word: TIGHTER_SIDES[value],
}))
