<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Digit, TapRow, TapTaskQuery, TapTestsView, TwoHandedRow } from '@/api/types'
import { DIGITS, keys } from '@/parts/labels'
import TempoStepper from '@/workshop/TempoStepper.vue'
import TapFile from './TapFile.vue'

/** Which test is made: the row, the hands, the pace. */
const props = defineProps<{ clientId: string; tests: TapTestsView }>()
const emit = defineEmits<{ start: [query: TapTaskQuery] }>()

const ROWS: readonly { value: TapRow | 'SPEED'; word: string }[] = [
  { value: 'TRANSITIONS', word: 'Every transition once' },
  { value: 'ORDER', word: 'Index to little' },
  { value: 'PAIR', word: 'Two fingers in turn' },
  { value: 'ONE', word: 'One finger' },
  { value: 'SPEED', word: 'Ten seconds of speed' },
]
const HANDS: readonly { value: TwoHandedRow; word: string }[] = [
  { value: 'MIRRORED', word: 'Both, mirrored' },
  { value: 'PARALLEL', word: 'Both, parallel' },
  { value: 'LEFT', word: 'Left' },
  { value: 'RIGHT', word: 'Right' },
]
const row = ref<TapRow | 'SPEED'>('TRANSITIONS')
const hands = ref<TwoHandedRow>('MIRRORED')
const pace = ref<'CLICK_THEN_ALONE' | 'OWN'>('CLICK_THEN_ALONE')
const thumb = ref(false)
const from = ref<Digit>('RING')
const to = ref<Digit>('LITTLE')
const notes = ref(2)
const bpmChosen = ref<number>()
const bpm = computed({
  get: () => bpmChosen.value ?? props.tests.bpm,
  set: (value) => (bpmChosen.value = value),
})
const range = computed(() => ({
  least: props.tests.leastBpm,
  greatest: props.tests.greatestBpm,
  step: 1,
  first: props.tests.bpm,
}))
const speed = computed(() => row.value === 'SPEED')
const query = computed<TapTaskQuery>(() => {
  const what = row.value === 'SPEED' ? 'ONE' : row.value
  const alone = what === 'ONE' || what === 'PAIR'
  return {
    pace: speed.value ? 'SPEED' : pace.value,
    what,
    hands: hands.value,
    thumb: !alone && thumb.value,
    notesABeat: speed.value ? 1 : notes.value,
    ...(alone ? { from: from.value } : {}),
    ...(what === 'PAIR' ? { to: to.value } : {}),
    ...(!speed.value && pace.value === 'CLICK_THEN_ALONE' ? { bpm: bpm.value } : {}),
  }
})
</script>

<template>
  <form class="chooser" @submit.prevent="emit('start', query)">
    <label
      >Row
      <select v-model="row" class="form-select">
        <option v-for="one in ROWS" :key="one.value" :value="one.value">{{ one.word }}</option>
      </select>
    </label>
    <p v-if="row === 'PAIR' || row === 'ONE' || speed" class="pair">
      <label class="grow"
        >Finger
        <select v-model="from" class="form-select">
          <option v-for="digit in keys(DIGITS)" :key="digit" :value="digit">
            {{ DIGITS[digit] }}
          </option>
        </select>
      </label>
      <label v-if="row === 'PAIR'" class="grow"
        >and
        <select v-model="to" class="form-select">
          <option v-for="digit in keys(DIGITS)" :key="digit" :value="digit">
            {{ DIGITS[digit] }}
          </option>
        </select>
      </label>
    </p>
    <label v-else class="check"
      ><input v-model="thumb" type="checkbox" class="form-check-input" /> with the thumb</label
    >
    <label
      >Hands
      <select v-model="hands" class="form-select">
        <option v-for="one in HANDS" :key="one.value" :value="one.value">{{ one.word }}</option>
      </select>
    </label>
    <template v-if="!speed">
      <label
        >Pace
        <select v-model="pace" class="form-select">
          <option value="CLICK_THEN_ALONE">Click, then alone</option>
          <option value="OWN">Own pace</option>
        </select>
      </label>
      <template v-if="pace === 'CLICK_THEN_ALONE'">
        <TempoStepper v-model="bpm" :range="range" words="bpm" />
        <label
          >Taps a beat
          <select v-model.number="notes" class="form-select">
            <option v-for="n in 4" :key="n" :value="n">{{ n }}</option>
          </select>
        </label>
      </template>
    </template>
    <BButton type="submit" variant="primary">Start the test</BButton>
  </form>
  <TapFile :client-id="clientId" :query="query" />
</template>

<style scoped>
.chooser {
  display: grid;
  gap: 10px;
}
label {
  color: var(--ink-2);
  font-size: 0.8125rem;
}
.check {
  display: flex;
  gap: 8px;
  align-items: center;
}
.pair {
  display: flex;
  gap: 8px;
  margin: 0;
}
.grow {
  flex: 1;
  min-width: 0;
}
</style>
