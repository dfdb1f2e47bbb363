import type { Box, Loop } from '../outline'
import { clamp, type Point, type Vector } from '../vector'
import { outerLoop } from './contour'
import {
  boxOf,
  field,
  isThere,
  NOWHERE,
  rimAt,
  seenGroup,
  surface,
  type SeenGroup,
  type View,
} from './field'
import type { BodyFlesh, FleshPart, Joint } from './flesh'
import { smoothed } from './path'
import { smooth } from './rotation'
import type { BodyFrames } from './skeleton'
import { carried } from './trunk'

/** The outline of a part, and how much of each of its points is seen: 0 where it is sunk in flesh. */
export interface Line {
  readonly loop: Loop
  readonly weights: readonly number[]
  readonly normals: readonly Point[]
  readonly depths: readonly number[]
}

/** A part as it is seen, with what it grows out of and into. */
export interface SeenPart {
  readonly part: FleshPart
  readonly own: readonly SeenGroup[]
  readonly all: readonly SeenGroup[]
  readonly box: Box
  readonly rank: number
  readonly line: Line | null
}

interface Neighbour {
  readonly other: Draft
  readonly at: Vector
  readonly joint: Joint
  readonly share: number
  /** Whether this part grows out of the other one; then what of it has melted into that. */
  readonly grown: boolean
  readonly meet: readonly SeenGroup[] | null
}

interface Draft {
  readonly part: FleshPart
  readonly own: readonly SeenGroup[]
  readonly all: SeenGroup[]
  readonly from: Vector | null
  readonly to: Vector | null
  readonly neighbours: Neighbour[]
  box: Box
  loop: Loop | null
  rank: number
}

const heightOf = (part: { own: readonly SeenGroup[]; box: Box }, x: number, y: number): number => {
  const b = part.box
  return x < b[0] || y < b[1] || x > b[2] || y > b[3] ? NOWHERE : surface(part.own, x, y)
}
export const partHeight = heightOf

/** How much of a bone's length lies in the picture's plane. */
function flatness(part: Draft): number {
  if (!part.from || !part.to) return 1
  const l = Math.hypot(part.to[0] - part.from[0], part.to[1] - part.from[1])
  return l / (Math.hypot(l, part.to[2] - part.from[2]) || 1)
}

/** Parts from behind to front, each with the part of its outline that is to be seen. */
export function prepared(
  frames: BodyFrames,
  flesh: BodyFlesh,
  view: View,
  coarseness: number,
): readonly SeenPart[] {
  const drafts = flesh.parts.map((part): Draft => {
    const own = part.groups.map((group) => seenGroup(view, group))
    return {
      part,
      own,
      all: [...own],
      from: part.bone && view(part.bone[0]),
      to: part.bone && view(part.bone[1]),
      neighbours: [],
      box: boxOf(own),
      loop: null,
      rank: 0,
    }
  })
  join(frames, flesh, view, drafts)
  for (const draft of drafts) draft.loop = outerLoop(draft.all, draft.part.step * coarseness)
  const order = ordered(drafts)
  order.forEach((draft, i) => {
    draft.rank = i
  })
  return order.map((draft) => ({
    part: draft.part,
    own: draft.own,
    all: draft.all,
    box: draft.box,
    rank: draft.rank,
    line: draft.loop && lineOf(draft, draft.loop),
  }))
}

/** Lets parents carry the start of their children, where the joint lies in the picture's plane. */
function join(frames: BodyFrames, flesh: BodyFlesh, view: View, drafts: readonly Draft[]) {
  const of = new Map(drafts.map((draft) => [draft.part, draft]))
  const shoulders = view(carried(frames.trunk.chest, [0, 236, -4]))
  const hips = view(frames.trunk.pelvis.place)
  for (const joint of flesh.joints) {
    const parent = of.get(joint.parent)
    const child = of.get(joint.child)
    if (!parent || !child) continue
    const at = view(joint.at)
    const middle = joint.child.kind === 'upper' ? shoulders : hips
    const share = blendShare(joint, parent, child, at, middle)
    let meet: SeenGroup[] | null = null
    if (joint.stub && share > 0.12) {
      const group = seenGroup(view, { capsules: joint.stub, blend: joint.blend * share }, true)
      parent.all.push(group)
      meet = [...parent.own, group]
    }
    parent.neighbours.push({ other: child, at, joint, share, grown: false, meet: null })
    child.neighbours.push({ other: parent, at, joint, share, grown: true, meet })
  }
}

function blendShare(joint: Joint, parent: Draft, child: Draft, at: Vector, middle: Vector): number {
  if (joint.kind === 'nape') return 1
  if (!joint.stub) return 0
  if (joint.kind === 'root')
    return (
      clamp(1.15 - Math.abs(at[2] - middle[2]) / joint.range, 0, 1) *
      smooth(0.25, 0.6, flatness(child))
    )
  return smooth(0.4, 0.8, flatness(child)) * smooth(0.3, 0.6, flatness(parent))
}

/** Limbs lie before the trunk and the head before the neck unless they are clearly behind. */
function bias(a: FleshPart, b: FleshPart): number {
  if (a.kind !== 'torso') return 0
  if (b.kind === 'upper' || b.kind === 'thigh') return 9
  return b.kind === 'head' ? 7 : 0
}

const MOST_APART = 12
const UNDECIDED = 1.6

