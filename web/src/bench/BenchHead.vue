<script setup lang="ts">
import { duration } from '@/parts/words'

/** What lies on the bench, how long it is, and what can be done with the whole of it. */
defineProps<{
  title: string
  lengthMillis: number
  budgetSeconds: number
  canUndo: boolean
  canRedo: boolean
  empty: boolean
}>()
const emit = defineEmits<{ undo: []; redo: []; try: []; save: [] }>()
</script>

<template>
  <header class="head">
    <h1>{{ title }}</h1>
    <p class="length">
      {{ duration(lengthMillis) }}
      <span class="quiet">of {{ duration(budgetSeconds * 1000) }}</span>
    </p>
    <span class="push" />
    <BButton variant="outline-secondary" :disabled="!canUndo" @click="emit('undo')">Undo</BButton>
    <BButton variant="outline-secondary" :disabled="!canRedo" @click="emit('redo')">Redo</BButton>
    <BButton variant="outline-secondary" :disabled="empty" @click="emit('try')">Try it</BButton>
    <BButton variant="primary" :disabled="empty" @click="emit('save')">Save</BButton>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin-bottom: 8px;
}
.length {
  margin-left: 4px;
  font: 600 1.125rem/1.75rem var(--font);
  white-space: nowrap;
}
</style>
