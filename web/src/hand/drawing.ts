import { body, digit, palmAndRoots } from './flesh'
import {
  area,
  bounds,
  closedPath,
  openPath,
  outline,
  capsule,
  type Box,
  type Flesh,
} from './outline'
import {
  FINGERS,
  build,
  stations,
  type Chain,
  type HandPose,
  type Phalanx,
  type Skeleton,
} from './skeleton'
import {
  aboutX,
  aboutY,
  aboutZ,
  add,
  along,
  between,
  clamp,
  degrees,
  scale,
  type Point,
  type Transform,
  type Vector,
} from './vector'

/** One painted path; `shift` moves it toward the light inside its clip. */
export interface Shape {
  readonly path: string
  readonly fill?: string
  readonly line?: string
  readonly width?: number
  readonly opacity?: number
  readonly clip?: string
  readonly shift?: Point
}

export interface Gradient {
  readonly id: string
  readonly from: Point
  readonly to: Point
  readonly first: string
  readonly last: string
}

/** A hand, ready to be painted from behind to front. SVG coordinates, y downward. */
export interface Drawing {
  readonly shapes: readonly Shape[]
  readonly clips: readonly { readonly id: string; readonly path: string }[]
  readonly gradients: readonly Gradient[]
  /** Where the forearm fades out, in SVG coordinates. */
  readonly fade: { readonly from: Point; readonly to: Point }
  /** Left, top, right, bottom. */
  readonly box: Box
  /** Where a point of a phalanx is drawn. */
  readonly place: (digitIndex: number, phalanx: number, at: number) => Point
  /** Where a point of the hand, given on a straight wrist, is drawn. */
  readonly placeOnHand: (p: Vector) => Point
  /** The outline of everything, for ghosts. */
  readonly silhouette: () => string
  /** The flesh of the palm and forearm, for contact between two hands. */
  readonly bodyFlesh: readonly Flesh[]
  /** The flesh of the four fingers. */
  readonly fingerFlesh: readonly Flesh[]
  readonly strokeWidth: number
}

/** The colours of one hand, as names of style variables. */
export interface Palette {
  readonly fill: string
  readonly shade: string
  readonly line: string
  readonly work: string
  readonly workShade: string
  readonly nail: string
  readonly workNail: string
  readonly pocket: string
}

const palette = (name: string): Palette => ({
  fill: `var(--${name}-fill)`,
  shade: `var(--${name}-shade)`,
  line: 'var(--hand-line)',
  work: 'var(--hand-work)',
  workShade: 'var(--hand-work-shade)',
  nail: `var(--${name}-nail)`,
  workNail: 'var(--hand-work-nail)',
  pocket: `var(--${name}-pocket)`,
})
export const HAND: Palette = palette('hand')
export const SECOND_HAND: Palette = palette('hand-second')

export type HandView = 'PALM' | 'BACK' | 'SIDE' | 'SIDE_PALM_UP' | 'THREE_QUARTER' | 'LIFT'

export const VIEWS: Readonly<Record<HandView, Transform>> = {
  PALM: (p) => p,
  BACK: (p) => aboutY(p, Math.PI),
  SIDE: (p) => aboutZ(aboutY(p, -Math.PI / 2), Math.PI / 2),
  // Turned over in the view, not in space, so that the light stays where it is.
  SIDE_PALM_UP: (p) => {
    const side = VIEWS.SIDE(p)
    return [side[0], -side[1], side[2]]
  },
  THREE_QUARTER: (p) => aboutY(p, -32 * degrees),
  LIFT: (p) => aboutX(aboutY(p, Math.PI), -48 * degrees),
}

/** A view of a hand whose forearm is turned. */
const turned = (see: Transform, pose: HandPose): Transform =>
  pose.wrist.turn ? (p) => see(aboutY(p, pose.wrist.turn * degrees)) : see

/** The upright side view, turned by an angle: for two hands in contact. */
export const sideView =
  (angle: number): Transform =>
  (p) =>
    aboutZ(aboutY(p, -Math.PI / 2), angle * degrees)

