import {
  add,
  along,
  between,
  clamp,
  degrees,
  subtract,
  unit,
  type Point,
  type Vector,
} from '../vector'
import type { FleshPart, SmallHand } from './flesh'
import { SIDES, sign, type BodySide } from './pose'
import { angleBetween, inverse, rotate, smooth, turnBetween } from './rotation'
import { besideBone, type BodyFrames } from './skeleton'
import { FINGERS, onBones } from './smallHand'
import { HAND_SCALE, carried, onNeck, onTrunk } from './trunk'

/** A stroke on the skin: it shows while its skin faces the viewer. */
export interface Stroke {
  readonly on: FleshPart['kind']
  readonly side: BodySide | null
  readonly points: readonly Vector[]
  readonly normal: Vector
  /** Of the outline's width. */
  readonly width: number
  readonly opacity: number
  /** From how far turned to the viewer it shows: 1 is straight at them. */
  readonly from: number
}

const between0and1 = (x: number) => clamp(x, 0, 1)

/** Inner lines of a body: spine, collar bones, shoulder blades, folds, joints, jaw. */
export function innerStrokes(frames: BodyFrames): readonly Stroke[] {
  const { trunk } = frames
  const skin = (points: readonly Vector[]) => points.map((p) => onTrunk(trunk, p))
  const waist = turnBetween(trunk.waist.turn, trunk.ribs.turn, 0.5)
  const strokes: Stroke[] = [
    {
      on: 'torso',
      side: null,
      points: skin([
        [0, 231, -18.5],
        [0, 222, -20.6],
        [0, 209, -20],
        [0, 196, -17.2],
        [0, 184, -15],
        [0, 173, -15.5],
      ]),
      normal: rotate(waist, [0, 0, -1]),
      width: 0.62,
      opacity: 0.5,
      from: 0.35,
    },
  ]
  for (const side of SIDES) {
    strokes.push(...torsoStrokes(frames, side), ...armStrokes(frames, side))
    strokes.push(...legStrokes(frames, side), ...jaw(frames, side))
  }
  return strokes
}

function torsoStrokes(frames: BodyFrames, side: BodySide): Stroke[] {
  const { trunk } = frames
  const g = sign(side)
  const arm = frames.arm[side]
  const chest = (v: Vector) => rotate(trunk.chest.turn, v)
  const skin = (p: Vector) => onTrunk(trunk, p)
  const socket = carried(trunk.chest, arm.socket)
  const top = add(arm.shoulder, chest([-g * 4, 6.5, 5]))
  const waist = turnBetween(trunk.waist.turn, trunk.ribs.turn, 0.5)
  const folds = 0.6 * between0and1((g * leaning(frames)) / 14)
  const fold = (points: readonly Vector[], forward: number): Stroke => ({
    on: 'torso',
    side: null,
    points: points.map(skin),
    normal: rotate(waist, [g * 0.5, 0, forward]),
    width: 0.6,
    opacity: folds,
    from: 0.1,
  })
  return [
    {
      on: 'torso',
      side: null,
      points: [
        skin([g * 3.2, 243.4, 6]),
        along(skin([g * 9, 244.6, 7]), top, 0.06),
        along(skin([g * 15, 245, 6]), top, 0.4),
        along(skin([g * 17, 245, 4]), top, 0.72),
      ],
      normal: chest([g * 0.1, 0.35, 0.9]),
      width: 0.62,
      opacity: 0.6,
      from: 0.25,
    },
    {
      on: 'torso',
      side: null,
      points: [
        along(skin([g * 9, 227, -19]), socket, 0.02),
        along(skin([g * 9.5, 219, -19]), socket, 0.02),
        along(skin([g * 12.5, 211.5, -18.5]), socket, 0.02),
        skin([g * 18, 209, -16]),
      ],
      normal: chest([g * 0.2, 0, -1]),
      width: 0.58,
      opacity: 0.42,
      from: 0.35,
    },
    fold(
      [
        [g * 23.4, 188, 2],
        [g * 19, 184.6, 8],
        [g * 13.5, 184, 12],
      ],
      0.85,
    ),
    fold(
      [
        [g * 23.4, 187, -2],
        [g * 19, 183.4, -9],
        [g * 13.5, 182.6, -13],
      ],
      -0.85,
    ),
  ]
}

