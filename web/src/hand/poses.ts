import type { Pose } from '@/api/types'
import type { FingerPose, HandPose, ThumbPose } from './skeleton'

type Angles = readonly [knuckle: number, middle: number, end: number]
type Four<T> = readonly [T, T, T, T]

export type HandPoseName = Exclude<Pose, PairPoseName | BodyPoseName>
export type PairPoseName = 'PALMS_TOGETHER' | 'PALMS_LOWERED' | 'FINGERTIPS_TOGETHER' | 'INTERLACED'
export type BodyPoseName = Extract<Pose, `BODY_${string}`>

const thumb = (
  radial: number,
  opposition: number,
  knuckle: number,
  end: number,
  plane = 28,
): ThumbPose => ({
  radial,
  opposition,
  knuckle,
  end,
  plane,
})

const finger = ([knuckle, middle, end]: Angles, spread: number): FingerPose => ({
  spread,
  knuckle,
  middle,
  end,
})

function pose(
  angles: Four<Angles>,
  spread: Four<number>,
  t: ThumbPose,
  flexion = 0,
  deviation = 0,
): HandPose {
  return {
    fingers: [
      finger(angles[0], spread[0]),
      finger(angles[1], spread[1]),
      finger(angles[2], spread[2]),
      finger(angles[3], spread[3]),
    ],
    thumb: t,
    wrist: { flexion, deviation },
  }
}

const all = (a: Angles): Four<Angles> => [a, a, a, a]
const STRAIGHT: Angles = [0, 0, 0]
const OPEN: Four<number> = [3, 0, 3, 4]
const CLOSED: Four<number> = [-4, 0, -3, -6]
const REST: Four<number> = [1, 0, 1, 2]
const NONE: Four<number> = [0, 0, 0, 0]
const RESTING_THUMB = thumb(42, 10, 5, 5)
const LOOSE_FIST: Four<Angles> = [
  [62, 78, 44],
  [66, 82, 46],
  [69, 82, 46],
  [72, 80, 44],
]
const LOOSE_FIST_THUMB = thumb(46, 40, 36, 30, 60)

/** Opposition: which finger, its angles, and the thumb's. */
function opposed(target: number, angles: Angles, t: ThumbPose): HandPose {
  const at = (i: number): Angles =>
    i === target ? angles : Math.abs(i - target) === 1 ? [16, 18, 6] : [8, 10, 6]
  return pose([at(0), at(1), at(2), at(3)], [2, 0, 2, 4], t)
}

/** Curls; ring and little finger pull each other along. */
function curled(...targets: readonly number[]): HandPose {
  const at = (i: number): Angles => {
    if (targets.includes(i)) return [72, 100, 60]
    if (i === 2 && targets.includes(3)) return [22, 18, 4]
    if (i === 3 && targets.includes(2)) return [24, 20, 4]
    return targets.some((t) => Math.abs(t - i) === 1) ? [8, 4, 2] : [2, 4, 2]
  }
  return pose([at(0), at(1), at(2), at(3)], OPEN, RESTING_THUMB)
}

function lifted(target: number): HandPose {
  const height = [-34, -30, -22, -34][target] ?? 0
  const at = (i: number): Angles => [i === target ? height : 0, 0, 0]
  return pose([at(0), at(1), at(2), at(3)], NONE, thumb(36, 0, 5, 5))
}

const gap = (spread: Four<number>, t = thumb(40, 8, 5, 5)) => pose(all(STRAIGHT), spread, t)

const closed = pose(all(STRAIGHT), CLOSED, thumb(22, 8, 0, 0))
const bentWrist = (flexion: number, deviation: number): HandPose => ({
  ...closed,
  wrist: { flexion, deviation },
})

