<script setup lang="ts">
import type { PainZoneView } from '@/api/types'

/** What each level of pain makes of how often it comes; the present one is boxed. */
defineProps<{ zones: readonly PainZoneView[] }>()
const range = (zone: PainZoneView) =>
  zone.from === zone.to ? String(zone.from) : `${zone.from}–${zone.to}`
</script>

<template>
  <ol class="zones" aria-label="What pain makes of it">
    <li
      v-for="zone in zones"
      :key="zone.from"
      :class="{ present: zone.present, forbids: zone.forbids }"
      :aria-current="zone.present ? 'true' : undefined"
    >
      <b>{{ range(zone) }}</b>
      <span>{{ zone.words }}</span>
    </li>
  </ol>
</template>

<style scoped>
.zones {
  display: grid;
  grid-auto-columns: minmax(0, 1fr);
  grid-auto-flow: column;
  margin: 0;
}
li {
  display: grid;
  align-content: start;
  justify-items: center;
  padding: 6px 8px;
  border: 1.5px solid transparent;
  border-left: 1px solid var(--line);
  font-size: 0.8125rem;
  line-height: 1.1rem;
  text-align: center;
}
li:first-child {
  border-left-color: transparent;
}
b {
  font-size: 0.9375rem;
}
.forbids {
  border-left: 1.5px dashed var(--stop);
  color: var(--stop);
}
.present {
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
@media (max-width: 640px) {
  .zones {
    grid-auto-flow: row;
  }
}
</style>
