<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import type { PainForm, Region, SafetyView, Sensation, Side } from '@/api/types'
import PlaceChooser from '@/hand/PlaceChooser.vue'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { REGIONS, SENSATIONS, keys } from '@/parts/labels'
import { capital } from '@/parts/words'

/** "It hurts": where, how much, how it feels; then on, or the end. */
const props = defineProps<{
  stepTitle: string
  safety: SafetyView
  /** Whether it is done against a load. */
  loaded?: boolean
  /** Whether the step can be made a rung easier. */
  mayEase?: boolean
  /** Whether a dull burn is what the count is for. */
  burnIsWanted?: boolean
  /** Whether somebody is asked how it was when it ends. */
  asksAfter?: boolean
}>()
const emit = defineEmits<{
  on: [pain: PainForm]
  /** The same step, a rung easier. */
  easier: [pain: PainForm]
  /** It only burns, as it is meant to. */
  burns: []
  /** What hurts is said afterwards where nothing was said before the end. */
  end: [pain: PainForm | null, forSafety: boolean]
  cancel: []
}>()

const LEVELS = Array.from({ length: 11 }, (_, n) => ({
  value: n,
  label: String(n),
  hot: n >= props.safety.endingPain,
}))
const FEELINGS = keys(SENSATIONS).map((value) => ({ value, label: SENSATIONS[value] }))
const place = ref<{ side: Side; region: Region } | null>(null)
const level = ref<number | null>(null)
const sensation = ref<Sensation | null>(null)
const heading = ref<HTMLElement | null>(null)
onMounted(() => void nextTick(() => heading.value?.focus()))

const pain = computed<PainForm | null>(() =>
  place.value && level.value !== null
    ? { ...place.value, level: level.value, sensation: sensation.value }
    : null,
)
/** The numbers are the server's; only the comparison is made here. */
const ends = computed(
  () =>
    (level.value !== null && level.value >= props.safety.endingPain) ||
    (sensation.value !== null && props.safety.endingSensations.includes(sensation.value)) ||
    (sensation.value !== null &&
      Boolean(level.value) &&
      props.safety.endingWithPain.includes(sensation.value)) ||
    (props.loaded && sensation.value === 'TREMOR'),
)
/** Little enough to go on with, a rung easier. */
const littleEnough = computed(
  () =>
    props.mayEase &&
    !ends.value &&
    level.value !== null &&
    level.value <= props.safety.easierUpToPain &&
    !(sensation.value !== null && props.safety.endingStep.includes(sensation.value)),
)
const onlyBurns = computed(() => props.burnIsWanted && !ends.value && sensation.value === 'BURN')
const shown = computed(() =>
  place.value && level.value !== null ? [{ ...place.value, level: level.value }] : [],
)
</script>

<template>
  <div class="cover">
    <section class="panel" role="dialog" aria-modal="true" aria-labelledby="hurts-heading">
      <h1 id="hurts-heading" ref="heading" tabindex="-1">Where does it hurt?</h1>
      <p class="quiet">{{ stepTitle }} is stopped and waits. Touch the place.</p>
      <PlaceChooser v-model="place" :pains="shown" />
      <div>
        <h2>
          {{
            place
              ? `${capital(place.side.toLowerCase())} ${REGIONS[place.region]}: how much?`
              : 'How much?'
          }}
        </h2>
        <ChoiceRow
          v-model="level"
          label="Pain, 0 to 10"
          :options="LEVELS"
          :stop-before="safety.endingPain"
          wide
        />
      </div>
      <ChoiceRow v-model="sensation" label="How it feels" :options="FEELINGS" />
      <p v-if="ends" class="advice" role="alert">{{ safety.advice }}</p>
      <p v-else-if="onlyBurns" class="advice">
        A dull burn is meant here, and from where it burns is kept. Anything else ends the set.
      </p>
      <p v-else-if="pain && littleEnough" class="advice">
        Go on a rung easier, or leave {{ stepTitle }} for today. Your coach sees it.
      </p>
      <p v-else-if="pain" class="advice">{{ stepTitle }} is over for today. Your coach sees it.</p>
      <div class="buttons">
        <button v-if="onlyBurns" type="button" @click="emit('burns')">
          Go on counting<span>the burn is what it is for</span>
        </button>
        <button
          v-if="littleEnough"
          type="button"
          :disabled="!pain"
          @click="pain && emit('easier', pain)"
        >
          Easier<span>and go on with this</span>
        </button>
        <button
          v-if="!ends"
          type="button"
          class="go"
          :disabled="!pain"
          @click="pain && emit('on', pain)"
        >
          Go on<span>with the next step</span>
        </button>
        <button type="button" :class="{ go: ends }" @click="emit('end', pain, ends)">
          End here<span>{{ asksAfter ? 'and say how it was' : 'and keep it' }}</span>
        </button>
        <button type="button" @click="emit('cancel')">Back<span>it was nothing</span></button>
      </div>
    </section>
  </div>
</template>

<style scoped>
.cover {
  position: fixed;
  z-index: 20;
  inset: 0;
  overflow-y: auto;
  background: var(--ground);
}
.panel {
  display: grid;
  gap: 12px;
  align-content: start;
  width: min(640px, 100%);
  margin: 0 auto;
  padding: 24px 16px;
}
.panel h2 {
  margin-bottom: 4px;
  font-size: 1rem;
}
.panel :deep(.choices button) {
  min-height: 48px;
}
.panel :deep(.hot) {
  color: #f7b08c;
}
.advice {
  padding-left: 12px;
  border-left: 3px solid var(--live);
  font: 600 1rem/1.5rem var(--font);
}
.buttons {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  gap: 8px;
}
.buttons button {
  display: grid;
  min-height: 56px;
  border: 1.5px solid var(--edge);
  border-radius: var(--corner);
  background: transparent;
  color: var(--ink);
  font: 600 1rem/1.375rem var(--font);
  place-content: center;
}
.buttons button:disabled {
  opacity: 0.45;
}
.buttons span {
  color: var(--ink-2);
  font: 400 0.875rem/1.125rem var(--font);
}
.buttons .go {
  border-color: var(--ink);
  background: var(--ink);
  color: var(--ground);
}
.buttons .go span {
  color: #38494d;
}
</style>
