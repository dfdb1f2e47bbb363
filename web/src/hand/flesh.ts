import { capsule, type Capsule, type Flesh } from './outline'
import { FINGERS, THUMB, pads, stations, type Chain, type Phalanx, type Skeleton } from './skeleton'
import { add, along, between, clamp, scale, type Transform, type Vector } from './vector'

type Sphere = readonly [Vector, number]

const CARPALS: readonly Vector[] = [
  [12, 18, 0],
  [4, 20, -1],
  [-6, 19, -1],
  [-15, 17, 0],
]
const KNUCKLE_RADII = [12.6, 12.4, 11.8, 11] as const
const WEB_RADIUS = 6.5
const FOREARM_LENGTH = 150

/** Capsules along spheres, seen through a transform. */
function string(spheres: readonly Sphere[], blend: number, see: Transform): Flesh {
  const capsules: Capsule[] = []
  for (let i = 0; i < spheres.length - 1; i++) {
    const [a, ra] = spheres[i] as Sphere
    const [b, rb] = spheres[i + 1] as Sphere
    capsules.push(capsule(see(a), see(b), ra, rb))
  }
  return { capsules, blend }
}

/** How closed the hand is, 0 to 1: the flesh of the palm bunches up as it closes. */
function closing(skeleton: Skeleton): number {
  return (
    skeleton.pose.fingers.reduce(
      (sum, f) => sum + clamp((f.knuckle - 45) / 35, 0, 1) * clamp((f.middle - 50) / 40, 0, 1),
      0,
    ) / 4
  )
}

function palm(skeleton: Skeleton, hand: Transform): Flesh[] {
  const bones = CARPALS.map((base, i) =>
    capsule(hand(base), hand(FINGERS[i]?.knuckle as Vector), 14, KNUCKLE_RADII[i] as number),
  )
  const flesh: Flesh[] = [
    {
      blend: 6,
      capsules: [
        ...bones,
        capsule(hand([4, 90, 0]), hand([-14, 86, 0]), 12, 12),
        capsule(hand([-2, 50, 0]), hand([0, 96, 0]), 14, 11),
      ],
    },
    // little-finger side
    string(
      [
        [[-13, 2, 4], 14.5],
        [[-20, 20, 6], 15.5],
        [[-26, 42, 7], 16.5],
        [[-31, 66, 5], 14],
        [[-33.5, 88, 3], 11.6],
      ],
      6,
      hand,
    ),
    // pads under the knuckles
    string(
      [
        [[28, 98, 5], 10],
        [[-26, 92, 6], 10],
      ],
      6,
      hand,
    ),
  ]
  const closed = closing(skeleton)
  if (closed > 0.3)
    flesh.push(
      string(
        [
          [[26, 80, 6 + 9 * closed], 13],
          [[-24, 74, 6 + 9 * closed], 13],
        ],
        6,
        hand,
      ),
    )
  return flesh
}

function thumbRoot(skeleton: Skeleton, hand: Transform): Flesh[] {
  const chain = skeleton.straight[THUMB] as Chain
  const bone = chain.phalanges[0] as Phalanx
  const next = chain.phalanges[1] as Phalanx
  const n = bone.palmar
  const on = (t: number, out = 0): Vector => add(along(bone.from, bone.to, t), scale(n, out))
  const indexKnuckle = FINGERS[0]?.knuckle as Vector
  const indexBase = CARPALS[0] as Vector
  // The first web is an arc from the thumb to the index finger's bone.
  const a = on(0.98, 1)
  const b = along(indexBase, indexKnuckle, 0.86)
  const c = along(
    scale(add(a, b), 0.5),
    along(bone.from, along(indexBase, indexKnuckle, 0.35), 0.5),
    0.62,
  )
  const web = (x: number): Vector =>
    add(add(scale(a, (1 - x) ** 2), scale(c, 2 * x * (1 - x))), scale(b, x * x))
  const arc: Sphere[] = Array.from({ length: 9 }, (_, i) => [web(i / 8), WEB_RADIUS])
  return [
    string(
      [
        [add(bone.from, [-4, -2, 0]), 14],
        [on(0.3, 4), 16.5],
        [on(0.62, 3), 15.5],
        [on(1), 12.9],
      ],
      8,
      hand,
    ),
    string(
      [
        [[8, 18, 6], 13],
        [on(0.5, 10), 13],
        [on(0.95, 1), 11],
      ],
      8,
      hand,
    ),
    string(arc, 10, hand),
    string(
      [
        [on(0.55, 3), 11],
        [web(0.5), WEB_RADIUS],
        [along(indexBase, indexKnuckle, 0.6), 11],
      ],
      6,
      hand,
    ),
    string(
      [
        [bone.from, 14],
        [web(0.3), WEB_RADIUS],
      ],
      4,
      hand,
    ),
    string(
      [
        [indexBase, 13],
        [web(0.65), WEB_RADIUS],
      ],
      4,
      hand,
    ),
    string(
      [
        [bone.from, 14],
        [web(0.5), WEB_RADIUS],
      ],
      4,
      hand,
    ),
    string(
      [
        [next.from, 12.4],
        [along(next.from, next.to, 0.2), 11.6],
      ],
      4,
      hand,
    ),
  ]
}

