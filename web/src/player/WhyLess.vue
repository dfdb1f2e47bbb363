<script setup lang="ts">
import type { Shortfall } from '@/api/types'
import { SHORTFALLS, keys } from '@/parts/labels'
import StageKey from './StageKey.vue'

/** Why a step was left early, by one touch or key; the session goes on meanwhile. */
defineProps<{ stepTitle: string }>()
const emit = defineEmits<{ say: [why: Shortfall] }>()
</script>

<template>
  <p class="why" role="group" :aria-label="`Why less of ${stepTitle}`">
    <span class="quiet">Less of {{ stepTitle }}, because</span>
    <StageKey
      v-for="(why, i) in keys(SHORTFALLS)"
      :key="why"
      :word="SHORTFALLS[why]"
      :key-name="String(i + 1)"
      @click="emit('say', why)"
    />
  </p>
</template>

<style scoped>
.why {
  z-index: 2;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 8px;
  padding: 8px;
  border: 1.5px solid var(--edge);
  background: var(--ground);
}
.why span {
  width: 100%;
}
</style>
