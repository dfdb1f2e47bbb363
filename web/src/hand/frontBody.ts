import type { BodyDrawing } from './bodyPoses'
import { between, degrees, type Point } from './vector'

/** A body from the front: shifts in units of the drawing, angles in degrees. */
export interface FrontPose {
  readonly hips: number
  readonly lean: number
  /** How far the trunk is turned, −1 to 1; positive to the picture's right. */
  readonly turn: number
  readonly shoulders: number
  readonly shouldersBack: number
  readonly head: number
  readonly headTilt: number
  /** Of each arm: away from the body, and how far the elbow bends upward; the picture's left first. */
  readonly upperArms: readonly [number, number]
  readonly elbows: readonly [number, number]
  readonly wall: boolean
}

const body = (changes: Partial<FrontPose>): FrontPose => ({
  hips: 0,
  lean: 0,
  turn: 0,
  shoulders: 0,
  shouldersBack: 0,
  head: 0,
  headTilt: 0,
  upperArms: [14, 14],
  elbows: [10, 10],
  wall: false,
  ...changes,
})

/** Every named pose of a body from the front (drawing only). */
export const FRONT_POSES = {
  BODY_UPRIGHT: body({}),
  BODY_HIPS_LEFT: body({ hips: -17, lean: 5, upperArms: [38, 38], elbows: [-70, -70] }),
  BODY_HIPS_RIGHT: body({ hips: 17, lean: -5, upperArms: [38, 38], elbows: [-70, -70] }),
  BODY_ARMS_UP: body({ shoulders: 5, upperArms: [160, 160], elbows: [6, 6] }),
  BODY_LEAN_LEFT: body({ lean: -22, upperArms: [6, 26], elbows: [4, 8] }),
  BODY_LEAN_RIGHT: body({ lean: 22, upperArms: [26, 6], elbows: [8, 4] }),
  BODY_TURN_LEFT: body({ turn: -1, head: -1, upperArms: [24, 24], elbows: [-118, -118] }),
  BODY_TURN_RIGHT: body({ turn: 1, head: 1, upperArms: [24, 24], elbows: [-118, -118] }),
  BODY_SHOULDERS_UP: body({ shoulders: 17 }),
  BODY_SHOULDERS_BACK: body({ shoulders: -2, shouldersBack: 9, upperArms: [20, 20] }),
  BODY_SHOULDERS_FORWARD: body({ shoulders: 3, shouldersBack: -8, upperArms: [8, 8] }),
  BODY_HEAD_LEFT: body({ head: -1 }),
  BODY_HEAD_RIGHT: body({ head: 1 }),
  BODY_HEAD_TILT_LEFT: body({ headTilt: -30 }),
  BODY_HEAD_TILT_RIGHT: body({ headTilt: 30 }),
  BODY_ARMS_WIDE: body({ shoulders: 2, shouldersBack: 8, upperArms: [84, 84], elbows: [6, 6] }),
  BODY_ELBOWS_BENT: body({ upperArms: [10, 10], elbows: [128, 128] }),
  BODY_ARMS_FORWARD: body({ upperArms: [26, 26], elbows: [62, 62] }),
  BODY_ELBOWS_IN: body({ shouldersBack: -5, upperArms: [4, 4], elbows: [-150, -150] }),
  BODY_ELBOWS_SWEPT: body({ shouldersBack: 8, upperArms: [72, 72], elbows: [150, 150] }),
  BODY_WALL_ANGEL_LOW: body({ upperArms: [70, 70], elbows: [94, 94], wall: true }),
  BODY_WALL_ANGEL_HIGH: body({ shoulders: 4, upperArms: [142, 142], elbows: [26, 26], wall: true }),
} satisfies Record<string, FrontPose>

function mix(a: FrontPose, b: FrontPose, t: number): FrontPose {
  const m = (x: number, y: number) => between(x, y, t)
  return {
    hips: m(a.hips, b.hips),
    lean: m(a.lean, b.lean),
    turn: m(a.turn, b.turn),
    shoulders: m(a.shoulders, b.shoulders),
    shouldersBack: m(a.shouldersBack, b.shouldersBack),
    head: m(a.head, b.head),
    headTilt: m(a.headTilt, b.headTilt),
    upperArms: [m(a.upperArms[0], b.upperArms[0]), m(a.upperArms[1], b.upperArms[1])],
    elbows: [m(a.elbows[0], b.elbows[0]), m(a.elbows[1], b.elbows[1])],
    wall: a.wall,
  }
}