export interface DrawingOptions {
  readonly id: string
  readonly see: Transform
  readonly left?: boolean
  readonly worked?: readonly number[]
  readonly strokeWidth?: number
  readonly step?: number
  readonly details?: boolean
  readonly palette?: Palette
  readonly slim?: number
  readonly only?: 'everything' | 'all but folded fingers' | 'folded fingers'
  readonly palmLines?: boolean
}

/** Phalanges of a digit that are drawn as one piece. */
interface Run {
  readonly chain: Chain
  readonly phalanges: readonly number[]
  readonly depth: number
  readonly root: boolean
  readonly front: boolean
  readonly hidden: boolean
  readonly worked: boolean
  readonly drawnLength: number
  readonly flesh: readonly Flesh[]
}

const FRONTAL = 0.55
const FADE_BEGINS = 48
const FADE_ENDS = 106
const FOREARM_RADIUS = 40
const LIGHT: Point = [-4.6, 2.6]

/** Draws one hand. Everything depends on the arguments alone. */
export function draw(pose: HandPose, options: DrawingOptions): Drawing {
  return new Artist(pose, options).drawing()
}

class Artist {
  private readonly skeleton: Skeleton
  private readonly see: Transform
  private readonly colours: Palette
  private readonly width: number
  private readonly step: number
  private readonly details: boolean
  private readonly light: Point
  private readonly facing: number
  private readonly frontal: boolean
  private readonly shapes: Shape[] = []
  private readonly clips: { id: string; path: string }[] = []
  private readonly gradients: Gradient[] = []

  constructor(
    private readonly pose: HandPose,
    private readonly options: DrawingOptions,
  ) {
    this.skeleton = build(pose)
    this.see = turned(options.see, pose)
    this.colours = options.palette ?? HAND
    this.width = options.strokeWidth ?? 2.6
    this.step = options.step ?? 2
    this.details = options.details ?? true
    this.light = [options.left ? -LIGHT[0] : LIGHT[0], LIGHT[1]]
    this.facing = this.see([0, 0, 1])[2]
    this.frontal = Math.abs(this.facing) > FRONTAL
  }

  drawing(): Drawing {
    const runs = this.runs()
    const bodyFlesh = body(this.skeleton, this.see)
    const only = this.options.only ?? 'everything'
    const folded = (run: Run) => !run.chain.thumb && (run.phalanges[0] ?? 0) > 0
    const drawn = runs.filter(
      (run) => only === 'everything' || (only === 'folded fingers') === folded(run),
    )
    const behind = drawn.filter((run) => !run.front).sort((a, b) => a.depth - b.depth)
    const before = drawn.filter((run) => run.front).sort((a, b) => a.depth - b.depth)
    behind.forEach((run) => this.run(run))
    const bodyClip = only === 'folded fingers' ? '' : this.body(bodyFlesh, behind)
    if (bodyClip) {
      this.shadows(before, bodyClip)
      this.sideFist(before)
    }
    for (const run of before) {
      this.run(run)
      if (run.root && (run.chain.thumb || !this.frontal)) this.frontPatch(run)
    }
    const digitFlesh = runs.flatMap((run) => run.flesh)
    const everything = [...bodyFlesh, ...digitFlesh]
    const box = extent(this.pose, this.options.see, this.options.left ?? false)
    const mirror = this.options.left ? -1 : 1
    const out = (p: Vector): Point => [mirror * p[0], -p[1]]
    return {
      shapes: this.shapes,
      clips: this.clips,
      gradients: this.gradients,
      fade: { from: this.svg([0, -FADE_BEGINS, 0]), to: this.svg([0, -FADE_ENDS, 0]) },
      box,
      place: (digitIndex, phalanx, at) => {
        const bone = this.skeleton.chains[digitIndex]?.phalanges[phalanx] as Phalanx
        return out(this.see(along(bone.from, bone.to, at)))
      },
      placeOnHand: (p) => out(this.see(this.skeleton.wrist(p))),
      silhouette: () =>
        closedPath(
          outline(
            everything.map((f, i) => (i < bodyFlesh.length ? f : { ...f, blend: 0 })),
            this.step,
          ),
        ),
      bodyFlesh,
      fingerFlesh: runs.filter((run) => !run.chain.thumb).flatMap((run) => run.flesh),
      strokeWidth: this.width,
    }
  }

