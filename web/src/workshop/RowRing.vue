<script setup lang="ts">
import { computed } from 'vue'
import type { Digit } from '@/api/types'

/** A row of taps round a circle: each digit has its ring, and the way steps from one to the next. */
const props = defineProps<{
  row: readonly Digit[]
  digits: readonly Digit[]
  /** Which tap sounds; null while nothing does. */
  tap: number | null
}>()

const SIZE = 460
const CENTRE = SIZE / 2
const INNER = 64
const OUTER = 205
const SMALL = 24

const radius = (digit: Digit) =>
  INNER + ((OUTER - INNER) * props.digits.indexOf(digit)) / Math.max(1, props.digits.length - 1)
const angle = (index: number) => (2 * Math.PI * index) / props.row.length - Math.PI / 2
const at = (r: number, a: number) => [CENTRE + r * Math.cos(a), CENTRE + r * Math.sin(a)] as const
const taps = computed(() =>
  props.row.map((digit, i) => {
    const [x, y] = at(radius(digit), angle(i))
    return { digit, x, y }
  }),
)
/** Along a ring to halfway, over to the next ring, and on. */
const way = computed(() => {
  const half = Math.PI / props.row.length
  return props.row
    .map((digit, i) => {
      const r = radius(digit)
      const next = radius(props.row[(i + 1) % props.row.length] ?? digit)
      const [x0, y0] = at(r, angle(i) - half)
      const [x1, y1] = at(r, angle(i) + half)
      const [x2, y2] = at(next, angle(i) + half)
      return `${i ? '' : `M${x0} ${y0}`}A${r} ${r} 0 0 1 ${x1} ${y1}L${x2} ${y2}`
    })
    .join('')
})
const dot = computed(() => (props.row.length > SMALL ? 6 : 10))
const current = computed(() => (props.tap === null ? null : taps.value[props.tap]))
</script>

<template>
  <svg
    class="ring"
    :viewBox="`0 0 ${SIZE} ${SIZE}`"
    role="img"
    :aria-label="`The row: ${row.map((d) => d.toLowerCase()).join(', ')}`"
  >
    <circle
      v-for="digit in digits"
      :key="digit"
      class="rail"
      :cx="CENTRE"
      :cy="CENTRE"
      :r="radius(digit)"
    />
    <path class="way" :d="way" />
    <rect
      v-for="(one, i) in taps"
      :key="i"
      class="tap"
      :x="one.x - dot / 2"
      :y="one.y - dot / 2"
      :width="dot"
      :height="dot"
    />
    <rect v-if="current" class="on" :x="current.x - 9" :y="current.y - 9" width="18" height="18" />
    <text :x="CENTRE" :y="CENTRE" class="number">{{ tap === null ? row.length : tap + 1 }}</text>
    <text :x="CENTRE" :y="CENTRE + 22" class="of">
      {{ tap === null ? 'taps' : `of ${row.length}` }}
    </text>
  </svg>
</template>

<style scoped>
.ring {
  display: block;
  width: 100%;
  max-width: 420px;
}
.rail {
  fill: none;
  stroke: var(--line);
}
.way {
  fill: none;
  stroke: var(--main);
  stroke-width: 2;
}
.tap {
  fill: var(--main);
}
.on {
  fill: var(--live);
}
.number {
  fill: var(--ink);
  font: 700 40px/1 var(--font);
  text-anchor: middle;
}
.of {
  fill: var(--ink-2);
  font: 400 14px/1 var(--font);
  text-anchor: middle;
}
</style>
