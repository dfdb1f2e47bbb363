import type { BodyPoseName } from '../poses'
import type { Vector } from '../vector'
import type { SIDES } from './pose'
import {
  type ArmPose,
  type BodyPose,
  type GirdlePose,
  type LegPose,
  type Surrounding,
} from './pose'
import { mirroredPoint } from './rotation'
import { THIGH } from './trunk'

type Sides<T> = { readonly R: T; readonly L: T }

const mirroredIf = (v: Vector | undefined): Vector | undefined => v && mirroredPoint(v)

/** Both arms alike, given for the left one. */
const bothArms = (left: ArmPose): Sides<ArmPose> => ({
  L: left,
  R: {
    ...left,
    reach: mirroredIf(left.reach),
    elbowToward: mirroredIf(left.elbowToward),
    direction: mirroredIf(left.direction),
    palm: mirroredIf(left.palm),
  },
})
const bothLegs = (left: LegPose): Sides<LegPose> => ({
  L: left,
  R: { ...left, foot: mirroredIf(left.foot), kneeToward: mirroredIf(left.kneeToward) },
})
const bothGirdles = (girdle: GirdlePose): Sides<GirdlePose> => ({ L: girdle, R: girdle })

const FLOOR: Surrounding = { kind: 'floor' }
const SEAT: Surrounding = { kind: 'seat' }
const wallAt = (depth: number): Surrounding => ({ kind: 'wall', depth })

const FEET = bothLegs({ foot: [11, 11.7, -1], yaw: 8 })

type Part = Partial<BodyPose>

const standing = (pose: Part = {}, ...around: readonly Surrounding[]): BodyPose => ({
  root: { place: [0, 158.2, 0] },
  legs: FEET,
  ...pose,
  around: [FLOOR, ...around],
})

const sitting = (pose: Part = {}, ...around: readonly Surrounding[]): BodyPose => ({
  root: { place: [0, 90, 0], pitch: 2 },
  legs: bothLegs({ foot: [12, 11.7, 71], yaw: 6, kneeToward: [0.14, 0.5, 1] }),
  spine: { flexion: [2, 0, 0] },
  ...pose,
  around: [FLOOR, SEAT, ...around],
})

/** Where the hands carry, on hands and knees. */
const ON_FLOOR: ArmPose = {
  reach: [19, 6, 76],
  elbowToward: [0.8, -0.1, -1],
  direction: [-0.06, 0, 1],
  palm: [0, -1, 0],
  hand: 'flat',
}

/** On hands and knees, the pelvis so far forward; the knees stay where they are. */
const onKnees = (forward: number, pitch: number, hands: ArmPose, pose: Part = {}): BodyPose => ({
  root: {
    place: [0, 9 + Math.sqrt(Math.max(0, THIGH * THIGH - forward * forward)), forward],
    pitch,
  },
  kneel: [0, 9, 0],
  legs: bothLegs({ foot: [13, 8, -73], kneeToward: [0.06, -1, 0.6], pitch: 172, yaw: -4 }),
  arms: bothArms({ ...ON_FLOOR, ...hands }),
  around: [FLOOR],
  ...pose,
})

const LONG_BACK: Part = {
  spine: { flexion: [4, 2, 2] },
  neck: { flexion: -14 },
  head: { flexion: -6 },
}
const FOLDED_BACK: Part = { spine: { flexion: [8, 8, 4] }, neck: { flexion: 2 } }

/** The hands turned round: fingers toward the knees. */
const TURNED: ArmPose = { reach: [19, 6, 66], direction: [0.05, 0, -1], palm: [0, -1, 0] }
const BACKS: ArmPose = { reach: [19, 5, 72], direction: [-0.05, 0, -1], palm: [0, 1, 0] }
/** On the backs of the fingers, the knuckles up. */
const KNUCKLES: ArmPose = {
  reach: [19, 20, 76],
  direction: [0, -0.94, -0.34],
  palm: [0, 0.34, -0.94],
  hand: 'backs',
}

