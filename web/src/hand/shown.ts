import type { BodyPlace, Digit, FigureArrow, FigureProp, FigureView, Sides } from '@/api/types'
import type { Keyframe } from './keyframes'

/** What a figure is asked to show. */
export interface Shown {
  /** All keyframes: they decide how much room the figure needs. */
  poses: readonly Keyframe[]
  from?: Keyframe
  to?: Keyframe
  progress?: number
  view: FigureView
  sides?: Sides
  worked?: readonly Digit[]
  /** The places of a body that are shown at work. */
  places?: readonly BodyPlace[]
  arrow?: FigureArrow
  prop?: FigureProp
  /** The common wrong form, drawn as a ghost. */
  wrong?: Keyframe | null
  /** As a person opposite shows it, instead of as one's own eyes see it. */
  facing?: boolean
  holding?: boolean
  moving?: boolean
  /** Height in pixels, for the fineness of the lines. */
  height?: number
  label: string
}

/** A figure with what is usual where nothing was said. */
export type ShownFigure = Required<Omit<Shown, 'from' | 'to'>> & {
  readonly from?: Keyframe | undefined
  readonly to?: Keyframe | undefined
}

/** Figures up to here carry no arrows and move simply. */
export const SMALL = 120
/** Small figures carry an arrow alone; from here on the helping hand is drawn. */
export const HELPED_FROM = 160
