<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ProgrammeForm } from '@/api/types'
import { useWidth } from '@/parts/useWidth'
import { dayMonth, longDate } from '@/parts/words'
import { dateScale, daysBetween, weeksBetween } from '@/progress/axis'

/** The weeks of a programme as an open box on a ribbon: begun, now, looked at, over. */
const props = defineProps<{ clientId: string; programme: ProgrammeForm; today: string }>()

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 1200)
const HEIGHT = 80
const BAND = 30
const TOP = 24
const INSET = 20
const LABEL = 70
const due = computed(() => props.programme.reviewsOn <= props.today)
const from = computed(() =>
  props.programme.startsOn < props.today ? props.programme.startsOn : props.today,
)
const to = computed(() =>
  props.programme.endsOn > props.today ? props.programme.endsOn : props.today,
)
const x = computed(() =>
  dateScale(from.value, to.value, INSET, Math.max(200, width.value - 2 * INSET)),
)
/** A label every week, or every second or fourth where they would touch. */
const weeks = computed(() => {
  const all = weeksBetween(from.value, to.value)
  const every = Math.max(1, Math.ceil((all.length * LABEL) / Math.max(1, width.value)))
  return all.filter((week, i) => i % every === 0 && Math.abs(daysBetween(week, props.today)) > 3)
})
</script>

<template>
  <section aria-label="Weeks of the programme" class="weeks">
    <div ref="frame">
      <svg :width="width" :height="HEIGHT" aria-hidden="true">
        <g v-for="week in weeks" :key="week">
          <text :x="x(week)" y="14" text-anchor="middle">{{ dayMonth(week) }}</text>
          <line class="tick" :x1="x(week)" :x2="x(week)" :y1="TOP" :y2="TOP + BAND" />
        </g>
        <rect
          class="past"
          :x="x(programme.startsOn)"
          :y="TOP"
          :width="Math.max(0, x(today) - x(programme.startsOn))"
          :height="BAND"
        />
        <rect
          class="box"
          :x="x(programme.startsOn)"
          :y="TOP"
          :width="Math.max(0, x(programme.endsOn) - x(programme.startsOn))"
          :height="BAND"
        />
        <rect class="foot" :x="x(programme.startsOn) - 4" :y="TOP + BAND" width="8" height="5" />
        <rect
          class="foot open"
          :class="{ due }"
          :x="x(programme.reviewsOn) - 4"
          :y="TOP + BAND + 0.75"
          width="8"
          height="5"
        />
        <line class="now" :x1="x(today)" :x2="x(today)" :y1="TOP - 4" :y2="TOP + BAND + 4" />
        <text class="today" :x="x(today)" y="14" text-anchor="middle">{{ dayMonth(today) }}</text>
        <text
          class="looked"
          :x="x(programme.reviewsOn)"
          :y="TOP + BAND + 19"
          :text-anchor="x(programme.reviewsOn) > width / 2 ? 'end' : 'start'"
        >
          looked at {{ longDate(programme.reviewsOn) }}
        </text>
      </svg>
    </div>
    <RouterLink
      class="btn"
      :class="due ? 'btn-primary' : 'btn-outline-secondary'"
      :to="`/clients/${clientId}/programme/review`"
      >{{ due ? 'Look at the weeks: due' : 'Look at the weeks' }}</RouterLink
    >
  </section>
</template>

<style scoped>
.weeks {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 16px;
  align-items: center;
  margin-bottom: 16px;
}
text {
  fill: var(--ink-2);
  font: 500 0.8125rem var(--font);
}
.today {
  fill: var(--ink);
  font-weight: 700;
}
.tick {
  stroke: var(--line);
}
.past {
  fill: var(--past, var(--line));
  opacity: 0.5;
}
.box {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
.now {
  stroke: var(--ink);
  stroke-width: 2;
}
.foot {
  fill: var(--main);
}
.foot.open {
  fill: var(--surface);
  stroke: var(--main);
  stroke-width: 1.5;
}
.foot.open.due {
  fill: var(--warn);
  stroke: var(--warn);
}
@media (max-width: 800px) {
  .weeks {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
