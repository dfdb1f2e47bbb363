<script setup lang="ts">
import { computed } from 'vue'
import type { ClimbView } from '@/api/types'
import KindLetter from '@/tape/KindLetter.vue'

/** How the ladders went: what climbed most, and what held or fell. */
const props = defineProps<{ climbs: readonly ClimbView[] }>()

const SHOWN = 5
const MARKS = 7
/** What needs a look comes before what climbs by itself. */
const shown = computed(() =>
  [...props.climbs]
    .sort((a, b) => Number(b.stuck || b.climbed < 0) - Number(a.stuck || a.climbed < 0))
    .slice(0, SHOWN),
)
function marks(climb: ClimbView) {
  const all = climb.ladder.rungs.length
  const here = Math.min(...climb.ladder.sides.map((side) => side.rung))
  const first = Math.max(0, Math.min(here - MARKS + 3, all - MARKS))
  return Array.from({ length: Math.min(MARKS, all) }, (_, i) => ({
    rung: first + i,
    here: first + i === here,
    behind: first + i < here,
  }))
}
const words = (climb: ClimbView) =>
  climb.stuck
    ? 'held long'
    : climb.climbed > 0
      ? `+${climb.climbed}`
      : climb.climbed < 0
        ? `−${-climb.climbed}`
        : '='
</script>

<template>
  <ul v-if="shown.length" class="climbs">
    <li v-for="climb in shown" :key="climb.ladder.exerciseId">
      <KindLetter :kind="climb.ladder.kind" />
      <span class="name">{{ climb.ladder.title }}</span>
      <span class="marks" aria-hidden="true">
        <i
          v-for="mark in marks(climb)"
          :key="mark.rung"
          :class="{ here: mark.here, behind: mark.behind }"
        />
      </span>
      <b :class="{ warn: climb.stuck || climb.climbed < 0 }">{{ words(climb) }}</b>
    </li>
  </ul>
  <p v-else class="quiet">Nothing was judged in these weeks.</p>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr) 92px 72px;
  gap: 8px;
  align-items: center;
  min-height: 24px;
  font-size: 0.875rem;
}
.name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.marks {
  display: flex;
  gap: 4px;
  align-items: center;
}
i {
  width: 8px;
  height: 8px;
  border: 1.5px solid var(--main);
}
.behind {
  background: var(--main);
}
.here {
  width: 11px;
  height: 13px;
  background: var(--main);
}
b {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
.warn {
  color: var(--warn);
}
</style>
