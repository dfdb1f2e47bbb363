<script setup lang="ts">
import type { LibraryRow } from '@/api/types'
import { POSITIONS, THINGS } from '@/parts/labels'
import KindLetter from '@/tape/KindLetter.vue'
import IntensityMarks from './IntensityMarks.vue'
import LazyFigure from './LazyFigure.vue'

/** An exercise in the list. */
defineProps<{ row: LibraryRow; chosen: boolean }>()

const whereWith = (row: LibraryRow) =>
  [
    row.positions.map((p) => POSITIONS[p].toLowerCase()).join(', '),
    row.things.map((t) => THINGS[t].toLowerCase()).join(', '),
  ]
    .filter((part) => part !== '')
    .join(' · ')
</script>

<template>
  <li :class="{ on: chosen }">
    <RouterLink :to="`/library/${row.id}`" :aria-current="chosen ? 'true' : undefined">
      <LazyFigure :figure="row.figure" :label="row.title" />
      <span class="words">
        <b><KindLetter :kind="row.kind" /> {{ row.title }}</b>
        <span class="quiet">{{ row.dose }}</span>
        <span class="quiet">{{ whereWith(row) }}</span>
        <span v-if="row.version > 0" class="mine">own</span>
      </span>
      <span class="side">
        <IntensityMarks :kind="row.kind" :intensity="row.intensity" />
        <span class="quiet seconds">{{ row.seconds }}&nbsp;s</span>
      </span>
    </RouterLink>
  </li>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--line);
  border-left: 1.5px solid transparent;
}
li.on {
  border: 1.5px solid var(--ink);
  border-right: 0;
  background: var(--surface);
}
li a {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  height: 72px;
  padding: 0 12px 0 8px;
  color: var(--ink);
  text-decoration: none;
}
.words {
  position: relative;
  display: grid;
  min-width: 0;
}
.words b,
.words .quiet {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.words .quiet {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.mine {
  position: absolute;
  right: 0;
  bottom: 0;
  padding: 0 5px;
  background: var(--sunk);
  font-size: 0.8125rem;
}
.side {
  display: grid;
  gap: 6px;
  justify-items: end;
}
.seconds {
  font-size: 0.8125rem;
  font-variant-numeric: tabular-nums;
}
</style>
