<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref } from 'vue'
import type { PainForm, RoutineView, SessionForm } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import FigurePlayer from '@/hand/FigurePlayer.vue'
import { motionAt } from '@/hand/motion'
import { easedWords, endWords, lastStepWords, sideWords } from './stageWords'
import { useWidth } from '@/parts/useWidth'
import { capital, countdown, duration, toMinute } from '@/parts/words'
import KindLetter from '@/tape/KindLetter.vue'
import { KINDS } from '@/tape/kinds'
import KindPatterns from '@/tape/KindPatterns.vue'
import RoutineTape from '@/tape/RoutineTape.vue'
import BeatRow from './BeatRow.vue'
import BreathFan from './BreathFan.vue'
import SafetyNotes from '@/parts/SafetyNotes.vue'
import HurtsPanel from './HurtsPanel.vue'
import { usePlayer } from './usePlayer'

/** The dark stage: runs by itself, everything by keys and by touch. */
const props = withDefaults(defineProps<{ routine: RoutineView; who: string; from?: number }>(), {
  from: 0,
})
const emit = defineEmits<{ finished: [record: SessionForm]; left: [] }>()

const player = usePlayer(props.routine, props.from)
const hurting = ref(false)
const leaving = ref(false)

/** What was taken out of a stored routine; a composed one leaves out far too much to name. */
const forSafety = computed(() => (props.routine.blockId ? [] : props.routine.leftOut))
const step = computed(() => props.routine.steps[player.step.value] ?? props.routine.steps[0])
const following = computed(() => props.routine.steps[player.step.value + 1])
const cue = computed(() => player.cue.value)
const sideWord = computed(() =>
  sideWords(cue.value.sides, step.value?.figure.view, step.value?.figure.places ?? []),
)
const pose = computed(() =>
  motionAt(
    cue.value,
    player.position.value - cue.value.offsetMillis,
    step.value?.figure.poses ?? [],
  ),
)
const facing = ref(false)
/** On a phone there is no room for looking slowly; the figure itself is turned by a touch. */
const place = ref<HTMLElement | null>(null)
const ROOMY = 460
const placeWidth = useWidth(place)
const roomy = computed(() => placeWidth.value > ROOMY)
const stepCues = computed(() => props.routine.cues.filter((c) => c.step === player.step.value))
/** While a hold or a count at one's own pace may be ended by the person, and from when on. */
const mayEase = computed(
  () =>
    cue.value.easesFromMillis > 0 &&
    player.position.value - cue.value.offsetMillis >= cue.value.easesFromMillis,
)
const breath = computed(() => {
  const c = cue.value
  if (c.breath === 'FREE') return null
  return {
    word: c.breath === 'IN' ? 'in' : 'out',
    open: c.breath === 'IN' ? player.progress.value : 1 - player.progress.value,
  }
})
const worked = computed(() =>
  cue.value.digits.length ? cue.value.digits : (step.value?.figure.worked ?? []),
)
const line = computed(
  () => (cue.value.phase === 'SET_UP' ? step.value?.setUp : cue.value.text) ?? '',
)
const nextWords = computed(() => {
  const next = following.value
  if (!next) return ''
  return `, ${duration(next.lengthMillis)}`
})

function finish(how: SessionForm['state']) {
  player.finish(how)
  emit('finished', player.record())
}
const stopWatch = setInterval(() => {
  if (player.state.value === 'finished') {
    clearInterval(stopWatch)
    emit('finished', player.record())
  }
}, 120)
onUnmounted(() => clearInterval(stopWatch))

function toggle() {
  if (player.state.value === 'ready') void player.start()
  else if (player.state.value === 'running') player.pause()
  else player.resume()
}
function leave() {
  if (!player.begun()) emit('left')
  else {
    player.pause()
    leaving.value = true
  }
}
function hurts() {
  if (!player.begun()) return
  player.pause()
  hurting.value = true
}
function goOn(pain: PainForm) {
  player.noteHurt(pain)
  hurting.value = false
  player.next()
  player.resume()
}
function end(pain: PainForm, forSafety: boolean) {
  player.noteHurt(pain)
  hurting.value = false
  finish(forSafety ? 'STOPPED' : 'LEFT')
}
function nothing() {
  hurting.value = false
  player.resume()
}
function turnByTouch() {
  if (!roomy.value) turn()
}
function turn() {
  facing.value = !facing.value
}
function stay() {
  leaving.value = false
  player.resume()
}

