<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Digit, FigureArrow, FigureView, Pose, Sides } from '@/api/types'
import { curvedArrow, straightArrow, type Arrow } from './arrows'
import { BODY_POSES, mixBodies } from './bodyPoses'
import BodyShapes from './BodyShapes.vue'
import {
  digitNumbers,
  handBox,
  handDrawing,
  handView,
  isBody,
  isHand,
  isPair,
  pairDrawing,
  qualityFor,
  union,
} from './figures'
import HandShapes from './HandShapes.vue'
import type { Box } from './outline'
import type { Point } from './vector'

const props = withDefaults(
  defineProps<{
    /** All keyframes: they decide how much room the figure needs. */
    poses: Pose[]
    from?: Pose
    to?: Pose
    progress?: number
    view: FigureView
    sides?: Sides
    worked?: Digit[]
    arrow?: FigureArrow
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
    arrow: 'NONE',
    holding: false,
    moving: false,
    height: 200,
  },
)

const prefix = useId()
const first = computed<Pose>(() => props.from ?? (props.poses[0] as Pose))
const last = computed<Pose>(() => props.to ?? first.value)
const quality = computed(() => qualityFor(props.height, props.moving))
const view = computed(() => handView(props.view))

const GAP = 24
/** Both hands are shown side by side where each is seen from the front. */
const both = computed(
  () => (props.sides === 'BOTH' || props.sides === 'ALTERNATING') && view.value !== 'SIDE',
)

const hands = computed(() => {
  if (!isHand(first.value) || !isHand(last.value)) return []
  const poses = props.poses.filter(isHand)
  const worked = digitNumbers(props.worked)
  const show = both.value ? [true, false] : [props.sides === 'LEFT']
  return show.map((left) => {
    const box = handBox(poses, view.value, left)
    const shift = both.value ? (left ? -box[2] - GAP / 2 : -box[0] + GAP / 2) : 0
    return {
      left,
      shift,
      box: [box[0] + shift, box[1], box[2] + shift, box[3]] as Box,
      drawing: handDrawing(
        first.value as never,
        last.value as never,
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

const body = computed(() =>
  isBody(first.value) && isBody(last.value)
    ? mixBodies(BODY_POSES[first.value], BODY_POSES[last.value], props.progress)
    : null,
)

const MARGIN = 14
const BODY_BOX: Box = [-128, -216, 128, 140]
const box = computed<Box>(() => {
  if (body.value) return BODY_BOX
  const inner = pair.value ? pair.value.box : union(hands.value.map((h) => h.box))
  return [inner[0] - MARGIN, inner[1] - MARGIN, inner[2] + MARGIN, inner[3]]
})
const viewBox = computed(() => {
  const b = box.value
  return [b[0], b[1], b[2] - b[0], b[3] - b[1]].map((n) => n.toFixed(1)).join(' ')
})

/** Where the middle fingertip is in a keyframe, and about what it turns. */
function sweep(): Arrow | null {
  const hand = hands.value[0]
  const start = props.poses[0]
  const end = props.poses[props.poses.length - 1]
  if (!hand || both.value || !start || !end || !isHand(start) || !isHand(end)) return null
  const q = qualityFor(props.height, true)
  const tip = (pose: Pose) =>
    handDrawing(pose as never, pose as never, 0, view.value, hand.left, [], q)
  const wrist = view.value === 'SIDE' || end.startsWith('WRIST')
  const a = tip(start)
  const b = tip(end)
  const centre: Point = wrist ? a.placeOnHand([0, 0, 0]) : a.place(1, 0, 0)
  const from = a.place(1, 2, 0.7)
  const to = b.place(1, 2, 0.7)
  const angle = (p: Point) => Math.atan2(p[1] - centre[1], p[0] - centre[0])
  let turn = angle(to) - angle(from)
  if (turn > Math.PI) turn -= 2 * Math.PI
  if (turn < -Math.PI) turn += 2 * Math.PI
  if (Math.abs(turn) < 0.3) return null
  const radius = Math.hypot(from[0] - centre[0], from[1] - centre[1]) * 0.82
  const margin = 0.22 * Math.sign(turn)
  return curvedArrow(centre, radius, angle(from) + margin, angle(from) + turn - margin)
}

const arrows = computed<Arrow[]>(() => {
  if (props.height <= 120 || props.arrow === 'NONE') return []
  if (pair.value && props.arrow === 'PRESS') {
    const y = pair.value.box[1] * 0.52
    const x = pair.value.seam ? 46 : 92
    return [straightArrow([-x - 56, y], [-x, y]), straightArrow([x + 56, y], [x, y])]
  }
  if (props.arrow === 'PULL' || props.arrow === 'MOVE') {
    const arrow = sweep()
    return arrow ? [arrow] : []
  }
  return []
})

/** The dotted start pose behind a figure that has gone elsewhere. */
const ghost = computed(() => {
  const hand = hands.value[0]
  const start = props.poses[0]
  const wanted = props.arrow === 'PULL' || props.arrow === 'MOVE'
  if (!hand || both.value || !start || !isHand(start) || !wanted || props.height <= 160) return null
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
  }
})

const pulse = computed<Point | null>(() => {
  const hand = hands.value[0]
  if (!props.holding || !hand || both.value) return null
  const p = hand.drawing.placeOnHand(view.value === 'SIDE' ? [0, 6, 0] : [0, 60, 12])
  return [p[0] + hand.shift, p[1]]
})
</script>

<template>
  <svg class="figure" :viewBox="viewBox" role="img" :aria-label="label">
    <path
      v-if="ghost"
      class="ghost"
      :d="ghost.path"
      :transform="ghost.left ? 'scale(-1 1)' : undefined"
    />
    <g v-for="hand in hands" :key="String(hand.left)" :transform="`translate(${hand.shift} 0)`">
      <HandShapes :drawing="hand.drawing" :left="hand.left" />
    </g>
    <template v-if="pair">
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
      <path
        v-if="pair.seam"
        class="seam"
        :stroke-width="quality.strokeWidth"
        :d="`M0 ${pair.seam[0]}V${pair.seam[1]}`"
      />
    </template>
    <BodyShapes v-if="body" :pose="body" />
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
.seam {
  stroke: var(--hand-line);
  stroke-linecap: round;
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
