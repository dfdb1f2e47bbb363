<script setup lang="ts">
import { computed } from 'vue'
import StateMark from '@/parts/StateMark.vue'
import { filters } from './filters'
import { asked } from './search'

/** What a search cannot answer: signs belong to a clinician, and pain asks where. */
const said = computed(() => asked(filters.text))
</script>

<template>
  <p v-if="said.signs.length" class="note stop" role="status">
    <StateMark state="STOP" />“{{ said.signs.join(' ') }}” belongs to a clinician first. Write it
    down under the client’s Hands, under Signs; the list shows what suits them then.
  </p>
  <p v-else-if="said.complaints.length && !said.words.length" class="note" role="status">
    “{{ said.complaints.join(' ') }}” does not say where: add wrist, thumb or forearm. Pain itself
    belongs under the client’s Hands, where it keeps out what would hurt.
  </p>
</template>

<style scoped>
.note {
  margin: 8px 0;
  color: var(--ink-2);
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
</style>
