<script setup lang="ts">
import type { PainForm, SafetyView } from '@/api/types'
import StageKey from './StageKey.vue'

/** Before any work: when to stop, and whether something hurts now; nobody has to say. */
defineProps<{ safety: SafetyView }>()
const before = defineModel<PainForm[] | null>('before', { required: true })
/** Whether the places are being touched. */
const asking = defineModel<boolean>('asking', { required: true })

function ask() {
  before.value ??= []
  asking.value = true
}
</script>

<template>
  <h2>Stop rules</h2>
  <ul class="rules">
    <li v-for="rule in safety.stopRules" :key="rule">{{ rule }}</li>
  </ul>
  <template v-if="safety.asksBefore">
    <h2>Does anything hurt now?</h2>
    <p class="side-by-side">
      <StageKey
        word="Nothing hurts"
        :on="before?.length === 0 && !asking"
        :aria-pressed="before?.length === 0 && !asking"
        @click="((before = []), (asking = false))"
      />
      <StageKey word="Something hurts" :on="asking" :aria-pressed="asking" @click="ask" />
    </p>
  </template>
</template>

<style scoped>
h2 {
  margin-top: 16px;
  font-size: 1rem;
  color: var(--ink-2);
}
.rules {
  margin-bottom: 12px;
  font-size: 1.25rem;
  line-height: 1.875rem;
}
@media (max-width: 900px) {
  .rules {
    font-size: 1rem;
    line-height: 1.5rem;
  }
}
</style>
