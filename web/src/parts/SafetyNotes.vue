<script setup lang="ts">
import type { SafetyNote } from '@/api/types'
import StateMark from './StateMark.vue'

/** What stands against work today, in the server's words, with what to do. */
defineProps<{ notes: readonly SafetyNote[] }>()
</script>

<template>
  <ul v-if="notes.length" class="notes" aria-label="What stands against work today">
    <li v-for="note in notes" :key="note.heading + note.sentence">
      <StateMark state="STOP" />
      <p>
        <b>{{ note.heading }}.</b> {{ note.sentence }} <span class="advice">{{ note.advice }}</span>
      </p>
    </li>
  </ul>
</template>

<style scoped>
.notes {
  display: grid;
  gap: 1px;
  margin: 8px 0;
  border-left: 3px solid var(--stop);
  background: var(--stop-wash);
}
li {
  display: flex;
  gap: 10px;
  align-items: baseline;
  padding: 6px 12px;
}
b {
  color: var(--stop);
}
.advice {
  font-weight: 600;
}
</style>
