import type { RoutineView, SessionForm, Shift, Shortfall, StepForm } from '@/api/types'
import type { Telling } from './tellings'
import type { Coverage } from './timeline'
import type { OwnPace } from './useOwnPace'

/** What is known of a session when it ends. */
export interface Happened {
  readonly routine: RoutineView
  readonly coverage: Coverage
  readonly ownPace: OwnPace
  readonly told: (step: number) => Telling
  readonly hurtSteps: ReadonlySet<number>
  readonly reasons: ReadonlyMap<number, Shortfall>
  readonly shifts: ReadonlyMap<number, Shift>
  /** To how few notes a beat a step was brought down. */
  readonly fewest: ReadonlyMap<number, number>
  readonly beganAt: Date
  readonly endedAt: Date
  readonly ended: SessionForm['state']
  readonly hurts: SessionForm['hurts']
  readonly before: SessionForm['before']
}

/** The server takes no more: whoever repeats oftener, or leaves a session open, loses nothing else. */
const MOST_REPEATS = 50
const LONGEST = 24 * 3600 * 1000

/** What happened, as the server wants to hear it. */
export function sessionRecord(of: Happened): SessionForm {
  const { routine, coverage } = of
  return {
    blockId: routine.blockId,
    routineId: routine.routineId,
    purpose: routine.purpose,
    beganAt: of.beganAt.toISOString(),
    endedAt: new Date(Math.min(of.endedAt.getTime(), of.beganAt.getTime() + LONGEST)).toISOString(),
    plannedMillis: routine.lengthMillis,
    state: of.ended,
    steps: routine.steps.map((s, i): StepForm => {
      const percent = coverage.percent(i)
      return {
        exerciseId: s.exerciseId,
        exerciseVersion: s.exerciseVersion,
        dose: s.dose,
        laterality: s.laterality,
        plannedMillis: s.lengthMillis,
        donePercent: percent,
        outcome: of.hurtSteps.has(i) ? 'HURT' : percent >= 100 ? 'DONE' : 'SKIPPED',
        side: sideOf(routine, i),
        leftPercent: coverage.percent(i, 'LEFT'),
        rightPercent: coverage.percent(i, 'RIGHT'),
        shortfall: of.reasons.get(i) ?? null,
        complete: of.ownPace.complete(i),
        shift: of.shifts.get(i) ?? null,
        account: account(of, i),
      }
    }),
    hurts: of.hurts,
    before: of.before,
  }
}

/** The one side that did a step, where it was one. */
function sideOf(routine: RoutineView, place: number): StepForm['side'] {
  const sides = new Set(routine.cues.filter((c) => c.step === place).map((c) => c.sides))
  const [only] = sides
  return sides.size === 1 && (only === 'LEFT' || only === 'RIGHT') ? only : null
}

function account(of: Happened, place: number): StepForm['account'] {
  const told = of.told(place)
  const held = of.coverage.held(place)
  const counted = of.ownPace.counted(place)
  const fewest = of.fewest.get(place) ?? null
  const nothing =
    !counted &&
    !fewest &&
    !held.LEFT &&
    !held.RIGHT &&
    !told.repeats &&
    !told.stayed &&
    !told.tighter &&
    !told.felt
  if (nothing) return null
  return {
    leftRepetitions: counted?.LEFT ?? null,
    rightRepetitions: counted?.RIGHT ?? null,
    leftHeldMillis: held.LEFT || null,
    rightHeldMillis: held.RIGHT || null,
    paceMillis: counted?.paceMillis ?? null,
    notesToBeat: fewest,
    repeats: Math.min(MOST_REPEATS, told.repeats),
    stayedMillis: Math.round(told.stayed),
    tighterSide: told.tighter,
    feltSide: told.felt?.side ?? null,
    feltRegion: told.felt?.region ?? null,
    feltAs: told.felt?.sensation ?? null,
  }
}
