<script setup lang="ts">
import { computed, onScopeDispose, useId, watch } from 'vue'
import type { BodyPlace, Digit, FigureArrow, FigureProp, FigureView, Sides } from '@/api/types'
import {
  circlingArrow,
  curvedArrow,
  straightArrow,
  turningArrow,
  wayArrow,
  type Arrow,
} from './arrows'
import { bodyBox, bodyFigure, bodySilhouette, stepsOf } from './body/figure'
import { whileIdle } from './body/idle'
import { leadingWays } from './body/motion'
import BodyShapes from './BodyShapes.vue'
import type { Drawing, HandView } from './drawing'
import {
  digitNumbers,
  handBox,
  handDrawing,
  handView,
  isBodyView,
  pairDrawing,
  qualityFor,
  union,
} from './figures'
import FadeMask from './FadeMask.vue'
import HandShapes from './HandShapes.vue'
import { helperOn, type Hold } from './helper'
import { handPose, isBody, isHand, isPair, isTwoHands, ofHand, type Keyframe } from './keyframes'
import type { Box } from './outline'
import { tiltOf } from './pairs'
import { propShapes } from './props'
import type { Point } from './vector'

const props = withDefaults(
  defineProps<{
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
  }>(),
  {
    from: undefined,
    to: undefined,
    progress: 0,
    sides: 'RIGHT',
    worked: () => [],
    places: () => [],
    arrow: 'NONE',
    prop: 'NONE',
    wrong: null,
    facing: false,
    holding: false,
    moving: false,
    height: 200,
  },
)

