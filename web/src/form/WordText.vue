<script setup lang="ts">
import { useId } from 'vue'

/** A few letters inside a sentence: a word that opens to a box. */
defineProps<{ label: string; invalid?: boolean; list?: string; placeholder?: string }>()
const model = defineModel<string>({ required: true })

const id = useId()
</script>

<template>
  <span class="word-box" :class="{ invalid }">
    <label class="visually-hidden" :for="id">{{ label }}</label>
    <input
      :id="id"
      v-model="model"
      type="text"
      autocomplete="off"
      :list="list"
      :placeholder="placeholder"
      :size="Math.max(4, model.length)"
      :aria-invalid="invalid || undefined"
    />
  </span>
</template>

<style scoped>
input {
  min-width: 5ch;
  max-width: 100%;
  field-sizing: content;
}
</style>