  private svg(p: Vector): Point {
    const q = this.see(p)
    return [q[0], -q[1]]
  }

  private seen(p: Vector): Point {
    const q = this.see(p)
    return [q[0], q[1]]
  }

  // ---- runs

  private runs(): Run[] {
    const knuckleDepths = [0, 1, 2, 3].map(
      (i) => this.see((this.skeleton.chains[i]?.phalanges[0] as Phalanx).from)[2],
    )
    const sum = knuckleDepths.reduce((a, b) => a + b, 0)
    const bodyDepth = this.frontal
      ? sum / 4
      : Math.max(...knuckleDepths) * 0.8 + (knuckleDepths[1] ?? 0) * 0.2 - 1
    const runs: Run[] = []
    for (const chain of this.skeleton.chains)
      for (const phalanges of this.pieces(chain)) runs.push(this.toRun(chain, phalanges, bodyDepth))
    return runs
  }

  private thumbLiesOver(): boolean {
    const tip = (this.skeleton.straight[4]?.phalanges[2] as Phalanx).to
    return tip[0] < 42 && tip[2] > 28
  }

  /** A digit falls into pieces where a joint folds it back over itself, out of the picture's plane. */
  private pieces(chain: Chain): number[][] {
    const over = chain.thumb && (!this.frontal || (this.facing > 0 && this.thumbLiesOver()))
    const start = chain.thumb ? 1 : 0
    let current = over ? [0, 1] : [start]
    const pieces: number[][] = []
    for (let k = start + 1; k < 3; k++) {
      const before = this.see((chain.phalanges[k - 1] as Phalanx).direction)
      const bone = chain.phalanges[k] as Phalanx
      const here = this.see(bone.direction)
      const la = Math.hypot(before[0], before[1])
      const lb = Math.hypot(here[0], here[1])
      const turn = (before[0] * here[0] + before[1] * here[1]) / (la * lb || 1)
      const inPlane = Math.abs(this.see(bone.sideways)[2]) > 0.72
      if (!inPlane && bone.flexion > 40 && (turn < 0.1 || la < 0.3 || lb < 0.3)) {
        pieces.push(current)
        current = [k]
      } else current.push(k)
    }
    pieces.push(current)
    return pieces
  }

  private toRun(chain: Chain, phalanges: number[], bodyDepth: number): Run {
    const counted = phalanges.filter((k) => !(chain.thumb && k === 0))
    const depth =
      counted
        .map((k) => chain.phalanges[k] as Phalanx)
        .reduce((sum, b) => sum + (this.see(b.from)[2] + this.see(b.to)[2]) / 2, 0) / counted.length
    const first = phalanges[0] as number
    const root = chain.thumb ? first <= 1 : first === 0
    const direction = this.see((chain.phalanges[first] as Phalanx).direction)
    const over = chain.thumb && this.thumbLiesOver()
    let front: boolean
    if (chain.thumb) front = this.frontal ? over && this.facing > 0 : depth > bodyDepth - 40
    else if (this.frontal) front = root ? direction[2] > 0.62 : depth > bodyDepth + 2
    else front = chain.digit === (this.see([1, 0, 0])[2] > 0 ? 0 : 3)
    return {
      chain,
      phalanges,
      depth,
      root,
      front,
      hidden: chain.thumb && this.frontal && this.facing < 0 && over,
      worked: (this.options.worked ?? []).includes(chain.digit),
      drawnLength: Math.hypot(direction[0], direction[1]),
      flesh: digit(chain, phalanges, this.see, this.options.slim ?? 1),
    }
  }

  private fillOf(run: Run): string {
    return run.worked ? this.colours.work : this.colours.fill
  }

  // ---- pieces of paint

  /** Shade, then the same shape in its colour moved toward the light, then the line. */
  private solid(path: string, fill: string, shade: string, reach = 1): string {
    const clip = `${this.options.id}c${this.clips.length}`
    this.clips.push({ id: clip, path })
    this.shapes.push({ path, fill: shade })
    this.shapes.push({
      path,
      fill,
      clip,
      shift: [this.light[0] * reach, -this.light[1] * reach],
    })
    this.shapes.push({ path, line: this.colours.line, width: this.width })
    return clip
  }

