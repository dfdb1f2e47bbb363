<script setup lang="ts">
import { computed, ref } from 'vue'
import type { CurveView, ForecastView } from '@/api/types'
import TableBehind from '@/parts/TableBehind.vue'
import { useWidth } from '@/parts/useWidth'
import { dayMonth } from '@/parts/words'
import { dateScale, daysBetween, stepPath } from './axis'

/** How the rungs went, side by side, and where they are going. */
const props = defineProps<{
  rungs: readonly string[]
  curves: readonly CurveView[]
  forecast: ForecastView | undefined
  today: string
}>()

const LEFT = 74
const RIGHT = 16
const TOP = 10
const HEIGHT = 150
const AHEAD = 120
const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 560)

const first = computed(
  () => props.curves.flatMap((c) => c.points.map((p) => p.date)).sort()[0] ?? props.today,
)
/** As far as the middle of the forecast, a third of a year at most. */
const last = computed(() => {
  const curve = props.forecast?.curve ?? []
  const end = curve.at(-1)?.date ?? props.today
  if (daysBetween(props.today, end) <= AHEAD) return end
  return curve.filter((p) => daysBetween(props.today, p.date) <= AHEAD).at(-1)?.date ?? props.today
})
const x = computed(() =>
  dateScale(first.value, last.value, LEFT, Math.max(80, width.value - LEFT - RIGHT)),
)
const range = computed(() => {
  const all = [
    ...props.curves.flatMap((c) => c.points.map((p) => p.rung)),
    ...(props.forecast?.curve.map((p) => p.rung) ?? []),
    props.forecast?.goal ?? 0,
  ]
  return { least: Math.max(0, Math.min(...all) - 1), most: Math.max(...all) }
})
const y = (rung: number) =>
  TOP +
  HEIGHT -
  ((rung - range.value.least) / Math.max(1, range.value.most - range.value.least)) * HEIGHT
const SHOWN = 7
const labels = computed(() => {
  const { least, most } = range.value
  const every = Math.ceil((most - least + 1) / SHOWN)
  return props.rungs
    .map((words, rung) => ({ words, rung }))
    .filter(({ rung }) => rung >= least && rung <= most && (most - rung) % every === 0)
})
const lines = computed(() =>
  props.curves.map((curve) => {
    const points = curve.points.map((p) => ({ x: x.value(p.date), y: y(p.rung), rung: p.rung }))
    return {
      side: curve.side,
      path: stepPath(points, x.value(props.today)),
      marks: points.filter((p, i) => i === 0 || p.rung !== points[i - 1]?.rung),
    }
  }),
)
const ahead = computed(() =>
  stepPath(
    (props.forecast?.curve ?? [])
      .filter((p) => daysBetween(p.date, last.value) >= 0)
      .map((p) => ({ x: x.value(p.date), y: y(p.rung) })),
    x.value(last.value),
  ),
)
const table = computed(() => [
  ...props.curves.flatMap((curve) =>
    curve.points.map((p) => [curve.side.toLowerCase(), p.date, props.rungs[p.rung] ?? '']),
  ),
  ...(props.forecast?.curve ?? []).map((p) => [
    'as likely as not',
    p.date,
    props.rungs[p.rung] ?? '',
  ]),
])
</script>

<template>
  <div ref="frame">
    <svg :width="width" :height="TOP + HEIGHT + 26" aria-hidden="true">
      <g v-for="label in labels" :key="label.rung">
        <line class="grid" :x1="LEFT" :x2="width - RIGHT" :y1="y(label.rung)" :y2="y(label.rung)" />
        <text class="axis" :x="LEFT - 8" :y="y(label.rung) + 4" text-anchor="end">
          {{ label.words }}
        </text>
      </g>
      <line
        v-if="forecast"
        class="goal"
        :x1="LEFT"
        :x2="width - RIGHT"
        :y1="y(forecast.goal)"
        :y2="y(forecast.goal)"
      />
      <path v-if="forecast" class="ahead" :d="ahead" />
      <g v-for="line in lines" :key="line.side" :class="line.side.toLowerCase()">
        <path class="line" :d="line.path" />
        <circle v-for="(p, i) in line.marks" :key="i" class="dot" :cx="p.x" :cy="p.y" r="4" />
      </g>
      <line class="now" :x1="x(today)" :x2="x(today)" :y1="TOP - 6" :y2="TOP + HEIGHT" />
      <text class="axis" :x="LEFT" :y="TOP + HEIGHT + 20">{{ dayMonth(first) }}</text>
      <text class="axis" :x="x(today)" :y="TOP + HEIGHT + 20" text-anchor="middle">today</text>
      <text
        v-if="x(last) - x(today) > 60"
        class="axis"
        :x="x(last)"
        :y="TOP + HEIGHT + 20"
        text-anchor="end"
      >
        {{ dayMonth(last) }}
      </text>
    </svg>
    <p class="quiet small legend">
      <span class="key left">left</span><span class="key right">right</span>
      <span v-if="forecast" class="key to-come">as likely as not</span>
    </p>
    <TableBehind name="rungs" :head="['Side', 'Date', 'Rung']" :rows="table" />
  </div>
</template>

<style scoped>
svg {
  display: block;
}
.grid {
  stroke: var(--line);
}
.axis {
  fill: var(--ink-2);
  font: 400 0.8125rem var(--font);
}
.goal {
  stroke: var(--ink);
  stroke-dasharray: 2 4;
}
.now {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.line,
.ahead {
  fill: none;
  stroke: var(--main);
  stroke-width: 2;
}
.left .line {
  stroke-dasharray: 5 4;
}
.ahead {
  stroke-dasharray: 1.5 4;
  stroke-linecap: round;
}
.dot {
  fill: var(--main);
  stroke: var(--main);
  stroke-width: 1.5;
}
.left .dot {
  fill: var(--surface);
}
.legend {
  display: flex;
  gap: 16px;
}
.key::before {
  display: inline-block;
  width: 24px;
  margin-right: 6px;
  border-top: 2px solid var(--main);
  content: '';
  vertical-align: middle;
}
.key.left::before {
  border-top-style: dashed;
}
.key.to-come::before {
  border-top-style: dotted;
}
</style>
