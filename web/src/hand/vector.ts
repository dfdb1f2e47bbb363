/** Points and directions in the hand's own space: x radial, y distal, z palmar; 100 units are a palm's width. */
export type Vector = readonly [number, number, number]
export type Point = readonly [number, number]
export type Transform = (p: Vector) => Vector

export const degrees = Math.PI / 180

export const add = (a: Vector, b: Vector): Vector => [a[0] + b[0], a[1] + b[1], a[2] + b[2]]
export const subtract = (a: Vector, b: Vector): Vector => [a[0] - b[0], a[1] - b[1], a[2] - b[2]]
export const scale = (a: Vector, s: number): Vector => [a[0] * s, a[1] * s, a[2] * s]
export const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]
export const norm = (a: Vector): number => Math.hypot(a[0], a[1], a[2])
export const unit = (a: Vector): Vector => scale(a, 1 / (norm(a) || 1))
export const between = (a: number, b: number, t: number): number => a + (b - a) * t
export const along = (a: Vector, b: Vector, t: number): Vector => [
  between(a[0], b[0], t),
  between(a[1], b[1], t),
  between(a[2], b[2], t),
]
export const clamp = (value: number, least: number, greatest: number): number =>
  Math.max(least, Math.min(greatest, value))

export function aboutX(p: Vector, angle: number): Vector {
  const c = Math.cos(angle)
  const s = Math.sin(angle)
  return [p[0], p[1] * c - p[2] * s, p[1] * s + p[2] * c]
}

export function aboutY(p: Vector, angle: number): Vector {
  const c = Math.cos(angle)
  const s = Math.sin(angle)
  return [p[0] * c + p[2] * s, p[1], -p[0] * s + p[2] * c]
}

export function aboutZ(p: Vector, angle: number): Vector {
  const c = Math.cos(angle)
  const s = Math.sin(angle)
  return [p[0] * c - p[1] * s, p[0] * s + p[1] * c, p[2]]
}
