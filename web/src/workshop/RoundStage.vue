<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'
import type { DrillRoundView, DrillView, StateView } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import { countdown } from '@/parts/words'
import StageKey from '@/player/StageKey.vue'
import FingerSign from './FingerSign.vue'
import RoundStrip from './RoundStrip.vue'
import { keyframeOf } from './sign'
import { useRound, useRoundKeys } from './useRound'

/** A round on the stage: both hands, the change at hand, clean or not. */
const props = defineProps<{ clientId: string; round: DrillRoundView }>()
const emit = defineEmits<{ leave: [] }>()

const SLOWEST = 20
const FASTEST = 240
const round = useRound(props.round, SLOWEST, FASTEST)
const { state, now, next, change, within, changes, tries } = round
const REST: StateView = { bent: [], open: [] }
const SHARE_OF_MOVING = 0.35

const hands = (drill: DrillView) =>
  drill.hand
    ? [{ side: drill.hand, states: drill.first }]
    : [
        { side: 'LEFT' as const, states: drill.first },
        { side: 'RIGHT' as const, states: drill.second },
      ]
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
const sideWord = (side: 'LEFT' | 'RIGHT') => (side === 'LEFT' ? 'Left' : 'Right')
const clean = computed(() => tries.value.filter((one) => one.clean).length)

const { message, attempt } = useAttempt()
const kept = ref(false)
const hurt = ref(false)
/** What was tried is kept as soon as the round ends, however it ends; nothing is sent twice. */
async function keep() {
  if (!tries.value.length || kept.value) return
  await attempt(async () => {
    await api.keepTries(props.clientId, {
      roundId: props.round.roundId,
      tries: tries.value,
    })
    kept.value = true
  })
}
watch(state, (to) => {
  if (to === 'done') void keep()
})
async function leave() {
  if (state.value !== 'done' && tries.value.length) {
    round.end()
    return
  }
  emit('leave')
}
function hurts() {
  hurt.value = true
  round.end()
}
useRoundKeys(round, { hurts, leave: () => void leave() })
</script>

<template>
  <main id="main" class="stage" :data-state="state" :data-place="round.place.value">
    <header class="top">
      <strong>Round of {{ props.round.drills.length }}</strong>
      <span class="quiet">{{ clean }} of {{ tries.length }} clean</span>
      <span class="left">{{ countdown(round.leftMillis.value) }} left</span>
    </header>

    <section v-if="state === 'done'" class="end" aria-live="polite">
      <h1>{{ hurt ? 'Stop here' : 'Done' }}</h1>
      <p v-if="hurt" class="large">
        Sharp or rising pain, numbness or tingling, a joint that feels loose: the round is over.
        Shake it out; if it does not go, say so where the pain is told, and see somebody.
      </p>
      <p v-if="tries.length" class="large">
        {{ clean }} of {{ tries.length }} clean{{ kept ? ', and kept' : '' }}. What was not comes
        back sooner.
      </p>
      <p v-else class="large">Nothing was tried, so nothing is kept.</p>
      <p v-if="message" role="alert">{{ message }}</p>
      <div class="keys">
        <StageKey v-if="message" word="Try to keep it again" @click="keep" />
        <StageKey on word="Leave" key-name="Esc" @click="emit('leave')" />
      </div>
    </section>

    <template v-else-if="now">
      <div class="hands">
        <figure v-for="hand in hands(now.drill)" :key="hand.side">
          <ExerciseFigure
            view="PALM"
            :poses="hand.states.map(keyframeOf)"
            v-bind="pose(hand.states)"
            :sides="hand.side"
            :worked="hand.states[0]?.bent ?? []"
            :label="`${now.drill.title}, ${sideWord(hand.side)}`"
            :height="340"
            moving
          />
          <figcaption>{{ sideWord(hand.side) }}</figcaption>
        </figure>
      </div>
      <div class="words">
        <p class="kind">
          <span class="letter">I</span> {{ now.drill.doing }}, pattern
          {{ round.place.value + 1 }} of {{ props.round.drills.length }}
        </p>
        <h1>{{ now.drill.title }}</h1>
        <p class="count" :class="{ soon: !change }">
          <b>{{ change || 'Look' }}</b>
          <span
            ><template v-if="change">of {{ changes }} changes</template
            ><template v-else>it begins by itself</template><br />{{ round.aMinute.value }} a
            minute</span
          >
        </p>
        <div class="beats" aria-hidden="true">
          <i v-for="n in changes" :key="n" :class="{ on: n === change, over: n < change }" />
        </div>
        <div class="coming">
          <span v-for="hand in hands(now.drill)" :key="hand.side">
            {{ sideWord(hand.side).toLowerCase() }}, next
            <FingerSign :first="nextState(hand.states)" :side="hand.side" :height="36" />
          </span>
        </div>
        <p v-if="state === 'asked'" class="ask" role="status">Was it clean?</p>
        <p v-else-if="next" class="quiet">
          Next <b>{{ next.drill.title }}</b>, {{ next.drill.doing }}
        </p>
      </div>
      <nav class="keys" aria-label="Round">
        <template v-if="state === 'ready'">
          <StageKey on word="Start" key-name="Space" @click="round.begin" />
        </template>
        <template v-else>
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
        </template>
        <span class="push" />
        <StageKey :word="round.muted.value ? 'Sound' : 'Mute'" key-name="M" @click="round.mute" />
        <StageKey word="Leave" key-name="Esc" @click="leave" />
      </nav>
      <RoundStrip :round="props.round" :place="round.place.value" :tries="tries" />
    </template>
  </main>
</template>

<style scoped>
.stage {
  display: grid;
  grid-template-columns: minmax(0, 576fr) minmax(0, 624fr);
  grid-template-rows: 64px minmax(0, 1fr) auto auto;
  gap: 0 40px;
  width: 100%;
  height: 100vh;
  min-height: 640px;
  padding: 0 40px 12px;
  background: var(--ground);
  color-scheme: dark;
  color: var(--ink);
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
.hands {
  display: flex;
  gap: 24px;
  align-items: center;
  justify-content: center;
  min-height: 0;
}
figure {
  margin: 0;
  color: var(--side);
  font-size: 1.25rem;
  font-weight: 700;
  text-align: center;
}
.hands svg {
  width: auto;
  max-width: 100%;
  height: min(360px, 44vh);
}
.words {
  align-self: center;
  min-width: 0;
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
.count {
  display: flex;
  gap: 20px;
  align-items: flex-end;
  margin: 8px 0;
  font-size: 1.5rem;
  line-height: 2rem;
}
.count b {
  font: 700 min(184px, 22vh) / 1 var(--font);
  font-variant-numeric: tabular-nums;
}
.count.soon b {
  font-size: min(96px, 12vh);
}
.beats {
  display: flex;
  gap: 8px;
  align-items: center;
  height: 28px;
}
.beats i {
  flex: 0 1 16px;
  height: 16px;
  border: 1.5px solid var(--edge);
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
.keys {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  gap: 12px;
  padding: 12px 0;
}
.push {
  flex: 1;
}
.end {
  grid-row: 2 / -1;
  grid-column: 1 / -1;
  align-self: center;
  max-width: 720px;
}
@media (max-width: 900px) {
  .stage {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: 52px minmax(120px, 1fr) auto auto auto;
    min-height: 0;
    padding: 0 16px 8px;
  }
  .count b {
    font-size: 72px;
  }
  h1 {
    font-size: 1.5rem;
    line-height: 2rem;
  }
  .hands svg {
    height: min(220px, 26vh);
  }
  .coming {
    display: none;
  }
}
</style>
