<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ChangeView, DayView } from '@/api/types'
import { useWidth } from '@/parts/useWidth'
import { dayMonth, weekday } from '@/parts/words'
import DayRibbon from '@/ribbon/DayRibbon.vue'
import TimeAxis from '@/ribbon/TimeAxis.vue'
import { flagsOn, type Flagged } from './imported'

/** A week as it would be with a calendar taken over: corner flags for new, changed and gone. */
const props = defineProps<{ shown: readonly DayView[]; changes: readonly ChangeView[] }>()

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 700)
const NAMES = 72
const ROW = 54
const FIRST = 56
const BAND = 32
const fromHour = computed(() => Math.min(8, ...props.shown.map((d) => Math.floor(d.wakesHour))))
const toHour = computed(() => Math.max(24, ...props.shown.map((d) => Math.ceil(d.sleepsHour))))
const ribbonWidth = computed(() => Math.max(280, width.value - NAMES - 12))
const x = (hour: number) =>
  NAMES +
  ((Math.max(fromHour.value, Math.min(toHour.value, hour)) - fromHour.value) /
    (toHour.value - fromHour.value)) *
    ribbonWidth.value
const y = (i: number) => FIRST + i * ROW
const flags = (date: string) => flagsOn(date, props.changes)
const SIGNS = { NEW: 'M4 8h8M8 4v8', CHANGED: 'M3 6h10M10 3l3 3M13 10H3M6 13l-3-3', GONE: 'M4 8h8' }
const boxWidth = (flag: Flagged) => Math.max(3, x(flag.endHour) - x(flag.startHour))
const fits = (flag: Flagged) => boxWidth(flag) > flag.title.length * 7.5 + 6
</script>

<template>
  <div>
    <div ref="frame" class="frame">
      <svg
        v-if="shown.length"
        :width="width"
        :height="y(shown.length) - 8"
        role="group"
        aria-label="The week as it would be"
      >
        <TimeAxis
          :left="NAMES"
          :width="ribbonWidth"
          :from-hour="fromHour"
          :to-hour="toHour"
          :top="28"
          :bottom="y(shown.length) - 14"
        />
        <g v-for="(d, i) in shown" :key="d.date">
          <text class="name" x="0" :y="y(i) + 13">{{ weekday(d.date) }}</text>
          <text class="when" x="0" :y="y(i) + 29">{{ dayMonth(d.date) }}</text>
          <g class="before">
            <DayRibbon
              :day="{ ...d, pegs: [] }"
              :left="NAMES"
              :width="ribbonWidth"
              :top="y(i)"
              :from-hour="fromHour"
              :to-hour="toHour"
              :band="BAND"
            />
          </g>
          <g v-for="(flag, n) in flags(d.date)" :key="n" class="flag" :class="flag.kind">
            <title>{{ flag.title }}</title>
            <rect
              class="box"
              :class="{ old: flag.old }"
              :x="x(flag.startHour)"
              :y="y(i)"
              :width="boxWidth(flag)"
              :height="BAND"
            />
            <template v-if="!flag.old || flag.kind === 'GONE'">
              <text
                class="label"
                :class="{ beside: !fits(flag) }"
                :x="fits(flag) ? x(flag.startHour) + boxWidth(flag) / 2 : x(flag.endHour) + 6"
                :y="y(i) + 20"
              >
                {{ flag.title }}
              </text>
              <g :transform="`translate(${x(flag.startHour) - 0.75} ${y(i) - 16})`">
                <rect class="tab" width="16" height="16" />
                <path class="sign" :d="SIGNS[flag.kind]" />
              </g>
            </template>
          </g>
        </g>
      </svg>
    </div>
    <ul class="legend small" aria-hidden="true">
      <li
        v-for="(word, kind) in {
          NEW: 'new',
          CHANGED: 'changed, dotted: where it was',
          GONE: 'gone',
        }"
        :key="kind"
      >
        <svg width="16" height="16" class="flag" :class="kind">
          <rect class="tab" width="16" height="16" />
          <path class="sign" :d="SIGNS[kind]" /></svg
        >{{ word }}
      </li>
    </ul>
  </div>
</template>

<style scoped>
.frame {
  overflow: hidden;
}
svg {
  display: block;
}
.name {
  font-size: 16px;
  font-weight: 600;
}
.when {
  fill: var(--ink-2);
  font-size: 13px;
}
.before {
  opacity: 0.55;
}
.box {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 2;
}
.box.old {
  fill: none;
  stroke: var(--ink-2);
  stroke-dasharray: 2 3;
}
.label {
  font-size: 13px;
  font-weight: 700;
  text-anchor: middle;
}
.label.beside {
  paint-order: stroke;
  stroke: var(--surface);
  stroke-width: 4px;
  text-anchor: start;
}
.GONE .label {
  fill: var(--ink-2);
  font-weight: 500;
  text-decoration: line-through;
}
.tab {
  fill: var(--main);
}
.GONE .tab {
  fill: var(--ink-2);
}
.sign {
  fill: none;
  stroke: var(--ground);
  stroke-width: 1.75;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin-top: 8px;
  color: var(--ink-2);
}
.legend li {
  display: flex;
  gap: 6px;
  align-items: center;
}
</style>
