import { FRONT_POSES, frontBody } from './frontBody'
import type { BodyPoseName } from './poses'
import { PROFILE_POSES } from './profilePoses'
import { profileBody } from './profileBody'
import type { Point } from './vector'

/** A rounded line of a body: a limb, or the trunk. */
export interface Limb {
  readonly path: string
  readonly width: number
}

/** A body ready to be drawn, y downward: what is behind it, then limbs from behind to front. */
export interface BodyDrawing {
  /** Floor, wall, seat and the like. */
  readonly place: readonly string[]
  readonly behind: readonly Limb[]
  readonly trunk: Limb | null
  readonly trunkOutline: string | null
  readonly before: readonly Limb[]
  readonly hands: readonly { readonly at: Point; readonly angle: number }[]
  readonly head: {
    readonly at: Point
    readonly angle: number
    readonly features: readonly string[]
  }
}

export const BODY_POSES: Readonly<Record<BodyPoseName, 'front' | 'profile'>> = {
  ...mapped(FRONT_POSES, 'front'),
  ...mapped(PROFILE_POSES, 'profile'),
}

function mapped<K extends string>(poses: Record<K, unknown>, kind: 'front' | 'profile') {
  return Object.fromEntries(Object.keys(poses).map((name) => [name, kind])) as Record<
    K,
    'front' | 'profile'
  >
}

type FrontName = keyof typeof FRONT_POSES
type ProfileName = keyof typeof PROFILE_POSES

const isFront = (name: BodyPoseName): name is FrontName => name in FRONT_POSES

/** The body on the way from one pose to another; poses of different kinds are not mixed. */
export function drawBody(from: BodyPoseName, to: BodyPoseName, t: number): BodyDrawing {
  if (isFront(from)) {
    const target = isFront(to) ? FRONT_POSES[to] : FRONT_POSES[from]
    return frontBody(FRONT_POSES[from], target, t)
  }
  const start = PROFILE_POSES[from]
  return profileBody(start, isFront(to) ? start : PROFILE_POSES[to as ProfileName], t)
}
