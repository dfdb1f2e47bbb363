import type { CorrectionForm, LogEntry } from '@/api/types'
import { REGIONS, RESULT_UNITS, SENSATIONS, SHORTFALLS } from '@/parts/labels'
import { counted } from '@/parts/words'
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

type LogStep = LogEntry['steps'][number]

/** Whether the sides of a step are told apart. */
export const showsSides = (step: LogStep): boolean =>
  step.side === null && (step.laterality === 'EACH' || step.leftPercent !== step.rightPercent)

/** What became of a step, in words. */
export function stepWords(step: LogStep): string {
  const shares =
    showsSides(step) && step.leftPercent !== step.rightPercent
      ? `left ${step.leftPercent} %, right ${step.rightPercent} %`
      : step.donePercent
        ? `${step.donePercent} %`
        : 'skipped'
  if (step.outcome === 'HURT') return `hurt at ${step.donePercent} %`
  const done = step.outcome === 'DONE' ? 'done' : shares
  return step.shortfall ? `${done}, ${SHORTFALLS[step.shortfall]}` : done
}

/** What was counted, held and felt in a step, each as words of its own. */
export function accountWords(step: LogStep): string[] {
  const { account } = step
  const said: string[] = []
  if (step.shift) said.push(step.shift === 'EASIER' ? 'made easier' : 'made harder')
  if (step.complete !== null) said.push(`${step.complete} complete before it burned`)
  if (step.result !== null && step.resultUnit)
    said.push(`reached ${step.result} ${RESULT_UNITS[step.resultUnit]}`)
  if (!account) return said
  if (account.paceMillis) said.push(`${Math.round(60_000 / account.paceMillis)} a minute`)
  if (account.notesToBeat) said.push(`down to ${counted(account.notesToBeat, 'note')} a beat`)
  const held = [account.leftHeldMillis, account.rightHeldMillis].map((ms) =>
    ms === null ? null : Math.round(ms / 1000),
  )
  if (held[0] !== null || held[1] !== null)
    said.push(
      held[0] === held[1]
        ? `held ${held[0]} s`
        : `held ${[held[0] === null ? '' : `left ${held[0]} s`, held[1] === null ? '' : `right ${held[1]} s`].filter(Boolean).join(', ')}`,
    )
  if (account.repeats) said.push(account.repeats === 1 ? 'once more' : `${account.repeats} × more`)
  if (account.stayedMillis) said.push(`stayed ${Math.round(account.stayedMillis / 1000)} s longer`)
  if (account.tighterSide && account.tighterSide !== 'SAME')
    said.push(`${account.tighterSide.toLowerCase()} tighter`)
  if (account.feltRegion && account.feltSide)
    said.push(
      `felt at the ${account.feltSide.toLowerCase()} ${REGIONS[account.feltRegion]}${account.feltAs ? `, ${SENSATIONS[account.feltAs]}` : ''}`,
    )
  return said
}

const painsAt = (entry: LogEntry, moment: LogEntry['pains'][number]['moment']) =>
  entry.pains
    .filter((pain) => pain.moment === moment)
    .map(({ side, region, level, sensation }) => ({ side, region, level, sensation }))

/** A correction that changes nothing yet. */
export const correctionOf = (entry: LogEntry): CorrectionForm => ({
  reason: '',
  effort: entry.effort,
  tighterSide: entry.tighterSide,
  steps: entry.steps.map(({ leftPercent, rightPercent, shortfall, complete }) => ({
    leftPercent,
    rightPercent,
    shortfall,
    complete,
  })),
  during: painsAt(entry, 'DURING'),
  after: painsAt(entry, 'AFTER'),
})

/** What a session said before it was corrected. */
export const beforeWords = ({ before }: LogEntry['corrections'][number]): string =>
  [
    `${before.donePercent} % done`,
    before.effort === null ? 'effort not told' : `effort ${before.effort}`,
    ...[...before.during, ...before.after].map(
      (pain) => `${pain.side.toLowerCase()} ${REGIONS[pain.region]} ${pain.level}`,
    ),
  ].join(', ')
