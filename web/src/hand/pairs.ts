import { draw } from './drawing'
import { HAND, SECOND_HAND, type Drawing } from './drawn'
import { VIEWS, mixPoses, sideView } from './views'
import { distance, type Box, type Flesh } from './outline'
import { claspFingers, claspOf, type ClaspFinger } from './clasps'
import {
  CLASP_TURN,
  HAND_POSES,
  INTERLACED,
  LEANING,
  type ClaspName,
  type PairPoseName,
} from './poses'
import type { HandPose } from './skeleton'
import { between } from './vector'

/** One hand of a pair: moved, turned, and perhaps cut at the plane of contact. */
export interface Placed {
  readonly drawing: Drawing
  readonly left: boolean
  readonly transform: string
  /** Keeps only what lies on this side of x = 0 in the pair's own space. */
  readonly half: 'left' | 'right' | 'both'
}

export interface Pair {
  readonly hands: readonly Placed[]
  /** The line of contact, from top to bottom, if the palms touch. */
  readonly seam: readonly [number, number] | null
  readonly box: Box
  /** The fingers of a clasp, before the hands. */
  readonly fingers: readonly ClaspFinger[]
  /** How far the whole picture is turned, in degrees, and about which height. */
  readonly tilt: number
  readonly pivot: number
}

type Untilted = Omit<Pair, 'tilt' | 'pivot' | 'fingers'>

interface PairOptions {
  readonly id: string
  readonly step: number
  readonly strokeWidth: number
  readonly details: boolean
}

type Leaning = keyof typeof LEANING
/** About where interlaced hands turn. */
const LOWER_MIDDLE = 40

const leans = (name: PairPoseName): name is Leaning => name in LEANING
const raised = (from: PairPoseName, to: PairPoseName, t: number): number =>
  between(Number(from === 'INTERLACED_RAISED'), Number(to === 'INTERLACED_RAISED'), t)
const isClasp = (name: PairPoseName): name is ClaspName => name.startsWith('CLASP_')
const claspTurn = (name: PairPoseName): number =>
  leans(name) || isClasp(name) ? 0 : CLASP_TURN[name]

/** How far a pose leans over, in degrees, whichever way. */
export const tiltOf = (name: PairPoseName): number =>
  Math.abs(leans(name) ? LEANING[name].tilt : claspTurn(name))

/** Draws two hands in contact, on the way from one pair pose to another. */
export function drawPair(
  from: PairPoseName,
  to: PairPoseName,
  t: number,
  options: PairOptions,
): Pair {
  // There is no way between grips that could be drawn: the nearer one is shown.
  const shown = t < 0.5 ? from : to
  if (isClasp(shown)) return clasped(shown, options)
  if (leans(shown) && !(leans(from) && leans(to))) return drawPair(shown, shown, 0, options)
  if (!leans(from) || !leans(to))
    return {
      fingers: [],
      ...interlaced(raised(from, to, t), options),
      tilt: between(claspTurn(from), claspTurn(to), t),
      pivot: LOWER_MIDDLE,
    }
  const a = LEANING[from]
  const b = LEANING[to]
  const drawn = leaning(
    mixPoses(a.pose, b.pose, t),
    between(a.turn, b.turn, t),
    a.palms && b.palms,
    options,
  )
  return {
    ...drawn,
    fingers: [],
    tilt: between(a.tilt, b.tilt, t),
    pivot: drawn.seam?.[1] ?? LOWER_MIDDLE,
  }
}

/** The smallest x of the fingers: where they touch the other hand. */
function contact(flesh: readonly Flesh[]): number {
  let least = Infinity
  for (const group of flesh)
    for (const c of group.capsules)
      least = Math.min(least, c.from[0] - c.fromRadius, c.to[0] - c.toRadius)
  return least
}

/** Two mirrored side views, each cut at the plane where they meet. */
function leaning(
  pose: HandPose,
  turn: number,
  palmsTouch: boolean,
  options: PairOptions,
): Untilted {
  const see = sideView(turn)
  const common = {
    see,
    step: options.step,
    strokeWidth: options.strokeWidth,
    details: options.details,
  }
  const right = draw(pose, { ...common, id: `${options.id}r`, palette: HAND })
  const left = draw(pose, { ...common, id: `${options.id}l`, palette: SECOND_HAND, left: true })
  const x = contact(right.fingerFlesh)
  let top: number | null = null
  let bottom: number | null = null
  for (let y = -60; palmsTouch && y < 130; y++)
    if (distance(right.bodyFlesh, x, y) < 0) {
      bottom ??= y
      top = y
    }
  const box = right.box
  const width = Math.max(Math.abs(box[0] - x), Math.abs(box[2] - x))
  return {
    hands: [
      { drawing: left, left: true, transform: `translate(${x.toFixed(1)} 0)`, half: 'left' },
      { drawing: right, left: false, transform: `translate(${(-x).toFixed(1)} 0)`, half: 'right' },
    ],
    seam: top === null || bottom === null ? null : [-top, -bottom],
    box: [-width, box[1], width, box[3]],
  }
}

