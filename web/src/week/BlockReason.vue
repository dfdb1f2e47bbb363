<script setup lang="ts">
import type { DayBlockView, DayView } from '@/api/types'
import StateMark from '@/parts/StateMark.vue'
import { clock, longDate } from '@/parts/words'

/** A block of the week, and what is said of its warm-up. */
defineProps<{ clientId: string; day: DayView; block: DayBlockView }>()
</script>

<template>
  <p class="line-up">
    <b class="large">{{ block.title }}</b>
  </p>
  <p class="quiet">{{ longDate(day.date) }}</p>
  <p class="time">{{ clock(block.startsAt) }}–{{ clock(block.endsAt) }}</p>
  <p v-if="block.overlaps.length" class="warn-head">
    <StateMark state="WARN" />At the same time as {{ block.overlaps.join(', ') }}.
  </p>
  <h3>Its warm-up</h3>
  <p>{{ block.warmUpReason }}</p>
  <p>
    <RouterLink
      :to="{
        path: `/clients/${clientId}/hands`,
        query: { date: day.date, block: block.id },
      }"
      >Change the block</RouterLink
    >
    · <RouterLink :to="`/clock/${clientId}/${block.id}`">Clock</RouterLink>
  </p>
</template>

<style scoped>
.time {
  font: 600 1.625rem/2rem var(--mono);
}
.warn-head {
  color: var(--warn);
}
h3 {
  margin-top: 6px;
  font-size: 0.875rem;
}
</style>
