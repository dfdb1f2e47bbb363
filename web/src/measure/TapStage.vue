<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'
import type { Digit, PainForm, Side, TapTaskQuery, TapTaskView, TestFrame } from '@/api/types'
import { countdown } from '@/parts/words'
import HurtsPanel from '@/player/HurtsPanel.vue'
import StageFrame from '@/player/StageFrame.vue'
import StageKey from '@/player/StageKey.vue'
import { simulatedInput, type TapInput } from '@/workshop/tapInput'
import TapHands from './TapHands.vue'
import TapReady from './TapReady.vue'
import TapRowStrip from './TapRowStrip.vue'
import TapTape from './TapTape.vue'
import TestOver from './TestOver.vue'
import { SIMULATED_NAME, usualHands } from './simulated'
import { useTapRun } from './useTapRun'
import { useTestEnd } from './useTestEnd'

/** A tap test on the stage. */
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
const test = useTestEnd(run.times)
const { message, attempt } = useAttempt()

const fingersOf = (row: readonly Digit[]) => {
  const used = new Set(row)
  const all: Digit[] = ['THUMB', 'INDEX', 'MIDDLE', 'RING', 'LITTLE']
  const four = all.slice(1)
  return row.length === 0 ? [] : used.has('THUMB') ? all : four
}
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

async function simulated(on: boolean) {
  if (!on) return
  await attempt(async () => {
    const hands = usualHands()
    const played = await api.simulatedTaps(props.clientId, props.query, hands)
    input.value = simulatedInput(played, SIMULATED_NAME)
  })
}
function begin(before: PainForm[] | null) {
  test.before.value = before
  void run.start()
}
async function again() {
  test.anew()
  message.value = ''
  if (props.standIn && input.value?.device.name === SIMULATED_NAME) await simulated(true)
  await run.start()
}
/** What was done is kept however it ended; only what was done to its end is measured. */
const ending = ref<TestFrame['ending']>('DONE')
async function keep(how: TestFrame['ending']) {
  ending.value = how
  await attempt(async () => {
    const frame = test.frame(how)
    const kept = await api.keepTaps(props.clientId, {
      frame,
      pace: props.task.pace,
      digits: props.task.digits,
      hands: props.task.hands,
      bpm: props.task.bpm,
      notesABeat: props.task.notesABeat,
      device: input.value?.device ?? { kind: 'COMPUTER_KEYBOARD', name: '' },
      taps: [...taps.value],
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
  if (!run.isOn() && state.value !== 'void') return
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
  const acts: Readonly<Record<string, () => void>> = {
    ' ': hurts,
    Home: () => void again(),
    Escape: leave,
  }
  const act = acts[event.key]
  if (!act || event.repeat) return
  event.preventDefault()
  act()
})
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
  <StageFrame :data-state="state">
    <div class="under" :inert="hurting">
      <header class="top">
        <strong>Tap test</strong>
        <span class="quiet"
          >{{ task.doing }}<template v-if="task.bpm">, {{ task.bpm }} bpm</template></span
        >
        <span v-if="lasts" class="left">{{ countdown(leftMillis) }} left</span>
      </header>

      <TapReady
        v-if="state === 'ready'"
        v-model:input="input"
        :title="task.seconds ? `${task.seconds} seconds` : `${total} taps a hand`"
        :safety="task.safety"
        :fingers="fingers"
        :stand-in="standIn"
        :closed="task.closed"
        @start="begin"
        @leave="emit('leave')"
        @simulated="simulated"
      >
        <TapHands :fingers="fingers" :next="next" />
        <template #lead>
          {{ task.doing }}.
          <template v-if="task.clickMillis"
            >{{ task.withClick }} taps with the click, then {{ task.alone }} without it.</template
          >
          Early and late are shown afterwards. Leaving this window makes the test void.
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
        <TapHands :fingers="fingers" :next="state === 'done' ? {} : next" />
        <div class="words">
          <p class="kind">{{ said[0] }}</p>
          <h1>{{ said[1] }}</h1>
          <p class="count">
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
        <nav class="keys" aria-label="Test">
          <StageKey word="Start again" key-name="Home" @click="again" />
          <StageKey hurt word="It hurts" key-name="Space" @click="hurts" />
          <span class="push quiet">Leaving this window makes the test void.</span>
          <StageKey word="Leave" key-name="Esc" @click="leave" />
        </nav>
        <TapTape :task="task" :taps="taps" :position="position" :lasts="lasts" :sides="sides" />
      </template>
    </div>
    <HurtsPanel
      v-if="hurting"
      step-title="Tap test"
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
  min-width: 0;
}
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
.count {
  display: flex;
  gap: 12px;
  align-items: flex-end;
  margin: 8px 0;
  color: var(--ink-2);
  font-size: 1.5rem;
  line-height: 2rem;
}
.count b {
  color: var(--ink);
  font: 700 min(168px, 20vh) / 1 var(--font);
  font-variant-numeric: tabular-nums;
}
.lead {
  max-width: 400px;
  font-size: 1.25rem;
  line-height: 1.75rem;
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
