<script setup lang="ts">
import { computed } from 'vue'
import { api } from '@/api/calls'
import type { TapResultView, TapTaskQuery } from '@/api/types'
import { ownMoment } from '@/parts/words'
import AgainstLast from './AgainstLast.vue'
import ClockHand from './ClockHand.vue'
import FingerTable from './FingerTable.vue'
import LateBars from './LateBars.vue'
import { againOf } from './tapQuery'
import TransitionTables from './TransitionTables.vue'

/** What a tap test says. */
const props = defineProps<{ clientId: string; result: TapResultView }>()
const emit = defineEmits<{ again: [query: TapTaskQuery]; forget: [] }>()

const speed = computed(() => props.result.pace === 'SPEED')
const sequence = computed(() => props.result.digits.length > 1)
const late = computed(() => props.result.late)
const forFour = computed(
  () => late.value && late.value.from !== 'THUMB' && late.value.to !== 'THUMB',
)
const round = computed(() => ({
  path: `/workshop/${props.clientId}/round`,
  query: {
    from: late.value?.from,
    to: late.value?.to,
    ...(late.value?.hand ? { hand: late.value.hand } : {}),
  },
}))
const word = (digit: string) => digit.toLowerCase()
</script>

<template>
  <section class="result">
    <header>
      <h1>{{ result.title }}</h1>
      <p class="quiet">{{ result.doing }}; {{ ownMoment(result.at) }}</p>
      <span class="acts">
        <a
          class="btn btn-outline-secondary"
          :href="api.tapsFile(clientId, result.testId)"
          download="taps.csv"
          >Raw taps, CSV</a
        >
        <BButton variant="outline-secondary" @click="emit('again', againOf(result))"
          >Test again</BButton
        >
      </span>
    </header>
    <p class="quiet conditions">{{ result.conditions }}</p>
    <LateBars v-if="!speed" :result="result" />
    <div class="below" :class="{ narrow: speed }">
      <div>
        <TransitionTables v-if="sequence" :result="result" />
        <FingerTable v-if="sequence" :hands="result.byHand" />
        <ClockHand v-if="!speed" :hands="result.byHand" />
      </div>
      <AgainstLast :result="result" @again="emit('again', againOf(result))" />
    </div>
    <footer :class="{ even: result.even }">
      <p>
        <b v-if="!speed">{{ result.even ? 'Even enough to go faster' : 'Not yet faster' }}</b>
        <span>{{ result.verdict }}</span>
      </p>
      <RouterLink v-if="late && forFour" class="btn btn-outline-secondary" :to="round"
        >Round for {{ word(late.from) }} to {{ word(late.to) }}</RouterLink
      >
      <BButton
        v-if="result.nextBpm"
        variant="primary"
        @click="emit('again', againOf(result, result.nextBpm))"
        >Step up to {{ result.nextBpm }} bpm</BButton
      >
    </footer>
    <p class="forget">
      <BButton variant="link" @click="emit('forget')">Forget this test</BButton>
      <span class="quiet">if it went wrong; that it was done stays in the log</span>
    </p>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
}
h1 {
  margin: 0;
  font-size: 1.75rem;
  line-height: 2.25rem;
}
header p,
.conditions {
  margin: 0;
}
.acts {
  display: flex;
  gap: 8px;
  margin-left: auto;
}
.below {
  display: grid;
  grid-template-columns: minmax(0, 456px) minmax(0, 1fr);
  gap: 0 28px;
  margin-top: 16px;
}
.below.narrow {
  grid-template-columns: minmax(0, 560px);
}
footer {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-top: 16px;
  padding: 12px 16px;
  border: 1.5px solid var(--edge);
  background: var(--surface);
}
footer.even {
  border-color: var(--ink);
}
footer p {
  flex: 1;
  margin: 0;
}
footer b,
footer span {
  display: block;
}
footer span {
  color: var(--ink-2);
}
.forget {
  margin: 4px 0 0;
}
@media (max-width: 1200px) {
  .below {
    grid-template-columns: minmax(0, 1fr);
  }
  footer {
    flex-wrap: wrap;
  }
  footer p {
    flex-basis: 100%;
  }
}
</style>
