<script setup lang="ts">
import { computed } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { ExerciseView } from '@/api/types'
import FigurePlayer from '@/hand/FigurePlayer.vue'
import StateMark from '@/parts/StateMark.vue'
import { duration } from '@/parts/words'
import LadderRungs from './LadderRungs.vue'

/** The exercise as it would be, and what is still open. */
const props = defineProps<{ problems: readonly FieldProblem[]; preview: ExerciseView | null }>()

const closedWith = computed(() =>
  [...(props.preview?.closedWithConditions ?? []), ...(props.preview?.closedWithSigns ?? [])].join(
    '; ',
  ),
)
</script>

<template>
  <aside aria-label="Preview">
    <template v-if="preview">
      <FigurePlayer :figure="preview.figure" :cues="preview.cues" :height="240" label="Preview" />
      <p class="total">
        <b>{{ preview.doses[0]?.words }}</b><br />
        <span class="large" data-total>{{ duration(preview.lengthMillis) }}</span> with set-up
      </p>
      <LadderRungs :kind="preview.kind" :rungs="preview.doses[0]?.rungs ?? []" />
      <p class="quiet small">
        {{ preview.beforePlay ? 'May stand before play.' : 'Does not stand before play.' }}
        <template v-if="closedWith">Closed with: {{ closedWith }}.</template>
      </p>
    </template>
    <p v-else class="quiet">The picture comes as soon as there is enough to draw.</p>
    <ul v-if="problems.length" class="open">
      <li v-for="(problem, i) in problems" :key="i">
        <StateMark state="WARN" />{{ problem.field }}: {{ problem.message }}
      </li>
    </ul>
  </aside>
</template>

<style scoped>
aside {
  position: sticky;
  top: 16px;
  align-self: start;
  padding: 16px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
.total {
  margin: 12px 0;
}
.open {
  margin-top: 12px;
  font-size: 0.8125rem;
}
</style>
