<script setup lang="ts">
import type { DrillView, StateView } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import { capital } from '@/parts/words'
import { handsOf, keyframeOf } from './sign'

/** The hands of a drill, each doing its own part. */
defineProps<{
  drill: DrillView
  /** Between which states of a hand one is, and how far. */
  pose: (states: readonly StateView[]) => { from: string; to: string; progress: number }
}>()
</script>

<template>
  <div class="hands">
    <figure v-for="hand in handsOf(drill)" :key="hand.side">
      <ExerciseFigure
        view="PALM"
        :poses="hand.states.map(keyframeOf)"
        v-bind="pose(hand.states)"
        :sides="hand.side"
        :worked="hand.states[0]?.bent ?? []"
        :label="`${drill.title}, ${capital(hand.side.toLowerCase())}`"
        :height="340"
        moving
      />
      <figcaption>{{ capital(hand.side.toLowerCase()) }}</figcaption>
    </figure>
  </div>
</template>

<style scoped>
.hands {
  display: flex;
  gap: 24px;
  align-items: center;
  justify-content: center;
  min-height: 0;
}
figure {
  margin: 0;
  color: var(--side);
  font-size: 1.25rem;
  font-weight: 700;
  text-align: center;
}
.hands svg {
  width: auto;
  max-width: 100%;
  height: min(360px, 44vh);
}
@media (max-width: 900px) {
  .hands svg {
    height: min(220px, 26vh);
  }
}
</style>
