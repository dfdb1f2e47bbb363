import type { Cue, StepVariant, StepView } from '@/api/types'

/** The cue that runs at a moment of the routine; the last one at and after the end. */
export function cueAt(cues: readonly Cue[], millis: number): number {
  let low = 0
  let high = cues.length - 1
  while (low < high) {
    const middle = (low + high + 1) >> 1
    if ((cues[middle] as Cue).offsetMillis <= millis) low = middle
    else high = middle - 1
  }
  return low
}

/** Something to be heard at a moment of the routine. */
export interface Tone {
  readonly at: number
  readonly kind: 'start' | 'beat' | 'note' | 'half' | 'last' | 'switch' | 'done'
}

const LONG_HOLD = 8_000
const LAST_SECONDS = [3_000, 2_000, 1_000]

/** All tones of a routine in order: what the cues ask for, halfway and the last three seconds of holds. */
export function tonesOf(cues: readonly Cue[], lengthMillis: number): Tone[] {
  const tones: Tone[] = []
  for (const cue of cues) {
    if (cue.sound === 'START') tones.push({ at: cue.offsetMillis, kind: 'start' })
    else if (cue.sound === 'BEAT') tones.push({ at: cue.offsetMillis, kind: 'beat' })
    else if (cue.sound === 'SWITCH' || cue.sound === 'REST')
      tones.push({ at: cue.offsetMillis, kind: 'switch' })
    else if (cue.sound === 'DONE') tones.push({ at: cue.offsetMillis, kind: 'done' })
    // The notes between two beats; where they fall is arithmetic, not a rule.
    for (let note = 1; note < cue.notes; note++)
      tones.push({ at: cue.offsetMillis + (cue.durationMillis * note) / cue.notes, kind: 'note' })
    const counted = cue.phase === 'HOLD' || (cue.beats === 0 && cue.repetition > 0)
    if (counted && cue.durationMillis >= LONG_HOLD) {
      tones.push({ at: cue.offsetMillis + cue.durationMillis / 2, kind: 'half' })
      for (const before of LAST_SECONDS)
        tones.push({ at: cue.offsetMillis + cue.durationMillis - before, kind: 'last' })
    }
  }
  tones.push({ at: lengthMillis, kind: 'done' })
  return tones.sort((a, b) => a.at - b.at)
}

/** What the big number shows, and the word beside it. */
export interface Count {
  readonly number: string
  readonly word: string
}

export function countOf(cue: Cue, millis: number): Count {
  const left = Math.max(1, Math.ceil((cue.offsetMillis + cue.durationMillis - millis) / 1000))
  const seconds: Count = { number: String(left), word: left === 1 ? 'second' : 'seconds' }
  if (cue.phase === 'SET_UP' && cue.beats > 0)
    return { number: String(cue.beats - cue.beat + 1), word: 'count in' }
  if (cue.notes > 0)
    return { number: String(cue.notes), word: `to a beat, beat ${cue.beat} of ${cue.beats}` }
  if (cue.phase === 'SET_UP') return { number: String(left), word: 'get ready' }
  if (cue.repetition === 0 || cue.phase === 'HOLD') {
    if (cue.phase === 'HOLD' && cue.breath !== 'FREE' && cue.beats > 0)
      return { number: String(cue.beat), word: `of ${cue.beats} breaths` }
    if (cue.phase === 'HOLD' && cue.breath !== 'FREE')
      return { number: String(cue.repetition), word: `of ${cue.repetitions}` }
    return seconds
  }
  if (cue.beats > 0 || cue.repetitions > 1)
    return {
      number: String(cue.repetitions > 1 ? cue.repetition : cue.beat),
      word: `of ${cue.repetitions > 1 ? cue.repetitions : cue.beats}`,
    }
  return seconds
}

/** The steps and cues of a routine as they stand on its clock. */
export interface Sheet {
  readonly steps: readonly StepView[]
  readonly cues: readonly Cue[]
  readonly lengthMillis: number
}

/** A sheet with one step at another dose; what follows moves along. */
export function withVariant(sheet: Sheet, place: number, variant: StepVariant): Sheet {
  const step = sheet.steps[place]
  if (!step) return sheet
  const longer = variant.lengthMillis - step.lengthMillis
  const steps = sheet.steps.map((one, i) =>
    i === place
      ? { ...one, lengthMillis: variant.lengthMillis }
      : i > place
        ? { ...one, offsetMillis: one.offsetMillis + longer }
        : one,
  )
  const own = variant.cues.map((cue) => ({
    ...cue,
    offsetMillis: cue.offsetMillis + step.offsetMillis,
  }))
  const cues = [
    ...sheet.cues.filter((cue) => cue.step < place),
    ...own,
    ...sheet.cues
      .filter((cue) => cue.step > place)
      .map((cue) => ({ ...cue, offsetMillis: cue.offsetMillis + longer })),
  ]
  return { steps, cues, lengthMillis: sheet.lengthMillis + longer }
}

