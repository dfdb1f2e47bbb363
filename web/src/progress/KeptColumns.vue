<script setup lang="ts">
import { computed, ref } from 'vue'
import type { KeptView } from '@/api/types'
import { useWidth } from '@/parts/useWidth'
import { dayMonth } from '@/parts/words'
import { dateScale, daysBetween, weeksBetween } from './axis'

/** What was kept of what was planned, a column a day: solid done, hollow missed, a foot for all. */
const props = defineProps<{ kept: readonly KeptView[]; from: string; to: string }>()

const TOP = 20
const MARK = 9
const MOST = 6
const LABEL = 64
const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 320)
const days = computed(() => {
  const byDate = new Map<string, { planned: number; kept: number }>()
  for (const day of props.kept.flatMap((lane) => lane.days)) {
    const here = byDate.get(day.date) ?? { planned: 0, kept: 0 }
    byDate.set(day.date, { planned: here.planned + day.planned, kept: here.kept + day.kept })
  }
  return [...byDate].map(([date, { planned, kept }]) => ({
    date,
    marks: Array.from({ length: Math.min(MOST, planned) }, (_, i) => i < kept),
    whole: kept === planned,
  }))
})
const most = computed(() => Math.max(1, ...days.value.map((day) => day.marks.length)))
const base = computed(() => TOP + most.value * MARK)
const pitch = computed(() => width.value / (daysBetween(props.from, props.to) + 1))
const x = computed(() =>
  dateScale(props.from, props.to, 0, Math.max(40, width.value - pitch.value)),
)
const weeks = computed(() => {
  const all = weeksBetween(props.from, props.to)
  const every = Math.max(1, Math.ceil((all.length * LABEL) / Math.max(1, width.value)))
  return all.filter((week, i) => i % every === 0 && x.value(week) < width.value - LABEL / 2)
})
</script>

<template>
  <div ref="frame">
    <svg v-if="days.length" :width="width" :height="base + 12" aria-hidden="true">
      <text v-for="week in weeks" :key="week" :x="x(week)" y="13">{{ dayMonth(week) }}</text>
      <line x1="0" :x2="width" :y1="base + 1" :y2="base + 1" />
      <g v-for="day in days" :key="day.date">
        <rect
          v-for="(done, i) in day.marks"
          :key="i"
          :class="done ? 'done' : 'missed'"
          :x="x(day.date) + 1"
          :y="base - (i + 1) * MARK + 1"
          :width="Math.max(2, pitch - 2.5)"
          :height="MARK - 2.5"
        />
        <rect
          v-if="day.whole"
          class="done"
          :x="x(day.date) + 1"
          :y="base + 4"
          :width="Math.max(2, pitch - 2.5)"
          height="3"
        />
      </g>
    </svg>
    <p v-else class="quiet">Nothing was planned in these weeks.</p>
  </div>
</template>

<style scoped>
text {
  fill: var(--ink-2);
  font: 400 0.8125rem var(--font);
}
line {
  stroke: var(--ribbon-edge);
}
.done {
  fill: var(--main);
}
.missed {
  fill: none;
  stroke: var(--warn);
}
</style>
