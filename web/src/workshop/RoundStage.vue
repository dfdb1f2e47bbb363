<script setup lang="ts">
import { computed, ref, shallowRef, watch, watchEffect } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'
import type {
  DrillRoundView,
  PainForm,
  RoundDrillView,
  SimulatedHands,
  SimulatedTap,
  StateView,
} from '@/api/types'
import { countdown } from '@/parts/words'
import HurtsPanel from '@/player/HurtsPanel.vue'
import StageFrame from '@/player/StageFrame.vue'
import StageKey from '@/player/StageKey.vue'
import FingerSign from './FingerSign.vue'
import type { Phrase } from './phrase'
import RoundHands from './RoundHands.vue'
import RoundReady from './RoundReady.vue'
import RoundStrip from './RoundStrip.vue'
import { handsOf, keyframeOf } from './sign'
import { SIMULATED_NAME } from './simulated'
import { simulatedInput, type TapInput } from './tapInput'
import { useRound, useRoundKeys } from './useRound'
import { useSimulatedRound } from './useSimulatedRound'

/** A round on the stage: both hands, the change at hand, clean or not. */
const props = defineProps<{ clientId: string; round: DrillRoundView; phrase?: Phrase }>()
const emit = defineEmits<{ leave: [] }>()

const input = shallowRef<TapInput | null>(null)
const simulated = shallowRef<SimulatedHands | null>(null)
/** The most keys that the computer keyboard reported at once. */
const most = ref(0)
const together = computed(() =>
  input.value?.device.kind === 'COMPUTER_KEYBOARD'
    ? Math.max(most.value, props.round.keysTogether)
    : Infinity,
)
const can = (drill: RoundDrillView) =>
  drill.keysAtOnce !== null && drill.keysAtOnce <= together.value
const round = useRound(props.round, props.phrase, {
  judge: (drill) => api.judge(props.clientId, drill),
  can,
})
watchEffect((clean) => {
  if (input.value) clean(input.value.listen({ press: round.press, release: () => undefined }))
})
const simulating = useAttempt()
useSimulatedRound(round, simulated, can, async (drill, hands) => {
  let taps: readonly SimulatedTap[] = []
  await simulating.attempt(async () => {
    taps = await api.simulatedDrill(props.clientId, drill, hands)
  })
  return taps
})
function play(hands: SimulatedHands | null) {
  simulated.value = hands
  if (hands) input.value = simulatedInput([], SIMULATED_NAME)
}
const { state, now, next, change, within, changes, drilled, judgement } = round
const REST: StateView = { bent: [], open: [] }
const SHARE_OF_MOVING = 0.35

/** Each change goes from one state to the next, early in its beat; before the first the hands rest. */
function pose(states: readonly StateView[]) {
  const at = (i: number) => keyframeOf(states[i % states.length] ?? REST)
  if (!change.value) return { from: at(states.length - 1), to: at(states.length - 1), progress: 0 }
  return {
    from: at(change.value + states.length - 2),
    to: at(change.value - 1),
    progress: Math.min(1, within.value / SHARE_OF_MOVING),
  }
}
const nextState = (states: readonly StateView[]) => states[change.value % states.length] ?? REST
const judged = computed(() =>
  drilled.value.filter((one) => one.outcome === 'CLEAN' || one.outcome === 'NOT_CLEAN'),
)
const clean = computed(() => judged.value.filter((one) => one.outcome === 'CLEAN').length)

const { message, attempt } = useAttempt()
const kept = ref(false)
/** What was done is kept as soon as the round ends, however it ends; nothing is kept twice. */
async function keep() {
  if (kept.value) return
  await attempt(async () => {
    await api.keepRound(props.clientId, round.record())
    kept.value = true
  })
}
watch(state, (to) => {
  if (to === 'done') void keep()
})
function leave() {
  if (state.value === 'ready' || state.value === 'done') emit('leave')
  else round.breakOff('LEFT')
}
const hurting = ref(false)
function hurts() {
  if (state.value === 'ready' || state.value === 'done') return
  round.wait()
  hurting.value = true
}
function nothing() {
  hurting.value = false
  round.toggle()
}
function goOn(pain: PainForm) {
  hurting.value = false
  round.hurt(pain)
}
function end(pain: PainForm | null, forSafety: boolean) {
  hurting.value = false
  round.breakOff(forSafety ? 'STOPPED' : 'LEFT', pain)
}
useRoundKeys(round, { hurts, leave }, () => (hurting.value ? nothing : null))
</script>

