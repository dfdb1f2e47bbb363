<script setup lang="ts">
import { computed } from 'vue'
import { queries } from '@/api/queries'
import type { ObligationDayView } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import BrandMark from '@/parts/BrandMark.vue'
import { useClientPage } from '@/parts/clientPage'
import { PURPOSES } from '@/parts/labels'
import PageState from '@/parts/PageState.vue'
import { addDays, capital, dayMonth, duration, longDate, weekday } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import KindPatterns from '@/tape/KindPatterns.vue'
import RoutineTape from '@/tape/RoutineTape.vue'
import DayRibbon from '@/ribbon/DayRibbon.vue'
import TimeAxis from '@/ribbon/TimeAxis.vue'
import { account } from '@/stores/account'

/** A week on paper: its days to be filled in, what each session is made of, and when to stop. */
const props = defineProps<{ clientId: string }>()
const { client, day } = useClientPage()
const today = computed(() => day.data.value?.date ?? '')
/** From tomorrow on, what is to be done on paper. */
const first = computed(() => addDays(today.value, 1))
const programme = useAsked(() => queries.programme(props.clientId))
const days = useAsked(() => queries.programmeDays(props.clientId))
const weeks = useAsked(() =>
  queries.own(['client', props.clientId, 'handout', today.value], async () =>
    today.value
      ? (
          await Promise.all([
            queries.week(props.clientId, first.value).ask(),
            queries.week(props.clientId, addDays(first.value, 7)).ask(),
          ])
        ).flatMap((week) => week.days)
      : [],
  ),
)
const shown = computed(() =>
  (weeks.data.value ?? []).filter(({ date }) => date >= first.value).slice(0, 7),
)
const fromHour = computed(() => Math.min(24, ...shown.value.map((d) => Math.floor(d.wakesHour))))
const toHour = computed(() => Math.max(0, ...shown.value.map((d) => Math.ceil(d.sleepsHour))))

const WIDTH = 714
const NAMES = 56
const ROW = 36
const TOP = 22
const PIECES = 4
const stored = computed(() => programme.data.value?.[0])
const sessions = computed(() =>
  (days.data.value?.obligations ?? []).filter((one) => one.look.steps.length > 0),
)
const longest = computed(() => Math.max(1, ...sessions.value.map((one) => one.look.lengthMillis)))
const obligation = (one: ObligationDayView) =>
  stored.value?.obligations.find((o) => o.id === one.obligationId)
const tape = (one: ObligationDayView) => one.look.steps.map((step) => step.tape)
/** A set of a circuit is written down once. */
const lines = (one: ObligationDayView) =>
  one.look.steps.filter(
    (step, i, all) =>
      !step.tape.circuit || all.findIndex((s) => s.tape.title === step.tape.title) === i,
  )
/** The pictures of what is seen least often elsewhere: nothing that only warms or settles. */
const pictures = computed(() => {
  const seen = new Set<string>()
  return sessions.value
    .flatMap((one) => one.look.steps)
    .filter(({ tape: { kind } }) => !['HEAT', 'SETTLE', 'MOBILISE'].includes(kind))
    .filter(({ tape: { title } }) => !seen.has(title) && seen.add(title))
    .slice(0, PIECES)
})
const print = () => window.print()
</script>

