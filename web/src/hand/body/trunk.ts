import { add, along, clamp, degrees, scale, subtract, type Vector } from '../vector'
import { sided, sign, type BodySide, type Sided } from './pose'
import { rotate, smooth, turns, turnY, turnZ, type Rotation } from './rotation'

/**
 * Proportions of a standing figure of 300 units: x to its left, y up, z forward (textbook values from
 * memory, for drawing only).
 */
export const HIP_HEIGHT = 159
export const HIP_ASIDE = 14.2
export const THIGH = 73.5
export const SHIN = 73.8
export const UPPER_ARM = 56
export const FOREARM = 44.5
/** A palm's width of the drawn hand, in a hundredth of it. */
export const HAND_SCALE = 0.15
const SPINE: readonly [Vector, Vector, Vector] = [
  [0, 171, -3],
  [0, 193, -4],
  [0, 216, -6],
]
const NECK: Vector = [0, 249, -7]
export const HEAD: Vector = [0, 270, -2.5]
const COLLAR: Vector = [3, 245, 4]
const SHOULDER: Vector = [27.4, 238, -3.5]
/** How softly one part of the back passes into the next. */
const BLEND = 11

/** A part that moves as one: where its resting place lies now, and how it is turned. */
export interface Frame {
  readonly place: Vector
  readonly turn: Rotation
  readonly rest: Vector
}

export const carried = (frame: Frame, p: Vector): Vector =>
  add(frame.place, rotate(frame.turn, subtract(p, frame.rest)))

/** What a trunk is made of. */
export interface TrunkState {
  readonly root: { readonly place: Vector; readonly turn: Rotation }
  readonly spine: readonly [Rotation, Rotation, Rotation]
  readonly neck: Rotation
  readonly head: Rotation
  readonly girdle: Sided<{ readonly up: number; readonly forward: number }>
}

export interface Trunk {
  readonly pelvis: Frame
  readonly waist: Frame
  readonly ribs: Frame
  readonly chest: Frame
  readonly neck: Frame
  readonly head: Frame
  readonly girdle: TrunkState['girdle']
}

function next(below: Frame, joint: Vector, turn: Rotation): Frame {
  return { place: carried(below, joint), turn: turns(below.turn, turn), rest: joint }
}

export function trunkOf(state: TrunkState): Trunk {
  const pelvis: Frame = { ...state.root, rest: [0, HIP_HEIGHT, 0] }
  const waist = next(pelvis, SPINE[0], state.spine[0])
  const ribs = next(waist, SPINE[1], state.spine[1])
  const chest = next(ribs, SPINE[2], state.spine[2])
  const neck = next(chest, NECK, state.neck)
  const head = next(neck, HEAD, state.head)
  return { pelvis, waist, ribs, chest, neck, head, girdle: state.girdle }
}

const passing = (height: number, joint: Vector): number =>
  smooth(joint[1] - BLEND, joint[1] + BLEND, height)

/** A point of the trunk at rest, carried by the frames it lies between. */
export function onTrunk(trunk: Trunk, p: Vector): Vector {
  let at = carried(trunk.pelvis, p)
  const above: readonly (readonly [Frame, Vector])[] = [
    [trunk.waist, SPINE[0]],
    [trunk.ribs, SPINE[1]],
    [trunk.chest, SPINE[2]],
  ]
  for (const [frame, joint] of above) {
    const share = passing(p[1], joint)
    if (share > 0) at = along(at, carried(frame, p), share)
  }
  return at
}

/** A point of chest, neck and head at rest, carried by the frames it lies between. */
export function onNeck(trunk: Trunk, p: Vector): Vector {
  const neck = smooth(NECK[1] - 6, NECK[1] + 8, p[1])
  const head = smooth(HEAD[1] - 12, HEAD[1] + 6, p[1])
  let at = carried(trunk.chest, p)
  if (neck > 0) at = along(at, carried(trunk.neck, p), neck)
  if (head > 0) at = along(at, carried(trunk.head, p), head)
  return at
}

/** The shoulder joint, in the chest at rest: the girdle follows the arm. */
export function shoulderAtRest(trunk: Trunk, side: BodySide, arm: Rotation): Vector {
  const g = sign(side)
  const d = rotate(arm, [0, -1, 0])
  const elevation = Math.acos(clamp(-d[1], -1, 1)) / degrees
  const pose = trunk.girdle[side]
  const up = pose.up + 0.21 * Math.max(0, elevation - 28)
  const forward =
    pose.forward +
    12 * Math.max(0, d[2]) * smooth(20, 80, elevation) -
    9 * Math.max(0, -d[2]) * smooth(10, 50, elevation) +
    7 * Math.max(0, -d[0] * g)
  const collar: Vector = [g * COLLAR[0], COLLAR[1], COLLAR[2]]
  const shoulder: Vector = [g * SHOULDER[0], SHOULDER[1], SHOULDER[2]]
  return add(collar, rotate(turns(turnY(-g * forward), turnZ(g * up)), subtract(shoulder, collar)))
}

export const hipOf = (trunk: Trunk, side: BodySide): Vector =>
  carried(trunk.pelvis, [sign(side) * HIP_ASIDE, HIP_HEIGHT, 0])

export const hips = (trunk: Trunk): Sided<Vector> => sided((side) => hipOf(trunk, side))

/** On the knees the pelvis stays a thigh's length away from them. */
export function kneeling(root: TrunkState['root'], knees: Vector): TrunkState['root'] {
  const d = subtract(root.place, knees)
  const l = Math.hypot(d[1], d[2])
  const out = scale([0, d[1], d[2]], THIGH / l)
  return { place: [root.place[0], knees[1] + out[1], knees[2] + out[2]], turn: root.turn }
}