const prefix = useId()
/** Figures up to here carry no arrows and move simply. */
const SMALL = 120
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
  const worked = digitNumbers(props.worked)
  const order = props.facing && !mirrored.value ? [false, true] : [true, false]
  const show = both.value ? order : [props.sides === 'LEFT']
  return show.map((left, place) => {
    const box = handBox(poses, view.value, left)
    const shift = both.value ? (place === 0 ? -box[2] - gap.value / 2 : -box[0] + gap.value / 2) : 0
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

/** The digit that the other hand takes, or that leads. */
const leading = computed(() =>
  props.worked.length === 1 ? (digitNumbers(props.worked)[0] ?? MIDDLE) : MIDDLE,
)
const MIDDLE = 1
const THUMB = 4
const BENT = 60
/** Whether the hand stays a fist: then its knuckles lead, for the tips are hidden. */
const fist = computed(() =>
  props.poses
    .filter(isHand)
    .every((pose) => handPose(ofHand(pose, false)).fingers[1].middle > BENT),
)
/** Small figures carry an arrow alone. */
const HELPED_FROM = 160
const pulled = computed(() => props.arrow === 'PULL' || props.arrow === 'PULL_AT_ROOT')
const helped = computed(() => pulled.value && props.height > HELPED_FROM && !both.value)
/** A fist is taken at its knuckles, a long finger at its tip; by the root where the figure says so. */
const hold = computed<Hold>(() => {
  if (props.arrow === 'PULL_AT_ROOT') return props.worked.length === 1 ? 'root' : 'back'
  return fist.value ? 'knuckles' : 'tip'
})
const helper = computed(() => {
  const hand = hands.value[0]
  return hand && helped.value ? helperOn(hand.drawing, leading.value, hold.value, hand.shift) : null
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
          handDrawing(pose, pose, 0, view.value, hand.left, [], q),
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

/** An arc shorter than this is no arrow that one could read. */
const SHORTEST_ARC = 34

/** Where the part that moves goes between the first and the last keyframe, and about what it turns. */
function sweep(): Arrow | null {
  const hand = hands.value[0]
  const start = props.poses[0]
  const end = props.poses[props.poses.length - 1]
  if (!hand || both.value || !start || !end || !isHand(start) || !isHand(end)) return null
  const q = qualityFor(props.height, true)
  const seen = (pose: Keyframe) => handDrawing(pose, pose, 0, view.value, hand.left, [], q)
  const a = seen(start)
  const b = seen(end)
  const from = handPose(start)
  const to = handPose(end)
  const atWrist =
    Math.abs(from.wrist.flexion - to.wrist.flexion) > 15 ||
    Math.abs(from.wrist.deviation - to.wrist.deviation) > 10
  const digit = atWrist ? MIDDLE : leading.value
  const lead = (d: typeof a): Point => (fist.value ? d.place(digit, 0, 1) : d.place(digit, 2, 0.7))
  const centre: Point = atWrist ? a.placeOnHand([0, 0, 0]) : a.place(digit, 0, 0)
  const p = lead(a)
  const angle = (at: Point) => Math.atan2(at[1] - centre[1], at[0] - centre[0])
  let turn = angle(lead(b)) - angle(p)
  if (turn > Math.PI) turn -= 2 * Math.PI
  if (turn < -Math.PI) turn += 2 * Math.PI
  const radius = Math.hypot(p[0] - centre[0], p[1] - centre[1]) * (fist.value ? 0.95 : 0.82)
  const margin = Math.min(0.22, Math.abs(turn) / 5) * Math.sign(turn)
  if (Math.abs(turn - 2 * margin) * radius < SHORTEST_ARC) return null
  return curvedArrow(centre, radius, angle(p) + margin, angle(p) + turn - margin)
}

/** Against a single hand: toward the part that works, from where it goes. */
function pressed(): Arrow[] {
  const hand = hands.value[0]
  const start = props.poses[0]
  const end = props.poses[props.poses.length - 1]
  if (!hand || both.value || !start || !end || !isHand(start) || !isHand(end)) return []
  const q = qualityFor(props.height, true)
  const lead = (pose: Keyframe) =>
    handDrawing(pose, pose, 0, view.value, hand.left, [], q).place(leading.value, 1, 0.5)
  const a = lead(start)
  const b = lead(end)
  const way = Math.hypot(b[0] - a[0], b[1] - a[1])
  if (way < 8) return []
  const out: Point = [(b[0] - a[0]) / way, (b[1] - a[1]) / way]
  const at = (p: Point, d: number): Point => [p[0] + out[0] * d, p[1] + out[1] * d]
  return [straightArrow(at(b, 74), at(b, 22))]
}

/** The other hand that strokes or rolls along the forearm. */
const STROKE_FROM = [0, -96, 24] as const
const STROKE_TO = [0, 34, 24] as const
function stroking(): Arrow[] {
  const hand = hands.value[0]
  if (!hand || both.value) return []
  const elbow = hand.drawing.placeOnHand([...STROKE_FROM])
  const palm = hand.drawing.placeOnHand([...STROKE_TO])
  return [props.arrow === 'ALONG_TO_HAND' ? straightArrow(elbow, palm) : straightArrow(palm, elbow)]
}

/** Round the middle of what the part that leads goes through; about the forearm where that turns. */
function circling(): Arrow[] {
  const hand = hands.value[0]
  if (!hand || both.value) return []
  const q = qualityFor(props.height, true)
  const angles = props.poses.filter(isHand).map((pose) => handPose(ofHand(pose, hand.left)).wrist)
  const changes = (of: (wrist: (typeof angles)[number]) => number) =>
    Math.max(...angles.map(of)) - Math.min(...angles.map(of)) > 12
  if (changes((wrist) => wrist.turn)) return [turningArrow(hand.drawing.placeOnHand([0, -6, 0]))]
  const still = !changes((wrist) => wrist.flexion) && !changes((wrist) => wrist.deviation)
  if (still && !props.worked.length) return [circlingArrow([hand.drawing.placeOnHand([0, 46, 12])])]
  if (still && props.worked.length === 1 && leading.value === THUMB)
    return [circlingArrow([hand.drawing.place(THUMB, 0, 0.6)])]
  const way = props.poses.filter(isHand).map((pose) => {
    const drawn = handDrawing(pose, pose, 0, view.value, hand.left, [], q)
    return drawn.place(leading.value, fist.value ? 0 : 2, 0.9)
  })
  return [circlingArrow(way)]
}

/** What is carried farther than this goes round at the end of its way, not round the middle of it. */
const CARRIED = 40
function carried(points: readonly Point[]): boolean {
  const [x = 0, y = 0] = points[0] ?? []
  const [toX = 0, toY = 0] = points[points.length - 1] ?? []
  return Math.hypot(toX - x, toY - y) > CARRIED
}
/** From the first keyframe of a body to the one that is farthest from it. */
function bodyArrows(): Arrow[] {
  const poses = props.poses.filter(isBody)
  const start = poses[0]
  if (!start || (props.arrow !== 'MOVE' && props.arrow !== 'CIRCLE')) return []
  const end = poses.find((pose) => pose !== start) ?? start
  const ways = leadingWays(start, end, bodyView.value, otherSide.value, props.places)
  return props.arrow === 'CIRCLE'
    ? ways.map(({ points }) => circlingArrow(carried(points) ? points.slice(-1) : points))
    : ways.map(({ points }) => wayArrow(points, middleOfBody.value))
}
const middleOfBody = computed<Point>(() => [(box.value[0] + box.value[2]) / 2, -150])

const arrows = computed<Arrow[]>(() => {
  if (props.height <= SMALL || props.arrow === 'NONE') return []
  if (body.value) return bodyArrows()
  if (props.arrow === 'CIRCLE') return circling()
  if (pair.value && props.arrow === 'PRESS') {
    const y = pair.value.box[1] * 0.52
    const x = pair.value.seam ? 46 : 92
    return [straightArrow([-x - 56, y], [-x, y]), straightArrow([x + 56, y], [x, y])]
  }
  if (props.arrow === 'PRESS') return pressed()
  if (props.arrow === 'ALONG_TO_HAND' || props.arrow === 'ALONG_TO_ELBOW') return stroking()
  if (pulled.value || props.arrow === 'MOVE') {
    const arrow = sweep()
    return arrow ? [arrow] : []
  }
  return []
})

/** The dotted start pose behind a figure that has gone elsewhere. */
const ghost = computed(() => {
  const hand = hands.value[0]
  const start = props.poses[0]
  const wanted = pulled.value || props.arrow === 'MOVE'
  const there = first.value === start && (last.value === start || props.progress === 0)
  if (!hand || both.value || !start || !isHand(start) || !wanted || props.height <= 160) return null
  if (there) return null
  return {
    path: handDrawing(
      start,
      start,
      0,
      view.value,
      hand.left,
      [],
      qualityFor(props.height, true),
    ).silhouette(),
    left: hand.left,
    fade: hand.drawing.fade,
  }
})

/** The dotted start pose behind a body that has gone elsewhere. */
const bodyGhost = computed(() => {
  const start = props.poses.filter(isBody)[0]
  const there = first.value === start && (last.value === start || props.progress === 0)
  if (!body.value || !start || there || props.arrow !== 'MOVE' || props.height <= 160) return null
  return bodySilhouette(start, bodyView.value, otherSide.value)
})

/** The outline of the common wrong form. */
const wrongForm = computed(() => {
  const hand = hands.value[0]
  if (!hand || !props.wrong || both.value || !isHand(props.wrong)) return null
  const q = qualityFor(props.height, true)
  return {
    path: handDrawing(props.wrong, props.wrong, 0, view.value, hand.left, [], q).silhouette(),
    left: hand.left,
  }
})

const pulse = computed<Point | null>(() => {
  const hand = hands.value[0]
  if (!props.holding || !hand || both.value) return null
  const p = hand.drawing.placeOnHand(isSide.value ? [0, 6, 0] : [0, 60, 12])
  return [p[0] + hand.shift, p[1]]
})
</script>

<template>
  <svg class="figure" :class="{ mirrored }" :viewBox="viewBox" role="img" :aria-label="label">
    <path
      v-if="wrongForm"
      class="ghost wrong"
      :d="wrongForm.path"
      :transform="wrongForm.left ? 'scale(-1 1)' : undefined"
    />
    <g v-if="ghost" :transform="ghost.left ? 'scale(-1 1)' : undefined">
      <defs>
        <FadeMask :id="`${prefix}ghost-mask`" :fade="ghost.fade" :share="0.4" />
      </defs>
      <path class="ghost" :d="ghost.path" :mask="`url(#${prefix}ghost-mask)`" />
    </g>
    <template v-if="helper">
      <defs><FadeMask :id="`${prefix}helper-mask`" :fade="helper.fade" /></defs>
      <g class="helper" :mask="`url(#${prefix}helper-mask)`">
        <template v-for="(limb, i) in helper.limbs" :key="`helper${i}`">
          <path class="helper-line" :d="limb.path" :stroke-width="limb.width" />
          <path class="helper-fill" :d="limb.path" :stroke-width="limb.width - 5" />
        </template>
      </g>
    </template>
    <g
      v-for="(hand, h) in hands"
      :key="String(hand.left)"
      :transform="`translate(${hand.shift} 0)`"
    >
      <path v-for="(thing, i) in things[h]?.behind" :key="`behind${i}`" :d="thing" class="thing" />
      <HandShapes :drawing="hand.drawing" :left="hand.left" />
      <path v-for="(thing, i) in things[h]?.before" :key="`before${i}`" :d="thing" class="thing" />
    </g>
    <g v-if="pair" :transform="`rotate(${pair.tilt.toFixed(1)} 0 ${pair.pivot})`">
      <defs>
        <clipPath :id="`${prefix}left`">
          <rect x="-400" y="-400" width="400" height="800" />
        </clipPath>
        <clipPath :id="`${prefix}right`"><rect x="0" y="-400" width="400" height="800" /></clipPath>
      </defs>
      <g
        v-for="(hand, i) in pair.hands"
        :key="i"
        :clip-path="hand.half === 'both' ? undefined : `url(#${prefix}${hand.half})`"
      >
        <g :transform="hand.transform"><HandShapes :drawing="hand.drawing" :left="hand.left" /></g>
      </g>
      <g v-for="(finger, i) in pair.fingers" :key="`clasp${i}`" class="clasp">
        <path class="clasp-line" :d="finger.path" :stroke-width="14 + quality.strokeWidth * 2" />
        <path class="clasp-fill" :class="{ second: finger.left }" :d="finger.path" />
      </g>
      <path
        v-if="pair.seam"
        class="seam"
        :stroke-width="quality.strokeWidth"
        :d="`M0 ${pair.seam[0]}V${pair.seam[1]}`"
      />
    </g>
    <template v-if="body">
      <template v-if="bodyGhost">
        <path class="ghost-fill" :d="bodyGhost.fill" />
        <path class="ghost ghost-line" :d="bodyGhost.line" />
      </template>
      <BodyShapes :figure="body" :stroke-width="quality.strokeWidth" />
    </template>
    <g v-for="(drawn, i) in arrows" :key="`arrow${i}`" class="arrow">
      <path class="halo" :d="drawn.shaft" />
      <path class="halo-head" :d="drawn.head" />
      <path class="shaft" :d="drawn.shaft" />
      <path class="head" :d="drawn.head" />
    </g>
    <g v-if="pulse" class="pulse">
      <circle :cx="pulse[0]" :cy="pulse[1]" r="4.5" class="dot" />
      <circle :cx="pulse[0]" :cy="pulse[1]" r="10" class="ring" />
      <circle :cx="pulse[0]" :cy="pulse[1]" r="16" class="wave">
        <animate attributeName="r" values="10;22" dur="1.6s" repeatCount="indefinite" />
        <animate attributeName="opacity" values="0.7;0" dur="1.6s" repeatCount="indefinite" />
      </circle>
    </g>
  </svg>
</template>

<style scoped>
.figure {
  display: block;
  width: 100%;
  height: 100%;
}
.ghost {
  fill: var(--hand-ghost);
  fill-opacity: 0.07;
  stroke: var(--hand-ghost);
  stroke-width: 1.9;
  stroke-dasharray: 6 5;
  stroke-linejoin: round;
}
.ghost-fill {
  fill: var(--hand-ghost);
  opacity: 0.07;
}
.ghost-line {
  fill: none;
}
.clasp path {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.clasp-line {
  stroke: var(--hand-line);
}
.clasp-fill {
  stroke: var(--hand-fill);
  stroke-width: 14px;
}
.clasp-fill.second {
  stroke: var(--hand-second-fill);
}
.mirrored {
  transform: scaleX(-1);
}
.wrong {
  fill: none;
  stroke: var(--stop);
}
.thing {
  fill: var(--hand-thing);
  stroke: var(--hand-line);
  stroke-width: 2.6;
  stroke-linejoin: round;
  stroke-linecap: round;
}
.seam {
  stroke: var(--hand-line);
  stroke-linecap: round;
}
.helper path {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.helper-line {
  stroke: var(--hand-line);
}
.helper-fill {
  stroke: var(--hand-second-fill);
}
.arrow path {
  stroke-linecap: round;
  stroke-linejoin: round;
}
.halo {
  fill: none;
  stroke: var(--hand-halo);
  stroke-width: 9;
}
.halo-head {
  fill: var(--hand-halo);
  stroke: var(--hand-halo);
  stroke-width: 6.5;
}
.shaft {
  fill: none;
  stroke: var(--hand-arrow);
  stroke-width: 5;
}
.head {
  fill: var(--hand-arrow);
  stroke: var(--hand-arrow);
  stroke-width: 2.5;
}
.dot {
  fill: var(--hand-arrow);
}
.ring {
  fill: none;
  stroke: var(--hand-arrow);
  stroke-width: 2.4;
}
.wave {
  fill: none;
  stroke: var(--hand-arrow);
  stroke-width: 1.8;
}
</style>
