<script setup lang="ts" generic="T extends string">
import StageKey from './StageKey.vue'
import type { StageChoice } from './stageQuestions'

/** Something that is asked by the way, answered by one touch or key; the session goes on meanwhile. */
defineProps<{ label: string; asks: string; choices: readonly StageChoice<T>[] }>()
const emit = defineEmits<{ say: [answer: T] }>()
</script>

<template>
  <p class="question" role="group" :aria-label="label">
    <span class="quiet">{{ asks }}</span>
    <StageKey
      v-for="(choice, i) in choices"
      :key="choice.value"
      :word="choice.word"
      :key-name="String(i + 1)"
      @click="emit('say', choice.value)"
    />
  </p>
</template>

<style scoped>
.question {
  z-index: 2;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px;
  padding: 8px 0;
  background: var(--ground);
}
span {
  grid-column: 1 / -1;
}
</style>
