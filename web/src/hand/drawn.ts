import type { Box, Flesh } from './outline'
import type { Point, Vector } from './vector'

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

/** How much a digit is meant: a little, more, or wholly. */
export type Strength = 1 | 2 | 3

const SHARES: Readonly<Record<Strength, number>> = { 1: 32, 2: 64, 3: 100 }

/** A colour of work, as far as a digit is meant. */
export const tinted = (work: string, plain: string, strength: Strength): string =>
  strength === 3 ? work : `color-mix(in srgb, ${work} ${SHARES[strength]}%, ${plain})`
