import { HAND, tinted, type Drawing, type Palette, type Strength } from './drawn'
import { body } from './flesh'
import { area, capsule, closedPath, openPath, outline, type Box, type Flesh } from './outline'
import { Paper } from './paper'
import { Runs, type Run } from './runs'
import { build, stations, type HandPose, type Phalanx, type Skeleton } from './skeleton'
import { Skin } from './skin'
import { along, between, type Point, type Transform, type Vector } from './vector'
import { FADE_ENDS, extent, turned } from './views'

export interface DrawingOptions {
  readonly id: string
  readonly see: Transform
  readonly left?: boolean
  /** How much each digit is meant, by its number. */
  readonly worked?: ReadonlyMap<number, Strength>
  readonly strokeWidth?: number
  readonly step?: number
  readonly details?: boolean
  readonly palette?: Palette
  readonly slim?: number
  readonly only?: 'everything' | 'all but folded fingers' | 'folded fingers'
  readonly palmLines?: boolean
}

const FRONTAL = 0.55
const FADE_BEGINS = 48
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
  private readonly slim: number
  private readonly light: Point
  private readonly frontal: boolean
  private readonly facing: number
  private readonly paper: Paper
  private readonly runs: readonly Run[]
  private readonly skin: Skin | null
  private readonly box: Box

  constructor(
    pose: HandPose,
    private readonly options: DrawingOptions,
  ) {
    this.skeleton = build(pose)
    this.see = turned(options.see, pose)
    this.colours = options.palette ?? HAND
    this.width = options.strokeWidth ?? 2.6
    this.step = options.step ?? 2
    this.slim = options.slim ?? 1
    this.light = [options.left ? -LIGHT[0] : LIGHT[0], LIGHT[1]]
    this.facing = this.see([0, 0, 1])[2]
    this.frontal = Math.abs(this.facing) > FRONTAL
    this.paper = new Paper(options.id, this.light, this.colours.line, this.width)
    const worked = options.worked ?? new Map<number, Strength>()
    const { skeleton, see, facing, frontal, slim, colours, paper } = this
    this.runs = new Runs(skeleton, see, facing, frontal, worked, slim).all()
    this.skin =
      options.details === false
        ? null
        : new Skin(pose, skeleton, see, facing, frontal, colours, paper)
    this.box = extent(pose, options.see, options.left ?? false)
  }

  drawing(): Drawing {
    const runs = this.runs
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
    const mirror = this.options.left ? -1 : 1
    const out = (p: Vector): Point => [mirror * p[0], -p[1]]
    return {
      shapes: this.paper.shapes,
      clips: this.paper.clips,
      gradients: this.paper.gradients,
      fade: { from: this.svg([0, -FADE_BEGINS, 0]), to: this.svg([0, -FADE_ENDS, 0]) },
      box: this.box,
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

  private work(run: Run): string {
    const { fill, work } = this.colours
    return run.worked ? tinted(work, fill, run.worked) : fill
  }

  private workShade(run: Run): string {
    const { shade, workShade } = this.colours
    return run.worked ? tinted(workShade, shade, run.worked) : shade
  }

  private gradient(name: string, from: Vector, to: Vector, first: string, last: string): string {
    return this.paper.gradient(name, this.svg(from), this.svg(to), first, last)
  }

  private run(run: Run) {
    const loops = outline(run.flesh, this.step).sort((a, b) => area(b) - area(a))
    this.paper.solid(closedPath(loops.slice(0, 1)), this.work(run), this.workShade(run))
    const holes = loops.slice(1).filter((loop) => area(loop) > 18)
    if (holes.length)
      this.paper.shapes.push({
        path: closedPath(holes),
        fill: this.colours.pocket,
        line: this.colours.line,
        width: this.width * 0.8,
      })
    this.skin?.of(run)
    this.foldedJoint(run)
  }

  private body(flesh: readonly Flesh[], behind: readonly Run[]): string {
    const clip = this.paper.solid(
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
    if (this.frontal && this.options.palmLines !== false)
      if (this.facing > 0) this.skin?.palmLines()
      else this.skin?.knuckles()
    return clip
  }

  /** Contact shadows of the fingers folded over the palm. */
  private shadows(before: readonly Run[], clip: string) {
    if (!this.frontal) return
    for (const run of before)
      if (!run.chain.thumb && !run.root)
        this.paper.shapes.push({
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
        this.paper.shapes.push({
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
    this.paper.shapes.push({
      path: `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`,
      fill: this.work(run),
    })
  }

  private radiusAt(run: Run, at: number): number {
    const k = run.phalanges[0] as number
    const all = stations(run.chain, k, this.slim)
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
    const { fill, shade } = this.colours
    const n = run.chain.digit
    const paint = run.worked ? this.gradient(`g${n}`, from, to, fill, this.work(run)) : fill
    const dim = run.worked ? this.gradient(`s${n}`, from, to, shade, this.workShade(run)) : shade
    const strip = (a: Point[], b: Point[]) =>
      `${openPath(a)}L${openPath([...b].reverse()).slice(1)}Z`
    this.paper.shapes.push({ path: strip(left, right), fill: paint })
    this.paper.shapes.push({ path: strip(border, right), fill: dim })
    this.skin?.of(run, run.phalanges.slice(0, 1))
  }

  /** The same for a digit in front of the palm. */
  private frontPatch(run: Run) {
    const k = run.phalanges[0] as number
    const { fill } = this.colours
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
      const paint = run.worked ? this.gradient('q', on(0.55), on(1), fill, this.work(run)) : fill
      const flesh = capsules([
        [on(0.3), 12.5],
        [on(0.55), 12.9 - this.width * 0.2],
        [on(0.78), 13 - this.width * 0.5],
      ])
      this.paper.shapes.push({ path: closedPath(outline(flesh, this.step)), fill: paint })
    } else {
      const bone = run.chain.phalanges[k] as Phalanx
      const on = (t: number) => along(bone.from, bone.to, t)
      const paint = run.worked
        ? this.gradient(`k${run.chain.digit}`, on(0), on(0.55), fill, this.work(run))
        : fill
      const r = (t: number) => this.radiusAt(run, t) - this.width * 0.5 - 0.25
      const flesh = capsules([
        [on(0), r(0) - 0.6],
        [on(0.28), r(0.28)],
        [on(0.55), r(0.55) - 0.4],
      ])
      this.paper.shapes.push({ path: closedPath(outline(flesh, this.step)), fill: paint })
    }
    this.skin?.of(run, [k])
  }
}
