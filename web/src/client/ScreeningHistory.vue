<script setup lang="ts">
import type { HealthView } from '@/api/types'
import { capital, counted, dayMonth } from '@/parts/words'

/** Every answer about signs, with its day. */
defineProps<{ history: HealthView['history'] }>()

const ANSWERS = {
  NOT_ASKED: 'not asked',
  NO: 'no',
  YES: 'yes',
  MISTAKEN: 'touched by mistake',
  CLEARED: 'cleared',
} as const
</script>

<template>
  <section aria-label="Screening">
    <details>
      <summary class="quiet">
        {{ counted(history.length, 'dated answer') }}, the latest
        {{ dayMonth(history[0]?.date ?? '') }}
      </summary>
      <ul>
        <li v-for="(entry, i) in history" :key="i">
          <span class="quiet">{{ dayMonth(entry.date) }}</span>
          <span
            >{{ capital(entry.word) }}: {{ ANSWERS[entry.answer] }}
            <span class="quiet">{{ [entry.place, entry.words].filter(Boolean).join(', ') }}</span>
          </span>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 64px 1fr;
  padding: 3px 0;
  border-bottom: 1px solid var(--line);
}
</style>
