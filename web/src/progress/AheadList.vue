<script setup lang="ts">
import { computed } from 'vue'
import { queries } from '@/api/queries'
import type { AheadView } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import { addDays, dayMonth } from '@/parts/words'
import KindLetter from '@/tape/KindLetter.vue'
import { daysBetween } from './axis'
import RungLine from './RungLine.vue'
import StandingWords from './StandingWords.vue'

/** When the next rungs come, at the person's own rate: from 10 to 90 per cent, a block at 50. */
const props = defineProps<{ clientId: string; today: string; until: string }>()

const { data, error, slow, reload } = useAsked(() => queries.ahead(props.clientId))
const BAR = 236
/** As far as the programme is looked at again, six weeks at least. */
const end = computed(() => {
  const sixWeeks = addDays(props.today, 42)
  return props.until > sixWeeks ? props.until : sixWeeks
})
const x = (date: string) =>
  Math.min(
    BAR,
    (daysBetween(props.today, date) / Math.max(1, daysBetween(props.today, end.value))) * BAR,
  )
const bar = ({ forecast: { early, middle, late } }: AheadView) => ({
  from: early ? x(early) : null,
  middle: middle ? x(middle) : null,
  to: late ? x(late) : BAR,
})
</script>

<template>
  <section aria-labelledby="ahead-heading">
    <header class="line-up">
      <h2 id="ahead-heading">Progressions</h2>
      <span class="push quiet small">bar: today to {{ dayMonth(end) }}, at their own rate</span>
    </header>
    <PageState :loading="slow" :error="error" :ready="Boolean(data)" @retry="reload">
      <p v-if="data?.length === 0" class="quiet">
        Nothing is climbed yet. What is done for the first time appears here the day after.
      </p>
      <ul>
        <li v-for="one in data ?? []" :key="one.ladder.exerciseId">
          <p class="line-up">
            <KindLetter :kind="one.ladder.kind" />
            <b>{{ one.ladder.title }}</b>
            <span v-if="one.ladder.sides.length > 1" class="quiet">{{
              one.forecast.side.toLowerCase()
            }}</span>
            <StandingWords class="push small" :ladder="one.ladder" />
          </p>
          <div class="two">
            <RungLine :ladder="one.ladder" :goal="one.forecast.goal" :shown="5" />
            <div v-if="bar(one).from !== null">
              <svg :width="BAR" height="20" aria-hidden="true">
                <line x1="0" :x2="BAR" y1="10" y2="10" />
                <rect
                  class="span"
                  :x="bar(one).from!"
                  y="7"
                  :width="Math.max(2, bar(one).to - bar(one).from!)"
                  height="6"
                />
                <rect
                  v-if="bar(one).middle !== null"
                  class="middle"
                  :x="bar(one).middle! - 4"
                  y="2"
                  width="8"
                  height="16"
                />
              </svg>
              <p class="small dates">
                <span
                  >10 % <b>{{ one.forecast.early ? dayMonth(one.forecast.early) : '–' }}</b></span
                >
                <span
                  >50 % <b>{{ one.forecast.middle ? dayMonth(one.forecast.middle) : '–' }}</b></span
                >
                <span
                  >90 % <b>{{ one.forecast.late ? dayMonth(one.forecast.late) : '–' }}</b></span
                >
              </p>
            </div>
            <p v-else class="small quiet">{{ one.forecast.sentence }}</p>
          </div>
        </li>
      </ul>
    </PageState>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.25rem;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(520px, 100%), 1fr));
  gap: 0 40px;
  margin-top: 8px;
}
li {
  min-width: 0;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 240px;
  gap: 16px;
  align-items: center;
  margin-top: 6px;
}
svg {
  display: block;
}
line {
  stroke: var(--ribbon-edge);
  stroke-width: 1.5;
}
.span,
.middle {
  fill: var(--main);
}
.dates {
  display: flex;
  justify-content: space-between;
  white-space: nowrap;
}
</style>
