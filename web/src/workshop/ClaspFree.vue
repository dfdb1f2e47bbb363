<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ClaspView, Digit } from '@/api/types'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { capital } from '@/parts/words'
import { useBeat } from './useBeat'

/** In a clasp: what is free touches its twin tip to tip on the beat, together or staggered. */
const props = defineProps<{ clasp: ClaspView; bpm: number }>()
const emit = defineEmits<{ grip: [letter: string]; close: [] }>()

const WAYS = [
  { value: 'TOGETHER' as const, label: 'Together' },
  { value: 'STAGGERED' as const, label: 'Staggered' },
]
const wayChosen = ref<'TOGETHER' | 'STAGGERED' | null>('TOGETHER')
const beat = useBeat(
  computed(() => props.bpm),
  ref(1),
)
watch(() => props.bpm, beat.retune)
watch(() => props.clasp.letter, beat.stop)

const row = computed(() => props.clasp.freeRow)
const grips = computed(() => props.clasp.grips.filter((letter) => letter !== props.clasp.letter))
const at = (ahead: number): Digit =>
  row.value[(Math.floor(beat.beats.value) + ahead) % row.value.length] ?? 'THUMB'
const said = computed(() => {
  const left = at(0).toLowerCase()
  return wayChosen.value === 'STAGGERED'
    ? `left ${left}, right ${at(1).toLowerCase()}`
    : `${left} tips touch`
})
</script>

<template>
  <section aria-labelledby="free-heading">
    <h1 id="free-heading">Free fingers in {{ clasp.letter }}</h1>
    <p class="quiet">
      {{ capital(clasp.held) }}. What is free touches its twin, tip to tip, and goes back:
      {{ row.map((digit) => digit.toLowerCase()).join(', ') }}.
    </p>
    <p v-if="grips.length">
      Two grips at once. By itself, the other pair free:
      <BButton
        v-for="letter in grips"
        :key="letter"
        size="sm"
        variant="outline-secondary"
        @click="emit('grip', letter)"
        >Free fingers in {{ letter }}</BButton
      >
    </p>
    <ChoiceRow v-model="wayChosen" :options="WAYS" label="Both hands" />
    <p class="now" role="status">
      <template v-if="beat.on.value">{{ said }}</template><template v-else
        >One touch a beat.</template
      >
    </p>
    <div class="acts">
      <BButton variant="primary" @click="beat.on.value ? beat.stop() : beat.start()">{{
        beat.on.value ? 'Stop' : 'Start'
      }}</BButton>
      <BButton variant="outline-secondary" @click="emit('close')">The walk again</BButton>
    </div>
  </section>
</template>

<style scoped>
h1 {
  margin: 0;
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.now {
  margin: 12px 0;
  font-size: 1.25rem;
  font-weight: 700;
}
.acts {
  display: flex;
  gap: 12px;
}
</style>
