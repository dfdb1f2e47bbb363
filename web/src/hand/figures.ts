import type { Digit, FigureView } from '@/api/types'
import { draw } from './drawing'
import type { Drawing, Strength } from './drawn'
import { VIEWS, extent, mixPoses, type HandView } from './views'
import { handPose, ofHand, type Keyframe } from './keyframes'
import type { Box } from './outline'
import { drawPair, type Pair } from './pairs'
import type { PairPoseName } from './poses'
import type { HandPose } from './skeleton'

const DIGITS: readonly Digit[] = ['INDEX', 'MIDDLE', 'RING', 'LITTLE', 'THUMB']

/** The digits as the drawing numbers them: index 0 to little finger 3, thumb 4. */
export const digitNumbers = (digits: readonly Digit[]): number[] =>
  digits.map((d) => DIGITS.indexOf(d))

/** How much each digit is meant, as the drawing numbers them. */
export type Strengths = ReadonlyMap<number, Strength>

/** These digits wholly, the others not at all. */
export const wholly = (digits: readonly Digit[]): Strengths =>
  new Map(digitNumbers(digits).map((digit) => [digit, 3]))

export const handView = (view: FigureView): HandView =>
  view === 'PAIR' || isBodyView(view) ? 'PALM' : view

export type BodyView = Extract<FigureView, `BODY${string}`>
export const isBodyView = (view: FigureView): view is BodyView => view.startsWith('BODY')

/** How fine a figure is drawn. */
export interface Quality {
  readonly step: number
  readonly strokeWidth: number
  readonly details: boolean
}

/** By the figure's height in pixels: small figures have thicker lines and no skin. */
export function qualityFor(height: number, moving: boolean): Quality {
  const strokeWidth = height <= 120 ? 3.6 : height <= 300 ? 2.6 : 2.1
  return {
    step: moving ? 4 : height <= 120 ? 3 : 2,
    strokeWidth,
    details: height > 120 && !moving,
  }
}

const REMEMBERED = 900
const remembered = new Map<string, unknown>()

/** A drawing that was made before, if it is still kept. */
export const recalled = <T>(key: string): T | undefined => remembered.get(key) as T | undefined

/** Keeps drawings that were made once; the oldest go first. */
export function remember<T>(key: string, make: () => T): T {
  const known = remembered.get(key)
  if (known !== undefined) return known as T
  const made = make()
  if (remembered.size >= REMEMBERED) {
    const oldest = remembered.keys().next().value
    if (oldest !== undefined) remembered.delete(oldest)
  }
  remembered.set(key, made)
  return made
}

/** Poses between keyframes come from a fixed number of steps, so that a loop is drawn only once. */
export const STEPS_BETWEEN = 24
export const snap = (t: number): number => Math.round(t * STEPS_BETWEEN) / STEPS_BETWEEN

export function poseBetween(from: Keyframe, to: Keyframe, t: number): HandPose {
  return from === to ? handPose(from) : mixPoses(handPose(from), handPose(to), t)
}

export function handDrawing(
  from: Keyframe,
  to: Keyframe,
  t: number,
  view: HandView,
  left: boolean,
  worked: Strengths,
  quality: Quality,
): Drawing {
  const at = from === to ? 0 : snap(t)
  const key = [
    'hand',
    from,
    to,
    at,
    view,
    left,
    [...worked].join(),
    ...Object.values(quality),
  ].join('|')
  return remember(key, () =>
    draw(poseBetween(ofHand(from, left), ofHand(to, left), at), {
      id: 'h',
      see: VIEWS[view],
      left,
      worked,
      ...quality,
    }),
  )
}

export function pairDrawing(
  from: PairPoseName,
  to: PairPoseName,
  t: number,
  quality: Quality,
): Pair {
  const at = from === to ? 0 : snap(t)
  const key = ['pair', from, to, at, ...Object.values(quality)].join('|')
  return remember(key, () => drawPair(from, to, at, { id: 'p', ...quality }))
}

export const union = (boxes: readonly Box[]): Box => [
  Math.min(...boxes.map((b) => b[0])),
  Math.min(...boxes.map((b) => b[1])),
  Math.max(...boxes.map((b) => b[2])),
  Math.max(...boxes.map((b) => b[3])),
]

/**
 * The box that holds a hand in all its poses and halfway between them, so that a moving figure stays
 * where it is and is never cut off.
 */
export function handBox(poses: readonly Keyframe[], view: HandView, left: boolean): Box {
  return remember(['box', poses.join(), view, left].join('|'), () =>
    union(
      poses.flatMap((pose, i) => {
        const next = poses[(i + 1) % poses.length] ?? pose
        const here = extent(handPose(ofHand(pose, left)), VIEWS[view], left)
        return next === pose
          ? [here]
          : [
              here,
              extent(poseBetween(ofHand(pose, left), ofHand(next, left), 0.5), VIEWS[view], left),
            ]
      }),
    ),
  )
}
