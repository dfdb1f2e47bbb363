<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'
import type { Digit, LiftTaskView, Side, SimulatedHands, SimulatedLift } from '@/api/types'
import { capital } from '@/parts/words'
import { COMPUTER_KEYBOARD, simulatedInput, type TapInput } from '@/workshop/tapInput'
import KeysTogether from '@/workshop/KeysTogether.vue'
import { SIMULATED_NAME } from '@/workshop/simulated'
import TapHands from './TapHands.vue'
import TapReady from './TapReady.vue'
import TestStage from './TestStage.vue'
import { useLiftRun } from './useLiftRun'
import { useTest } from './useTest'

/** Hold and lift on keys. */
const props = defineProps<{
  clientId: string
  wish: { side?: Side; thumb: boolean; seed: number }
  task: LiftTaskView
  needed: readonly Digit[]
  standIn: boolean
}>()
const emit = defineEmits<{ leave: []; measured: [test: string] }>()

const input = shallowRef<TapInput | null>(null)
const lifts = shallowRef<readonly SimulatedLift[] | null>(null)
const run = useLiftRun(
  props.task,
  () => input.value,
  () => lifts.value,
)
const { state, turn, ask, side, missing, down } = run
const test = useTest(run, {
  keep: async (frame) => {
    const kept = await api.keepLifts(props.clientId, {
      frame,
      digits: props.task.digits,
      device: input.value?.device ?? COMPUTER_KEYBOARD,
      moves: [...run.moves.value],
    })
    return kept.result !== null
  },
  measured: (id) => emit('measured', id),
  leave: () => emit('leave'),
})
const sides = computed(() => [...new Set(props.task.asks.map((one) => one.side))])
const fingers = computed<Record<Side, readonly Digit[]>>(() => ({
  LEFT: sides.value.includes('LEFT') ? props.task.digits : [],
  RIGHT: sides.value.includes('RIGHT') ? props.task.digits : [],
}))
const found = ref(false)
const known = computed(() => found.value || lifts.value !== null)
const { message: simulating, attempt } = useAttempt()
async function simulated(hands: SimulatedHands | null) {
  lifts.value = null
  if (!hands) return
  await attempt(async () => {
    const { seed, ...which } = props.wish
    lifts.value = await api.simulatedLifts(props.clientId, { ...which, order: seed }, hands)
    input.value = simulatedInput([], SIMULATED_NAME)
  })
}
const next = computed(() =>
  state.value === 'asking' && ask.value ? { [ask.value.side]: ask.value.digit } : {},
)
</script>

<template>
  <TestStage
    :test="test"
    title="Hold and lift"
    doing="all keys held, one finger lifted on request"
    :left="`${turn} of ${task.asks.length}`"
    :safety="task.safety"
  >
    <template #ready>
      <TapReady
        v-model:input="input"
        title="Hold and lift"
        :safety="task.safety"
        :fingers="fingers"
        :stand-in="standIn ? ['leak', 'seed'] : []"
        :closed="task.closed"
        :waits="!known"
        @start="test.begin"
        @leave="emit('leave')"
        @simulated="simulated"
      >
        <div>
          <TapHands :fingers="fingers" :next="{}" />
          <KeysTogether
            v-if="input && !lifts && !task.closed"
            v-model="found"
            :input="input"
            :sides="sides"
            :fingers="fingers"
          >
            <template #not-yet
              >A keyboard that never reports {{ needed.length }} together cannot be used; take a
              MIDI keyboard.</template
            >
          </KeysTogether>
        </div>
        <template #lead>
          Rest the fingers of a hand on their keys and hold them all down. The finger that lights up
          is lifted, as high as is easy, and put back; the others stay. {{ task.asks.length }} lifts
          in all.
          <span v-if="simulating" role="alert">{{ simulating }}</span>
        </template>
      </TapReady>
    </template>
    <TapHands :fingers="fingers" :next="next" :down="down" />
    <div class="stage-words" aria-live="polite">
      <p class="kind">{{ capital(side.toLowerCase()) }} hand</p>
      <h1 v-if="state === 'asking'">Lift the {{ ask?.digit.toLowerCase() }}</h1>
      <h1 v-else-if="missing.length">Hold all its keys</h1>
      <h1 v-else>Wait</h1>
      <p v-if="state === 'asking'" class="quiet lead">As high as is easy, then back.</p>
      <p v-else-if="missing.length" class="quiet lead">
        {{ missing.length }} of {{ task.digits.length }} keys are up; press them anew.
      </p>
    </div>
  </TestStage>
</template>

<style scoped>
.kind {
  margin: 0;
  color: var(--side);
  font-size: 1.25rem;
}
h1 {
  margin: 0;
  font-size: 2.75rem;
  line-height: 3.25rem;
}
.lead {
  font-size: 1.25rem;
}
</style>
