import type { Point, Vector } from './vector'

/** A tapered capsule in the plane: the shadow of a chain of two spheres. */
export interface Capsule {
  readonly from: Point
  readonly to: Point
  readonly fromRadius: number
  readonly toRadius: number
}

/** Capsules that belong together; `blend` is how softly they melt into the groups before them. */
export interface Flesh {
  readonly capsules: readonly Capsule[]
  readonly blend: number
}

export type Loop = readonly Point[]
export type Box = readonly [number, number, number, number]

export function capsule(from: Vector, to: Vector, fromRadius: number, toRadius: number): Capsule {
  return { from: [from[0], from[1]], to: [to[0], to[1]], fromRadius, toRadius }
}

function distanceToCapsule(c: Capsule, x: number, y: number): number {
  const dx = c.to[0] - c.from[0]
  const dy = c.to[1] - c.from[1]
  const squared = dx * dx + dy * dy
  let t = squared > 1e-9 ? ((x - c.from[0]) * dx + (y - c.from[1]) * dy) / squared : 0
  t = t < 0 ? 0 : t > 1 ? 1 : t
  const ex = x - c.from[0] - dx * t
  const ey = y - c.from[1] - dy * t
  return Math.sqrt(ex * ex + ey * ey) - (c.fromRadius + (c.toRadius - c.fromRadius) * t)
}

function smoothMinimum(a: number, b: number, blend: number): number {
  if (blend <= 0) return Math.min(a, b)
  const h = Math.max(blend - Math.abs(a - b), 0) / blend
  return Math.min(a, b) - h * h * blend * 0.25
}

/** The signed distance to the flesh: negative inside. */
export function distance(flesh: readonly Flesh[], x: number, y: number): number {
  let d = Infinity
  for (const group of flesh) {
    let own = Infinity
    for (const c of group.capsules) {
      const v = distanceToCapsule(c, x, y)
      if (v < own) own = v
    }
    d = d === Infinity ? own : smoothMinimum(d, own, group.blend)
  }
  return d
}

/** The box round the flesh: left, bottom, right, top. */
export function bounds(flesh: readonly Flesh[], margin: number): Box {
  let left = Infinity
  let bottom = Infinity
  let right = -Infinity
  let top = -Infinity
  for (const group of flesh)
    for (const c of group.capsules)
      for (const [p, r] of [
        [c.from, c.fromRadius],
        [c.to, c.toRadius],
      ] as const) {
        left = Math.min(left, p[0] - r)
        bottom = Math.min(bottom, p[1] - r)
        right = Math.max(right, p[0] + r)
        top = Math.max(top, p[1] + r)
      }
  return [left - margin, bottom - margin, right + margin, top + margin]
}

const BLOCK = 6

/** The distances on a grid; whole blocks that the outline cannot reach are filled with one value. */
function sample(
  flesh: readonly Flesh[],
  box: Box,
  step: number,
  nx: number,
  ny: number,
): Float32Array {
  const values = new Float32Array(nx * ny)
  const reach = step * BLOCK * 0.75 + 2
  for (let j = 0; j < ny; j += BLOCK)
    for (let i = 0; i < nx; i += BLOCK) {
      const centre = distance(
        flesh,
        box[0] + (i + BLOCK / 2) * step,
        box[1] + (j + BLOCK / 2) * step,
      )
      const far = Math.abs(centre) > reach
      for (let y = j; y < Math.min(ny, j + BLOCK); y++)
        for (let x = i; x < Math.min(nx, i + BLOCK); x++)
          values[y * nx + x] = far ? centre : distance(flesh, box[0] + x * step, box[1] + y * step)
    }
  return values
}

/** Which edges of a cell the outline joins, by which corners lie inside: 0 top, 1 right, 2 bottom, 3 left. */
const CELL_EDGES: readonly (readonly (readonly [number, number])[])[] = [
  [],
  [[3, 0]],
  [[0, 1]],
  [[3, 1]],
  [[1, 2]],
  [
    [3, 0],
    [1, 2],
  ],
  [[0, 2]],
  [[2, 3]],
  [[2, 3]],
  [[0, 2]],
  [
    [0, 1],
    [2, 3],
  ],
  [[1, 2]],
  [[3, 1]],
  [[0, 1]],
  [[3, 0]],
  [],
]

