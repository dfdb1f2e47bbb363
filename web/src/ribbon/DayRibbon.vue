<script setup lang="ts">
import { computed, useId, useTemplateRef } from 'vue'
import type { DayBusyView, DayView, PegView } from '@/api/types'
import { textWidth } from '@/parts/textWidth'
import { clock } from '@/parts/words'
import { clearOf, lanesOf, lowered } from './lanes'
import { pegKey, pegPath, pegPlace, dayWords } from './pegs'
import RibbonPeg from './RibbonPeg.vue'
import { useOneStop } from './useOneStop'

/** A day as a ribbon: a group to be put into a picture that has its own axis. */
const props = withDefaults(
  defineProps<{
    day: DayView
    left: number
    width: number
    top: number
    fromHour: number
    toHour: number
    band?: number
    peg?: number
    foot?: number
    fontSize?: number
    pegFactor?: number
    labels?: boolean
    /** Whose day it is, where several stand under each other. */
    of?: string
    chosenBlock?: string | null
    /** Blocks and free-standing sessions can be taken hold of, and chosen with the keyboard. */
    handles?: boolean
    chosenPeg?: string | null
  }>(),
  {
    band: 28,
    peg: 16,
    foot: 4,
    fontSize: 13,
    pegFactor: 1,
    labels: true,
    of: '',
    chosenBlock: null,
    handles: false,
    chosenPeg: null,
  },
)
const emit = defineEmits<{
  block: [id: string]
  peg: [peg: PegView]
  grabBlock: [id: string, event: PointerEvent]
  grabPeg: [peg: PegView, event: PointerEvent]
  keyBlock: [id: string, event: KeyboardEvent]
  keyPeg: [peg: PegView, event: KeyboardEvent]
  /** Somebody presses where nothing is. */
  grabFree: [event: PointerEvent]
  busy: [busy: DayBusyView]
}>()

const prefix = useId()
const round = (n: number) => Math.round(n * 10) / 10
const x = (hour: number) =>
  round(
    props.left +
      ((Math.max(props.fromHour, Math.min(props.toHour, hour)) - props.fromHour) /
        (props.toHour - props.fromHour)) *
        props.width,
  )
const bottom = computed(() => props.top + props.band)
const start = computed(() => x(props.day.wakesHour))
const end = computed(() => x(props.day.sleepsHour))
const notch = computed(() => Math.round(props.band * 0.26))
const outline = computed(
  () =>
    `M${start.value} ${props.top}H${end.value}L${end.value - notch.value} ${props.top + props.band / 2}L${end.value} ${bottom.value}H${start.value}Z`,
)
const now = computed(() => x(props.day.nowHour))
const passed = computed(() => {
  if (props.day.nowHour >= 24 && !props.day.today) return end.value - start.value
  return Math.max(0, Math.min(end.value, now.value) - start.value)
})

const lanes = computed(() => lanesOf(props.day.blocks))
const blocks = computed(() =>
  props.day.blocks.map((block, i) => {
    const crowded = block.overlaps.length > 0
    const height = crowded ? props.band / lanes.value.count : props.band
    const a = x(block.startHour)
    const b = x(block.endHour)
    const past = block.endHour <= props.day.nowHour
    const begun = block.startHour < props.day.nowHour
    const nextStart = props.day.blocks[i + 1]
      ? x(props.day.blocks[i + 1]?.startHour ?? 24)
      : end.value - notch.value
    const wanted = textWidth(block.title, props.fontSize)
    const inside = b - a > wanted + 3
    const room = nextStart - b - 12
    const line = props.day.today ? now.value : null
    return {
      block,
      a,
      b,
      y: round(props.top + (crowded ? (lanes.value.lanes[i] ?? 0) * height : 0)),
      height: round(height),
      font: crowded ? Math.min(props.fontSize, Math.floor(height - 3)) : props.fontSize,
      past,
      begun,
      label: !props.labels ? '' : inside ? block.title : room > wanted ? block.title : '',
      labelX: inside ? clearOf(line, a, b, wanted) : b + 6,
      anchor: inside ? 'middle' : 'start',
      lower: lowered(props.day.pegs, block, props.band),
      dimFrom: Math.min(b, Math.max(a, now.value)),
    }
  }),
)

const busy = computed(() =>
  props.day.busy.map((time) => ({ time, a: x(time.startHour), b: x(time.endHour) })),
)

const pegs = computed(() =>
  props.day.pegs.map((peg) => {
    const place = pegPlace(peg.purpose, x(peg.startHour), x(peg.endHour), props.pegFactor)
    return { peg, ...place, path: pegPath(peg.purpose, round(place.width), props.peg) }
  }),
)
/** Breaks lie inside their block, as notches in its upper edge. */
const standing = computed(() => pegs.value.filter((item) => item.peg.purpose !== 'BREAK'))
const notches = computed(() => pegs.value.filter((item) => item.peg.purpose === 'BREAK'))
const label = computed(() => dayWords(props.day, props.of))
const root = useTemplateRef<SVGGElement>('root')
const oneStop = useOneStop(root, () => [
  ...props.day.busy.map((time) => ({ key: time.id, hour: time.startHour })),
  ...props.day.blocks.map((block) => ({ key: block.id, hour: block.startHour })),
  ...standing.value.map(({ peg }) => ({ key: pegKey(peg), hour: peg.startHour })),
])
const tab = (key: string) => (props.handles ? oneStop.tab(key) : undefined)
</script>

