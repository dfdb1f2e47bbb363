<script setup lang="ts">
import { computed, ref } from 'vue'
import { useWidth } from '@/parts/useWidth'
import type { Count } from './useOwnPace'

/** A square a repetition at its pace, the last one larger; where it burns, what did not count. */
const props = defineProps<{ count: Count; of: number }>()

const HEIGHT = 84
const TOP = 14
const LEFT = 36
const FASTEST = 130
const SLOWEST = 50
const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 1200)
const x = (n: number) => LEFT + (n / props.of) * (width.value - LEFT - 8)
const y = (pace: number) =>
  TOP +
  (1 - (Math.min(FASTEST, Math.max(SLOWEST, pace)) - SLOWEST) / (FASTEST - SLOWEST)) *
    (HEIGHT - TOP)
const squares = computed(() =>
  props.count.times.slice(1).map((at, i) => {
    const before = props.count.times[i] ?? at
    return { n: i + 2, pace: 60 / Math.max(0.2, at - before) }
  }),
)
</script>

<template>
  <div ref="frame" class="pace">
    <svg :width="width" :height="HEIGHT + 22" aria-hidden="true">
      <text x="0" :y="y(120) + 4">120</text>
      <text x="0" :y="y(60) + 4">60</text>
      <line :x1="LEFT" :x2="width - 8" :y1="HEIGHT" :y2="HEIGHT" />
      <line :x1="x(of)" :x2="x(of)" :y1="TOP" :y2="HEIGHT" />
      <text :x="x(of)" :y="HEIGHT + 18" text-anchor="end">{{ of }}</text>
      <g v-if="count.burnsSince !== null" class="burns">
        <rect
          :x="x(count.burnsSince)"
          :y="TOP"
          :width="Math.max(0, x(count.times.length) - x(count.burnsSince))"
          :height="HEIGHT - TOP"
        />
        <text :x="x(count.burnsSince) + 4" y="11">burns since {{ count.burnsSince }}</text>
      </g>
      <rect
        v-for="(one, i) in squares"
        :key="one.n"
        class="one"
        :x="x(one.n) - (i === squares.length - 1 ? 5 : 3.5)"
        :y="y(one.pace) - (i === squares.length - 1 ? 5 : 3.5)"
        :width="i === squares.length - 1 ? 10 : 7"
        :height="i === squares.length - 1 ? 10 : 7"
      />
      <rect
        v-for="(after, i) in count.incomplete"
        :key="`not ${i}`"
        class="not"
        :x="x(after) - 4"
        :y="HEIGHT + 5"
        width="8"
        height="8"
      />
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
}
text {
  fill: var(--ink-2);
  font: 400 0.8125rem var(--font);
}
line {
  stroke: var(--edge);
}
.one {
  fill: var(--side);
}
.not {
  fill: none;
  stroke: var(--side);
}
.burns rect {
  fill: var(--surface);
}
.burns text {
  fill: var(--side);
  font-weight: 600;
}
</style>
