import type { Box, Loop } from '../outline'
import { clamp, degrees, norm, type Point, type Vector } from '../vector'
import { allLoops, area, oriented } from './contour'
import { grooves, innerStrokes, workedPlaces, type PlaceName, type WorkedPlace } from './details'
import { boxOf, field, isThere, viewFrom, type View } from './field'
import { bodyFlesh, type BodyFlesh, type FleshPart } from './flesh'
import { closedPath, curveThrough, openPath, ribbonPath, runsOf, smoothed, stripPath } from './path'
import { SIDES, type BodySide } from './pose'
import { partHeight, prepared, type Line, type SeenPart } from './prepared'
import { rotate, smooth } from './rotation'
import { framesOf, type BodyFrames, type BodyState } from './skeleton'
import { carried } from './trunk'

/** A soft ellipse of colour. */
export interface Tint {
  readonly id: string
  readonly centre: Point
  /** In degrees, and the two half axes. */
  readonly angle: number
  readonly radii: Point
  readonly core: number
  readonly opacity: number
}

/** A path in a colour of the theme: how far it is mixed toward the shade or toward the deep shade. */
export interface Toned {
  readonly path: string
  readonly tone: number
}

/** A part of the body, from behind to front; its layers in the order in which they are painted. */
export interface DrawnPart {
  readonly fill: Toned
  readonly hair: {
    readonly path: string
    readonly edge: string
    readonly ears: readonly string[]
  } | null
  readonly crescent: Toned | null
  readonly shadow: (Toned & { readonly clip: string }) | null
  readonly tints: readonly Tint[]
  readonly inner: readonly { readonly path: string; readonly opacity: number }[]
  /** Full strokes and their width, and pieces that thin out. */
  readonly outline: { readonly full: string; readonly width: number; readonly thinning: string }
}

export interface DrawnBody {
  readonly parts: readonly DrawnPart[]
  readonly box: Box
  readonly frames: BodyFrames
  readonly view: View
}

export interface BodyOptions {
  /** Degrees by which the figure is turned: 0 from the front, 90 in profile, looking to the right. */
  readonly yaw: number
  /** The fineness of all outlines: 1 is the finest. */
  readonly coarseness: number
  readonly strokeWidth: number
  readonly details: boolean
  readonly fingers: boolean
  readonly places: readonly PlaceName[]
  /** The sides on which places of both sides are shown. */
  readonly sides: readonly BodySide[]
}

/** Away from the light, y up; the light never turns with the view. */
const FROM_LIGHT: Point = [0.87, -0.49]

/** A body ready to be painted. */
export function drawBody(state: BodyState, options: BodyOptions): DrawnBody {
  const frames = framesOf(state)
  const view = viewFrom(options.yaw)
  const flesh = bodyFlesh(frames, options.fingers)
  const order = prepared(frames, flesh, view, options.coarseness)
  const inner = options.details
    ? innerLines(frames, flesh, view, options)
    : new Map<string, never>()
  const tints = options.places
    .flatMap((name) => workedPlaces(frames, name, options.sides))
    .flatMap((place, i) => tintOf(place, `t${i}`, view) ?? [])
  const depth = farther(frames, view)
  return {
    parts: order.map((seen) => {
      const tone = depth(seen)
      const fill = fillOf(seen, options.strokeWidth)
      const crescent = strip(seen, seen.part.shade, (line, i) => line.weights[i] ?? 0, options)
      const cast = options.details ? castOn(seen, order, options) : ''
      return {
        fill: { path: fill, tone },
        hair: seen.part.kind === 'head' ? hairOf(seen, frames, view, options) : null,
        crescent: crescent ? { path: crescent, tone: tone * 0.8 } : null,
        shadow: cast ? { path: cast, tone: 0.25 + tone * 0.5, clip: fill } : null,
        tints: tints
          .filter(({ tint, on }) => on(seen.part) && isNear(seen, tint))
          .map((t) => t.tint),
        inner: inner.get(partKey(seen.part)) ?? [],
        outline: outlineOf(seen, options),
      }
    }),
    box: unionOf(order),
    frames,
    view,
  }
}

function unionOf(order: readonly SeenPart[]): Box {
  return order.reduce<Box>(
    (b, p) => [
      Math.min(b[0], p.box[0]),
      Math.min(b[1], -p.box[3]),
      Math.max(b[2], p.box[2]),
      Math.max(b[3], -p.box[1]),
    ],
    [Infinity, Infinity, -Infinity, -Infinity],
  )
}

