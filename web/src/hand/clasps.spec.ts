import { describe, expect, it } from 'vitest'
import { claspFingers, claspOf } from './clasps'
import type { Point } from './vector'

/** Knuckles of index to little finger of the nearer hand. */
const ROOTS: readonly Point[] = [
  [0, 0],
  [40, 0],
  [80, 0],
  [120, 0],
]
const NAMES = ['INDEX', 'MIDDLE', 'RING', 'LITTLE']

/** Which pair is crossed, who grips it, and whether the hands are turned over (common practice, no source). */
const FORMS = [
  ['CLASP_LITTLE_LEFT', ['LITTLE'], { MIDDLE: 'LITTLE', RING: 'LITTLE' }, false],
  ['CLASP_LITTLE_RIGHT', ['LITTLE'], { MIDDLE: 'LITTLE', RING: 'LITTLE' }, false],
  ...(['LEFT_MIDDLE_LEFT', 'LEFT_MIDDLE_RIGHT', 'RIGHT_MIDDLE_LEFT', 'RIGHT_MIDDLE_RIGHT'] as const)
    .map((tops) => `CLASP_LITTLE_${tops}` as const)
    .map(
      (name) => [name, ['LITTLE', 'MIDDLE'], { RING: 'LITTLE', INDEX: 'MIDDLE' }, false] as const,
    ),
  ['CLASP_RING_LEFT', ['RING'], { MIDDLE: 'RING' }, false],
  ['CLASP_RING_RIGHT', ['RING'], { MIDDLE: 'RING' }, false],
  ['CLASP_INDEX_LEFT', ['INDEX'], { MIDDLE: 'INDEX', RING: 'INDEX' }, true],
  ['CLASP_INDEX_RIGHT', ['INDEX'], { MIDDLE: 'INDEX', RING: 'INDEX' }, true],
  ...(['LEFT_RING_LEFT', 'LEFT_RING_RIGHT', 'RIGHT_RING_LEFT', 'RIGHT_RING_RIGHT'] as const)
    .map((tops) => `CLASP_INDEX_${tops}` as const)
    .map((name) => [name, ['INDEX', 'RING'], { MIDDLE: 'INDEX', LITTLE: 'RING' }, true] as const),
  ['CLASP_MIDDLE_LEFT', ['MIDDLE'], { RING: 'MIDDLE' }, true],
  ['CLASP_MIDDLE_RIGHT', ['MIDDLE'], { RING: 'MIDDLE' }, true],
] as const

const pointsOf = (path: string): Point[] =>
  [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])])
const last = (path: string): Point => pointsOf(path).at(-1) as Point
const first = (path: string): Point => pointsOf(path)[0] as Point

describe('the clasps', () => {
  it('are sixteen forms', () => {
    expect(new Set(FORMS.map(([name]) => name)).size).toBe(16)
  })

  it.each(FORMS)('%s crosses, grips and lies as practised', (name, crossed, grips, turnedOver) => {
    const clasp = claspOf(name)
    expect(clasp.crossed.map(({ pair }) => NAMES[pair])).toEqual(crossed)
    expect(Object.fromEntries(clasp.grips.map(({ by, on }) => [NAMES[by], NAMES[on]]))).toEqual(
      grips,
    )
    expect(clasp.turnedOver).toBe(turnedOver)
  })

  it.each(FORMS)('%s draws eight fingers, the twin on top over the other one', (name) => {
    const clasp = claspOf(name)
    const fingers = claspFingers(clasp, ROOTS)
    expect(fingers).toHaveLength(8)
    for (const { pair, leftOnTop } of clasp.crossed) {
      const twins = fingers.filter(
        ({ path }) => Math.abs(first(path)[0] - (ROOTS[pair] as Point)[0]) < 12,
      )
      expect(twins.map(({ left }) => left)).toEqual([!leftOnTop, leftOnTop])
      const [right, left] = [false, true].map((side) => twins.find((t) => t.left === side)?.path)
      const apart = (at: (path: string) => Point) => at(left ?? '')[0] - at(right ?? '')[0]
      expect(Math.sign(apart(last)), 'the tips have passed each other').toBe(
        -Math.sign(apart(first)),
      )
    }
  })

  it.each(FORMS)('%s lets the gripping fingers end lower than the crossed ones', (name) => {
    const clasp = claspOf(name)
    const height = (of: (pair: number) => boolean) =>
      claspFingers(clasp, ROOTS)
        .filter(({ path }) => of(Math.round(first(path)[0] / 40)))
        .map(({ path }) => -last(path)[1])
    const crossing = height((pair) => clasp.crossed.some((c) => c.pair === pair))
    const gripping = height((pair) => clasp.grips.some((g) => g.by === pair))
    expect(Math.max(...gripping)).toBeLessThan(Math.min(...crossing))
  })

  it('bring the tips of the free twins together, and leave the rest as it is', () => {
    const apart = (name: 'CLASP_LITTLE_LEFT' | 'CLASP_LITTLE_LEFT_TIPS') => {
      const index = claspFingers(claspOf(name), ROOTS).filter(({ path }) => first(path)[0] < 12)
      const [a, b] = index.map(({ path }) => last(path)[0]) as [number, number]
      return Math.abs(a - b)
    }
    expect(apart('CLASP_LITTLE_LEFT_TIPS')).toBeLessThan(apart('CLASP_LITTLE_LEFT') / 2)
    expect(claspOf('CLASP_LITTLE_LEFT_TIPS').crossed).toEqual(claspOf('CLASP_LITTLE_LEFT').crossed)
  })
})
