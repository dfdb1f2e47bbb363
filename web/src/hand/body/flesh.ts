import { add, along, between, degrees, scale, subtract, unit, type Vector } from '../vector'
import { SIDES, sign, type BodySide } from './pose'
import { angleBetween, rotate } from './rotation'
import { besideBone, offset, type ArmFrames, type BodyFrames, type LegFrames } from './skeleton'
import { FINGERS, handBones, type BoneLine } from './smallHand'
import { HAND_SCALE, carried, onNeck, onTrunk, type Trunk } from './trunk'

/** A sphere in the world. */
export type Sphere = readonly [Vector, number]
/** A chain of two spheres. */
export interface Capsule {
  readonly from: Vector
  readonly to: Vector
  readonly fromRadius: number
  readonly toRadius: number
}
/** Capsules that belong together; `blend` is how softly they melt into the others of their part. */
export interface Group {
  readonly capsules: readonly Capsule[]
  readonly blend: number
}

const capsule = (a: Sphere, b: Sphere): Capsule => ({
  from: a[0],
  to: b[0],
  fromRadius: a[1],
  toRadius: b[1],
})

/** Spheres one after another, joined. */
export function chained(spheres: readonly Sphere[], blend = 3): Group {
  const capsules: Capsule[] = []
  const first = spheres[0]
  if (first && spheres.length === 1) capsules.push(capsule(first, first))
  for (let i = 1; i < spheres.length; i++)
    capsules.push(capsule(spheres[i - 1] as Sphere, spheres[i] as Sphere))
  return { capsules, blend }
}

export type PartKind =
  'torso' | 'head' | 'upper' | 'fore' | 'hand' | 'thumb' | 'finger' | 'thigh' | 'shin' | 'foot'

/** A part of the body with an outline of its own. */
export interface FleshPart {
  readonly kind: PartKind
  readonly side: BodySide | null
  /** Of a finger: 0 the index, 3 the little one. */
  readonly finger: number
  readonly groups: readonly Group[]
  /** How wide its shaded edge is. */
  readonly shade: number
  /** Which of two parts at the same depth lies in front: the greater one. */
  readonly precedence: number
  /** The fineness of its outline, in units. */
  readonly step: number
  readonly bone: readonly [Vector, Vector] | null
}

/** Where one part grows out of another. */
export interface Joint {
  readonly parent: FleshPart
  readonly child: FleshPart
  readonly at: Vector
  readonly radius: number
  readonly blend: number
  /** The depth within which they melt together. */
  readonly range: number
  /** The start of the child, melted into the parent's outline; null if there is none. */
  readonly stub: readonly Capsule[] | null
  readonly kind: 'nape' | 'root' | 'limb' | 'thumb' | 'siblings'
  /** How far from the joint a straight hip's line begins, in radii. */
  readonly start: number | null
}

/** A hand with its fingers in the world. */
export interface SmallHand {
  readonly fingers: readonly Finger[]
  readonly thumb: {
    readonly group: Group
    readonly points: BoneLine['points']
    readonly width: number
  }
}
interface Finger {
  readonly whole: Group
  readonly knuckle: Group
  readonly root: readonly Capsule[]
  readonly points: BoneLine['points']
  readonly width: number
}

export interface BodyFlesh {
  readonly parts: readonly FleshPart[]
  readonly joints: readonly Joint[]
  readonly hands: Readonly<Record<BodySide, SmallHand>>
}

// ---- the trunk and the head

/** Of the trunk at rest: height, half width, radius, depth of the middle. */
const TRUNK: readonly (readonly [number, number, number, number])[] = [
  [243, 17, 10.5, -5.5],
  [234, 24, 14.5, -4.8],
  [222, 26.6, 18, -3.4],
  [209, 26, 18.3, -2.2],
  [196, 23.7, 16.5, -0.8],
  [183, 22, 14.9, 0.2],
  [172, 23.5, 15.2, -0.2],
  [162, 26.2, 16.2, -1.4],
  [152, 27.3, 14.4, -2.6],
]

/** How far a hip is bent: 0 straight, 1 at a right angle. */
export function hipBend(frames: BodyFrames, side: BodySide): number {
  const leg = frames.leg[side]
  const down = rotate(frames.trunk.pelvis.turn, [0, -1, 0])
  return Math.min(1, angleBetween(down, unit(subtract(leg.knee, leg.hip))) / 90)
}

