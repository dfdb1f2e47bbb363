import type { FigureProp } from '@/api/types'
import type { Drawing } from './drawing'
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
      ? behind(circle(drawing.placeOnHand([0, 98, 44]), 25))
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
  if (prop === 'TABLE') {
    const y = Math.max(drawing.place(1, 2, 0.8)[1], drawing.placeOnHand([0, 60, 0])[1]) + 14
    return behind(bar([box[0] - 20, y + 5], [box[2] - (box[2] - box[0]) * 0.34, y + 5], 5))
  }
  return behind()
}