const HANDS_ON_HIPS = bothArms({
  on: 'pelvis',
  reach: [29.5, 167, 6],
  elbowToward: [1, 0.1, -0.35],
  direction: [-0.45, -0.5, 0.75],
  palm: [-0.8, -0.1, -0.55],
  hand: 'flat',
})
const ON_THIGHS = bothArms({
  on: 'thigh',
  reach: [1, 54, 17.5],
  elbowToward: [0.7, -0.5, -0.8],
  direction: [-0.12, -0.16, 1],
  palm: [0, -1, -0.15],
  hand: 'soft',
})
const CROSSED_ARMS: Sides<ArmPose> = {
  L: {
    on: 'chest',
    reach: [-12, 224, 26],
    elbowToward: [0.5, -0.5, 0.6],
    direction: [-0.75, 0.62, -0.1],
    palm: [-0.1, -0.15, -1],
    hand: 'flat',
  },
  R: {
    on: 'chest',
    reach: [12, 219, 23.5],
    elbowToward: [-0.5, -0.5, 0.6],
    direction: [0.75, 0.62, -0.1],
    palm: [0.1, -0.15, -1],
    hand: 'flat',
  },
}

/** Fingertips on the own shoulders. */
const onShoulders = (reach: Vector, elbowToward: Vector, direction: Vector): Sides<ArmPose> =>
  bothArms({ on: 'chest', reach, elbowToward, direction, palm: [0, -0.62, -0.78], hand: 'soft' })

/** Palms pressed before the breastbone, the tips pointing somewhere. */
const pressed = (direction: Vector, reach: Vector = [5, 216, 41]): Sides<ArmPose> => ({
  L: {
    on: 'chest',
    reach,
    elbowToward: [1, -0.15, 0.1],
    direction,
    palm: [-1, 0, 0],
    hand: 'flat',
  },
  R: {
    on: 'chest',
    reach: [-reach[0], reach[1], reach[2]],
    elbowToward: [-1, -0.15, 0.1],
    direction,
    palm: [1, 0, 0],
    hand: 'flat',
  },
})

/** Palms pressed and turned aside: one hand lies over the other. */
const pressedAside = (left: boolean): Sides<ArmPose> => {
  const g = left ? 1 : -1
  const along: Vector = [g * 0.92, 0.36, 0.1]
  return {
    L: {
      on: 'chest',
      reach: [4 - g * 12, 214, 42],
      elbowToward: [1, -0.2, 0.1],
      direction: along,
      palm: [-0.36, g * 0.92, 0],
      hand: 'flat',
    },
    R: {
      on: 'chest',
      reach: [-4 - g * 12, 214, 42],
      elbowToward: [-1, -0.2, 0.1],
      direction: along,
      palm: [0.36, -g * 0.92, 0],
      hand: 'flat',
    },
  }
}

/** Hands clasped, or back to back, far before the chest. */
const reached = (palm: Vector, hand: ArmPose['hand']): Sides<ArmPose> =>
  bothArms({
    on: 'chest',
    reach: [7, 230, 92],
    elbowToward: [1, -0.3, 0],
    direction: [-1, 0.05, 0.1],
    palm,
    hand,
  })

const CHEST_OPEN: Part = {
  spine: { flexion: -6 },
  girdle: bothGirdles({ forward: -18, up: -2 }),
  neck: { flexion: 2 },
}

const PRESS_FEET = bothLegs({ foot: [11, 11.7, -62], yaw: 5 })
const PRESS_HANDS = bothArms({
  reach: [20, 222, 94.5],
  elbowToward: [0.95, -0.8, -0.2],
  direction: [-0.06, 0.87, 0.5],
  palm: [0.05, -0.5, 0.87],
  hand: 'tips',
})

