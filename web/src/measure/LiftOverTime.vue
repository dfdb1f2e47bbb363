<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Digit, LiftResultView, Side } from '@/api/types'
import { DIGITS } from '@/parts/labels'
import TableBehind from '@/parts/TableBehind.vue'
import { useWidth } from '@/parts/useWidth'
import { dayMonth } from '@/parts/words'

/** The independence of a finger, test by test; in the wash it has not changed from the first. */
const props = defineProps<{ result: LiftResultView; finger: Digit }>()

const LEFT = 34
const RIGHT = 92
const TOP = 10
const HEIGHT = 110
const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 520)
const points = computed(() => props.result.points.filter((p) => p.digit === props.finger))
const dates = computed(() => [...new Set(points.value.map((p) => p.at))].sort())
const x = (at: string) => {
  const n = dates.value.length
  return LEFT + (n < 2 ? 0.5 : dates.value.indexOf(at) / (n - 1)) * (width.value - LEFT - RIGHT)
}
const least = computed(() =>
  Math.max(0, Math.floor(Math.min(60, ...points.value.map((p) => p.independence)) / 20) * 20),
)
const y = (value: number) => TOP + HEIGHT - ((value - least.value) / (100 - least.value)) * HEIGHT
const SIDES: readonly Side[] = ['LEFT', 'RIGHT']
const lines = computed(() =>
  SIDES.flatMap((side) => {
    const own = points.value.filter((p) => p.side === side)
    if (!own.length) return []
    const path = own
      .map((p, i) => (i ? `H${x(p.at)}V${y(p.independence)}` : `M${x(p.at)} ${y(p.independence)}`))
      .join('')
    return [{ side, own, path, last: own.at(-1) }]
  }),
)
/** From the first test of the hand that is asked about, under the conditions of this one. */
const band = computed(() => {
  const side = props.result.leak?.side ?? lines.value[0]?.side
  const own = lines.value.find((line) => line.side === side)?.own.filter((p) => p.equal) ?? []
  const first = own[0]
  if (!first || own.length < 2) return null
  const top = y(Math.min(100, first.independence + props.result.changeCounts))
  const bottom = y(Math.max(least.value, first.independence - props.result.changeCounts))
  return { top, height: bottom - top, side }
})
const grid = computed(() => [20, 40, 60, 80, 100].filter((value) => value >= least.value))
const labelY = (side: Side) => {
  const line = lines.value.find((one) => one.side === side)
  const other = lines.value.find((one) => one.side !== side)
  const own = y(line?.last?.independence ?? 0)
  const theirs = other?.last ? y(other.last.independence) : null
  if (theirs === null || Math.abs(own - theirs) >= 16) return own + 5
  return own < theirs || (own === theirs && side === 'RIGHT') ? own - 3 : own + 14
}
const table = computed(() =>
  points.value.map((p) => [
    p.at.slice(0, 16).replace('T', ' '),
    p.side.toLowerCase(),
    p.independence,
  ]),
)
const word = (side: Side) => side.toLowerCase()
</script>

<template>
  <section ref="frame">
    <h2>
      {{ DIGITS[finger] }}
      <span class="quiet"
        >independence, %<template v-if="band"
          >; in the wash: no real change from the start, {{ word(band.side ?? 'LEFT') }}</template
        ></span
      >
    </h2>
    <svg :width="width" :height="TOP + HEIGHT + 24" aria-hidden="true">
      <rect
        v-if="band"
        class="band"
        :x="LEFT"
        :y="band.top"
        :width="width - LEFT - RIGHT"
        :height="band.height"
      />
      <g v-for="value in grid" :key="value">
        <line class="grid" :x1="LEFT" :x2="width - RIGHT" :y1="y(value)" :y2="y(value)" />
        <text class="axis" :x="LEFT - 6" :y="y(value) + 4" text-anchor="end">{{ value }}</text>
      </g>
      <g v-for="line in lines" :key="line.side" :class="word(line.side)">
        <path class="line" :d="line.path" />
        <circle
          v-for="p in line.own"
          :key="p.at"
          class="dot"
          :class="{ unequal: !p.equal }"
          :cx="x(p.at)"
          :cy="y(p.independence)"
          r="4.5"
        />
        <text v-if="line.last" class="end" :x="width - RIGHT + 10" :y="labelY(line.side)">
          {{ word(line.side) }} {{ line.last.independence }} %
        </text>
      </g>
      <text
        v-for="at in dates"
        :key="at"
        class="axis"
        :x="x(at)"
        :y="TOP + HEIGHT + 18"
        text-anchor="middle"
      >
        {{ dayMonth(at.slice(0, 10)) }}
      </text>
    </svg>
    <p class="said">
      {{ result.changeWords }} A change counts from {{ Math.round(result.changeCounts) }} points on.
      <span v-if="points.some((p) => !p.equal)" class="quiet"
        >Grey and dashed: other conditions; nothing is concluded from them.</span
      >
    </p>
    <TableBehind name="independence" :head="['when', 'hand', 'per cent']" :rows="table" />
  </section>
</template>

<style scoped>
h2 {
  margin: 8px 0 4px;
  font-size: 1.25rem;
}
h2 span {
  font-size: 0.875rem;
  font-weight: 400;
}
.band {
  fill: var(--main-wash);
}
.grid {
  stroke: var(--line);
}
.axis {
  fill: var(--ink-2);
  font-size: 0.8125rem;
}
.line {
  fill: none;
  stroke: var(--main);
  stroke-width: 2;
}
.left .line {
  stroke-dasharray: 4 3;
}
.dot {
  fill: var(--main);
  stroke: var(--main);
  stroke-width: 1.75;
}
.left .dot {
  fill: var(--surface);
}
.dot.unequal {
  fill: var(--surface);
  stroke: var(--edge);
  stroke-dasharray: 2 2;
}
.end {
  fill: var(--ink);
  font-size: 0.875rem;
  font-weight: 700;
}
.said {
  margin: 4px 0;
  font-size: 0.875rem;
}
</style>
