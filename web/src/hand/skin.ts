import { tinted, type Palette } from './drawn'
import { openPath } from './outline'
import type { Paper } from './paper'
import type { Run } from './runs'
import { FINGERS, type HandPose, type Phalanx, type Skeleton } from './skeleton'
import { add, along, between, scale, type Point, type Transform, type Vector } from './vector'

/** Nails, creases, lines of the palm and knuckles. */
export class Skin {
  constructor(
    private readonly pose: HandPose,
    private readonly skeleton: Skeleton,
    private readonly see: Transform,
    private readonly facing: number,
    private readonly frontal: boolean,
    private readonly colours: Palette,
    private readonly paper: Paper,
  ) {}

  private seen(p: Vector): Point {
    const q = this.see(p)
    return [q[0], q[1]]
  }

  private crease(points: readonly Vector[], weight: number, opacity: number) {
    this.paper.shapes.push({
      path: openPath(points.map((p) => this.seen(p))),
      line: this.paper.line,
      width: this.paper.width * weight,
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
    this.paper.shapes.push({
      path: openPath(
        [-1, -0.5, 0, 0.5, 1].map((q): Point => [
          centre[0] + v[0] * reach * q + u[0] * bow * (1 - q * q),
          centre[1] + v[1] * reach * q + u[1] * bow * (1 - q * q),
        ]),
      ),
      line: this.paper.line,
      width: this.paper.width * weight,
      opacity,
    })
  }

  /** Nails, creases and wrinkles of some phalanges; a patch repeats those it has wiped away. */
  of(run: Run, phalanges: readonly number[] = run.phalanges) {
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
    this.paper.shapes.push({
      path: `${openPath(points)}Z`,
      fill: run.worked
        ? tinted(this.colours.workNail, this.colours.nail, run.worked)
        : this.colours.nail,
      line: this.paper.line,
      width: this.paper.width * 0.55,
    })
  }

  private onHand(points: readonly Vector[], weight: number, opacity: number) {
    this.crease(
      points.map((p) => this.skeleton.wrist(p)),
      weight,
      opacity,
    )
  }

  palmLines() {
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

  knuckles() {
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
