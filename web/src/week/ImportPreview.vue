<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ActivityForm, CalendarPreview, TitleChoice, TitleMeaning } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import StateMark from '@/parts/StateMark.vue'
import { useWidth } from '@/parts/useWidth'
import { counted, dayMonth, weekday } from '@/parts/words'
import DayRibbon from '@/ribbon/DayRibbon.vue'
import TimeAxis from '@/ribbon/TimeAxis.vue'
import MeaningChoice from './MeaningChoice.vue'
import { countsOf, flagsOn, weeksOf, type Flagged } from './imported'

/** A calendar before anything is taken over: what would come where, and what each title is. */
const props = defineProps<{
  clientId: string
  preview: CalendarPreview
  activities: readonly ActivityForm[]
  today: string
  busy: boolean
}>()
const emit = defineEmits<{ choose: [choices: TitleChoice[]]; take: []; leave: [] }>()

const counts = computed(() => countsOf(props.preview.changes))
const weeks = computed(() => weeksOf(props.preview, props.today))
const page = ref(0)
watch(weeks, (list) => {
  page.value = Math.min(page.value, list.length - 1)
})
const monday = computed(() => weeks.value[page.value] ?? props.today)
const days = useAsked(() => queries.week(props.clientId, monday.value))

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 700)
const NAMES = 72
const ROW = 54
const FIRST = 56
const BAND = 32
const shown = computed(() => days.data.value?.days ?? [])
const fromHour = computed(() => Math.min(8, ...shown.value.map((d) => Math.floor(d.wakesHour))))
const toHour = computed(() => Math.max(24, ...shown.value.map((d) => Math.ceil(d.sleepsHour))))
const ribbonWidth = computed(() => Math.max(280, width.value - NAMES - 12))
const x = (hour: number) =>
  NAMES +
  ((Math.max(fromHour.value, Math.min(toHour.value, hour)) - fromHour.value) /
    (toHour.value - fromHour.value)) *
    ribbonWidth.value
const y = (i: number) => FIRST + i * ROW
const flags = (date: string) => flagsOn(date, props.preview.changes)
const SIGNS = { NEW: 'M4 8h8M8 4v8', CHANGED: 'M3 6h10M10 3l3 3M13 10H3M6 13l-3-3', GONE: 'M4 8h8' }
const boxWidth = (flag: Flagged) => Math.max(3, x(flag.endHour) - x(flag.startHour))
const fits = (flag: Flagged) => boxWidth(flag) > flag.title.length * 7.5 + 6

const usable = computed(() => props.activities.filter((activity) => activity.id))
function choose(choice: TitleChoice, change: Partial<TitleChoice>) {
  const next = { ...choice, ...change }
  const block = next.meaning === 'ACTIVITY' || next.meaning === 'STAGE'
  next.activityId = block ? (next.activityId ?? usable.value[0]?.id ?? null) : null
  emit(
    'choose',
    props.preview.titles.map((title) =>
      title.choice.title === choice.title ? next : title.choice,
    ),
  )
}
const isBlock = (meaning: TitleMeaning | null) => meaning === 'ACTIVITY' || meaning === 'STAGE'
const OUT: Record<string, string> = { BUSY: 'Busy', NOTHING: 'Left out' }
</script>

<template>
  <div class="import">
    <section aria-label="Before anything is taken over">
      <header class="line-up">
        <h2>Before anything is taken over</h2>
        <span class="quiet">{{ preview.name }}{{ preview.again ? ', read again' : '' }}</span>
      </header>
      <p class="counts" role="status">
        <span
          ><b>{{ counts.NEW }}</b> new</span
        >
        <span
          ><b>{{ counts.CHANGED }}</b> changed</span
        >
        <span
          ><b>{{ counts.GONE }}</b> gone</span
        >
        <span
          ><b>{{ preview.unchanged }}</b> as they were</span
        >
        <span class="push small quiet">week {{ page + 1 }} of {{ weeks.length }}</span>
        <BButton
          size="sm"
          variant="outline-secondary"
          aria-label="The week before"
          :disabled="page === 0"
          @click="page--"
          >‹</BButton
        >
        <BButton
          size="sm"
          variant="outline-secondary"
          aria-label="The week after"
          :disabled="page >= weeks.length - 1"
          @click="page++"
          >›</BButton
        >
      </p>
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
    </section>
    <section aria-label="What each title is">
      <header class="line-up">
        <h2>What each title is</h2>
        <span class="push quiet small">kept for the next time</span>
      </header>
      <div class="head quiet small">
        <span>Title, times</span><span>block · stage · busy · out</span>
      </div>
      <ul class="titles">
        <li v-for="title in preview.titles" :key="title.choice.title">
          <span class="title">
            <b>{{ title.choice.title ? `“${title.choice.title}”` : 'Everything else' }}</b>
            <span v-if="title.times" class="quiet times">{{ title.times }}</span>
            <span v-if="title.example" class="quiet small next">{{ title.example }}</span>
          </span>
          <MeaningChoice
            :model-value="title.choice.meaning"
            :label="title.choice.title || 'Everything else'"
            :all-day="title.allDay"
            @update:model-value="choose(title.choice, { meaning: $event })"
          />
          <BFormSelect
            v-if="isBlock(title.choice.meaning)"
            size="sm"
            class="activity"
            :model-value="title.choice.activityId"
            :options="usable.map((a) => ({ value: a.id, text: a.title }))"
            :aria-label="`Activity for ${title.choice.title || 'everything else'}`"
            @update:model-value="choose(title.choice, { activityId: String($event) })"
          />
          <span v-else class="activity">{{ OUT[title.choice.meaning ?? ''] ?? 'Not said' }}</span>
        </li>
      </ul>
      <div v-if="preview.notes.length" class="notes">
        <h3><StateMark state="WARN" />{{ counted(preview.notes.length, 'thing') }} to know</h3>
        <ul>
          <li v-for="note in preview.notes" :key="note">{{ note }}</li>
        </ul>
      </div>
      <p v-if="!usable.length">
        This client has no activity yet; add one under Hands, so that a title can be it.
      </p>
      <p class="side-by-side do">
        <BButton variant="primary" :disabled="busy" @click="emit('take')"
          >Take over {{ preview.changes.length }}</BButton
        >
        <BButton variant="outline-secondary" :disabled="busy" @click="emit('leave')"
          >Not now</BButton
        >
      </p>
    </section>
  </div>
</template>

<style scoped>
.import {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(360px, 1fr);
  gap: 36px;
}
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
  margin-top: 8px;
  font-size: 1rem;
}
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
.head {
  display: grid;
  grid-template-columns: 1fr 250px;
  margin-top: 8px;
}
.titles li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 136px 114px;
  align-items: center;
  min-height: 44px;
  border-top: 1px solid var(--line);
}
.title {
  min-width: 0;
  overflow-wrap: anywhere;
}
.times {
  margin-left: 8px;
}
.next {
  display: block;
}
.activity {
  justify-self: end;
  font-weight: 600;
}
.notes {
  display: grid;
  gap: 4px;
  margin-top: 12px;
  padding: 10px 14px;
  border: 1px solid var(--warn);
  background: var(--warn-wash);
}
.notes h3 {
  display: flex;
  gap: 6px;
  align-items: center;
  color: var(--warn);
  font-size: 0.875rem;
}
.do {
  margin-top: 14px;
}
@media (max-width: 1000px) {
  .import {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
