<script setup lang="ts">
import { computed } from 'vue'
import type { SimulatedHands } from '@/api/types'

/** How simulated hands play; the same number as their seed makes the same hands again. */
const props = defineProps<{ only: readonly (keyof SimulatedHands)[] }>()
const hands = defineModel<SimulatedHands>({ required: true })

const FIELDS: readonly { name: keyof SimulatedHands; word: string }[] = [
  { name: 'evenness', word: 'Spread, %' },
  { name: 'tapsAMinute', word: 'Own pace, taps a minute' },
  { name: 'leak', word: 'Little comes along, %' },
  { name: 'seed', word: 'Seed' },
]
const fields = computed(() => FIELDS.filter((field) => props.only.includes(field.name)))
const change = (name: keyof SimulatedHands, event: Event) => {
  const { valueAsNumber } = event.target as HTMLInputElement
  if (Number.isFinite(valueAsNumber)) hands.value = { ...hands.value, [name]: valueAsNumber }
}
</script>

<template>
  <p class="hands">
    <label v-for="field in fields" :key="field.name"
      >{{ field.word }}
      <input
        class="form-control"
        type="number"
        :value="hands[field.name]"
        @change="change(field.name, $event)"
      />
    </label>
  </p>
</template>

<style scoped>
.hands {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: end;
}
label {
  max-width: 112px;
  color: var(--ink-2);
  font-size: 0.8125rem;
}
</style>
