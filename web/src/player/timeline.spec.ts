import { describe, expect, it } from 'vitest'
import type { Cue, StepView } from '@/api/types'
import { cueForTests as cue } from './cueForTests'
import { Coverage, countOf, cueAt, momentIn, tonesOf, withVariant } from './timeline'

const twoSteps = {
  lengthMillis: 30_000,
  steps: [{}, {}] as StepView[],
  cues: [
    cue({ step: 0, offsetMillis: 0, durationMillis: 10_000 }),
    cue({ step: 1, offsetMillis: 10_000, durationMillis: 10_000, sides: 'LEFT' }),
    cue({ step: 1, offsetMillis: 20_000, durationMillis: 10_000, sides: 'RIGHT' }),
  ],
}
const threeSteps = {
  lengthMillis: 40_000,
  steps: [
    { offsetMillis: 0, lengthMillis: 10_000 },
    { offsetMillis: 10_000, lengthMillis: 20_000 },
    { offsetMillis: 30_000, lengthMillis: 10_000 },
  ] as StepView[],
  cues: [...twoSteps.cues, cue({ step: 2, offsetMillis: 30_000, durationMillis: 10_000 })],
}

describe('the timeline', () => {
  const cues = [
    cue({ offsetMillis: 0, durationMillis: 3000, phase: 'SET_UP', repetition: 0, sound: 'START' }),
    cue({ offsetMillis: 3000, durationMillis: 1000, sound: 'START' }),
    cue({ offsetMillis: 4000, durationMillis: 15000, phase: 'HOLD' }),
    cue({ offsetMillis: 19000, durationMillis: 1000, phase: 'RETURN', sound: 'DONE' }),
  ]

  it('finds the cue of a moment, borders included', () => {
    expect([0, 2999, 3000, 4000, 18999, 19000, 99999].map((t) => cueAt(cues, t))).toEqual([
      0, 0, 1, 2, 2, 3, 3,
    ])
  })

  it('sounds the start, halfway, the last three seconds and the end, in order', () => {
    const tones = tonesOf(cues, 20000)
    expect(tones.map((t) => [t.at, t.kind])).toEqual([
      [0, 'start'],
      [3000, 'start'],
      [11500, 'half'],
      [16000, 'last'],
      [17000, 'last'],
      [18000, 'last'],
      [19000, 'done'],
      [20000, 'done'],
    ])
  })

  it('counts seconds down in a hold and repetitions up in a count', () => {
    expect(countOf(cues[2] as Cue, 5000)).toEqual({ number: '14', word: 'seconds' })
    expect(countOf(cues[2] as Cue, 18500)).toEqual({ number: '1', word: 'second' })
    const beat = cue({ repetition: 3, repetitions: 8, beat: 1, beats: 2 })
    expect(countOf(beat, 0)).toEqual({ number: '3', word: 'of 8' })
    const breath = cue({ phase: 'HOLD', breath: 'IN', beat: 2, beats: 3 })
    expect(countOf(breath, 0)).toEqual({ number: '2', word: 'of 3 breaths' })
  })

  it('sounds the notes between two beats and counts them', () => {
    const triplet = cue({ offsetMillis: 1000, beat: 2, beats: 60, notes: 3, sound: 'BEAT' })
    expect(tonesOf([triplet], 2000).map((t) => [Math.round(t.at), t.kind])).toEqual([
      [1000, 'beat'],
      [1333, 'note'],
      [1667, 'note'],
      [2000, 'done'],
    ])
    expect(countOf(triplet, 1500)).toEqual({ number: '3', word: 'to a beat, beat 2 of 60' })
    const countIn = cue({ phase: 'SET_UP', beat: 1, beats: 4 })
    expect(countOf(countIn, 0)).toEqual({ number: '4', word: 'count in' })
  })

  it('knows how much of each step was gone through', () => {
    const coverage = new Coverage(twoSteps)
    coverage.add(twoSteps, 0, 9_950)
    coverage.add(twoSteps, 12_000, 17_000)
    expect([coverage.percent(0), coverage.percent(1)]).toEqual([100, 25])
    coverage.restart(1)
    expect(coverage.percent(1)).toBe(0)
  })

  it('tells the sides apart', () => {
    const coverage = new Coverage(twoSteps)
    coverage.add(twoSteps, 10_000, 22_500)
    expect([coverage.percent(1, 'LEFT'), coverage.percent(1, 'RIGHT')]).toEqual([100, 25])
    coverage.add(twoSteps, 0, 5_000)
    expect([coverage.percent(0, 'LEFT'), coverage.percent(0, 'RIGHT')]).toEqual([50, 50])
  })

  it('keeps the place when a step is made easier, and moves what follows', () => {
    const variant = {
      dose: '8 s',
      lengthMillis: 16_000,
      cues: [
        cue({ step: 1, offsetMillis: 0, durationMillis: 8_000, sides: 'LEFT' }),
        cue({ step: 1, offsetMillis: 8_000, durationMillis: 8_000, sides: 'RIGHT' }),
      ],
    }
    const shorter = withVariant(threeSteps, 1, variant)
    expect(shorter.lengthMillis).toBe(threeSteps.lengthMillis - 4_000)
    expect(shorter.steps[2]?.offsetMillis).toBe(26_000)
    expect(shorter.cues.map((c) => c.offsetMillis)).toEqual([0, 10_000, 18_000, 26_000])
    const at = threeSteps.cues[2] as Cue
    expect(momentIn(shorter, at, 3_000)).toBe(21_000)
    expect(momentIn(shorter, at, 9_500)).toBe(26_000)
  })
})
