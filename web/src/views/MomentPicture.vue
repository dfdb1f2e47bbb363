<script setup lang="ts">
import { computed, ref } from 'vue'
import { useWidth } from '@/parts/useWidth'
import { duration, hourAsClock } from '@/parts/words'

/** The moment, drawn large: now, the ramp, and the block it leads into. */
const props = defineProps<{
  now: number
  start: number
  end: number
  nowHour: number
  blockTitle: string
  blockTime: string
  lengthMillis: number
}>()

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 1280)
const phone = computed(() => width.value < 640)
const band = computed(() => (phone.value ? 40 : 56))
const ramp = computed(() => (phone.value ? 52 : 84))
const height = computed(() => (phone.value ? 118 : 168))
const top = computed(() => height.value - band.value - 1)

/** The picture shows the ramp with some room; the way from now to it is cut short when it is long. */
const BEFORE = 0.32
const AFTER = 0.3
const span = computed(() => props.end - props.start)
const far = computed(() => props.start - props.now > span.value * 0.75)
const x = (moment: number) => {
  const from = props.start - span.value * (BEFORE / (1 - BEFORE - AFTER))
  const all = span.value / (1 - BEFORE - AFTER)
  return ((moment - from) / all) * width.value
}
const nowX = computed(() =>
  Math.max(34, Math.min(width.value - 34, far.value ? x(props.start) * 0.25 : x(props.now))),
)
const startX = computed(() => x(props.start))
const endX = computed(() => x(props.end))
const wait = computed(() => props.start - props.now)
const rampWords = computed(() =>
  phone.value ? 'Warm-up' : `Warm-up, ${duration(props.lengthMillis)}`,
)
const label = computed(
  () =>
    `Now ${hourAsClock(props.nowHour)}; ${wait.value > 0 ? `warm-up in ${duration(wait.value)}` : 'warm-up is due'}, it ends as ${props.blockTitle} starts at ${props.blockTime}`,
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
      <rect class="past" x="0" :y="top" :width="nowX" :height="band" />
      <path class="edge" :d="`M0 ${top}H${width}M0 ${height - 1}H${width}`" />
      <path
        v-if="far"
        class="cut"
        :d="`M${(nowX + startX) / 2 - 5} ${top - 5}l6 ${band / 2 + 5}l-6 ${band / 2 + 5}M${(nowX + startX) / 2 + 3} ${top - 5}l6 ${band / 2 + 5}l-6 ${band / 2 + 5}`"
      />
      <path class="block" :d="`M${width + 4} ${top}H${endX}V${height - 1}H${width + 4}`" />
      <path class="ramp" :d="`M${startX} ${top}L${endX} ${top - ramp}V${top}Z`" />
      <text class="block-name" :x="endX + 12" :y="top + band / 2 + 6" :font-size="phone ? 16 : 20">
        {{ phone ? blockTitle : `${blockTitle} ${blockTime}` }}
      </text>
      <text
        class="ramp-name"
        :x="(startX + endX) / 2"
        :y="top + band / 2 + 6"
        :font-size="phone ? 14 : 16"
      >
        {{ rampWords }}
      </text>
      <text
        v-if="!phone && wait > 0 && !far && startX - nowX > 120"
        class="wait"
        :x="(nowX + startX) / 2"
        :y="top + band / 2 + 6"
        font-size="16"
      >
        in {{ duration(wait) }}
      </text>
      <path class="now" :d="`M${nowX} ${height - band - ramp + 6}V${height}`" />
      <rect
        class="tab"
        :x="nowX - 26"
        :y="height - band - ramp - 12"
        width="52"
        height="20"
        rx="3"
      />
      <text class="tab-text" :x="nowX" :y="height - band - ramp + 2.5">
        {{ hourAsClock(nowHour) }}
      </text>
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
.ramp {
  fill: var(--main);
}
.block-name {
  font-weight: 700;
}
.ramp-name {
  font-weight: 600;
  text-anchor: middle;
}
.wait {
  fill: var(--ink-2);
  font-weight: 500;
  text-anchor: middle;
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
  text-anchor: middle;
}
</style>
