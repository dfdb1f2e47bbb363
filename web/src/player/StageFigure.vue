<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Cue, StepView } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import FigurePlayer from '@/hand/FigurePlayer.vue'
import { motionAt } from '@/hand/motion'
import { useWidth } from '@/parts/useWidth'

/** What is done now, drawn; slowly and by hand while it stands. */
const props = defineProps<{
  step: StepView
  cue: Cue
  stepCues: readonly Cue[]
  /** Since the beginning of the cue, in ms. */
  elapsed: number
  paused: boolean
  facing: boolean
  sideWord: string
}>()
const emit = defineEmits<{ turn: [] }>()

const pose = computed(() => motionAt(props.cue, props.elapsed, props.step.figure.poses))
/** On a phone there is no room for looking slowly; the figure itself is turned by a touch. */
const place = ref<HTMLElement | null>(null)
const ROOMY = 460
const width = useWidth(place)
const roomy = computed(() => width.value > ROOMY)
const worked = computed(() =>
  props.cue.digits.length ? props.cue.digits : props.step.figure.worked,
)
function turnByTouch() {
  if (!roomy.value) emit('turn')
}
</script>

<template>
  <div ref="place" class="figure" @click="turnByTouch">
    <FigurePlayer
      v-if="paused && roomy"
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
</template>

<style scoped>
.figure {
  min-height: 0;
  padding: 8px 0 16px;
}
</style>