const partKey = (part: FleshPart): string => part.kind + (part.side ?? '')
const ofArm = (part: FleshPart): boolean =>
  ['upper', 'fore', 'hand', 'thumb', 'finger'].includes(part.kind)
const ofHand = (part: FleshPart): boolean => ['hand', 'thumb', 'finger'].includes(part.kind)

/** In profile far limbs are mixed up to 55 % toward the shade. */
function farther(frames: BodyFrames, view: View): (seen: SeenPart) => number {
  const chest = view(carried(frames.trunk.chest, [0, 230, 0]))[2]
  const pelvis = view(frames.trunk.pelvis.place)[2]
  const aside = view(rotate(frames.trunk.chest.turn, [1, 0, 0]))[2]
  const profile = smooth(0.45, 0.9, Math.abs(aside))
  return (seen) => {
    if (seen.part.kind === 'torso' || seen.part.kind === 'head') return 0
    const depths = seen.own.flatMap((g) => g.capsules.map((c) => c.z + c.dz / 2))
    const mean = depths.reduce((a, b) => a + b, 0) / depths.length
    return clamp(((ofArm(seen.part) ? chest : pelvis) - mean - 10) / 14, 0, 1) * 0.55 * profile
  }
}

// ---- fill and outline

/** The fill keeps half a line away from an edge that is not drawn, so that the line under it stays whole. */
function inset(line: Line, strokeWidth: number): Loop {
  return line.loop.map((p, i): Point => {
    const d = strokeWidth * 0.55 * (1 - (line.weights[i] ?? 1))
    const n = line.normals[i]
    return d < 0.02 || !n ? p : [p[0] - n[0] * d, p[1] - n[1] * d]
  })
}

const fillOf = (seen: SeenPart, strokeWidth: number): string =>
  seen.line ? closedPath(inset(seen.line, strokeWidth)) : ''

const LEAST_SEEN = 0.12

function outlineOf(seen: SeenPart, options: BodyOptions): DrawnPart['outline'] {
  const width = options.strokeWidth * lineShare(seen.part, options.fingers)
  let full = ''
  let thinning = ''
  const { line } = seen
  for (const run of line ? runsOf(line.weights.map((w) => w > LEAST_SEEN)) : []) {
    if (!line) break
    if (run.ring) {
      full += closedPath(line.loop)
      continue
    }
    if (run.indices.length < 3) continue
    const points = run.indices.map((i) => line.loop[i] as Point)
    const weights = run.indices.map((i) => Math.min(1, (line.weights[i] ?? 0) * 1.15))
    for (const piece of pieces(weights)) {
      const part = points.slice(piece.from, piece.to + 1)
      if (piece.whole && piece.to - piece.from > 2) full += openPath(part)
      else
        thinning += ribbonPath(
          part,
          weights.slice(piece.from, piece.to + 1).map((w) => width * (0.12 + 0.88 * w)),
        )
    }
  }
  return { full, width: Math.round(width * 100) / 100, thinning }
}

function lineShare(part: FleshPart, fingers: boolean): number {
  if (part.kind === 'finger') return 0.62
  if (ofHand(part)) return fingers ? 0.68 : 0.74
  return part.kind === 'foot' ? 0.92 : 1
}

/** Stretches at full weight, and the stretches between them, which overlap them by a point. */
function pieces(weights: readonly number[]) {
  const found: { from: number; to: number; whole: boolean }[] = []
  let a = 0
  while (a < weights.length) {
    const whole = (weights[a] ?? 0) >= 1
    let b = a
    while (b + 1 < weights.length && (weights[b + 1] ?? 0) >= 1 === whole) b++
    const from = whole ? a : Math.max(0, a - 1)
    const to = whole ? b : Math.min(weights.length - 1, b + 1)
    if (to > from) found.push({ from, to, whole })
    a = b + 1
  }
  return found
}

// ---- light and shadow

const turned = (normal: Point | undefined): number =>
  normal ? Math.max(0, normal[0] * FROM_LIGHT[0] + normal[1] * FROM_LIGHT[1]) : 0

/** The strip between an outline and the outline moved toward the light, or away from it. */
function strip(
  seen: SeenPart,
  amount: number,
  weight: (line: Line, i: number) => number,
  options: BodyOptions,
): string {
  const { line } = seen
  if (!line) return ''
  const weights = line.loop.map((_, i) => (turned(line.normals[i]) > 0.02 ? weight(line, i) : 0))
  const edge = inset(line, options.strokeWidth)
  let path = ''
  for (const run of runsOf(weights.map((w) => w > 0.03))) {
    if (run.indices.length < 3) continue
    const out = run.indices.map((i) => edge[i] as Point)
    const depths = smoothed(
      run.indices.map((i) => Math.min(1, turned(line.normals[i]) * 3) * (weights[i] ?? 0) * amount),
      run.ring,
      1,
    )
    if (!run.ring) {
      depths[0] = 0
      depths[depths.length - 1] = 0
    }
    const inner = out.map((p, i): Point => {
      const d = depths[i] ?? 0
      return [p[0] - FROM_LIGHT[0] * d, p[1] - FROM_LIGHT[1] * d]
    })
    path += stripPath(out, inner.reverse())
  }
  return path
}

