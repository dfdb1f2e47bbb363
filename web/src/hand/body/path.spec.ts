import { describe, expect, it } from 'vitest'
import type { Point } from '../vector'
import { closedPath, curveThrough, openPath, ribbonPath, runsOf, smoothed, stripPath } from './path'

const SQUARE: readonly Point[] = [
  [0, 0],
  [10, 0],
  [10, 10],
  [0, 10],
]

/** Follows a path of relative lines and curves and gives back where each piece ends, y downward. */
function endsOf(path: string): Point[] {
  const ends: Point[] = []
  let at: Point = [0, 0]
  for (const [, command, numbers] of path.matchAll(/([MlqZ])([^MlqZ]*)/g)) {
    const n = [...(numbers ?? '').matchAll(/-?(?:\d+\.?\d*|\.\d+)/g)].map(Number)
    if (command === 'M') at = [n[0] as number, n[1] as number]
    else if (command !== 'Z') {
      // Each pair of a curve is written from the one before, as the pen went.
      for (let i = 0; i < n.length; i += 2)
        if (command === 'l' || i === 2)
          at = [at[0] + (n[i] as number), at[1] + (n[i + 1] as number)]
    }
    if (command !== 'Z') ends.push([Math.round(at[0] * 10) / 10, Math.round(at[1] * 10) / 10])
  }
  return ends
}

describe('paths', () => {
  it('go through the middles of a closed loop, y downward, and end where they began', () => {
    const ends = endsOf(closedPath(SQUARE))
    expect(ends[0]).toEqual([5, 0])
    expect(ends).toHaveLength(5)
    expect(ends[1]).toEqual([10, -5])
    expect(ends[4]).toEqual(ends[0])
    expect(closedPath(SQUARE)).toMatch(/Z$/)
  })

  it('begin and end an open line at its own points', () => {
    const ends = endsOf(openPath(SQUARE))
    expect(ends[0]).toEqual([0, 0])
    expect(ends.at(-1)).toEqual([0, -10])
    expect(openPath(SQUARE)).not.toContain('Z')
    expect(openPath([[0, 0]])).toBe('')
  })

  it('are written as short as they can be', () => {
    expect(
      openPath([
        [0.5, 0],
        [1, -0.25],
      ]),
    ).toBe('M.5 0l.5 .3')
    expect(
      openPath([
        [0, 0],
        [-0.5, 0],
      ]),
    ).toBe('M0 0l-.5 0')
  })

  it('write a way that is longer than all that are known', () => {
    expect(
      openPath([
        [0, 0],
        [345.6, 0],
      ]),
    ).toBe('M0 0l345.6 0')
  })

  it('close the strip between a line and another one that comes back', () => {
    const ends = endsOf(
      stripPath(
        [
          [0, 0],
          [10, 0],
        ],
        [
          [10, 4],
          [0, 4],
        ],
      ),
    )
    expect(ends).toEqual([
      [0, 0],
      [10, 0],
      [10, -4],
      [0, -4],
    ])
  })

  it('give a line its width on both sides', () => {
    const ends = endsOf(
      ribbonPath(
        [
          [0, 0],
          [10, 0],
        ],
        [4, 2],
      ),
    )
    expect(ends).toEqual([
      [0, -2],
      [10, -1],
      [10, 1],
      [0, 2],
    ])
    expect(ribbonPath([[0, 0]], [4])).toBe('')
  })
})

describe('numbers along a line', () => {
  it('are drawn toward their neighbours, their sum kept on a ring', () => {
    const values = [0, 0, 8, 0, 0, 0]
    const once = smoothed(values, true, 1)
    expect(once).toEqual([0, 2, 4, 2, 0, 0])
    expect(smoothed(values, true, 5).reduce((a, b) => a + b)).toBeCloseTo(8)
    expect(smoothed([8, 0, 0], false, 1)[0]).toBe(6)
    expect(smoothed(values, true, 0)).toEqual(values)
  })

  it('fall into stretches, one of them across the seam', () => {
    const on = (text: string) => runsOf([...text].map((c) => c === '#'))
    expect(on('####')).toEqual([{ ring: true, indices: [0, 1, 2, 3] }])
    expect(on('....')).toEqual([])
    expect(on('')).toEqual([])
    expect(on('.##.#')).toEqual([
      { ring: false, indices: [1, 2] },
      { ring: false, indices: [4] },
    ])
    expect(on('#..##')).toEqual([{ ring: false, indices: [3, 4, 0] }])
  })
})

describe('a curve through points', () => {
  it('meets each of them and stays straight on a straight row', () => {
    const points: Point[] = [
      [0, 0],
      [10, 5],
      [20, 0],
    ]
    const curve = curveThrough(points, 4)
    expect(curve).toHaveLength(9)
    for (const [i, p] of points.entries()) expect(curve[4 * i]).toEqual(p)
    const straight = curveThrough(
      [
        [0, 0],
        [10, 0],
        [20, 0],
        [30, 0],
      ],
      5,
    )
    expect(straight.every(([, y]) => y === 0)).toBe(true)
    const xs = straight.map(([x]) => x)
    expect(xs).toEqual([...xs].sort((a, b) => a - b))
  })
})