const towel = (direction: Vector, palm: Vector): BodyPose =>
  sitting(
    {
      root: { place: [0, 90, 0], pitch: 9 },
      spine: { flexion: [4, 2, 2] },
      neck: { flexion: 8 },
      arms: bothArms({
        on: 'thigh',
        reach: [0, 74, 14],
        elbowToward: [0.7, -0.4, -0.9],
        direction,
        palm,
        hand: 'fist',
      }),
    },
    { kind: 'towel' },
  )

/** One arm held from below at the elbow by the other hand. */
const supportedElbow = (forearm: Vector, reach: Vector): BodyPose =>
  sitting({
    root: { place: [0, 90, 0], pitch: 2 },
    arms: {
      R: {
        on: 'chest',
        reach,
        elbowToward: [-0.2, -1, 0.2],
        direction: forearm,
        palm: [0.1, 0.9, -0.4],
        hand: 'soft',
      },
      L: {
        on: 'chest',
        reach: [-9, 196, 34],
        elbowToward: [0.7, -0.8, 0.1],
        direction: [-0.85, 0.1, 0.4],
        palm: [0, 1, 0],
        hand: 'soft',
      },
    },
  })

const alike = (arm: ArmPose): Sides<ArmPose> => ({ L: arm, R: arm })

/** All poses of the body; angles and contacts found by eye. */
export const BODY_POSES: Readonly<Record<BodyPoseName, BodyPose>> = {
  BODY_UPRIGHT: standing(),
  BODY_STANDING: standing(),
  BODY_SHOULDERS_UP: standing({
    girdle: bothGirdles({ up: 27, forward: 2 }),
    arms: alike({ elevation: 7, elbow: 14 }),
  }),
  BODY_SHOULDERS_BACK: standing({
    girdle: bothGirdles({ up: 4, forward: -24 }),
    spine: { flexion: -5 },
    arms: alike({ elevation: 12, plane: -40, elbow: 14, turn: 10, pronation: 20 }),
  }),
  BODY_SHOULDERS_FORWARD: standing({
    girdle: bothGirdles({ up: 6, forward: 26 }),
    spine: { flexion: 8 },
    neck: { flexion: 5 },
    arms: alike({ elevation: 9, plane: 60, elbow: 16, turn: -16, pronation: 46 }),
  }),
  BODY_HIPS_LEFT: standing({
    root: { place: [15, 156.6, 0], roll: -7 },
    spine: { side: -15 },
    neck: { side: 4 },
    arms: HANDS_ON_HIPS,
  }),
  BODY_HIPS_RIGHT: standing({
    root: { place: [-15, 156.6, 0], roll: 7 },
    spine: { side: 15 },
    neck: { side: -4 },
    arms: HANDS_ON_HIPS,
  }),
  BODY_HIPS_FORWARD: standing({
    root: { place: [0, 157.4, 12], pitch: -8 },
    spine: { flexion: -6 },
    neck: { flexion: 6 },
    arms: HANDS_ON_HIPS,
  }),
  BODY_HIPS_BACK: standing({
    root: { place: [0, 156.6, -13], pitch: 16 },
    spine: { flexion: -6 },
    neck: { flexion: -3 },
    arms: HANDS_ON_HIPS,
  }),
  BODY_ARMS_UP: standing({
    arms: alike({ elevation: 168, plane: 22, turn: 20, elbow: 10, pronation: 10, hand: 'flat' }),
    spine: { flexion: -3 },
  }),
  BODY_LEAN_LEFT: standing({
    root: { place: [-5, 158, 0], roll: 3 },
    spine: { side: 30 },
    neck: { side: 8 },
    arms: {
      L: { elevation: 27, plane: 10, elbow: 8 },
      R: { elevation: 3, plane: 0, elbow: 8 },
    },
  }),
  BODY_LEAN_RIGHT: standing({
    root: { place: [5, 158, 0], roll: -3 },
    spine: { side: -30 },
    neck: { side: -8 },
    arms: {
      R: { elevation: 27, plane: 10, elbow: 8 },
      L: { elevation: 3, plane: 0, elbow: 8 },
    },
  }),
  BODY_TURN_MIDDLE: standing({ arms: CROSSED_ARMS }),
  BODY_TURN_LEFT: standing({
    root: { place: [0, 158.2, 0], yaw: 8 },
    spine: { twist: 40 },
    neck: { twist: 12 },
    head: { twist: 8 },
    arms: CROSSED_ARMS,
  }),
  BODY_TURN_RIGHT: standing({
    root: { place: [0, 158.2, 0], yaw: -8 },
    spine: { twist: -40 },
    neck: { twist: -12 },
    head: { twist: -8 },
    arms: CROSSED_ARMS,
  }),
  BODY_HEAD_LEFT: standing({ neck: { twist: 34 }, head: { twist: 30 } }),
  BODY_HEAD_RIGHT: standing({ neck: { twist: -34 }, head: { twist: -30 } }),
  BODY_HEAD_TILT_LEFT: standing({ neck: { side: 20 }, head: { side: 16 } }),
  BODY_HEAD_TILT_RIGHT: standing({ neck: { side: -20 }, head: { side: -16 } }),
  BODY_ARMS_WIDE: standing({
    girdle: bothGirdles({ forward: -14, up: -2 }),
    spine: { flexion: -7 },
    neck: { flexion: 2 },
    arms: alike({
      elevation: 88,
      plane: -16,
      turn: 34,
      elbow: 10,
      pronation: -46,
      hand: 'open',
    }),
  }),
  BODY_POUR_DOWN: standing({
    arms: alike({
      elevation: 88,
      plane: 4,
      turn: 0,
      elbow: 6,
      pronation: 0,
      deviation: -32,
      hand: 'fist',
    }),
  }),
  BODY_POUR_UP: standing({
    arms: alike({
      elevation: 88,
      plane: 4,
      turn: 0,
      elbow: 6,
      pronation: 0,
      deviation: 24,
      hand: 'fist',
    }),
  }),
  BODY_ELBOWS_BENT: standing({
    arms: alike({ elevation: 10, plane: 20, elbow: 96, turn: 16, pronation: 20, hand: 'fist' }),
  }),
  BODY_ARMS_FORWARD: standing({
    arms: alike({ elevation: 22, plane: 74, elbow: 62, turn: -14, pronation: 40, hand: 'fist' }),
  }),
  BODY_ARMS_LOW: standing({
    arms: alike({ elevation: 24, plane: 84, elbow: 8, pronation: 50, hand: 'soft' }),
  }),
  BODY_ARMS_AT_EYES: standing({
    arms: alike({ elevation: 104, plane: 84, elbow: 8, pronation: 50, hand: 'soft' }),
  }),
  BODY_ELBOWS_IN: standing({
    girdle: bothGirdles({ forward: 14, up: 4 }),
    arms: onShoulders([24, 236, 27], [0.12, -0.12, 1], [0.12, 0.72, -0.68]),
  }),
  BODY_ELBOWS_SWEPT: standing({
    girdle: bothGirdles({ forward: -12 }),
    arms: onShoulders([40, 246, 18], [1, -0.05, -0.1], [-0.5, 0.5, -0.7]),
  }),
  BODY_FISTS_TOGETHER: standing({
    arms: bothArms({
      on: 'chest',
      reach: [8, 222, 45],
      elbowToward: [1, 0.1, 0.1],
      direction: [-0.3, -0.2, -0.93],
      palm: [0.93, 0.1, -0.32],
      hand: 'fist',
    }),
  }),
  BODY_FISTS_SWEPT: standing({
    spine: { flexion: -7 },
    girdle: bothGirdles({ forward: -16, up: -2 }),
    arms: alike({
      elevation: 80,
      plane: -18,
      turn: -20,
      elbow: 8,
      pronation: 60,
      wrist: -62,
      hand: 'fist',
    }),
  }),
  BODY_PALMS_PRESSED: standing({ arms: pressed([0, 1, 0.02]) }),
  BODY_PALMS_FORWARD: standing({ arms: pressed([0, 0.3, 0.95], [5, 212, 34]) }),
  BODY_PALMS_TO_CHEST: standing({ arms: pressed([0, 0.62, -0.78], [5, 214, 48]) }),
  BODY_PALMS_LEFT: standing({ arms: pressedAside(true) }),
  BODY_PALMS_RIGHT: standing({ arms: pressedAside(false) }),
  BODY_CLASPED_FORWARD: standing({
    spine: { flexion: 10 },
    girdle: bothGirdles({ forward: 16 }),
    neck: { flexion: -4 },
    arms: reached([-0.1, 0, 1], 'clasp'),
  }),
  BODY_BACKS_FORWARD: standing({
    spine: { flexion: 10 },
    girdle: bothGirdles({ forward: 16 }),
    neck: { flexion: -4 },
    arms: reached([0.1, 0, -1], 'flat'),
  }),
  BODY_CROSSED_CLASP: standing({
    girdle: bothGirdles({ forward: 10 }),
    arms: {
      L: {
        on: 'chest',
        reach: [-6, 220, 78],
        elbowToward: [0.6, -1, 0],
        direction: [-0.3, -0.2, 0.93],
        palm: [0.9, 0, 0.3],
        hand: 'clasp',
      },
      R: {
        on: 'chest',
        reach: [6, 225, 78],
        elbowToward: [-0.6, -1, 0],
        direction: [0.3, -0.2, 0.93],
        palm: [-0.9, 0, 0.3],
        hand: 'clasp',
      },
    },
  }),
  BODY_CROSSED_CLASP_IN: standing({
    girdle: bothGirdles({ forward: 8 }),
    arms: {
      L: {
        on: 'chest',
        reach: [-4, 206, 42],
        elbowToward: [1, -0.5, 0.3],
        direction: [-0.2, 0.95, -0.1],
        palm: [0.9, 0.1, -0.2],
        hand: 'clasp',
      },
      R: {
        on: 'chest',
        reach: [4, 209, 46],
        elbowToward: [-1, -0.5, 0.3],
        direction: [0.2, 0.95, -0.1],
        palm: [-0.9, 0.1, -0.2],
        hand: 'clasp',
      },
    },
  }),
  BODY_WALL_ANGEL_LOW: standing(
    {
      girdle: bothGirdles({ forward: -10 }),
      arms: alike({ elevation: 76, plane: -4, turn: 84, elbow: 96, pronation: 0, hand: 'open' }),
    },
    { kind: 'panel' },
  ),
  BODY_WALL_ANGEL_HIGH: standing(
    {
      girdle: bothGirdles({ forward: -8 }),
      arms: alike({ elevation: 148, plane: 0, turn: 78, elbow: 36, pronation: 0, hand: 'open' }),
    },
    { kind: 'panel' },
  ),
  BODY_SEATED: sitting({ arms: ON_THIGHS }),
  BODY_SEATED_ROUND: sitting({
    root: { place: [0, 89, -2], pitch: -14 },
    spine: { flexion: [20, 18, 14] },
    neck: { flexion: 20 },
    head: { flexion: 8 },
    arms: ON_THIGHS,
  }),
  BODY_SEATED_ARCHED: sitting({
    root: { place: [0, 90.5, 1], pitch: 8 },
    spine: { flexion: [-8, -9, -6] },
    neck: { flexion: -8 },
    arms: ON_THIGHS,
  }),
  BODY_SEATED_HEAD_DOWN: sitting({
    spine: { flexion: [2, 2, 5] },
    neck: { flexion: 26 },
    head: { flexion: 22 },
    arms: ON_THIGHS,
  }),
  BODY_SEATED_CHIN_BACK: sitting({
    neck: { flexion: -14 },
    head: { flexion: 16 },
    arms: ON_THIGHS,
  }),
  BODY_SEATED_REACH: sitting({
    spine: { flexion: [4, 4, 6] },
    girdle: bothGirdles({ forward: 12 }),
    arms: alike({ elevation: 88, plane: 84, elbow: 6, pronation: 60, hand: 'flat' }),
  }),
  BODY_SEATED_ELBOW_BENT: supportedElbow([0.1, 0.9, -0.35], [-25, 236, 26]),
  BODY_SEATED_ELBOW_STRAIGHT: supportedElbow([0, -0.2, 1], [-20, 194, 80]),
  BODY_SEATED_TOWEL: towel([0, -0.8, 0.6], [0, 0.6, 0.8]),
  BODY_SEATED_TOWEL_CURLED: towel([0, 0.62, 0.78], [0, 0.78, -0.62]),
  BODY_SEATED_KEYS: sitting(
    {
      root: { place: [0, 90, 0], pitch: 3 },
      neck: { flexion: 8 },
      arms: bothArms({
        reach: [13, 128, 60],
        elbowToward: [0.7, -1, -0.5],
        direction: [-0.05, -0.06, 1],
        palm: [0, -1, -0.06],
        hand: 'keys',
      }),
    },
    { kind: 'keys' },
  ),
  BODY_STANDING_HANGING: {
    root: { place: [0, 154.5, -20], pitch: 66 },
    legs: bothLegs({ foot: [11, 11.7, -4], yaw: 6 }),
    spine: { flexion: [24, 22, 18] },
    neck: { flexion: 18 },
    head: { flexion: 8 },
    arms: bothArms({
      reach: [15, 34, 60],
      elbowToward: [0.9, 0, 0.5],
      direction: [-0.2, -1, -0.08],
      palm: [-0.6, 0.1, -0.8],
      hand: 'hang',
    }),
    around: [FLOOR],
  },
  BODY_STANDING_CLASPED_LOW: standing({
    ...CHEST_OPEN,
    arms: bothArms({
      on: 'chest',
      reach: [5, 141, -29],
      elbowToward: [0.9, 0, -0.4],
      direction: [-0.3, -0.95, -0.1],
      palm: [-0.9, 0.3, 0.1],
      hand: 'clasp',
    }),
  }),
  BODY_STANDING_CLASPED_BEHIND: standing({
    spine: { flexion: -9 },
    girdle: bothGirdles({ forward: -26, up: 4 }),
    neck: { flexion: 4 },
    arms: bothArms({
      on: 'chest',
      reach: [5, 163, -74],
      elbowToward: [0.9, 0.2, -0.3],
      direction: [-0.3, -0.6, -0.75],
      palm: [-0.9, 0.3, 0.1],
      hand: 'clasp',
    }),
  }),
  BODY_STANDING_PALMS_BEHIND: standing({
    spine: { flexion: -4 },
    girdle: bothGirdles({ forward: -12 }),
    arms: bothArms({
      on: 'chest',
      reach: [7, 196, -29],
      elbowToward: [1, -0.3, -0.7],
      direction: [-0.2, 0.97, 0.05],
      palm: [-0.97, -0.2, 0.1],
      hand: 'flat',
    }),
  }),
  BODY_STANDING_PALMS_BEHIND_DOWN: standing({
    spine: { flexion: -4 },
    girdle: bothGirdles({ forward: -14 }),
    arms: bothArms({
      on: 'chest',
      reach: [7, 186, -29],
      elbowToward: [1, 0.1, -0.6],
      direction: [-0.2, -0.97, -0.05],
      palm: [-0.97, 0.2, 0.1],
      hand: 'flat',
    }),
  }),
  BODY_STANDING_DOORWAY_READY: standing(
    {
      root: { place: [0, 154.4, 2], yaw: -8, pitch: 2 },
      spine: { flexion: -2, twist: -2 },
      arms: {
        R: { elevation: 90, plane: 2, turn: 84, elbow: 86, pronation: 4, hand: 'flat' },
        L: { elevation: 8, elbow: 12 },
      },
      legs: {
        R: { foot: [-13, 11.7, -28], yaw: 12 },
        L: { foot: [12, 11.7, 30], yaw: 6 },
      },
    },
    { kind: 'post' },
  ),
  BODY_STANDING_DOORWAY: standing(
    {
      root: { place: [0, 154.4, 7], yaw: 10, pitch: 2 },
      spine: { flexion: -6, twist: 12 },
      neck: { twist: 4 },
      girdle: { R: { forward: -18 } },
      arms: {
        R: { elevation: 90, plane: -26, turn: 84, elbow: 86, pronation: 4, hand: 'flat' },
        L: { elevation: 8, elbow: 12 },
      },
      legs: {
        R: { foot: [-13, 11.7, -28], yaw: 12 },
        L: { foot: [12, 11.7, 30], yaw: 6 },
      },
    },
    { kind: 'post' },
  ),
  BODY_STANDING_WALL_BACK: {
    root: { place: [0, 156.4, -93.5], pitch: 80 },
    spine: { flexion: [3, 0, -6] },
    neck: { flexion: 4 },
    head: { flexion: 2 },
    legs: bothLegs({ foot: [11, 11.7, -73], yaw: 6, kneeToward: [0.05, 0.1, 1] }),
    arms: bothArms({
      reach: [17, 176, 92],
      elbowToward: [0.9, -0.5, 0],
      direction: [0, 1, 0.05],
      palm: [0, 0, 1],
      hand: 'open',
    }),
    around: [FLOOR, wallAt(97)],
  },
  BODY_WALL_UPRIGHT: {
    root: { place: [0, 154, -26.6], pitch: 13 },
    spine: { flexion: [1, 1, 1] },
    neck: { flexion: -8 },
    legs: PRESS_FEET,
    arms: PRESS_HANDS,
    around: [FLOOR, wallAt(119.5)],
  },
  BODY_WALL_LOWERED: {
    root: { place: [0, 145.4, -2], pitch: 23 },
    spine: { flexion: [1, 0, -1] },
    neck: { flexion: -16 },
    girdle: bothGirdles({ forward: -8 }),
    legs: PRESS_FEET,
    arms: PRESS_HANDS,
    around: [FLOOR, wallAt(119.5)],
  },
  BODY_ALL_FOURS: onKnees(0, 69, {}, LONG_BACK),
  BODY_ALL_FOURS_FORWARD: onKnees(
    19,
    71.5,
    {},
    { spine: { flexion: [4, 2, 0] }, neck: { flexion: -18 }, head: { flexion: -6 } },
  ),
  BODY_ALL_FOURS_BACK: onKnees(-60, 70, { elbowToward: [0.9, 0.5, -0.2] }, FOLDED_BACK),
  BODY_ALL_FOURS_ROUND: onKnees(
    -3,
    18,
    {},
    {
      spine: { flexion: [28, 30, 24] },
      girdle: bothGirdles({ forward: 8 }),
      neck: { flexion: 20 },
      head: { flexion: 10 },
    },
  ),
  BODY_ALL_FOURS_ARCHED: onKnees(
    2,
    91,
    {},
    { spine: { flexion: [-12, -8, -4] }, neck: { flexion: -26 }, head: { flexion: -16 } },
  ),
  BODY_ALL_FOURS_TURNED: onKnees(0, 68, TURNED, LONG_BACK),
  BODY_ALL_FOURS_TURNED_BACK: onKnees(
    -40,
    66,
    { ...TURNED, elbowToward: [0.9, 0.3, -0.6] },
    FOLDED_BACK,
  ),
  BODY_ALL_FOURS_PEELED: onKnees(
    -62,
    66,
    {
      ...TURNED,
      reach: [19, 13, 58],
      direction: [0.05, -0.82, -0.57],
      palm: [0, -0.57, 0.82],
      elbowToward: [0.9, 0.5, -0.2],
      hand: 'lifted',
    },
    FOLDED_BACK,
  ),
  BODY_ALL_FOURS_TIPS: onKnees(
    0,
    68,
    {
      reach: [19, 20, 72],
      direction: [-0.03, -0.8, 0.6],
      palm: [0, -0.6, -0.8],
      hand: 'tips',
    },
    LONG_BACK,
  ),
  BODY_ALL_FOURS_OUT: onKnees(0, 69, { direction: [1, 0, 0.05], palm: [0, -1, 0] }, LONG_BACK),
  BODY_ALL_FOURS_OUT_LEFT: {
    ...onKnees(0, 69, { direction: [1, 0, 0.05], palm: [0, -1, 0] }, LONG_BACK),
    root: { place: [9, 82, 0], pitch: 69, roll: 4 },
  },
  BODY_ALL_FOURS_OUT_RIGHT: {
    ...onKnees(0, 69, { direction: [1, 0, 0.05], palm: [0, -1, 0] }, LONG_BACK),
    root: { place: [-9, 82, 0], pitch: 69, roll: -4 },
  },
  BODY_ALL_FOURS_PALMS_LIFTED: onKnees(
    0,
    65,
    {
      reach: [19, 13, 69],
      direction: [-0.03, -0.62, 0.78],
      palm: [0, -0.78, -0.62],
      hand: 'lifted',
    },
    LONG_BACK,
  ),
  BODY_ALL_FOURS_KNUCKLES: onKnees(0, 61.5, KNUCKLES, LONG_BACK),
  BODY_ALL_FOURS_KNUCKLES_LOW: onKnees(
    0,
    66,
    { ...KNUCKLES, reach: [19, 8, 76], direction: [0, -0.1, -1], palm: [0, 1, -0.1], hand: 'flat' },
    LONG_BACK,
  ),
  BODY_ALL_FOURS_BACKS_DOWN: onKnees(-8, 67, BACKS, LONG_BACK),
  BODY_ALL_FOURS_BACKS_DOWN_BACK: onKnees(
    -34,
    66,
    { ...BACKS, elbowToward: [0.9, 0.3, -0.6] },
    FOLDED_BACK,
  ),
  BODY_ALL_FOURS_BACKS_PEELED: onKnees(
    -52,
    66,
    {
      ...BACKS,
      reach: [19, 15, 60],
      direction: [0, -0.72, -0.69],
      palm: [0, 0.69, -0.72],
      elbowToward: [0.9, 0.5, -0.2],
      hand: 'flat',
    },
    FOLDED_BACK,
  ),
  BODY_KNEELING_REACH: onKnees(
    -66,
    74,
    {
      reach: [17, 7, 96],
      elbowToward: [0.9, 0.3, -0.2],
      direction: [0, -0.04, 1],
      palm: [0, -1, 0],
    },
    {
      spine: { flexion: [12, 10, 4] },
      girdle: bothGirdles({ forward: 8, up: 10 }),
      neck: { flexion: 4 },
      head: { flexion: 4 },
    },
  ),
}

/** Poses in which only one side of a paired place is at work, and which. */
export const WORKED_SIDE: Partial<Readonly<Record<BodyPoseName, (typeof SIDES)[number]>>> = {
  BODY_LEAN_LEFT: 'R',
  BODY_LEAN_RIGHT: 'L',
  BODY_HEAD_TILT_LEFT: 'R',
  BODY_HEAD_TILT_RIGHT: 'L',
  BODY_SEATED_ELBOW_BENT: 'R',
  BODY_SEATED_ELBOW_STRAIGHT: 'R',
  BODY_ALL_FOURS_OUT_LEFT: 'L',
  BODY_ALL_FOURS_OUT_RIGHT: 'R',
}