function torso(frames: BodyFrames): Group[] {
  const { trunk } = frames
  const at = (p: Vector) => onTrunk(trunk, p)
  const seated = (hipBend(frames, 'L') + hipBend(frames, 'R')) / 2
  const rows = TRUNK.map(([y, half, radius, z], i): readonly [Sphere, Sphere] => {
    const last = i === TRUNK.length - 1
    const height = last ? y + 2.5 * seated : y
    const r = last ? radius - 3 * seated : radius
    return [
      [at([-(half - r), height, z]), r],
      [at([half - r, height, z]), r],
    ]
  })
  const groups: Group[] = [
    {
      blend: 5,
      capsules: [
        ...chained(rows.map((row) => row[0])).capsules,
        ...chained(rows.map((row) => row[1])).capsules,
        ...rows.slice(0, -1).map((row) => capsule(row[0], row[1])),
      ],
    },
    chained(
      [
        [at([0, 158, -1]), 11.4],
        [at([0, 153, -1.5]), 10.8],
      ],
      4,
    ),
  ]
  for (const side of SIDES) groups.push(...halfTorso(frames, side))
  const neck = (p: Vector) => onNeck(trunk, p)
  groups.push(
    chained(
      [
        [neck([0, 246, -7.5]), 9.6],
        [neck([0, 256, -5]), 9],
        [neck([0, 268, -3]), 9],
      ],
      6,
    ),
  )
  return groups
}

/** Seat, breast, back muscle, trapezius and collar of one side. */
function halfTorso(frames: BodyFrames, side: BodySide): Group[] {
  const { trunk } = frames
  const g = sign(side)
  const arm = frames.arm[side]
  const at = (p: Vector) => onTrunk(trunk, p)
  const neck = (p: Vector) => onNeck(trunk, p)
  const bend = hipBend(frames, side)
  const top = add(arm.shoulder, rotate(trunk.chest.turn, [-g * 2, 1.8, -0.5]))
  return [
    chained(
      [
        [at([g * 11.5, 158, between(-6.5, -4.5, bend)]), 14.5],
        [at([g * 12, between(150, 152, bend), between(-8.2, -3.5, bend)]), between(14.8, 14, bend)],
      ],
      5,
    ),
    chained(
      [
        [at([g * 9, 226, 3]), 11],
        [at([g * 13.5, 217, 5.2]), 10.5],
        [at([g * 11, 206, 4]), 11],
      ],
      6,
    ),
    chained(
      [
        [at([g * 17, 229, -7]), 11],
        [at([g * 17.5, 214, -6]), 10.5],
        [at([g * 13, 196, -4]), 11],
      ],
      6,
    ),
    chained(
      [
        [neck([g * 3.4, 258, -5]), 6.6],
        [along(neck([g * 8.5, 250.5, -7.5]), top, 0.06), 6.8],
        [along(neck([g * 13, 246.5, -7]), top, 0.42), 6.8],
        [top, 6.6],
      ],
      7,
    ),
    chained(
      [
        [neck([g * 6, 243, -2]), 9],
        [along(neck([g * 14, 241, -1]), arm.shoulder, 0.5), 9.5],
      ],
      6,
    ),
  ]
}

function head(trunk: Trunk): Group[] {
  const at = (p: Vector) => carried(trunk.head, p)
  const groups = [
    chained(
      [
        [at([0, 284.6, -7.2]), 12.6],
        [at([0, 286.6, -2]), 13.4],
        [at([0, 286, 2.6]), 13],
      ],
      0,
    ),
    chained([
      [at([0, 281, -7]), 12],
      [at([0, 275, -3]), 9.5],
    ]),
    chained(
      [
        [at([0, 284, 3]), 12.2],
        [at([0, 274, 4.2]), 9.8],
        [at([0, 265.8, 7.6]), 5.9],
      ],
      4,
    ),
    chained([
      [at([0, 281.5, 13]), 2.4],
      [at([0, 276, 15.2]), 1.8],
      [at([0, 271, 13.4]), 2.2],
    ]),
  ]
  for (const g of [-1, 1]) {
    groups.push(
      chained([
        [at([g * 4.6, 280, 1]), 8.6],
        [at([g * 5, 271.5, 1.6]), 6.5],
        [at([g * 2.8, 265.8, 7.2]), 5.4],
      ]),
    )
    groups.push(
      chained(
        [
          [at([g * 12.9, 281, -2.8]), 2.3],
          [at([g * 12.1, 276, -1.8]), 1.7],
        ],
        0.8,
      ),
    )
  }
  return groups
}

