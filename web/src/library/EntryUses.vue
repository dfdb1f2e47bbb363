<script setup lang="ts">
import { computed } from 'vue'
import type { ExerciseView, RegionUseView, Side } from '@/api/types'
import HandMap from '@/hand/HandMap.vue'
import { capital } from '@/parts/words'
import { regionWords } from './regionWords'

/** Which places of both hands an exercise uses, and what closes it. */
const props = defineProps<{ exercise: ExerciseView }>()

/** Drawn on both hands: right the side that acts, left the hand that helps. */
const onTheHands = computed(() => {
  const of = (side: Side, uses: readonly RegionUseView[]) =>
    uses.map((use) => ({ side, region: use.region, level: use.level }))
  return [...of('RIGHT', props.exercise.uses), ...of('LEFT', props.exercise.helper)]
})
/** "loads thumb; palm · moves or touches neck" */
const usedWords = (uses: readonly RegionUseView[]) =>
  [3, 2, 1]
    .map((level) => uses.filter((use) => use.level === level))
    .filter((some) => some.length)
    .map((some) => `${some[0]?.words ?? ''} ${regionWords(some.map((use) => use.region))}`)
    .join(' · ')
</script>

<template>
  <section class="body used" aria-label="Uses">
    <h3>Uses</h3>
    <HandMap
      v-if="onTheHands.length"
      :pains="onTheHands"
      :height="190"
      numbers="use"
      :names="{ LEFT: exercise.helper.length ? 'Helps' : '', RIGHT: 'Acts' }"
    />
    <div>
      <p>{{ capital(usedWords(exercise.uses)) }}.</p>
      <p v-if="exercise.helper.length">The hand that helps {{ usedWords(exercise.helper) }}.</p>
      <p v-if="exercise.role">For {{ exercise.role }}, whichever hand is dominant.</p>
    </div>
  </section>
  <section
    v-if="exercise.closedWithSigns.length || exercise.closedWithConditions.length"
    class="signs"
  >
    <h3>Closed with</h3>
    <p v-if="exercise.closedWithConditions.length">
      <b>Conditions:</b> {{ exercise.closedWithConditions.join('; ') }}.
    </p>
    <p v-if="exercise.closedWithSigns.length">
      <b>Signs:</b> {{ exercise.closedWithSigns.join('; ') }}.
    </p>
    <p class="quiet">
      {{ exercise.closedBecause.join(' ') }} A clinician first, on the side where it is.
    </p>
  </section>
</template>

<style scoped>
.used {
  display: grid;
  grid-template-columns: minmax(0, 250px) minmax(0, 1fr);
  gap: 4px 24px;
}
.used h3 {
  grid-column: 1 / -1;
}
.signs {
  margin: 12px 0 0;
  padding: 8px 12px;
  border-left: 3px solid var(--warn);
  background: var(--warn-wash);
}
h3 {
  font-size: 0.875rem;
}
</style>
