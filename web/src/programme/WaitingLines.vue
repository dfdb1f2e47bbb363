<script setup lang="ts">
import { computed } from 'vue'
import type { ObligationView } from '@/api/types'
import { PURPOSES } from '@/parts/labels'
import PegIcon from '@/ribbon/PegIcon.vue'

/** What waits because of the hands: obligations that wait for the same reason together. */
const props = defineProps<{ obligations: readonly ObligationView[] }>()

const rows = computed(() => {
  const found = new Map<string, ObligationView[]>()
  for (const o of props.obligations) {
    const why = o.limits.join(' ')
    if (why) found.set(why, [...(found.get(why) ?? []), o])
  }
  return [...found].map(([why, obligations]) => ({
    why,
    purposes: [...new Set(obligations.map((o) => o.purpose))],
  }))
})
</script>

<template>
  <ul v-if="rows.length" class="waits" aria-label="What waits because of the hands">
    <li v-for="row in rows" :key="row.why">
      <b>
        <span v-for="purpose in row.purposes" :key="purpose">
          <PegIcon :purpose="purpose" />{{ PURPOSES[purpose] }}
        </span>
      </b>
      <span>{{ row.why }}</span>
    </li>
  </ul>
</template>

<style scoped>
li {
  padding: 6px 0;
}
b {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 20px;
}
b span {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
</style>
