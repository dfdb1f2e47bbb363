import { add, along, between, scale, type Vector } from '../vector'
import {
  armTurn,
  handTurn,
  reachingArm,
  reachingLeg,
  shoulderOf,
  withHand,
  type ArmState,
  type LegState,
} from './limbs'
import {
  sided,
  sign,
  type ArmPose,
  type Bend,
  type BodyPose,
  type BodySide,
  type LegPose,
  type Sided,
} from './pose'
import {
  mirroredPoint,
  mirroredTurn,
  rotate,
  turnBetween,
  turnX,
  turnY,
  turnZ,
  turns,
  type Rotation,
} from './rotation'
import { mixedShape, shapeOf } from './smallHand'
import {
  FOREARM,
  HIP_ASIDE,
  HIP_HEIGHT,
  SHIN,
  THIGH,
  UPPER_ARM,
  carried,
  hipOf,
  kneeling,
  shoulderAtRest,
  trunkOf,
  type Trunk,
  type TrunkState,
} from './trunk'

/** A whole body: turns of all joints, with the contacts that are to be kept. */
export interface BodyState extends TrunkState {
  readonly knees: Vector | null
  readonly arm: Sided<ArmState>
  readonly leg: Sided<LegState>
}

type Three = readonly [number, number, number]
/** How bending and turning are shared over the three joints of the back. */
const BEND_SHARES: Three = [0.38, 0.34, 0.28]
const TWIST_SHARES: Three = [0.2, 0.35, 0.45]

function shared(given: number | Three | undefined, shares: Three): Three {
  if (given === undefined) return [0, 0, 0]
  if (typeof given !== 'number') return given
  return [given * shares[0], given * shares[1], given * shares[2]]
}

const bent = (b: Bend): Rotation =>
  turns(turnY(b.twist ?? 0), turnZ(-(b.side ?? 0)), turnX(b.flexion ?? 0))

/** The state of a pose as it is written. */
export function solved(pose: BodyPose): BodyState {
  const { root } = pose
  const start = {
    place: root.place,
    turn: turns(turnY(root.yaw ?? 0), turnX(root.pitch ?? 0), turnZ(-(root.roll ?? 0))),
  }
  const flexion = shared(pose.spine?.flexion, BEND_SHARES)
  const side = shared(pose.spine?.side, BEND_SHARES)
  const twist = shared(pose.spine?.twist, TWIST_SHARES)
  const joint = (i: 0 | 1 | 2) => turns(turnY(twist[i]), turnZ(-side[i]), turnX(flexion[i]))
  const state: TrunkState = {
    root: pose.kneel ? kneeling(start, pose.kneel) : start,
    spine: [joint(0), joint(1), joint(2)],
    neck: bent(pose.neck ?? {}),
    head: bent(pose.head ?? {}),
    girdle: sided((s) => ({
      up: pose.girdle?.[s]?.up ?? 0,
      forward: pose.girdle?.[s]?.forward ?? 0,
    })),
  }
  const trunk = trunkOf(state)
  const leg = sided((s) => legOf(trunk, s, pose.legs?.[s] ?? {}))
  const arm = sided((s) => armOf(trunk, s, pose.arms?.[s] ?? {}, leg[s]))
  return { ...state, knees: pose.kneel ?? null, arm, leg }
}

function legOf(trunk: Trunk, side: BodySide, leg: LegPose): LegState {
  const g = sign(side)
  if (leg.foot) {
    const world = turns(turnY(g * (leg.yaw ?? 8)), turnX(leg.pitch ?? 0))
    const kneeToward = leg.kneeToward ?? [g * 0.12, 0, 1]
    return reachingLeg(trunk, side, { foot: leg.foot, kneeToward, world }, leg.toe ?? 0)
  }
  return {
    turn: turns(
      turnX(-(leg.flexion ?? 0)),
      turnZ(g * (leg.abduction ?? 0)),
      turnY(g * (leg.turn ?? 6)),
    ),
    knee: leg.knee ?? 0,
    ankle: turnX(0),
    toe: leg.toe ?? 0,
    contact: null,
  }
}

function armOf(trunk: Trunk, side: BodySide, arm: ArmPose, leg: LegState): ArmState {
  const g = sign(side)
  const hand = shapeOf(arm.hand ?? 'soft')
  const wrist = turns(turnZ(-g * (arm.wrist ?? 0)), turnX(-(arm.deviation ?? 0)))
  if (!arm.reach) {
    const angles = {
      elevation: arm.elevation ?? 8,
      plane: arm.plane ?? 0,
      turn: arm.turn ?? 0,
    }
    return {
      turn: armTurn(angles, side),
      angles,
      elbow: arm.elbow ?? 12,
      pronation: arm.pronation ?? 38,
      wrist,
      contact: null,
      world: null,
      hand,
    }
  }
  const held = anchored(trunk, side, arm, leg)
  const toward = held.elbowToward ?? [g * 0.6, -0.6, -0.4]
  const reaching = reachingArm(trunk, side, held.reach ?? arm.reach, toward, hand)
  return held.direction && held.palm
    ? withHand(trunk, side, reaching, handTurn(side, held.direction, held.palm))
    : { ...reaching, pronation: arm.pronation ?? 0, wrist }
}

