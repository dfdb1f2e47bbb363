import type { LogEntry } from '@/api/types'
import type { TapeStep } from '@/tape/tape'

/** What was done of a session, as a tape. */
export const tapeOf = (entry: LogEntry): TapeStep[] =>
  entry.steps.map((s) => ({
    title: s.title,
    kind: s.kind,
    lengthMillis: s.plannedMillis,
    laterality: s.laterality,
    donePercent: s.donePercent,
    hurt: s.outcome === 'HURT',
  }))

/** How a session ended, for people. */
export const stateWords = (entry: LogEntry): string =>
  entry.state === 'DONE' ? 'done' : entry.state === 'STOPPED' ? 'stopped for safety' : 'left midway'

/** Whether something hurt in a session. */
export const hurt = (entry: LogEntry): boolean =>
  entry.steps.some((s) => s.outcome === 'HURT') || entry.pains.some((p) => p.moment === 'DURING')
