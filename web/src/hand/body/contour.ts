import type { Box, Loop } from '../outline'
import type { Point } from '../vector'
import { boxOf, field, type SeenGroup } from './field'

/** Inside on the left, y up. */
export const area = (loop: Loop): number =>
  loop.reduce((sum, a, i) => {
    const b = loop[(i + 1) % loop.length] as Point
    return sum + a[0] * b[1] - b[0] * a[1]
  }, 0) / 2
export const oriented = (loop: Loop): Loop => (area(loop) < 0 ? [...loop].reverse() : loop)

function softened(loop: Loop): Loop {
  const n = loop.length
  return loop.map((p, i): Point => {
    const a = loop[(i + n - 1) % n] as Point
    const c = loop[(i + 1) % n] as Point
    return [(a[0] + 2 * p[0] + c[0]) / 4, (a[1] + 2 * p[1] + c[1]) / 4]
  })
}

/** From this grid on an outline is softened twice. */
const COARSE = 1.9

/** Every second point, softened. */
function calmed(loop: Loop, step: number): Loop {
  const half = softened(loop.filter((_, i) => i % 2 === 0))
  return oriented(step >= COARSE ? softened(half) : half)
}

const SHORTEST = 8
const PADDING = 4
/** No outline of a part crosses more cells. */
const MOST_CELLS = 4000

/** Edges of a cell: above, right, below, left. */
type Edge = 0 | 1 | 2 | 3
const ENDS: Readonly<Record<Edge, readonly [number, number, number, number]>> = {
  0: [0, 0, 1, 0],
  1: [1, 0, 1, 1],
  2: [0, 1, 1, 1],
  3: [0, 0, 0, 1],
}
const NEXT: Readonly<Record<Edge, readonly [dx: number, dy: number, entered: Edge]>> = {
  0: [0, -1, 2],
  1: [1, 0, 3],
  2: [0, 1, 0],
  3: [-1, 0, 1],
}
/** Through a cell whose corners change at every edge, by whether its first corner is inside. */
const SADDLE: Readonly<Record<'in' | 'out', readonly [Edge, Edge, Edge, Edge]>> = {
  in: [3, 2, 1, 0],
  out: [1, 0, 3, 2],
}

/** The outer outline of groups, walked from cell to cell: only the cells it crosses are looked at. */
export function outerLoop(groups: readonly SeenGroup[], step: number): Loop | null {
  const box = boxOf(groups)
  const x0 = box[0] - PADDING
  const y0 = box[1] - PADDING
  const columns = Math.ceil((box[2] + PADDING - x0) / step) + 2
  const rows = Math.ceil((box[3] + PADDING - y0) / step) + 2
  const known = new Float32Array(columns * rows).fill(NaN)
  const value = (i: number, j: number): number => {
    if (i < 0 || j < 0 || i >= columns || j >= rows) return 1
    const k = j * columns + i
    const before = known[k] as number
    if (!Number.isNaN(before)) return before
    const d = field(groups, x0 + i * step, y0 + j * step) || 1e-6
    known[k] = d
    return d
  }
  const start = firstInside(groups, box, y0, step, columns, value)
  if (!start) return null
  const crossing = (i: number, j: number, edge: Edge): Point => {
    const [ax, ay, bx, by] = ENDS[edge]
    const a = value(i + ax, j + ay)
    const b = value(i + bx, j + by)
    const t = a / (a - b)
    return [x0 + (i + ax + (bx - ax) * t) * step, y0 + (j + ay + (by - ay) * t) * step]
  }
  const loop: Point[] = []
  let [i, j] = [start[0] - 1, start[1]]
  let edge: Edge = 0
  for (let cells = 0; cells < MOST_CELLS; cells++) {
    loop.push(crossing(i, j, edge))
    const out = leaving(
      value(i, j) < 0,
      value(i + 1, j) < 0,
      value(i + 1, j + 1) < 0,
      value(i, j + 1) < 0,
      edge,
    )
    if (out === null) break
    const [dx, dy, entered] = NEXT[out]
    i += dx
    j += dy
    edge = entered
    if (i === start[0] - 1 && j === start[1] && edge === 0) break
  }
  return loop.length >= SHORTEST ? calmed(loop, step) : null
}