function armStrokes(frames: BodyFrames, side: BodySide): Stroke[] {
  const arm = frames.arm[side]
  const upper = (t: number, x: number, z: number) =>
    besideBone(arm.shoulder, arm.elbow, arm.upper, side, t, x, z)
  const fore = (t: number, x: number, z: number) =>
    besideBone(arm.elbow, arm.wrist, arm.fore, side, t, x, z)
  const bend = angleBetween(
    unit(subtract(arm.elbow, arm.shoulder)),
    unit(subtract(arm.wrist, arm.elbow)),
  )
  return [
    {
      on: 'fore',
      side,
      points: [fore(-0.02, -5, 5), fore(0.03, -1, 6.6), fore(0.02, 4.6, 5.4)],
      normal: rotate(arm.fore, [0, 0.1, 1]),
      width: 0.6,
      opacity: 0.55 * smooth(70, 30, bend),
      from: 0.3,
    },
    {
      on: 'upper',
      side,
      points: [upper(0.93, -3.2, -6), upper(0.985, 0, -7), upper(0.94, 3.4, -6)],
      normal: rotate(arm.upper, [0, 0, -1]),
      width: 0.55,
      opacity: 0.5,
      from: 0.25,
    },
  ]
}

function legStrokes(frames: BodyFrames, side: BodySide): Stroke[] {
  const g = sign(side)
  const leg = frames.leg[side]
  const bend = angleBetween(unit(subtract(leg.knee, leg.hip)), unit(subtract(leg.ankle, leg.knee)))
  const thigh = (t: number, x: number, z: number) =>
    besideBone(leg.hip, leg.knee, leg.thigh, side, t, x, z)
  const shin = (t: number, x: number, z: number) =>
    besideBone(leg.knee, leg.ankle, leg.shin, side, t, x, z)
  const foot = (x: number, y: number, z: number) => add(leg.ankle, rotate(leg.foot, [g * x, y, z]))
  return [
    {
      on: 'thigh',
      side,
      points: [
        thigh(0.935, -6.6, 7),
        thigh(0.915, -2, 9.6),
        thigh(0.92, 3, 9.6),
        thigh(0.945, 6.6, 7),
      ],
      normal: rotate(leg.thigh, [0, 0, 1]),
      width: 0.55,
      opacity: 0.42 * smooth(80, 30, bend),
      from: 0.35,
    },
    {
      on: 'shin',
      side,
      points: [shin(0.035, -6, 7), shin(0.075, -2.4, 9), shin(0.075, 2.6, 9), shin(0.03, 6.2, 7)],
      normal: rotate(leg.shin, [0, 0, 1]),
      width: 0.6,
      opacity: 0.55 * smooth(100, 40, bend),
      from: 0.35,
    },
    {
      on: 'shin',
      side,
      points: [shin(0, -6, -7), shin(0.012, 0, -8.8), shin(-0.004, 6.4, -7)],
      normal: rotate(leg.shin, [0, 0, -1]),
      width: 0.58,
      opacity: 0.5 * smooth(60, 25, bend),
      from: 0.35,
    },
    {
      on: 'foot',
      side,
      points: [foot(5, 1.6, -2.6), foot(5.6, -1.4, -0.6), foot(5, -1.2, 2.4)],
      normal: rotate(leg.foot, [g, 0, 0.1]),
      width: 0.55,
      opacity: 0.5,
      from: 0.4,
    },
    {
      on: 'foot',
      side,
      points: [foot(-5, 2.4, -2), foot(-5.6, -0.4, 0), foot(-5, -0.4, 2.6)],
      normal: rotate(leg.foot, [-g, 0, 0.1]),
      width: 0.55,
      opacity: 0.5,
      from: 0.4,
    },
  ]
}

function jaw(frames: BodyFrames, side: BodySide): Stroke[] {
  const g = sign(side)
  const on = (p: Vector) => carried(frames.trunk.head, p)
  return [
    {
      on: 'head',
      side: null,
      points: [on([g * 11.4, 272.6, -0.6]), on([g * 10.4, 269.4, 1.2]), on([g * 7.6, 266, 5.4])],
      normal: rotate(frames.trunk.head.turn, [g, -0.1, 0]),
      width: 0.6,
      opacity: 0.5,
      from: 0.5,
    },
  ]
}

/** Degrees by which the chest leans to the figure's left, seen from the pelvis. */
function leaning(frames: BodyFrames): number {
  const up = rotate(frames.trunk.chest.turn, [0, 1, 0])
  const seen = rotate(inverse(frames.trunk.pelvis.turn), up)
  return Math.asin(clamp(seen[0], -1, 1)) / degrees
}

