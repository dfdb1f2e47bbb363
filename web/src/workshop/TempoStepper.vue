<script setup lang="ts">
withDefaults(defineProps<{ words?: string }>(), { words: 'a minute' })
/** A tempo in changes a minute, moved in steps that one hears. */
const model = defineModel<number>({ required: true })
const LEAST = 20
const GREATEST = 240
const STEP = 4
const move = (by: number) => (model.value = Math.min(GREATEST, Math.max(LEAST, model.value + by)))
</script>

<template>
  <div class="stepper" role="group" aria-label="Tempo">
    <button type="button" aria-label="Slower" :disabled="model <= LEAST" @click="move(-STEP)">
      −
    </button>
    <output>{{ model }} {{ words }}</output>
    <button type="button" aria-label="Faster" :disabled="model >= GREATEST" @click="move(STEP)">
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
