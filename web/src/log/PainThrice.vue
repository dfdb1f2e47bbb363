<script setup lang="ts">
import { computed } from 'vue'
import type { LogEntry } from '@/api/types'
import { painTone } from '@/parts/painTone'

/** Pain at three moments: before, the worst of the session, the next morning. */
const props = defineProps<{ entry: LogEntry }>()

const moments = computed(() => [
  { word: 'before', level: props.entry.painBefore },
  { word: 'worst', level: props.entry.painWorst },
  { word: 'next morning', level: props.entry.painMorning },
])
</script>

<template>
  <span class="thrice">
    <span
      v-for="one in moments"
      :key="one.word"
      class="disc"
      :class="[painTone(one.level), { unsaid: one.level === null }]"
      ><span class="visually-hidden"
        >{{ one.word }}{{ one.level === null ? ' not said' : ' pain' }}</span
      >{{ one.level ?? '' }}</span
    >
  </span>
</template>

<style scoped>
.thrice {
  display: inline-flex;
  gap: 4px;
}
.disc {
  display: inline-grid;
  width: 22px;
  height: 22px;
  border-radius: 50%;
  color: var(--on-mark);
  font: 700 0.8125rem/1 var(--font);
  place-items: center;
}
.unsaid {
  border: 1.5px dotted var(--edge);
}
.mild {
  background: var(--quiet-mark);
}
.felt {
  background: var(--warn);
}
.hot {
  background: var(--stop);
}
</style>
