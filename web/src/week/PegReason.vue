<script setup lang="ts">
import { computed } from 'vue'
import type { DayView, PegView } from '@/api/types'
import { PURPOSES } from '@/parts/labels'
import { clock, duration, longDate, toMinute } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import { movable } from './chosen'
import WhatIsIn from './WhatIsIn.vue'

/** A session of the week: when, how long, why there, and what can be done about it. */
const props = defineProps<{ clientId: string; day: DayView; peg: PegView }>()
const emit = defineEmits<{ pin: []; release: []; skip: [] }>()

const length = computed(() =>
  duration(new Date(props.peg.end).getTime() - new Date(props.peg.start).getTime()),
)
/** What happened, happened to the minute; what is planned stands to the second. */
const time = (moment: string) =>
  props.peg.state === 'DONE' || props.peg.state === 'LEFT' ? toMinute(moment) : clock(moment)
</script>

<template>
  <p class="line-up">
    <PegIcon :purpose="peg.purpose" :state="peg.state" />
    <b class="large">{{ PURPOSES[peg.purpose] }}</b>
  </p>
  <p class="quiet">{{ longDate(day.date) }}</p>
  <p class="time">{{ time(peg.startsAt) }}–{{ time(peg.endsAt) }}</p>
  <p>{{ length }}{{ peg.pinned ? ', pinned' : '' }}</p>
  <h3>Why here</h3>
  <p>{{ peg.why || `${peg.label}.` }}</p>
  <WhatIsIn v-if="peg.open" :key="`${peg.start}${peg.purpose}`" :client-id="clientId" :peg="peg" />
  <p v-else-if="peg.state !== 'MISSED'">
    <RouterLink :to="`/clients/${clientId}/log`">What was done stands in the log</RouterLink>
  </p>
  <p v-if="movable(peg)" class="side-by-side">
    <BButton v-if="!peg.pinned" variant="primary" @click="emit('pin')">Pin here</BButton>
    <BButton v-else variant="outline-secondary" @click="emit('release')">Let it move</BButton>
    <BButton variant="outline-secondary" @click="emit('skip')">Leave out</BButton>
  </p>
</template>

<style scoped>
.time {
  font: 600 1.625rem/2rem var(--mono);
}
h3 {
  margin-top: 6px;
  font-size: 0.875rem;
}
</style>
