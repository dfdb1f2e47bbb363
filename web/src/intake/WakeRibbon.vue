<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import type { DayView } from '@/api/types'
import { readTime } from '@/form/timeAndDate'
import { useWidth } from '@/parts/useWidth'
import { hourAsClock } from '@/parts/words'
import DayRibbon from '@/ribbon/DayRibbon.vue'
import TimeAxis from '@/ribbon/TimeAxis.vue'

/** The waking day as a ribbon between two grips: waking up and going to sleep. */
const props = defineProps<{ day: DayView }>()
const wakes = defineModel<string>('wakes', { required: true })
const sleeps = defineModel<string>('sleeps', { required: true })

const frame = useTemplateRef<HTMLElement>('frame')
const width = useWidth(frame, 960)
const INSET = 28
const TOP = 56
const BAND = 42
const STEP = 0.25
const SHORTEST = 4
const hours = (time: string) => {
  const read = readTime(time)
  return read ? Number(read.slice(0, 2)) + Number(read.slice(3)) / 60 : null
}
const wake = computed(() => hours(wakes.value) ?? props.day.wakesHour)
const sleep = computed(() => {
  const hour = hours(sleeps.value) ?? props.day.sleepsHour
  return hour <= wake.value ? hour + 24 : hour
})
const held = ref<'WAKES' | 'SLEEPS' | null>(null)
/** The axis stays while a grip is held. */
const from = computed(() => Math.min(4, Math.floor(wake.value)))
const to = computed(() => Math.max(26, Math.ceil(sleep.value)))
const axis = ref({ from: from.value, to: to.value })
const shown = computed(() => (held.value ? axis.value : { from: from.value, to: to.value }))
const x = (hour: number) =>
  INSET +
  ((hour - shown.value.from) / (shown.value.to - shown.value.from)) * (width.value - 2 * INSET)
const shownDay = computed<DayView>(() => ({
  ...props.day,
  today: false,
  nowHour: 0,
  wakesHour: wake.value,
  sleepsHour: sleep.value,
  pegs: [],
}))
const grips = computed(() => [
  { id: 'WAKES' as const, word: 'wakes', label: 'Wakes', hour: wake.value },
  { id: 'SLEEPS' as const, word: 'sleeps', label: 'Sleeps', hour: sleep.value },
])
function put(which: 'WAKES' | 'SLEEPS', wanted: number) {
  const hour = Math.round(wanted / STEP) * STEP
  if (which === 'WAKES')
    wakes.value = hourAsClock(Math.max(0, Math.min(hour, Math.min(23.75, sleep.value - SHORTEST))))
  else {
    const latest = wake.value + 24 - STEP
    sleeps.value = hourAsClock(Math.max(wake.value + SHORTEST, Math.min(hour, latest)))
  }
}
function grab(which: 'WAKES' | 'SLEEPS', event: PointerEvent) {
  axis.value = { from: from.value, to: to.value }
  held.value = which
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent) {
  if (!held.value || !frame.value) return
  const at = event.clientX - frame.value.getBoundingClientRect().left - INSET
  const perHour = (width.value - 2 * INSET) / (shown.value.to - shown.value.from)
  put(held.value, shown.value.from + at / perHour)
}
function move(which: 'WAKES' | 'SLEEPS', hour: number, event: KeyboardEvent) {
  const by = { ArrowRight: STEP, ArrowUp: STEP, ArrowLeft: -STEP, ArrowDown: -STEP }[event.key]
  if (!by) return
  event.preventDefault()
  put(which, hour + by)
}
</script>

<template>
  <div ref="frame" class="wake">
    <svg
      :width="width"
      height="136"
      :viewBox="`0 0 ${width} 136`"
      role="group"
      aria-label="The waking day"
    >
      <TimeAxis
        :left="INSET"
        :width="width - 2 * INSET"
        :from-hour="shown.from"
        :to-hour="shown.to"
        :top="36"
        :bottom="44"
        :taken="grips.map((grip) => grip.hour)"
      />
      <DayRibbon
        :day="shownDay"
        :left="INSET"
        :width="width - 2 * INSET"
        :top="TOP"
        :band="BAND"
        :from-hour="shown.from"
        :to-hour="shown.to"
      />
      <g
        v-for="grip in grips"
        :key="grip.id"
        class="grip"
        role="slider"
        tabindex="0"
        :aria-label="grip.label"
        :aria-valuemin="0"
        :aria-valuemax="48"
        :aria-valuenow="grip.hour"
        :aria-valuetext="hourAsClock(grip.hour)"
        :transform="`translate(${x(grip.hour)} 0)`"
        @pointerdown="grab(grip.id, $event)"
        @pointermove="drag"
        @pointerup="held = null"
        @pointercancel="held = null"
        @keydown="move(grip.id, grip.hour, $event)"
      >
        <path class="line" d="M0 30V46" />
        <rect class="tab" x="-24" y="12" width="48" height="20" rx="3" />
        <text class="tab-text" y="26.5">{{ hourAsClock(grip.hour) }}</text>
        <rect class="hold" x="-8" :y="TOP - 11" width="16" :height="BAND + 22" />
        <path class="ridges" :d="`M-2.500 ${TOP + 12}v18M2.500 ${TOP + 12}v18`" />
        <text class="word" :y="TOP + BAND + 30">{{ grip.word }}</text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.wake {
  width: 100%;
}
svg {
  display: block;
}
.grip {
  cursor: ew-resize;
  touch-action: none;
}
.line {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.tab {
  fill: var(--ink);
}
.tab-text {
  fill: var(--on-ink);
  font: 700 14px var(--mono);
  text-anchor: middle;
}
.hold {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 2;
}
.ridges {
  stroke: var(--ink-2);
  stroke-width: 1.5;
}
.word {
  font: 600 13px var(--font);
  text-anchor: middle;
}
</style>