/** From behind to front: for each pair the mean difference of their fronts where both lie. */
function ordered(drafts: readonly Draft[]): readonly Draft[] {
  const n = drafts.length
  const behind = drafts.map(() => new Float32Array(n))
  const put = (a: number, b: number, by: number) => {
    const row = behind[a]
    if (row) row[b] = by
  }
  for (let i = 0; i < n; i++)
    for (let k = i + 1; k < n; k++) {
      const a = drafts[i] as Draft
      const b = drafts[k] as Draft
      const mean = meanApart(a, b)
      if (mean === null) continue
      let d = mean + bias(a.part, b.part) - bias(b.part, a.part)
      if (Math.abs(d) < UNDECIDED)
        d = (b.part.precedence - a.part.precedence || (k - i) * 0.01) > 0 ? 0.6 : -0.6
      if (d > 0) put(i, k, d)
      else put(k, i, -d)
    }
  const left = new Set(drafts.keys())
  const order: Draft[] = []
  while (left.size) {
    let best = -1
    let least = Infinity
    for (const i of left) {
      let before = 0
      for (const k of left) before += behind[k]?.[i] ?? 0
      const depth = (drafts[i]?.own[0]?.capsules[0]?.z ?? 0) * 1e-3
      const score = before ? before : depth
      if (score < least) {
        least = score
        best = i
      }
    }
    left.delete(best)
    order.push(drafts[best] as Draft)
  }
  return order
}

function meanApart(a: Draft, b: Draft): number | null {
  const box: Box = [
    Math.max(a.box[0], b.box[0]),
    Math.max(a.box[1], b.box[1]),
    Math.min(a.box[2], b.box[2]),
    Math.min(a.box[3], b.box[3]),
  ]
  if (box[0] > box[2] || box[1] > box[3]) return null
  let sum = 0
  let votes = 0
  const vote = (x: number, y: number) => {
    if (x < box[0] || x > box[2] || y < box[1] || y > box[3]) return
    const za = heightOf(a, x, y)
    const zb = heightOf(b, x, y)
    if (!isThere(za) || !isThere(zb)) return
    sum += clamp(zb - za, -MOST_APART, MOST_APART)
    votes++
  }
  for (const draft of [a, b]) {
    for (const group of draft.own)
      for (const c of group.capsules) {
        vote(c.x, c.y)
        vote(c.x + c.dx, c.y + c.dy)
      }
    draft.loop?.forEach((p, i) => {
      if (i % 4 === 0) vote(p[0], p[1])
    })
  }
  return votes ? sum / votes : null
}

function lineOf(draft: Draft, loop: Loop): Line {
  const n = loop.length
  const weights: number[] = []
  const normals: Point[] = []
  const depths: number[] = []
  loop.forEach((p, i) => {
    const a = loop[(i + n - 1) % n] as Point
    const b = loop[(i + 1) % n] as Point
    const l = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1
    normals.push([(b[1] - a[1]) / l, -(b[0] - a[0]) / l])
    const rim = rimAt(draft.all, p)
    depths.push(rim.depth)
    weights.push(
      draft.neighbours
        .filter((neighbour) => neighbour.other.rank <= draft.rank)
        .reduce((w, neighbour) => w * standingClear(draft, neighbour, p, rim), 1),
    )
  })
  return { loop, weights: smoothed(weights, true, 1), normals, depths }
}

/** 1 where a point of an outline stands clear of a neighbour beneath it, 0 where it is sunk. */
function standingClear(
  draft: Draft,
  neighbour: Neighbour,
  [x, y]: Point,
  rim: { readonly depth: number; readonly group: number },
): number {
  const { other, at, joint, share, meet } = neighbour
  const siblings = joint.kind === 'siblings'
  const height = heightOf(other, x, y)
  const there = isThere(height)
  const away = Math.hypot(x - at[0], y - at[1], (rim.depth - at[2]) * 0.8)
  const near = smooth(3 * joint.radius, 2.2 * joint.radius, away)
  let clear = 1
  if (there) {
    const start = siblings
      ? 0
      : (joint.start ?? (joint.kind === 'root' ? 1.25 : 1.35)) * joint.radius
    const onStub = rim.group >= draft.own.length
    const allowed = onStub ? 0 : clamp((away - start) * 1.1, 0, 40)
    clear *= 1 - smooth(allowed - 1.2, allowed + 2.6, height - rim.depth)
  }
  if (meet && !siblings && (joint.kind !== 'nape' || rim.group < 2)) {
    const d = field(meet, x, y)
    const depth = there ? smooth(4, 1, rim.depth - height) : 1
    clear *= 1 - smooth(0.35, -0.25, d) * near * smooth(0.1, 0.5, share) * depth
  }
  if (meet && joint.start !== null) clear *= 1 - atTheFork(other, meet, [x, y], rim.depth) * near
  if (neighbour.grown && !siblings && there && draft.from && draft.to)
    clear *= beyondTheRoot(draft.from, draft.to, joint, [x, y])
  return clear
}

/** Where the two legs fork, the seat of the other one hides the line. */
function atTheFork(other: Draft, meet: readonly SeenGroup[], [x, y]: Point, depth: number): number {
  const d = field(other.all, x, y)
  if (d >= -0.4) return 0
  const stub = meet[meet.length - 1]
  const height = surface(
    other.all.slice(other.own.length).filter((group) => group !== stub),
    x,
    y,
  )
  return !isThere(height) || height > depth - 3 ? smooth(0.4, 0.9, -d) : 0
}

/** A part that lies over its parent is drawn from its root on only. */
function beyondTheRoot(from: Vector, to: Vector, joint: Joint, [x, y]: Point): number {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1
  if (length <= joint.radius * 0.8) return 1
  const along = ((x - from[0]) * (to[0] - from[0]) + (y - from[1]) * (to[1] - from[1])) / length
  const thumb = joint.kind === 'thumb'
  const start = thumb ? length * 0.5 : 0
  return smooth(start - 1, start + (thumb ? 3 : 0.5 * joint.radius), along)
}