  private gradient(name: string, from: Vector, to: Vector, first: string, last: string): string {
    const id = `${this.options.id}${name}`
    this.gradients.push({ id, from: this.svg(from), to: this.svg(to), first, last })
    return `url(#${id})`
  }

  private run(run: Run) {
    const loops = outline(run.flesh, this.step).sort((a, b) => area(b) - area(a))
    this.solid(
      closedPath(loops.slice(0, 1)),
      this.fillOf(run),
      run.worked ? this.colours.workShade : this.colours.shade,
    )
    const holes = loops.slice(1).filter((loop) => area(loop) > 18)
    if (holes.length)
      this.shapes.push({
        path: closedPath(holes),
        fill: this.colours.pocket,
        line: this.colours.line,
        width: this.width * 0.8,
      })
    this.skin(run)
    this.foldedJoint(run)
  }

  private body(flesh: readonly Flesh[], behind: readonly Run[]): string {
    const clip = this.solid(
      closedPath(outline(flesh, this.step)),
      this.colours.fill,
      this.colours.shade,
      1.25,
    )
    for (const run of behind) {
      const bentBack = !run.chain.thumb && (run.chain.phalanges[0] as Phalanx).flexion < -8
      if (run.root && run.drawnLength > 0.5 && (this.frontal || bentBack) && !run.hidden)
        this.seam(run)
    }
    if (this.details && this.frontal && this.options.palmLines !== false)
      if (this.facing > 0) this.palmLines()
      else this.knuckles()
    return clip
  }

  /** Contact shadows of the fingers folded over the palm. */
  private shadows(before: readonly Run[], clip: string) {
    if (!this.frontal) return
    for (const run of before)
      if (!run.chain.thumb && !run.root)
        this.shapes.push({
          path: closedPath(outline(run.flesh, this.step)),
          fill: this.colours.shade,
          clip,
          shift: [-this.light[0] * 0.9, this.light[1] * 2],
        })
  }

  /** A fist from the side is a block: the gap inside the bent index finger is closed first. */
  private sideFist(before: readonly Run[]) {
    if (this.frontal) return
    for (const run of before) {
      const bones = run.chain.phalanges
      if (!run.chain.thumb && (bones[2] as Phalanx).bent > 200) {
        const corners = [bones[0]?.from, bones[1]?.from, bones[2]?.from, bones[2]?.to].map((p) =>
          this.svg(p as Vector),
        )
        this.shapes.push({
          path: `M${corners.map((p) => `${p[0].toFixed(1)} ${p[1].toFixed(1)}`).join('L')}Z`,
          fill: this.colours.shade,
        })
      }
    }
  }

  /** Where a bend lies in the picture's plane the round end of the piece is wiped away. */
  private foldedJoint(run: Run) {
    const k = run.phalanges[0] as number
    const bone = run.chain.phalanges[k] as Phalanx
    if (k === 0 || Math.abs(this.see(bone.sideways)[2]) < 0.7) return
    const [x, y] = this.svg(bone.from)
    const r = run.chain.width * (k === 1 ? 1 : 0.9) - this.width * 0.5 - 0.1
    this.shapes.push({
      path: `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`,
      fill: this.fillOf(run),
    })
  }

  private radiusAt(run: Run, at: number): number {
    const k = run.phalanges[0] as number
    const all = stations(run.chain, k, this.options.slim ?? 1)
    for (let i = 0; i < all.length - 1; i++) {
      const a = all[i]
      const b = all[i + 1]
      if (a && b && at >= a.at && at <= b.at)
        return between(a.radius, b.radius, (at - a.at) / (b.at - a.at))
    }
    return all[0]?.radius ?? run.chain.width
  }

