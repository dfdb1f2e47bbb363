import { computed, onScopeDispose, watch } from 'vue'
import { bodyBox, bodyFigure, stepsOf } from './body/figure'
import { whileIdle } from './body/idle'
import type { Drawing } from './drawn'
import {
  digitNumbers,
  handBox,
  handDrawing,
  handView,
  isBodyView,
  pairDrawing,
  qualityFor,
  union,
  wholly,
} from './figures'
import { helperOn, type Hold } from './helper'
import { handPose, isBody, isHand, isPair, isTwoHands, ofHand, type Keyframe } from './keyframes'
import type { Box } from './outline'
import { tiltOf } from './pairs'
import { propShapes } from './props'
import { HELPED_FROM, SMALL, type ShownFigure } from './shown'
import type { HandView } from './views'

export const MIDDLE = 1
export const THUMB = 4
/** A finger bent further than this has its tip hidden. */
const BENT = 60

/** What a figure is made of: hands, a pair of hands or a body, what helps and what is held. */
export function useFigure(props: ShownFigure) {
  const first = computed<Keyframe>(() => props.from ?? (props.poses[0] as Keyframe))
  const last = computed<Keyframe>(() => props.to ?? first.value)
  const quality = computed(() => qualityFor(props.height, props.moving))

  const OPPOSITE: Partial<Record<HandView, HandView>> = { PALM: 'BACK', BACK: 'PALM' }
  const own = computed(() => handView(props.view))
  const view = computed(() => (props.facing ? (OPPOSITE[own.value] ?? own.value) : own.value))
  const isSide = computed(() => view.value === 'SIDE' || view.value === 'SIDE_PALM_UP')
  /** Where the other face of the hand cannot be shown, the picture is mirrored instead. */
  const mirrored = computed(() => props.facing && !OPPOSITE[own.value])

  /** Between two hands, and between two that hold something long. */
  const GAP = 24
  const LONG_THINGS_GAP = 150
  const longThing = computed(
    () => (props.prop === 'WEIGHT' || props.prop === 'STICK') && !isSide.value,
  )
  const gap = computed(() => (longThing.value ? LONG_THINGS_GAP : GAP))
  /** Both hands are shown side by side where each is seen from the front. */
  const both = computed(
    () =>
      props.poses.some(isTwoHands) ||
      ((props.sides === 'BOTH' || props.sides === 'ALTERNATING') && !isSide.value),
  )

  const hands = computed(() => {
    if (!isHand(first.value) || !isHand(last.value)) return []
    const poses = props.poses.filter(isHand)
    const worked = wholly(props.worked)
    const order = props.facing && !mirrored.value ? [false, true] : [true, false]
    const show = both.value ? order : [props.sides === 'LEFT']
    return show.map((left, place) => {
      const box = handBox(poses, view.value, left)
      const shift = both.value
        ? place === 0
          ? -box[2] - gap.value / 2
          : -box[0] + gap.value / 2
        : 0
      return {
        left,
        shift,
        box: [box[0] + shift, box[1], box[2] + shift, box[3]] as Box,
        drawing: handDrawing(
          first.value,
          last.value,
          props.progress,
          view.value,
          left,
          worked,
          quality.value,
        ),
      }
    })
  })

  const pair = computed(() =>
    isPair(first.value) && isPair(last.value)
      ? pairDrawing(first.value, last.value, props.progress, quality.value)
      : null,
  )

  const bodyView = computed(() => (isBodyView(props.view) ? props.view : 'BODY'))
  /** A body that does one side is shown on the other one by its mirror image. */
  const otherSide = computed(() => props.sides === 'LEFT')
  const body = computed(() =>
    isBody(first.value) && isBody(last.value)
      ? bodyFigure({
          from: first.value,
          to: last.value,
          t: props.progress,
          view: bodyView.value,
          left: otherSide.value,
          places: props.places,
          height: props.height,
          moving: props.moving,
        })
      : null,
  )
  /** The digit that the other hand takes, or that leads. */
  const leading = computed(() =>
    props.worked.length === 1 ? (digitNumbers(props.worked)[0] ?? MIDDLE) : MIDDLE,
  )
  /** Whether the hand stays a fist: then its knuckles lead, for the tips are hidden. */
  const fist = computed(() =>
    props.poses
      .filter(isHand)
      .every((pose) => handPose(ofHand(pose, false)).fingers[1].middle > BENT),
  )
  const pulled = computed(() => props.arrow === 'PULL' || props.arrow === 'PULL_AT_ROOT')
  const helped = computed(() => pulled.value && props.height > HELPED_FROM && !both.value)
  /** A fist is taken at its knuckles, a long finger at its tip; by the root where the figure says so. */
  const hold = computed<Hold>(() => {
    if (props.arrow === 'PULL_AT_ROOT') return props.worked.length === 1 ? 'root' : 'back'
    return fist.value ? 'knuckles' : 'tip'
  })
  const helper = computed(() => {
    const hand = hands.value[0]
    return hand && helped.value
      ? helperOn(hand.drawing, leading.value, hold.value, hand.shift)
      : null
  })

  /** What a hand holds or lies on, in its own coordinates. */
  function held(drawing: Drawing, shift: number) {
    if (props.prop === 'NONE') return null
    const b = box.value
    return propShapes(props.prop, drawing, isSide.value, [b[0] - shift, b[1], b[2] - shift, b[3]])
  }
  const things = computed(() => hands.value.map((hand) => held(hand.drawing, hand.shift)))

  /** Room for the helper in every keyframe, so that the figure stays where it is. */
  const helperBoxes = computed<Box[]>(() => {
    const hand = hands.value[0]
    if (!hand || !helped.value) return []
    const q = qualityFor(props.height, true)
    return props.poses
      .filter(isHand)
      .map(
        (pose) =>
          helperOn(
            handDrawing(pose, pose, 0, view.value, hand.left, wholly([]), q),
            leading.value,
            hold.value,
            hand.shift,
          ).box,
      )
  })

  const MARGIN = 14
  const PRESS_ROOM = 46
  /** Room at the sides for each degree that a pair leans over. */
  const TILT_ROOM = 2.6
  /** Room beyond the figure for arrows that go round it. */
  const ARROW_ROOM = 26
  const arrowRoom = computed(() => {
    const roomy = props.arrow === 'CIRCLE' || (body.value !== null && props.arrow === 'MOVE')
    return roomy && props.height > SMALL ? ARROW_ROOM : 0
  })
  const box = computed<Box>(() => {
    if (body.value) {
      const b = bodyBox(props.poses.filter(isBody), bodyView.value, otherSide.value)
      const room = arrowRoom.value
      return [b[0] - room, b[1] - room, b[2] + room, b[3]]
    }
    if (pair.value) {
      const b = pair.value.box
      const room = MARGIN + TILT_ROOM * Math.max(...props.poses.filter(isPair).map(tiltOf))
      return [b[0] - room, b[1] - MARGIN, b[2] + room, b[3]]
    }
    const inner = union([...hands.value.map((h) => h.box), ...helperBoxes.value])
    const pressing = props.arrow === 'PRESS' && props.height > HELPED_FROM
    const room = MARGIN + (pressing ? PRESS_ROOM : 0) + arrowRoom.value
    const aside = Math.max(room, longThing.value ? LONG_THINGS_GAP / 2 : 0)
    return [inner[0] - aside, inner[1] - room, inner[2] + aside, inner[3]]
  })
  const viewBox = computed(() => {
    const b = box.value
    return [b[0], b[1], b[2] - b[0], b[3] - b[1]].map((n) => n.toFixed(1)).join(' ')
  })

  /** Once it has begun to move, the steps between its poses are drawn finely while there is time. */
  let stopDrawing = () => {}
  watch(
    [() => props.moving, () => props.poses.join(), bodyView, otherSide, () => props.height],
    ([moving]) => {
      stopDrawing()
      if (!moving || !body.value || props.height <= SMALL) return
      const steps = stepsOf(props.poses.filter(isBody), {
        view: bodyView.value,
        left: otherSide.value,
        places: props.places,
        height: props.height,
      })
      stopDrawing = whileIdle(steps.map((step) => () => void bodyFigure(step)))
    },
    { immediate: true },
  )
  onScopeDispose(() => stopDrawing())
  return {
    first,
    last,
    quality,
    view,
    isSide,
    mirrored,
    both,
    hands,
    pair,
    bodyView,
    otherSide,
    body,
    leading,
    fist,
    pulled,
    helper,
    things,
    box,
    viewBox,
  }
}

export type Figure = ReturnType<typeof useFigure>
