<script setup lang="ts">
import type { TighterSide } from '@/api/types'
import StageKey from './StageKey.vue'

/** Which side was tighter, by one touch or key; the session goes on meanwhile. */
defineProps<{ stepTitle: string }>()
const emit = defineEmits<{ say: [side: TighterSide] }>()

const CHOICES: readonly { readonly side: TighterSide; readonly word: string }[] = [
  { side: 'LEFT', word: 'Left' },
  { side: 'SAME', word: 'the same' },
  { side: 'RIGHT', word: 'Right' },
]
</script>

<template>
  <p class="tighter" role="group" :aria-label="`Which side was tighter in ${stepTitle}`">
    <span class="quiet">Which side was tighter?</span>
    <StageKey
      v-for="(choice, i) in CHOICES"
      :key="choice.side"
      :word="choice.word"
      :key-name="String(i + 1)"
      @click="emit('say', choice.side)"
    />
  </p>
</template>

<style scoped>
.tighter {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px 12px;
  padding-bottom: 8px;
}
.tighter span {
  grid-column: 1 / -1;
}
</style>
