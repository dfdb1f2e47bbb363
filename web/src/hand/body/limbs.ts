import { add, clamp, cross, degrees, norm, scale, subtract, unit, type Vector } from '../vector'
import { sign, type BodySide } from './pose'
import {
  NO_TURN,
  angleBetween,
  dot,
  inverse,
  rotate,
  turnPair,
  turnTo,
  turnX,
  turnY,
  turns,
  type Rotation,
} from './rotation'
import type { SmallHandPose } from './smallHand'
import {
  FOREARM,
  SHIN,
  THIGH,
  UPPER_ARM,
  carried,
  hipOf,
  shoulderAtRest,
  type Trunk,
} from './trunk'

/** An arm as it is: turns of its joints, and what it holds on to. */
export interface ArmState {
  readonly turn: Rotation
  readonly angles: {
    readonly elevation: number
    readonly plane: number
    readonly turn: number
  } | null
  readonly elbow: number
  readonly pronation: number
  readonly wrist: Rotation
  readonly contact: { readonly reach: Vector; readonly elbowToward: Vector } | null
  /** How the hand is turned in the world, where that is given. */
  readonly world: Rotation | null
  readonly hand: SmallHandPose
}

export interface LegState {
  readonly turn: Rotation
  readonly knee: number
  readonly ankle: Rotation
  readonly toe: number
  readonly contact: {
    readonly foot: Vector
    readonly kneeToward: Vector
    readonly world: Rotation
  } | null
}

const DOWN: Vector = [0, -1, 0]
const FORWARD: Vector = [0, 0, 1]

/** The turn of an upper arm by elevation, plane and the turn about its bone. */
export function armTurn(angles: NonNullable<ArmState['angles']>, side: BodySide): Rotation {
  const g = sign(side)
  const e = angles.elevation * degrees
  const p = angles.plane * degrees
  const out: Vector = [g * Math.sin(e) * Math.cos(p), -Math.cos(e), Math.sin(e) * Math.sin(p)]
  return turns(turnTo(DOWN, out), turnY(g * angles.turn))
}

export const shoulderOf = (trunk: Trunk, side: BodySide, arm: Rotation): Vector =>
  carried(trunk.chest, shoulderAtRest(trunk, side, arm))

/** Two bones from one place toward another; `toward` is where the joint between them goes. */
function twoBones(from: Vector, to: Vector, first: number, second: number, toward: Vector) {
  const way = subtract(to, from)
  const length = clamp(norm(way), Math.abs(first - second) * 1.02, (first + second) * 0.999)
  const u = unit(way)
  const x = (first * first - second * second + length * length) / (2 * length)
  const out = Math.sqrt(Math.max(0, first * first - x * x))
  const aside = unit(subtract(toward, scale(u, dot(toward, u))))
  return {
    joint: add(from, add(scale(u, x), scale(aside, out))),
    end: add(from, scale(u, length)),
    aside,
  }
}

/** The arm whose wrist is at a place; the shoulder follows it, so it is solved a few times. */
export function reachingArm(
  trunk: Trunk,
  side: BodySide,
  reach: Vector,
  elbowToward: Vector,
  hand: SmallHandPose,
): ArmState {
  const g = sign(side)
  let turn = turnTo(DOWN, unit([g * 0.3, -0.6, 0.5]))
  let elbow = 0
  for (let round = 0; round < 4; round++) {
    const shoulder = shoulderOf(trunk, side, turn)
    const bones = twoBones(shoulder, reach, UPPER_ARM, FOREARM, elbowToward)
    const upper = unit(subtract(bones.joint, shoulder))
    const fore = unit(subtract(bones.end, bones.joint))
    elbow = angleBetween(upper, fore)
    const folded = subtract(fore, scale(upper, dot(upper, fore)))
    const front = norm(folded) > 0.02 ? unit(folded) : scale(bones.aside, -1)
    turn = turns(inverse(trunk.chest.turn), turnPair(DOWN, FORWARD, upper, front))
  }
  return {
    turn,
    angles: null,
    elbow,
    pronation: 0,
    wrist: NO_TURN,
    contact: { reach, elbowToward },
    world: null,
    hand,
  }
}

/** Forearm turn and wrist from how the hand is turned in the world: read from the thumb's side. */
export function withHand(trunk: Trunk, side: BodySide, arm: ArmState, world: Rotation): ArmState {
  const g = sign(side)
  const fore = turns(trunk.chest.turn, arm.turn, turnX(-arm.elbow))
  const wanted = turns(inverse(fore), world)
  let radial = rotate(wanted, FORWARD)
  if (Math.hypot(radial[0], radial[2]) < 0.25) {
    radial = cross(rotate(wanted, [-g, 0, 0]), DOWN)
    if (g > 0) radial = scale(radial, -1)
  }
  const angle = Math.atan2(radial[0], radial[2]) / degrees
  return { ...arm, pronation: -g * angle, wrist: turns(inverse(turnY(angle)), wanted), world }
}

/** How a hand is turned whose fingers point and whose palm looks so. */
export const handTurn = (side: BodySide, direction: Vector, palm: Vector): Rotation =>
  turnPair(DOWN, [-sign(side), 0, 0], unit(direction), unit(palm))

/** The leg whose ankle is at a place. */
export function reachingLeg(
  trunk: Trunk,
  side: BodySide,
  contact: NonNullable<LegState['contact']>,
  toe: number,
): LegState {
  const hip = hipOf(trunk, side)
  const bones = twoBones(hip, contact.foot, THIGH, SHIN, contact.kneeToward)
  const thigh = unit(subtract(bones.joint, hip))
  const shin = unit(subtract(bones.end, bones.joint))
  const knee = angleBetween(thigh, shin)
  const front = unit(subtract(bones.aside, scale(thigh, dot(bones.aside, thigh))))
  const turn = turns(inverse(trunk.pelvis.turn), turnPair(DOWN, FORWARD, thigh, front))
  const ankle = turns(inverse(turns(trunk.pelvis.turn, turn, turnX(knee))), contact.world)
  return { turn, knee, ankle, toe, contact }
}
