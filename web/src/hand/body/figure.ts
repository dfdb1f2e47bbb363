import type { BodyPlace } from '@/api/types'
import {
  STEPS_BETWEEN,
  qualityFor,
  recalled,
  remember,
  snap,
  type BodyView,
  type Quality,
} from '../figures'
import type { Box } from '../outline'
import type { BodyPoseName } from '../poses'
import { drawBody, silhouette, type DrawnBody, type Silhouette } from './drawBody'
import { BODY_POSES, WORKED_SIDE } from './poses'
import { SIDES, type BodySide } from './pose'
import { viewFrom, type View } from './field'
import {
  bodyBetween,
  framesOf,
  mirrored,
  solved,
  type BodyFrames,
  type BodyState,
} from './skeleton'
import { scenery, type Scenery } from './surroundings'

const YAW: Readonly<Record<BodyView, number>> = {
  BODY: 0,
  BODY_SIDE: 90,
  BODY_THREE_QUARTER: 38,
  BODY_BEHIND: 150,
}

/** From this height in pixels on each finger is a part of its own. */
const FINGERS_FROM = 400

export interface BodyFigure {
  readonly body: DrawnBody
  readonly around: readonly Scenery[]
}

export interface BodyRequest {
  readonly from: BodyPoseName
  readonly to: BodyPoseName
  readonly t: number
  readonly view: BodyView
  /** Shown on the other side. */
  readonly left: boolean
  readonly places: readonly BodyPlace[]
  readonly height: number
  readonly moving: boolean
}

const solvedPose = (name: BodyPoseName, left: boolean): BodyState =>
  remember(`body ${name} ${left}`, () => {
    const state = solved(BODY_POSES[name])
    return left ? mirrored(state) : state
  })

const yawOf = (view: BodyView, left: boolean): number => (left ? -YAW[view] : YAW[view])

function sidesOf(name: BodyPoseName, left: boolean): readonly BodySide[] {
  const one = WORKED_SIDE[name]
  if (!one) return SIDES
  return [left ? (one === 'L' ? 'R' : 'L') : one]
}

/** How much coarser a body is drawn: small and moving figures are simpler. */
function coarsenessOf(quality: Quality, moving: boolean): number {
  if (quality.details) return 1
  return moving ? 1.6 : 1.8
}

function keyOf(request: BodyRequest): string {
  const { from, to, view, left, places, height, moving } = request
  const quality = qualityFor(height, moving)
  const t = from === to ? 0 : snap(request.t)
  const fingers = height >= FINGERS_FROM && quality.details
  return ['body', from, to, t, view, left, places.join(), fingers, ...Object.values(quality)].join(
    '|',
  )
}

/**
 * A body on the way from one pose to another, drawn once and kept. While it moves it is drawn more
 * simply, unless the fine drawing is there already.
 */
export function bodyFigure(request: BodyRequest): BodyFigure {
  const fine = request.moving ? recalled<BodyFigure>(keyOf({ ...request, moving: false })) : null
  return fine ?? remember(keyOf(request), () => drawn(request))
}

function drawn({
  from,
  to,
  t: given,
  view,
  left,
  places,
  height,
  moving,
}: BodyRequest): BodyFigure {
  const t = from === to ? 0 : snap(given)
  const quality = qualityFor(height, moving)
  const a = solvedPose(from, left)
  const state = t === 0 ? a : bodyBetween(a, solvedPose(to, left), t)
  const yaw = yawOf(view, left)
  const body = drawBody(state, {
    yaw,
    coarseness: coarsenessOf(quality, moving),
    strokeWidth: quality.strokeWidth,
    details: quality.details,
    fingers: height >= FINGERS_FROM && quality.details,
    places,
    sides: sidesOf(t > 0.5 ? to : from, left),
  })
  const around = BODY_POSES[t > 0.5 ? to : from].around ?? []
  return { body, around: scenery(around, body.frames, body.view, yaw, body.box) }
}

/** All steps of a movement through these poses, to be drawn finely in idle time. */
export function stepsOf(
  poses: readonly BodyPoseName[],
  common: Omit<BodyRequest, 'from' | 'to' | 't' | 'moving'>,
): readonly BodyRequest[] {
  return poses.flatMap((from, i) => {
    const to = poses[(i + 1) % poses.length] ?? from
    if (from === to) return []
    return Array.from({ length: STEPS_BETWEEN + 1 }, (_, step) => ({
      ...common,
      from,
      to,
      t: step / STEPS_BETWEEN,
      moving: false,
    }))
  })
}

/** The frames of a body between two poses, as it stands in space. */
export const bodyFrames = (
  from: BodyPoseName,
  to: BodyPoseName,
  t: number,
  left: boolean,
): BodyFrames => framesOf(bodyBetween(solvedPose(from, left), solvedPose(to, left), t))

export const viewOf = (view: BodyView, left: boolean): View => viewFrom(yawOf(view, left))

/** The dotted outline of a pose. */
export const bodySilhouette = (name: BodyPoseName, view: BodyView, left: boolean): Silhouette =>
  remember(`outline ${name} ${view} ${left}`, () =>
    silhouette(solvedPose(name, left), yawOf(view, left)),
  )

const MARGIN = 16

/** The box that holds a body in all its poses, so that a moving figure stays where it is. */
export function bodyBox(poses: readonly BodyPoseName[], view: BodyView, left: boolean): Box {
  return remember(['body box', poses.join(), view, left].join('|'), () => {
    const boxes = poses.map((name) => bodySilhouette(name, view, left).box)
    const around = poses.flatMap((name) => BODY_POSES[name].around ?? [])
    const kinds = new Set(around.map((thing) => thing.kind))
    const wide = kinds.has('panel') ? 132 : 0
    const left0 = Math.min(...boxes.map((b) => b[0]), -wide)
    const right0 = Math.max(...boxes.map((b) => b[2]), wide)
    const top = Math.min(
      ...boxes.map((b) => b[1]),
      kinds.has('wall') ? -304 : 0,
      kinds.has('post') ? -316 : 0,
      kinds.has('panel') ? -354 : 0,
    )
    const room = kinds.has('floor') ? 26 : 0
    return [left0 - room - 4, top - MARGIN, right0 + room + 4, 8]
  })
}
