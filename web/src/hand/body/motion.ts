import type { BodyPoseName } from '../poses'
import type { BodyPlace } from '@/api/types'
import type { BodyView } from '../figures'
import { bodyFrames, viewOf } from './figure'
import type { BodyFrames } from './skeleton'
import { HEAD, carried } from './trunk'
import type { Point, Vector } from '../vector'

/** What moves most between two poses, as it is seen: its way, in three points. */
export interface Way {
  readonly points: readonly [Point, Point, Point]
}

type Landmark = (frames: BodyFrames) => Vector

/** Points of the body that lead a movement; those of both sides together. */
const LANDMARKS: Readonly<Record<string, readonly Landmark[]>> = {
  hands: [(f) => f.arm.R.wrist, (f) => f.arm.L.wrist],
  elbows: [(f) => f.arm.R.elbow, (f) => f.arm.L.elbow],
  shoulders: [(f) => f.arm.R.shoulder, (f) => f.arm.L.shoulder],
  head: [(f) => carried(f.trunk.head, [HEAD[0], 278, HEAD[2] + 18])],
  chest: [(f) => carried(f.trunk.chest, [0, 226, 16])],
  hips: [(f) => f.trunk.pelvis.place],
}

/** What leads where these places are at work. */
const LEADS: Partial<Readonly<Record<BodyPlace, string>>> = {
  NECK: 'head',
  NECK_SIDES: 'head',
  SHOULDERS: 'shoulders',
  CHEST: 'chest',
  WAIST: 'chest',
  HIPS: 'hips',
  ELBOWS: 'hands',
  WRISTS: 'hands',
  HANDS: 'hands',
}

/** Less than this, in units, is no way of what works; what leads otherwise is shown then. */
const LEAST_OF_PLACE = 4
/** And it leads only if it goes at least this share of what goes furthest. */
const LEAST_SHARE = 0.25

/** A way shorter than this, in units, is none; hands lead only where they clearly go further. */
const SHORTEST = 7
const HANDS_LEAD = 1.4

/** The ways of what leads from one pose to another: one, or one on each side. */
export function leadingWays(
  from: BodyPoseName,
  to: BodyPoseName,
  view: BodyView,
  left: boolean,
  places: readonly BodyPlace[] = [],
): readonly Way[] {
  const see = viewOf(view, left)
  const frames = [0, 0.5, 1].map((t) => bodyFrames(from, to, t, left))
  const wayOf = (landmark: Landmark): Way => {
    const seen = frames.map((f): Point => {
      const p = see(landmark(f))
      return [p[0], -p[1]]
    })
    return { points: [seen[0] as Point, seen[1] as Point, seen[2] as Point] }
  }
  const length = ({ points: [a, , c] }: Way) => Math.hypot(c[0] - a[0], c[1] - a[1])
  const led = LANDMARKS[LEADS[places[0] ?? 'SPINE'] ?? '']?.map(wayOf) ?? []
  const groups = Object.entries(LANDMARKS).map(([name, marks]) => {
    const ways = marks.map(wayOf).filter((way) => length(way) >= SHORTEST)
    const longest = Math.max(0, ...ways.map(length))
    return { ways, score: name === 'hands' ? longest / HANDS_LEAD : longest }
  })
  const best = groups.reduce((a, b) => (b.score > a.score ? b : a))
  const ofPlace = Math.max(0, ...led.map(length))
  if (ofPlace >= LEAST_OF_PLACE && ofPlace >= best.score * LEAST_SHARE)
    return oncePerSide(led, length)
  return oncePerSide(best.ways, length)
}

/** From the side the two limbs cover each other: one arrow says it. */
function oncePerSide(ways: readonly Way[], length: (way: Way) => number): readonly Way[] {
  const [first, second] = ways
  if (!first || !second) return ways
  const apart = Math.hypot(
    first.points[2][0] - second.points[2][0],
    first.points[2][1] - second.points[2][1],
  )
  const [more, less] = [length(first), length(second)].sort((a, b) => b - a) as [number, number]
  if (apart >= 30 && less > more * 0.5) return ways
  return [length(first) >= length(second) ? first : second]
}
