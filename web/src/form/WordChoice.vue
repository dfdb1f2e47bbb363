<script setup lang="ts" generic="V extends string | null">
import { useId } from 'vue'

/** One of several inside a sentence: a word that opens to a box. */
defineProps<{
  label: string
  options: readonly { value: V; text: string }[]
  invalid?: boolean
}>()
const model = defineModel<V>({ required: true })

const id = useId()
</script>

<template>
  <span class="word-box" :class="{ invalid }">
    <label class="visually-hidden" :for="id">{{ label }}</label>
    <select :id="id" v-model="model" :aria-invalid="invalid || undefined">
      <option v-for="option in options" :key="String(option.value)" :value="option.value">
        {{ option.text }}
      </option>
    </select>
  </span>
</template>

<style scoped>
select {
  appearance: none;
  field-sizing: content;
}
option {
  background: var(--surface);
  color: var(--ink);
}
</style>
