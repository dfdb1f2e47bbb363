<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'
import type { Digit, LiftTaskView, PainForm, Side, SimulatedLift, TestFrame } from '@/api/types'
import { capital } from '@/parts/words'
import HurtsPanel from '@/player/HurtsPanel.vue'
import StageFrame from '@/player/StageFrame.vue'
import StageKey from '@/player/StageKey.vue'
import { simulatedInput, type TapInput } from '@/workshop/tapInput'
import KeysTogether from './KeysTogether.vue'
import { SIMULATED_NAME, usualHands } from './simulated'
import TapHands from './TapHands.vue'
import TapReady from './TapReady.vue'
import TestOver from './TestOver.vue'
import { useLiftRun } from './useLiftRun'
import { useTestEnd } from './useTestEnd'

/** Hold and lift on the stage. */
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
const test = useTestEnd(run.times)
const { message, attempt } = useAttempt()
const sides = computed(() => [...new Set(props.task.asks.map((one) => one.side))])
const fingers = computed<Record<Side, readonly Digit[]>>(() => ({
  LEFT: sides.value.includes('LEFT') ? props.task.digits : [],
  RIGHT: sides.value.includes('RIGHT') ? props.task.digits : [],
}))
const found = ref(false)
const known = computed(() => found.value || lifts.value !== null)
async function simulated(on: boolean) {
  lifts.value = null
  if (!on) return
  await attempt(async () => {
    const hands = { ...usualHands(), seed: props.wish.seed }
    const { side: of, thumb } = props.wish
    lifts.value = await api.simulatedLifts(
      props.clientId,
      { ...(of ? { side: of } : {}), thumb },
      hands,
    )
    input.value = simulatedInput([], SIMULATED_NAME)
  })
}
function begin(before: PainForm[] | null) {
  test.before.value = before
  run.start()
}
function again() {
  test.anew()
  message.value = ''
  run.start()
}
const ending = ref<TestFrame['ending']>('DONE')
async function keep(how: TestFrame['ending']) {
  ending.value = how
  await attempt(async () => {
    const frame = test.frame(how)
    const kept = await api.keepLifts(props.clientId, {
      frame,
      digits: props.task.digits,
      device: input.value?.device ?? { kind: 'COMPUTER_KEYBOARD', name: '' },
      moves: [...run.moves.value],
    })
    if (kept.result) emit('measured', frame.testId)
  })
}
watch(state, (to) => {
  if (to === 'done') void keep('DONE')
})
const hurting = ref(false)
const stopped = ref(false)
function hurts() {
  if (!run.isOn()) return
  run.leave()
  hurting.value = true
}
function end(pain: PainForm | null, forSafety: boolean) {
  hurting.value = false
  stopped.value = forSafety
  if (pain) test.hurts.value.push(pain)
  void keep(forSafety ? 'STOPPED' : 'LEFT')
}
function leave() {
  if (run.isOn()) run.leave()
  emit('leave')
}
useEventListener(document, 'keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || hurting.value) return
  if (state.value === 'ready') return
  const acts: Readonly<Record<string, () => void>> = { ' ': hurts, Home: again, Escape: leave }
  const act = acts[event.key]
  if (!act || event.repeat) return
  event.preventDefault()
  act()
})
const next = computed(() =>
  state.value === 'asking' && ask.value ? { [ask.value.side]: ask.value.digit } : {},
)
</script>

<template>
  <StageFrame :data-state="state">
    <div class="under" :inert="hurting">
      <header class="top">
        <strong>Hold and lift</strong>
        <span class="quiet">all keys held, one finger lifted on request</span>
        <span class="left">{{ turn }} of {{ task.asks.length }}</span>
      </header>
      <TapReady
        v-if="state === 'ready'"
        v-model:input="input"
        title="Hold and lift"
        :safety="task.safety"
        :fingers="fingers"
        :stand-in="standIn"
        :closed="task.closed"
        :waits="!known"
        @start="begin"
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
            :digits="task.digits"
            :needed="needed"
          />
        </div>
        <template #lead>
          Rest the fingers of a hand on their keys and hold them all down. The finger that lights up
          is lifted, as high as is easy, and put back; the others stay. {{ task.asks.length }} lifts
          in all.
        </template>
      </TapReady>
      <TestOver
        v-else-if="state === 'void' || state === 'left' || message"
        :stopped="stopped"
        :lost="state === 'void'"
        :message="message"
        :advice="task.safety.advice"
        @keep="keep(ending)"
        @again="again"
        @leave="leave"
      />
      <template v-else>
        <TapHands :fingers="fingers" :next="next" :down="down" />
        <div class="words" aria-live="polite">
          <p class="kind">{{ capital(side.toLowerCase()) }} hand</p>
          <h1 v-if="state === 'asking'">Lift the {{ ask?.digit.toLowerCase() }}</h1>
          <h1 v-else-if="missing.length">Hold all its keys</h1>
          <h1 v-else>Wait</h1>
          <p v-if="state === 'asking'" class="quiet lead">As high as is easy, then back.</p>
          <p v-else-if="missing.length" class="quiet lead">
            {{ missing.length }} of {{ task.digits.length }} keys are up.
          </p>
        </div>
        <nav class="keys" aria-label="Test">
          <StageKey word="Start again" key-name="Home" @click="again" />
          <StageKey hurt word="It hurts" key-name="Space" @click="hurts" />
          <span class="push quiet">Leaving this window makes the test void.</span>
          <StageKey word="Leave" key-name="Esc" @click="leave" />
        </nav>
      </template>
    </div>
    <HurtsPanel
      v-if="hurting"
      step-title="Hold and lift"
      :safety="task.safety"
      :loaded="false"
      :may-ease="false"
      :burn-is-wanted="false"
      :asks-after="false"
      @on="(pain) => end(pain, false)"
      @end="end"
      @cancel="hurting = false"
    />
  </StageFrame>
</template>

<style scoped>
.under {
  display: contents;
}
.top {
  display: flex;
  grid-column: 1 / -1;
  gap: 16px;
  align-items: center;
}
.left {
  margin-left: auto;
  font: 700 1.25rem/1.75rem var(--mono);
}
.words {
  align-self: center;
}
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
.keys {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  gap: 12px;
  align-items: center;
  padding: 12px 0;
}
.push {
  margin-left: auto;
}
</style>
