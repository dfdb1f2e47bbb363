<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PainForm, RoutineView, SessionForm, Shortfall } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import FigurePlayer from '@/hand/FigurePlayer.vue'
import { motionAt } from '@/hand/motion'
import { useWidth } from '@/parts/useWidth'
import { countdown, toMinute } from '@/parts/words'
import KindPatterns from '@/tape/KindPatterns.vue'
import HurtsPanel from './HurtsPanel.vue'
import type { KeptRun } from './keptRun'
import LeavingPanel from './LeavingPanel.vue'
import PaceLine from './PaceLine.vue'
import RungStrip from './RungStrip.vue'
import StageKeys from './StageKeys.vue'
import StageReady from './StageReady.vue'
import StageTape from './StageTape.vue'
import StageWords from './StageWords.vue'
import WhyLess from './WhyLess.vue'
import { endWords, lastStepWords, sideWords } from './stageWords'
import { usePlayer } from './usePlayer'
import { useStageKeys } from './useStageKeys'
import { useVoice } from './useVoice'

/** The dark stage: runs by itself, everything by keys and by touch. */
const props = withDefaults(
  defineProps<{ routine: RoutineView; from?: number; kept?: KeptRun | null }>(),
  {
    from: 0,
    kept: null,
  },
)
const emit = defineEmits<{ finished: [record: SessionForm]; left: [] }>()

const player = usePlayer(props.routine, props.from, props.kept)
const hurting = ref(false)
const leaving = ref(false)

const step = computed(() => player.steps.value[player.step.value] ?? player.steps.value[0])
const following = computed(() => player.steps.value[player.step.value + 1])
const unsaid = computed(() =>
  player.unsaid.value === null ? undefined : player.steps.value[player.unsaid.value],
)
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
/** While a hold or a count at one's own pace may be ended by the person, and from when on. */
const mayEase = computed(
  () =>
    player.ownPace.counting.value ||
    (cue.value.easesFromMillis > 0 &&
      player.position.value - cue.value.offsetMillis >= cue.value.easesFromMillis),
)
const worked = computed(() =>
  cue.value.digits.length ? cue.value.digits : (step.value?.figure.worked ?? []),
)
function begin(before: PainForm[] | null) {
  player.before.value = before
  void player.start()
}
function leaveBecause(why: Shortfall) {
  player.say(why, player.step.value)
  finish('LEFT')
}
const voice = useVoice(
  computed(() => ({
    running: player.state.value === 'running',
    title: step.value?.title ?? '',
    side: sideWord.value,
  })),
)
function finish(how: SessionForm['state']) {
  player.finish(how)
}
watch(player.state, (now) => {
  if (now === 'finished') emit('finished', player.record())
})

function toggle() {
  if (player.state.value === 'running') player.pause()
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
function end(pain: PainForm | null, forSafety: boolean) {
  if (pain) player.noteHurt(pain)
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

useStageKeys(player, { toggle, hurts, turn, leave }, () => {
  if (hurting.value) return nothing
  return leaving.value ? stay : null
})
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
        <span class="quiet large title">{{ routine.clientName }}</span>
        <span class="push quiet large ends">{{
          endWords(routine.blockTitle, toMinute(routine.endsAt))
        }}</span>
        <b class="left mono">{{ countdown(player.left.value) }} left</b>
      </header>

      <StageReady
        v-if="player.state.value === 'ready'"
        :routine="routine"
        @start="begin"
        @leave="leave"
      />
      <template v-else-if="step">
        <div ref="place" class="figure" @click="turnByTouch">
          <FigurePlayer
            v-if="player.state.value === 'paused' && roomy"
            :figure="step.figure"
            :cues="player.stepCues.value"
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
        <StageWords
          :step="step"
          :following="following"
          :last-words="lastStepWords(routine.blockTitle)"
          :number="player.step.value + 1"
          :total="routine.steps.length"
          :cue="cue"
          :side-word="sideWord"
          :count="player.count.value"
          :progress="player.progress.value"
          :counting="player.ownPace.counting.value"
        >
          <RungStrip
            v-if="step.ladder && (step.ladder.easier || step.ladder.harder)"
            :key="`${player.step.value} ${step.lengthMillis}`"
            :ladder="step.ladder"
            :shifted="player.shifted()"
            @shift="player.shift"
          />
        </StageWords>
        <PaceLine
          v-if="player.ownPace.counting.value"
          class="pace"
          :count="player.ownPace.here.value"
          :of="cue.repetitions"
        />
        <WhyLess
          v-if="unsaid && !player.ownPace.counting.value"
          class="why"
          :step-title="unsaid.title"
          @say="player.say"
        />
        <StageKeys
          class="keys"
          :running="player.state.value === 'running'"
          :muted="player.muted.value"
          :facing="facing"
          :speaks="voice.isThere() ? voice.speaks.value : null"
          :may-ease="mayEase"
          :counting="player.ownPace.counting.value"
          :cue="cue"
          @toggle="toggle"
          @back="player.back"
          @next="player.next"
          @eased="player.eased"
          @count="player.countOne"
          @not-complete="player.notComplete"
          @burns="player.ownPace.burns"
          @hurts="hurts"
          @mute="player.toggleMute"
          @voice="voice.toggle"
          @turn="turn"
          @leave="leave"
        />
      </template>
      <StageTape :steps="player.steps.value" :at="player.position.value" />
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
    <LeavingPanel v-if="leaving" @stay="stay" @leave="leaveBecause" />
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
header {
  grid-row: 1;
  grid-column: 1 / -1;
}
.figure {
  grid-row: 2;
  grid-column: 1;
}
.words {
  grid-row: 2;
  grid-column: 2;
}
.keys {
  grid-row: 3;
  grid-column: 1 / -1;
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
.why {
  grid-row: 2;
  grid-column: 1;
  align-self: end;
  justify-self: start;
}
.pace {
  grid-row: 2;
  grid-column: 1 / -1;
  align-self: end;
}
.figure {
  min-height: 0;
  padding: 8px 0 16px;
}
@media (max-width: 900px) {
  .stage {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: 52px minmax(120px, 1fr) auto auto auto;
    min-height: 0;
    padding: 0 16px 8px;
  }
  .words {
    grid-row: 3;
    grid-column: 1;
  }
  .keys {
    grid-row: 4;
  }
  .title,
  .ends {
    display: none;
  }
}
</style>
