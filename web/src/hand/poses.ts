import type { Pose } from '@/api/types'
import type { FingerPose, HandPose, ThumbPose } from './skeleton'

type Angles = readonly [knuckle: number, middle: number, end: number]
type Four<T> = readonly [T, T, T, T]

type Top = 'LEFT' | 'RIGHT'
/** A clasp: which pairs of twin fingers are crossed, and whose finger lies on top. */
export type ClaspName =
  | `CLASP_LITTLE_${Top}`
  | 'CLASP_LITTLE_LEFT_TIPS'
  | `CLASP_LITTLE_${Top}_MIDDLE_${Top}`
  | `CLASP_RING_${Top}`
  | `CLASP_INDEX_${Top}`
  | `CLASP_INDEX_${Top}_RING_${Top}`
  | `CLASP_MIDDLE_${Top}`
  | 'CLASP_BOOK_OPEN'

export type PairPoseName =
  | 'PALMS_TOGETHER'
  | 'PALMS_LOWERED'
  | 'PALMS_PUSHED_LEFT'
  | 'PALMS_PUSHED_RIGHT'
  | 'FINGERTIPS_TOGETHER'
  | 'FINGERTIPS_SPREAD'
  | 'FINGERS_PARTED'
  | 'INTERLACED'
  | 'INTERLACED_RAISED'
  | 'INTERLACED_TURNED_LEFT'
  | 'INTERLACED_TURNED_RIGHT'
  | ClaspName
export type BodyPoseName = Extract<Pose, `BODY_${string}`>
export type HandPoseName = Exclude<Pose, PairPoseName | BodyPoseName>

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
    wrist: { flexion, deviation, turn: 0 },
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

const each = (angles: (finger: number) => Angles): Four<Angles> => [
  angles(0),
  angles(1),
  angles(2),
  angles(3),
]

const THUMB_DIGIT = 4

function lifted(...targets: readonly number[]): HandPose {
  const heights = [-34, -30, -22, -34]
  return pose(
    each((i) => [targets.includes(i) ? (heights[i] ?? 0) : 0, 0, 0]),
    NONE,
    targets.includes(THUMB_DIGIT) ? thumb(48, -30, -4, -8) : thumb(36, 0, 5, 5),
  )
}

/** Fingers drawn back by the other hand or an edge; the others stay. */
const back = (...targets: readonly number[]): HandPose =>
  pose(
    each((i) => (targets.includes(i) ? [-42, 2, 0] : [6, 6, 2])),
    CLOSED,
    thumb(30, 4, 5, 5),
  )

/** Fingers straight out of a soft fist; the thumb too, where it is named. */
const out = (...targets: readonly number[]): HandPose =>
  pose(
    each((i) => (targets.includes(i) ? [2, 2, 0] : [78, 96, 58])),
    [2, 0, 2, 4],
    targets.includes(THUMB_DIGIT) ? thumb(62, 0, 0, -6) : thumb(46, 44, 40, 34, 62),
  )

/** One finger on its way round at the knuckle: aside by degrees toward the thumb, bent by degrees. */
function round(target: number, towardThumb: number, bend: number): HandPose {
  const spread = OPEN.map((s, i) =>
    i === target ? (i < 2 ? towardThumb : -towardThumb) : s,
  ) as unknown as Four<number>
  return pose(
    each((i) => [i === target ? bend : 0, 0, 0]),
    spread,
    RESTING_THUMB,
  )
}
const TOWARD = 15
const BOW = 34

const gap = (spread: Four<number>, t = thumb(40, 8, 5, 5)) => pose(all(STRAIGHT), spread, t)

const closed = pose(all(STRAIGHT), CLOSED, thumb(22, 8, 0, 0))
const withWrist = (hand: HandPose, flexion: number, deviation = 0, turn = 0): HandPose => ({
  ...hand,
  wrist: { flexion, deviation, turn },
})
const bentWrist = (flexion: number, deviation: number): HandPose =>
  withWrist(closed, flexion, deviation)

/** A pair of digits opened that are no neighbours: what lies between them bends out of the way. */
function opened(spread: Four<number>, t: ThumbPose, ...between: readonly number[]): HandPose {
  return pose(
    each((i) => (between.includes(i) ? [52, 62, 30] : STRAIGHT)),
    spread,
    t,
  )
}

