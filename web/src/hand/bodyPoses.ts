import { between, degrees, type Point } from './vector'
import type { BodyPoseName } from './poses'

/** A seated body from the front: shifts in units of the drawing, angles in degrees. */
export interface BodyPose {
  readonly hips: number
  readonly lean: number
  readonly shoulders: number
  readonly shouldersBack: number
  readonly head: number
  /** Of each arm: away from the body, and how far the elbow bends upward; the picture's left first. */
  readonly upperArms: readonly [number, number]
  readonly elbows: readonly [number, number]
}

const body = (changes: Partial<BodyPose>): BodyPose => ({
  hips: 0,
  lean: 0,
  shoulders: 0,
  shouldersBack: 0,
  head: 0,
  upperArms: [14, 14],
  elbows: [10, 10],
  ...changes,
})

/** Every named pose of the whole body (drawing only). */
export const BODY_POSES: Readonly<Record<BodyPoseName, BodyPose>> = {
  BODY_UPRIGHT: body({}),
  BODY_HIPS_LEFT: body({ hips: -17, lean: 5, upperArms: [38, 38], elbows: [-70, -70] }),
  BODY_HIPS_RIGHT: body({ hips: 17, lean: -5, upperArms: [38, 38], elbows: [-70, -70] }),
  BODY_ARMS_UP: body({ shoulders: 5, upperArms: [160, 160], elbows: [6, 6] }),
  BODY_LEAN_LEFT: body({ lean: -22, upperArms: [6, 26], elbows: [4, 8] }),
  BODY_LEAN_RIGHT: body({ lean: 22, upperArms: [26, 6], elbows: [8, 4] }),
  BODY_SHOULDERS_UP: body({ shoulders: 17 }),
  BODY_SHOULDERS_BACK: body({ shoulders: -2, shouldersBack: 9, upperArms: [20, 20] }),
  BODY_HEAD_LEFT: body({ head: -1 }),
  BODY_HEAD_RIGHT: body({ head: 1 }),
  BODY_ARMS_WIDE: body({ shoulders: 2, shouldersBack: 8, upperArms: [84, 84], elbows: [6, 6] }),
  BODY_ELBOWS_BENT: body({ upperArms: [10, 10], elbows: [128, 128] }),
  BODY_ARMS_FORWARD: body({ upperArms: [26, 26], elbows: [62, 62] }),
}

export function mixBodies(a: BodyPose, b: BodyPose, t: number): BodyPose {
  const m = (x: number, y: number) => between(x, y, t)
  return {
    hips: m(a.hips, b.hips),
    lean: m(a.lean, b.lean),
    shoulders: m(a.shoulders, b.shoulders),
    shouldersBack: m(a.shouldersBack, b.shouldersBack),
    head: m(a.head, b.head),
    upperArms: [m(a.upperArms[0], b.upperArms[0]), m(a.upperArms[1], b.upperArms[1])],
    elbows: [m(a.elbows[0], b.elbows[0]), m(a.elbows[1], b.elbows[1])],
  }
}

export interface BodyJoints {
  readonly hips: Point
  readonly chest: Point
  readonly neck: Point
  readonly head: Point
  readonly shoulders: readonly [Point, Point]
  readonly elbows: readonly [Point, Point]
  readonly hands: readonly [Point, Point]
  readonly knees: readonly [Point, Point]
  readonly feet: readonly [Point, Point]
}

const TRUNK = 96
const NECK = 26
const HEAD = 30
const SHOULDER = 40
const UPPER_ARM = 56
const FOREARM = 54

/** Where the joints of a body are drawn; y grows downward, the hips are at 0. */
export function joints(pose: BodyPose): BodyJoints {
  const lean = pose.lean * degrees
  const up: Point = [Math.sin(lean), -Math.cos(lean)]
  const across: Point = [Math.cos(lean), Math.sin(lean)]
  const from = (p: Point, along: number, aside: number): Point => [
    p[0] + up[0] * along + across[0] * aside,
    p[1] + up[1] * along + across[1] * aside,
  ]
  const hips: Point = [pose.hips, 0]
  const chest = from(hips, TRUNK, 0)
  const neck = from(chest, NECK - 6, 0)
  const width = SHOULDER + pose.shouldersBack
  const arm = (which: 0 | 1): [Point, Point, Point] => {
    const sign = which === 0 ? -1 : 1
    const shoulder = from(chest, pose.shoulders - 6, sign * width)
    const upper = pose.upperArms[which] * degrees
    const elbow: Point = [
      shoulder[0] + sign * Math.sin(upper) * UPPER_ARM + across[0] * 0,
      shoulder[1] + Math.cos(upper) * UPPER_ARM,
    ]
    const lower = upper + pose.elbows[which] * degrees
    const hand: Point = [
      elbow[0] + sign * Math.sin(lower) * FOREARM,
      elbow[1] + Math.cos(lower) * FOREARM,
    ]
    return [shoulder, elbow, hand]
  }
  const l = arm(0)
  const r = arm(1)
  return {
    hips,
    chest,
    neck,
    head: from(neck, HEAD, pose.head * 4),
    shoulders: [l[0], r[0]],
    elbows: [l[1], r[1]],
    hands: [l[2], r[2]],
    knees: [
      [hips[0] * 0.6 - 30, 62],
      [hips[0] * 0.6 + 30, 62],
    ],
    feet: [
      [-32, 128],
      [32, 128],
    ],
  }
}
