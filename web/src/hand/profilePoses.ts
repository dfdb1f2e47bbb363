import type { ProfilePose } from './profileBody'
import { degrees, type Point } from './vector'

const TRUNK = 94
const HEAD = 44
const UPPER_ARM = 54
const FOREARM = 54
const THIGH = 72
const SHIN = 72
const FLOOR = 132
const FOOT = 24

/** From a point along a direction: 0 is up, 90 to the right. */
const away = (from: Point, angle: number, length: number): Point => [
  from[0] + Math.sin(angle * degrees) * length,
  from[1] - Math.cos(angle * degrees) * length,
]

/** Where a limb of two bones bends between its ends; the bend lies to the side of the sign. */
function bend(from: Point, to: Point, upper: number, lower: number, side: 1 | -1): Point {
  const dx = to[0] - from[0]
  const dy = to[1] - from[1]
  const d = Math.min(Math.hypot(dx, dy), upper + lower - 0.1)
  const a = (upper * upper - lower * lower + d * d) / (2 * d)
  const h = Math.sqrt(Math.max(0, upper * upper - a * a)) * side
  const ux = dx / Math.hypot(dx, dy)
  const uy = dy / Math.hypot(dx, dy)
  return [from[0] + ux * a - uy * h, from[1] + uy * a + ux * h]
}

interface Arms {
  readonly upper: number
  readonly fore: number
  readonly hand?: number
}

const floor = 'M-150 143H150'
const seat = 'M-34 78H30M-28 78V143M24 78V143'

/** Sitting: thighs level, feet down. */
function seated(
  changes: {
    trunk?: number
    round?: number
    head?: number
    headOut?: number
    nod?: number
    arms?: Arms
    place?: readonly string[]
  } = {},
): ProfilePose {
  const hip: Point = [-18, 58]
  const trunk = changes.trunk ?? 3
  const shoulder = away(hip, trunk, TRUNK)
  const headAt = away(shoulder, changes.head ?? 8, HEAD)
  const head: Point = [headAt[0] + (changes.headOut ?? 0), headAt[1]]
  const arms = changes.arms ?? { upper: 168, fore: 100, hand: 8 }
  const elbow = away(shoulder, arms.upper, UPPER_ARM)
  const hand = away(elbow, arms.fore, FOREARM)
  const knee: Point = [hip[0] + THIGH, 62]
  return {
    hip,
    shoulder,
    round: changes.round ?? 0,
    head,
    nod: changes.nod ?? 0,
    elbow,
    hand,
    handAngle: arms.hand ?? arms.fore - 90,
    knee,
    ankle: [knee[0] - 2, FLOOR],
    toe: [knee[0] - 2 + FOOT, FLOOR],
    place: [floor, seat, ...(changes.place ?? [])],
  }
}

/** Standing, feet under the hips unless they are set elsewhere. */
function standing(
  changes: {
    hip?: Point
    foot?: number
    trunk?: number
    round?: number
    head?: number
    nod?: number
    arms?: Arms
    hand?: Point
    handAngle?: number
    elbowSide?: 1 | -1
    place?: readonly string[]
  } = {},
): ProfilePose {
  const hip = changes.hip ?? [0, FLOOR - THIGH - SHIN + 1]
  const foot = changes.foot ?? hip[0]
  const shoulder = away(hip, changes.trunk ?? 1, TRUNK)
  const head = away(shoulder, changes.head ?? 6, HEAD)
  const arms = changes.arms ?? { upper: 176, fore: 168 }
  const reach = changes.hand
  const elbow = reach
    ? bend(shoulder, reach, UPPER_ARM, FOREARM, changes.elbowSide ?? 1)
    : away(shoulder, arms.upper, UPPER_ARM)
  const ankle: Point = [foot, FLOOR]
  return {
    hip,
    shoulder,
    round: changes.round ?? 0,
    head,
    nod: changes.nod ?? 0,
    elbow,
    hand: reach ?? away(elbow, arms.fore, FOREARM),
    handAngle: changes.handAngle ?? (reach ? 0 : (arms.hand ?? arms.fore - 90)),
    knee: bend(hip, ankle, THIGH, SHIN, -1),
    ankle,
    toe: [foot + FOOT, FLOOR],
    place: [floor, ...(changes.place ?? [])],
  }
}

const HANDS_ON_FLOOR: Point = [62, FLOOR]
/** Arms that carry are drawn a little shorter, or they would always look bent. */
const CARRYING = [48, 46] as const

