<script setup lang="ts">
import { computed } from 'vue'
import { queries } from '@/api/queries'
import type { Side } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import PageState from '@/parts/PageState.vue'
import { capital } from '@/parts/words'
import FingerSign from './FingerSign.vue'
import { handsOf, keyframeOf } from './sign'

/** One pattern on paper: its states as hands and as signs, how it is done, when to stop. */
const props = defineProps<{ clientId: string; pattern: string; hand: Side | null }>()

const asked = useAsked(() => queries.pattern(props.clientId, props.pattern, props.hand ?? 'LEFT'))
const view = computed(() => asked.data.value)
const hands = computed(() => (view.value ? handsOf(view.value.drill) : []))
const print = () => window.print()
</script>

<template>
  <main id="main" class="page">
    <PageState
      :loading="asked.slow.value"
      :error="asked.error.value"
      :ready="Boolean(view)"
      @retry="asked.reload"
    >
      <article v-if="view" class="card-paper">
        <header>
          <h1>{{ view.drill.title }}</h1>
          <p>{{ capital(view.drill.doing) }}</p>
        </header>
        <section v-for="each in hands" :key="each.side" class="hand">
          <h2 v-if="hands.length > 1">{{ capital(each.side.toLowerCase()) }} hand</h2>
          <ol>
            <li v-for="(state, i) in each.states" :key="i">
              <ExerciseFigure
                view="PALM"
                :poses="each.states.map(keyframeOf)"
                :from="keyframeOf(state)"
                :to="keyframeOf(state)"
                :sides="each.side"
                :worked="state.bent"
                :label="`${view.drill.title}, ${i + 1}`"
                :height="150"
              />
              <FingerSign :first="state" :side="each.side" :height="30" />
            </li>
          </ol>
        </section>
        <dl>
          <dt>How</dt>
          <dd>{{ view.how }}</dd>
          <dt>Tempo</dt>
          <dd>{{ view.tempoWords }}</dd>
          <dt>Difficulty</dt>
          <dd>{{ view.parts.map((part) => part.words).join('; ') }}</dd>
          <template v-if="view.drill.rude">
            <dt>Mind</dt>
            <dd>May be rude in company: below the table, or turned away.</dd>
          </template>
        </dl>
        <h2>Stop rules</h2>
        <ul>
          <li v-for="rule in view.safety.stopRules" :key="rule">{{ rule }}</li>
        </ul>
      </article>
      <p class="acts no-print">
        <BButton variant="primary" @click="print">Print</BButton>
        <RouterLink class="btn btn-outline-secondary" :to="`/workshop/${clientId}/patterns`"
          >Back to the patterns</RouterLink
        >
      </p>
    </PageState>
  </main>
</template>

<style scoped>
.card-paper {
  max-width: 640px;
  padding: 24px 32px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
h1 {
  margin: 0;
  font-size: 1.75rem;
  line-height: 2.25rem;
}
h2 {
  margin: 16px 0 4px;
  font-size: 1rem;
}
ol {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 20px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.hand li {
  display: flex;
  flex-direction: column;
  gap: 6px;
  align-items: center;
}
.hand li svg:first-child {
  width: auto;
  height: 132px;
}
dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 16px;
  margin: 16px 0 0;
}
dt {
  color: var(--ink-2);
  font-weight: 400;
}
dd {
  margin: 0;
}
.acts {
  display: flex;
  gap: 12px;
  margin-top: 16px;
}
@media print {
  .card-paper {
    border: 0;
    padding: 0;
  }
}
</style>
