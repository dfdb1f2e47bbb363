import type { Strength } from './drawn'
import { digit } from './flesh'
import type { Flesh } from './outline'
import type { Chain, Phalanx, Skeleton } from './skeleton'
import type { Transform } from './vector'

/** Phalanges of a digit that are drawn as one piece. */
export interface Run {
  readonly chain: Chain
  readonly phalanges: readonly number[]
  readonly depth: number
  readonly root: boolean
  readonly front: boolean
  readonly hidden: boolean
  /** How much the digit is meant; 0 is not at all. */
  readonly worked: Strength | 0
  readonly drawnLength: number
  readonly flesh: readonly Flesh[]
}

/** What of the digits is drawn in one piece, how deep it lies, and whether before the palm. */
export class Runs {
  constructor(
    private readonly skeleton: Skeleton,
    private readonly see: Transform,
    private readonly facing: number,
    private readonly frontal: boolean,
    private readonly worked: ReadonlyMap<number, Strength>,
    private readonly slim: number,
  ) {}

  all(): Run[] {
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
      worked: this.worked.get(chain.digit) ?? 0,
      drawnLength: Math.hypot(direction[0], direction[1]),
      flesh: digit(chain, phalanges, this.see, this.slim),
    }
  }
}
