import type { Pose } from '@/api/types'
import { BODY_POSES } from './body/poses'
import {
  CLASP_TURN,
  HAND_POSES,
  LEANING,
  fingerPattern,
  type BodyPoseName,
  type ClaspName,
  type HandPoseName,
  type PairPoseName,
} from './poses'
import type { HandPose } from './skeleton'

/**
 * A pose as it goes over the wire: the name of one, the angles of a hand, a pattern of bent fingers and
 * open gaps, or two of these for two hands.
 */
export type Keyframe = string

const ANGLES = 'angles '
const TWO = ' + '
const PATTERN = /^(bend|part)-/

export const isBody = (keyframe: Keyframe): keyframe is BodyPoseName => keyframe in BODY_POSES
export const isClasp = (keyframe: Keyframe): keyframe is ClaspName => keyframe.startsWith('CLASP_')
export const isPair = (keyframe: Keyframe): keyframe is PairPoseName =>
  keyframe in LEANING || keyframe in CLASP_TURN || isClasp(keyframe)
export const isTwoHands = (keyframe: Keyframe): boolean => keyframe.includes(TWO)
export const isHand = (keyframe: Keyframe): boolean =>
  isTwoHands(keyframe)
    ? keyframe.split(TWO).every(isHand)
    : keyframe in HAND_POSES || isAngles(keyframe) || PATTERN.test(keyframe)
export const isAngles = (keyframe: Keyframe): boolean => keyframe.startsWith(ANGLES)
export const isNamed = (keyframe: Keyframe): keyframe is Pose =>
  keyframe in HAND_POSES || isPair(keyframe) || isBody(keyframe)

/** What one of the hands does: the first one that is named is the right one. */
export function ofHand(keyframe: Keyframe, left: boolean): Keyframe {
  const [one, other] = keyframe.split(TWO)
  return (left ? other : one) ?? keyframe
}

const FINGERS = ['index', 'middle', 'ring', 'little']

function fromPattern(keyframe: Keyframe): HandPose {
  const words = keyframe.split(/\s+/)
  const named = (kind: string) =>
    words.filter((word) => word.startsWith(kind)).map((word) => word.slice(kind.length))
  return fingerPattern(
    named('bend-').flatMap((word) => word.split('-').map((finger) => FINGERS.indexOf(finger))),
    named('part-'),
  )
}

/** The joint angles of a keyframe of one hand; the flat hand if it is none. */
export function handPose(keyframe: Keyframe): HandPose {
  if (keyframe in HAND_POSES) return HAND_POSES[keyframe as HandPoseName]
  if (PATTERN.test(keyframe)) return fromPattern(keyframe)
  return fromText(keyframe) ?? HAND_POSES.FLAT
}

function fromText(keyframe: Keyframe): HandPose | null {
  if (!isAngles(keyframe)) return null
  const groups = keyframe
    .slice(ANGLES.length)
    .trim()
    .split(/\s+/)
    .map((group) => group.split(',').map(Number))
  const finger = (i: number) => {
    const [spread = 0, knuckle = 0, middle = 0, end = 0] = groups[i] ?? []
    return { spread, knuckle, middle, end }
  }
  const [radial = 0, opposition = 0, knuckle = 0, end = 0, plane = 28] = groups[4] ?? []
  const [flexion = 0, deviation = 0] = groups[5] ?? []
  return {
    fingers: [finger(0), finger(1), finger(2), finger(3)],
    thumb: { radial, opposition, knuckle, end, plane },
    wrist: { flexion, deviation, turn: 0 },
  }
}

/** The text of the angles of a hand, in whole degrees. */
export function keyframeOf(pose: HandPose): Keyframe {
  const join = (...values: number[]) => values.map((v) => Math.round(v)).join(',')
  const { thumb: t, wrist } = pose
  return (
    ANGLES +
    [
      ...pose.fingers.map((f) => join(f.spread, f.knuckle, f.middle, f.end)),
      join(t.radial, t.opposition, t.knuckle, t.end, t.plane),
      join(wrist.flexion, wrist.deviation),
    ].join(' ')
  )
}
