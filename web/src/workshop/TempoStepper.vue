<script setup lang="ts">
import type { TempoRange } from '@/api/types'

/** A tempo in changes a minute, moved in steps that one hears. */
const props = withDefaults(defineProps<{ range: TempoRange; words?: string }>(), {
  words: 'a minute',
})
const model = defineModel<number>({ required: true })
const move = (by: number) =>
  (model.value = Math.min(
    props.range.greatest,
    Math.max(props.range.least, model.value + by * props.range.step),
  ))
</script>

<template>
  <div class="stepper" role="group" aria-label="Tempo">
    <button type="button" aria-label="Slower" :disabled="model <= range.least" @click="move(-1)">
      −
    </button>
    <output>{{ model }} {{ words }}</output>
    <button type="button" aria-label="Faster" :disabled="model >= range.greatest" @click="move(1)">
      +
    </button>
  </div>
</template>

<style scoped>
.stepper {
  display: flex;
  align-items: stretch;
  height: 36px;
  border: 1.5px solid var(--edge);
  border-radius: var(--corner);
  background: var(--surface);
}
button {
  width: 36px;
  border: 0;
  background: var(--main-wash);
  color: var(--main);
  font-weight: 700;
}
button:disabled {
  color: var(--ink-2);
}
output {
  align-self: center;
  min-width: 96px;
  padding: 0 8px;
  font-weight: 700;
  text-align: center;
}
</style>
