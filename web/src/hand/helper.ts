import type { Drawing } from './drawing'
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

/** The mitten on a digit, as a drawn hand holds that digit now. */
export function helperOn(drawing: Drawing, digit: number, fist: boolean, shift: number): Helper {
  // A fist is taken at its knuckles, a long finger at its tip.
  const tip = fist ? drawing.place(digit, 0, 1) : drawing.place(digit, 2, 0.8)
  const root = fist ? drawing.place(digit, 0, 0) : drawing.place(digit, 1, 0)
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
