<script setup lang="ts">
import { computed, ref } from 'vue'
import { queries } from '@/api/queries'
import type { LadderView } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import DecisionList from '@/parts/DecisionList.vue'
import PageState from '@/parts/PageState.vue'
import { dayMonth } from '@/parts/words'
import { account } from '@/stores/account'
import AllowAll from './AllowAll.vue'
import KeptLanes from './KeptLanes.vue'
import LadderPanel from './LadderPanel.vue'
import LadderRow from './LadderRow.vue'
import PainChart from './PainChart.vue'
import { standing } from './standing'

/** Is it working: pain, what was kept, every ladder with its story and what comes. */
const props = defineProps<{ clientId: string }>()

const { data, error, slow, reload } = useAsked(() => queries.progress(props.clientId))
const chosen = ref<string | null>(null)

const ORDER = ['stop', 'warn', 'ready', 'quiet']
const ladders = computed(() =>
  [...(data.value?.ladders ?? [])]
    .map((ladder) => ({ ladder, order: ORDER.indexOf(standing(ladder).tone) }))
    .sort((a, b) => a.order - b.order)
    .map((one) => one.ladder),
)
const closed = computed(() =>
  ladders.value.filter((ladder) => ladder.sides.some((side) => side.stopped || side.paused)),
)
const SHOWN_FIRST = 8
const all = ref(false)
const shown = computed(() => (all.value ? ladders.value : ladders.value.slice(0, SHOWN_FIRST)))
const CHANGES = 6
const changes = computed(() => data.value?.decided.slice(0, CHANGES) ?? [])
const open = (ladder: LadderView) =>
  (chosen.value = chosen.value === ladder.exerciseId ? null : ladder.exerciseId)
</script>

<template>
  <PageState :loading="slow" :error="error" :ready="Boolean(data)" @retry="reload">
    <div v-if="data" class="progress-tab">
      <div class="column">
        <h2 class="title">Six weeks, {{ dayMonth(data.since) }} to today</h2>
        <PainChart :curves="data.pains" :from="data.since" :to="data.today" />
        <KeptLanes :kept="data.kept" :from="data.since" :to="data.today" />
        <section v-if="changes.length" aria-label="What changed">
          <h2>
            What changed
            <span class="quiet small"
              >{{
                data.lookedOn
                  ? `since the weeks were looked at on ${dayMonth(data.lookedOn)}, `
                  : ''
              }}the latest first</span
            >
          </h2>
          <DecisionList :decisions="changes" named />
        </section>
      </div>
      <section class="column" aria-label="Ladders">
        <h2 class="title">
          Ladders <span class="quiet small">what needs a look first; open one for its story</span>
        </h2>
        <p v-if="ladders.length === 0" class="large">
          Nothing has been judged yet. A session is judged on the morning after it.
        </p>
        <AllowAll
          v-if="account.coach.value && closed.length"
          :client-id="clientId"
          :ladders="closed"
          @allowed="reload"
        />
        <div v-for="ladder in shown" :key="ladder.exerciseId">
          <LadderRow
            :ladder="ladder"
            :chosen="chosen === ladder.exerciseId"
            @choose="open(ladder)"
          />
          <LadderPanel
            v-if="chosen === ladder.exerciseId"
            :client-id="clientId"
            :exercise-id="ladder.exerciseId"
            :today="data.today"
          />
        </div>
        <BButton v-if="ladders.length > shown.length" variant="link" @click="all = true">
          All {{ ladders.length }} ladders
        </BButton>
      </section>
    </div>
  </PageState>
</template>

<style scoped>
.progress-tab {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 48px;
}
.column {
  display: grid;
  gap: 20px;
  align-content: start;
  min-width: 0;
}
section.column {
  gap: 0;
}
.title {
  margin-bottom: 8px;
  font-size: 1.25rem;
}
@media (max-width: 1000px) {
  .progress-tab {
    grid-template-columns: minmax(0, 1fr);
    gap: 28px;
  }
}
</style>
