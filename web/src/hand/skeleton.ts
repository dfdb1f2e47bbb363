import {
  aboutX,
  aboutZ,
  add,
  along,
  cross,
  degrees,
  scale,
  unit,
  type Transform,
  type Vector,
} from './vector'

/** Joint angles of a finger in degrees; flexion is positive, spread is away from the middle finger. */
export interface FingerPose {
  readonly spread: number
  readonly knuckle: number
  readonly middle: number
  readonly end: number
}

/** Joint angles of the thumb in degrees; the plane says in which plane it bends. */
export interface ThumbPose {
  readonly radial: number
  readonly opposition: number
  readonly knuckle: number
  readonly end: number
  readonly plane: number
}

/**
 * Joint angles of a hand; wrist flexion is toward the palm, deviation toward the thumb, and a turn
 * of the whole forearm brings the thumb away from the viewer of the palm.
 */
export interface HandPose {
  readonly fingers: readonly [FingerPose, FingerPose, FingerPose, FingerPose]
  readonly thumb: ThumbPose
  readonly wrist: {
    readonly flexion: number
    readonly deviation: number
    readonly turn: number
  }
}

/** A phalanx in space: ends, direction, palmar normal, side, and the flexion that led here. */
export interface Phalanx {
  readonly from: Vector
  readonly to: Vector
  readonly direction: Vector
  readonly palmar: Vector
  readonly sideways: Vector
  readonly length: number
  readonly flexion: number
  readonly bent: number
}

/** A digit: index 0 to little finger 3, thumb 4. */
export interface Chain {
  readonly digit: number
  readonly thumb: boolean
  readonly width: number
  readonly phalanges: readonly Phalanx[]
}

export interface Skeleton {
  readonly pose: HandPose
  /** Digits with the wrist's movement. */
  readonly chains: readonly Chain[]
  /** Digits as they stand on a straight wrist. */
  readonly straight: readonly Chain[]
  /** Moves a point of the hand along with the wrist. */
  readonly wrist: Transform
}

export const THUMB = 4

interface FingerShape {
  readonly knuckle: Vector
  readonly splay: number
  readonly lengths: readonly [number, number, number]
  readonly width: number
  readonly roll: number
  readonly spreadSign: number
}

/** Textbook proportions, from memory; for drawing only. */
export const FINGERS: readonly FingerShape[] = [
  { knuckle: [32.5, 102, 0], splay: 5, lengths: [50, 30, 25], width: 11.8, roll: 6, spreadSign: 1 },
  { knuckle: [10, 107, -2], splay: 1, lengths: [55, 34, 26], width: 12, roll: 0, spreadSign: 1 },
  {
    knuckle: [-12.5, 102, -1],
    splay: -3,
    lengths: [51, 33, 26],
    width: 11.4,
    roll: -6,
    spreadSign: -1,
  },
  { knuckle: [-33, 91, 2], splay: -9, lengths: [40, 24, 23], width: 10, roll: -12, spreadSign: -1 },
]

const THUMB_SHAPE = {
  root: [20, 16, 8] as Vector,
  lengths: [50, 37, 31] as const,
  width: 12.2,
}

/** Bends a chain of phalanges in the plane of a direction and a palmar normal. */
function bend(
  root: Vector,
  direction: Vector,
  palmar: Vector,
  lengths: readonly number[],
  angles: readonly number[],
): Phalanx[] {
  const phalanges: Phalanx[] = []
  let from = root
  let bent = 0
  lengths.forEach((length, k) => {
    bent += angles[k] ?? 0
    const c = Math.cos(bent * degrees)
    const s = Math.sin(bent * degrees)
    const u = add(scale(direction, c), scale(palmar, s))
    const n = add(scale(direction, -s), scale(palmar, c))
    const to = add(from, scale(u, length))
    phalanges.push({
      from,
      to,
      direction: u,
      palmar: n,
      sideways: cross(u, n),
      length,
      flexion: angles[k] ?? 0,
      bent,
    })
    from = to
  })
  return phalanges
}

function finger(index: number, pose: FingerPose): Chain {
  const shape = FINGERS[index] as FingerShape
  // Spread fades as the knuckle bends: its side ligaments tighten.
  const spread =
    pose.spread *
    shape.spreadSign *
    (index === 1 ? 1 : Math.max(0.25, Math.cos(pose.knuckle * degrees)))
  const splay = (shape.splay + spread) * degrees
  const direction: Vector = [Math.sin(splay), Math.cos(splay), 0]
  const side = cross(direction, [0, 0, 1])
  const roll = shape.roll * degrees
  const palmar = unit(add(scale([0, 0, 1], Math.cos(roll)), scale(side, -Math.sin(roll))))
  return {
    digit: index,
    thumb: false,
    width: shape.width,
    phalanges: bend(shape.knuckle, direction, palmar, shape.lengths, [
      pose.knuckle,
      pose.middle,
      pose.end,
    ]),
  }
}