/** A clasp that reads at once: far palm, near back, then the far fingers folded over it. Not to be moved. */
function interlaced(raise: number, options: PairOptions): Untilted {
  const common = {
    step: options.step,
    strokeWidth: options.strokeWidth,
    details: options.details,
    slim: 0.9,
  }
  const far = { ...common, see: VIEWS.PALM, left: true, palette: SECOND_HAND, palmLines: false }
  const farMove = 'translate(14 -6) rotate(9 0 -112)'
  const nearPose = mixPoses(INTERLACED.near, INTERLACED.nearRaised, raise)
  const under = draw(INTERLACED.far, {
    ...far,
    id: `${options.id}f`,
    only: 'all but folded fingers',
  })
  const near = draw(nearPose, { ...common, id: `${options.id}n`, see: VIEWS.BACK })
  const over = draw(INTERLACED.far, { ...far, id: `${options.id}o`, only: 'folded fingers' })
  return {
    hands: [
      { drawing: under, left: true, transform: farMove, half: 'both' },
      { drawing: near, left: false, transform: 'rotate(-9 0 -112)', half: 'both' },
      { drawing: over, left: true, transform: farMove, half: 'both' },
    ],
    seam: null,
    box: [-92, -196, 92, 84],
  }
}

/** The knuckles on which the fingers of a clasp stand. */
const KNUCKLES = [0, 1, 2, 3]
const TURNED_OVER = 180
const CLASP_BOX: Box = [-96, -210, 96, 84]

/** A clasp with crossed pairs: the nearer hand from its back, the fingers of both standing on it. */
function clasped(name: ClaspName, options: PairOptions): Pair {
  const common = {
    step: options.step,
    strokeWidth: options.strokeWidth,
    details: options.details,
    slim: 0.9,
  }
  if (name === 'CLASP_BOOK_OPEN') return openBook(options)
  const clasp = claspOf(name)
  const far = draw(HAND_POSES.FIST, {
    ...common,
    id: `${options.id}f`,
    see: VIEWS.BACK,
    left: true,
    palette: SECOND_HAND,
  })
  const near = draw(HAND_POSES.FIST, { ...common, id: `${options.id}n`, see: VIEWS.BACK })
  return {
    hands: [
      { drawing: far, left: true, transform: 'translate(18 -4) rotate(8 0 -60)', half: 'both' },
      { drawing: near, left: false, transform: 'translate(-8 0)', half: 'both' },
    ],
    fingers: claspFingers(
      clasp,
      KNUCKLES.map((finger) => {
        const p = near.place(finger, 0, 0)
        return [p[0] - 2, p[1]] as const
      }),
    ),
    seam: null,
    box: CLASP_BOX,
    tilt: clasp.turnedOver ? TURNED_OVER : 0,
    pivot: (CLASP_BOX[1] + CLASP_BOX[3]) / 2,
  }
}

/** Both palms seen, the little-finger edges together. */
function openBook(options: PairOptions): Pair {
  const common = {
    step: options.step,
    strokeWidth: options.strokeWidth,
    details: options.details,
    slim: 0.9,
    see: VIEWS.PALM,
  }
  const left = draw(HAND_POSES.FLAT, {
    ...common,
    id: `${options.id}f`,
    left: true,
    palette: SECOND_HAND,
  })
  const right = draw(HAND_POSES.FLAT, { ...common, id: `${options.id}n` })
  return {
    hands: [
      { drawing: left, left: true, transform: 'translate(-42 0) rotate(9 0 -40)', half: 'both' },
      { drawing: right, left: false, transform: 'translate(42 0) rotate(-9 0 -40)', half: 'both' },
    ],
    fingers: [],
    seam: null,
    box: [-160, -225, 160, 84],
    tilt: 0,
    pivot: LOWER_MIDDLE,
  }
}
