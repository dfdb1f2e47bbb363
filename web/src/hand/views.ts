import { digit, palmAndRoots } from './flesh'
import { bounds, capsule, type Box, type Flesh } from './outline'
import { build, type HandPose } from './skeleton'
import { aboutX, aboutY, aboutZ, between, clamp, degrees, type Transform } from './vector'

export type HandView = 'PALM' | 'BACK' | 'SIDE' | 'SIDE_PALM_UP' | 'THREE_QUARTER' | 'LIFT'

export const VIEWS: Readonly<Record<HandView, Transform>> = {
  PALM: (p) => p,
  BACK: (p) => aboutY(p, Math.PI),
  SIDE: (p) => aboutZ(aboutY(p, -Math.PI / 2), Math.PI / 2),
  // Turned over in the view, not in space, so that the light stays where it is.
  SIDE_PALM_UP: (p) => {
    const side = VIEWS.SIDE(p)
    return [side[0], -side[1], side[2]]
  },
  THREE_QUARTER: (p) => aboutY(p, -32 * degrees),
  LIFT: (p) => aboutX(aboutY(p, Math.PI), -48 * degrees),
}

/** A view of a hand whose forearm is turned. */
export const turned = (see: Transform, pose: HandPose): Transform =>
  pose.wrist.turn ? (p) => see(aboutY(p, pose.wrist.turn * degrees)) : see

/** The upright side view, turned by an angle: for two hands in contact. */
export const sideView =
  (angle: number): Transform =>
  (p) =>
    aboutZ(aboutY(p, -Math.PI / 2), angle * degrees)

/** How far below the wrist the forearm has faded away. */
export const FADE_ENDS = 106
const FOREARM_RADIUS = 40

/** The box of a drawn hand as far as the forearm shows: left, top, right, bottom in SVG coordinates. */
export function extent(pose: HandPose, from: Transform, left: boolean): Box {
  const skeleton = build(pose)
  const see = turned(from, pose)
  const end = see([0, -FADE_ENDS, 0])
  const flesh: Flesh[] = [
    ...palmAndRoots(skeleton, see),
    ...skeleton.chains.flatMap((chain) => digit(chain, [0, 1, 2], see, 1)),
    { blend: 0, capsules: [capsule(end, end, FOREARM_RADIUS / 2, FOREARM_RADIUS / 2)] },
  ]
  const b = bounds(flesh, 0)
  return left ? [-b[2], -b[3], -b[0], -b[1]] : [b[0], -b[3], b[2], -b[1]]
}

/** The nearest pose between two: every angle mixed. */
export function mixPoses(a: HandPose, b: HandPose, t: number): HandPose {
  const m = clamp(t, 0, 1)
  const finger = (i: 0 | 1 | 2 | 3) => {
    const p = a.fingers[i]
    const q = b.fingers[i]
    return {
      spread: between(p.spread, q.spread, m),
      knuckle: between(p.knuckle, q.knuckle, m),
      middle: between(p.middle, q.middle, m),
      end: between(p.end, q.end, m),
    }
  }
  return {
    fingers: [finger(0), finger(1), finger(2), finger(3)],
    thumb: {
      radial: between(a.thumb.radial, b.thumb.radial, m),
      opposition: between(a.thumb.opposition, b.thumb.opposition, m),
      knuckle: between(a.thumb.knuckle, b.thumb.knuckle, m),
      end: between(a.thumb.end, b.thumb.end, m),
      plane: between(a.thumb.plane, b.thumb.plane, m),
    },
    wrist: {
      flexion: between(a.wrist.flexion, b.wrist.flexion, m),
      deviation: between(a.wrist.deviation, b.wrist.deviation, m),
      turn: between(a.wrist.turn, b.wrist.turn, m),
    },
  }
}
