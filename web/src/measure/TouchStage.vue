<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'
import type { Digit, PainForm, Side, TapTaskQuery, TapTaskView, TestFrame } from '@/api/types'
import PainPlaces from '@/hand/PainPlaces.vue'
import { capital } from '@/parts/words'
import BeforeStart from '@/player/BeforeStart.vue'
import HurtsPanel from '@/player/HurtsPanel.vue'
import StageKey from '@/player/StageKey.vue'
import StageFrame from '@/player/StageFrame.vue'
import type { Listener, TapInput } from '@/workshop/tapInput'
import TapTape from './TapTape.vue'
import TestOver from './TestOver.vue'
import { useTapRun } from './useTapRun'
import { useTestEnd } from './useTestEnd'

/** Ten seconds on a touch screen: a field for each hand, a count and nothing finer. */
const props = defineProps<{
  clientId: string
  query: TapTaskQuery
  task: TapTaskView
  standIn: boolean
}>()
const emit = defineEmits<{ leave: []; measured: [test: string] }>()

let listener: Listener | null = null
const touch: TapInput = {
  device: { kind: 'TOUCH_SCREEN', name: '' },
  listen(to) {
    listener = to
    return () => (listener = null)
  },
}
const run = useTapRun(props.task, () => touch)
const { state, taps, position, sides, lasts, leftMillis } = run
const test = useTestEnd(run.times)
const { message, attempt } = useAttempt()
const SECOND = 1000
const left = computed(() =>
  Math.ceil((state.value === 'running' ? leftMillis.value : lasts) / SECOND),
)
const digitOf = (side: Side): Digit =>
  (side === 'LEFT' ? props.task.left : props.task.right)[0] ?? 'INDEX'
const name = (side: Side) => `${capital(side.toLowerCase())} ${digitOf(side).toLowerCase()}`
function tap(side: Side, event: PointerEvent) {
  listener?.press({ side, digit: digitOf(side), at: event.timeStamp, velocity: null })
}
const before = ref<PainForm[] | null>(null)
const asking = ref(false)
function begin() {
  test.before.value = before.value
  void run.start()
}
function again() {
  test.anew()
  message.value = ''
  void run.start()
}
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
      bpm: null,
      notesABeat: 1,
      device: touch.device,
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
  run.leave()
  hurting.value = true
}
function end(pain: PainForm | null, forSafety: boolean) {
  hurting.value = false
  stopped.value = forSafety
  if (pain) test.hurts.value.push(pain)
  void keep(forSafety ? 'STOPPED' : 'LEFT')
}
</script>

<template>
  <StageFrame :data-state="state" class="touch">
    <div class="all" :inert="hurting">
      <header>
        <strong>Speed, {{ sides.length > 1 ? 'two hands' : 'one hand' }}</strong>
        <button type="button" class="plain" @click="emit('leave')">Leave</button>
      </header>
      <template v-if="state === 'ready'">
        <h1>{{ capital(task.doing) }}</h1>
        <p v-if="task.closed" role="alert">{{ task.closed }}</p>
        <template v-else>
          <p class="quiet">It begins with your first touch and lasts {{ task.seconds }} seconds.</p>
          <BeforeStart v-model:before="before" v-model:asking="asking" :safety="task.safety" />
          <PainPlaces
            v-if="asking && before"
            v-model="before"
            :ending-pain="task.safety.endingPain"
          />
          <StageKey on word="Start" @click="begin" />
        </template>
      </template>
      <TestOver
        v-else-if="state === 'void' || state === 'left' || message"
        :stopped="stopped"
        :lost="state === 'void'"
        :message="message"
        :advice="task.safety.advice"
        @keep="keep(ending)"
        @again="again"
        @leave="emit('leave')"
      />
      <template v-else>
        <p class="count">
          <b>{{ left }}</b><span>seconds left<br />of {{ task.seconds }}</span>
        </p>
        <h1>As fast as stays loose</h1>
        <TapTape :task="task" :taps="taps" :position="position" :lasts="lasts" :sides="sides" />
        <div class="fields">
          <button
            v-for="side in sides"
            :key="side"
            type="button"
            :class="side.toLowerCase()"
            @pointerdown.prevent="tap(side, $event)"
          >
            <b>{{ run.made.value[side] }}</b> {{ name(side) }}
          </button>
        </div>
        <p class="quiet">
          A touch screen times a tap to about 8 ms: enough to count, not enough for evenness. For
          that, use keys.
        </p>
        <div class="keys">
          <StageKey word="Start again" @click="again" />
          <StageKey hurt word="It hurts" @click="hurts" />
        </div>
      </template>
    </div>
    <HurtsPanel
      v-if="hurting"
      step-title="Ten seconds"
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
.all {
  display: flex;
  grid-row: 1 / -1;
  grid-column: 1 / -1;
  flex-direction: column;
  gap: 8px;
  width: 100%;
  max-width: 560px;
  min-height: 0;
  margin: 0 auto;
  padding-top: 16px;
  overflow-y: auto;
}
header {
  display: flex;
  justify-content: space-between;
}
.plain {
  border: 0;
  background: none;
  color: var(--ink);
  font-weight: 600;
}
h1 {
  margin: 0;
  font-size: 1.5rem;
  line-height: 2rem;
}
p {
  margin: 0;
}
.count {
  display: flex;
  gap: 12px;
  align-items: flex-end;
  color: var(--ink-2);
  font-size: 1.25rem;
  line-height: 2rem;
}
.count b {
  color: var(--ink);
  font: 700 120px/1 var(--font);
}
.fields {
  display: flex;
  flex: 1;
  gap: 8px;
  min-height: 200px;
}
.fields button {
  display: flex;
  flex: 1;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  border: 1.5px solid var(--ink);
  background: var(--surface);
  color: var(--side);
  font-size: 1.125rem;
  font-weight: 700;
  touch-action: none;
  user-select: none;
}
.fields .right {
  border-color: var(--live);
}
.fields b {
  color: var(--ink);
  font-size: 3.5rem;
}
.keys {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
</style>
