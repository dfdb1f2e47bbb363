import type { Box } from '../outline'
import type { Point, Vector } from '../vector'
import type { Capsule, Group } from './flesh'

/** A capsule as it is seen: where it begins, its way, its radius and how that changes. */
export interface SeenCapsule {
  readonly x: number
  readonly y: number
  readonly z: number
  readonly radius: number
  readonly dx: number
  readonly dy: number
  readonly dz: number
  readonly dRadius: number
  /** The square of its length in the picture. */
  readonly squared: number
}

/** A group as it is seen; a stub is the start of another part, which melts into this one. */
export interface SeenGroup {
  readonly capsules: readonly SeenCapsule[]
  readonly blend: number
  readonly box: Box
  readonly stub: boolean
}

export type View = (p: Vector) => Vector

/** The figure turned about its height, in degrees: 0 from the front, 90 looking to the right. */
export function viewFrom(yaw: number): View {
  const c = Math.cos((yaw * Math.PI) / 180)
  const s = Math.sin((yaw * Math.PI) / 180)
  return (p) => [p[0] * c + p[2] * s, p[1], -p[0] * s + p[2] * c]
}

function seenCapsule(view: View, c: Capsule): SeenCapsule {
  const a = view(c.from)
  const b = view(c.to)
  const dx = b[0] - a[0]
  const dy = b[1] - a[1]
  return {
    x: a[0],
    y: a[1],
    z: a[2],
    radius: c.fromRadius,
    dx,
    dy,
    dz: b[2] - a[2],
    dRadius: c.toRadius - c.fromRadius,
    squared: dx * dx + dy * dy,
  }
}

export function boxOf(groups: readonly { readonly capsules: readonly SeenCapsule[] }[]): Box {
  let left = Infinity
  let bottom = Infinity
  let right = -Infinity
  let top = -Infinity
  for (const group of groups)
    for (const c of group.capsules) {
      const end = c.radius + c.dRadius
      left = Math.min(left, c.x - c.radius, c.x + c.dx - end)
      bottom = Math.min(bottom, c.y - c.radius, c.y + c.dy - end)
      right = Math.max(right, c.x + c.radius, c.x + c.dx + end)
      top = Math.max(top, c.y + c.radius, c.y + c.dy + end)
    }
  return [left, bottom, right, top]
}

export function seenGroup(
  view: View,
  group: Group | { readonly capsules: readonly Capsule[]; readonly blend: number },
  stub = false,
): SeenGroup {
  const capsules = group.capsules.map((c) => seenCapsule(view, c))
  return { capsules, blend: group.blend, box: boxOf([{ capsules }]), stub }
}

const FAR = 1e9

/**
 * The signed distance to groups: negative inside. The soft minimum acts only where two surfaces meet
 * at an angle, so that parallel ones do not swell; each stub melts into the part, not into other stubs.
 */
export function field(groups: readonly SeenGroup[], x: number, y: number): number {
  let d = FAR
  let nx = 0
  let ny = 0
  let best = FAR
  for (const g of groups) {
    const b = g.box
    const bx = x < b[0] ? b[0] - x : x > b[2] ? x - b[2] : 0
    const by = y < b[1] ? b[1] - y : y > b[3] ? y - b[3] : 0
    if ((bx > 0 || by > 0) && Math.sqrt(bx * bx + by * by) > d + g.blend) continue
    let own = FAR
    let ox = 0
    let oy = 0
    for (const c of g.capsules) {
      let t = c.squared > 1e-6 ? ((x - c.x) * c.dx + (y - c.y) * c.dy) / c.squared : 0
      t = t < 0 ? 0 : t > 1 ? 1 : t
      const ux = x - c.x - c.dx * t
      const uy = y - c.y - c.dy * t
      const l = Math.sqrt(ux * ux + uy * uy)
      const v = l - c.radius - c.dRadius * t
      if (v < own) {
        own = v
        const q = 1 / (l || 1)
        ox = ux * q
        oy = uy * q
      }
    }
    if (d > 1e8) {
      d = own
      nx = ox
      ny = oy
      continue
    }
    const apart = d - own
    const k = g.blend
    let cut = 0
    if (apart < k && apart > -k) {
      const turn = (1 - nx * ox - ny * oy) * 1.1
      const soft = turn >= 1 ? k : k * turn
      const h = soft - Math.abs(apart)
      if (h > 0) cut = (h * h) / (4 * soft)
    }
    if (g.stub) {
      best = Math.min(best, Math.min(d, own) - cut)
      continue
    }
    if (own < d) {
      d = own
      nx = ox
      ny = oy
    }
    d -= cut
  }
  return Math.min(best, d)
}

/** Where nothing of a part is. */
export const NOWHERE = -1e9
export const isThere = (height: number): boolean => height > -1e8

/** The front surface of groups at a point: the greatest depth toward the viewer. */
export function surface(groups: readonly SeenGroup[], x: number, y: number): number {
  let m = NOWHERE
  for (const g of groups) {
    const b = g.box
    if (x < b[0] || y < b[1] || x > b[2] || y > b[3]) continue
    for (const c of g.capsules) m = Math.max(m, capsuleSurface(c, x, y))
  }
  return m
}

function capsuleSurface(c: SeenCapsule, x: number, y: number): number {
  let t = c.squared > 1e-6 ? ((x - c.x) * c.dx + (y - c.y) * c.dy) / c.squared : 0
  t = t < 0 ? 0 : t > 1 ? 1 : t
  const ux = x - c.x - c.dx * t
  const uy = y - c.y - c.dy * t
  const r = c.radius + c.dRadius * t
  const h = r * r - ux * ux - uy * uy
  if (h <= 0) return NOWHERE
  const z = c.z + c.dz * t + Math.sqrt(h)
  // Where the capsule points at the viewer, its ends may lie nearer than its middle.
  if (c.dz * c.dz < c.squared * 0.2) return z
  return Math.max(
    z,
    sphereSurface(c.x, c.y, c.z, c.radius, x, y),
    sphereSurface(c.x + c.dx, c.y + c.dy, c.z + c.dz, c.radius + c.dRadius, x, y),
  )
}

function sphereSurface(
  cx: number,
  cy: number,
  cz: number,
  r: number,
  x: number,
  y: number,
): number {
  const h = r * r - (x - cx) * (x - cx) - (y - cy) * (y - cy)
  return h > 0 ? cz + Math.sqrt(h) : NOWHERE
}

/** The depth of the rim at a point, and which of the groups it belongs to. */
export function rimAt(
  groups: readonly SeenGroup[],
  [x, y]: Point,
): { readonly depth: number; readonly group: number } {
  let least = FAR
  let depth = 0
  let group = -1
  groups.forEach((g, i) => {
    const b = g.box
    if (x < b[0] - 3 || y < b[1] - 3 || x > b[2] + 3 || y > b[3] + 3) return
    for (const c of g.capsules) {
      let t =
        c.squared > 1e-6 ? ((x - c.x) * c.dx + (y - c.y) * c.dy) / c.squared : c.dz > 0 ? 1 : 0
      t = t < 0 ? 0 : t > 1 ? 1 : t
      const ux = x - c.x - c.dx * t
      const uy = y - c.y - c.dy * t
      const v = Math.sqrt(ux * ux + uy * uy) - c.radius - c.dRadius * t
      const z = c.z + c.dz * t
      if (v < least - 0.35 || (v < least + 0.35 && z > depth)) {
        if (v < least) least = v
        depth = z
        group = i
      }
    }
  })
  return { depth, group }
}