  /** Wipes the line of the palm across the root of an extended digit. */
  private seam(run: Run) {
    const bone = run.chain.phalanges[run.phalanges[0] as number] as Phalanx
    const ats = run.chain.thumb ? [0, 0.2, 0.4, 0.62] : [0.3, 0.42, 0.56, 0.72]
    const d = this.see(bone.direction)
    const length = Math.hypot(d[0], d[1])
    let nx = d[1] / length
    let ny = -d[0] / length
    if (nx * -this.light[0] + ny * -this.light[1] < 0) {
      nx = -nx
      ny = -ny
    }
    const dark = Math.max(0, -(this.light[0] * nx + this.light[1] * ny))
    const right: Point[] = []
    const left: Point[] = []
    const border: Point[] = []
    for (const at of ats) {
      const c = this.see(along(bone.from, bone.to, at))
      const r = this.radiusAt(run, at)
      const inner = r - this.width * 0.5 - 0.1
      right.push([c[0] + nx * inner, c[1] + ny * inner])
      left.push([c[0] - nx * inner, c[1] - ny * inner])
      border.push([c[0] + nx * (r - dark), c[1] + ny * (r - dark)])
    }
    const from = along(bone.from, bone.to, run.chain.thumb ? 0 : 0.3)
    const to = along(bone.from, bone.to, run.chain.thumb ? 0.6 : 0.66)
    const { fill, shade, work, workShade } = this.colours
    const n = run.chain.digit
    const paint = run.worked ? this.gradient(`g${n}`, from, to, fill, work) : fill
    const dim = run.worked ? this.gradient(`s${n}`, from, to, shade, workShade) : shade
    const strip = (a: Point[], b: Point[]) =>
      `${openPath(a)}L${openPath([...b].reverse()).slice(1)}Z`
    this.shapes.push({ path: strip(left, right), fill: paint })
    this.shapes.push({ path: strip(border, right), fill: dim })
    this.skin(run, run.phalanges.slice(0, 1))
  }

  /** The same for a digit in front of the palm. */
  private frontPatch(run: Run) {
    const k = run.phalanges[0] as number
    const { fill, work } = this.colours
    const capsules = (points: readonly (readonly [Vector, number])[]) => [
      {
        blend: 0,
        capsules: points
          .slice(1)
          .map(([p, r], i) =>
            capsule(
              this.see((points[i] as [Vector, number])[0]),
              this.see(p),
              (points[i] as [Vector, number])[1],
              r,
            ),
          ),
      },
    ]
    if (run.chain.thumb) {
      const bone = run.chain.phalanges[0] as Phalanx
      const on = (t: number) => along(bone.from, bone.to, t)
      const paint = run.worked ? this.gradient('q', on(0.55), on(1), fill, work) : fill
      const flesh = capsules([
        [on(0.3), 12.5],
        [on(0.55), 12.9 - this.width * 0.2],
        [on(0.78), 13 - this.width * 0.5],
      ])
      this.shapes.push({ path: closedPath(outline(flesh, this.step)), fill: paint })
    } else {
      const bone = run.chain.phalanges[k] as Phalanx
      const on = (t: number) => along(bone.from, bone.to, t)
      const paint = run.worked
        ? this.gradient(`k${run.chain.digit}`, on(0), on(0.55), fill, work)
        : fill
      const r = (t: number) => this.radiusAt(run, t) - this.width * 0.5 - 0.25
      const flesh = capsules([
        [on(0), r(0) - 0.6],
        [on(0.28), r(0.28)],
        [on(0.55), r(0.55) - 0.4],
      ])
      this.shapes.push({ path: closedPath(outline(flesh, this.step)), fill: paint })
    }
    this.skin(run, [k])
  }

  // ---- details of the skin

  private crease(points: readonly Vector[], weight: number, opacity: number) {
    this.shapes.push({
      path: openPath(points.map((p) => this.seen(p))),
      line: this.colours.line,
      width: this.width * weight,
      opacity,
    })
  }

  /** An arc across a digit. */
  private fold(
    run: Run,
    bone: Phalanx,
    at: number,
    half: number,
    bow: number,
    out: number,
    weight: number,
    opacity: number,
  ) {
    const centre = this.see(add(along(bone.from, bone.to, at), scale(bone.palmar, out)))
    const v = this.see(bone.sideways)
    const u = this.see(bone.direction)
    const reach = run.chain.width * half
    this.shapes.push({
      path: openPath(
        [-1, -0.5, 0, 0.5, 1].map((q): Point => [
          centre[0] + v[0] * reach * q + u[0] * bow * (1 - q * q),
          centre[1] + v[1] * reach * q + u[1] * bow * (1 - q * q),
        ]),
      ),
      line: this.colours.line,
      width: this.width * weight,
      opacity,
    })
  }