/** A hand's place may be given on a part of the body; on the thigh as aside, along, in front. */
function anchored(trunk: Trunk, side: BodySide, arm: ArmPose, leg: LegState): ArmPose {
  const { on, reach } = arm
  if (!on || !reach) return arm
  if (on === 'thigh') {
    const turn = turns(trunk.pelvis.turn, leg.turn)
    const hip = carried(trunk.pelvis, [sign(side) * HIP_ASIDE, HIP_HEIGHT, 0])
    return { ...arm, reach: add(hip, rotate(turn, [reach[0], -reach[1], reach[2]])) }
  }
  const frame = trunk[on]
  const turned = (v: Vector | undefined) => v && rotate(frame.turn, v)
  return {
    ...arm,
    reach: carried(frame, reach),
    direction: turned(arm.direction),
    palm: turned(arm.palm),
    elbowToward: turned(arm.elbowToward),
  }
}

/** An arm in the world. */
export interface ArmFrames {
  readonly shoulder: Vector
  /** The shoulder joint in the chest at rest. */
  readonly socket: Vector
  readonly upper: Rotation
  readonly elbow: Vector
  readonly fore: Rotation
  readonly wrist: Vector
  /** Of the hand: toward the thumb, the fingertips, out of the palm. */
  readonly radial: Vector
  readonly distal: Vector
  readonly palmar: Vector
  /** Toward the thumb, at the end of the forearm. */
  readonly foreRadial: Vector
}

export interface LegFrames {
  readonly hip: Vector
  readonly thigh: Rotation
  readonly knee: Vector
  readonly shin: Rotation
  readonly ankle: Vector
  readonly foot: Rotation
}

/** All frames of a body in the world. */
export interface BodyFrames {
  readonly state: BodyState
  readonly trunk: Trunk
  readonly arm: Sided<ArmFrames>
  readonly leg: Sided<LegFrames>
}

export function framesOf(state: BodyState): BodyFrames {
  const trunk = trunkOf(state)
  return {
    state,
    trunk,
    arm: sided((s) => armFrames(trunk, s, state.arm[s])),
    leg: sided((s) => legFrames(trunk, s, state.leg[s])),
  }
}

function armFrames(trunk: Trunk, side: BodySide, arm: ArmState): ArmFrames {
  const g = sign(side)
  const shoulder = shoulderOf(trunk, side, arm.turn)
  const upper = turns(trunk.chest.turn, arm.turn)
  const elbow = add(shoulder, rotate(upper, [0, -UPPER_ARM, 0]))
  const fore = turns(upper, turnX(-arm.elbow))
  const wrist = add(elbow, rotate(fore, [0, -FOREARM, 0]))
  const turned = turns(fore, turnY(-g * arm.pronation))
  const hand = turns(turned, arm.wrist)
  return {
    shoulder,
    socket: shoulderAtRest(trunk, side, arm.turn),
    upper,
    elbow,
    fore,
    wrist,
    radial: rotate(hand, [0, 0, 1]),
    distal: rotate(hand, [0, -1, 0]),
    palmar: rotate(hand, [-g, 0, 0]),
    foreRadial: rotate(turned, [0, 0, 1]),
  }
}

function legFrames(trunk: Trunk, side: BodySide, leg: LegState): LegFrames {
  const hip = hipOf(trunk, side)
  const thigh = turns(trunk.pelvis.turn, leg.turn)
  const knee = add(hip, rotate(thigh, [0, -THIGH, 0]))
  const shin = turns(thigh, turnX(leg.knee))
  const ankle = add(knee, rotate(shin, [0, -SHIN, 0]))
  return { hip, thigh, knee, shin, ankle, foot: turns(shin, leg.ankle) }
}