const TRUNK = 96
const NECK = 20
const HEAD = 30
const SHOULDER = 40
const UPPER_ARM = 56
const FOREARM = 54

const line = (...points: readonly Point[]) =>
  `M${points.map((p) => `${p[0].toFixed(1)} ${p[1].toFixed(1)}`).join('L')}`

/** A seated body from the front; y grows downward, the hips are at 0. */
export function frontBody(from: FrontPose, to: FrontPose, t: number): BodyDrawing {
  const pose = mix(from, to, t)
  const lean = pose.lean * degrees
  const up: Point = [Math.sin(lean), -Math.cos(lean)]
  const across: Point = [Math.cos(lean), Math.sin(lean)]
  const off = (p: Point, along: number, aside: number): Point => [
    p[0] + up[0] * along + across[0] * aside,
    p[1] + up[1] * along + across[1] * aside,
  ]
  const hips: Point = [pose.hips, 0]
  const chest = off(hips, TRUNK, 0)
  const neck = off(chest, NECK, 0)
  const width = (SHOULDER + pose.shouldersBack) * (1 - 0.34 * Math.abs(pose.turn))
  const middle = pose.turn * 7
  const arm = (which: 0 | 1) => {
    const sign = which === 0 ? -1 : 1
    const shoulder = off(chest, pose.shoulders - 6, sign * width + middle)
    const upper = pose.upperArms[which] * degrees
    const elbow: Point = [
      shoulder[0] + sign * Math.sin(upper) * UPPER_ARM,
      shoulder[1] + Math.cos(upper) * UPPER_ARM,
    ]
    const lower = upper + pose.elbows[which] * degrees
    const hand: Point = [
      elbow[0] + sign * Math.sin(lower) * FOREARM,
      elbow[1] + Math.cos(lower) * FOREARM,
    ]
    return { shoulder, elbow, hand }
  }
  const left = arm(0)
  const right = arm(1)
  const tilt = (pose.headTilt + pose.lean) * degrees
  const head: Point = [
    neck[0] + Math.sin(tilt) * HEAD + pose.head * 4,
    neck[1] - Math.cos(tilt) * HEAD,
  ]
  const l = left.shoulder
  const r = right.shoulder
  const leg = (sign: -1 | 1) =>
    line([hips[0] + sign * 17, 2], [hips[0] * 0.6 + sign * 30, 62], [sign * 32, 128])
  const face = pose.head * 11
  return {
    place: pose.wall ? ['M-112 -208H112V134H-112Z'] : [],
    behind: [
      { path: leg(-1), width: 21 },
      { path: leg(1), width: 21 },
      { path: line(chest, neck, head), width: 17 },
    ],
    trunk: null,
    trunkOutline: `M${l[0]} ${l[1]}Q${chest[0] + middle} ${chest[1] - 12} ${r[0]} ${r[1]}Q${r[0] - 4} ${(r[1] + hips[1]) / 2} ${hips[0] + 27} ${hips[1] + 4}Q${hips[0]} ${hips[1] + 20} ${hips[0] - 27} ${hips[1] + 4}Q${l[0] + 4} ${(l[1] + hips[1]) / 2} ${l[0]} ${l[1]}Z`,
    before: [
      { path: line(left.shoulder, left.elbow, left.hand), width: 16 },
      { path: line(right.shoulder, right.elbow, right.hand), width: 16 },
    ],
    hands: [
      { at: left.hand, angle: 0 },
      { at: right.hand, angle: 0 },
    ],
    head: {
      at: head,
      angle: pose.headTilt + pose.lean,
      features: [
        `M${face - 1} -5l${pose.head * 5} 8l${-pose.head * 4 - 1} 2`,
        `M${face - 9} -7h5M${face + 5} -7h5M${face - 4} 11q4 2 8 0`,
      ],
    },
  }
}