const WIDE_THUMB = thumb(62, 0, 0, -5)
const looseFist = pose(LOOSE_FIST, NONE, LOOSE_FIST_THUMB)
const thumbInFist = pose(
  [
    [74, 94, 58],
    [78, 98, 60],
    [80, 98, 60],
    [82, 96, 58],
  ],
  NONE,
  thumb(24, 62, 44, 50, 40),
)
const pointing = pose(
  each((i) => (i < 2 ? [4, 4, 2] : [76, 94, 56])),
  [-2, 0, 0, 0],
  thumb(44, 46, 40, 34, 62),
)
const grip = pose(
  [
    [66, 84, 46],
    [70, 88, 48],
    [74, 88, 48],
    [76, 86, 46],
  ],
  NONE,
  thumb(50, 52, 34, 40, 64),
)
const GAPS: Readonly<Record<string, Four<number>>> = {
  'index-middle': [17, 0, 0, 0],
  'middle-ring': [7, 7, 10, 9],
  'ring-little': [0, 0, 0, 25],
}

/** Some fingers bent and some gaps open. */
export function fingerPattern(bent: readonly number[], open: readonly string[]): HandPose {
  const parts = open.map((gap) => GAPS[gap] ?? NONE)
  const spread = CLOSED.map(
    (s, i) => s + parts.reduce((sum, part) => sum + (part[i] ?? 0), 0),
  ) as unknown as Four<number>
  return pose(
    each((i) => (bent.includes(i) ? [74, 100, 60] : [2, 4, 2])),
    spread,
    RESTING_THUMB,
  )
}

const spreadHand = pose(all([-5, 0, 0]), [14, 0, 14, 26], thumb(58, 0, 0, -5))
const flat = pose(all(STRAIGHT), OPEN, RESTING_THUMB)

/** Two neighbours leaning against each other, tip to tip. */
function tipsTogether(nearer: 0 | 1 | 2): HandPose {
  const lean: Readonly<Record<0 | 1 | 2, Four<number>>> = {
    0: [-9, 5, 6, 10],
    1: [6, -6, -8, 10],
    2: [4, 0, 8, -19],
  }
  return pose(
    each((i) => (i === nearer || i === nearer + 1 ? [14, 14, 6] : STRAIGHT)),
    lean[nearer],
    RESTING_THUMB,
  )
}

/** The bow hold with the little finger at work. */
const stick = (little: Angles): HandPose =>
  pose([[30, 26, 12], [34, 30, 14], [36, 30, 14], little], [3, 0, 3, 6], thumb(46, 50, 10, 12, 60))

/** Thumb, index and middle finger round a pen, bent further by degrees. */
const penHold = (further: number): HandPose =>
  pose(
    [
      [52 + further / 2, 42 + further, 18],
      [58 + further / 2, 50 + further, 22],
      [66, 78, 40],
      [70, 80, 40],
    ],
    NONE,
    thumb(44, 58, 14 + further / 2, 12 + further, 60),
  )

