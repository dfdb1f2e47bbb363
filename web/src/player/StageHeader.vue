<script setup lang="ts">
import type { RoutineView } from '@/api/types'
import { countdown, toMinute } from '@/parts/words'
import { endWords } from './stageWords'

/** Which session it is, whose, when it ends, and how much is left. */
defineProps<{ routine: RoutineView; left: number }>()
</script>

<template>
  <header>
    <b class="large title">{{ routine.title }}</b>
    <span class="quiet large title">{{ routine.clientName }}</span>
    <span class="push quiet large ends">{{
      endWords(routine.blockTitle, toMinute(routine.endsAt))
    }}</span>
    <b class="left mono">{{ countdown(left) }} left</b>
  </header>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  gap: 16px;
}
.left {
  font-size: 1.25rem;
  line-height: 1.75rem;
}
@media (max-width: 900px) {
  .title,
  .ends {
    display: none;
  }
}
</style>
