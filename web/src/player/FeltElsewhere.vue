<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Region, SafetyView, Sensation, Side, StepView } from '@/api/types'
import ChoiceRow from '@/form/ChoiceRow.vue'
import HandMap from '@/hand/HandMap.vue'
import { REGIONS, SENSATIONS, keys } from '@/parts/labels'
import { capital } from '@/parts/words'
import StageKey from './StageKey.vue'
import type { Felt } from './tellings'

/** Where a stretch is felt: the place meant is marked; another one gets the correcting cue. */
const props = defineProps<{ step: StepView; safety: SafetyView; felt: Felt | null }>()
const emit = defineEmits<{
  say: [felt: Felt]
  /** What is felt is no stretch but pain. */
  hurts: []
  close: []
}>()

const FEELINGS = keys(SENSATIONS)
  .filter((value) => value !== 'TREMOR' && value !== 'UNSTABLE')
  .map((value) => ({ value, label: SENSATIONS[value] }))
const chosen = ref<Felt | null>(props.felt)
const meant = computed(() => props.step.feeling.meant.map((region) => REGIONS[region]))
const asMeant = computed(
  () => chosen.value !== null && props.step.feeling.meant.includes(chosen.value.region),
)
function touch(side: Side, region: Region) {
  chosen.value = { side, region, sensation: chosen.value?.sensation ?? null }
  if (!props.step.feeling.meant.includes(region)) emit('say', chosen.value)
}
const sensation = computed<Sensation | null>({
  get: () => chosen.value?.sensation ?? null,
  set: (value) => {
    if (!chosen.value || value === null) return
    const { endingSensations, endingWithPain, endingStep } = props.safety
    if ([...endingSensations, ...endingWithPain, ...endingStep].includes(value)) {
      emit('hurts')
      return
    }
    chosen.value = { ...chosen.value, sensation: value }
    if (!asMeant.value) emit('say', chosen.value)
  },
})
</script>

<template>
  <section class="elsewhere" aria-labelledby="felt-heading">
    <header class="side-by-side">
      <h2 id="felt-heading">Felt elsewhere?</h2>
      <span class="quiet small">Touch the place, or leave it: it goes on by itself.</span>
      <StageKey class="push" word="Close" key-name="F" @click="emit('close')" />
    </header>
    <HandMap :height="230" touchable :meant="step.feeling.meant" :chosen="chosen" @choose="touch" />
    <div class="words" aria-live="polite">
      <p class="meant">
        <b>Meant: {{ meant.join('; ') || step.feltAt }}</b>
      </p>
      <template v-if="chosen && asMeant">
        <p>Just where it is meant.</p>
      </template>
      <template v-else-if="chosen">
        <p>
          <b>Felt: {{ chosen.side.toLowerCase() }} {{ REGIONS[chosen.region] }}</b>
        </p>
        <p class="cure">
          {{ step.cue }}<template v-if="step.mistakes[0]"> Mind: {{ step.mistakes[0] }}</template>
        </p>
        <p v-if="step.feeling.instead" class="quiet">
          Still there another day? <b>{{ step.feeling.instead }}</b> takes its place.
        </p>
      </template>
      <ChoiceRow
        v-if="chosen && !asMeant"
        v-model="sensation"
        :label="`${capital('what it is like')}`"
        :options="FEELINGS"
      />
    </div>
  </section>
</template>

<style scoped>
.elsewhere {
  display: grid;
  gap: 8px;
  align-content: start;
  min-height: 0;
  padding-top: 8px;
  overflow-y: auto;
  scrollbar-width: none;
}
header {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  align-items: center;
}
h2 {
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.meant {
  color: var(--side);
}
.cure {
  padding-left: 12px;
  border-left: 3px solid var(--live);
}
.words {
  display: grid;
  gap: 6px;
}
@media (max-width: 900px) {
  .elsewhere {
    position: fixed;
    z-index: 15;
    inset: 0;
    padding: 16px;
    background: var(--ground);
  }
}
</style>
