<script setup lang="ts">
import { computed } from 'vue'
import type { Digit, Region, Side } from '@/api/types'
import { REGIONS } from '@/parts/labels'
import { painTone } from '@/parts/painTone'
import { capital } from '@/parts/words'
import { handDrawing, qualityFor, wholly } from './figures'
import HandShapes from './HandShapes.vue'
import { ON_THE_HAND, REGION_PLACES } from './regions'

/** Both backs of the hands as their owner sees them, with pain as numbers and places to touch. */
const props = withDefaults(
  defineProps<{
    pains?: readonly { side: Side; region: Region; level: number }[]
    worked?: Readonly<Record<Side, readonly Digit[]>>
    touchable?: boolean
    chosen?: { side: Side; region: Region } | null
    /** Regions where something is meant to be felt; they are marked. */
    meant?: readonly Region[]
    height?: number
    dominant?: Side | null
    /** What the numbers are: pain, or how much a region is used. */
    numbers?: 'pain' | 'use'
    /** What is written under the hands instead of left and right. */
    names?: Readonly<Record<Side, string>> | null
  }>(),
  {
    pains: () => [],
    worked: () => ({ LEFT: [], RIGHT: [] }),
    touchable: false,
    chosen: null,
    meant: () => [],
    height: 420,
    dominant: null,
    numbers: 'pain',
    names: null,
  },
)
const emit = defineEmits<{ choose: [side: Side, region: Region] }>()

const GAP = 20
const MARGIN = 10
const BOTTOM = 106
const USE_TONES: Readonly<Record<number, string>> = { 1: 'mild', 2: 'works', 3: 'loads' }
const SIDES: readonly Side[] = ['LEFT', 'RIGHT']

const hands = computed(() =>
  SIDES.map((side) => {
    const left = side === 'LEFT'
    const drawing = handDrawing(
      'FLAT',
      'FLAT',
      0,
      'BACK',
      left,
      wholly(props.worked[side]),
      qualityFor(props.height, false),
    )
    const shift = left ? -drawing.box[2] - GAP / 2 : -drawing.box[0] + GAP / 2
    return { side, left, drawing, shift }
  }),
)
const box = computed(() => {
  const [l, r] = hands.value
  const x0 = (l?.drawing.box[0] ?? 0) + (l?.shift ?? 0) - MARGIN
  const x1 = (r?.drawing.box[2] ?? 0) + (r?.shift ?? 0) + MARGIN
  const top = Math.min(...hands.value.map((h) => h.drawing.box[1])) - MARGIN
  return { x: x0, y: top, width: x1 - x0, height: BOTTOM - top }
})
const places = computed(() =>
  hands.value.flatMap((hand) =>
    ON_THE_HAND.map((region) => {
      const place = REGION_PLACES[region]
      const [x, y] = place ? place(hand.drawing) : [0, 0]
      const pain = props.pains.find((p) => p.side === hand.side && p.region === region)
      return {
        side: hand.side,
        region,
        x: x + hand.shift,
        y,
        level: pain?.level,
        meant: props.meant.includes(region),
        chosen: props.chosen?.side === hand.side && props.chosen.region === region,
        name: `${props.names?.[hand.side] ?? capital(hand.side.toLowerCase())} ${REGIONS[region]}${pain ? `, ${props.numbers} ${pain.level}` : ''}${props.meant.includes(region) ? ', meant' : ''}`,
      }
    }),
  ),
)
const percent = (value: number, from: number, size: number) => `${((value - from) / size) * 100}%`
const tone = (level: number) =>
  props.numbers === 'pain' ? painTone(level) : (USE_TONES[level] ?? 'mild')
const label = computed(() => {
  if (props.numbers === 'use') return 'Both hands, with how much each region is used'
  const told = props.pains.map(
    (p) => `${p.side.toLowerCase()} ${REGIONS[p.region]} ${p.level} of 10`,
  )
  return told.length ? `Both hands; pain: ${told.join(', ')}` : 'Both hands, no pain told of'
})
</script>

<template>
  <div
    class="map"
    :style="{
      aspectRatio: `${box.width} / ${box.height}`,
      maxWidth: `${(height * box.width) / box.height}px`,
    }"
  >
    <svg :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`" role="img" :aria-label="label">
      <g v-for="hand in hands" :key="hand.side" :transform="`translate(${hand.shift} 0)`">
        <HandShapes :drawing="hand.drawing" :left="hand.left" />
      </g>
    </svg>
    <template v-if="touchable">
      <button
        v-for="place in places"
        :key="place.side + place.region"
        type="button"
        class="place touch"
        :class="[
          place.level === undefined ? 'open' : tone(place.level),
          { chosen: place.chosen, meant: place.meant },
        ]"
        :style="{
          left: percent(place.x, box.x, box.width),
          top: percent(place.y, box.y, box.height),
        }"
        :aria-label="place.name"
        :aria-pressed="place.chosen"
        :title="place.name"
        @click="emit('choose', place.side, place.region)"
      >
        <span>{{ place.level ?? '' }}</span>
      </button>
    </template>
    <template v-else>
      <span
        v-for="place in places.filter((p) => p.level !== undefined)"
        :key="place.side + place.region"
        class="place"
        :class="tone(place.level ?? 0)"
        :style="{
          left: percent(place.x, box.x, box.width),
          top: percent(place.y, box.y, box.height),
        }"
        aria-hidden="true"
        ><span>{{ place.level }}</span></span
      >
    </template>
    <span class="side left"
      >{{ names?.LEFT ?? 'Left' }}{{ dominant === 'LEFT' ? ', dominant' : '' }}</span
    >
    <span class="side right"
      >{{ names?.RIGHT ?? 'Right' }}{{ dominant === 'RIGHT' ? ', dominant' : '' }}</span
    >
  </div>
</template>

<style scoped>
.map {
  position: relative;
  margin: 0 auto 28px;
}
svg {
  display: block;
  width: 100%;
  height: 100%;
}
.place {
  position: absolute;
  display: grid;
  width: 26px;
  height: 26px;
  padding: 0;
  border: 0;
  background: transparent;
  place-items: center;
  transform: translate(-50%, -50%);
}
.place span {
  display: grid;
  width: 26px;
  height: 26px;
  border: 2px solid var(--surface);
  border-radius: 50%;
  color: var(--on-mark);
  font: 700 0.875rem/1 var(--font);
  place-items: center;
}
.mild span {
  background: var(--quiet-mark);
}
.felt span {
  background: var(--warn);
}
.hot span {
  background: var(--stop);
}
.works span {
  background: var(--main);
}
.loads span {
  background: var(--ink);
}
.open span {
  width: 11px;
  height: 11px;
  border: 1px solid var(--ink-2);
  background: color-mix(in srgb, var(--surface) 60%, transparent);
}
.meant span {
  width: 20px;
  height: 20px;
  border-color: var(--side, var(--main));
  background: var(--side, var(--main));
}
.touch:hover span {
  border-color: var(--main);
}
.chosen::after {
  position: absolute;
  inset: -3px;
  border: 2px solid var(--main);
  border-radius: 50%;
  content: '';
}
.side {
  position: absolute;
  bottom: -26px;
  font: 700 0.875rem/1.25rem var(--font);
}
.side.left {
  left: 25%;
  transform: translateX(-50%);
}
.side.right {
  right: 25%;
  transform: translateX(50%);
}
</style>