/** By which edge an outline leaves a cell that it entered by another. */
function leaving(a: boolean, b: boolean, c: boolean, d: boolean, entered: Edge): Edge | null {
  if (a === c && b === d && a !== b) return SADDLE[a ? 'in' : 'out'][entered]
  const crossed: readonly boolean[] = [a !== b, b !== c, c !== d, d !== a]
  const out = crossed.findIndex((on, k) => on && k !== entered)
  return out < 0 ? null : (out as Edge)
}

function firstInside(
  groups: readonly SeenGroup[],
  box: Box,
  y0: number,
  step: number,
  columns: number,
  value: (i: number, j: number) => number,
): readonly [number, number] | null {
  let leftmost = Infinity
  let height = box[1]
  for (const g of groups)
    for (const c of g.capsules)
      for (const [x, y, r] of [
        [c.x, c.y, c.radius],
        [c.x + c.dx, c.y + c.dy, c.radius + c.dRadius],
      ] as const)
        if (x - r < leftmost) {
          leftmost = x - r
          height = y
        }
  const row = Math.round((height - y0) / step)
  for (const j of [row, row + 1, row - 1])
    for (let i = 0; i < columns; i++) if (value(i, j) < 0) return [i, j]
  return null
}

/** All outlines of a field within a box, holes too. */
export function allLoops(
  box: Box,
  step: number,
  distance: (x: number, y: number) => number,
): readonly Loop[] {
  const x0 = box[0] - PADDING
  const y0 = box[1] - PADDING
  const columns = Math.ceil((box[2] + PADDING - x0) / step) + 1
  const rows = Math.ceil((box[3] + PADDING - y0) / step) + 1
  const values = new Float32Array(columns * rows)
  for (let j = 0; j < rows; j++)
    for (let i = 0; i < columns; i++)
      values[j * columns + i] = distance(x0 + i * step, y0 + j * step) || 1e-6
  const at = (i: number, j: number) => values[j * columns + i] as number
  const points = new Map<number, Point>()
  const links = new Map<number, number[]>()
  const crossing = (i: number, j: number, down: 0 | 1): number => {
    const id = (j * columns + i) * 2 + down
    if (!points.has(id)) {
      const a = at(i, j)
      const b = down ? at(i, j + 1) : at(i + 1, j)
      const t = a / (a - b)
      points.set(
        id,
        down ? [x0 + i * step, y0 + (j + t) * step] : [x0 + (i + t) * step, y0 + j * step],
      )
    }
    return id
  }
  const link = (a: number, b: number) => {
    links.set(a, [...(links.get(a) ?? []), b])
    links.set(b, [...(links.get(b) ?? []), a])
  }
  for (let j = 0; j < rows - 1; j++)
    for (let i = 0; i < columns - 1; i++) {
      const corners = [at(i, j) < 0, at(i + 1, j) < 0, at(i + 1, j + 1) < 0, at(i, j + 1) < 0]
      const edges = [
        () => crossing(i, j, 0),
        () => crossing(i + 1, j, 1),
        () => crossing(i, j + 1, 0),
        () => crossing(i, j, 1),
      ]
      const crossed = [0, 1, 2, 3].filter((k) => corners[k] !== corners[(k + 1) % 4])
      for (let k = 0; k + 1 < crossed.length; k += 2) {
        const a = edges[crossed[k] as number]
        const b = edges[crossed[k + 1] as number]
        if (a && b) link(a(), b())
      }
    }
  return walked(points, links)
    .filter((loop) => loop.length >= SHORTEST)
    .map((loop) => calmed(loop, step))
    .filter((loop) => loop.length > 3)
}

function walked(points: Map<number, Point>, links: Map<number, number[]>): Loop[] {
  const seen = new Set<number>()
  const loops: Loop[] = []
  for (const start of links.keys()) {
    if (seen.has(start)) continue
    const loop: Point[] = []
    let at: number | undefined = start
    while (at !== undefined && !seen.has(at)) {
      seen.add(at)
      loop.push(points.get(at) as Point)
      at = links.get(at)?.find((other) => !seen.has(other))
    }
    loops.push(loop)
  }
  return loops
}
