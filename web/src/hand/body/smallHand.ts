import { add, along, between, degrees, scale, unit, type Vector } from '../vector'

/** Degrees: spread, knuckle, middle and end joint. */
type Finger = readonly [number, number, number, number]
/** Degrees: radial, opposition, knuckle, end joint. */
type Thumb = readonly [number, number, number, number]

/** A hand of the body: the drawn hand's numbers (palm width 100), fewer of them. */
export interface SmallHandPose {
  readonly fingers: readonly [Finger, Finger, Finger, Finger]
  readonly thumb: Thumb
}

type FourNumbers = readonly [number, number, number, number]
const alike = (spread: FourNumbers, knuckle: number, middle: number, end: number) =>
  spread.map((s) => [s, knuckle, middle, end] as const) as unknown as SmallHandPose['fingers']

const SHAPES = {
  soft: {
    fingers: [
      [-5, 12, 18, 10],
      [0, 14, 20, 10],
      [-4, 16, 21, 11],
      [-8, 18, 20, 10],
    ],
    thumb: [22, 20, 8, 10],
  },
  flat: { fingers: alike([-4, 0, -3, -6], 0, 2, 0), thumb: [26, 8, 2, 0] },
  open: { fingers: alike([7, 0, 6, 11], -4, 2, 0), thumb: [52, 4, 2, 0] },
  fist: {
    fingers: [
      [0, 80, 100, 60],
      [0, 84, 102, 62],
      [0, 86, 102, 62],
      [0, 88, 100, 60],
    ],
    thumb: [46, 52, 46, 46],
  },
  tips: { fingers: alike([6, 0, 5, 10], 28, 24, 6), thumb: [48, 34, 4, 4] },
  hang: {
    fingers: [
      [0, 8, 14, 8],
      [0, 10, 16, 8],
      [0, 12, 18, 9],
      [0, 14, 18, 9],
    ],
    thumb: [24, 16, 6, 8],
  },
  clasp: { fingers: alike([0, 0, 0, 0], 52, 62, 24), thumb: [30, 20, 10, 10] },
  backs: { fingers: alike([0, 0, 0, 0], 88, 20, 4), thumb: [36, 30, 10, 10] },
  keys: {
    fingers: [
      [2, 26, 36, 16],
      [0, 28, 38, 18],
      [1, 28, 36, 16],
      [3, 24, 30, 14],
    ],
    thumb: [44, 14, 6, 8],
  },
  lifted: { fingers: alike([-3, 0, -2, -5], -36, 2, -2), thumb: [30, 6, 0, 0] },
} as const satisfies Record<string, SmallHandPose>

export type HandShape = keyof typeof SHAPES

export const shapeOf = (name: HandShape): SmallHandPose => SHAPES[name]

const mixedFour = (a: Finger, b: Finger, t: number): Finger => [
  between(a[0], b[0], t),
  between(a[1], b[1], t),
  between(a[2], b[2], t),
  between(a[3], b[3], t),
]

export const mixedShape = (a: SmallHandPose, b: SmallHandPose, t: number): SmallHandPose => ({
  fingers: [
    mixedFour(a.fingers[0], b.fingers[0], t),
    mixedFour(a.fingers[1], b.fingers[1], t),
    mixedFour(a.fingers[2], b.fingers[2], t),
    mixedFour(a.fingers[3], b.fingers[3], t),
  ],
  thumb: mixedFour(a.thumb, b.thumb, t),
})

interface FingerBones {
  readonly knuckle: Vector
  readonly splay: number
  readonly lengths: readonly [number, number, number]
  readonly width: number
  /** Which way it spreads: 1 toward the thumb. */
  readonly spreads: number
}

export const FINGERS: readonly [FingerBones, FingerBones, FingerBones, FingerBones] = [
  { knuckle: [32.5, 102, 0], splay: 5, lengths: [50, 30, 25], width: 11.8, spreads: 1 },
  { knuckle: [10, 107, -2], splay: 1, lengths: [55, 34, 26], width: 12, spreads: 1 },
  { knuckle: [-12.5, 102, -1], splay: -3, lengths: [51, 33, 26], width: 11.4, spreads: -1 },
  { knuckle: [-33, 91, 2], splay: -9, lengths: [40, 24, 23], width: 10, spreads: -1 },
]
const THUMB = { root: [20, 16, 8] as Vector, lengths: [50, 37, 31] as const, width: 12.2 }

export interface BoneLine {
  /** From the root to the tip. */
  readonly points: readonly [Vector, Vector, Vector, Vector]
  readonly width: number
}

/** The bones of a hand in its own axes: radial, distal, palmar. */
export function handBones(pose: SmallHandPose): {
  readonly fingers: readonly [BoneLine, BoneLine, BoneLine, BoneLine]
  readonly thumb: BoneLine
} {
  const finger = (angles: Finger, bones: FingerBones): BoneLine => {
    const splay = (bones.splay + angles[0] * bones.spreads) * degrees
    const long: Vector = [Math.sin(splay), Math.cos(splay), 0]
    return {
      points: chain(
        bones.knuckle,
        long,
        [0, 0, 1],
        [angles[1], angles[2], angles[3]],
        bones.lengths,
      ),
      width: bones.width,
    }
  }
  const [a, b, c, d] = pose.fingers
  return {
    fingers: [
      finger(a, FINGERS[0]),
      finger(b, FINGERS[1]),
      finger(c, FINGERS[2]),
      finger(d, FINGERS[3]),
    ],
    thumb: thumbBones(pose.thumb),
  }
}

function chain(
  root: Vector,
  long: Vector,
  palmar: Vector,
  angles: readonly [number, number, number],
  lengths: readonly [number, number, number],
): BoneLine['points'] {
  let bent = 0
  const step = (from: Vector, angle: number, length: number): Vector => {
    bent += angle * degrees
    return add(
      from,
      add(scale(long, Math.cos(bent) * length), scale(palmar, Math.sin(bent) * length)),
    )
  }
  const first = step(root, angles[0], lengths[0])
  const second = step(first, angles[1], lengths[1])
  return [root, first, second, step(second, angles[2], lengths[2])]
}

/** The plane in which the thumb bends, out of the palm. */
const THUMB_PLANE = 28 * degrees

function thumbBones([radial, opposition, knuckle, end]: Thumb): BoneLine {
  const r = radial * degrees
  const o = opposition * degrees
  const opposed = (p: Vector): Vector => [
    p[0] * Math.cos(o) - p[2] * Math.sin(o),
    p[1],
    p[0] * Math.sin(o) + p[2] * Math.cos(o),
  ]
  const aside: Vector = [-Math.cos(r), Math.sin(r), 0]
  const bends = unit(
    add(scale(aside, Math.cos(THUMB_PLANE)), scale([0, 0, 1], Math.sin(THUMB_PLANE))),
  )
  return {
    points: chain(
      THUMB.root,
      opposed([Math.sin(r), Math.cos(r), 0]),
      opposed(bends),
      [0, knuckle, end],
      THUMB.lengths,
    ),
    width: THUMB.width,
  }
}

/** A point on a line of bones, 0 at the root, 3 at the tip. */
export function onBones(points: BoneLine['points'], at: number): Vector {
  const first = Math.min(2, Math.max(0, Math.floor(at))) as 0 | 1 | 2
  return along(points[first], points[(first + 1) as 1 | 2 | 3], at - first)
}
