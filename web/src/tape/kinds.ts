import type { Kind } from '@/api/types'

/** How a kind is told on the tape: a letter, a word, and a pattern in its colour. */
export interface KindMark {
  readonly letter: string
  readonly word: string
  readonly colour: string
  /** Size of one tile of the pattern. */
  readonly tile: readonly [number, number]
  readonly path: string
  readonly filled?: boolean
  readonly strokeWidth?: number
}

const dot = (x: number, y: number) => `M${x - 1.7} ${y}a1.7 1.7 0 1 0 3.4 0a1.7 1.7 0 1 0 -3.4 0Z`
const ring = (x: number, y: number) => `M${x - 2.9} ${y}a2.9 2.9 0 1 0 5.8 0a2.9 2.9 0 1 0 -5.8 0Z`

export const KINDS: Readonly<Record<Kind, KindMark>> = {
  HEAT: {
    letter: 'H',
    word: 'Heat',
    colour: 'var(--kind-heat)',
    tile: [10, 10],
    path: dot(2.5, 2.5) + dot(7.5, 7.5),
    filled: true,
  },
  MOBILISE: {
    letter: 'M',
    word: 'Mobilise',
    colour: 'var(--kind-mobilise)',
    tile: [18, 16],
    path: ring(4.5, 4) + ring(13.5, 12),
  },
  STRETCH: {
    letter: 'S',
    word: 'Stretch',
    colour: 'var(--kind-stretch)',
    tile: [12, 6],
    path: 'M0 3H12',
  },
  ACTIVATE: {
    letter: 'A',
    word: 'Activate',
    colour: 'var(--kind-activate)',
    tile: [14, 14],
    path: 'M1.5 4H6.5M4 1.5V6.5M8.5 11H13.5M11 8.5V13.5',
  },
  INDEPENDENCE: {
    letter: 'I',
    word: 'Independence',
    colour: 'var(--kind-independence)',
    tile: [20, 16],
    path: 'M3 13.5V8M7.6 13.5V3.5M12.2 13.5V2M16.8 13.5V5',
  },
  STRENGTHEN: {
    letter: 'G',
    word: 'Strengthen',
    colour: 'var(--kind-strengthen)',
    tile: [9, 9],
    path: 'M-2 11L11 -2M-2 2L2 -2M7 11L11 7',
    strokeWidth: 3,
  },
  PLAY: {
    letter: 'P',
    word: 'Play',
    colour: 'var(--ink)',
    tile: [12, 12],
    path: 'M4 4L8 8M8 4L4 8',
  },
  BRIDGE: {
    letter: 'B',
    word: 'Bridge',
    colour: 'var(--kind-bridge)',
    tile: [13, 12],
    path: 'M3 1.5L8 6L3 10.5',
  },
  RELEASE: {
    letter: 'R',
    word: 'Release',
    colour: 'var(--kind-release)',
    tile: [16, 8],
    path: 'M0 4Q4 -1.5 8 4T16 4',
  },
  SETTLE: {
    letter: 'E',
    word: 'Settle',
    colour: 'var(--kind-settle)',
    tile: [16, 14],
    path: 'M2 4H7M10 11H15',
  },
}
