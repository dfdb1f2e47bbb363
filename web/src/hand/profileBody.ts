import type { BodyDrawing } from './bodyPoses'
import { between, type Point } from './vector'

/** A body from the side, looking to the right, by its joints; y grows downward, the floor is at 132. */
export interface ProfilePose {
  readonly hip: Point
  readonly shoulder: Point
  /** How far the back bows away from the straight line: positive is rounded. */
  readonly round: number
  readonly head: Point
  /** How far the face looks down, in degrees. */
  readonly nod: number
  readonly elbow: Point
  readonly hand: Point
  /** Where the hand points, in degrees, 0 to the right and 90 down. */
  readonly handAngle: number
  readonly knee: Point
  readonly ankle: Point
  readonly toe: Point
  /** Floor, seat, wall, towel: lines of the place, always those of the first pose. */
  readonly place: readonly string[]
}

const line = (...points: readonly Point[]) =>
  `M${points.map((p) => `${p[0].toFixed(1)} ${p[1].toFixed(1)}`).join('L')}`

/** The body on the way between two poses, joint by joint. */
export function profileBody(from: ProfilePose, to: ProfilePose, t: number): BodyDrawing {
  const p = (pick: (pose: ProfilePose) => Point): Point => {
    const a = pick(from)
    const b = pick(to)
    return [between(a[0], b[0], t), between(a[1], b[1], t)]
  }
  const n = (pick: (pose: ProfilePose) => number) => between(pick(from), pick(to), t)
  const hip = p((x) => x.hip)
  const shoulder = p((x) => x.shoulder)
  const head = p((x) => x.head)
  const elbow = p((x) => x.elbow)
  const hand = p((x) => x.hand)
  const handAngle = n((x) => x.handAngle)
  const knee = p((x) => x.knee)
  const ankle = p((x) => x.ankle)
  const toe = p((x) => x.toe)
  const round = n((x) => x.round)
  const dx = shoulder[0] - hip[0]
  const dy = shoulder[1] - hip[1]
  const length = Math.hypot(dx, dy) || 1
  // The back lies on the left of the way from hip to shoulder.
  const bow: Point = [
    (hip[0] + shoulder[0]) / 2 + (dy / length) * round * 2,
    (hip[1] + shoulder[1]) / 2 - (dx / length) * round * 2,
  ]
  const nod = n((x) => x.nod)
  const nape: Point = [between(shoulder[0], head[0], 0.45), between(shoulder[1], head[1], 0.45)]
  const tip = (handAngle * Math.PI) / 180
  const fingertips: Point = [hand[0] + Math.cos(tip) * 17, hand[1] + Math.sin(tip) * 17]
  return {
    place: from.place,
    behind: [
      { path: line(hip, knee, ankle, toe), width: 21 },
      { path: line(shoulder, nape, head), width: 16 },
    ],
    trunk: {
      path: `M${hip[0].toFixed(1)} ${hip[1].toFixed(1)}Q${bow[0].toFixed(1)} ${bow[1].toFixed(1)} ${shoulder[0].toFixed(1)} ${shoulder[1].toFixed(1)}`,
      width: 42,
    },
    trunkOutline: null,
    before: [
      { path: line(shoulder, elbow, hand), width: 16 },
      { path: line(hand, fingertips), width: 12 },
    ],
    hands: [],
    head: {
      at: head,
      angle: nod,
      features: ['M19 -6l7 9l-6 2', 'M8 -7h5M12 13q3 1 6 -1'],
    },
  }
}