/** The shadows that later parts cast on this one. */
function castOn(seen: SeenPart, order: readonly SeenPart[], options: BodyOptions): string {
  return order
    .filter((other) => casts(other, seen, options))
    .map((other) =>
      strip(
        other,
        -1,
        (line, i) => {
          const p = line.loop[i] as Point
          const height = partHeight(seen, p[0] + FROM_LIGHT[0] * 1.5, p[1] + FROM_LIGHT[1] * 1.5)
          if (!isThere(height)) return 0
          const most = other.part.shade > 2 ? 3 : 1.8
          return clamp(((line.depths[i] ?? 0) - height + 2) * 0.3, 0, most) * (line.weights[i] ?? 0)
        },
        options,
      ),
    )
    .join('')
}

function casts(other: SeenPart, seen: SeenPart, options: BodyOptions): boolean {
  if (other.rank <= seen.rank) return false
  const [a, b] = [other.box, seen.box]
  if (a[0] > b[2] || b[0] > a[2] || a[1] > b[3] || b[1] > a[3]) return false
  const sameHand = ofHand(seen.part) && ofHand(other.part) && seen.part.side === other.part.side
  return !sameHand || (options.fingers && other.part.kind === 'finger')
}

// ---- inner lines

type InnerLines = Map<string, { path: string; opacity: number }[]>

function innerLines(
  frames: BodyFrames,
  flesh: BodyFlesh,
  view: View,
  options: BodyOptions,
): InnerLines {
  const lines: InnerLines = new Map()
  const put = (key: string, path: string, opacity: number) =>
    lines.set(key, [...(lines.get(key) ?? []), { path, opacity: Math.round(opacity * 100) / 100 }])
  for (const stroke of innerStrokes(frames)) {
    const facing = view(stroke.normal)[2]
    const opacity = smooth(stroke.from, stroke.from + 0.3, facing) * stroke.opacity
    if (opacity < 0.06) continue
    const curve = curveThrough(
      stroke.points.map((p): Point => {
        const seen = view(p)
        return [seen[0], seen[1]]
      }),
      5,
    )
    const widths = curve.map((_, i) => {
      const u = i / (curve.length - 1)
      const taper = Math.sqrt(Math.min(1, u * 3.2, (1 - u) * 3.2))
      return options.strokeWidth * stroke.width * (0.12 + 0.88 * taper)
    })
    put(stroke.on + (stroke.side ?? ''), ribbonPath(curve, widths), opacity)
  }
  if (!options.fingers)
    for (const side of SIDES)
      for (const groove of grooves(flesh.hands[side], view))
        put(
          'hand' + side,
          ribbonPath(
            groove.points,
            groove.widths.map((w) => options.strokeWidth * 0.5 * w),
          ),
          0.75,
        )
  return lines
}

// ---- worked places

function tintOf(
  place: WorkedPlace,
  id: string,
  view: View,
): { readonly tint: Tint; readonly on: WorkedPlace['on'] } | null {
  const opacity = place.normal ? smooth(-0.5, -0.05, view(place.normal)[2]) : 1
  if (opacity < 0.03) return null
  const a = view(place.from)
  const b = view(place.to)
  const dx = b[0] - a[0]
  const dy = b[1] - a[1]
  return {
    on: place.on,
    tint: {
      id,
      centre: [(a[0] + b[0]) / 2, -(a[1] + b[1]) / 2],
      angle: Math.atan2(-dy, dx) / degrees,
      radii: [Math.hypot(dx, dy) / 2 + place.radius * place.beyond, place.radius],
      core: place.core,
      opacity,
    },
  }
}

function isNear(seen: SeenPart, tint: Tint): boolean {
  const r = Math.max(...tint.radii)
  const [x, y] = [tint.centre[0], -tint.centre[1]]
  const b = seen.box
  return b[0] < x + r && b[2] > x - r && b[1] < y + r && b[3] > y - r
}

// ---- hair: the part of the head behind a tilted plane