<template>
  <StageFrame :data-state="state" :data-place="round.place.value">
    <div class="under" :inert="hurting">
      <header class="stage-top">
        <strong>Round of {{ props.round.drills.length }}</strong>
        <span v-if="judged.length" class="quiet">{{ clean }} of {{ judged.length }} clean</span>
        <span class="stage-left">{{ countdown(round.leftMillis.value) }} left</span>
      </header>

      <section v-if="state === 'done'" class="stage-end" aria-live="polite">
        <h1>{{ round.ending.value === 'STOPPED' ? 'Stop here' : 'Done' }}</h1>
        <p v-if="round.ending.value === 'STOPPED'" class="large">
          {{ props.round.safety.advice }}
        </p>
        <p v-if="judged.length" class="large">
          {{ clean }} of {{ judged.length }} clean. What was not comes back sooner.
        </p>
        <p v-if="kept" class="large">
          Kept{{ round.hurts.value.length ? ', with what hurt; your coach sees it' : '' }}.
        </p>
        <p v-if="message" role="alert">{{ message }}</p>
        <div class="stage-keys">
          <StageKey v-if="message" word="Try to keep it again" @click="keep" />
          <StageKey on word="Leave" key-name="Esc" @click="emit('leave')" />
        </div>
      </section>

      <template v-else-if="now">
        <RoundReady
          v-if="state === 'ready'"
          v-model:input="input"
          v-model:most="most"
          :round="props.round"
          :judged="props.round.drills.filter(can).length"
          @simulated="play"
          @start="round.begin"
          @leave="leave"
        >
          <RoundHands :drill="now.drill" :pose="pose" />
        </RoundReady>
        <template v-else>
          <RoundHands :drill="now.drill" :pose="pose" />
          <div class="stage-words">
            <p class="kind">
              <span class="letter">I</span> {{ now.drill.doing }}, pattern
              {{ round.place.value + 1 }} of {{ props.round.drills.length }}
            </p>
            <h1>{{ now.drill.title }}</h1>
            <p class="stage-count" :class="{ soon: !change }">
              <b>{{ change || 'Look' }}</b>
              <span
                ><template v-if="change">of {{ changes }} changes</template
                ><template v-else>it begins by itself</template><br />{{ round.aMinute.value }} a
                minute</span
              >
            </p>
            <div class="beats" aria-hidden="true">
              <i
                v-for="n in changes"
                :key="n"
                :class="{
                  on: n === change,
                  over: n < change,
                  bar: props.round.beatsABar && n % props.round.beatsABar === 0,
                }"
              />
            </div>
            <div class="coming">
              <span v-for="hand in handsOf(now.drill)" :key="hand.side">
                {{ hand.side.toLowerCase() }}, next
                <FingerSign :first="nextState(hand.states)" :side="hand.side" :height="36" />
              </span>
            </div>
            <p v-if="simulating.message.value" role="alert">{{ simulating.message.value }}</p>
            <p v-if="state === 'asked'" class="ask" role="status">Was it clean?</p>
            <p v-else-if="!change && judgement" class="ask" role="status">
              {{ judgement.clean ? 'Clean' : 'Not clean' }} by the keys: {{ judgement.words }}
            </p>
            <p v-else-if="next" class="quiet">
              Next <b>{{ next.drill.title }}</b>, {{ next.drill.doing }}
            </p>
          </div>
          <nav class="stage-keys" aria-label="Round">
            <StageKey on word="Clean" key-name="→" @click="round.judge(true)" />
            <StageKey word="Not clean" key-name="←" @click="round.judge(false)" />
            <StageKey
              :word="state === 'paused' ? 'Go on' : 'Pause'"
              key-name="Space"
              @click="round.toggle"
            />
            <StageKey word="Slower" key-name="E" @click="round.shift(-1)" />
            <StageKey word="Faster" key-name="R" @click="round.shift(1)" />
            <StageKey hurt word="It hurts" key-name="H" @click="hurts" />
            <span class="stage-push" />
            <StageKey
              :word="round.muted.value ? 'Sound' : 'Mute'"
              key-name="M"
              @click="round.mute"
            />
            <StageKey word="Leave" key-name="Esc" @click="leave" />
          </nav>
        </template>
        <RoundStrip :round="props.round" :place="round.place.value" :drilled="drilled" />
      </template>
    </div>
    <HurtsPanel
      v-if="hurting && now"
      :step-title="now.drill.title"
      :safety="props.round.safety"
      @on="goOn"
      @end="end"
      @cancel="nothing"
    />
  </StageFrame>
</template>

<style scoped>
.under {
  display: contents;
}
.kind {
  display: flex;
  gap: 8px;
  align-items: center;
  margin: 0;
}
.letter {
  padding: 0 8px;
  background: var(--kind-independence);
  color: var(--on-mark);
  font-weight: 700;
}
h1 {
  margin: 4px 0 0;
  font-size: 2.25rem;
  line-height: 2.75rem;
}
.stage-words .stage-count.soon b {
  font-size: min(96px, 12vh);
}
.beats {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  min-height: 28px;
}
.beats i {
  flex: 0 1 16px;
  height: 16px;
  border: 1.5px solid var(--edge);
}
.beats .bar {
  margin-right: 8px;
}
.beats .over {
  background: var(--edge);
}
.beats .on {
  flex-basis: 24px;
  height: 24px;
  border-color: var(--live);
  background: var(--live);
}
.coming {
  display: flex;
  gap: 32px;
  margin: 16px 0 8px;
  color: var(--ink-2);
}
.coming svg {
  margin-top: 4px;
  color: var(--ink);
}
.ask {
  font-size: 1.5rem;
  font-weight: 700;
}
@media (max-width: 900px) {
  h1 {
    font-size: 1.5rem;
    line-height: 2rem;
  }
  .coming {
    display: none;
  }
}
</style>
