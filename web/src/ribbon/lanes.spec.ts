import { describe, expect, it } from 'vitest'
import { lanesOf } from './lanes'

const at = (...times: [number, number][]) =>
  times.map(([startHour, endHour]) => ({ startHour, endHour }))

describe('lanes of blocks', () => {
  it('need only one where nothing overlaps', () => {
    expect(lanesOf(at([9, 10], [10, 11]))).toEqual({ lanes: [0, 0], count: 1 })
    expect(lanesOf([])).toEqual({ lanes: [], count: 1 })
  })
  it('lie beside each other at the same time, and the first free one is taken again', () => {
    expect(lanesOf(at([9, 12], [10, 11], [11, 13], [14, 15]))).toEqual({
      lanes: [0, 1, 1, 0],
      count: 2,
    })
    expect(lanesOf(at([9, 12], [9, 12], [9, 12])).count).toBe(3)
  })
})