/** The plane's normal in the head, hair where the point lies below it; an ellipsoid stands for the skull. */
const HAIR_PLANE: Vector = [0, 0.74, -0.67]
const HAIR_FROM = -2.6
const SKULL: Vector = [13.6, 16.6, 16.6]
const SKULL_CENTRE: Vector = [0, 283.4, -2]
const EAR: readonly Point[] = [
  [0.6, -4.6],
  [1.6, -2.6],
  [2.9, 0.6],
  [2.8, 3.4],
  [0.4, 4.9],
  [-2.6, 4.2],
  [-3.7, 1.4],
  [-2.8, -1.8],
  [-1.2, -4.4],
  [-0.3, -5.2],
]

function hairOf(
  seen: SeenPart,
  frames: BodyFrames,
  view: View,
  options: BodyOptions,
): DrawnPart['hair'] {
  const { head } = frames.trunk
  const centre = view(carried(head, SKULL_CENTRE))
  const axes = (
    [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as const
  ).map((e) => view(rotate(head.turn, e)))
  const length = norm(HAIR_PLANE)
  /** The point of the skull's front that is seen at a place of the picture, in the head's own axes. */
  const onSkull = (x: number, y: number): Vector => {
    const ex = x - centre[0]
    const ey = y - centre[1]
    let a = 0
    let b = 0
    let c = -1
    axes.forEach((axis, i) => {
      const r = SKULL[i as 0 | 1 | 2]
      const u = (axis[0] * ex + axis[1] * ey) / r
      const w = axis[2] / r
      a += w * w
      b += u * w
      c += u * u
    })
    const z = (-b + Math.sqrt(Math.max(0, b * b - a * c))) / a
    const along = (i: 0 | 1 | 2) => {
      const axis = axes[i] as Vector
      return axis[0] * ex + axis[1] * ey + axis[2] * z
    }
    return [along(0), along(1), along(2)]
  }
  const hair = (x: number, y: number): number => {
    const p = onSkull(x, y)
    const below =
      HAIR_FROM - (HAIR_PLANE[1] * p[1] + HAIR_PLANE[2] * p[2]) / length - 0.012 * p[0] * p[0] + 1.2
    return Math.max(field(seen.own, x, y) + 0.3, below)
  }
  const loops = allLoops(boxOf(seen.own), 1.8 * options.coarseness, hair).filter(
    (loop) => area(loop) > 12,
  )
  let edge = ''
  for (const loop of options.details ? loops : []) {
    const weights = smoothed(
      loop.map(([x, y]) => (field(seen.own, x, y) < -1.6 ? 1 : 0)),
      true,
      2,
    )
    for (const run of runsOf(weights.map((w) => w > 0.1)))
      if (run.indices.length > 2)
        edge += ribbonPath(
          run.indices.map((i) => loop[i] as Point),
          run.indices.map((i) => options.strokeWidth * 0.5 * (0.15 + 0.85 * (weights[i] ?? 0))),
        )
  }
  const ears = options.details
    ? [-1, 1].flatMap((g) => {
        const facing = view(rotate(head.turn, [g, 0, -0.1]))[2]
        if (facing < 0.3) return []
        const ear = EAR.map(([z, y]): Point => {
          const p = view(carried(head, [g * (13.2 + 0.25 * Math.max(0, -z)), 278.6 + y, -1.6 - z]))
          return [p[0], p[1]]
        })
        return [closedPath(oriented(ear))]
      })
    : []
  return { path: loops.map(closedPath).join(''), edge, ears }
}

// ---- the dotted start pose

export interface Silhouette {
  readonly fill: string
  readonly line: string
  readonly box: Box
}

/** The whole figure as one shape: all fills, and the pieces of outline that no other part covers. */
export function silhouette(state: BodyState, yaw: number): Silhouette {
  const frames = framesOf(state)
  const parts = prepared(frames, bodyFlesh(frames, false), viewFrom(yaw), 1.4)
  let fill = ''
  let line = ''
  for (const seen of parts) {
    if (!seen.line) continue
    const { loop, normals } = seen.line
    fill += closedPath(loop)
    const bare = loop.map((p, i) => {
      const n = normals[i] as Point
      return !parts.some(
        (other) =>
          other !== seen && isThere(partHeight(other, p[0] + n[0] * 0.7, p[1] + n[1] * 0.7)),
      )
    })
    for (const run of runsOf(bare)) {
      if (run.ring) line += closedPath(loop)
      else if (run.indices.length > 2) line += openPath(run.indices.map((i) => loop[i] as Point))
    }
  }
  return { fill, line, box: unionOf(parts) }
}
