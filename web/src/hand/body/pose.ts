import type { Vector } from '../vector'
import type { HandShape } from './smallHand'

/** The figure's own right and left. */
export type BodySide = 'R' | 'L'
export const SIDES: readonly BodySide[] = ['R', 'L']
export type Sided<T> = Readonly<Record<BodySide, T>>
/** 1 on the left of the figure, where x is positive. */
export const sign = (side: BodySide): number => (side === 'L' ? 1 : -1)
export const sided = <T>(make: (side: BodySide) => T): Sided<T> => ({ R: make('R'), L: make('L') })

type Three = readonly [number, number, number]

/** Degrees; positive flexion bends forward, side to the figure's left, twist to its left. */
export interface Bend {
  readonly flexion?: number
  readonly side?: number
  readonly twist?: number
}

/** What a hand's place may be given on. */
export type Anchor = 'pelvis' | 'chest' | 'head' | 'thigh'

/** An arm by angles, or by the place of its wrist; degrees and units, for the left side. */
export interface ArmPose {
  /** From hanging, and in which plane: 0 aside, 90 forward; then the turn about the bone. */
  readonly elevation?: number
  readonly plane?: number
  readonly turn?: number
  readonly elbow?: number
  readonly pronation?: number
  readonly wrist?: number
  readonly deviation?: number
  readonly hand?: HandShape
  /** Where the wrist is, in the world or on a part of the body, and where the elbow goes. */
  readonly on?: Anchor
  readonly reach?: Vector
  readonly elbowToward?: Vector
  /** Where the fingers point and the palm looks. */
  readonly direction?: Vector
  readonly palm?: Vector
}

/** A leg by angles, or by the place of its ankle. */
export interface LegPose {
  readonly flexion?: number
  readonly abduction?: number
  readonly turn?: number
  readonly knee?: number
  readonly toe?: number
  readonly foot?: Vector
  readonly kneeToward?: Vector
  readonly yaw?: number
  readonly pitch?: number
}

export interface GirdlePose {
  readonly up?: number
  readonly forward?: number
}

/** Something that stands around the body. */
export type Surrounding =
  | { readonly kind: 'floor' | 'seat' | 'panel' | 'keys' | 'towel' | 'post' }
  | { readonly kind: 'wall'; readonly depth: number }

/** A pose as it is written: joint angles and contacts. */
export interface BodyPose {
  readonly root: {
    readonly place: Vector
    readonly yaw?: number
    readonly pitch?: number
    readonly roll?: number
  }
  /** Where the knees stay, on hands and knees. */
  readonly kneel?: Vector
  readonly spine?: {
    readonly flexion?: number | Three
    readonly side?: number | Three
    readonly twist?: number | Three
  }
  readonly neck?: Bend
  readonly head?: Bend
  readonly girdle?: Partial<Sided<GirdlePose>>
  readonly arms?: Partial<Sided<ArmPose>>
  readonly legs?: Partial<Sided<LegPose>>
  readonly around?: readonly Surrounding[]
}
