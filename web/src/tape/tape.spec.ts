import { describe, expect, it } from 'vitest'
import { layOut, ticks, type TapeStep } from './tape'

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

  it('stands an empty routine', () => {
    expect(layOut([], 100, 0, 40, 0)).toEqual([])
  })
})
