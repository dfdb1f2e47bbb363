import type { StretchView } from '@/api/types'

/** Where somebody is in a block. */
export interface Place {
  readonly now: StretchView | null
  readonly next: StretchView | null
  readonly leftMillis: number
  /** 0 to 1 of the present stretch. */
  readonly share: number
}

/** What is at a moment; before the block its first stretch is next, after it nothing is. */
export function placeAt(stretches: readonly StretchView[], moment: number): Place {
  const index = stretches.findIndex((s) => Date.parse(s.end) > moment)
  const at = stretches[index]
  if (!at) return { now: null, next: null, leftMillis: 0, share: 1 }
  const start = Date.parse(at.start)
  const end = Date.parse(at.end)
  if (start > moment) return { now: null, next: at, leftMillis: start - moment, share: 0 }
  return {
    now: at,
    next: stretches[index + 1] ?? null,
    leftMillis: end - moment,
    share: (moment - start) / (end - start),
  }
}

/** When the last break ended, or the block began: from here work counts. */
export function workedSince(
  stretches: readonly StretchView[],
  moment: number,
  start: string,
): string {
  const over = stretches.filter((s) => s.kind === 'BREAK' && Date.parse(s.end) <= moment)
  return over.at(-1)?.end ?? start
}
