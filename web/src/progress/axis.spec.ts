import { describe, expect, it } from 'vitest'
import { dateScale, daysBetween, stepPath, weeksBetween } from './axis'

describe('dates on a line', () => {
  it('are counted in days, whatever the clocks did', () => {
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2)
    const x = dateScale('2026-03-01', '2026-03-11', 100, 200)
    expect([x('2026-03-01'), x('2026-03-06'), x('2026-03-11')]).toEqual([100, 200, 300])
  })

  it('have their weeks', () => {
    expect(weeksBetween('2026-02-23', '2026-03-10')).toEqual([
      '2026-02-23',
      '2026-03-02',
      '2026-03-09',
    ])
  })

  it('hold a value until the next one', () => {
    const points = [
      { x: 0, y: 10 },
      { x: 5, y: 4 },
    ]
    expect(stepPath(points, 9)).toBe('M0 10H5V4H9')
    expect(stepPath([], 9)).toBe('')
  })
})
