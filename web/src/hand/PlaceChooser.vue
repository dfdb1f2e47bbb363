<script setup lang="ts">
import type { Region, Side } from '@/api/types'
import { REGIONS } from '@/parts/labels'
import { capital } from '@/parts/words'
import HandMap from './HandMap.vue'
import { ELSEWHERE } from './regions'

/** Where something hurts: on both hands, or further up. */
defineProps<{ pains: readonly { side: Side; region: Region; level: number }[] }>()
const place = defineModel<{ side: Side; region: Region } | null>({ required: true })

const SIDES: readonly Side[] = ['LEFT', 'RIGHT']
const HEIGHT = 300
</script>

<template>
  <HandMap
    :height="HEIGHT"
    touchable
    :pains="pains"
    :chosen="place"
    @choose="(side, region) => (place = { side, region })"
  />
  <details>
    <summary>Elsewhere: shoulder, neck, back</summary>
    <template v-for="region in ELSEWHERE" :key="region">
      <button
        v-for="side in SIDES"
        :key="side"
        type="button"
        :aria-pressed="place?.region === region && place.side === side"
        @click="place = { side, region }"
      >
        {{ capital(side.toLowerCase()) }} {{ REGIONS[region] }}
      </button>
    </template>
  </details>
</template>

<style scoped>
summary {
  padding: 8px 0;
  color: var(--ink-2);
}
button {
  min-height: 40px;
  padding: 0 10px;
  border: 1.5px solid transparent;
  background: transparent;
  color: var(--ink);
}
button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--surface);
  font-weight: 700;
}
</style>
