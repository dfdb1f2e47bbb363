<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { api } from '@/api/calls'
import type { AgreementView, RosterRow } from '@/api/types'
import StateMark from '@/parts/StateMark.vue'
import { counted } from '@/parts/words'
import { inPairs } from '@/parts/inPairs'

/** Fits the weeks of everybody anew, with what came of it; it can be stopped and leaves nobody half done. */
const props = defineProps<{ rows: readonly RosterRow[] }>()
const emit = defineEmits<{ done: [] }>()

interface Outcome {
  readonly row: RosterRow
  readonly agreement: AgreementView | null
  readonly problem: string
}
const outcomes = shallowRef<readonly Outcome[]>([])
const total = ref(0)
const running = ref(false)
const stopped = ref(false)

async function fit() {
  running.value = true
  stopped.value = false
  outcomes.value = []
  const rows = [...props.rows]
  total.value = rows.length
  await inPairs(
    rows,
    async (row) => {
      let agreement: AgreementView | null = null
      let problem = ''
      try {
        agreement = await api.agreePlan(row.clientId)
      } catch (e) {
        problem = (e as Error).message
      }
      outcomes.value = [...outcomes.value, { row, agreement, problem }]
    },
    () => stopped.value,
  )
  running.value = false
  emit('done')
}
const without = computed(() => outcomes.value.filter((o) => o.problem || o.agreement?.unmet.length))
const sessions = computed(() =>
  outcomes.value.reduce((sum, o) => sum + (o.agreement?.sessions ?? 0), 0),
)
</script>

<template>
  <section class="roster" aria-label="All weeks">
    <BButton
      v-if="!running"
      size="sm"
      variant="outline-secondary"
      :disabled="rows.length === 0"
      @click="fit"
      >Fit all weeks anew</BButton
    >
    <template v-else>
      <progress :value="outcomes.length" :max="total" aria-label="Clients fitted" />
      <span class="mono">{{ outcomes.length }} of {{ total }}</span>
      <BButton size="sm" variant="link" @click="stopped = true">Stop</BButton>
    </template>
    <p v-if="!running && outcomes.length" class="small outcome" role="status">
      <StateMark state="GOOD" />{{ counted(outcomes.length, 'client') }},
      {{ counted(sessions, 'session') }} in eight weeks.
      <template v-if="without.length">
        No room for everything:
        <template v-for="(outcome, i) in without" :key="outcome.row.clientId"
          ><template v-if="i">, </template
          ><RouterLink
            :to="{
              path: `/clients/${outcome.row.clientId}/week`,
              query: { date: outcome.agreement?.unmet[0]?.date ?? undefined },
            }"
            :title="outcome.problem || outcome.agreement?.unmet[0]?.sentence"
            >{{ outcome.row.name }}</RouterLink
          ></template
        >.
      </template>
    </p>
  </section>
</template>

<style scoped>
.roster {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  margin-top: 8px;
}
progress {
  width: 180px;
  height: 10px;
  accent-color: var(--main);
}
.outcome :deep(svg) {
  margin-right: 4px;
}
</style>