/** On the way from one state to another; contacts that both have are solved again, so they stay. */
export function bodyBetween(a: BodyState, b: BodyState, t: number): BodyState {
  const moved = {
    place: along(a.root.place, b.root.place, t),
    turn: turnBetween(a.root.turn, b.root.turn, t),
  }
  const knees = a.knees && b.knees ? along(a.knees, b.knees, t) : null
  const state: TrunkState = {
    root: knees ? kneeling(moved, knees) : moved,
    spine: [
      turnBetween(a.spine[0], b.spine[0], t),
      turnBetween(a.spine[1], b.spine[1], t),
      turnBetween(a.spine[2], b.spine[2], t),
    ],
    neck: turnBetween(a.neck, b.neck, t),
    head: turnBetween(a.head, b.head, t),
    girdle: sided((s) => ({
      up: between(a.girdle[s].up, b.girdle[s].up, t),
      forward: between(a.girdle[s].forward, b.girdle[s].forward, t),
    })),
  }
  const trunk = trunkOf(state)
  return {
    ...state,
    knees,
    arm: sided((s) => armBetween(trunk, s, a.arm[s], b.arm[s], t)),
    leg: sided((s) => legBetween(trunk, s, a.leg[s], b.leg[s], t)),
  }
}

function armBetween(trunk: Trunk, side: BodySide, a: ArmState, b: ArmState, t: number): ArmState {
  const hand = a.hand === b.hand ? a.hand : mixedShape(a.hand, b.hand, t)
  const pronation = between(a.pronation, b.pronation, t)
  const wrist = turnBetween(a.wrist, b.wrist, t)
  if (a.contact && b.contact) {
    const arm = reachingArm(
      trunk,
      side,
      along(a.contact.reach, b.contact.reach, t),
      along(a.contact.elbowToward, b.contact.elbowToward, t),
      hand,
    )
    return a.world && b.world
      ? withHand(trunk, side, arm, turnBetween(a.world, b.world, t))
      : { ...arm, pronation, wrist }
  }
  const angles =
    a.angles && b.angles
      ? {
          elevation: between(a.angles.elevation, b.angles.elevation, t),
          plane: between(a.angles.plane, b.angles.plane, t),
          turn: between(a.angles.turn, b.angles.turn, t),
        }
      : null
  return {
    turn: angles ? armTurn(angles, side) : turnBetween(a.turn, b.turn, t),
    angles,
    elbow: between(a.elbow, b.elbow, t),
    pronation,
    wrist,
    contact: null,
    world: null,
    hand,
  }
}

function legBetween(trunk: Trunk, side: BodySide, a: LegState, b: LegState, t: number): LegState {
  const toe = between(a.toe, b.toe, t)
  if (a.contact && b.contact)
    return reachingLeg(
      trunk,
      side,
      {
        foot: along(a.contact.foot, b.contact.foot, t),
        kneeToward: along(a.contact.kneeToward, b.contact.kneeToward, t),
        world: turnBetween(a.contact.world, b.contact.world, t),
      },
      toe,
    )
  return {
    turn: turnBetween(a.turn, b.turn, t),
    knee: between(a.knee, b.knee, t),
    ankle: turnBetween(a.ankle, b.ankle, t),
    toe,
    contact: null,
  }
}

/** The same state on the other side. */
export function mirrored(state: BodyState): BodyState {
  const other = (s: BodySide): BodySide => (s === 'L' ? 'R' : 'L')
  const m = mirroredTurn
  return {
    root: { place: mirroredPoint(state.root.place), turn: m(state.root.turn) },
    knees: state.knees && mirroredPoint(state.knees),
    spine: [m(state.spine[0]), m(state.spine[1]), m(state.spine[2])],
    neck: m(state.neck),
    head: m(state.head),
    girdle: sided((s) => state.girdle[other(s)]),
    arm: sided((s) => {
      const arm = state.arm[other(s)]
      return {
        ...arm,
        turn: m(arm.turn),
        wrist: m(arm.wrist),
        world: arm.world && m(arm.world),
        contact: arm.contact && {
          reach: mirroredPoint(arm.contact.reach),
          elbowToward: mirroredPoint(arm.contact.elbowToward),
        },
      }
    }),
    leg: sided((s) => {
      const leg = state.leg[other(s)]
      return {
        ...leg,
        turn: m(leg.turn),
        ankle: m(leg.ankle),
        contact: leg.contact && {
          foot: mirroredPoint(leg.contact.foot),
          kneeToward: mirroredPoint(leg.contact.kneeToward),
          world: m(leg.contact.world),
        },
      }
    }),
  }
}

/** A point beside a bone: a share along it, then aside and forward in the bone's own axes. */
export function besideBone(
  from: Vector,
  to: Vector,
  turn: Rotation,
  side: BodySide,
  share: number,
  outward: number,
  forward: number,
): Vector {
  return add(along(from, to, share), rotate(turn, [sign(side) * outward, 0, forward]))
}

export const offset = (p: Vector, direction: Vector, length: number): Vector =>
  add(p, scale(direction, length))
