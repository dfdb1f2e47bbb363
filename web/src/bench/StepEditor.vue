<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { BenchStep, SidesChoice, StepDraft, Turn } from '@/api/types'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { POSITIONS } from '@/parts/labels'
import { duration } from '@/parts/words'
import KindLetter from '@/tape/KindLetter.vue'
import StepTime from './StepTime.vue'
import StepWords from './StepWords.vue'

/** The chosen step: its dose typed or stepped, its sides, its figure, how its time adds up. */
const props = defineProps<{
  step: BenchStep
  /** Whether nothing comes after it. */
  last?: boolean
}>()
const emit = defineEmits<{
  put: [changed: Partial<StepDraft>]
  sides: [sides: SidesChoice]
  duplicate: []
  turn: [turn: Turn]
  remove: []
  swap: []
  from: []
}>()

const typed = ref('')
// A dose that could not be read stays as it was typed, so that nothing is lost.
watch(
  [() => props.step.draft.key, () => props.step.doseWords, () => props.step.typedWrong],
  ([, words, wrong]) => {
    typed.value = wrong ? (props.step.draft.typed ?? words) : words
  },
  { immediate: true },
)
function type() {
  if (typed.value !== props.step.doseWords) emit('put', { typed: typed.value })
}
function dose(text: string | null) {
  if (text) emit('put', { dose: text, typed: null })
}
const SIDES: readonly { value: SidesChoice; label: string }[] = [
  { value: 'USUAL', label: 'Each' },
  { value: 'LEFT', label: 'Left only' },
  { value: 'RIGHT', label: 'Right only' },
  { value: 'SPLIT', label: 'Split' },
]
const sides = computed<SidesChoice | null>({
  get: () =>
    props.step.laterality === 'ONE_SIDE'
      ? props.step.draft.firstSide === 'LEFT'
        ? 'LEFT'
        : 'RIGHT'
      : 'USUAL',
  set: (choice) => {
    if (choice) emit('sides', choice)
  },
})
const usualWord = computed(
  () =>
    ({
      EACH: 'Each',
      IN_TURN: 'In turn',
      TOGETHER: 'Together',
      ALTERNATING: 'Alternating',
      WORKING_SIDE: 'Working side',
      ONE_SIDE: 'One',
    })[props.step.usualLaterality],
)
const sideOptions = computed<readonly { value: SidesChoice; label: string }[]>(() => {
  if (props.step.usualLaterality === 'EACH') return SIDES
  const usual = { value: 'USUAL' as const, label: usualWord.value }
  return props.step.usualLaterality === 'IN_TURN'
    ? [usual, ...SIDES.filter(({ value }) => value === 'LEFT' || value === 'RIGHT')]
    : [usual]
})
const positions = computed(() =>
  props.step.positions.map((value) => ({ value, label: POSITIONS[value] })),
)
const UNITS: Readonly<Record<string, string>> = { s: 's', times: 'times' }
const quantityWords = computed(() => {
  const q = props.step.quantity
  return `${q.now}\u00a0${UNITS[q.name] ?? q.name}`
})
</script>

<template>
  <section class="editor" aria-label="Chosen step">
    <header>
      <KindLetter :kind="step.kind" />
      <h2>{{ step.title }}</h2>
      <b class="length">{{ duration(step.lengthMillis) }}</b>
      <BButton variant="link" size="sm" @click="emit('from')">Try from here</BButton>
      <BButton variant="link" size="sm" @click="emit('duplicate')">Duplicate</BButton>
      <BButton v-if="step.turn" variant="link" size="sm" @click="emit('turn', 'APART')"
        >Take the circuit apart</BButton
      >
      <BButton v-if="!last" variant="link" size="sm" @click="emit('turn', 'WITH_THE_NEXT')"
        >In turn with the next</BButton
      >
      <BButton
        v-if="step.laterality === 'EACH' && !step.turn"
        variant="link"
        size="sm"
        @click="emit('turn', 'ARM_BY_ARM')"
        >Arm by arm</BButton
      >
      <BButton variant="link" size="sm" @click="emit('swap')">Swap</BButton>
      <BButton variant="link" size="sm" @click="emit('remove')">Remove</BButton>
    </header>
    <div class="halves">
      <StepWords :step="step" />
      <div class="fields">
        <div class="field">
          <label class="form-label" for="bench-dose">Dose</label>
          <input
            id="bench-dose"
            v-model="typed"
            class="form-control"
            :class="{ 'is-invalid': step.typedWrong }"
            :aria-describedby="step.typedWrong ? 'bench-dose-wrong' : 'bench-dose-bounds'"
            @change="type"
          />
          <p v-if="step.typedWrong" id="bench-dose-wrong" class="wrong" role="alert">
            {{ step.typedWrong }}
          </p>
          <p v-else id="bench-dose-bounds" class="quiet small">
            {{ step.quantity.least }} to {{ step.quantity.greatest }} {{ step.quantity.name }} are
            safe
          </p>
        </div>
        <div class="field inline">
          <span class="form-label">One {{ step.quantity.name === 's' ? 'time' : 'step' }}</span>
          <span class="stepper">
            <button
              type="button"
              aria-label="Less"
              :disabled="!step.quantity.less"
              @click="dose(step.quantity.less)"
            >
              −
            </button>
            <output>{{ quantityWords }}</output>
            <button
              type="button"
              aria-label="More"
              :disabled="!step.quantity.more"
              @click="dose(step.quantity.more)"
            >
              +
            </button>
          </span>
        </div>
        <div class="field inline">
          <span class="form-label">Sides</span>
          <ChoiceRow v-model="sides" label="Sides" :options="sideOptions" />
        </div>
        <div v-if="positions.length > 1" class="field inline">
          <span class="form-label">Position</span>
          <ChoiceRow
            :model-value="step.draft.position"
            label="Position"
            :options="positions"
            @update:model-value="$event && emit('put', { position: $event })"
          />
        </div>
        <div class="field inline">
          <label class="check">
            <input
              type="checkbox"
              class="form-check-input"
              :checked="step.draft.pinned"
              @change="emit('put', { pinned: ($event.target as HTMLInputElement).checked })"
            />
            Pinned: stays when composed again
          </label>
          <label v-if="step.mayRelease" class="check">
            <input
              type="checkbox"
              class="form-check-input"
              :checked="step.draft.released"
              @change="emit('put', { released: ($event.target as HTMLInputElement).checked })"
            />
            Release after the hold
          </label>
        </div>
        <StepTime :step="step" @dose="dose" />
      </div>
    </div>
  </section>
</template>

<style scoped>
.editor {
  padding: 14px 20px 18px;
  border: 1px solid var(--line);
  border-radius: var(--corner);
  background: var(--surface);
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin-bottom: 8px;
}
header h2 {
  flex: 1 0 auto;
  max-width: calc(100% - 40px);
}
header .btn {
  flex: none;
  padding: 4px 6px;
  font-size: 0.8125rem;
  text-decoration: none;
}
header h2 {
  min-width: 0;
}
.length {
  margin-left: 8px;
  font-size: 1.25rem;
  white-space: nowrap;
}
.halves {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
  gap: 20px;
}
.fields {
  display: grid;
  gap: 10px;
  align-content: start;
}
.inline {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
}
.inline > .form-label {
  min-width: 60px;
  margin: 0;
}
.inline :deep(.choices button) {
  min-height: 30px;
  padding: 0 9px;
  font-size: 0.8125rem;
}
.wrong {
  margin-top: 4px;
  color: var(--stop);
  font-weight: 600;
  font-size: 0.8125rem;
}
@media (max-width: 1100px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