// ---- limbs: spheres along a bone as share, radius, forward, outward

type Profile = readonly (readonly [number, number, number, number])[]
const UPPER: Profile = [
  [0, 9, 0, -0.3],
  [0.17, 10, 0.4, 0.6],
  [0.34, 8.9, 0.5, 0.5],
  [0.55, 8, 0.6, 0],
  [0.8, 7.1, 0.2, 0],
  [1, 6.7, 0, 0],
]
const TRICEPS: Profile = [
  [0.18, 8.6, -1.6, 0],
  [0.42, 8, -1.4, 0.1],
  [0.66, 7.1, -1, 0],
]
const FORE: Profile = [
  [0, 6.8, 0, 0],
  [0.13, 7.4, 0.5, 0.8],
  [0.3, 7.2, 0.6, 0.6],
  [0.55, 6, 0.2, 0],
  [0.8, 4.8, 0, 0],
  [0.95, 4.3, 0, 0],
]
const THIGH: Profile = [
  [0, 13.6, -0.5, -1.2],
  [0.12, 14, 0.3, -1],
  [0.2, 14, 0.8, -0.2],
  [0.36, 13.4, 1.4, 0.5],
  [0.6, 11.3, 1.2, 0.2],
  [0.84, 9.2, 0.7, 0],
  [1, 8.9, 0.6, 0],
]
const HAMSTRINGS: Profile = [
  [0.2, 12, -2.8, 0],
  [0.45, 11, -2.4, 0],
  [0.7, 8.8, -1.6, 0],
]
const SHIN: Profile = [
  [0, 8.7, 0.4, 0],
  [0.1, 8.1, 0.2, 0],
  [0.3, 7.8, 0.2, 0],
  [0.6, 6, 0.6, 0],
  [0.85, 4.7, 0.3, 0],
  [1, 5, 0, 0],
]
const CALF: Profile = [
  [0.08, 7.8, -1.2, 0],
  [0.22, 8.8, -3, 0.6],
  [0.36, 8.6, -3, 0.5],
  [0.56, 6.7, -1.6, 0],
  [0.78, 4.8, -0.8, 0],
]
const INNER_CALF: Profile = [
  [0.12, 7.4, -1.4, -1],
  [0.3, 7.6, -2, -1.8],
  [0.48, 6.6, -1.2, -1.1],
]

interface Bone {
  readonly from: Vector
  readonly to: Vector
  readonly turn: ArmFrames['upper']
  readonly side: BodySide
}

const bone = (from: Vector, to: Vector, turn: Bone['turn'], side: BodySide): Bone => ({
  from,
  to,
  turn,
  side,
})

const onBone = (b: Bone, profile: Profile): Sphere[] =>
  profile.map(([share, radius, forward, outward]) => [
    besideBone(b.from, b.to, b.turn, b.side, share, outward, forward),
    radius,
  ])

/** The start of a limb, ending in a steep cone, so that the parent's line dives under it at once. */
function stubOf(b: Bone, profile: Profile, upTo: number): readonly Capsule[] {
  const spheres = onBone(
    b,
    profile.filter(([share]) => share <= upTo),
  ).map(([p, r]): Sphere => [p, r * 0.995])
  const last = spheres[spheres.length - 1]
  if (!last) return []
  const radius = last[1] / 0.995
  const tip: Sphere = [offset(last[0], unit(subtract(b.to, b.from)), radius * 0.42), radius * 0.5]
  return chained([...spheres, tip], 0).capsules
}

// ---- hands and feet

interface HandFlesh extends SmallHand {
  readonly palm: readonly Group[]
  readonly wrist: readonly Capsule[]
  readonly middleKnuckle: Vector
}

