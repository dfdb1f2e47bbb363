<script setup lang="ts">
import type { Movement } from '@/api/types'
import { MOVEMENTS, keys } from '@/parts/labels'
import { without } from '@/parts/without'
import { capital } from '@/parts/words'

/** The directions an exercise moves in, and how far: freely, to the end, under load. */
const levels = defineModel<Partial<Record<Movement, number>>>({ required: true })

const CHOICES = [
  { value: 0, text: 'not at all' },
  { value: 1, text: 'freely' },
  { value: 2, text: 'to its end, or what it is about' },
  { value: 3, text: 'under load' },
] as const
function set(movement: Movement, level: number) {
  const next = without(levels.value, movement)
  levels.value = level ? { ...next, [movement]: level } : next
}
</script>

<template>
  <div class="movements" role="group" aria-label="Directions of movement">
    <label v-for="movement in keys(MOVEMENTS)" :key="movement">
      {{ capital(MOVEMENTS[movement]) }}
      <select
        class="form-select form-select-sm"
        :value="levels[movement] ?? 0"
        @change="set(movement, Number(($event.target as HTMLSelectElement).value))"
      >
        <option v-for="choice in CHOICES" :key="choice.value" :value="choice.value">
          {{ choice.text }}
        </option>
      </select>
    </label>
  </div>
</template>

<style scoped>
.movements {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
  gap: 6px 16px;
  width: 100%;
}
label {
  display: grid;
  grid-template-columns: 1fr 130px;
  gap: 8px;
  align-items: center;
  font-size: 0.875rem;
}
</style>
