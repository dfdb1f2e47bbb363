import { describe, expect, it } from 'vitest'
import { layOut, ticks, type TapeStep, circuitsOf } from './tape'

const step = (seconds: number, laterality: TapeStep['laterality'] = 'TOGETHER'): TapeStep => ({
  title: 'Step',
  kind: 'HEAT',
  lengthMillis: seconds * 1000,
  laterality,
})

describe('the tape', () => {
  it('makes every step as wide as it is long', () => {
    const pieces = layOut([step(10), step(30), step(20)], 600, 0, 40, 0)
    expect(pieces.map((p) => [p.left, p.right])).toEqual([
      [0, 100],
      [100, 400],
      [400, 600],
    ])
  })

  it('splits a step whose sides come one after the other', () => {
    const [piece] = layOut([step(10, 'EACH')], 100, 0, 40, 0)
    expect(piece?.path).toBe('M0 0H50V20H100V40H50V20H0Z')
  })

  it('numbers the minutes only', () => {
    const list = ticks(125_000, 250)
    expect(list).toHaveLength(13)
    expect(list.filter((t) => t.label).map((t) => [t.x, t.label])).toEqual([
      [0, '0'],
      [120, '1 min'],
      [240, '2 min'],
    ])
    expect(list.filter((t) => t.length === 8)).toHaveLength(2)
  })

  it('numbers no more minutes of its ruler than there is room for', () => {
    const labels = ticks(15 * 60_000, 520)
      .map((t) => t.label)
      .filter(Boolean)
    expect(labels).toEqual(['0', '2 min', '4 min', '6 min', '8 min', '10 min', '12 min', '14 min'])
  })

  it('stands an empty routine', () => {
    expect(layOut([], 100, 0, 40, 0)).toEqual([])
  })
})

describe('steps in turn', () => {
  const set = (title: string, circuit: number): TapeStep => ({
    title,
    kind: 'STRENGTHEN',
    lengthMillis: 30_000,
    laterality: 'TOGETHER',
    circuit,
  })
  it('are one circuit with its letters, rounds and length', () => {
    const steps = [set('Rub', 0), set('Lifts', 1), set('Knuckles', 1), set('Lifts', 1)]
    expect(circuitsOf(steps)).toEqual([
      { from: 1, until: 4, rounds: 2, millis: 90_000, letters: ['A', 'B', 'A'] },
    ])
    expect(circuitsOf([set('Rub', 0)])).toEqual([])
    expect(circuitsOf([set('a', 1), set('b', 2)])).toHaveLength(2)
  })
})
