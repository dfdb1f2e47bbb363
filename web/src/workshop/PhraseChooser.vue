<script setup lang="ts">
import { computed, useId } from 'vue'
import type { PhraseChoice } from '@/api/types'
import type { Phrase } from './phrase'

const props = defineProps<{ choice: PhraseChoice }>()
/** The phrase of a piece that finger work is set to, so that movements fall on it. */
const phrase = defineModel<Phrase>({ required: true })
const id = useId()
const beats = computed({
  get: () => phrase.value.beatsABar ?? props.choice.usualBeatsABar,
  set: (to) => (phrase.value = { ...phrase.value, beatsABar: to }),
})
const bars = computed({
  get: () => phrase.value.bars ?? 0,
  set: (to) => (phrase.value = to ? { bars: to, beatsABar: beats.value } : {}),
})
</script>

<template>
  <div class="phrase">
    <label :for="id">Phrase</label>
    <select :id="id" v-model="bars" class="form-select form-select-sm">
      <option :value="0">none</option>
      <option v-for="count in choice.bars" :key="count" :value="count">
        {{ count }} {{ count === 1 ? 'bar' : 'bars' }}
      </option>
    </select>
    <template v-if="bars">
      <span>of</span>
      <select v-model="beats" class="form-select form-select-sm" aria-label="Beats a bar">
        <option v-for="count in choice.beatsABar" :key="count" :value="count">
          {{ count }} beats
        </option>
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