/** Joint angles of every named pose of one hand (drawing only, from memory). */
export const HAND_POSES: Readonly<Record<HandPoseName, HandPose>> = {
  FLAT: flat,
  CLOSED: closed,
  SPREAD: spreadHand,
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
  CURL_INDEX_MIDDLE: curled(0, 1),
  CURL_INDEX_RING: curled(0, 2),
  CURL_INDEX_LITTLE: curled(0, 3),
  CURL_MIDDLE_RING: curled(1, 2),
  CURL_MIDDLE_LITTLE: curled(1, 3),
  CURL_RING_LITTLE: curled(2, 3),
  CURL_INDEX_MIDDLE_RING: curled(0, 1, 2),
  CURL_INDEX_MIDDLE_LITTLE: curled(0, 1, 3),
  CURL_INDEX_RING_LITTLE: curled(0, 2, 3),
  CURL_MIDDLE_RING_LITTLE: curled(1, 2, 3),
  LIFT_INDEX: lifted(0),
  LIFT_MIDDLE: lifted(1),
  LIFT_RING: lifted(2),
  LIFT_LITTLE: lifted(3),
  BACK_INDEX: back(0),
  BACK_MIDDLE: back(1),
  BACK_RING: back(2),
  BACK_LITTLE: back(3),
  BACK_INDEX_MIDDLE: back(0, 1),
  BACK_INDEX_MIDDLE_RING: back(0, 1, 2),
  BACK_INDEX_MIDDLE_RING_LITTLE: back(0, 1, 2, 3),
  OUT_INDEX: out(0),
  OUT_LITTLE: out(3),
  OUT_INDEX_MIDDLE: out(0, 1),
  OUT_RING_LITTLE: out(2, 3),
  OUT_INDEX_MIDDLE_RING: out(0, 1, 2),
  OUT_MIDDLE_RING_LITTLE: out(1, 2, 3),
  GAP_THUMB_MIDDLE: opened(CLOSED, WIDE_THUMB, 0),
  GAP_THUMB_RING: opened([0, 0, 10, -2], WIDE_THUMB, 0, 1),
  GAP_THUMB_LITTLE: opened([2, 0, 6, 24], WIDE_THUMB, 0, 1, 2),
  GAP_INDEX_RING: opened([15, 0, 13, 0], thumb(34, 8, 5, 5), 1),
  GAP_INDEX_LITTLE: opened([15, 0, 6, 24], thumb(34, 8, 5, 5), 1, 2),
  GAP_MIDDLE_LITTLE: opened([-2, 6, 4, 24], thumb(34, 8, 5, 5), 2),
  GAP_THUMB_INDEX: gap(CLOSED, thumb(60, 0, 0, -5)),
  GAP_INDEX_MIDDLE: gap([15, 0, -3, -6]),
  GAP_MIDDLE_RING: gap([3, 7, 7, 3]),
  GAP_RING_LITTLE: gap([-2, 2, -5, 19]),
  CROSSED_OUTWARD: pose(
    [
      [2, 4, 2],
      [14, 10, 4],
      [14, 10, 4],
      [2, 4, 2],
    ],
    [-13, 17, 18, -14],
    thumb(36, 8, 5, 5),
  ),
  CROSSED_MIDDLE_OVER_RING: pose(
    [
      [0, 2, 0],
      [15, 10, 4],
      [2, 4, 2],
      [0, 2, 0],
    ],
    [2, -17, -13, 6],
    thumb(36, 8, 5, 5),
  ),
  END_JOINTS_BENT: pose(all([0, 34, 60]), REST, thumb(36, 8, 5, 10)),
  ROUND: pose(all([40, 50, 26]), [3, 0, 3, 6], thumb(46, 44, 18, 20, 55)),
  WRIST_EXTENDED: bentWrist(-65, 0),
  WRIST_EXTENDED_SPREAD: withWrist(spreadHand, -65),
  WRIST_FLEXED: bentWrist(70, 0),
  WRIST_RADIAL: bentWrist(0, 20),
  WRIST_ULNAR: bentWrist(0, -30),
  LOOSE_FIST: looseFist,
  LOOSE_FIST_EXTENDED: withWrist(looseFist, -48),
  LOOSE_FIST_FLEXED: withWrist(looseFist, 48),
  THUMB_IN_FIST: thumbInFist,
  THUMB_IN_FIST_EXTENDED: withWrist(thumbInFist, -45),
  THUMB_IN_FIST_FLEXED: withWrist(thumbInFist, 45),
  THUMB_IN_FIST_RADIAL: withWrist(thumbInFist, 0, 20),
  THUMB_IN_FIST_ULNAR: withWrist(thumbInFist, 0, -32),
  POINTING: pointing,
  POINTING_EXTENDED: withWrist(pointing, -42),
  POINTING_FLEXED: withWrist(pointing, 42),
  GRIP: grip,
  GRIP_EXTENDED: withWrist(grip, -45),
  GRIP_FLEXED: withWrist(grip, 48),
  GRIP_ROLLED_IN: withWrist(grip, 0, 0, -50),
  GRIP_ROLLED_OUT: withWrist(grip, 0, 0, 50),
  TURNED_IN: withWrist(flat, 0, 0, -38),
  TURNED_OUT: withWrist(flat, 0, 0, 38),
  STICK_BENT: pose(
    [
      [46, 62, 34],
      [50, 66, 36],
      [52, 64, 34],
      [48, 58, 26],
    ],
    [2, 0, 2, 4],
    thumb(48, 56, 30, 40, 60),
  ),
  STICK_STRAIGHT: pose(
    [
      [30, 26, 12],
      [34, 30, 14],
      [36, 30, 14],
      [30, 22, 8],
    ],
    [3, 0, 3, 6],
    thumb(46, 50, 10, 12, 60),
  ),
  THUMB_BACK: { ...withWrist(closed, 34), thumb: thumb(60, 66, 24, 12, 40) },
  LIFT_THUMB: lifted(THUMB_DIGIT),
  LIFT_INDEX_MIDDLE: lifted(0, 1),
  LIFT_MIDDLE_RING: lifted(1, 2),
  LIFT_RING_LITTLE: lifted(2, 3),
  LIFT_INDEX_MIDDLE_RING: lifted(0, 1, 2),
  LIFT_MIDDLE_RING_LITTLE: lifted(1, 2, 3),
  LIFT_INDEX_RING: lifted(0, 2),
  LIFT_MIDDLE_LITTLE: lifted(1, 3),
  BACK_THUMB: { ...closed, thumb: thumb(66, -34, 0, -12) },
  BACK_MIDDLE_RING: back(1, 2),
  BACK_RING_LITTLE: back(2, 3),
  BACK_MIDDLE_RING_LITTLE: back(1, 2, 3),
  OUT_MIDDLE: out(1),
  OUT_RING: out(2),
  OUT_MIDDLE_RING: out(1, 2),
  OUT_INDEX_RING: out(0, 2),
  OUT_MIDDLE_LITTLE: out(1, 3),
  OUT_INDEX_LITTLE: out(0, 3),
  OUT_INDEX_MIDDLE_LITTLE: out(0, 1, 3),
  OUT_INDEX_RING_LITTLE: out(0, 2, 3),
  OUT_THUMB: out(THUMB_DIGIT),
  OUT_THUMB_INDEX: out(THUMB_DIGIT, 0),
  OUT_THUMB_INDEX_MIDDLE: out(THUMB_DIGIT, 0, 1),
  OUT_THUMB_INDEX_MIDDLE_RING: out(THUMB_DIGIT, 0, 1, 2),
  GAP_THUMB_INDEX_MIDDLE_RING_LITTLE: spreadHand,
  TIPS_THUMB_INDEX: opposed(0, [65, 55, 28], thumb(41, 59, 19, 11, 63)),
  TIPS_INDEX_MIDDLE: tipsTogether(0),
  TIPS_MIDDLE_RING: tipsTogether(1),
  TIPS_RING_LITTLE: tipsTogether(2),
  TOWARD_INDEX: round(0, TOWARD, 0),
  TOWARD_MIDDLE: round(1, TOWARD, 0),
  TOWARD_RING: round(2, TOWARD, 0),
  TOWARD_LITTLE: round(3, TOWARD, 0),
  BOWED_INDEX: round(0, 0, BOW),
  BOWED_MIDDLE: round(1, 0, BOW),
  BOWED_RING: round(2, 0, BOW),
  BOWED_LITTLE: round(3, 0, BOW),
  AWAY_INDEX: round(0, -TOWARD, 0),
  AWAY_MIDDLE: round(1, -TOWARD, 0),
  AWAY_RING: round(2, -TOWARD, 0),
  AWAY_LITTLE: round(3, -TOWARD, 0),
  LOOSE_FIST_RADIAL: withWrist(looseFist, 0, 22),
  LOOSE_FIST_ULNAR: withWrist(looseFist, 0, -32),
  POINTING_RADIAL: withWrist(pointing, 0, 22),
  POINTING_ULNAR: withWrist(pointing, 0, -30),
  CLAW_WIDE: pose(all([0, 40, 62]), [14, 0, 14, 26], thumb(56, 4, 0, 10)),
  TABLETOP_WIDE: pose(all([84, 2, 0]), [12, 0, 12, 22], thumb(56, 4, 0, 0)),
  FLICK_GATHERED: pose(
    [
      [58, 84, 50],
      [60, 88, 52],
      [62, 88, 52],
      [64, 84, 50],
    ],
    NONE,
    thumb(44, 70, 34, 24, 58),
  ),
  FLICKED: pose(all([-14, 6, 2]), [8, 0, 8, 16], thumb(56, 10, 4, 0)),
  GRIP_OPENED: pose(
    [
      [18, 40, 34],
      [20, 42, 34],
      [22, 42, 34],
      [24, 40, 32],
    ],
    NONE,
    thumb(46, 20, 10, 12),
  ),
  THUMB_DRAWN_BACK: { ...closed, thumb: thumb(80, -34, -6, -12) },
  STICK_LEVER_DOWN: stick([60, 66, 32]),
  STICK_LEVER_UP: stick([14, 14, 4]),
  STICK_LYING_BENT: pose(
    [
      [46, 62, 34],
      [50, 66, 36],
      [52, 64, 34],
      [48, 58, 26],
    ],
    [2, 0, 2, 4],
    thumb(48, 56, 30, 40, 60),
  ),
  STICK_LYING_STRAIGHT: pose(
    [
      [30, 26, 12],
      [34, 30, 14],
      [36, 30, 14],
      [30, 22, 8],
    ],
    [3, 0, 3, 6],
    thumb(46, 50, 10, 12, 60),
  ),
  PEN_HOLD: penHold(0),
  PEN_HOLD_BENT: penHold(14),
  TRIGGER_IN: pose(all([44, 52, 28]), [3, 0, 3, 6], thumb(46, 44, 18, 20, 55)),
  TRIGGER_OUT: pose(
    each((i) => (i === 0 ? [8, 22, 10] : [44, 52, 28])),
    [3, 0, 3, 6],
    thumb(46, 44, 18, 20, 55),
  ),
  THUMB_OUT: { ...closed, thumb: thumb(62, 0, 0, -10) },
  KEYS_CURVED: pose(all([34, 42, 24]), [3, 0, 3, 5], thumb(40, 18, 10, 14)),
  KEYS_CURVED_WIDE: pose(all([26, 32, 18]), [14, 0, 12, 24], thumb(46, 18, 8, 10)),
}

