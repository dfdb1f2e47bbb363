<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import { useClientPage } from '@/parts/clientPage'
import PageState from '@/parts/PageState.vue'
import StateMark from '@/parts/StateMark.vue'
import { useWidth } from '@/parts/useWidth'
import { addDays, counted, dayMonth, weekday } from '@/parts/words'
import DayRibbon from '@/ribbon/DayRibbon.vue'

/** Six weeks at a glance: a small ribbon a day, and where a week has no room for something. */
const props = defineProps<{ clientId: string }>()
const route = useRoute()
const router = useRouter()
const { day } = useClientPage()

const WEEKS = 6
const WEEK = 7
const first = computed(() =>
  typeof route.query.date === 'string' ? route.query.date : (day.data.value?.date ?? ''),
)
const { data, error, slow, reload } = useAsked(() =>
  first.value
    ? queries.own(['client', props.clientId, 'six-weeks', first.value], () =>
        Promise.all(
          Array.from({ length: WEEKS }, (_, i) =>
            queries.week(props.clientId, addDays(first.value, i * WEEK)).ask(),
          ),
        ),
      )
    : queries.own(['no-weeks'], () => Promise.resolve([])),
)
const weeks = computed(() => data.value ?? [])
const days = computed(() => weeks.value.flatMap((week) => week.days))
const fromHour = computed(() => Math.min(24, ...days.value.map((d) => Math.floor(d.wakesHour))))
const toHour = computed(() => Math.max(0, ...days.value.map((d) => Math.ceil(d.sleepsHour))))

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 1000)
const ROW = 46
const TOP = 24
const GAP = 10
const cell = computed(() => width.value / WEEK)
const show = (by: number) =>
  router.replace({ query: { ...route.query, date: addDays(first.value, by * WEEKS * WEEK) } })
const words = (week: (typeof weeks.value)[number]) => {
  const { plan } = week
  const sessions = week.days.reduce((sum, one) => sum + one.pegs.length, 0)
  return `${counted(sessions, 'session')}${plan.unmet.length ? `, ${plan.unmet.length} without a place` : ''}`
}
</script>

<template>
  <PageState :loading="slow" :error="error" :ready="Boolean(data)" @retry="reload">
    <header class="line-up">
      <h2>Six weeks</h2>
      <span class="quiet">touch a week to open it</span>
      <span class="push side-by-side">
        <RouterLink :to="`/clients/${clientId}/week`">Back to the week</RouterLink>
        <BButton variant="outline-secondary" aria-label="The six weeks before" @click="show(-1)"
          >‹</BButton
        >
        <BButton variant="outline-secondary" aria-label="The six weeks after" @click="show(1)"
          >›</BButton
        >
      </span>
    </header>
    <div class="table">
      <ol>
        <li v-for="week in weeks" :key="week.plan.monday" :style="{ height: `${ROW}px` }">
          <RouterLink :to="{ path: `/clients/${clientId}/week`, query: { date: week.plan.monday } }"
            ><b>{{ dayMonth(week.plan.monday) }}</b>
            <span class="small" :class="{ short: week.plan.unmet.length }">
              <StateMark v-if="week.plan.unmet.length" state="WARN" />{{ words(week) }}</span
            ></RouterLink
          >
        </li>
      </ol>
      <div ref="frame">
        <svg :width="width" :height="TOP + weeks.length * ROW" role="group" aria-label="Six weeks">
          <text
            v-for="(one, i) in weeks[0]?.days ?? []"
            :key="one.date"
            class="name"
            :x="i * cell + (cell - GAP) / 2"
            y="14"
            text-anchor="middle"
          >
            {{ weekday(one.date) }}
          </text>
          <template v-for="(week, row) in weeks" :key="week.plan.monday">
            <DayRibbon
              v-for="(one, column) in week.days"
              :key="one.date"
              :day="one"
              :left="column * cell"
              :width="cell - GAP"
              :top="TOP + row * ROW + 18"
              :from-hour="fromHour"
              :to-hour="toHour"
              :band="12"
              :peg="10"
              :foot="3"
              :peg-factor="0.55"
              :labels="false"
            />
          </template>
        </svg>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.table {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 16px;
  margin-top: 8px;
}
ol {
  margin-top: 24px;
}
li a {
  display: grid;
  align-content: center;
  height: 100%;
  color: var(--ink);
  text-decoration: none;
}
li a:hover b {
  text-decoration: underline;
}
li span {
  display: flex;
  gap: 6px;
  align-items: center;
  color: var(--ink-2);
}
li .short {
  color: var(--warn);
}
svg {
  display: block;
}
.name {
  fill: var(--ink-2);
  font-size: 13px;
}
</style>
