<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { AttentionView, RosterRow } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import StateMark from '@/parts/StateMark.vue'
import { useDrawnSoFar } from '@/parts/useDrawnSoFar'
import { useNow } from '@/parts/useNow'
import { useWidth } from '@/parts/useWidth'
import { addDays, counted, longDate } from '@/parts/words'
import DayRibbon from '@/ribbon/DayRibbon.vue'
import PegIcon from '@/ribbon/PegIcon.vue'
import TimeAxis from '@/ribbon/TimeAxis.vue'
import NoClientYet from '@/parts/NoClientYet.vue'
import ComesAndCame from './ComesAndCame.vue'
import NeedsAWord from './NeedsAWord.vue'
import RosterPlan from './RosterPlan.vue'

const route = useRoute()
const router = useRouter()
const date = computed(() => (typeof route.query.date === 'string' ? route.query.date : undefined))
const { data, error, slow, reload } = useAsked(() => queries.today(date.value))
const minute = useNow(60_000)
watch(minute, () => void reload())

const NAMES = 212
const ROW = 52
const AXIS = 36
const FIRST = 56
const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 928)
const ribbonWidth = computed(() => Math.max(280, width.value - NAMES - 8))

const rows = computed(() => data.value?.rows ?? [])
const drawn = useDrawnSoFar(() => rows.value.length, Math.ceil(window.innerHeight / ROW))
const fromHour = computed(() =>
  Math.min(6, ...rows.value.map((row) => Math.floor(row.day.wakesHour))),
)
const toHour = computed(() =>
  Math.max(24, ...rows.value.map((row) => Math.ceil(row.day.sleepsHour))),
)
const height = computed(() => FIRST + rows.value.length * ROW + 4)
const isToday = computed(() => rows.value.some((row) => row.day.today))
/** One now-line for all, unless clients live in different time zones: then each has its own. */
const sharedNow = computed(() => {
  const zones = new Set(rows.value.map((row) => row.day.timeZone))
  return isToday.value && zones.size === 1 ? (rows.value[0]?.day.nowHour ?? null) : null
})
const x = (hour: number) =>
  NAMES + ((hour - fromHour.value) / (toHour.value - fromHour.value)) * ribbonWidth.value
const nowLines = computed(() => {
  if (sharedNow.value !== null) return [`M${x(sharedNow.value)} ${AXIS - 4}V${height.value}`]
  return rows.value
    .map((row, i) => ({ day: row.day, top: y(i) }))
    .filter(({ day }) => day.today)
    .map(({ day, top }) => `M${x(day.nowHour)} ${top - 6}V${top + 34}`)
})

const sums = computed(() => {
  const sum = (pick: (row: RosterRow) => number) => rows.value.reduce((n, row) => n + pick(row), 0)
  const done = sum((r) => r.day.done)
  const missed = sum((r) => r.day.missed)
  const all = done + missed + sum((r) => r.day.planned)
  return `${counted(all, 'session')}, ${done} done, ${missed} missed`
})

const mark = (row: RosterRow): AttentionView['urgency'] | undefined => row.attention[0]?.urgency

const y = (i: number) => FIRST + i * ROW
const show = (days: number) => {
  if (data.value) void router.push({ query: { date: addDays(data.value.date, days) } })
}
</script>

