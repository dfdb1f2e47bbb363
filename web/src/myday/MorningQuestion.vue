<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { PainForm } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { useAttempt } from '@/api/useAttempt'
import PainPlaces from '@/hand/PainPlaces.vue'
import { useNow } from '@/parts/useNow'
import MorningConsequence from './MorningConsequence.vue'

/** The one question of a morning; it closes the day before. */
const props = defineProps<{ clientId: string }>()
const emit = defineEmits<{ answered: [] }>()

const { data, reload } = useAsked(() => queries.morning(props.clientId))
const now = useNow(60_000)
const clock = computed(() => new Date(now.value).toTimeString().slice(0, 5))
const pains = ref<PainForm[]>([])
const { busy, message, attempt } = useAttempt()

const answer = (said: readonly PainForm[]) =>
  attempt(async () => {
    await api.answerMorning(props.clientId, said)
    await reload()
    emit('answered')
  })
</script>

<template>
  <section v-if="data?.asked" class="morning" aria-labelledby="morning-heading">
    <header class="line-up">
      <div>
        <h2 id="morning-heading">And this morning?</h2>
        <p class="quiet">after yesterday's {{ data.sessions }}; ten seconds</p>
      </div>
      <span class="push mono">{{ clock }}</span>
    </header>
    <PainPlaces v-model="pains" :ending-pain="data.endingPain" :earlier="data.yesterday" />
    <MorningConsequence :client-id="clientId" :pains="pains" />
    <p v-if="message" class="error" role="alert">{{ message }}</p>
    <p class="answers">
      <BButton variant="outline-secondary" :disabled="busy || pains.length > 0" @click="answer([])"
        >Nothing hurts</BButton
      >
      <BButton variant="primary" :disabled="busy || pains.length === 0" @click="answer(pains)"
        >Keep</BButton
      >
    </p>
    <p class="quiet small">
      Touch a place that hurts. The answer decides with yesterday's; open until noon.
    </p>
  </section>
</template>

<style scoped>
.morning {
  display: grid;
  gap: 12px;
  max-width: 560px;
  padding: 16px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
.answers {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.answers :deep(button) {
  min-height: 52px;
  font-size: 1.125rem;
}
</style>
