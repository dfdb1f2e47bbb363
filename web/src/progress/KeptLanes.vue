<script setup lang="ts">
import { computed, ref } from 'vue'
import type { KeptView } from '@/api/types'
import TableBehind from '@/parts/TableBehind.vue'
import { useWidth } from '@/parts/useWidth'
import { dayMonth } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import { dateScale, daysBetween, weeksBetween } from './axis'

/** What was kept of what was planned, a lane a purpose, a mark a day. */
const props = defineProps<{ kept: readonly KeptView[]; from: string; to: string }>()

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 560)
const NAME = 140
const SUM = 84
const LANE = 36
const TOP = 22
const x = computed(() =>
  dateScale(props.from, props.to, NAME + 6, Math.max(80, width.value - NAME - SUM - 12)),
)
const pitch = computed(() => (width.value - NAME - SUM) / (daysBetween(props.from, props.to) + 1))
const mark = computed(() => Math.max(3, pitch.value - 3.5))
const table = computed(() =>
  props.kept.flatMap((lane) =>
    lane.days.map((day) => [lane.word, day.date, day.planned, day.kept]),
  ),
)
</script>

<template>
  <section ref="frame" aria-label="Kept">
    <h2>Kept <span class="quiet small">sessions done, by purpose</span></h2>
    <div v-if="kept.length" class="lanes" :style="{ height: `${TOP + kept.length * LANE}px` }">
      <svg class="drawn" :width="width" :height="TOP + kept.length * LANE" aria-hidden="true">
        <text
          v-for="week in weeksBetween(from, to)"
          :key="week"
          class="axis"
          :x="x(week) - mark / 2"
          y="14"
        >
          {{ dayMonth(week) }}
        </text>
        <g
          v-for="(lane, i) in kept"
          :key="lane.purpose"
          :transform="`translate(0 ${TOP + i * LANE})`"
        >
          <rect class="ribbon" :x="NAME" y="14" :width="width - NAME - SUM" height="6" />
          <g v-for="day in lane.days" :key="day.date">
            <rect
              :class="day.kept === day.planned ? 'done' : day.kept > 0 ? 'half' : 'missed'"
              :x="x(day.date) - mark / 2"
              y="4"
              :width="mark"
              height="12"
            />
            <rect
              v-if="day.kept === day.planned"
              class="done"
              :x="x(day.date) - mark / 2"
              y="20"
              :width="mark"
              height="3"
            />
          </g>
          <text class="sum" :x="width" y="16" text-anchor="end">
            {{ lane.kept }} of {{ lane.planned }}
          </text>
        </g>
      </svg>
      <ul>
        <li v-for="lane in kept" :key="lane.purpose">
          <PegIcon :purpose="lane.purpose" state="DONE" />{{ lane.word }}
          <span class="visually-hidden">: {{ lane.kept }} of {{ lane.planned }} kept</span>
        </li>
      </ul>
    </div>
    <p v-else class="quiet">Nothing was planned in these weeks.</p>
    <p v-if="kept.length" class="quiet small">
      Solid with a foot: all of that day; light: some; hollow: missed.
    </p>
    <TableBehind
      v-if="kept.length"
      name="kept"
      :head="['Purpose', 'Date', 'Planned', 'Kept']"
      :rows="table"
    />
  </section>
</template>

<style scoped>
.lanes {
  position: relative;
  margin-top: 4px;
}
.drawn {
  position: absolute;
}
ul {
  position: absolute;
  top: 22px;
}
li {
  display: flex;
  gap: 8px;
  align-items: center;
  height: 36px;
}
.axis {
  fill: var(--ink-2);
  font: 400 0.8125rem var(--font);
}
.sum {
  fill: var(--ink);
  font: 700 0.875rem var(--font);
}
.ribbon {
  fill: var(--surface);
  stroke: var(--ribbon-edge);
}
.done {
  fill: var(--main);
}
.half {
  fill: var(--main-wash);
  stroke: var(--main);
}
.missed {
  fill: var(--ground);
  stroke: var(--warn);
  stroke-width: 1.5;
}
</style>
