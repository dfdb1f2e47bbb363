<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import type { ClientSummary, Kind, LibraryRow, TargetView } from '@/api/types'
import KindLetter from '@/tape/KindLetter.vue'
import { useFilterOptions } from './filterOptions'
import { filters, noFilters } from './filters'
import FilterMenu from './FilterMenu.vue'

/** Search and filters of the list, and the kinds with how many are left of each. */
const props = defineProps<{
  rows: readonly LibraryRow[]
  unsuited: ReadonlyMap<string, string> | null
  tissueWords: readonly TargetView[]
  people: readonly ClientSummary[]
}>()
const emit = defineEmits<{ key: [event: KeyboardEvent] }>()

const {
  kinds,
  tissues,
  digits,
  positions,
  things,
  intensities,
  minutes,
  disciplines,
  clients,
  whose,
  beforePlay,
} = useFilterOptions(
  () => props.rows,
  () => props.unsuited,
  () => props.tissueWords,
  () => props.people,
)
const search = useTemplateRef<HTMLInputElement>('search')
const anything = computed(() => JSON.stringify(filters) !== JSON.stringify(noFilters()))
function clear() {
  Object.assign(filters, noFilters())
  search.value?.focus()
}
const chooseKind = (kind: Kind) => {
  filters.kind = filters.kind === kind ? null : kind
}
function slash(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  if (event.key !== '/' || /INPUT|TEXTAREA|SELECT/.test(target.tagName)) return
  event.preventDefault()
  search.value?.focus()
}
useEventListener(document, 'keydown', slash)
</script>

<template>
  <div class="filters no-print">
    <input
      ref="search"
      v-model="filters.text"
      class="form-control search"
      type="search"
      aria-label="Find an exercise"
      placeholder="thumb, sitting, nothing, 1 min"
      @keydown="emit('key', $event)"
    />
    <FilterMenu v-model="filters.tissue" label="Tissue" :options="tissues" />
    <FilterMenu v-model="filters.digit" label="Digit" :options="digits" />
    <FilterMenu v-model="filters.position" label="Position" :options="positions" />
    <FilterMenu v-model="filters.thing" label="At hand" :options="things" />
    <FilterMenu
      v-model="filters.intensity"
      label="Intensity"
      :chip="(text) => `Intensity ${text.toLowerCase()}`"
      :options="intensities"
    />
    <FilterMenu v-model="filters.minutes" label="Time" :options="minutes" />
    <FilterMenu
      v-model="beforePlay"
      label="Before play"
      :options="[{ value: 'YES' as const, text: 'May stand before play' }]"
    />
    <FilterMenu v-model="filters.discipline" label="For" :options="disciplines" />
    <FilterMenu
      v-model="filters.client"
      label="Suits"
      :chip="(text) => `Suits ${text}`"
      :options="clients"
    />
    <FilterMenu v-model="filters.whose" label="Whose" :options="whose" />
    <BButton v-if="anything" variant="link" @click="clear">Clear</BButton>
  </div>
  <div class="kinds no-print" role="group" aria-label="Kind">
    <button
      v-for="option in kinds"
      :key="option.value"
      type="button"
      :class="{ on: filters.kind === option.value }"
      :aria-pressed="filters.kind === option.value"
      :disabled="option.count === 0 && filters.kind !== option.value"
      @click="chooseKind(option.value)"
    >
      <KindLetter :kind="option.value" />
      <svg width="20" height="18" aria-hidden="true">
        <rect width="20" height="18" :fill="`url(#library-${option.value})`" />
      </svg>
      {{ option.text }} <span class="quiet">{{ option.count }}</span>
    </button>
  </div>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.search {
  width: 232px;
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 0;
  margin: 10px -4px 12px;
}
.kinds button {
  display: inline-flex;
  align-items: center;
  gap: 0;
  height: 34px;
  padding: 0 4px;
  border: 1.5px solid transparent;
  background: none;
  color: var(--ink);
  font-weight: 500;
}
.kinds button svg {
  margin-right: 5px;
}
.kinds button .quiet {
  margin-left: 4px;
  font-variant-numeric: tabular-nums;
}
.kinds button.on {
  border-color: var(--ink);
  background: var(--surface);
  font-weight: 700;
}
.kinds button:disabled {
  opacity: 0.45;
}
</style>
