import type { Point } from './vector'

const round = (n: number) => Math.round(n * 10) / 10

/** The head of an arrow with its tip at a point, pointing along an angle in radians. */
export function head(tip: Point, angle: number, size = 9): string {
  const corner = (turn: number, r: number) =>
    `${round(tip[0] + Math.cos(angle + turn) * r)} ${round(tip[1] + Math.sin(angle + turn) * r)}`
  return `M${corner(0, size * 1.25)}L${corner(2.2, size)}L${corner(-2.2, size)}Z`
}

export interface Arrow {
  readonly shaft: string
  readonly head: string
}

export function straightArrow(from: Point, to: Point): Arrow {
  const angle = Math.atan2(to[1] - from[1], to[0] - from[0])
  const back = (d: number): Point => [to[0] - Math.cos(angle) * d, to[1] - Math.sin(angle) * d]
  return {
    shaft: `M${round(from[0])} ${round(from[1])}L${round(back(5)[0])} ${round(back(5)[1])}`,
    head: head(back(6), angle),
  }
}

/** An arrow on an arc about a centre, from one angle to another, in radians; it ends a little short. */
export function curvedArrow(centre: Point, radius: number, from: number, to: number): Arrow {
  const sweep = to > from ? 1 : 0
  const large = Math.abs(to - from) > Math.PI ? 1 : 0
  const at = (a: number): Point => [
    centre[0] + radius * Math.cos(a),
    centre[1] + radius * Math.sin(a),
  ]
  const back = (8 / radius) * (sweep ? -1 : 1)
  const start = at(from)
  const end = at(to + back)
  const tip = at(to + back * 0.8)
  return {
    shaft: `M${round(start[0])} ${round(start[1])}A${round(radius)} ${round(radius)} 0 ${large} ${sweep} ${round(end[0])} ${round(end[1])}`,
    head: head(tip, to + back * 0.55 + (sweep ? Math.PI / 2 : -Math.PI / 2)),
  }
}

const HALO_ROOM = 22

/** An arrow along a way through three points, moved out a little from a middle that it should not cross. */
export function wayArrow(points: readonly [Point, Point, Point], middle: Point): Arrow {
  const [a, b, c] = points
  const out = Math.hypot(b[0] - middle[0], b[1] - middle[1]) || 1
  const shift = (p: Point): Point => [
    p[0] + ((b[0] - middle[0]) / out) * HALO_ROOM,
    p[1] + ((b[1] - middle[1]) / out) * HALO_ROOM,
  ]
  const [start, through, end] = [shift(a), shift(b), shift(c)]
  // The control point of the curve that passes through the middle one.
  const control: Point = [
    2 * through[0] - (start[0] + end[0]) / 2,
    2 * through[1] - (start[1] + end[1]) / 2,
  ]
  const length = Math.hypot(end[0] - start[0], end[1] - start[1])
  if (length < 30) {
    // A short way is shown by an arrow that can be seen.
    const way: Point = [(end[0] - start[0]) / (length || 1), (end[1] - start[1]) / (length || 1)]
    const at = (d: number): Point => [through[0] + way[0] * d, through[1] + way[1] * d]
    return straightArrow(at(-16), at(16))
  }
  const angle = Math.atan2(end[1] - control[1], end[0] - control[0])
  const back: Point = [end[0] - Math.cos(angle) * 9, end[1] - Math.sin(angle) * 9]
  return {
    shaft: `M${round(start[0])} ${round(start[1])}Q${round(control[0])} ${round(control[1])} ${round(back[0])} ${round(back[1])}`,
    head: head([end[0] - Math.cos(angle) * 7, end[1] - Math.sin(angle) * 7], angle),
  }
}

const LEAST_RADIUS = 26
const MOST_RADIUS = 54

/** An arrow most of the way round the middle of some points. */
export function circlingArrow(points: readonly Point[]): Arrow {
  const middle: Point = [
    points.reduce((sum, p) => sum + p[0], 0) / (points.length || 1),
    points.reduce((sum, p) => sum + p[1], 0) / (points.length || 1),
  ]
  const far = Math.max(...points.map((p) => Math.hypot(p[0] - middle[0], p[1] - middle[1])))
  const radius = Math.max(LEAST_RADIUS, Math.min(MOST_RADIUS, far))
  return curvedArrow(middle, radius, -2.4, 2.2)
}

/** An arrow about a long part that turns, across it at a point. */
export function turningArrow([x, y]: Point): Arrow {
  const half = 46
  const angle = -0.62
  return {
    shaft: `M${round(x - half)} ${round(y)}Q${round(x)} ${round(y + 40)} ${round(x + half - 4)} ${round(y + 2)}`,
    head: head([x + half - 5, y + 3], angle),
  }
}
