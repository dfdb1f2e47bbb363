<script setup lang="ts">
import type { LineCountView } from '@/api/types'
import { PURPOSES } from '@/parts/labels'
import PegIcon from '@/ribbon/PegIcon.vue'

/** How many sessions of each obligation found a place. */
defineProps<{ counts: readonly LineCountView[]; clientId: string }>()
</script>

<template>
  <ul v-if="counts.length" class="counts">
    <li v-for="count in counts" :key="count.lineId">
      <PegIcon :purpose="count.purpose" />
      {{ PURPOSES[count.purpose] }}
      <b :class="{ short: count.placed < count.wanted }"
        >{{ count.placed }} of {{ count.wanted }}</b
      >
    </li>
  </ul>
  <p v-else class="quiet">
    Only warm-ups are in this week.
    <RouterLink :to="`/clients/${clientId}/programme`">Choose a programme</RouterLink>
  </p>
</template>

<style scoped>
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 24px;
  margin-top: 12px;
}
.counts .short {
  color: var(--warn);
}
</style>
