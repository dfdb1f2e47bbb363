import { describe, expect, it } from 'vitest'
import type { DrillView, PatternsView } from '@/api/types'
import { axisOf, lanesOf } from './map'

const drill = (pattern: string, difficulty: number, both = false): DrillView => ({
  pattern,
  hand: both ? null : 'LEFT',
  title: pattern,
  doing: '',
  first: [{ bent: ['RING'], open: [] }],
  second: both ? [{ bent: ['RING'], open: [] }] : [],
  difficulty,
  expected: 0.5,
  rude: false,
  tries: pattern === 'a' ? 3 : 0,
  clean: 0,
  weak: false,
  next: false,
  tempo: 60,
  nextTempo: null,
  closed: null,
})
const PATTERNS: PatternsView = {
  aMinute: 60,
  tempo: { least: 20, greatest: 240, step: 4, first: 60 },
  minutes: { choices: [2, 3, 5], usual: 5 },
  phrases: { bars: [1, 2, 4, 8], beatsABar: [2, 3, 4], usualBeatsABar: 4 },
  offeredAt: 1,
  easyAt: 0.4,
  hardAt: 1.6,
  tries: 3,
  clean: 0,
  forecast: '',
  families: [
    { id: 'ONE', words: '', open: true, drills: [drill('a', 1), drill('b', 1.01), drill('c', 3)] },
    { id: 'RIPPLE', words: '', open: false, drills: [drill('d', 2, true)] },
    { id: 'THREADING', words: '', open: false, drills: [drill('e', 4.2, true)] },
  ],
}
const axis = axisOf(PATTERNS, 800)
const lanes = lanesOf(PATTERNS.families, 'Left', axis)

describe('the map of patterns', () => {
  it('has an axis in halves round all difficulties', () => {
    expect(axis.least).toBe(0)
    expect(axis.greatest).toBe(4.5)
    expect(axis.ticks).toHaveLength(10)
  })

  it('puts each pattern into the lane of what the hands do', () => {
    expect(lanes.map((lane) => lane.placed.map((one) => one.drill.pattern))).toEqual([
      ['a', 'b', 'c'],
      ['d'],
      [],
      [],
      ['e'],
    ])
    expect(lanes[0]?.word).toBe('Left hand alone')
    expect(lanes[0]?.tried).toBe(1)
  })

  it('lays no sign on another', () => {
    for (const lane of lanes)
      for (const one of lane.placed)
        for (const other of lane.placed)
          if (one !== other && one.y === other.y)
            expect(Math.abs(one.x - other.x)).toBeGreaterThanOrEqual(24)
  })
})
