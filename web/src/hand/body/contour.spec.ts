import { describe, expect, it } from 'vitest'
import type { Point, Vector } from '../vector'
import { allLoops, area, oriented, outerLoop } from './contour'
import { field, isThere, rimAt, seenGroup, surface, viewFrom, type SeenGroup } from './field'

const FRONT = viewFrom(0)
const capsule = (from: Vector, to: Vector, fromRadius: number, toRadius = fromRadius) => ({
  from,
  to,
  fromRadius,
  toRadius,
})
const group = (blend: number, ...capsules: ReturnType<typeof capsule>[]): SeenGroup =>
  seenGroup(FRONT, { capsules, blend })
const ball = (place: Vector, radius: number, blend = 0) =>
  group(blend, capsule(place, place, radius))
const farFrom = (loop: readonly Point[], middle: Point) =>
  loop.map(([x, y]) => Math.hypot(x - middle[0], y - middle[1]))

describe('the distance to flesh', () => {
  it('is that of a ball and of a tapered limb', () => {
    expect(field([ball([0, 0, 0], 10)], 13, 4)).toBeCloseTo(Math.hypot(13, 4) - 10)
    expect(field([ball([0, 0, 0], 10)], 0, 0)).toBeCloseTo(-10)
    const limb = group(0, capsule([0, 0, 0], [100, 0, 0], 10, 4))
    expect(field([limb], 50, 20)).toBeCloseTo(20 - 7)
    expect(field([limb], 120, 0)).toBeCloseTo(16)
  })

  it('melts where two surfaces meet at an angle, and swells nowhere else', () => {
    const two = (blend: number) => [ball([-8, 0, 0], 10, blend), ball([8, 0, 0], 10, blend)]
    expect(field(two(6), 0, 8)).toBeLessThan(field(two(0), 0, 8))
    const twice = [
      group(6, capsule([0, 0, 0], [100, 0, 0], 10)),
      group(6, capsule([0, 0, 0], [100, 0, 0], 10)),
    ]
    expect(field(twice, 50, 12), 'parallel surfaces keep their edge').toBeCloseTo(2)
  })

  it('does not turn with the light but with the viewer', () => {
    expect(viewFrom(90)([0, 5, 10])[0]).toBeCloseTo(10)
    expect(viewFrom(180)([3, 5, 0])[0]).toBeCloseTo(-3)
    expect(viewFrom(38)([3, 5, 10])[1]).toBe(5)
  })

  it('knows the nearest surface, and where there is none', () => {
    const near = [ball([0, 0, 0], 10), ball([0, 0, 30], 5)]
    expect(surface(near, 0, 0)).toBeCloseTo(35)
    expect(surface(near, 8, 0)).toBeCloseTo(6)
    expect(isThere(surface(near, 50, 0))).toBe(false)
  })

  it('tells whose rim a point lies on, the nearer one of two', () => {
    const two = [ball([0, 0, 0], 10), ball([0, 0, 30], 10)]
    expect(rimAt(two, [10, 0])).toEqual({ depth: 30, group: 1 })
    expect(rimAt(two, [200, 0]).group).toBe(-1)
  })
})

describe('outlines', () => {
  it.each([1, 1.6, 2])('follow a ball within a part of a step (%d)', (step) => {
    const loop = outerLoop([ball([5, -3, 0], 20)], step)
    const far = farFrom(loop ?? [], [5, -3])
    expect(Math.min(...far)).toBeGreaterThan(20 - step)
    expect(Math.max(...far)).toBeLessThan(20 + step)
    expect(area(loop ?? [])).toBeGreaterThan(0.93 * Math.PI * 400)
  })

  it('go once round two parts that touch, with the inside on the left', () => {
    const loop = outerLoop([ball([-12, 0, 0], 15, 3), ball([12, 0, 0], 15, 3)], 1) ?? []
    expect(area(loop)).toBeGreaterThan(Math.PI * 225)
    expect(area(loop)).toBeLessThan(2 * Math.PI * 225)
    expect(Math.min(...loop.map(([x]) => x))).toBeCloseTo(-27, 0)
    expect(Math.max(...loop.map(([x]) => x))).toBeCloseTo(27, 0)
  })

  it('are none where nothing is', () => {
    expect(outerLoop([ball([0, 0, 0], -5)], 1)).toBeNull()
  })

  it('are as many as there are pieces and holes', () => {
    const distance = (x: number, y: number) => Math.abs(Math.hypot(x, y) - 20) - 5
    const loops = allLoops([-25, -25, 25, 25], 1, distance)
    expect(loops).toHaveLength(2)
    const sizes = loops.map((loop) => Math.abs(area(loop))).sort((a, b) => a - b) as [
      number,
      number,
    ]
    expect(sizes[0]).toBeCloseTo(Math.PI * 225, -2)
    expect(sizes[1]).toBeCloseTo(Math.PI * 625, -2)
    const apart = (x: number, y: number) =>
      Math.min(Math.hypot(x - 20, y) - 8, Math.hypot(x + 20, y) - 8)
    expect(allLoops([-30, -10, 30, 10], 1, apart)).toHaveLength(2)
  })

  it('are turned so that the inside lies on the left', () => {
    const clockwise: Point[] = [
      [0, 0],
      [0, 10],
      [10, 10],
      [10, 0],
    ]
    expect(area(clockwise)).toBe(-100)
    expect(area(oriented(clockwise))).toBe(100)
    expect(oriented(oriented(clockwise))).toEqual(oriented(clockwise))
  })
})
