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
