<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Purpose } from '@/api/types'
import { useWidth } from '@/parts/useWidth'
import { duration, hourAsClock } from '@/parts/words'
import { PURPOSES } from '@/parts/labels'
import { pegPath } from '@/ribbon/pegs'

/** The moment, drawn large: now, the next session at its true length, and what comes after it. */
const props = defineProps<{
  now: number
  start: number
  end: number
  nowHour: number
  purpose: Purpose
  /** When it starts, as the clock shows it. */
  startsAt: string
  /** The block that it leads into; nothing if it stands free. */
  blockTitle: string
  /** What follows, in words. */
  after: string
}>()

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 1280)
const phone = computed(() => width.value < 640)
const band = computed(() => (phone.value ? 40 : 52))
const rise = computed(() => (phone.value ? 44 : 64))
const height = computed(() => (phone.value ? 120 : 168))
const top = computed(() => height.value - band.value - 1)

/** The picture shows the session with some room; the way from now to it is cut short when it is long. */
const BEFORE = 0.42
const AFTER = 0.3
const span = computed(() => props.end - props.start)
const far = computed(() => props.start - props.now > span.value * 1.6)
const x = (moment: number) => {
  const from = props.start - span.value * (BEFORE / (1 - BEFORE - AFTER))
  const all = span.value / (1 - BEFORE - AFTER)
  return ((moment - from) / all) * width.value
}
const nowX = computed(() =>
  Math.max(34, Math.min(width.value - 34, far.value ? x(props.start) * 0.3 : x(props.now))),
)
const startX = computed(() => x(props.start))
const endX = computed(() => x(props.end))
const wait = computed(() => props.start - props.now)
const waitWords = computed(() => (wait.value > 0 ? `in ${duration(wait.value)}` : 'now'))
/** Where the way is cut short, the words stand before the cut. */
const waitRoom = computed(() => (startX.value - nowX.value) / (far.value ? 2 : 1))
const TAB = 52
/** The two times do not stand on each other. */
const startTab = computed(() => startX.value - nowX.value > TAB + 8)
const label = computed(
  () =>
    `Now ${hourAsClock(props.nowHour)}; ${PURPOSES[props.purpose].toLowerCase()} ${wait.value > 0 ? `in ${duration(wait.value)}, at ${props.startsAt}` : 'is due'}. ${props.after}`,
)
</script>

<template>
  <div ref="frame">
    <svg
      :width="width"
      :height="height"
      :viewBox="`0 0 ${width} ${height}`"
      role="img"
      :aria-label="label"
    >
      <rect class="face" x="0" :y="top" :width="width" :height="band" />
      <rect class="past" x="0" :y="top" :width="Math.max(0, nowX)" :height="band" />
      <path class="edge" :d="`M0 ${top}H${width}M0 ${height - 1}H${width}`" />
      <path
        v-if="far"
        class="cut"
        :d="`M${(nowX + startX) / 2 - 5} ${top - 5}l6 ${band / 2 + 5}l-6 ${band / 2 + 5}M${(nowX + startX) / 2 + 3} ${top - 5}l6 ${band / 2 + 5}l-6 ${band / 2 + 5}`"
      />
      <path
        v-if="blockTitle"
        class="block"
        :d="`M${width + 4} ${top}H${endX}V${height - 1}H${width + 4}`"
      />
      <path
        class="session"
        :d="pegPath(purpose, endX - startX, rise)"
        :transform="`translate(${startX} ${top})`"
      />
      <path class="bounds" :d="`M${startX} ${top}V${height}M${endX} ${top}V${height}`" />
      <text class="length" :x="(startX + endX) / 2" :y="top + band / 2 + 6">
        {{ duration(end - start) }}
      </text>
      <text
        v-if="waitRoom > 90"
        class="quiet-words"
        :x="nowX + waitRoom / 2"
        :y="top + band / 2 + 6"
      >
        {{ waitWords }}
      </text>
      <text
        v-if="!phone || blockTitle"
        :class="blockTitle ? 'block-name' : 'after'"
        :x="blockTitle ? endX + 12 : width - 24"
        :y="top + band / 2 + 6"
      >
        {{ blockTitle || after }}
      </text>
      <g v-if="startTab">
        <path class="begins" :d="`M${startX} ${top - rise - 10}V${top}`" />
        <rect
          class="start-tab"
          :x="startX - 40"
          :y="top - rise - 30"
          width="80"
          height="20"
          rx="3"
        />
        <text class="tab-text" :x="startX" :y="top - rise - 15.5">{{ startsAt }}</text>
      </g>
      <path class="now" :d="`M${nowX} ${top - rise - 10}V${height}`" />
      <rect class="tab" :x="nowX - 26" :y="top - rise - 30" width="52" height="20" rx="3" />
      <text class="tab-text" :x="nowX" :y="top - rise - 15.5">{{ hourAsClock(nowHour) }}</text>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
}
.face {
  fill: var(--surface);
}
.past {
  fill: var(--spent);
}
.edge {
  stroke: var(--ribbon-edge);
}
.cut {
  fill: none;
  stroke: var(--edge);
  stroke-width: 1.5;
}
.block {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 2;
}
.session,
.start-tab {
  fill: var(--main);
}
.bounds,
.begins {
  stroke: var(--main);
  stroke-width: 1.5;
}
.length,
.quiet-words,
.tab-text {
  text-anchor: middle;
}
.length {
  font-weight: 700;
}
.quiet-words,
.after {
  fill: var(--ink-2);
}
.after {
  text-anchor: end;
}
.block-name {
  font-size: 20px;
  font-weight: 700;
}
@media (max-width: 640px) {
  .block-name {
    font-size: 16px;
  }
}
.now {
  stroke: var(--ink);
  stroke-width: 2;
}
.tab {
  fill: var(--ink);
}
.tab-text {
  fill: var(--on-ink);
  font: 700 14px var(--mono);
}
</style>
