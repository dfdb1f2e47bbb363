import { cross, degrees, norm, scale, subtract, add, unit, type Vector } from '../vector'

/** A rotation in space: a unit quaternion x, y, z, w. */
export type Rotation = readonly [number, number, number, number]

export const NO_TURN: Rotation = [0, 0, 0, 1]

export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]

function about(axis: Vector, angle: number): Rotation {
  const s = Math.sin((angle * degrees) / 2)
  return [axis[0] * s, axis[1] * s, axis[2] * s, Math.cos((angle * degrees) / 2)]
}

/** Turns about the axes, in degrees. */
export const turnX = (angle: number): Rotation => about([1, 0, 0], angle)
export const turnY = (angle: number): Rotation => about([0, 1, 0], angle)
export const turnZ = (angle: number): Rotation => about([0, 0, 1], angle)

const after = (a: Rotation, b: Rotation): Rotation => [
  a[3] * b[0] + a[0] * b[3] + a[1] * b[2] - a[2] * b[1],
  a[3] * b[1] - a[0] * b[2] + a[1] * b[3] + a[2] * b[0],
  a[3] * b[2] + a[0] * b[1] - a[1] * b[0] + a[2] * b[3],
  a[3] * b[3] - a[0] * b[0] - a[1] * b[1] - a[2] * b[2],
]

/** One turn within the other: the last one acts first. */
export const turns = (first: Rotation, ...more: readonly Rotation[]): Rotation =>
  more.reduce(after, first)

export const inverse = (q: Rotation): Rotation => [-q[0], -q[1], -q[2], q[3]]

export function rotate(q: Rotation, v: Vector): Vector {
  const u: Vector = [q[0], q[1], q[2]]
  const t = scale(cross(u, v), 2)
  return add(add(v, scale(t, q[3])), cross(u, t))
}

const normed = (q: Rotation): Rotation => {
  const l = Math.hypot(...q) || 1
  return [q[0] / l, q[1] / l, q[2] / l, q[3] / l]
}

const mixed = (a: Rotation, b: Rotation, u: number, v: number): Rotation => [
  a[0] * u + b[0] * v,
  a[1] * u + b[1] * v,
  a[2] * u + b[2] * v,
  a[3] * u + b[3] * v,
]

/** The shortest way from one rotation to another. */
export function turnBetween(a: Rotation, b: Rotation, t: number): Rotation {
  let cosine = a[0] * b[0] + a[1] * b[1] + a[2] * b[2] + a[3] * b[3]
  const near: Rotation = cosine < 0 ? [-b[0], -b[1], -b[2], -b[3]] : b
  cosine = Math.abs(cosine)
  if (cosine > 0.9995) return normed(mixed(a, near, 1 - t, t))
  const angle = Math.acos(cosine)
  const s = Math.sin(angle)
  return mixed(a, near, Math.sin((1 - t) * angle) / s, Math.sin(t * angle) / s)
}

/** The shortest rotation that takes one direction to another. */
export function turnTo(a: Vector, b: Vector): Rotation {
  const c = cross(a, b)
  const w = 1 + dot(a, b)
  if (w < 1e-6) {
    const aside: Vector = Math.abs(a[0]) < 0.9 ? cross(a, [1, 0, 0]) : cross(a, [0, 1, 0])
    return about(unit(aside), 180)
  }
  return normed([c[0], c[1], c[2], w])
}

/** The rotation that takes `a` to `b` exactly, and `beside` as near to `toward` as that leaves it. */
export function turnPair(a: Vector, beside: Vector, b: Vector, toward: Vector): Rotation {
  const q = turnTo(a, b)
  const across = (v: Vector): Vector => unit(subtract(v, scale(b, dot(v, b))))
  const wanted = across(toward)
  const now = across(rotate(q, beside))
  const angle = Math.atan2(dot(cross(now, wanted), b), dot(now, wanted)) / degrees
  return turns(about(b, angle), q)
}

/** The same rotation on the other side of the body. */
export const mirroredTurn = (q: Rotation): Rotation => [q[0], -q[1], -q[2], q[3]]
export const mirroredPoint = (v: Vector): Vector => [-v[0], v[1], v[2]]

/** The angle between two directions, in degrees. */
export const angleBetween = (a: Vector, b: Vector): number =>
  Math.acos(Math.max(-1, Math.min(1, dot(a, b)))) / degrees

/** 0 up to `from`, 1 from `to` on, soft in between; falling where `from` is the greater. */
export function smooth(from: number, to: number, x: number): number {
  const t = Math.max(0, Math.min(1, (x - from) / (to - from)))
  return t * t * (3 - 2 * t)
}

export const distanceOf = (a: Vector, b: Vector): number => norm(subtract(a, b))