  /** Nails, creases and wrinkles of some phalanges; a patch repeats those it has wiped away. */
  private skin(run: Run, phalanges: readonly number[] = run.phalanges) {
    if (!this.details) return
    const { chain } = run
    const w = chain.width
    for (const k of phalanges) {
      const bone = chain.phalanges[k] as Phalanx
      const towardViewer = this.see(bone.palmar)[2]
      const d = this.see(bone.direction)
      const drawn = Math.hypot(d[0], d[1])
      const attached = run.phalanges.includes(k - 1)
      if (k === 2 && towardViewer < -0.12 && !(this.frontal && this.facing > 0 && bone.bent > 200))
        this.nail(run, bone)
      if (towardViewer > 0.35 && this.frontal) {
        if (k > 0 && bone.flexion < 50 && attached) {
          this.fold(run, bone, 0, 0.72, -1.2, w * 0.5, 0.6, 0.62)
          if (k === 1 || chain.thumb) this.fold(run, bone, 0.11, 0.5, -1, w * 0.5, 0.5, 0.4)
        }
        if (k === 0 && drawn > 0.6) this.fold(run, bone, 0.43, 0.78, -1.5, w * 0.5, 0.6, 0.55)
        if (chain.thumb && k === 1 && drawn > 0.6)
          this.fold(run, bone, 0.08, 0.7, -1, w * 0.4, 0.55, 0.45)
      }
      const wrinkled = towardViewer < -0.45 && this.frontal && k > 0 && !(chain.thumb && k === 1)
      if (wrinkled && bone.flexion < 45 && attached) {
        if (k === 1 || chain.thumb) {
          this.fold(run, bone, -0.1, 0.46, -2.4, -w * 0.5, 0.5, 0.45)
          this.fold(run, bone, 0.1, 0.46, 2.4, -w * 0.5, 0.5, 0.45)
          this.fold(run, bone, 0, 0.3, 0, -w * 0.5, 0.45, 0.3)
        } else this.fold(run, bone, 0, 0.4, 1.4, -w * 0.5, 0.5, 0.45)
      }
    }
  }

  private nail(run: Run, bone: Phalanx) {
    const { chain } = run
    const width = chain.width * (chain.thumb ? 0.95 : 0.86) * 0.74
    const half = bone.length * 0.3
    const centre = this.see(
      add(
        along(bone.from, bone.to, chain.thumb ? 0.62 : 0.6),
        scale(bone.palmar, -chain.width * 0.52),
      ),
    )
    const u = this.see(bone.direction)
    const v = this.see(bone.sideways)
    const n = this.see(bone.palmar)
    const rim: readonly Point[] = [
      [-1, 0],
      [-0.93, 0.55],
      [-0.6, 0.92],
      [0.1, 1],
      [0.7, 0.9],
      [1.02, 0.5],
      [1.12, 0],
      [1.02, -0.5],
      [0.7, -0.9],
      [0.1, -1],
      [-0.6, -0.92],
      [-0.93, -0.55],
      [-1, 0],
    ]
    const points = rim.map(([a, b]): Point => {
      const curve = chain.width * 0.22 * b * b
      return [
        centre[0] + u[0] * a * half + v[0] * b * width + n[0] * curve,
        centre[1] + u[1] * a * half + v[1] * b * width + n[1] * curve,
      ]
    })
    this.shapes.push({
      path: `${openPath(points)}Z`,
      fill: run.worked ? this.colours.workNail : this.colours.nail,
      line: this.colours.line,
      width: this.width * 0.55,
    })
  }

  private onHand(points: readonly Vector[], weight: number, opacity: number) {
    this.crease(
      points.map((p) => this.skeleton.wrist(p)),
      weight,
      opacity,
    )
  }

