import type { Loop } from '../outline'
import type { Point } from '../vector'

const middle = (a: Point, b: Point): Point => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]

/** A number of tenths as short as SVG allows. */
const spelled = (tenths: number): string => (tenths / 10).toString().replace(/^(-?)0\./, '$1.')

/** Spelling took a third of a drawing, and nearly every number is a short way from the last one. */
const FURTHEST = 1000
const SPELLED = Array.from({ length: 2 * FURTHEST + 1 }, (_, i) => spelled(i - FURTHEST))
const written = (tenths: number): string => SPELLED[tenths + FURTHEST] ?? spelled(tenths)

/** Writes short relative paths in tenths of a unit, y downward. */
class Pen {
  private text = ''
  private x = 0
  private y = 0

  move(p: Point): this {
    return this.go('M', [p], true)
  }

  line(p: Point): this {
    return this.go('l', [p], false)
  }

  curve(control: Point, end: Point): this {
    return this.go('q', [control, end], false)
  }

  close(): string {
    return this.text + 'Z'
  }

  get path(): string {
    return this.text
  }

  private go(command: string, points: readonly Point[], absolute: boolean): this {
    let numbers = 0
    const put = (value: number) => {
      const text = written(value)
      this.text += numbers++ > 0 && !text.startsWith('-') ? ' ' + text : text
    }
    this.text += command
    const [x0, y0] = absolute ? [0, 0] : [this.x, this.y]
    for (const p of points) {
      this.x = Math.round(p[0] * 10)
      this.y = Math.round(-p[1] * 10)
      put(this.x - x0)
      put(this.y - y0)
    }
    return this
  }
}

/** A closed curve through the middles of a loop's sides. */
export function closedPath(loop: Loop): string {
  const n = loop.length
  const at = (i: number) => loop[i % n] as Point
  const pen = new Pen().move(middle(at(0), at(1)))
  for (let i = 1; i <= n; i++) pen.curve(at(i), middle(at(i), at(i + 1)))
  return pen.close()
}

function trail(pen: Pen, line: Loop, first: 'move' | 'line'): Pen {
  const n = line.length
  const at = (i: number) => line[i] as Point
  pen[first](at(0))
  if (n === 2) return pen.line(at(1))
  pen.line(middle(at(0), at(1)))
  for (let i = 1; i < n - 1; i++) pen.curve(at(i), middle(at(i), at(i + 1)))
  return pen.line(at(n - 1))
}

export const openPath = (line: Loop): string =>
  line.length < 2 ? '' : trail(new Pen(), line, 'move').path

/** The strip between a line and another one that comes back. */
export const stripPath = (there: Loop, back: Loop): string => {
  const pen = new Pen()
  trail(pen, there, 'move')
  return trail(pen, back, 'line').close()
}

/** A line with a width at every point, as a shape. */
export function ribbonPath(line: Loop, widths: readonly number[]): string {
  const n = line.length
  if (n < 2) return ''
  const left: Point[] = []
  const right: Point[] = []
  line.forEach((p, i) => {
    const a = line[Math.max(0, i - 1)] as Point
    const b = line[Math.min(n - 1, i + 1)] as Point
    const dx = b[0] - a[0]
    const dy = b[1] - a[1]
    const l = Math.hypot(dx, dy) || 1
    const half = (widths[i] ?? 0) / 2
    left.push([p[0] - (dy / l) * half, p[1] + (dx / l) * half])
    right.push([p[0] + (dy / l) * half, p[1] - (dx / l) * half])
  })
  return stripPath(left, right.reverse())
}

/** Numbers along a line, each drawn a little toward its neighbours. */
export function smoothed(values: readonly number[], ring: boolean, times: number): number[] {
  let at = [...values]
  for (let k = 0; k < times; k++) {
    const n = at.length
    at = at.map((v, i) => {
      const l = at[ring ? (i + n - 1) % n : Math.max(0, i - 1)] as number
      const r = at[ring ? (i + 1) % n : Math.min(n - 1, i + 1)] as number
      return (l + 2 * v + r) / 4
    })
  }
  return at
}

/** A stretch of a ring; the whole of it where `ring` is true. */
export interface Run {
  readonly ring: boolean
  readonly indices: readonly number[]
}

/** The stretches of a ring that are on. */
export function runsOf(on: readonly boolean[]): readonly Run[] {
  const n = on.length
  if (n > 0 && on.every(Boolean)) return [{ ring: true, indices: on.map((_, i) => i) }]
  const start = on.findIndex((v, i) => v && !on[(i + n - 1) % n])
  if (start < 0) return []
  const runs: { ring: boolean; indices: number[] }[] = []
  let open: number[] | null = null
  for (let k = 0; k < n; k++) {
    const i = (start + k) % n
    if (!on[i]) open = null
    else if (open) open.push(i)
    else {
      open = [i]
      runs.push({ ring: false, indices: open })
    }
  }
  return runs
}

/** A curve through points (Catmull-Rom), with so many steps between two of them. */
export function curveThrough(points: Loop, steps: number): Loop {
  const out: Point[] = []
  for (let i = 0; i < points.length - 1; i++) {
    const b = points[i] as Point
    const c = points[i + 1] as Point
    const a = points[i - 1] ?? b
    const d = points[i + 2] ?? c
    for (let k = 0; k < steps; k++) {
      const t = k / steps
      const on = (axis: 0 | 1) =>
        0.5 *
        (2 * b[axis] +
          (c[axis] - a[axis]) * t +
          (2 * a[axis] - 5 * b[axis] + 4 * c[axis] - d[axis]) * t * t +
          (3 * b[axis] - a[axis] - 3 * c[axis] + d[axis]) * t * t * t)
      out.push([on(0), on(1)])
    }
  }
  const last = points[points.length - 1]
  return last ? [...out, last] : out
}