/** A line between two fingers, with its width at every point as a share of the outline's. */
export interface Groove {
  readonly points: readonly Point[]
  readonly widths: readonly number[]
}

const GROOVE_STEPS = 8

/** Lines between fingers that lie side by side toward the viewer. */
export function grooves(hand: SmallHand, view: (p: Vector) => Vector): readonly Groove[] {
  const found: Groove[] = []
  for (let i = 0; i < 3; i++) {
    const a = hand.fingers[i]
    const b = hand.fingers[i + 1]
    if (!a || !b) continue
    const seen = (points: typeof a.points) => points.map(view) as unknown as typeof a.points
    const [left, right] = [seen(a.points), seen(b.points)]
    const lengths = FINGERS[0].lengths
    const points: Point[] = []
    const widths: number[] = []
    const shorter = i === 2 ? 0.93 : 0.97
    for (let k = 0; k <= GROOVE_STEPS; k++) {
      const t = between(0.22, 2.72 * shorter, k / GROOVE_STEPS)
      const p = onBones(left, t)
      const q = onBones(right, t)
      const apart = Math.hypot(p[0] - q[0], p[1] - q[1]) / (a.width + b.width)
      const step = k < GROOVE_STEPS ? 0.05 : -0.05
      const ahead = onBones(left, t + step)
      const bone = lengths[Math.min(2, Math.floor(t)) as 0 | 1 | 2]
      const flat =
        Math.hypot(ahead[0] - p[0], ahead[1] - p[1]) / (Math.abs(step) * bone * HAND_SCALE)
      const middle = along(p, q, i === 2 ? 0.52 : 0.5)
      points.push([middle[0], middle[1]])
      widths.push(
        smooth(0.62, 0.8, apart) *
          smooth(1.2, 1.06, apart) *
          smooth(0.35, 0.6, flat) *
          (k === 0 ? 0.3 : 1),
      )
    }
    if (widths.reduce((x, y) => x + y) > 4 && Math.max(...widths) >= 0.3)
      found.push({ points, widths })
  }
  return found
}

/** A place at work: an ellipse along a bone, on the parts that it may colour. */
export interface WorkedPlace {
  readonly from: Vector
  readonly to: Vector
  readonly radius: number
  readonly on: (part: FleshPart) => boolean
  /** From where it is seen, if it is one face of the body. */
  readonly normal: Vector | null
  /** The share of it that has its full colour. */
  readonly core: number
  /** How far it goes on beyond its bone, in radii. */
  readonly beyond: number
}

export type PlaceName =
  | 'NECK'
  | 'CHEST'
  | 'BACK'
  | 'LOW_BACK'
  | 'SPINE'
  | 'WAIST'
  | 'HIPS'
  | 'NECK_SIDES'
  | 'SHOULDERS'
  | 'FLANKS'
  | 'UPPER_ARMS'
  | 'ELBOWS'
  | 'FOREARMS'
  | 'WRISTS'
  | 'HANDS'
  | 'THIGHS'

type MiddlePlace = Exclude<
  PlaceName,
  | 'NECK_SIDES'
  | 'SHOULDERS'
  | 'FLANKS'
  | 'UPPER_ARMS'
  | 'ELBOWS'
  | 'FOREARMS'
  | 'WRISTS'
  | 'HANDS'
  | 'THIGHS'
>

const MIDDLE: ReadonlySet<PlaceName> = new Set<PlaceName>([
  'NECK',
  'CHEST',
  'BACK',
  'LOW_BACK',
  'SPINE',
  'WAIST',
  'HIPS',
])
const isMiddle = (name: PlaceName): name is MiddlePlace => MIDDLE.has(name)

/** The worked places of a body by name; those of both sides, or of one alone. */
export function workedPlaces(
  frames: BodyFrames,
  name: PlaceName,
  sides: readonly BodySide[],
): readonly WorkedPlace[] {
  return isMiddle(name)
    ? [middlePlace(frames, name)]
    : sides.map((side) => sidedPlace(frames, name, side))
}

const oneOf =
  (...kinds: readonly FleshPart['kind'][]) =>
  (part: FleshPart): boolean =>
    kinds.includes(part.kind)