function handFlesh(arm: ArmFrames, bones: ReturnType<typeof handBones>): HandFlesh {
  const at = (p: Vector): Vector =>
    add(
      arm.wrist,
      scale(
        add(add(scale(arm.radial, p[0]), scale(arm.distal, p[1])), scale(arm.palmar, p[2])),
        HAND_SCALE,
      ),
    )
  const group = (spheres: readonly Sphere[], blend: number): Group =>
    chained(
      spheres.map(([p, r]): Sphere => [at(p), r * HAND_SCALE]),
      blend,
    )
  const roots: readonly Vector[] = [
    [12, 18, 0],
    [4, 20, -1],
    [-6, 19, -1],
    [-15, 17, 0],
  ]
  const knuckles = [13, 12.8, 12.2, 11.4]
  const palm: Group = {
    blend: 1,
    capsules: [
      ...group(
        [
          [[-14, -8, 0], 18],
          [[14, -8, 0], 18],
        ],
        0,
      ).capsules,
      ...FINGERS.flatMap(
        (finger, i) =>
          group(
            [
              [roots[i] as Vector, 15],
              [finger.knuckle, knuckles[i] as number],
            ],
            0,
          ).capsules,
      ),
      ...group(
        [
          [[2, 84, 0], 13],
          [[-18, 80, 0], 12],
        ],
        0,
      ).capsules,
    ],
  }
  const [root, first, second, tip] = bones.thumb.points
  const thick = bones.thumb.width
  const edge = group(
    [
      [[-16, 8, 4], 16],
      [[-24, 30, 6], 16.5],
      [[-32, 70, 5], 13.5],
    ],
    1,
  )
  const ball = group(
    [
      [[8, 12, 4], 15],
      [along(root, first, 0.5), 16],
      [along(root, first, 0.8), 14],
    ],
    1.2,
  )
  const web = group(
    [
      [along(root, first, 0.75), 8],
      [[26, 58, 2], 10],
      [[28, 82, 0], 12],
    ],
    1.2,
  )
  const small = (a: Vector, b: Vector, from: number, to: number) =>
    chained(
      [
        [at(a), from],
        [at(b), to],
      ],
      0,
    ).capsules
  return {
    palm: [palm, edge, ball, web],
    wrist: [
      ...small([-12, -4, 0], [12, -4, 0], 2.5, 2.5),
      ...small([-13, 0, 0], [-13, 22, 1], 2.5, 1.9),
      ...small([13, 0, 0], [12, 22, 0], 2.5, 1.9),
    ],
    middleKnuckle: at([0, 100, 0]),
    fingers: bones.fingers.map((finger) => fingerFlesh(finger, group, at)),
    thumb: {
      group: group(
        [
          [along(root, first, 0.45), thick * 1.24],
          [first, thick * 1.04],
          [along(first, second, 0.5), thick * 0.96],
          [second, thick * 0.96],
          [along(second, tip, 0.72), thick * 0.82],
        ],
        0.8,
      ),
      points: [at(root), at(first), at(second), at(tip)],
      width: thick * HAND_SCALE,
    },
  }
}

function fingerFlesh(
  finger: BoneLine,
  group: (spheres: readonly Sphere[], blend: number) => Group,
  at: (p: Vector) => Vector,
): Finger {
  const [a, b, c, d] = finger.points
  const k = finger.width * 1.06
  return {
    whole: group(
      [
        [a, k * 1.06],
        [b, k * 0.98],
        [c, k * 0.9],
        [along(c, d, 0.75), k * 0.82],
      ],
      0.9,
    ),
    knuckle: group(
      [
        [a, k * 1.04],
        [along(a, b, 0.12), k * 1.02],
      ],
      0.7,
    ),
    root: group(
      [
        [a, k * 1.04],
        [along(a, b, 0.3), k * 0.98],
        [along(a, b, 0.42), k * 0.8],
      ],
      0.7,
    ).capsules,
    points: [at(a), at(b), at(c), at(d)],
    width: k * HAND_SCALE,
  }
}

function foot(leg: LegFrames, side: BodySide, toeAngle: number): Group[] {
  const g = sign(side)
  const at = (x: number, y: number, z: number): Vector =>
    add(leg.ankle, rotate(leg.foot, [g * x, y, z]))
  const c = Math.cos(toeAngle * degrees)
  const s = Math.sin(toeAngle * degrees)
  const toe = (x: number, y: number, z: number): Vector => {
    const d = z - 22
    return at(x, -8.4 + (y + 8.4) * c + d * s, 22 + d * c - (y + 8.4) * s)
  }
  return [
    chained([
      [at(0, 1, -1), 5.4],
      [at(0, -5.2, -6.5), 6.4],
      [at(0, -6.2, -8.5), 5.4],
    ]),
    chained(
      [
        [at(0, 0, 0), 5.6],
        [at(-0.6, -3.6, 8), 5.8],
        [at(-2, -6.4, 17), 5],
        [at(-2.6, -7.9, 23), 3.8],
      ],
      4,
    ),
    chained(
      [
        [at(0, -5.8, -6), 5.8],
        [at(2.2, -7, 6), 4.6],
        [at(3.2, -7.8, 19), 3.8],
        [toe(3, -8.9, 26.5), 2.7],
      ],
      4,
    ),
    chained([
      [at(-2.6, -7.9, 21), 3.8],
      [toe(-3, -8.6, 27), 3.1],
      [toe(-2.6, -8.9, 31), 2.8],
    ]),
    chained([
      [at(3, -8, 20), 3.6],
      [toe(0, -8.8, 29.5), 2.8],
    ]),
  ]
}

