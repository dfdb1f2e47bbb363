<script setup lang="ts">
import type { ActivityForm } from '@/api/types'
import { longDate } from '@/parts/words'
import { clockOf } from './shown'

/** What was drawn: what it is to be. */
defineProps<{
  drawn: { readonly date: string; readonly from: number; readonly to: number }
  activities: readonly ActivityForm[]
  /** The choice that is no activity. */
  busy: string
}>()
const emit = defineEmits<{ put: []; leave: [] }>()
const drawnAs = defineModel<string>({ required: true })
</script>

<template>
  <form class="new" @submit.prevent="emit('put')">
    <h3>{{ longDate(drawn.date) }}</h3>
    <p class="time">{{ clockOf(drawn.from) }}–{{ clockOf(drawn.to) }}</p>
    <label class="form-label" for="drawn-as">It is</label>
    <BFormSelect
      id="drawn-as"
      v-model="drawnAs"
      :options="[
        ...activities.filter((a) => a.id).map((a) => ({ value: a.id, text: a.title })),
        { value: busy, text: 'Busy' },
      ]"
    />
    <p class="side-by-side">
      <BButton type="submit" variant="primary">Put in the day</BButton>
      <BButton variant="link" @click="emit('leave')">Cancel</BButton>
    </p>
  </form>
</template>

<style scoped>
.new {
  display: grid;
  gap: 8px;
}
.time {
  font: 600 1.625rem/2rem var(--mono);
}
h3 {
  margin-top: 6px;
  font-size: 0.875rem;
}
</style>