  private palmLines() {
    this.onHand(
      [
        [36, 86, 10],
        [27, 84, 12],
        [12, 70, 12],
        [4, 48, 12],
        [3, 28, 12],
        [6, 14, 12],
      ],
      0.7,
      0.6,
    )
    this.onHand(
      [
        [35, 84, 10],
        [18, 80, 12],
        [-4, 66, 12],
        [-22, 56, 12],
      ],
      0.62,
      0.5,
    )
    this.onHand(
      [
        [14, 100, 10],
        [2, 91, 12],
        [-14, 83, 12],
        [-38, 78, 10],
      ],
      0.62,
      0.5,
    )
    this.onHand(
      [
        [-17, 4, 12],
        [0, 2, 13],
        [17, 5, 12],
      ],
      0.6,
      0.5,
    )
    this.onHand(
      [
        [-14, 0, 12],
        [0, -2, 13],
        [14, 1, 12],
      ],
      0.5,
      0.35,
    )
  }

  private knuckles() {
    FINGERS.forEach((shape, i) => {
      const [x, y] = shape.knuckle
      const w = shape.width
      if ((this.pose.fingers[i]?.knuckle ?? 0) < 40)
        this.onHand(
          [
            [x - w * 0.5, y - 3, -12],
            [x, y + 3.5, -13],
            [x + w * 0.5, y - 2, -12],
          ],
          0.5,
          0.38,
        )
      else
        this.onHand(
          [
            [x - w * 0.75, y - 6, -12],
            [x - w * 0.3, y + 1, -13],
            [x + w * 0.4, y + 1, -13],
            [x + w * 0.75, y - 5, -12],
          ],
          0.55,
          0.5,
        )
      const root = [8, 2, -5, -11][i] ?? 0
      this.onHand(
        [
          [between(root, x, 0.45), between(24, y, 0.45), -13],
          [between(root, x, 0.8), between(24, y, 0.8), -13],
        ],
        0.5,
        0.2,
      )
    })
    this.crease(
      [
        [-22, -6, -14],
        [-25, -13, -15],
        [-21, -20, -14],
      ],
      0.5,
      0.35,
    )
  }
}

/** The box of a drawn hand as far as the forearm shows: left, top, right, bottom in SVG coordinates. */
export function extent(pose: HandPose, from: Transform, left: boolean): Box {
  const skeleton = build(pose)
  const see = turned(from, pose)
  const end = see([0, -FADE_ENDS, 0])
  const flesh: Flesh[] = [
    ...palmAndRoots(skeleton, see),
    ...skeleton.chains.flatMap((chain) => digit(chain, [0, 1, 2], see, 1)),
    { blend: 0, capsules: [capsule(end, end, FOREARM_RADIUS / 2, FOREARM_RADIUS / 2)] },
  ]
  const b = bounds(flesh, 0)
  return left ? [-b[2], -b[3], -b[0], -b[1]] : [b[0], -b[3], b[2], -b[1]]
}

/** The nearest pose between two: every angle mixed. */
export function mixPoses(a: HandPose, b: HandPose, t: number): HandPose {
  const m = clamp(t, 0, 1)
  const finger = (i: 0 | 1 | 2 | 3) => {
    const p = a.fingers[i]
    const q = b.fingers[i]
    return {
      spread: between(p.spread, q.spread, m),
      knuckle: between(p.knuckle, q.knuckle, m),
      middle: between(p.middle, q.middle, m),
      end: between(p.end, q.end, m),
    }
  }
  return {
    fingers: [finger(0), finger(1), finger(2), finger(3)],
    thumb: {
      radial: between(a.thumb.radial, b.thumb.radial, m),
      opposition: between(a.thumb.opposition, b.thumb.opposition, m),
      knuckle: between(a.thumb.knuckle, b.thumb.knuckle, m),
      end: between(a.thumb.end, b.thumb.end, m),
      plane: between(a.thumb.plane, b.thumb.plane, m),
    },
    wrist: {
      flexion: between(a.wrist.flexion, b.wrist.flexion, m),
      deviation: between(a.wrist.deviation, b.wrist.deviation, m),
      turn: between(a.wrist.turn, b.wrist.turn, m),
    },
  }
}