// ---- the whole body

interface PartOptions {
  readonly shade: number
  readonly precedence: number
  readonly step?: number
  readonly bone?: readonly [Vector, Vector]
  readonly finger?: number
}

const part = (
  kind: PartKind,
  side: BodySide | null,
  groups: readonly Group[],
  options: PartOptions,
): FleshPart => ({
  kind,
  side,
  groups,
  finger: options.finger ?? -1,
  shade: options.shade,
  precedence: options.precedence,
  step: options.step ?? 2,
  bone: options.bone ?? null,
})

const joint = (
  parent: FleshPart,
  child: FleshPart,
  given: Omit<Joint, 'parent' | 'child' | 'kind' | 'start' | 'range' | 'blend'> &
    Partial<Pick<Joint, 'kind' | 'start' | 'range' | 'blend'>>,
): Joint => ({ kind: 'limb', start: null, range: 0, blend: 0, ...given, parent, child })

/** All parts of a body and where they grow together; with fingers as parts of their own, if wanted. */
export function bodyFlesh(frames: BodyFrames, withFingers: boolean): BodyFlesh {
  const trunkPart = part('torso', null, torso(frames), { shade: 4.2, precedence: 0 })
  const headPart = part('head', null, head(frames.trunk), { shade: 3.4, precedence: 6, step: 1.4 })
  const onHead = (p: Vector) => carried(frames.trunk.head, p)
  const parts: FleshPart[] = [trunkPart, headPart]
  const joints: Joint[] = [
    joint(trunkPart, headPart, {
      at: frames.trunk.head.place,
      radius: 11,
      blend: 8,
      kind: 'nape',
      stub: chained([
        [onHead([0, 280, -7]), 11.6],
        [onHead([0, 275, -3]), 9.2],
      ]).capsules,
    }),
  ]
  const thighs: FleshPart[] = []
  const hands = {} as Record<BodySide, SmallHand>
  for (const side of SIDES) {
    const arm = armParts(frames, side, withFingers)
    const leg = legParts(frames, side)
    parts.push(...arm.parts, ...leg.parts)
    joints.push(...arm.joints(trunkPart), ...leg.joints(trunkPart))
    hands[side] = arm.hand
    thighs.push(leg.parts[0] as FleshPart)
  }
  const [right, left] = thighs
  if (right && left)
    joints.push(
      joint(right, left, {
        at: carried(frames.trunk.pelvis, [0, 150, 0]),
        radius: 8,
        stub: null,
        kind: 'siblings',
      }),
    )
  return { parts, joints, hands }
}