function fingerRoots(skeleton: Skeleton, hand: Transform): Flesh[] {
  const flesh: Flesh[] = []
  for (let i = 0; i < 4; i++) {
    const bone = skeleton.straight[i]?.phalanges[0] as Phalanx
    const width = FINGERS[i]?.width as number
    flesh.push(
      string(
        [
          [bone.from, width * 1.08],
          [along(bone.from, bone.to, 0.27), width],
          [along(bone.from, bone.to, 0.36), width * 0.93],
        ],
        4,
        hand,
      ),
    )
    if (i < 3) {
      const other = skeleton.straight[i + 1]?.phalanges[0] as Phalanx
      const low = i === 2 ? 0.24 : 0.16
      const high = i === 2 ? 0.36 : 0.28
      const valley = scale(
        add(along(bone.from, bone.to, 0.16), along(other.from, other.to, low)),
        0.5,
      )
      flesh.push(
        string(
          [
            [along(bone.from, bone.to, 0.28), 4.5],
            [valley, 6],
            [along(other.from, other.to, high), 4.5],
          ],
          10,
          hand,
        ),
      )
    }
  }
  return flesh
}

function forearm(hand: Transform, see: Transform): Flesh[] {
  const bone = (near: number, far: number, z: number): Flesh =>
    string(
      Array.from({ length: 9 }, (_, i): Sphere => {
        const t = i / 8
        const eased = t * t * (3 - 2 * t)
        return [[between(near, far, eased), -4 - FOREARM_LENGTH * t, z], between(16.5, 27, eased)]
      }),
      6,
      see,
    )
  return [
    bone(15.5, 27, 1),
    bone(-15.5, -26, -2),
    bone(2, 3, 6),
    bone(-3, -3, -5),
    string(
      [
        [[-12, 8, 0], 16],
        [[12, 8, 1], 16],
      ],
      8,
      hand,
    ),
    string(
      [
        [[2, 2, 6], 16],
        [[8, 30, 8], 13.5],
        [[14, 60, 7], 12],
        [[18, 90, 4], 11],
      ],
      6,
      hand,
    ),
    string(
      [
        [[-2, 4, -4], 16],
        [[0, 40, -3], 12.5],
      ],
      6,
      hand,
    ),
  ]
}

/** Palm, thumb root and finger roots. */
export function palmAndRoots(skeleton: Skeleton, see: Transform): Flesh[] {
  const hand: Transform = (p) => see(skeleton.wrist(p))
  return [...palm(skeleton, hand), ...thumbRoot(skeleton, hand), ...fingerRoots(skeleton, hand)]
}

/** Palm, thumb root, finger roots and forearm as one piece. */
export function body(skeleton: Skeleton, see: Transform): Flesh[] {
  const hand: Transform = (p) => see(skeleton.wrist(p))
  return [...palmAndRoots(skeleton, see), ...forearm(hand, see)]
}

/** Consecutive phalanges of a digit as one piece. */
export function digit(
  chain: Chain,
  phalanges: readonly number[],
  see: Transform,
  slim: number,
): Flesh[] {
  return phalanges.map((k) => {
    const start = k === 0 ? (chain.thumb ? 0.5 : 0.3) : 0
    const line = (all: readonly { centre: Vector; radius: number }[]): Capsule[] => {
      const capsules: Capsule[] = []
      for (let i = 0; i < all.length - 1; i++) {
        const a = all[i] as { centre: Vector; radius: number }
        const b = all[i + 1] as { centre: Vector; radius: number }
        capsules.push(capsule(see(a.centre), see(b.centre), a.radius, b.radius))
      }
      return capsules
    }
    return {
      blend: 2.2,
      capsules: [
        ...line(stations(chain, k, slim).filter((s) => s.at >= start)),
        ...line(pads(chain, k, slim)),
      ],
    }
  })
}