/** A sheet with at most so many notes to a beat, in a step from a moment on; nothing moves. */
export function withFewerNotes(sheet: Sheet, place: number, most: number, from: number): Sheet {
  return {
    ...sheet,
    cues: sheet.cues.map((cue) =>
      cue.step === place && cue.offsetMillis >= from && cue.notes > most
        ? { ...cue, notes: most }
        : cue,
    ),
  }
}

/** Where in a changed sheet the person stands who stood at a moment of a cue. */
export function momentIn(sheet: Sheet, at: Cue, elapsed: number): number {
  const here = sheet.cues.filter((cue) => cue.step === at.step)
  const alike = here.filter(
    (cue) => cue.sides === at.sides && cue.phase === at.phase && cue.unit === at.unit,
  )
  const reached = alike.filter(
    (cue) => cue.set < at.set || (cue.set === at.set && cue.repetition <= at.repetition),
  )
  const same = reached[reached.length - 1] ?? alike[0] ?? here[here.length - 1]
  return same ? same.offsetMillis + Math.min(elapsed, same.durationMillis) : 0
}

type Hand = 'LEFT' | 'RIGHT'
export interface Gone {
  all: number
  LEFT: number
  RIGHT: number
  /** How long each side held. */
  heldLeft: number
  heldRight: number
}
const nothing = (): Gone => ({ all: 0, LEFT: 0, RIGHT: 0, heldLeft: 0, heldRight: 0 })

/** How much of each step was gone through, by side, from the stretches that were played. */
export class Coverage {
  private readonly whole: Gone[]
  private played: Gone[]

  /** What is whole is what was set at first, whatever is made of it on the way. */
  constructor(sheet: Sheet, played?: readonly Gone[]) {
    this.whole = sheet.steps.map(nothing)
    for (const cue of sheet.cues) this.count(this.whole, cue, cue.durationMillis)
    this.played = played?.map((gone) => ({ ...nothing(), ...gone })) ?? sheet.steps.map(nothing)
  }

  private count(into: Gone[], cue: Cue, millis: number) {
    const gone = into[cue.step]
    if (!gone) return
    gone.all += millis
    const held = cue.phase === 'HOLD' ? millis : 0
    if (cue.sides !== 'RIGHT') {
      gone.LEFT += millis
      gone.heldLeft += held
    }
    if (cue.sides !== 'LEFT') {
      gone.RIGHT += millis
      gone.heldRight += held
    }
  }

  /** Notes that the routine ran from one moment to another. */
  add(sheet: Sheet, from: number, to: number) {
    for (let i = cueAt(sheet.cues, from); i < sheet.cues.length; i++) {
      const cue = sheet.cues[i] as Cue
      if (cue.offsetMillis >= to) return
      const a = Math.max(from, cue.offsetMillis)
      const b = Math.min(to, cue.offsetMillis + cue.durationMillis)
      if (b > a) this.count(this.played, cue, b - a)
    }
  }

  /** Takes back some of what was noted of a cue. */
  takeBack(cue: Cue, millis: number) {
    this.count(this.played, cue, -millis)
  }

  /** Forgets what was played of a step, because it begins again. */
  restart(step: number) {
    this.played[step] = nothing()
  }

  percent(step: number, part: Hand | 'all' = 'all'): number {
    const whole = this.whole[step]?.[part] ?? 0
    // A side that does nothing here is as far as the step is.
    if (whole === 0) return part === 'all' ? 0 : this.percent(step)
    const share = ((this.played[step]?.[part] ?? 0) / whole) * 100
    // The last frame of a step may fall just short of its end.
    return share > 98 ? 100 : Math.round(share)
  }

  /** How long each side held in a step. */
  held(step: number): Readonly<Record<Hand, number>> {
    const gone = this.played[step] ?? nothing()
    return { LEFT: Math.round(gone.heldLeft), RIGHT: Math.round(gone.heldRight) }
  }

  /** What was played, to go on from later. */
  kept(): Gone[] {
    return this.played.map((gone) => ({ ...gone }))
  }
}