function armParts(frames: BodyFrames, side: BodySide, withFingers: boolean) {
  const arm = frames.arm[side]
  const upperBone = bone(arm.shoulder, arm.elbow, arm.upper, side)
  const foreBone = bone(arm.elbow, arm.wrist, arm.fore, side)
  const wristBones = [-1.6, 1.6].map((aside) =>
    capsule(
      [offset(along(arm.elbow, arm.wrist, 0.62), arm.foreRadial, aside * 0.6), 5.2],
      [offset(arm.wrist, arm.foreRadial, aside), 3.6],
    ),
  )
  const flesh = handFlesh(arm, handBones(frames.state.arm[side].hand))
  const upper = part(
    'upper',
    side,
    [chained(onBone(upperBone, UPPER)), chained(onBone(upperBone, TRICEPS))],
    { shade: 3, precedence: 3, bone: [arm.shoulder, arm.elbow] },
  )
  const fore = part(
    'fore',
    side,
    [chained(onBone(foreBone, FORE), 2), { blend: 2, capsules: wristBones }],
    { shade: 2.6, precedence: 4, bone: [arm.elbow, arm.wrist] },
  )
  const heel: Group = {
    blend: 0.8,
    capsules: wristBones.map((c) => capsule([along(c.from, c.to, 0.75), 2.6], [c.to, 3.2])),
  }
  const hand = part(
    'hand',
    side,
    [heel, ...flesh.palm, ...flesh.fingers.map((f) => (withFingers ? f.knuckle : f.whole))],
    { shade: 1.5, precedence: 5, step: 0.9, bone: [arm.wrist, flesh.middleKnuckle] },
  )
  const fingers = withFingers
    ? flesh.fingers.map((f, i) =>
        part('finger', side, [f.whole], {
          shade: 0.9,
          precedence: 5.2 + i * 0.01,
          step: 0.7,
          bone: [f.points[0], f.points[3]],
          finger: i,
        }),
      )
    : []
  const thumb = part('thumb', side, [flesh.thumb.group], {
    shade: 1.1,
    precedence: 5.5,
    step: 0.9,
    bone: [flesh.thumb.points[0], flesh.thumb.points[3]],
  })
  const joints = (trunk: FleshPart): Joint[] => [
    joint(trunk, upper, {
      at: arm.shoulder,
      radius: 10.6,
      blend: 7,
      range: 26,
      stub: stubOf(upperBone, UPPER, 0.36),
      kind: 'root',
    }),
    joint(upper, fore, {
      at: arm.elbow,
      radius: 7,
      blend: 4,
      range: 14,
      stub: stubOf(foreBone, FORE, 0.32),
    }),
    joint(fore, hand, { at: arm.wrist, radius: 4.4, blend: 2, range: 8, stub: flesh.wrist }),
    joint(hand, thumb, {
      at: flesh.thumb.points[0],
      radius: 2.6,
      blend: 1,
      range: 4,
      stub: null,
      kind: 'thumb',
    }),
    ...fingers.map((finger, i) => {
      const own = flesh.fingers[i] as Finger
      return joint(hand, finger, {
        at: own.points[0],
        radius: own.width * 1.05,
        blend: 0.8,
        range: 4,
        stub: own.root,
      })
    }),
  ]
  return { parts: [upper, fore, hand, ...fingers, thumb], joints, hand: flesh }
}

function legParts(frames: BodyFrames, side: BodySide) {
  const leg = frames.leg[side]
  const g = sign(side)
  const thighBone = bone(leg.hip, leg.knee, leg.thigh, side)
  const shinBone = bone(leg.knee, leg.ankle, leg.shin, side)
  const thigh = part(
    'thigh',
    side,
    [chained(onBone(thighBone, THIGH), 4), chained(onBone(thighBone, HAMSTRINGS), 4)],
    { shade: 4, precedence: 1, bone: [leg.hip, leg.knee] },
  )
  const shin = part(
    'shin',
    side,
    [
      chained(onBone(shinBone, SHIN)),
      chained(onBone(shinBone, CALF)),
      chained(onBone(shinBone, INNER_CALF)),
    ],
    { shade: 3, precedence: 0.8, bone: [leg.knee, leg.ankle] },
  )
  const toes = add(leg.ankle, rotate(leg.foot, [0, -8, 26]))
  const footPart = part('foot', side, foot(leg, side, frames.state.leg[side].toe), {
    shade: 2,
    precedence: 0.9,
    step: 1.4,
    bone: [leg.ankle, toes],
  })
  const joints = (trunk: FleshPart): Joint[] => [
    joint(trunk, thigh, {
      at: leg.hip,
      radius: 15,
      blend: 9,
      range: 32,
      stub: stubOf(thighBone, THIGH, 0.4),
      kind: 'root',
      start: 2.1 - 0.85 * Math.min(1, hipBend(frames, side) * 1.6),
    }),
    joint(thigh, shin, {
      at: leg.knee,
      radius: 9,
      blend: 5,
      range: 16,
      stub: stubOf(shinBone, SHIN, 0.32),
    }),
    joint(shin, footPart, {
      at: leg.ankle,
      radius: 5.4,
      blend: 3,
      range: 10,
      stub: chained(
        [
          [leg.ankle, 5.5],
          [add(leg.ankle, rotate(leg.foot, [-0.6 * g, -3.6, 8])), 5.6],
          [add(leg.ankle, rotate(leg.foot, [-2 * g, -6.4, 14])), 4],
        ],
        0,
      ).capsules,
    }),
  ]
  return { parts: [thigh, shin, footPart], joints }
}