function middlePlace(frames: BodyFrames, name: MiddlePlace): WorkedPlace {
  const { trunk } = frames
  const skin = (p: Vector) => onTrunk(trunk, p)
  const pelvis = (p: Vector) => carried(trunk.pelvis, p)
  const back = rotate(trunk.chest.turn, [0, 0, -1])
  const place = (
    from: Vector,
    to: Vector,
    radius: number,
    core: number,
    on: WorkedPlace['on'],
    normal: Vector | null = null,
  ): WorkedPlace => ({ from, to, radius, core, on, normal, beyond: 1 })
  const legs = oneOf('torso', 'thigh')
  switch (name) {
    case 'NECK':
      return place(
        onNeck(trunk, [0, 262, -4.5]),
        onNeck(trunk, [0, 248, -7]),
        14,
        0.5,
        oneOf('torso', 'upper', 'head'),
      )
    case 'CHEST':
      return place(
        skin([-15, 222, 10]),
        skin([15, 222, 10]),
        19,
        0.35,
        oneOf('torso', 'upper'),
        rotate(trunk.chest.turn, [0, 0, 1]),
      )
    case 'BACK':
      return place(skin([0, 232, -14]), skin([0, 205, -14]), 22, 0.4, oneOf('torso'), back)
    case 'LOW_BACK':
      return place(
        skin([0, 192, -9]),
        skin([0, 170, -9]),
        17,
        0.4,
        legs,
        rotate(trunk.pelvis.turn, [0, 0, -1]),
      )
    case 'SPINE':
      return place(skin([0, 240, -11]), skin([0, 165, -10]), 17, 0.45, legs, back)
    case 'WAIST':
      return place(skin([-10, 186, 0]), skin([10, 186, 0]), 24, 0.4, legs)
    case 'HIPS':
      return place(pelvis([-12, 158, 0]), pelvis([12, 158, 0]), 22, 0.45, legs)
  }
}

function sidedPlace(
  frames: BodyFrames,
  name: Exclude<PlaceName, MiddlePlace>,
  side: BodySide,
): WorkedPlace {
  const { trunk } = frames
  const g = sign(side)
  const arm = frames.arm[side]
  const leg = frames.leg[side]
  const own =
    (...kinds: readonly FleshPart['kind'][]) =>
    (part: FleshPart): boolean =>
      kinds.includes(part.kind) && (part.side === null || part.side === side)
  const place = (
    from: Vector,
    to: Vector,
    radius: number,
    core: number,
    on: WorkedPlace['on'],
    beyond = 1,
  ): WorkedPlace => ({ from, to, radius, core, on, normal: null, beyond })
  switch (name) {
    case 'NECK_SIDES':
      return place(
        onNeck(trunk, [g * 8, 268, -3]),
        along(onNeck(trunk, [g * 12, 252, -6]), arm.shoulder, 0.3),
        12,
        0.4,
        own('torso', 'upper', 'head'),
      )
    case 'SHOULDERS':
      return place(
        add(arm.shoulder, rotate(trunk.chest.turn, [-g * 7, 4, 0])),
        along(arm.shoulder, arm.elbow, 0.2),
        20,
        0.45,
        own('torso', 'upper'),
      )
    case 'FLANKS':
      return place(
        onTrunk(trunk, [g * 19, 218, 0]),
        onTrunk(trunk, [g * 20, 172, 0]),
        15,
        0.4,
        oneOf('torso', 'thigh'),
      )
    case 'UPPER_ARMS':
      return place(arm.shoulder, arm.elbow, 15, 0.5, own('upper', 'torso'))
    case 'ELBOWS':
      return place(
        along(arm.shoulder, arm.elbow, 0.86),
        along(arm.elbow, arm.wrist, 0.16),
        13,
        0.45,
        own('upper', 'fore'),
      )
    case 'FOREARMS':
      return place(
        along(arm.elbow, arm.wrist, 0.1),
        arm.wrist,
        13,
        0.6,
        own('upper', 'fore', 'hand', 'thumb'),
      )
    case 'WRISTS':
      return place(
        along(arm.elbow, arm.wrist, 0.86),
        add(arm.wrist, [arm.distal[0] * 8, arm.distal[1] * 8, arm.distal[2] * 8]),
        10,
        0.5,
        own('fore', 'hand', 'thumb'),
      )
    case 'HANDS':
      return place(
        arm.wrist,
        add(arm.wrist, [arm.distal[0] * 26, arm.distal[1] * 26, arm.distal[2] * 26]),
        16,
        0.7,
        own('hand', 'thumb', 'fore', 'finger'),
        0.7,
      )
    case 'THIGHS':
      return place(leg.hip, leg.knee, 22, 0.5, own('thigh', 'torso'))
  }
}
