<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Phrase } from './phrase'

/** The phrase of a piece that finger work is set to, so that movements fall on it. */
const phrase = defineModel<Phrase>({ required: true })

const BARS = [1, 2, 4, 8, 12, 16]
const BEATS = [2, 3, 4, 5, 6, 7]
const USUAL_BEATS = 4
const id = useId()
const bars = computed({
  get: () => phrase.value.bars ?? 0,
  set: (to) =>
    (phrase.value = to ? { bars: to, beatsABar: phrase.value.beatsABar ?? USUAL_BEATS } : {}),
})
const beats = computed({
  get: () => phrase.value.beatsABar ?? USUAL_BEATS,
  set: (to) => (phrase.value = { ...phrase.value, beatsABar: to }),
})
</script>

<template>
  <div class="phrase">
    <label :for="id">Phrase</label>
    <select :id="id" v-model="bars" class="form-select form-select-sm">
      <option :value="0">none</option>
      <option v-for="count in BARS" :key="count" :value="count">
        {{ count }} {{ count === 1 ? 'bar' : 'bars' }}
      </option>
    </select>
    <template v-if="bars">
      <span>of</span>
      <select v-model="beats" class="form-select form-select-sm" aria-label="Beats a bar">
        <option v-for="count in BEATS" :key="count" :value="count">{{ count }} beats</option>
      </select>
    </template>
  </div>
</template>

<style scoped>
.phrase {
  display: flex;
  gap: 8px;
  align-items: center;
}
.phrase select {
  width: auto;
}
</style>
