import { describe, expect, it } from 'vitest'
import { norm, unit, type Vector } from '../vector'
import {
  NO_TURN,
  angleBetween,
  dot,
  inverse,
  mirroredPoint,
  mirroredTurn,
  rotate,
  smooth,
  turnBetween,
  turnPair,
  turnTo,
  turnX,
  turnY,
  turnZ,
  turns,
  type Rotation,
} from './rotation'

const X: Vector = [1, 0, 0]
const Y: Vector = [0, 1, 0]
const Z: Vector = [0, 0, 1]
const close = (a: readonly number[], b: readonly number[]) =>
  a.forEach((n, i) => expect(n).toBeCloseTo(b[i] as number, 6))

/** Numbers that look random and are the same every time. */
function* seeded(seed: number): Generator<number, never> {
  let at = seed
  for (;;) {
    at = (at * 16807) % 2147483647
    yield at / 2147483647
  }
}
const SEEDS = Array.from({ length: 60 }, (_, i) => 7 * i + 1)
function drawn(seed: number) {
  const numbers = seeded(seed)
  const next = () => (numbers.next().value - 0.5) * 2
  const vector = (): Vector => [next(), next(), next()]
  const rotation = (): Rotation =>
    turns(turnX(next() * 180), turnY(next() * 180), turnZ(next() * 180))
  return { vector, rotation }
}

describe('rotations', () => {
  it('turn a quarter about each axis by the right hand', () => {
    close(rotate(turnX(90), Y), Z)
    close(rotate(turnY(90), Z), X)
    close(rotate(turnZ(90), X), Y)
    close(rotate(NO_TURN, [1, 2, 3]), [1, 2, 3])
  })

  it('act one within the other, the last one first', () => {
    close(rotate(turns(turnZ(90), turnX(90)), Y), rotate(turnZ(90), rotate(turnX(90), Y)))
  })

  it.each(SEEDS)('keep lengths and angles, and are undone by their inverse (%i)', (seed) => {
    const { vector, rotation } = drawn(seed)
    const [a, b, q] = [vector(), vector(), rotation()]
    expect(norm(rotate(q, a))).toBeCloseTo(norm(a), 9)
    expect(dot(rotate(q, a), rotate(q, b))).toBeCloseTo(dot(a, b), 9)
    close(rotate(inverse(q), rotate(q, a)), a)
  })

  it.each(SEEDS)('go the shortest way from one to another, evenly (%i)', (seed) => {
    const { rotation } = drawn(seed)
    const [a, b] = [rotation(), rotation()]
    const between = (t: number) => rotate(turnBetween(a, b, t), X)
    close(between(0), rotate(a, X))
    close(between(1), rotate(b, X))
    const step = (from: number, to: number) => {
      const q = turns(inverse(turnBetween(a, b, from)), turnBetween(a, b, to))
      return 2 * Math.acos(Math.min(1, Math.abs(q[3])))
    }
    expect(step(0, 0.5)).toBeCloseTo(step(0.5, 1), 5)
    expect(step(0, 1)).toBeLessThanOrEqual(Math.PI + 1e-9)
    expect(step(0, 0.5) + step(0.5, 1)).toBeCloseTo(step(0, 1), 5)
  })

  it.each(SEEDS)('take one direction to another (%i)', (seed) => {
    const { vector } = drawn(seed)
    const [a, b, beside, toward] = [vector(), vector(), vector(), vector()].map(unit) as [
      Vector,
      Vector,
      Vector,
      Vector,
    ]
    close(rotate(turnTo(a, b), a), b)
    const both = turnPair(a, beside, b, toward)
    close(rotate(both, a), b)
    const now = dot(rotate(both, beside), toward)
    for (const more of [-20, -5, 5, 20]) {
      const s = Math.sin((more * Math.PI) / 360)
      const other = turns([b[0] * s, b[1] * s, b[2] * s, Math.cos((more * Math.PI) / 360)], both)
      expect(dot(rotate(other, beside), toward)).toBeLessThanOrEqual(now + 1e-9)
    }
  })

  it('take a direction to its opposite too', () => {
    for (const v of [X, Y, Z])
      close(rotate(turnTo(v, [-v[0], -v[1], -v[2]]), v), [-v[0], -v[1], -v[2]])
  })

  it.each(SEEDS)('are the same in the mirror (%i)', (seed) => {
    const { vector, rotation } = drawn(seed)
    const [v, q] = [vector(), rotation()]
    close(rotate(mirroredTurn(q), mirroredPoint(v)), mirroredPoint(rotate(q, v)))
  })

  it('are measured in degrees', () => {
    expect(angleBetween(X, Y)).toBeCloseTo(90)
    expect(angleBetween(X, [-1, 0, 0])).toBeCloseTo(180)
    expect(angleBetween(X, X)).toBe(0)
  })
})

describe('a soft step', () => {
  it('rises or falls between its ends, and is flat outside of them', () => {
    expect([-1, 0, 5, 10, 11].map((x) => smooth(0, 10, x))).toEqual([0, 0, 0.5, 1, 1])
    expect([0, 5, 10].map((x) => smooth(10, 0, x))).toEqual([1, 0.5, 0])
  })
})
