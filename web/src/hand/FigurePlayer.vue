<script setup lang="ts">
import { computed, onMounted, onScopeDispose, ref, watch } from 'vue'
import type { Cue, Digit, FigureParts } from '@/api/types'
import ChoiceRow from '@/form/ChoiceRow.vue'
import ExerciseFigure from './ExerciseFigure.vue'
import { loopOf, motionAt } from './motion'

/** A figure that shows a dose at its own tempo, slowly, or step by step. */
const props = defineProps<{
  figure: FigureParts
  cues: readonly Cue[]
  height: number
  label: string
}>()

const SPEEDS = [
  { value: 1, label: 'Full' },
  { value: 0.5, label: 'Half' },
  { value: 0.25, label: 'Quarter' },
]
const speed = ref<number | null>(1)
const EYES = [
  { value: 'own', label: 'Own eyes' },
  { value: 'facing', label: 'Facing' },
]
const eyes = ref<string | null>('own')
const showWrong = ref(false)
const playing = ref(!matchMedia('(prefers-reduced-motion: reduce)').matches)
const position = ref(0)

const loop = computed(() => loopOf(props.cues))
const starts = computed(() => {
  let at = 0
  return loop.value.map((cue) => {
    const start = at
    at += cue.durationMillis
    return start
  })
})
const length = computed(() => loop.value.reduce((sum, cue) => sum + cue.durationMillis, 0))
const index = computed(() =>
  Math.max(0, starts.value.filter((start) => start <= position.value).length - 1),
)
const cue = computed(() => loop.value[index.value])
const motion = computed(() =>
  cue.value
    ? motionAt(cue.value, position.value - (starts.value[index.value] ?? 0), props.figure.poses)
    : null,
)
const worked = computed<readonly Digit[]>(() =>
  cue.value?.digits.length ? cue.value.digits : props.figure.worked,
)
const words = computed(() => {
  const c = cue.value
  if (!c) return ''
  const count = c.repetitions > 1 ? ` · ${c.repetition} of ${c.repetitions}` : ''
  const beat = c.beats > 1 ? ` · beat ${c.beat}` : ''
  return (c.unit ? `${c.unit} · ` : '') + c.text + count + beat
})

let frame = 0
let last = 0
function draw(now: number) {
  if (last) {
    position.value = (position.value + (now - last) * (speed.value ?? 1)) % (length.value || 1)
  }
  last = now
  frame = requestAnimationFrame(draw)
}
function run() {
  cancelAnimationFrame(frame)
  last = 0
  if (playing.value) frame = requestAnimationFrame(draw)
}
watch(playing, run)
watch(
  () => props.cues,
  () => {
    position.value = 0
  },
)
onMounted(() => {
  // Standing still, it shows where the movement goes.
  if (!playing.value) position.value = starts.value[1] ?? 0
  run()
})
onScopeDispose(() => cancelAnimationFrame(frame))

/** Stops at the beginning of the next or the previous cue that shows another pose. */
function step(by: 1 | -1) {
  playing.value = false
  const count = loop.value.length
  if (!count) return
  const to = (index.value + by + count) % count
  position.value = starts.value[to] ?? 0
}
</script>

<template>
  <div class="figure-player">
    <div class="picture" :style="{ height: `${height}px` }">
      <ExerciseFigure
        :poses="figure.poses"
        :from="motion?.from"
        :to="motion?.to"
        :progress="motion?.t ?? 0"
        :view="figure.view"
        :sides="cue?.sides"
        :worked="worked"
        :places="figure.places"
        :arrow="figure.arrow"
        :prop="figure.prop"
        :wrong="showWrong ? figure.wrong : null"
        :facing="eyes === 'facing'"
        :holding="cue?.phase === 'HOLD' && cue.breath === 'FREE'"
        :moving="playing && (motion?.moving ?? false)"
        :height="height"
        :label="label"
      />
    </div>
    <p class="words" data-figure-words>{{ words }}</p>
    <div class="controls">
      <BButton size="sm" variant="outline-secondary" @click="playing = !playing">
        {{ playing ? 'Stand still' : 'Play' }}
      </BButton>
      <BButton size="sm" variant="outline-secondary" aria-label="One step back" @click="step(-1)"
        >←</BButton
      >
      <BButton size="sm" variant="outline-secondary" aria-label="One step on" @click="step(1)"
        >→</BButton
      >
      <ChoiceRow v-model="speed" label="Speed" :options="SPEEDS" />
      <ChoiceRow v-model="eyes" label="Seen with" :options="EYES" />
      <BButton
        v-if="figure.wrong"
        size="sm"
        variant="outline-secondary"
        :aria-pressed="showWrong"
        @click="showWrong = !showWrong"
        >{{ showWrong ? 'Hide the wrong form' : 'Wrong form' }}</BButton
      >
    </div>
  </div>
</template>

<style scoped>
.picture {
  display: grid;
  place-items: center;
}
.words {
  margin: 4px 0 8px;
  min-height: 20px;
  text-align: center;
  font-size: 0.875rem;
  color: var(--ink-2);
}
.controls :deep(.choices) {
  flex: none;
}
.controls :deep(.choices button) {
  padding-inline: 8px;
  white-space: nowrap;
}
.controls {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: center;
  align-items: center;
}
</style>