type LeaningName = Exclude<PairPoseName, `INTERLACED${string}` | ClaspName>

/**
 * Poses of a hand that leans against the other one; `turn` is how far the side view is turned,
 * `tilt` how far both lean over together, toward the right.
 */
export const LEANING: Readonly<
  Record<LeaningName, { pose: HandPose; turn: number; tilt: number; palms: boolean }>
> = (() => {
  const palms = (flexion: number) => pose(all(STRAIGHT), CLOSED, thumb(26, -14, 0, 0), flexion)
  const tips = (index: Angles, others: Angles, spread: Four<number>, flexion: number) =>
    pose([index, others, others, others], spread, thumb(36, 26, 0, -8), flexion)
  const arch: Angles = [14, 24, -8]
  return {
    PALMS_TOGETHER: { pose: palms(-62), turn: 62, tilt: 0, palms: true },
    PALMS_LOWERED: { pose: palms(-78), turn: 78, tilt: 0, palms: true },
    PALMS_PUSHED_LEFT: { pose: palms(-62), turn: 62, tilt: -20, palms: true },
    PALMS_PUSHED_RIGHT: { pose: palms(-62), turn: 62, tilt: 20, palms: true },
    FINGERTIPS_TOGETHER: {
      pose: tips(arch, arch, [4, 0, 4, 6], -34),
      turn: 42,
      tilt: 0,
      palms: false,
    },
    FINGERTIPS_SPREAD: {
      pose: tips([2, 14, -8], [2, 14, -8], [14, 0, 14, 24], -46),
      turn: 54,
      tilt: 0,
      palms: false,
    },
    FINGERS_PARTED: {
      pose: tips([-26, 8, 0], arch, [4, 0, 4, 6], -34),
      turn: 42,
      tilt: 0,
      palms: false,
    },
  }
})()

/** How far a clasp is turned in the picture, in degrees. */
export const CLASP_TURN: Readonly<Record<Extract<PairPoseName, `INTERLACED${string}`>, number>> = {
  INTERLACED: 0,
  INTERLACED_RAISED: 0,
  INTERLACED_TURNED_LEFT: -24,
  INTERLACED_TURNED_RIGHT: 24,
}

const INTERLACED_SPREAD: Four<number> = [9, 0, 9, 15]

/** The two hands of the interlaced grip: the nearer one seen from its back, the other from its palm. */
export const INTERLACED = {
  near: pose(all([20, 95, 40]), INTERLACED_SPREAD, thumb(30, 6, 8, 12)),
  nearRaised: pose(
    each((i) => (i === 0 ? [-6, 8, 2] : [20, 95, 40])),
    INTERLACED_SPREAD,
    thumb(30, 6, 8, 12),
  ),
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
