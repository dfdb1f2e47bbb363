<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'

/** The head of the workshop: what is made here, and for whom. */
const props = defineProps<{
  clientId: string
  on: 'patterns' | 'sequences' | 'clasps' | 'tap-test' | 'hold-and-lift' | 'demand' | 'difficulties'
}>()

const PLACES = [
  { at: 'patterns', word: 'Patterns' },
  { at: 'sequences', word: 'Sequences' },
  { at: 'clasps', word: 'Clasps' },
  { at: 'tap-test', word: 'Tap test' },
  { at: 'hold-and-lift', word: 'Hold and lift' },
  { at: 'demand', word: 'Demand' },
  { at: 'difficulties', word: 'Difficulties' },
] as const
const clients = useAsked(() => queries.clients())
const router = useRouter()
const chosen = computed({
  get: () => props.clientId,
  set: (id) => void router.push(`/workshop/${id}/${props.on}`),
})
</script>

<template>
  <nav class="band" aria-label="Workshop">
    <svg class="cut" viewBox="0 0 10 36" preserveAspectRatio="none" aria-hidden="true">
      <path d="M0 0H10L0 18L10 36H0" />
    </svg>
    <RouterLink
      v-for="place in PLACES"
      :key="place.at"
      class="tab"
      :class="{ on: place.at === on }"
      :aria-current="place.at === on ? 'page' : undefined"
      :to="`/workshop/${clientId}/${place.at}`"
      >{{ place.word }}</RouterLink
    >
    <label class="for"
      >for
      <select v-model="chosen" class="form-select" aria-label="For whom">
        <option v-for="client in clients.data.value ?? []" :key="client.id" :value="client.id">
          {{ client.name }}
        </option>
      </select>
    </label>
  </nav>
</template>

<style scoped>
.band {
  position: relative;
  display: flex;
  align-items: stretch;
  height: 36px;
  margin: 16px 0;
  border: 1px solid var(--ribbon-edge);
  border-right: 0;
  background: var(--surface);
}
.cut {
  position: absolute;
  top: -1px;
  right: -1px;
  width: 10px;
  height: 36px;
}
.cut path {
  fill: var(--ground);
  stroke: var(--ribbon-edge);
  vector-effect: non-scaling-stroke;
}
.tab {
  display: flex;
  align-items: center;
  padding: 0 16px;
  color: var(--ink-2);
  white-space: nowrap;
  text-decoration: none;
}
.tab.on {
  margin: -1px 0 -1px -1px;
  border: 1.5px solid var(--ink);
  background: var(--ground);
  color: var(--ink);
  font-weight: 700;
}
.for {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-left: auto;
  padding-right: 24px;
  color: var(--ink-2);
}
@media (max-width: 1000px) {
  .band {
    overflow-x: auto;
  }
  .cut {
    display: none;
  }
}
.for select {
  width: auto;
  max-width: 200px;
  padding-top: 2px;
  padding-bottom: 2px;
}
</style>
