<script setup lang="ts">
import type { DayBusyView, DayView } from '@/api/types'
import { clock, longDate } from '@/parts/words'

/** A busy time of the week. */
defineProps<{ day: DayView; busy: DayBusyView }>()
const emit = defineEmits<{ out: [] }>()
</script>

<template>
  <b class="large">Busy</b>
  <p class="quiet">{{ longDate(day.date) }}</p>
  <p class="time">{{ clock(busy.startsAt) }}–{{ clock(busy.endsAt) }}</p>
  <p>
    <BButton variant="outline-secondary" @click="emit('out')">Take out</BButton>
  </p>
</template>

<style scoped>
.time {
  font: 600 1.625rem/2rem var(--mono);
}
</style>
