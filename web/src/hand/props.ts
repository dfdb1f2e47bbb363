import type { FigureProp } from '@/api/types'
import type { Drawing } from './drawn'
import type { Box } from './outline'
import type { Point } from './vector'

/** Where something round or long lies in the grip: before the palm, under the knuckles. */
const GRIP = [2, 84, 30] as const

const circle = ([x, y]: Point, r: number): string =>
  `M${(x - r).toFixed(1)} ${y.toFixed(1)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`

const bar = (a: Point, b: Point, r: number): string => {
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1
  const nx = (-(b[1] - a[1]) / length) * r
  const ny = ((b[0] - a[0]) / length) * r
  const at = (p: Point, s: number) => `${(p[0] + nx * s).toFixed(1)} ${(p[1] + ny * s).toFixed(1)}`
  return `M${at(a, 1)}L${at(b, 1)}L${at(b, -1)}L${at(a, -1)}Z`
}

/** Things behind the hand, and things before it. */
export interface Held {
  readonly behind: readonly string[]
  readonly before: readonly string[]
}

/** Over the index and the ring finger, under the other two. */
function woven(drawing: Drawing): Held {
  const at = [0, 1, 2, 3].map((finger) => drawing.place(finger, 1, 0.2))
  const [a, b, c, d] = at as [Point, Point, Point, Point]
  const out = (p: Point, q: Point, by: number): Point => {
    const l = Math.hypot(p[0] - q[0], p[1] - q[1]) || 1
    return [p[0] + ((p[0] - q[0]) / l) * by, p[1] + ((p[1] - q[1]) / l) * by]
  }
  const halfway = (p: Point, q: Point): Point => [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2]
  const start = out(a, d, 40)
  const end = out(d, a, 40)
  return {
    behind: [bar(start, end, 4)],
    before: [bar(start, halfway(a, b), 4), bar(halfway(b, c), halfway(c, d), 4)],
  }
}

/** A loop through the tips of all five digits. */
function ringRound(drawing: Drawing): string {
  const tips = [4, 0, 1, 2, 3].map((digit) => drawing.place(digit, 2, 0.55))
  const back = [...tips].reverse().map(([x, y]): Point => [x, y + 9])
  return `M${[...tips, ...back].map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`
}

/** What the hand holds or lies on. */
export function propShapes(
  prop: FigureProp,
  drawing: Drawing,
  fromTheSide: boolean,
  box: Box,
): Held {
  const grip = drawing.placeOnHand([...GRIP])
  const behind = (...paths: string[]): Held => ({ behind: paths, before: [] })
  if (prop === 'BALL')
    return fromTheSide
      ? behind(circle(drawing.placeOnHand([0, 98, 50]), 34))
      : { behind: [], before: [circle(drawing.placeOnHand([4, -44, 20]), 24)] }
  if (prop === 'WEIGHT' && fromTheSide)
    return { behind: [], before: [circle(grip, 23), circle(grip, 6)] }
  if (prop === 'STICK' && fromTheSide) return behind(circle(grip, 6))
  if (prop === 'STICK' || prop === 'WEIGHT') {
    const a = drawing.placeOnHand([-92, 84, 22])
    const b = drawing.placeOnHand([112, 84, 22])
    return prop === 'STICK'
      ? behind(bar(a, b, 4))
      : behind(bar(a, b, 6), circle(a, 24), circle(b, 24))
  }
  if (prop === 'BAND') return behind(bar(grip, [grip[0] + 6, box[3] + 40], 4))
  if (prop === 'RING') return { behind: [], before: [ringRound(drawing)] }
  if (prop === 'PEN') {
    const tip = drawing.place(1, 2, 1)
    const web = drawing.placeOnHand([40, 60, 6])
    const d = Math.hypot(tip[0] - web[0], tip[1] - web[1]) || 1
    const at = (by: number): Point => [
      tip[0] + ((tip[0] - web[0]) / d) * by,
      tip[1] + ((tip[1] - web[1]) / d) * by,
    ]
    return behind(bar(at(36), [2 * web[0] - at(-20)[0], 2 * web[1] - at(-20)[1]], 4))
  }
  if (prop === 'EDGE') {
    const corner = drawing.place(1, 1, 0.3)
    const far = drawing.place(1, 2, 1)[0] > corner[0] ? box[2] + 26 : box[0] - 26
    const y = corner[1] + 12
    return behind(`M${corner[0]} ${y}H${far}V${y + 34}H${corner[0]}Z`)
  }
  if (prop === 'COIN') return { behind: [], before: [circle(drawing.place(0, 0, 0.7), 13)] }
  if (prop === 'WOVEN_STICK') return woven(drawing)
  if (prop === 'TABLE') {
    const y = Math.max(drawing.place(1, 2, 0.8)[1], drawing.placeOnHand([0, 60, 0])[1]) + 14
    return behind(bar([box[0] - 20, y + 5], [box[2] - (box[2] - box[0]) * 0.34, y + 5], 5))
  }
  return behind()
}
