import type { Drawing } from './drawn'
import type { Box } from './outline'
import type { Point } from './vector'

/** The other hand that draws a finger or presses on it: a plain mitten, coming from beyond. */
export interface Helper {
  /** Rounded lines from behind to front. */
  readonly limbs: readonly { readonly path: string; readonly width: number }[]
  /** Where its wrist fades out: from the grip outward. */
  readonly fade: { readonly from: Point; readonly to: Point }
  readonly box: Box
}

const GRIP_BACK = 26
const GRIP_ON = 22
const WRIST = 96
const FADES_FROM = 40
const FINGERS = 30
const THUMB = 16

/** Where the other hand takes a hand: at a tip, at the knuckles of a fist, at its back, at a root. */
export type Hold = 'tip' | 'knuckles' | 'back' | 'root'

const BACK_OF_HAND = [0, 92, -14] as const
const NEAR_THE_WRIST = [0, 36, -14] as const

function placesOf(drawing: Drawing, digit: number, hold: Hold): readonly [Point, Point] {
  switch (hold) {
    case 'tip':
      return [drawing.place(digit, 2, 0.8), drawing.place(digit, 1, 0)]
    case 'knuckles':
      return [drawing.place(digit, 0, 1), drawing.place(digit, 0, 0)]
    case 'back':
      return [drawing.placeOnHand([...BACK_OF_HAND]), drawing.placeOnHand([...NEAR_THE_WRIST])]
    case 'root':
      return [drawing.place(digit, 0, 1), drawing.place(digit, 0, 0.3)]
  }
}

/** The mitten on a digit or on the hand, as a drawn hand holds it now. */
export function helperOn(drawing: Drawing, digit: number, hold: Hold, shift: number): Helper {
  const [tip, root] = placesOf(drawing, digit, hold)
  const length = Math.hypot(tip[0] - root[0], tip[1] - root[1]) || 1
  const along: Point = [(tip[0] - root[0]) / length, (tip[1] - root[1]) / length]
  const aside: Point = [-along[1], along[0]]
  const at = (out: number, off: number): Point => [
    tip[0] + along[0] * out + aside[0] * off + shift,
    tip[1] + along[1] * out + aside[1] * off,
  ]
  const line = (...points: Point[]) =>
    `M${points.map((p) => `${p[0].toFixed(1)} ${p[1].toFixed(1)}`).join('L')}`
  const reach = [at(-GRIP_BACK, 10), at(GRIP_ON, 6), at(WRIST, 14), at(WRIST, -14)]
  return {
    limbs: [
      { path: line(at(GRIP_ON, 4), at(WRIST, 10)), width: FINGERS + 8 },
      { path: line(at(-GRIP_BACK, 11), at(GRIP_ON, 7)), width: FINGERS },
      { path: line(at(-GRIP_BACK * 0.6, -13), at(GRIP_ON, -4)), width: THUMB },
    ],
    fade: { from: at(FADES_FROM, 0), to: at(WRIST, 0) },
    box: [
      Math.min(...reach.map((p) => p[0])) - FINGERS / 2,
      Math.min(...reach.map((p) => p[1])) - FINGERS / 2,
      Math.max(...reach.map((p) => p[0])) + FINGERS / 2,
      Math.max(...reach.map((p) => p[1])) + FINGERS / 2,
    ],
  }
}
