import type { Cue } from '@/api/types'

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

/** How much of each step was gone through, from the stretches of the routine that were played. */
export class Coverage {
  private readonly played: number[]

  constructor(private readonly steps: readonly { offsetMillis: number; lengthMillis: number }[]) {
    this.played = steps.map(() => 0)
  }

  /** Notes that the routine ran from one moment to another. */
  add(from: number, to: number) {
    this.steps.forEach((step, i) => {
      const a = Math.max(from, step.offsetMillis)
      const b = Math.min(to, step.offsetMillis + step.lengthMillis)
      if (b > a) this.played[i] = (this.played[i] ?? 0) + (b - a)
    })
  }

  /** Forgets what was played of a step, because it begins again. */
  restart(step: number) {
    this.played[step] = 0
  }

  percent(step: number): number {
    const length = this.steps[step]?.lengthMillis ?? 1
    const share = ((this.played[step] ?? 0) / length) * 100
    // The last frame of a step may fall just short of its end.
    return share > 98 ? 100 : Math.round(share)
  }
}