/** On hands and knees; hands and knees stay where they are. */
function allFours(
  changes: {
    shift?: number
    drop?: number
    round?: number
    headTurn?: number
    nod?: number
    hand?: Point
    handAngle?: number
  } = {},
): ProfilePose {
  const shift = changes.shift ?? 0
  const knee: Point = [-44, FLOOR]
  const hip: Point = [-46 + shift, 56 + Math.abs(shift) * 0.16 + (changes.drop ?? 0)]
  const shoulder: Point = [hip[0] + TRUNK + 8, 40 + (changes.drop ?? 0) + Math.abs(shift) * 0.1]
  const hand = changes.hand ?? HANDS_ON_FLOOR
  return {
    hip,
    shoulder,
    round: changes.round ?? 2,
    head: away(shoulder, changes.headTurn ?? 78, HEAD),
    nod: changes.nod ?? 50,
    elbow: bend(shoulder, hand, CARRYING[0], CARRYING[1], 1),
    hand,
    handAngle: changes.handAngle ?? 0,
    knee,
    ankle: [knee[0] - SHIN + 4, FLOOR],
    toe: [knee[0] - SHIN - 14, FLOOR],
    place: [floor],
  }
}

const wallAt = (x: number) => `M${x} -190V143`

/** Every named pose of a body from the side (drawing only). */
export const PROFILE_POSES = {
  BODY_SEATED: seated(),
  BODY_SEATED_ROUND: seated({ trunk: -4, round: 15, head: 42, nod: 46 }),
  BODY_SEATED_ARCHED: seated({ trunk: 9, round: -9, head: -2, nod: -12 }),
  BODY_SEATED_HEAD_DOWN: seated({ head: 34, nod: 44 }),
  BODY_SEATED_CHIN_BACK: seated({ head: 0, headOut: -8, nod: 3 }),
  BODY_SEATED_REACH: seated({ round: 7, head: 18, nod: 12, arms: { upper: 92, fore: 90 } }),
  BODY_SEATED_ELBOW_BENT: seated({ arms: { upper: 160, fore: 24, hand: -66 } }),
  BODY_SEATED_ELBOW_STRAIGHT: seated({ arms: { upper: 128, fore: 118 } }),
  BODY_SEATED_TOWEL: seated({
    trunk: 10,
    arms: { upper: 164, fore: 104, hand: 28 },
    place: ['M80 62L74 138'],
  }),
  BODY_SEATED_TOWEL_CURLED: seated({
    trunk: 10,
    arms: { upper: 164, fore: 104, hand: -34 },
    place: ['M80 62L74 138'],
  }),
  BODY_SEATED_KEYS: seated({
    arms: { upper: 162, fore: 92, hand: 10 },
    place: ['M54 52H140V64H54Z'],
  }),
  BODY_STANDING: standing(),
  BODY_STANDING_HANGING: standing({
    trunk: 112,
    round: 15,
    head: 150,
    nod: 132,
    hip: [-34, -8],
    foot: -18,
    arms: { upper: 176, fore: 152, hand: 78 },
  }),
  BODY_STANDING_CLASPED_BEHIND: standing({
    trunk: 0,
    round: -6,
    head: 0,
    arms: { upper: 214, fore: 222, hand: 118 },
  }),
  BODY_STANDING_PALMS_BEHIND: standing({
    round: -5,
    head: 1,
    arms: { upper: 206, fore: 142, hand: 92 },
  }),
  BODY_STANDING_DOORWAY: standing({
    trunk: 3,
    round: -4,
    hip: [4, -8],
    hand: [52, -154],
    handAngle: -90,
    elbowSide: 1,
    place: [wallAt(62)],
  }),
  BODY_STANDING_WALL_BACK: standing({
    hip: [-80, -8],
    foot: -70,
    trunk: 86,
    round: -1,
    head: 100,
    nod: 78,
    hand: [118, 0],
    handAngle: -88,
    place: [wallAt(128)],
  }),
  BODY_WALL_UPRIGHT: standing({
    hip: [-42, -8],
    foot: -62,
    trunk: 9,
    hand: [80, -92],
    handAngle: -80,
    place: [wallAt(90)],
  }),
  BODY_WALL_LOWERED: standing({
    hip: [-16, -3],
    foot: -62,
    trunk: 24,
    head: 22,
    hand: [80, -92],
    handAngle: -80,
    place: [wallAt(90)],
  }),
  BODY_ALL_FOURS: allFours(),
  BODY_ALL_FOURS_ROUND: allFours({ round: 16, headTurn: 118, nod: 96 }),
  BODY_ALL_FOURS_ARCHED: allFours({ round: -9, headTurn: 52, nod: 14 }),
  BODY_ALL_FOURS_BACK: allFours({ shift: -34, drop: 8, handAngle: 180 }),
  BODY_ALL_FOURS_FORWARD: allFours({ shift: 20 }),
  BODY_ALL_FOURS_TIPS: allFours({ hand: [62, FLOOR - 15], handAngle: 72 }),
  BODY_ALL_FOURS_PALMS_LIFTED: allFours({ hand: [58, FLOOR - 9], handAngle: 30 }),
  BODY_ALL_FOURS_KNUCKLES: allFours({ hand: [62, FLOOR - 12], handAngle: 90 }),
  BODY_ALL_FOURS_BACKS_DOWN: allFours({ hand: [64, FLOOR - 2], handAngle: 178, shift: -4 }),
} satisfies Record<string, ProfilePose>
