<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'
import type { Digit, Side, SimulatedHands, TapTaskQuery, TapTaskView } from '@/api/types'
import { capital, countdown } from '@/parts/words'
import { COMPUTER_KEYBOARD, FINGERS, simulatedInput, type TapInput } from '@/workshop/tapInput'
import { SIMULATED_NAME } from '@/workshop/simulated'
import TapHands from './TapHands.vue'
import TapReady from './TapReady.vue'
import TapRowStrip from './TapRowStrip.vue'
import TapTape from './TapTape.vue'
import { formOf } from './tapQuery'
import TestStage from './TestStage.vue'
import { useTapRun } from './useTapRun'
import { useTest } from './useTest'

/** A tap test on keys. */
const props = defineProps<{
  clientId: string
  query: TapTaskQuery
  task: TapTaskView
  standIn: boolean
}>()
const emit = defineEmits<{ leave: []; measured: [test: string] }>()

const input = shallowRef<TapInput | null>(null)
const run = useTapRun(props.task, () => input.value as TapInput)
const { state, taps, position, place, total, sides, lasts, clicking, leftMillis } = run
const { message: simulating, attempt } = useAttempt()
let chosen: SimulatedHands | null = null
/** Nothing is played until the hands that were chosen last are there. */
async function simulated(hands: SimulatedHands | null) {
  chosen = hands
  if (!hands) return
  input.value = null
  await attempt(async () => {
    const played = await api.simulatedTaps(props.clientId, props.query, hands)
    if (chosen === hands) input.value = simulatedInput(played, SIMULATED_NAME)
  })
}
const device = () => input.value?.device ?? COMPUTER_KEYBOARD
const test = useTest(run, {
  keep: async (frame) => {
    const form = formOf(props.task, frame, device(), taps.value)
    return (await api.keepTaps(props.clientId, form)).result !== null
  },
  measured: (id) => emit('measured', id),
  leave: () => emit('leave'),
})

const fingersOf = (row: readonly Digit[]): readonly Digit[] =>
  row.length === 0 ? [] : row.includes('THUMB') ? ['THUMB', ...FINGERS] : FINGERS
/** The keys that are shown, and those that a MIDI keyboard has to learn. */
const fingers = computed<Record<Side, readonly Digit[]>>(() => ({
  LEFT: fingersOf(props.task.left),
  RIGHT: fingersOf(props.task.right),
}))
const nextOf = (side: Side) => {
  const row = side === 'LEFT' ? props.task.left : props.task.right
  return row.length ? (row[run.made.value[side] % row.length] ?? null) : null
}
const next = computed(() => ({ LEFT: nextOf('LEFT'), RIGHT: nextOf('RIGHT') }))
const row = computed(() => (props.task.right.length ? props.task.right : props.task.left))
const doing = computed(() => props.task.doing + (props.task.bpm ? `, ${props.task.bpm} bpm` : ''))
const SAID: Readonly<Record<string, readonly [string, string]>> = {
  counting: ['Four clicks first', 'Listen'],
  waiting: ['It begins with your first tap', 'Whenever you like'],
}
const said = computed(
  () =>
    SAID[state.value] ??
    (props.task.seconds
      ? ['As fast as', 'stays loose']
      : clicking.value
        ? ['On the click', 'Tap with it']
        : props.task.clickMillis
          ? ['The click has stopped', 'Go on by yourself']
          : ['At your own pace', 'Evenly']),
)
</script>

<template>
  <TestStage
    :test="test"
    title="Tap test"
    :doing="doing"
    :left="lasts ? `${countdown(leftMillis)} left` : ''"
    :safety="task.safety"
  >
    <template #ready>
      <TapReady
        v-model:input="input"
        :title="task.seconds ? `${task.seconds} seconds` : `${total} taps a hand`"
        :safety="task.safety"
        :fingers="fingers"
        :stand-in="standIn ? ['evenness', 'tapsAMinute', 'seed'] : []"
        :closed="task.closed"
        @start="test.begin"
        @leave="emit('leave')"
        @simulated="simulated"
      >
        <TapHands :fingers="fingers" :next="next" />
        <template #lead>
          {{ capital(task.doing) }}.
          <template v-if="task.clickMillis"
            >{{ task.withClick }} taps with the click, then {{ task.alone }} without it.</template
          >
          Early and late are shown afterwards. Leaving this window makes the test void.
          <span v-if="simulating" role="alert">{{ simulating }}</span>
        </template>
      </TapReady>
    </template>
    <TapHands :fingers="fingers" :next="state === 'done' ? {} : next" />
    <div class="stage-words">
      <p class="kind">{{ said[0] }}</p>
      <h1>{{ said[1] }}</h1>
      <p class="stage-count">
        <b>{{ task.seconds ? run.made.value.LEFT + run.made.value.RIGHT : place }}</b>
        <span v-if="task.seconds">taps<br />so far</span>
        <span v-else>of {{ total }} taps<br />a hand</span>
      </p>
      <p class="quiet lead">
        Early and late are shown afterwards. A test that corrects you measures something else.
      </p>
    </div>
    <TapRowStrip
      v-if="row.length > 1"
      :row="row"
      :place="place"
      :side="task.right.length ? 'RIGHT' : 'LEFT'"
    />
    <template #foot>
      <TapTape :task="task" :taps="taps" :position="position" :lasts="lasts" :sides="sides" />
    </template>
  </TestStage>
</template>

<style scoped>
.kind {
  margin: 0;
  color: var(--ink-2);
  font-size: 1.25rem;
  line-height: 1.75rem;
}
h1 {
  margin: 0;
  font-size: 2.25rem;
  line-height: 2.75rem;
}
.stage-count {
  color: var(--ink-2);
}
.stage-count b {
  color: var(--ink);
}
.lead {
  max-width: 400px;
  font-size: 1.25rem;
  line-height: 1.75rem;
}
</style>