/** Joint angles of every named pose of one hand (drawing only, from memory). */
export const HAND_POSES: Readonly<Record<HandPoseName, HandPose>> = {
  FLAT: pose(all(STRAIGHT), OPEN, RESTING_THUMB),
  CLOSED: closed,
  SPREAD: pose(all([-5, 0, 0]), [14, 0, 14, 26], thumb(58, 0, 0, -5)),
  RELAXED: pose(
    [
      [18, 28, 12],
      [22, 32, 15],
      [25, 34, 16],
      [28, 34, 16],
    ],
    REST,
    thumb(34, 22, 12, 15),
  ),
  FIST: pose(
    [
      [80, 102, 70],
      [85, 104, 72],
      [88, 104, 72],
      [90, 102, 70],
    ],
    NONE,
    thumb(50, 48, 49, 46, 66),
  ),
  STRAIGHT_FIST: pose(all([88, 100, 0]), NONE, thumb(34, 14, 10, 10)),
  HOOK: pose(all([0, 100, 65]), REST, thumb(36, 8, 5, 5)),
  TABLETOP: pose(all([88, 0, 0]), NONE, thumb(34, 10, 5, 5)),
  CLAW: pose(all([-15, 65, 45]), [6, 0, 6, 10], thumb(52, 10, 5, 35)),
  THUMB_TO_INDEX: opposed(0, [65, 55, 28], thumb(41, 59, 19, 11, 63)),
  THUMB_TO_MIDDLE: opposed(1, [59, 68, 34], thumb(47, 79, 16, 14, 50)),
  THUMB_TO_RING: opposed(2, [57, 63, 32], thumb(49, 91, 20, 8, 52)),
  THUMB_TO_LITTLE: opposed(3, [56, 46, 23], thumb(47, 110, 10, 8, 58)),
  CURL_INDEX: curled(0),
  CURL_MIDDLE: curled(1),
  CURL_RING: curled(2),
  CURL_LITTLE: curled(3),
  CURL_INDEX_AND_MIDDLE: curled(0, 1),
  LIFT_INDEX: lifted(0),
  LIFT_MIDDLE: lifted(1),
  LIFT_RING: lifted(2),
  LIFT_LITTLE: lifted(3),
  GAP_THUMB_INDEX: gap(CLOSED, thumb(60, 0, 0, -5)),
  GAP_INDEX_MIDDLE: gap([15, 0, -3, -6]),
  GAP_MIDDLE_RING: gap([3, 7, 7, 3]),
  GAP_RING_LITTLE: gap([-2, 2, -5, 19]),
  WRIST_EXTENDED: bentWrist(-65, 0),
  WRIST_FLEXED: bentWrist(70, 0),
  WRIST_RADIAL: bentWrist(0, 20),
  WRIST_ULNAR: bentWrist(0, -30),
  LOOSE_FIST: pose(LOOSE_FIST, NONE, LOOSE_FIST_THUMB),
  LOOSE_FIST_EXTENDED: pose(LOOSE_FIST, NONE, LOOSE_FIST_THUMB, -48),
  LOOSE_FIST_FLEXED: pose(LOOSE_FIST, NONE, LOOSE_FIST_THUMB, 48),
}

/** Poses of a hand that leans against the other one; `turn` is how far the side view is turned. */
export const LEANING: Readonly<
  Record<
    'PALMS_TOGETHER' | 'PALMS_LOWERED' | 'FINGERTIPS_TOGETHER',
    { pose: HandPose; turn: number }
  >
> = {
  PALMS_TOGETHER: {
    pose: pose(all(STRAIGHT), CLOSED, thumb(26, -14, 0, 0), -62),
    turn: 62,
  },
  PALMS_LOWERED: {
    pose: pose(all(STRAIGHT), CLOSED, thumb(26, -14, 0, 0), -78),
    turn: 78,
  },
  FINGERTIPS_TOGETHER: {
    pose: pose(all([14, 24, -8]), [4, 0, 4, 6], thumb(36, 26, 0, -8), -34),
    turn: 42,
  },
}

const INTERLACED_SPREAD: Four<number> = [9, 0, 9, 15]

/** The two hands of the interlaced grip: the nearer one seen from its back, the other from its palm. */
export const INTERLACED = {
  near: pose(all([20, 95, 40]), INTERLACED_SPREAD, thumb(30, 6, 8, 12)),
  far: pose(
    [
      [30, 104, 28],
      [32, 104, 28],
      [34, 104, 28],
      [34, 104, 28],
    ],
    INTERLACED_SPREAD,
    thumb(34, 6, 8, 12),
  ),
}
