<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PainCurveView } from '@/api/types'
import TableBehind from '@/parts/TableBehind.vue'
import { useWidth } from '@/parts/useWidth'
import { capital, dayMonth } from '@/parts/words'
import { account } from '@/stores/account'
import { dateScale, stepPath, weeksBetween } from './axis'

/** Pain of the places that hurt most, day by day: left open and dashed, right solid. */
const props = defineProps<{
  curves: readonly PainCurveView[]
  from: string
  to: string
  /** Small, without heading and table, where the question stands beside. */
  bare?: boolean
}>()

/** From where on a clinician is advised; the server's number. */
const referral = computed(() => account.me.value?.endingPain)
const GREATEST = 10
const SHOWN = 3
const LEFT = 26
const RIGHT = 20
const TOP = 8
const height = computed(() => (props.bare ? 84 : 176))
const levels = computed(() => (props.bare ? [0, 4] : [0, 2, 4, 6, 8, 10]))
const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 560)

const x = computed(() =>
  dateScale(props.from, props.to, LEFT, Math.max(80, width.value - LEFT - RIGHT)),
)
const y = (level: number) => TOP + height.value - (level / GREATEST) * height.value
const shown = computed(() => props.curves.slice(0, SHOWN))
const lines = computed(() =>
  shown.value.map((curve) => {
    const points = curve.points.map((p) => ({ x: x.value(p.date), y: y(p.level), ...p }))
    const changes = points.filter((p, i) => i === 0 || p.level !== points[i - 1]?.level)
    return {
      curve,
      points: changes,
      path: stepPath(changes, x.value(props.to)),
      last: points.at(-1),
    }
  }),
)
const told = (curve: PainCurveView) => {
  const first = curve.points[0]?.level
  const last = curve.points.at(-1)?.level
  return first === last ? `${curve.words} ${last}` : `${curve.words} ${first} → ${last}`
}
const table = computed(() =>
  props.curves.flatMap((curve) =>
    curve.points.map((point) => [curve.words, point.date, point.level]),
  ),
)
</script>

<template>
  <section ref="frame" aria-label="Pain">
    <h2 v-if="!bare">
      Pain
      <span class="quiet small">{{ capital(shown.map(told).join('; ') || 'none told of') }}</span>
    </h2>
    <template v-if="shown.length">
      <svg :width="width" :height="TOP + height + (bare ? 8 : 24)" aria-hidden="true">
        <g v-for="level in levels" :key="level">
          <line class="grid" :x1="LEFT" :x2="width - RIGHT" :y1="y(level)" :y2="y(level)" />
          <text class="axis" :x="LEFT - 8" :y="y(level) + 4" text-anchor="end">{{ level }}</text>
        </g>
        <g v-if="referral !== undefined">
          <line class="stop" :x1="LEFT" :x2="width - RIGHT" :y1="y(referral)" :y2="y(referral)" />
          <text class="stop-words" :x="LEFT + 6" :y="y(referral) - 5">
            {{ referral }}: see a clinician
          </text>
        </g>
        <text
          v-for="week in bare ? [] : weeksBetween(from, to)"
          :key="week"
          class="axis"
          :x="x(week)"
          :y="TOP + height + 18"
        >
          {{ dayMonth(week) }}
        </text>
        <g v-for="line in lines" :key="line.curve.words" :class="line.curve.side.toLowerCase()">
          <path class="line" :d="line.path" />
          <circle v-for="p in line.points" :key="p.date" class="dot" :cx="p.x" :cy="p.y" r="4" />
          <text v-if="line.last" class="end" :x="width - RIGHT + 5" :y="y(line.last.level) + 4">
            {{ line.last.level }}
          </text>
        </g>
      </svg>
      <TableBehind v-if="!bare" name="pain" :head="['Place', 'Date', 'Worst']" :rows="table" />
    </template>
    <p v-else class="quiet">Nobody told of pain in these weeks.</p>
  </section>
</template>

<style scoped>
svg {
  display: block;
  margin-top: 8px;
}
.grid {
  stroke: var(--line);
}
.axis,
.end {
  fill: var(--ink-2);
  font: 400 0.8125rem var(--font);
}
.end {
  fill: var(--ink);
  font-weight: 700;
}
.stop {
  stroke: var(--stop);
  stroke-dasharray: 6 4;
}
.stop-words {
  fill: var(--stop);
  font: 600 0.8125rem var(--font);
}
.line {
  fill: none;
  stroke: var(--main);
  stroke-width: 2;
}
.left .line {
  stroke-dasharray: 5 4;
}
.dot {
  fill: var(--main);
  stroke: var(--main);
  stroke-width: 1.5;
}
.left .dot {
  fill: var(--ground);
}
</style>
