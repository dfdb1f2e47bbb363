<script setup lang="ts">
import { computed } from 'vue'
import { api } from '@/api/calls'
import type { DeviceForm, Digit, Side, TapTaskQuery, TapTaskView } from '@/api/types'
import { capital } from '@/parts/words'
import ReadyFrame from '@/player/ReadyFrame.vue'
import type { Listener, TapInput } from '@/workshop/tapInput'
import TapTape from './TapTape.vue'
import { formOf } from './tapQuery'
import TestStage from './TestStage.vue'
import { useTapRun } from './useTapRun'
import { useTest } from './useTest'

/** Ten seconds on a touch screen: a field for each hand, a count and nothing finer. */
const props = defineProps<{
  clientId: string
  query: TapTaskQuery
  task: TapTaskView
  standIn: boolean
}>()
const emit = defineEmits<{ leave: []; measured: [test: string] }>()

const TOUCH_SCREEN: DeviceForm = { kind: 'TOUCH_SCREEN', name: '' }
let listener: Listener | null = null
const touch: TapInput = {
  device: TOUCH_SCREEN,
  listen(to) {
    listener = to
    return () => (listener = null)
  },
}
const run = useTapRun(props.task, () => touch)
const { state, taps, position, sides, lasts, leftMillis } = run
const test = useTest(run, {
  keep: async (frame) => {
    const form = formOf(props.task, frame, TOUCH_SCREEN, taps.value)
    return (await api.keepTaps(props.clientId, form)).result !== null
  },
  measured: (id) => emit('measured', id),
  leave: () => emit('leave'),
})
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
</script>

<template>
  <TestStage
    :test="test"
    :title="sides.length > 1 ? 'Speed, two hands' : 'Speed'"
    doing=""
    left=""
    :safety="task.safety"
  >
    <template #ready>
      <ReadyFrame
        class="whole"
        :title="capital(task.doing)"
        label="Before the test"
        :safety="task.safety"
        :closed="task.closed"
        @start="test.begin"
        @leave="emit('leave')"
      >
        <template #lead>
          It begins with your first touch and lasts {{ task.seconds }} seconds.
        </template>
      </ReadyFrame>
    </template>
    <div class="touched">
      <p class="stage-count">
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
        A touch screen is fine enough to count taps, too coarse for evenness. For that, use keys.
      </p>
    </div>
  </TestStage>
</template>

<style scoped>
.touched {
  display: flex;
  grid-column: 1 / -1;
  flex-direction: column;
  gap: 8px;
  width: 100%;
  max-width: 560px;
  min-height: 0;
  margin: 0 auto;
}
h1 {
  margin: 0;
  font-size: 1.5rem;
  line-height: 2rem;
}
p {
  margin: 0;
}
.fields {
  display: flex;
  flex: 1;
  gap: 8px;
  min-height: 160px;
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
</style>