/** The outline of the flesh by marching squares: closed loops. */
export function outline(flesh: readonly Flesh[], step: number): Loop[] {
  const box = bounds(flesh, 6)
  const nx = Math.ceil((box[2] - box[0]) / step) + 1
  const ny = Math.ceil((box[3] - box[1]) / step) + 1
  const v = sample(flesh, box, step, nx, ny)
  const points = new Map<number, Point>()
  const links = new Map<number, number[]>()

  const edgePoint = (i: number, j: number, vertical: boolean): number => {
    const id = (j * nx + i) * 2 + (vertical ? 1 : 0)
    if (!points.has(id)) {
      const a = v[j * nx + i] as number
      const b = (vertical ? v[(j + 1) * nx + i] : v[j * nx + i + 1]) as number
      const t = a / (a - b)
      points.set(
        id,
        vertical
          ? [box[0] + i * step, box[1] + (j + t) * step]
          : [box[0] + (i + t) * step, box[1] + j * step],
      )
    }
    return id
  }
  const link = (a: number, b: number) => {
    const known = links.get(a)
    if (known) known.push(b)
    else links.set(a, [b])
  }
  for (let j = 0; j < ny - 1; j++)
    for (let i = 0; i < nx - 1; i++) {
      const corners =
        ((v[j * nx + i] as number) < 0 ? 1 : 0) |
        ((v[j * nx + i + 1] as number) < 0 ? 2 : 0) |
        ((v[(j + 1) * nx + i + 1] as number) < 0 ? 4 : 0) |
        ((v[(j + 1) * nx + i] as number) < 0 ? 8 : 0)
      if (corners === 0 || corners === 15) continue
      const edge = (side: number) =>
        side === 0
          ? edgePoint(i, j, false)
          : side === 1
            ? edgePoint(i + 1, j, true)
            : side === 2
              ? edgePoint(i, j + 1, false)
              : edgePoint(i, j, true)
      for (const [a, b] of CELL_EDGES[corners] ?? []) {
        const from = edge(a)
        const to = edge(b)
        link(from, to)
        link(to, from)
      }
    }
  return chain(links, points)
}

function chain(links: Map<number, number[]>, points: Map<number, Point>): Loop[] {
  const seen = new Set<number>()
  const loops: Loop[] = []
  for (const start of links.keys()) {
    if (seen.has(start)) continue
    const loop: Point[] = []
    let current: number | undefined = start
    while (current !== undefined && !seen.has(current)) {
      seen.add(current)
      loop.push(points.get(current) as Point)
      current = links.get(current)?.find((next) => !seen.has(next))
    }
    if (loop.length > 5) loops.push(loop)
  }
  return loops
}

export function area(loop: Loop): number {
  let twice = 0
  loop.forEach((p, i) => {
    const q = loop[(i + 1) % loop.length] as Point
    twice += p[0] * q[1] - q[0] * p[1]
  })
  return Math.abs(twice / 2)
}

const round = (value: number): number => Math.round(value * 10) / 10

/** A point as SVG writes it: y grows downward there. */
const svg = (p: Point): string => `${round(p[0])} ${round(-p[1])}`
const middle = (a: Point, b: Point): Point => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]

/** Closed loops as a smooth path; `every` says which points are kept. */
export function closedPath(loops: readonly Loop[], every = 2): string {
  let path = ''
  for (const loop of loops) {
    const kept = loop.filter((_, i) => i % every === 0)
    const n = kept.length
    if (n < 4) continue
    const smooth = kept.map((p, i): Point => {
      const before = kept[(i + n - 1) % n] as Point
      const after = kept[(i + 1) % n] as Point
      return [(before[0] + 2 * p[0] + after[0]) / 4, (before[1] + 2 * p[1] + after[1]) / 4]
    })
    const first = smooth[0] as Point
    path += `M${svg(middle(first, smooth[1] as Point))}`
    for (let i = 1; i <= n; i++) {
      const p = smooth[i % n] as Point
      path += `Q${svg(p)} ${svg(middle(p, smooth[(i + 1) % n] as Point))}`
    }
    path += 'Z'
  }
  return path
}

/** An open smooth path through points. */
export function openPath(points: readonly Point[]): string {
  let path = `M${svg(points[0] as Point)}`
  for (let i = 0; i < points.length - 1; i++) {
    const p1 = points[i] as Point
    const p2 = points[i + 1] as Point
    const p0 = points[i - 1] ?? p1
    const p3 = points[i + 2] ?? p2
    path += `C${svg([p1[0] + (p2[0] - p0[0]) / 6, p1[1] + (p2[1] - p0[1]) / 6])} ${svg([
      p2[0] - (p3[0] - p1[0]) / 6,
      p2[1] - (p3[1] - p1[1]) / 6,
    ])} ${svg(p2)}`
  }
  return path
}