<template>
  <PageState
    :loading="days.slow.value"
    :error="days.error.value ?? weeks.error.value ?? programme.error.value"
    :ready="Boolean(days.data.value && weeks.data.value && programme.data.value)"
    @retry="days.reload"
  >
    <p class="no-print side-by-side">
      <BButton variant="primary" @click="print">Print</BButton>
      <RouterLink :to="`/clients/${clientId}/programme`">Back to the programme</RouterLink>
    </p>
    <!-- Paper is light whatever the theme. -->
    <article class="handout" data-bs-theme="light">
      <KindPatterns prefix="paper" />
      <header>
        <div>
          <h2>{{ client.data.value?.facts.name }}</h2>
          <p>{{ dayMonth(first) }} to {{ dayMonth(addDays(first, 6)) }}</p>
        </div>
        <div class="from">
          <p class="brand"><BrandMark /> Nimblet</p>
          <p>from {{ account.me.value?.name }}, {{ longDate(today) }}</p>
        </div>
      </header>
      <svg :width="WIDTH" :height="TOP + shown.length * ROW + 4" role="group" aria-label="The week">
        <TimeAxis
          :left="NAMES"
          :width="WIDTH - NAMES - 8"
          :from-hour="fromHour"
          :to-hour="toHour"
          :top="TOP"
          :bottom="TOP + shown.length * ROW"
        />
        <g v-for="(one, i) in shown" :key="one.date">
          <text class="name" x="0" :y="TOP + i * ROW + 22">{{ weekday(one.date) }}</text>
          <text x="0" :y="TOP + i * ROW + 35">{{ dayMonth(one.date) }}</text>
          <DayRibbon
            :day="one"
            :left="NAMES"
            :width="WIDTH - NAMES - 8"
            :top="TOP + i * ROW + 14"
            :from-hour="fromHour"
            :to-hour="toHour"
            :band="22"
            :peg="13"
            :font-size="12"
          />
        </g>
      </svg>
      <section v-for="one in sessions" :key="one.obligationId" class="session">
        <h3>
          <PegIcon v-if="obligation(one)" :purpose="obligation(one)!.purpose" />
          {{ obligation(one) ? PURPOSES[obligation(one)!.purpose] : '' }}
          <span>{{ duration(one.look.lengthMillis) }}, {{ obligation(one)?.words }}</span>
        </h3>
        <RoutineTape
          :steps="tape(one)"
          :height="32"
          :width="Math.max(80, (one.look.lengthMillis / longest) * WIDTH)"
          patterns="paper"
        />
        <ol>
          <li v-for="(step, i) in lines(one)" :key="i">
            {{ step.tape.title }}, {{ step.doseWords
            }}<template v-if="step.tape.circuit">, in turn</template>
          </li>
        </ol>
      </section>
      <div v-if="pictures.length" class="pictures">
        <figure v-for="step in pictures" :key="step.tape.title">
          <ExerciseFigure
            :poses="step.figure.poses"
            :view="step.figure.view"
            :worked="step.figure.worked"
            :places="step.figure.places"
            :arrow="step.figure.arrow"
            :prop="step.figure.prop"
            :label="step.tape.title"
          />
          <figcaption>
            <b>{{ step.tape.title }}</b>
            {{ capital(step.feltAt) }}
          </figcaption>
        </figure>
      </div>
      <footer>
        <p>
          <b>Fill in a peg when it is done.</b> A line through it: left out. A cross beside it: it
          hurt; write where, and 0 to 10.
        </p>
        <p>
          <b>{{ days.data.value?.stopRules.join(' ') }}</b> Pain of
          {{ days.data.value?.endingPain }} and more: see a doctor or hand therapist first.
        </p>
      </footer>
    </article>
  </PageState>
</template>

<style scoped>
.handout {
  width: 794px;
  max-width: 100%;
  margin: 16px 0;
  padding: 40px;
  border: 1px solid var(--line);
  background: var(--paper);
  color: var(--paper-ink);
  print-color-adjust: exact;
}
header {
  display: flex;
  gap: 24px;
  justify-content: space-between;
}
h2 {
  font-size: 1.75rem;
}
.from {
  color: var(--ink-2);
  font-size: 0.875rem;
  text-align: right;
}
.brand {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: flex-end;
  color: var(--ink);
  font-weight: 700;
  font-size: 1.125rem;
}
svg {
  display: block;
  max-width: 100%;
}
text {
  fill: var(--ink-2);
  font-size: 12px;
}
.name {
  fill: var(--ink);
  font-weight: 700;
}
/* What is to come is an outline, to be filled in by hand. */
.handout :deep(.peg .solid),
.handout :deep(.peg .live) {
  fill: var(--paper);
  stroke: var(--main);
  stroke-width: 1.5;
}
.session {
  margin-top: 14px;
  break-inside: avoid;
}
h3 {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-bottom: 2px;
  font-size: 1rem;
}
h3 span {
  color: var(--ink-2);
  font-weight: 400;
  font-size: 0.875rem;
}
ol {
  columns: 3;
  column-gap: 28px;
  margin: 2px 0 0;
  padding-left: 22px;
  font-size: 0.8125rem;
  line-height: 1.1rem;
  list-style: decimal;
}
li {
  break-inside: avoid;
}
.pictures {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 12px;
  margin-top: 14px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
  break-inside: avoid;
}
figure {
  margin: 0;
}
/* As high as a stamp, whatever is drawn. */
.pictures figure :deep(svg.figure) {
  width: 100%;
  height: 104px;
}
figcaption {
  display: grid;
  font-size: 0.75rem;
  line-height: 1rem;
}
footer {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 24px;
  margin-top: 12px;
  padding-top: 8px;
  border-top: 1.5px solid var(--ink);
  font-size: 0.8125rem;
}
@media print {
  .handout {
    width: auto;
    margin: 0;
    padding: 0;
    border: 0;
  }
}
</style>