<template>
  <NoClientYet v-if="data && rows.length === 0" :date="data.date" />
  <main v-else id="main" class="today">
    <section class="board">
      <header class="line-up">
        <h1>{{ data ? longDate(data.date) : 'Today' }}</h1>
        <span v-if="data" class="quiet large">{{ sums }}</span>
        <span class="push" />
        <BButton v-if="!isToday && data" variant="link" @click="router.push('/today')"
          >Today</BButton
        >
        <BButton variant="outline-secondary" aria-label="The day before" @click="show(-1)"
          >‹</BButton
        >
        <BButton variant="outline-secondary" aria-label="The day after" @click="show(1)">›</BButton>
      </header>
      <PageState :loading="slow" :error="error" :ready="Boolean(data)" @retry="reload">
        <div ref="frame" class="frame">
          <svg
            :width="width"
            :height="height"
            :viewBox="`0 0 ${width} ${height}`"
            role="group"
            aria-label="The day of every client"
          >
            <TimeAxis
              :left="NAMES"
              :width="ribbonWidth"
              :from-hour="fromHour"
              :to-hour="toHour"
              :top="AXIS"
              :bottom="height"
              :now-hour="sharedNow"
            />
            <DayRibbon
              v-for="(row, i) in rows.slice(0, drawn)"
              :key="row.clientId"
              :day="row.day"
              :of="row.name"
              :left="NAMES"
              :width="ribbonWidth"
              :top="y(i)"
              :from-hour="fromHour"
              :to-hour="toHour"
              @block="
                router.push({
                  path: `/clients/${row.clientId}/hands`,
                  query: { date: data?.date, block: $event },
                })
              "
            />
            <path v-for="line in nowLines" :key="line" class="now" :d="line" />
          </svg>
          <ol class="names">
            <li v-for="(row, i) in rows" :key="row.clientId" :style="{ top: `${y(i) - 5}px` }">
              <RouterLink :to="`/clients/${row.clientId}/hands`">
                <StateMark v-if="mark(row)" :state="mark(row) ?? 'NOTE'" />{{ row.name }}
              </RouterLink>
              <span class="quiet small">{{ row.occupation }}</span>
            </li>
          </ol>
        </div>
        <RosterPlan :rows="rows" @done="reload" />
        <ul class="legend" aria-label="What the signs mean">
          <li><PegIcon purpose="WARM_UP" />Warm-up</li>
          <li><PegIcon purpose="WARM_UP" state="DONE" />done</li>
          <li><PegIcon purpose="WARM_UP" state="LEFT" />left midway</li>
          <li><PegIcon purpose="WARM_UP" state="MISSED" />missed</li>
          <li><PegIcon purpose="WARM_UP" state="DUE" />due now</li>
          <li>
            <svg width="26" height="12" aria-hidden="true">
              <rect width="26" height="9" y="2" fill="url(#busy)" /></svg
            >busy
          </li>
          <li>
            <svg width="26" height="16" aria-hidden="true">
              <path class="performance" d="M1 1H25V15H1ZM1 13.5H25" /></svg
            >performance
          </li>
        </ul>
        <ComesAndCame v-if="isToday" :rows="rows" />
      </PageState>
    </section>
    <aside aria-labelledby="needs">
      <NeedsAWord v-if="data" :rows="rows" :date="data.date" @changed="reload" />
    </aside>
  </main>
</template>

<style scoped>
.today {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 304px;
  min-height: calc(100vh - 56px);
}
.board {
  padding: 16px 24px 24px;
}
.frame {
  position: relative;
  margin-top: 12px;
}
.frame svg {
  display: block;
}
.now {
  stroke: var(--ink);
  stroke-width: 1.5;
  pointer-events: none;
}
.names li {
  position: absolute;
  left: 0;
  display: grid;
  width: 200px;
}
.names a {
  display: flex;
  align-items: center;
  gap: 6px;
  color: var(--ink);
  font-weight: 700;
  text-decoration: none;
}
.names a:hover {
  text-decoration: underline;
}
.names .small {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  margin-top: 24px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
  color: var(--ink-2);
  font-size: 0.8125rem;
}
.legend li {
  display: flex;
  align-items: center;
  gap: 6px;
}
.performance {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
aside {
  padding: 18px 24px 24px 20px;
  border-left: 1px solid var(--line);
  background: var(--surface);
}
@media (max-width: 1000px) {
  .today {
    grid-template-columns: minmax(0, 1fr);
  }
  aside {
    border-top: 1px solid var(--line);
    border-left: 0;
  }
}
</style>
