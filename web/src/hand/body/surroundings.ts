import { along, add, scale, type Point, type Vector } from '../vector'
import type { Box } from '../outline'
import type { View } from './field'
import type { Surrounding } from './pose'
import { rotate } from './rotation'
import type { BodyFrames } from './skeleton'

/** Something behind the body: a face with its colour, or an edge. */
export interface Scenery {
  readonly path: string
  readonly paint: 'face' | 'faceWithEdge' | 'edge' | 'cloth'
}

const round = (n: number) => Math.round(n * 10) / 10
const written = (p: Vector | Point) => `${round(p[0])} ${round(-p[1])}`
const lineOf = (...points: readonly (Vector | Point)[]) => `M${points.map(written).join('L')}`

/** The corners of a shape that enclose all points, in order. */
function hull(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1])
  const turn = (o: Point, a: Point, b: Point) =>
    (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0])
  const half = (row: readonly Point[]): Point[] => {
    const found: Point[] = []
    for (const p of row) {
      while (
        found.length > 1 &&
        turn(found[found.length - 2] as Point, found[found.length - 1] as Point, p) <= 0
      )
        found.pop()
      found.push(p)
    }
    return found.slice(0, -1)
  }
  return [...half(sorted), ...half([...sorted].reverse())]
}

/** A plain solid between two corners. */
function solid(view: View, a: Vector, b: Vector): Scenery {
  const corners = [a[0], b[0]].flatMap((x) =>
    [a[1], b[1]].flatMap((y) =>
      [a[2], b[2]].map((z): Point => {
        const p = view([x, y, z])
        return [p[0], p[1]]
      }),
    ),
  )
  return { path: lineOf(...hull(corners)) + 'Z', paint: 'faceWithEdge' }
}

/** The highest that a wall is drawn. */
const WALL_HEIGHT = 300

/** What stands around a body, from behind to front; all of it behind the body. */
export function scenery(
  around: readonly Surrounding[],
  frames: BodyFrames,
  view: View,
  yaw: number,
  box: Box,
): readonly Scenery[] {
  return around.flatMap((thing): readonly Scenery[] => {
    switch (thing.kind) {
      case 'floor':
        return [{ path: `M${round(box[0] - 26)} 1H${round(box[2] + 26)}`, paint: 'edge' }]
      case 'wall': {
        const x = round(view([0, 0, thing.depth])[0])
        const way = yaw < 0 ? -7 : 7
        return [
          { path: `M${x} 0V${-WALL_HEIGHT}h${way}V0Z`, paint: 'face' },
          { path: `M${x} 1V${-WALL_HEIGHT}`, paint: 'edge' },
        ]
      }
      case 'post': {
        const aside = yaw < 0 ? -1 : 1
        return [solid(view, [-92 * aside, 0, -2], [-60 * aside, 312, 8])]
      }
      case 'panel':
        return [{ path: 'M-128 0V-352H128V0Z', paint: 'face' }]
      case 'seat':
        return seat(view, yaw)
      case 'keys':
        return [
          solid(view, [-70, 108, 66], [70, 117, 112]),
          { path: lineOf(view([0, 108, 96]), view([0, 0, 96])), paint: 'edge' },
        ]
      case 'towel':
        return [towel(frames, view)]
    }
  })
}

function seat(view: View, yaw: number): Scenery[] {
  const fromTheFront = yaw % 180 === 0
  const legs: readonly Point[] = fromTheFront
    ? [
        [-25, 20],
        [21, 20],
      ]
    : [
        [-25, -36],
        [21, -36],
        [-25, 20],
        [21, 20],
      ]
  return [
    ...legs.map(([x, z]) => solid(view, [x, 0, z], [x + 4, 66, z + 4])),
    solid(view, [-27, 64.5, -40], [27, 69.8, 26]),
  ]
}

/** From the fist down and under the foot that is nearer to the viewer. */
function towel(frames: BodyFrames, view: View): Scenery {
  const arm = frames.arm.R
  const leg = frames.leg.R
  const fist = add(arm.wrist, add(scale(arm.distal, 10.5), scale(arm.palmar, 5)))
  const toes = add(leg.ankle, rotate(leg.foot, [0, -10.4, 16]))
  const heel = add(leg.ankle, rotate(leg.foot, [0, -10.8, -6]))
  const middle = view(along(fist, toes, 0.5))
  return {
    path: `M${written(view(fist))}Q${written([middle[0] + 2, middle[1]])} ${written(view(toes))}L${written(view(heel))}`,
    paint: 'cloth',
  }
}
