<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'
import type { Digit, Side, TempoRange } from '@/api/types'
import ChoiceRow from '@/form/ChoiceRow.vue'
import FingerSign from './FingerSign.vue'
import DeviceChoice from './DeviceChoice.vue'
import { KEYS, type TapInput } from './tapInput'
import TempoStepper from './TempoStepper.vue'
import { useFollowMe } from './useFollowMe'

/** A row that grows: it is shown finger by finger and done again with keys or by touch. */
const props = defineProps<{ clientId: string; digits: readonly Digit[]; tempo?: TempoRange }>()
const bpm = defineModel<number>('bpm', { required: true })

const HANDS: readonly { value: Side; label: string }[] = [
  { value: 'LEFT', label: 'Left hand' },
  { value: 'RIGHT', label: 'Right hand' },
]
const SEEDS = 1_000_000
const handChosen = ref<Side | null>('RIGHT')
const hand = computed<Side>(() => handChosen.value ?? 'RIGHT')
const input = shallowRef<TapInput | null>(null)
const game = useFollowMe(
  {
    rowOf: (seed) => api.followMe(props.clientId, { thumb: props.digits.includes('THUMB'), seed }),
    judge: (followed) => api.judgeFollowed(props.clientId, followed),
  },
  hand,
  bpm,
  input,
)
const fingers = computed<Record<Side, readonly Digit[]>>(() => ({
  LEFT: hand.value === 'LEFT' ? props.digits : [],
  RIGHT: hand.value === 'RIGHT' ? props.digits : [],
}))
const { message, attempt } = useAttempt()
const start = () => attempt(() => game.start(Math.floor(Math.random() * SEEDS)))
/** As they lie before one: of the left hand the little finger first. */
const laid = computed(() => (hand.value === 'LEFT' ? [...props.digits].reverse() : props.digits))
/** On keys one sees the backs of the hands: each looks as the other one's palm. */
const fromAbove = computed<Side>(() => (hand.value === 'LEFT' ? 'RIGHT' : 'LEFT'))
const word = (digit: Digit) => digit.toLowerCase()
const keyOf = (digit: Digit) =>
  Object.entries(KEYS[hand.value])
    .find(([, of]) => of === digit)?.[0]
    .replace('Key', '')
    .replace('Semicolon', ';')
const state = (digit: Digit) => ({ bent: digit === 'THUMB' ? [] : [digit], open: [] })
</script>

<template>
  <section class="follow" :data-state="game.state.value">
    <h2>Follow me</h2>
    <p class="quiet">
      A row is shown and you do it again; each time it is one tap longer. On keys it has to be on
      time too.
    </p>
    <div class="choose">
      <ChoiceRow v-model="handChosen" :options="HANDS" label="Hand" />
      <TempoStepper v-if="tempo" v-model="bpm" :range="tempo" words="bpm" />
    </div>
    <DeviceChoice :key="hand" v-model="input" :fingers="fingers" :stand-in="[]" />
    <div class="fingers">
      <button
        v-for="digit in laid"
        :key="digit"
        type="button"
        :class="{ lit: game.lit.value === digit, wrong: game.wrong.value === digit }"
        :disabled="game.state.value !== 'answering'"
        @click="game.answer(digit)"
      >
        <FingerSign :first="state(digit)" :side="fromAbove" :height="40" />
        <b>{{ word(digit) }}</b>
        <kbd v-if="input?.device.kind === 'COMPUTER_KEYBOARD'">{{ keyOf(digit) }}</kbd>
      </button>
    </div>
    <p class="said" role="status">
      <template v-if="game.state.value === 'showing'"
        ><template v-if="game.judgement.value"
          >{{ game.judgement.value.clean ? 'Clean' : 'Once more' }}:
          {{ game.judgement.value.words }}. </template
        >Look: {{ game.length.value }} {{ game.length.value === 1 ? 'tap' : 'taps' }}</template
      >
      <template v-else-if="game.state.value === 'answering'"
        >Now you: {{ game.answered.value }} of {{ game.length.value }}</template
      >
      <template v-else-if="game.state.value === 'over'"
        >{{ game.best.value }} in a row. It was
        {{ game.shown.value.map(word).join(', ') }}.</template
      >
      <template v-else>Keys lie under the fingers; a touch does as well.</template>
    </p>
    <p v-if="message" role="alert">{{ message }}</p>
    <div class="acts">
      <BButton v-if="!game.isOn.value" variant="primary" @click="start">{{
        game.state.value === 'over' ? 'Another row' : 'Show me'
      }}</BButton>
      <BButton v-else variant="outline-secondary" @click="game.stop()">Stop</BButton>
      <span v-if="game.best.value" class="quiet">longest so far: {{ game.best.value }}</span>
    </div>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 24px;
  margin-top: 12px;
}
.fingers {
  display: flex;
  gap: 8px;
  margin: 20px 0 12px;
}
.fingers button {
  --sign-ground: var(--surface);
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 8px;
  align-items: center;
  padding: 16px 4px 10px;
  border: 1.5px solid var(--edge);
  border-radius: var(--corner);
  background: var(--surface);
  color: var(--ink);
}
.fingers .lit {
  --sign-ground: var(--main);
  border-color: var(--main);
  background: var(--main);
  color: var(--on-main);
}
.fingers .wrong {
  border-color: var(--stop);
  outline: 2px solid var(--stop);
}
.said {
  min-height: 24px;
  font-weight: 700;
}
.acts {
  display: flex;
  gap: 12px;
  align-items: center;
}
</style>