function thumb(pose: ThumbPose): Chain {
  const a = pose.radial * degrees
  const o = pose.opposition * degrees
  const tau = pose.plane * degrees
  const oppose = (p: Vector): Vector => [
    p[0] * Math.cos(o) - p[2] * Math.sin(o),
    p[1],
    p[0] * Math.sin(o) + p[2] * Math.cos(o),
  ]
  const across: Vector = [-Math.cos(a), Math.sin(a), 0]
  const flexing = unit(add(scale(across, Math.cos(tau)), scale([0, 0, 1], Math.sin(tau))))
  return {
    digit: THUMB,
    thumb: true,
    width: THUMB_SHAPE.width,
    phalanges: bend(
      THUMB_SHAPE.root,
      oppose([Math.sin(a), Math.cos(a), 0]),
      oppose(flexing),
      THUMB_SHAPE.lengths,
      [0, pose.knuckle, pose.end],
    ),
  }
}

/** Places all bones of a pose in space. */
export function build(pose: HandPose): Skeleton {
  const wrist: Transform = (p) =>
    aboutX(aboutZ(p, -pose.wrist.deviation * degrees), pose.wrist.flexion * degrees)
  const straight = [...pose.fingers.map((f, i) => finger(i, f)), thumb(pose.thumb)]
  const chains = straight.map((chain) => ({
    ...chain,
    phalanges: chain.phalanges.map((p) => ({
      ...p,
      from: wrist(p.from),
      to: wrist(p.to),
      direction: wrist(p.direction),
      palmar: wrist(p.palmar),
      sideways: wrist(p.sideways),
    })),
  }))
  return { pose, chains, straight, wrist }
}

/** A sphere of flesh on a bone; `at` is its place along it, 0 to 1. */
export interface Station {
  readonly centre: Vector
  readonly radius: number
  readonly at: number
}

type Profile = readonly (readonly [number, number])[]

const FINGER_PROFILE: readonly Profile[] = [
  [
    [0, 1.06],
    [0.3, 1.02],
    [0.55, 0.975],
    [0.8, 0.975],
    [1, 0.98],
  ],
  [
    [0, 0.98],
    [0.2, 0.96],
    [0.5, 0.915],
    [0.8, 0.9],
    [1, 0.885],
  ],
  [
    [0, 0.885],
    [0.3, 0.875],
    [0.55, 0.84],
    [0.7, 0.78],
    [0.77, 0.73],
  ],
]
const THUMB_PROFILE: readonly Profile[] = [
  [
    [0, 1.35],
    [0.5, 1.28],
    [1, 1.04],
  ],
  [
    [0, 1.04],
    [0.35, 0.96],
    [0.6, 0.93],
    [1, 0.95],
  ],
  [
    [0, 0.95],
    [0.35, 0.96],
    [0.55, 0.9],
    [0.7, 0.78],
    [0.77, 0.69],
  ],
]

/** The spheres along phalanx `k`; `slim` makes the digits thinner where two hands interlace. */
export function stations(chain: Chain, k: number, slim = 1): Station[] {
  const bone = chain.phalanges[k] as Phalanx
  const profile = (chain.thumb ? THUMB_PROFILE : FINGER_PROFILE)[k] as Profile
  return profile.map(([at, factor]) => ({
    centre: along(bone.from, bone.to, at),
    radius: chain.width * factor * (chain.thumb ? 1 : slim),
    at,
  }))
}

type Pads = readonly (readonly [number, number, number])[]

const FINGER_PADS: readonly Pads[] = [
  [
    [0.35, 0.9, 0.14],
    [0.72, 0.86, 0.12],
  ],
  [
    [0.3, 0.84, 0.12],
    [0.68, 0.8, 0.12],
  ],
  [
    [0.22, 0.76, 0.14],
    [0.58, 0.66, 0.22],
  ],
]
const THUMB_PADS: readonly Pads[] = [
  [],
  [
    [0.3, 0.86, 0.1],
    [0.7, 0.84, 0.1],
  ],
  [
    [0.25, 0.8, 0.16],
    [0.62, 0.72, 0.2],
  ],
]

/** The soft pads on the palmar side of phalanx `k`. */
export function pads(chain: Chain, k: number, slim = 1): Station[] {
  const bone = chain.phalanges[k] as Phalanx
  const width = chain.width * slim
  return ((chain.thumb ? THUMB_PADS : FINGER_PADS)[k] as Pads).map(([at, radius, out]) => ({
    centre: add(along(bone.from, bone.to, at), scale(bone.palmar, width * out)),
    radius: width * radius,
    at,
  }))
}
