<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PainForm, RoutineView, SessionForm, Shortfall } from '@/api/types'
import KindPatterns from '@/tape/KindPatterns.vue'
import FeltElsewhere from './FeltElsewhere.vue'
import HurtsPanel from './HurtsPanel.vue'
import type { KeptRun } from './keptRun'
import LeavingPanel from './LeavingPanel.vue'
import PaceLine from './PaceLine.vue'
import RungStrip from './RungStrip.vue'
import StageFigure from './StageFigure.vue'
import StageFrame from './StageFrame.vue'
import StageHeader from './StageHeader.vue'
import StageKeys from './StageKeys.vue'
import StageQuestion from './StageQuestion.vue'
import StageReady from './StageReady.vue'
import StageTape from './StageTape.vue'
import StageWords from './StageWords.vue'
import { TIGHTER, WHY } from './stageQuestions'
import { lastStepWords, sideWords } from './stageWords'
import { useCountingDevices } from './useCountingDevices'
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
const facing = ref(false)
const frame = ref<InstanceType<typeof StageFrame> | null>(null)
const stage = computed(() => frame.value?.root ?? null)
/** While a hold or a count at one's own pace may be ended by the person, and from when on. */
const mayEase = computed(
  () =>
    player.ownPace.counting.value ||
    (cue.value.easesFromMillis > 0 &&
      player.position.value - cue.value.offsetMillis >= cue.value.easesFromMillis),
)
const askedTighter = computed(() => titleOf(player.questions.tighter.value))
const askedFelt = computed(() =>
  player.questions.felt.value === null
    ? undefined
    : player.steps.value[player.questions.felt.value],
)
function titleOf(place: number | null) {
  return place === null ? undefined : player.steps.value[place]?.title
}
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
/** It hurts a little: the same, one rung down. */
function easier(pain: PainForm) {
  player.noteHurt(pain, false)
  player.shift('EASIER')
  nothing()
}
/** The burn that a count is for: it goes on, and from where it burned is kept. */
function burns() {
  player.ownPace.burns()
  nothing()
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
function turn() {
  facing.value = !facing.value
}
function stay() {
  leaving.value = false
  player.resume()
}

useCountingDevices(stage, player)
useStageKeys(player, { toggle, hurts, turn, leave }, () => {
  if (hurting.value) return nothing
  return leaving.value ? stay : null
})
</script>

<template>
  <StageFrame
    ref="frame"
    :data-state="player.state.value"
    :data-position="Math.round(player.position.value)"
  >
    <KindPatterns prefix="stage" />
    <KindPatterns prefix="stage-small" :scale="0.7" />
    <div class="under" :inert="hurting || leaving">
      <StageHeader class="header" :routine="routine" :left="player.left.value" />

      <StageReady
        v-if="player.state.value === 'ready'"
        :routine="routine"
        @start="begin"
        @leave="leave"
      />
      <template v-else-if="step">
        <FeltElsewhere
          v-if="askedFelt && player.questions.felt.value !== null"
          :key="player.questions.felt.value"
          class="figure"
          :step="askedFelt"
          :safety="routine.safety"
          :felt="player.questions.told(player.questions.felt.value).felt"
          @say="player.questions.tell(player.questions.felt.value, { felt: $event })"
          @hurts="hurts"
          @close="player.questions.closeFelt"
        />
        <StageFigure
          v-else
          class="figure"
          :step="step"
          :cue="cue"
          :step-cues="player.stepCues.value"
          :elapsed="player.position.value - cue.offsetMillis"
          :paused="player.state.value === 'paused'"
          :facing="facing"
          :side-word="sideWord"
          @turn="turn"
        />
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
            :key="`${player.step.value} ${step.lengthMillis}`"
            :ladder="step.ladder"
            :shifted="player.shifted()"
            :notes="player.notes.value"
            @shift="player.shift"
            @fewer="player.fewer"
          />
          <StageQuestion
            v-if="askedTighter && !unsaid"
            :label="`Which side was tighter in ${askedTighter}`"
            asks="Which side was tighter?"
            :choices="TIGHTER"
            @say="player.questions.sayTighter"
          />
        </StageWords>
        <PaceLine
          v-if="player.ownPace.counting.value"
          class="pace"
          :count="player.ownPace.here.value"
          :of="cue.repetitions"
        />
        <StageQuestion
          v-if="unsaid && !askedFelt && !player.ownPace.counting.value"
          class="why"
          :label="`Why less of ${unsaid.title}`"
          :asks="`Less of ${unsaid.title}, because`"
          :choices="WHY"
          @say="player.say"
        />
        <StageKeys
          class="keys"
          :running="player.state.value === 'running'"
          :muted="player.muted.value"
          :volume="player.volume.value"
          :asks-felt="step.feeling.asksWhere"
          :felt="player.questions.felt.value !== null"
          :stayed="step.feeling.stayMillis ? (player.stayed.value ?? 0) : null"
          :stays="player.stayed.value !== null"
          :facing="facing"
          :speaks="voice.isThere() ? voice.speaks.value : null"
          :may-ease="mayEase"
          :counting="player.ownPace.counting.value"
          :cue="cue"
          @toggle="toggle"
          @back="player.back"
          @next="player.next"
          @eased="player.eased"
          @again="player.again"
          @felt="player.questions.askFelt"
          @stay="player.stay"
          @volume="player.turnVolume"
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
      :may-ease="Boolean(step.ladder?.easier) && !player.shifted()"
      :asks-after="true"
      :burn-is-wanted="step.feeling.burnIsWanted && player.ownPace.counting.value"
      @on="goOn"
      @easier="easier"
      @burns="burns"
      @end="end"
      @cancel="nothing"
    />
    <LeavingPanel v-if="leaving" @stay="stay" @leave="leaveBecause" />
  </StageFrame>
</template>

<style scoped>
.under {
  display: contents;
}
.header {
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
@media (max-width: 900px) {
  .words {
    grid-row: 3;
    grid-column: 1;
  }
  .keys {
    grid-row: 4;
  }
}
</style>
