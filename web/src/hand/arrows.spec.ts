import { describe, expect, it } from 'vitest'
import { circlingArrow, straightArrow, turningArrow, wayArrow, type Arrow } from './arrows'
import type { Point } from './vector'

const numbers = (path: string) => [...path.matchAll(/-?[\d.]+/g)].map(Number)
const startOf = ({ shaft }: Arrow): Point => numbers(shaft).slice(0, 2) as unknown as Point
const endOf = ({ shaft }: Arrow): Point => numbers(shaft).slice(-2) as unknown as Point
/** The tip comes first in a head, then its two corners. */
const tipOf = ({ head }: Arrow): Point => numbers(head).slice(0, 2) as unknown as Point
const apart = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1])

describe('arrows', () => {
  it('go straight from here to there, the head in front of the shaft', () => {
    const arrow = straightArrow([0, 0], [0, 80])
    expect(startOf(arrow)).toEqual([0, 0])
    expect(endOf(arrow)[1]).toBeLessThan(tipOf(arrow)[1])
    expect(apart(tipOf(arrow), [0, 80])).toBeLessThan(8)
  })

  it('go along a way outside of it, seen from the middle', () => {
    const arrow = wayArrow(
      [
        [60, 80],
        [100, 0],
        [60, -80],
      ],
      [0, 0],
    )
    expect(startOf(arrow)[0]).toBeGreaterThan(60)
    expect(tipOf(arrow)[1]).toBeLessThan(-60)
    const control = numbers(arrow.shaft).slice(2, 4)
    expect(control[0], 'the bow leads outward').toBeGreaterThan(100)
  })

  it('are long enough to be seen where the way is short', () => {
    const arrow = wayArrow(
      [
        [50, 0],
        [51, -1],
        [52, -2],
      ],
      [0, 0],
    )
    expect(apart(startOf(arrow), tipOf(arrow))).toBeGreaterThan(20)
  })

  it.each([
    ['a point', [[10, 10]], 26],
    [
      'a small round',
      [
        [-40, 0],
        [40, 0],
      ],
      40,
    ],
    [
      'a wide round',
      [
        [-300, 0],
        [300, 0],
      ],
      54,
    ],
  ] as const)('go round %s with a radius that can be seen and stays by it', (_, points, radius) => {
    const arrow = circlingArrow(points)
    const middle: Point = [
      points.reduce((sum, p) => sum + p[0], 0) / points.length,
      points.reduce((sum, p) => sum + p[1], 0) / points.length,
    ]
    expect(apart(startOf(arrow), middle)).toBeCloseTo(radius, 0)
    expect(apart(endOf(arrow), middle)).toBeCloseTo(radius, 0)
  })

  it('go across a part that turns, on both sides of it', () => {
    const arrow = turningArrow([10, 20])
    expect(startOf(arrow)[0]).toBeLessThan(10)
    expect(tipOf(arrow)[0]).toBeGreaterThan(10)
  })
})
