<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { ReviewForm, ReviewView, Verdict } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { useAttempt } from '@/api/useAttempt'
import PageState from '@/parts/PageState.vue'
import { useClientPage } from '@/parts/clientPage'
import { counted, dayMonth, longDate } from '@/parts/words'
import { daysBetween } from './axis'
import ClimbList from './ClimbList.vue'
import KeptColumns from './KeptColumns.vue'
import NextWeeks from './NextWeeks.vue'
import PainChart from './PainChart.vue'
import SidesApart from './SidesApart.vue'
import VerdictRow from './VerdictRow.vue'

/** Some weeks looked at: a question, what happened, what the rule makes of it; and what comes of it. */
const props = defineProps<{ clientId: string }>()
const router = useRouter()
const { reloadAll } = useClientPage()

type Question = ReviewView['findings'][number]['question']
type Verdicts = Record<Question, Verdict>
const { data, error, slow, reload } = useAsked(() => queries.review(props.clientId))
const verdicts = ref<Verdicts | null>(null)
watch(
  data,
  (review) => {
    if (!review) return
    verdicts.value ??= Object.fromEntries(
      review.findings.map((finding) => [finding.question, finding.suggested]),
    ) as Verdicts
  },
  { immediate: true },
)
/** What is changed by hand of what the verdicts make. */
const byHand = ref<Pick<ReviewForm, 'frequencies' | 'left'>>({ frequencies: {}, left: [] })
const form = computed<ReviewForm | null>(() =>
  verdicts.value && data.value
    ? { version: data.value.version, verdicts: verdicts.value, ...byHand.value }
    : null,
)
const asked = useAsked(() =>
  form.value
    ? queries.nextWeeks(props.clientId, form.value)
    : queries.own(['no-verdicts'], () => Promise.resolve(null)),
)
const next = computed(() => asked.data.value ?? data.value?.next)
const weeks = computed(() =>
  data.value
    ? Math.max(1, Math.round((daysBetween(data.value.since, data.value.today) + 1) / 7))
    : 0,
)
const { busy, message, attempt } = useAttempt()
const take = () =>
  attempt(async () => {
    if (!form.value) return
    await api.takeReviewOver(props.clientId, form.value)
    await reloadAll()
    await router.push(`/clients/${props.clientId}/programme`)
  })
const PAST = 3
</script>

<template>
  <PageState :loading="slow" :error="error" :ready="Boolean(data)" @retry="reload">
    <div v-if="data && verdicts" class="review">
      <div>
        <header>
          <h2>{{ counted(weeks, 'week') }}, looked at today</h2>
          <p class="quiet small">
            since {{ longDate(data.since) }}; boxed: chosen; <span class="foot" /> what the rule
            suggests
          </p>
        </header>
        <section
          v-for="finding in data.findings"
          :key="finding.question"
          class="question"
          :aria-label="finding.words"
        >
          <h3>{{ finding.words }}</h3>
          <div class="chart">
            <KeptColumns
              v-if="finding.question === 'KEPT'"
              :kept="data.kept"
              :from="data.since"
              :to="data.today"
            />
            <PainChart
              v-else-if="finding.question === 'PAIN'"
              :curves="data.pains"
              :from="data.since"
              :to="data.today"
              bare
            />
            <ClimbList v-else-if="finding.question === 'STEPS'" :climbs="data.climbs" />
            <SidesApart v-else :apart="data.apart" :usual-percent="data.usualDifferencePercent" />
          </div>
          <div class="answer">
            <p>
              <b>{{ finding.says }}</b>
            </p>
            <p class="quiet">{{ finding.because }}</p>
            <VerdictRow
              :model-value="verdicts[finding.question] ?? null"
              :finding="finding"
              @update:model-value="$event && (verdicts[finding.question] = $event)"
            />
          </div>
        </section>
        <section v-if="data.past.length" class="question past" aria-label="Looked at before">
          <h3>Before</h3>
          <ul>
            <li v-for="(one, i) in data.past.slice(0, PAST)" :key="i" class="small">
              <b>{{ dayMonth(one.on) }}</b>
              {{ one.answers.map((answer) => answer.says).join('; ') }}
            </li>
          </ul>
        </section>
      </div>
      <NextWeeks
        v-if="next"
        v-model="byHand"
        :next="next"
        :busy="busy"
        :message="message"
        @take="take"
      />
    </div>
  </PageState>
</template>

<style scoped>
.review {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 472px;
  gap: 24px;
  align-items: start;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: baseline;
  padding-bottom: 12px;
}
h2 {
  font-size: 1.25rem;
}
h3 {
  font-size: 1.25rem;
}
.foot {
  display: inline-block;
  width: 18px;
  height: 5px;
  background: var(--main);
  vertical-align: middle;
}
.question {
  display: grid;
  grid-template-columns: 72px minmax(0, 1fr) 292px;
  gap: 12px;
  padding: 14px 0 20px;
  border-top: 1px solid var(--line);
}
.answer {
  display: grid;
  gap: 4px;
  align-content: start;
}
.past ul {
  grid-column: 2 / -1;
}
@media (max-width: 1000px) {
  .review,
  .question {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
