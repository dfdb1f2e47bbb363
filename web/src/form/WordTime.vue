<script setup lang="ts">
import { useId } from 'vue'
import TimeInput from './TimeInput.vue'

/** A time inside a sentence: a word that opens to a box. */
defineProps<{ label: string; invalid?: boolean }>()
const model = defineModel<string>({ required: true })

const id = useId()
</script>

<template>
  <span class="word-box" :class="{ invalid }">
    <label class="visually-hidden" :for="id">{{ label }}</label>
    <TimeInput :id="id" v-model="model" :aria-invalid="invalid || undefined" />
  </span>
</template>
