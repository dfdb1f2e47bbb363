import type { ClaspName } from './poses'
import type { Point } from './vector'

/** A finger of a clasp: a rounded line from its root to its tip, of the right or of the left hand. */
export interface ClaspFinger {
  readonly path: string
  readonly left: boolean
}

/** The pairs of twin fingers, from the index on. */
type Pair = 0 | 1 | 2 | 3
const PAIRS = { INDEX: 0, MIDDLE: 1, RING: 2, LITTLE: 3 } as const

export interface Clasp {
  readonly crossed: readonly { readonly pair: Pair; readonly leftOnTop: boolean }[]
  /** Which pairs grip which crossed pair. */
  readonly grips: readonly { readonly by: Pair; readonly on: Pair }[]
  /** Whether the hands are turned over, fingers down. */
  readonly turnedOver: boolean
  /** Whether the free twin fingers meet tip to tip. */
  readonly tipsMeet: boolean
}

/** What a clasp is made of, by its name. */
export function claspOf(name: Exclude<ClaspName, 'CLASP_BOOK_OPEN'>): Clasp {
  const tipsMeet = name.endsWith('_TIPS')
  const [, first, firstTop, second, secondTop] = name.replace('_TIPS', '').split('_')
  const crossed = [
    { pair: PAIRS[first as keyof typeof PAIRS], leftOnTop: firstTop === 'LEFT' },
    ...(second
      ? [{ pair: PAIRS[second as keyof typeof PAIRS], leftOnTop: secondTop === 'LEFT' }]
      : []),
  ]
  return {
    crossed,
    tipsMeet,
    ...GRIPS[(second ? `${first}_${second}` : first) as keyof typeof GRIPS],
  }
}

/** Who grips whom (common practice, no source). */
const GRIPS = {
  LITTLE: {
    grips: [
      { by: 1, on: 3 },
      { by: 2, on: 3 },
    ],
    turnedOver: false,
  },
  LITTLE_MIDDLE: {
    grips: [
      { by: 2, on: 3 },
      { by: 0, on: 1 },
    ],
    turnedOver: false,
  },
  RING: { grips: [{ by: 1, on: 2 }], turnedOver: false },
  INDEX: {
    grips: [
      { by: 1, on: 0 },
      { by: 2, on: 0 },
    ],
    turnedOver: true,
  },
  INDEX_RING: {
    grips: [
      { by: 1, on: 0 },
      { by: 3, on: 2 },
    ],
    turnedOver: true,
  },
  MIDDLE: { grips: [{ by: 2, on: 1 }], turnedOver: true },
} as const satisfies Readonly<Record<string, Omit<Clasp, 'crossed' | 'tipsMeet'>>>

const round = (n: number) => Math.round(n * 10) / 10
const line = (...points: readonly Point[]) =>
  `M${points.map((p) => `${round(p[0])} ${round(p[1])}`).join('L')}`

/** How far twin fingers stand apart, and how high a free, a gripping and a crossed finger reaches. */
const TWINS_APART = 15
const FREE = 62
const GRIPPING = 30
const CROSSED = 80
const GRIP_STEP = 15
/** How far the tips of free twins bend toward one another to meet. */
const TIPS_MEET = 5

/**
 * The eight fingers of a clasp, standing on the knuckles of the nearer hand, from behind to front.
 *
 * @param roots where the knuckles of index to little finger of the right hand are
 */
export function claspFingers(clasp: Clasp, roots: readonly Point[]): readonly ClaspFinger[] {
  const rootOf = (pair: Pair, left: boolean): Point => {
    const p = roots[pair] ?? [0, 0]
    return [p[0] + (left ? TWINS_APART / 2 : -TWINS_APART / 2), p[1] + 8]
  }
  const up = ([x, y]: Point, by: number, aside = 0): Point => [x + aside, y - by]
  const behind: ClaspFinger[] = []
  const middle: ClaspFinger[] = []
  const front: ClaspFinger[] = []
  for (const pair of Object.values(PAIRS)) {
    const cross = clasp.crossed.find((c) => c.pair === pair)
    const level = clasp.grips
      .filter((g) => g.on === gripOf(clasp, pair))
      .findIndex((g) => g.by === pair)
    for (const left of [false, true]) {
      const root = rootOf(pair, left)
      if (cross) {
        const tip = up(root, CROSSED, left ? -TWINS_APART - 10 : TWINS_APART + 10)
        const drawn = { path: line(root, tip), left }
        ;(cross.leftOnTop === left ? middle : behind).push(drawn)
      } else if (level >= 0) {
        const on = rootOf(gripOf(clasp, pair) as Pair, gripOf(clasp, pair) === pair ? left : false)
        const height = GRIPPING + level * GRIP_STEP
        const toward = Math.sign(on[0] - root[0])
        const end: Point = [
          on[0] + TWINS_APART / 2 + toward * 6,
          root[1] - height - (left ? 5 : -2),
        ]
        front.push({ path: line(root, up(root, height - 4), end), left })
      } else {
        const aside = clasp.tipsMeet ? (left ? -1 : 1) * TIPS_MEET : 0
        behind.push({ path: line(root, up(root, FREE * 0.55), up(root, FREE, aside)), left })
      }
    }
  }
  return [...behind, ...middle, ...front]
}

const gripOf = (clasp: Clasp, by: Pair): Pair | undefined =>
  clasp.grips.find((grip) => grip.by === by)?.on
