<script setup lang="ts">
import { computed } from 'vue'
import type { LadderView } from '@/api/types'
import { KINDS } from '@/tape/kinds'

/** The rungs about where somebody stands: behind, here, ahead; a side each where they differ. */
const props = withDefaults(
  defineProps<{ ladder: LadderView; goal?: number | null; shown?: number }>(),
  { goal: null, shown: 7 },
)

const rungs = computed(() => props.ladder.sides.map((side) => side.rung))
const least = computed(() => Math.min(...rungs.value))
const most = computed(() => Math.max(...rungs.value))
const rungsShown = computed(() => {
  const all = props.ladder.rungs
  const first = Math.max(0, Math.min(least.value - 2, all.length - props.shown))
  return all.slice(first, first + props.shown).map((words, i) => {
    const rung = first + i
    const here = props.ladder.sides.filter((side) => side.rung === rung)
    return {
      words,
      rung,
      here: here.length > 0,
      whose:
        here.length === 1 && rungs.value.length > 1 && least.value !== most.value ? here[0] : null,
      behind: rung < least.value,
    }
  })
})
const colour = computed(() => KINDS[props.ladder.kind].colour)
</script>

<template>
  <ol class="rungs" :style="{ '--kind': colour }" :aria-label="`Rungs of ${ladder.title}`">
    <li
      v-for="one in rungsShown"
      :key="one.rung"
      :class="{ here: one.here, behind: one.behind, goal: one.rung === goal }"
      :aria-current="one.here ? 'step' : undefined"
    >
      <span class="mark" />
      <span class="words">{{ one.words }}</span>
      <span v-if="one.whose" class="whose">{{ one.whose.side.toLowerCase() }}</span>
    </li>
  </ol>
</template>

<style scoped>
.rungs {
  position: relative;
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  margin: 0;
}
.rungs li {
  position: relative;
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 3px;
  padding-top: 2px;
  color: var(--ink-2);
  font-size: 0.8125rem;
  line-height: 1rem;
  text-align: center;
}
.rungs li:not(:last-child)::after {
  position: absolute;
  top: 10px;
  left: 50%;
  width: 100%;
  height: 1.5px;
  background: var(--ribbon-edge);
  content: '';
}
.mark {
  z-index: 1;
  width: 12px;
  height: 12px;
  margin: 3px 0;
  border: 1.5px solid var(--kind);
  background: var(--surface);
}
.behind .mark {
  background: var(--kind);
}
.here .mark {
  width: 18px;
  height: 18px;
  margin: 0;
  background: var(--kind);
}
.here .words {
  color: var(--ink);
  font-weight: 700;
}
.goal .words {
  border-bottom: 1.5px solid var(--ink);
}
</style>