const KEYS: Readonly<Record<string, () => void>> = {
  ' ': toggle,
  ArrowRight: player.next,
  PageDown: player.next,
  ArrowLeft: player.back,
  PageUp: player.back,
  h: hurts,
  H: hurts,
  m: player.toggleMute,
  v: turn,
  V: turn,
  o: player.eased,
  O: player.eased,
  M: player.toggleMute,
  Escape: leave,
}
function key(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey) return
  if (hurting.value || leaving.value) {
    if (event.key === 'Escape') {
      if (hurting.value) nothing()
      else stay()
    }
    return
  }
  const act = KEYS[event.key]
  if (!act) return
  if (player.state.value === 'ready' && event.key !== ' ' && event.key !== 'Escape') return
  event.preventDefault()
  act()
}
onMounted(() => document.addEventListener('keydown', key))
onUnmounted(() => document.removeEventListener('keydown', key))
</script>

<template>
  <main
    id="main"
    class="stage"
    :data-state="player.state.value"
    :data-position="Math.round(player.position.value)"
  >
    <KindPatterns prefix="stage" />
    <KindPatterns prefix="stage-small" :scale="0.7" />
    <div class="under" :inert="hurting || leaving">
      <header>
        <b class="large title">{{ routine.title }}</b>
        <span class="quiet large title">{{ who }}</span>
        <span class="push quiet large ends">{{
          endWords(routine.blockTitle, toMinute(routine.endsAt))
        }}</span>
        <b class="left mono">{{ countdown(player.left.value) }} left</b>
      </header>

      <section
        v-if="player.state.value === 'ready'"
        class="ready"
        :class="{ warned: routine.notes.length }"
      >
        <div class="first">
          <ExerciseFigure
            v-if="step"
            :poses="step.figure.poses"
            :view="step.figure.view"
            sides="BOTH"
            :worked="step.figure.worked"
            :places="step.figure.places"
            :prop="step.figure.prop"
            :height="400"
            :label="`First: ${step.title}`"
          />
        </div>
        <div>
          <h1>{{ routine.title }}</h1>
          <p class="lead">
            {{ duration(routine.lengthMillis) }}, {{ routine.steps.length }} steps. It runs by
            itself; both hands stay free.
          </p>
          <SafetyNotes :notes="routine.notes" />
          <h2>Have ready</h2>
          <p class="lead">
            {{ capital(routine.haveReady.join(', ') || 'nothing but your hands') }}
          </p>
          <template v-if="routine.reminder">
            <h2>One point for the set-up</h2>
            <p class="lead">{{ routine.reminder }}</p>
          </template>
          <template v-if="forSafety.length">
            <h2>Left out for safety</h2>
            <ul class="left-out">
              <li v-for="out in forSafety" :key="out.exerciseId">{{ out.reason }}</li>
            </ul>
          </template>
          <h2>Stop rules</h2>
          <ul>
            <li v-for="rule in routine.safety.stopRules" :key="rule">{{ rule }}</li>
          </ul>
          <p class="side-by-side begin">
            <button type="button" class="key on start" @click="toggle">
              Start <kbd>Space</kbd>
            </button>
            <button type="button" class="key" @click="leave">Leave <kbd>Esc</kbd></button>
          </p>
        </div>
      </section>
      <template v-else-if="step">
        <div ref="place" class="figure" @click="turnByTouch">
          <FigurePlayer
            v-if="player.state.value === 'paused' && roomy"
            :figure="step.figure"
            :cues="stepCues"
            :height="420"
            :label="`${step.title}, slowly`"
          />
          <ExerciseFigure
            v-else
            :poses="step.figure.poses"
            :from="pose.from"
            :to="pose.to"
            :progress="pose.t"
            :view="step.figure.view"
            :sides="cue.sides"
            :worked="worked"
            :arrow="step.figure.arrow"
            :prop="step.figure.prop"
            :facing="facing"
            :holding="cue.phase === 'HOLD' && cue.breath === 'FREE'"
            :moving="pose.moving"
            :height="480"
            :label="`${step.title}, ${sideWord}`"
          />
        </div>
        <section class="words">
          <p class="kind">
            <KindLetter :kind="step.kind" />
            <span class="quiet large"
              >{{ KINDS[step.kind].word }}, step {{ player.step.value + 1 }} of
              {{ routine.steps.length }}</span
            >
          </p>
          <h1>{{ step.title }}</h1>
          <p class="cue" aria-live="polite">{{ line }}</p>
          <div class="middle">
            <div>
              <p class="side">
                {{ sideWord }}<span v-if="cue.unit" class="unit">{{ cue.unit }}</span>
              </p>
              <p class="count">
                <span class="number" data-count>{{ player.count.value.number }}</span>
                <span class="quiet word"
                  >{{ player.count.value.word
                  }}<template v-if="cue.sets > 1"
                    ><br />set {{ cue.set }} of {{ cue.sets }}</template
                  ></span
                >
              </p>
            </div>
            <BreathFan v-if="breath" class="extra" :open="breath.open" :word="breath.word" />
            <BeatRow
              v-else-if="cue.notes > 0"
              class="extra"
              :beat="Math.floor(player.progress.value * cue.notes) + 1"
              :beats="cue.notes"
              what="Note"
            />
            <BeatRow v-else-if="cue.beats > 1" class="extra" :beat="cue.beat" :beats="cue.beats" />
          </div>
          <p class="quiet next">
            <template v-if="following"
              >Next <b>{{ following.title }}</b>{{ nextWords }}</template
            >
            <template v-else>{{ lastStepWords(routine.blockTitle) }}</template>
          </p>
        </section>
        <nav class="keys" aria-label="Player">
          <button type="button" class="key on pause" @click="toggle">
            {{ player.state.value === 'running' ? 'Pause' : 'Go on' }} <kbd>Space</kbd>
          </button>
          <button type="button" class="key back" @click="player.back">Back <kbd>←</kbd></button>
          <button type="button" class="key forward" @click="player.next">Next <kbd>→</kbd></button>
          <button v-if="mayEase" type="button" class="key ease" @click="player.eased">
            {{ easedWords(cue.phase) }} <kbd>O</kbd>
          </button>
          <button type="button" class="key hurt" @click="hurts">It hurts <kbd>H</kbd></button>
          <span class="gap" />
          <button
            type="button"
            class="key"
            :aria-pressed="player.muted.value"
            @click="player.toggleMute"
          >
            {{ player.muted.value ? 'Sound' : 'Mute' }} <kbd>M</kbd>
          </button>
          <button type="button" class="key turn" :aria-pressed="facing" @click="turn">
            {{ facing ? 'Own eyes' : 'Facing' }} <kbd>V</kbd>
          </button>
          <button type="button" class="key" @click="leave">Leave <kbd>Esc</kbd></button>
        </nav>
      </template>
      <footer>
        <div class="wide">
          <RoutineTape
            :steps="routine.steps"
            :height="56"
            ruler
            patterns="stage"
            :at="player.position.value"
          />
        </div>
        <div class="narrow">
          <RoutineTape
            :steps="routine.steps"
            :height="36"
            :letters="false"
            ruler
            :numbers="false"
            patterns="stage-small"
            :gap="0.5"
            :stroke-width="1.2"
            :at="player.position.value"
          />
        </div>
      </footer>
    </div>

    <HurtsPanel
      v-if="hurting && step"
      :step-title="step.title"
      :safety="routine.safety"
      :loaded="step.kind === 'STRENGTHEN'"
      @on="goOn"
      @end="end"
      @cancel="nothing"
    />
    <section
      v-if="leaving"
      class="leaving"
      role="dialog"
      aria-modal="true"
      aria-labelledby="leaving-heading"
    >
      <h1 id="leaving-heading">Leave the warm-up?</h1>
      <p class="lead">What is done is kept.</p>
      <p class="side-by-side">
        <button type="button" class="key on" autofocus @click="stay">Go on</button>
        <button type="button" class="key" @click="finish('LEFT')">Leave</button>
      </p>
    </section>
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
  overflow: hidden;
  background: var(--ground);
  color: var(--ink);
}
.stage :deep(svg text) {
  fill: var(--ink);
}
.stage :deep(.letter) {
  fill: var(--on-mark);
}
.under {
  display: contents;
}
header,
.keys,
footer,
.ready {
  grid-column: 1 / -1;
}
footer {
  grid-row: -2;
}
header {
  display: flex;
  align-items: center;
  gap: 16px;
}
.left {
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.ready {
  display: grid;
  grid-row: 2;
  grid-template-columns: minmax(0, 576fr) minmax(0, 624fr);
  gap: 40px;
  align-items: center;
}
.first {
  height: 420px;
  max-height: 56vh;
}
.ready h1,
.words h1 {
  font-size: 2.25rem;
  line-height: 2.75rem;
}
.ready h2 {
  margin-top: 24px;
  font-size: 1rem;
  color: var(--ink-2);
}
.ready ul {
  margin-bottom: 28px;
  font-size: 1.25rem;
  line-height: 1.875rem;
}
.lead {
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.figure {
  min-height: 0;
  padding: 8px 0 16px;
}
.words {
  display: flex;
  flex-direction: column;
  min-width: 0;
  padding-top: 16px;
}
.kind :deep(.kind-letter) {
  width: 24px;
  height: 24px;
  font-size: 1rem;
}
.kind {
  display: flex;
  align-items: center;
  gap: 8px;
}
.cue {
  min-height: 64px;
  margin-top: 4px;
  font-size: 1.5rem;
  line-height: 2rem;
}
.middle {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 40px;
  align-items: end;
  margin-top: 12px;
}
.side {
  color: var(--side);
  font: 700 2.75rem/3rem var(--font);
}
.unit {
  margin-left: 16px;
  color: var(--ink);
}
.count {
  display: flex;
  align-items: flex-end;
  gap: 16px;
  margin-left: -10px;
}
.number {
  font: 700 248px/200px var(--font);
  letter-spacing: -12px;
}
.word {
  padding-bottom: 8px;
  font: 500 1.5rem/2rem var(--font);
}
.extra {
  width: 224px;
}
.next {
  margin-top: auto;
  padding: 8px 0 16px;
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.next b {
  color: var(--ink);
  font-weight: 600;
}
.keys {
  display: flex;
  gap: 12px;
  margin-bottom: 20px;
}
.gap {
  flex: 1;
}
.key {
  display: inline-flex;
  gap: 10px;
  align-items: center;
  justify-content: center;
  min-width: 48px;
  height: 52px;
  padding: 0 16px;
  border: 1.5px solid var(--edge);
  border-radius: var(--corner);
  background: transparent;
  color: var(--ink);
  font: 600 1rem/1.375rem var(--font);
}
.key kbd {
  background: var(--surface);
}
.key.on {
  border-color: var(--ink);
  background: var(--ink);
  color: var(--ground);
}
.key.on kbd {
  background: #c6d4d2;
  color: #1d2b2f;
}
.key.hurt {
  margin-left: 24px;
  border-color: var(--live);
  color: #f7b08c;
}
.narrow {
  display: none;
}
.leaving {
  position: fixed;
  z-index: 20;
  inset: 0;
  display: grid;
  gap: 16px;
  align-content: center;
  justify-items: center;
  background: color-mix(in srgb, var(--ground) 94%, transparent);
}
@media (max-width: 900px) {
  .turn {
    display: none;
  }
  .stage {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: 52px minmax(120px, 1fr) auto auto auto;
    min-height: 0;
    padding: 0 16px 8px;
  }
  .title,
  .ends {
    display: none;
  }
  .ready {
    grid-row: 2;
    grid-template-columns: minmax(0, 1fr);
    align-content: safe center;
    min-height: 0;
    overflow-y: auto;
  }
  .first {
    height: 200px;
  }
  .warned .first {
    display: none;
  }
  .warned .lead,
  .warned :deep(.notes) {
    font-size: 0.9375rem;
    line-height: 1.375rem;
  }
  .begin {
    position: sticky;
    bottom: 0;
    margin: 0;
    padding: 8px 0;
    background: var(--ground);
  }
  .ready h1 {
    font-size: 1.75rem;
    line-height: 2.25rem;
  }
  .ready ul {
    font-size: 1rem;
    line-height: 1.5rem;
  }
  .words {
    padding-top: 4px;
  }
  .words h1 {
    font-size: 1.75rem;
    line-height: 2.25rem;
  }
  .cue {
    min-height: 56px;
    font-size: 1.25rem;
    line-height: 1.75rem;
  }
  .middle {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
    margin-top: 4px;
  }
  .side {
    font-size: 1.75rem;
    line-height: 2rem;
  }
  .number {
    font-size: 184px;
    line-height: 150px;
    letter-spacing: -8px;
  }
  .extra {
    width: auto;
    min-height: 28px;
  }
  .extra.fan {
    position: absolute;
    right: 16px;
    bottom: 300px;
    width: 120px;
  }
  .next {
    padding: 4px 0 8px;
    font-size: 1rem;
    line-height: 1.5rem;
  }
  .keys {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 8px;
    margin-bottom: 8px;
  }
  .key {
    padding: 0 6px;
  }
  .key kbd,
  .gap {
    display: none;
  }
  .key.hurt {
    margin-left: 0;
  }
  .wide {
    display: none;
  }
  .narrow {
    display: block;
  }
}
</style>