<template>
  <g
    ref="root"
    role="group"
    :aria-label="label"
    :data-date="day.date"
    @focusin="oneStop.focused"
    @keydown="handles && oneStop.key($event)"
  >
    <clipPath :id="`${prefix}outline`"><path :d="outline" /></clipPath>
    <path class="face" :d="outline" />
    <rect
      v-if="day.today || day.nowHour > 24"
      class="past"
      :x="start"
      :y="top"
      :width="passed"
      :height="band"
      :clip-path="`url(#${prefix}outline)`"
    />
    <path class="edge" :d="outline" />
    <path v-if="handles" class="free" :d="outline" @pointerdown="emit('grabFree', $event)" />
    <g
      v-for="item in busy"
      :key="item.time.id"
      :data-stop="item.time.id"
      :tabindex="tab(item.time.id)"
      :role="handles ? 'button' : undefined"
      :aria-label="
        handles ? `Busy, ${clock(item.time.startsAt)} to ${clock(item.time.endsAt)}` : undefined
      "
      :class="{ 'busy-time': handles }"
      @click="emit('busy', item.time)"
      @keydown.enter="emit('busy', item.time)"
    >
      <rect
        v-if="handles"
        class="touch"
        :x="item.a"
        :y="top"
        :width="Math.max(0, item.b - item.a)"
        :height="band"
      />
      <rect
        :x="item.a"
        :y="bottom - Math.round(band * 0.3)"
        :width="Math.max(0, item.b - item.a)"
        :height="Math.round(band * 0.3)"
        fill="url(#busy)"
      />
    </g>
    <g
      v-for="item in blocks"
      :key="item.block.id"
      class="block"
      :data-id="item.block.id"
      :data-stop="item.block.id"
      :class="{ chosen: item.block.id === chosenBlock }"
      :tabindex="tab(item.block.id)"
      :role="handles ? 'button' : undefined"
      :aria-label="
        handles
          ? `${item.block.title}, ${clock(item.block.startsAt)} to ${clock(item.block.endsAt)}`
          : undefined
      "
      :aria-pressed="handles ? item.block.id === chosenBlock : undefined"
      @click="emit('block', item.block.id)"
      @focus="handles && emit('block', item.block.id)"
      @pointerdown="handles && emit('grabBlock', item.block.id, $event)"
      @keydown="handles && emit('keyBlock', item.block.id, $event)"
    >
      <title v-if="handles">
        {{ item.block.title }}, {{ clock(item.block.startsAt) }} to {{ clock(item.block.endsAt) }}.
        {{ item.block.warmUpReason }}
      </title>
      <rect
        class="block-face"
        :x="item.a"
        :y="item.y"
        :width="Math.max(1, item.b - item.a)"
        :height="item.height"
      />
      <rect
        v-if="item.begun"
        class="block-past"
        :x="item.a"
        :y="item.y"
        :width="Math.max(0, item.dimFrom - item.a)"
        :height="item.height"
      />
      <rect
        class="block-line"
        :x="item.a"
        :y="item.y"
        :width="Math.max(1, item.b - item.a)"
        :height="item.height"
        :stroke-width="item.block.performance ? 2 : 1.5"
      />
      <path
        v-if="item.block.performance"
        class="floor"
        :d="`M${item.a} ${item.y + item.height - Math.round(band * 0.07)}H${item.b}`"
        :stroke-width="Math.max(2.5, Math.round(band * 0.14))"
      />
    </g>
    <rect
      v-for="(item, i) in notches"
      :key="`notch${i}`"
      class="notch"
      :x="round(item.left)"
      :y="top - 1"
      :width="item.width"
      :height="Math.round(band * 0.34)"
    >
      <title>{{ item.peg.label }}, {{ clock(item.peg.startsAt) }}. {{ item.peg.why }}</title>
    </rect>
    <RibbonPeg
      v-for="item in standing"
      :key="`${pegKey(item.peg)}${item.peg.open ? '' : item.peg.start}`"
      :peg="item.peg"
      :path="item.path"
      :left="round(item.left)"
      :width="item.width"
      :top="top"
      :size="peg"
      :band="band"
      :foot="foot"
      :handle="handles"
      :tab="tab(pegKey(item.peg))"
      :chosen="handles && pegKey(item.peg) === chosenPeg"
      @choose="emit('peg', item.peg)"
      @grab="emit('grabPeg', item.peg, $event)"
      @key="emit('keyPeg', item.peg, $event)"
    />
    <slot />
    <text
      v-for="item in blocks"
      :key="`label${item.block.id}`"
      class="label"
      :class="{ dim: item.past }"
      :x="item.labelX"
      :y="round(item.y + item.height / 2 + item.font * 0.34 + item.lower)"
      :text-anchor="item.anchor"
      :font-size="item.font"
    >
      {{ item.label }}
    </text>
  </g>
</template>

<style scoped>
.face {
  fill: var(--surface);
}
.past {
  fill: var(--spent);
}
.free {
  fill: transparent;
  cursor: crosshair;
  touch-action: pan-y;
}
.edge {
  fill: none;
  stroke: var(--ribbon-edge);
}
.block,
.busy-time {
  cursor: pointer;
}
.block-face {
  fill: var(--surface);
}
.block-past {
  fill: var(--ribbon-past);
}
.block-line {
  fill: none;
  stroke: var(--ink);
}
.chosen .block-line {
  stroke: var(--main);
  stroke-width: 3;
}
.floor {
  stroke: var(--ink);
}
.notch {
  fill: var(--main);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.touch {
  fill: transparent;
}
.block[role='button'] {
  touch-action: none;
}
.label {
  font-weight: 500;
  paint-order: stroke;
  stroke: var(--surface);
  stroke-width: 4px;
  pointer-events: none;
}
.label.dim {
  stroke: var(--ribbon-past);
}
</style>
