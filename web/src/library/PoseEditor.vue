<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { Digit, FigureForm, FigureView, Pose } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import { isBodyView } from '@/hand/figures'
import {
  handPose,
  isBody,
  isHand,
  isPair,
  isTwoHands,
  keyframeOf,
  type Keyframe,
} from '@/hand/keyframes'
import type { HandPose } from '@/hand/skeleton'
import ChoiceRow from '@/parts/ChoiceRow.vue'
import SelectField from '@/parts/SelectField.vue'
import { ARROWS, DIGITS, PLACES, PROPS, VIEWS, keys } from '@/parts/labels'
import { capital, words } from '@/parts/words'

/** The keyframes of a figure: presets, and for a hand every joint by a slider. */
const props = defineProps<{
  poses: readonly Pose[]
  problems: readonly FieldProblem[]
  /** What the ways of the exercise are called, where it has some. */
  wayNames: readonly string[]
}>()
const model = defineModel<FigureForm>({ required: true })

/** The way whose keyframes are shown; the only one where all are drawn alike. */
const way = ref(0)
const keyframes = computed<readonly Keyframe[]>({
  get: () => model.value.ways[way.value] ?? model.value.ways[0] ?? [],
  set: (changed) => {
    model.value = {
      ...model.value,
      ways: model.value.ways.map((old, i) => (i === way.value ? [...changed] : old)),
    }
  },
})
/** As many ways stand in a row; more of them in a list. */
const ROW_OF_WAYS = 4
const wayOptions = computed(() =>
  model.value.ways.map((_, value) => ({
    value,
    label: props.wayNames[value] ?? `Way ${value + 1}`,
  })),
)
const apart = computed({
  get: () => model.value.ways.length > 1,
  set: (wanted: boolean) => {
    const first = [...(model.value.ways[0] ?? ['FLAT'])]
    model.value = {
      ...model.value,
      ways: wanted ? props.wayNames.map(() => [...first]) : [first],
    }
    way.value = 0
  },
})

const at = ref(0)
watch([() => keyframes.value.length, way], ([count]) => {
  at.value = Math.max(0, Math.min(at.value, count - 1))
})
const chosen = computed<Keyframe>(() => keyframes.value[at.value] ?? 'FLAT')
const options = <K extends string>(labels: Readonly<Record<K, string>>) =>
  keys(labels).map((value) => ({ value, text: labels[value] }))

/** A figure is of one kind; the view says which. */
const fits = (pose: Keyframe, view: FigureView) =>
  isBodyView(view) ? isBody(pose) : view === 'PAIR' ? isPair(pose) : isHand(pose)
const presets = computed(() =>
  props.poses
    .filter((pose) => fits(pose, model.value.view))
    .map((value) => ({
      value: value as string,
      text: capital(words(value).replace(/^body /, '')),
    })),
)
const preset = computed({
  get: () => (presets.value.some((p) => p.value === chosen.value) ? chosen.value : ''),
  set: (value: string) => {
    if (value) replace(value)
  },
})
watch(
  () => model.value.view,
  (view) => {
    if (model.value.ways.flat().every((pose) => fits(pose, view))) return
    const first = presets.value[0]?.value
    if (first) model.value = { ...model.value, ways: [[first]], places: [], wrong: null }
    way.value = 0
    at.value = 0
  },
)

function replace(keyframe: Keyframe) {
  keyframes.value = keyframes.value.map((pose, i) => (i === at.value ? keyframe : pose))
}
function add() {
  const next = [...keyframes.value]
  next.splice(at.value + 1, 0, chosen.value)
  keyframes.value = next
  at.value += 1
}
function remove() {
  if (keyframes.value.length === 1) return
  keyframes.value = keyframes.value.filter((_, i) => i !== at.value)
}
function shift(by: 1 | -1) {
  const to = at.value + by
  const next = [...keyframes.value]
  const moved = next[at.value]
  const other = next[to]
  if (moved === undefined || other === undefined) return
  next[at.value] = other
  next[to] = moved
  keyframes.value = next
  at.value = to
}

interface Joint {
  readonly label: string
  readonly least: number
  readonly greatest: number
  readonly get: (pose: HandPose) => number
  readonly set: (pose: HandPose, degrees: number) => HandPose
}
const PARTS = [
  { value: 0, label: 'Index' },
  { value: 1, label: 'Middle' },
  { value: 2, label: 'Ring' },
  { value: 3, label: 'Little' },
  { value: 4, label: 'Thumb' },
  { value: 5, label: 'Wrist' },
]
const part = ref<number | null>(0)

type FingerJoint = 'spread' | 'knuckle' | 'middle' | 'end'
type ThumbJoint = 'radial' | 'opposition' | 'knuckle' | 'end' | 'plane'
const finger = (
  i: number,
  joint: FingerJoint,
  label: string,
  least: number,
  greatest: number,
): Joint => ({
  label,
  least,
  greatest,
  get: (pose) => pose.fingers[i]?.[joint] ?? 0,
  set: (pose, degrees) => ({
    ...pose,
    fingers: pose.fingers.map((f, n) => (n === i ? { ...f, [joint]: degrees } : f)) as never,
  }),
})
const thumb = (joint: ThumbJoint, label: string, least: number, greatest: number): Joint => ({
  label,
  least,
  greatest,
  get: (pose) => pose.thumb[joint],
  set: (pose, degrees) => ({ ...pose, thumb: { ...pose.thumb, [joint]: degrees } }),
})
const wrist = (
  joint: 'flexion' | 'deviation',
  label: string,
  least: number,
  greatest: number,
): Joint => ({
  label,
  least,
  greatest,
  get: (pose) => pose.wrist[joint],
  set: (pose, degrees) => ({ ...pose, wrist: { ...pose.wrist, [joint]: degrees } }),
})
/** The same limits as the server checks. */
const joints = computed<readonly Joint[]>(() => {
  if (part.value === 5)
    return [
      wrist('flexion', 'Flexion (minus: extension)', -70, 80),
      wrist('deviation', 'To the thumb side (minus: little-finger side)', -35, 20),
    ]
  if (part.value === 4)
    return [
      thumb('radial', 'Abduction', 5, 62),
      thumb('opposition', 'Opposition', -15, 112),
      thumb('knuckle', 'Knuckle flexion', -5, 60),
      thumb('end', 'End joint flexion', -15, 80),
      thumb('plane', 'Plane of flexion', 0, 90),
    ]
  const i = part.value ?? 0
  return [
    finger(i, 'spread', 'Abduction', -12, 26),
    finger(i, 'knuckle', 'Knuckle flexion', -45, 90),
    finger(i, 'middle', 'Middle joint flexion', 0, 110),
    finger(i, 'end', 'End joint flexion', -10, 80),
  ]
})
const jointed = computed(() => isHand(chosen.value) && !isTwoHands(chosen.value))
const pose = computed(() => handPose(chosen.value))
function bend(joint: Joint, degrees: number) {
  replace(keyframeOf(joint.set(pose.value, degrees)))
}
const otherView = computed<FigureView>(() =>
  model.value.view === 'SIDE' || model.value.view === 'SIDE_PALM_UP' ? 'THREE_QUARTER' : 'SIDE',
)
const digitOptions = keys(DIGITS).map((value) => ({ value, text: DIGITS[value] }))
const worked = computed({
  get: () => model.value.worked,
  set: (value: Digit[]) => {
    model.value = { ...model.value, worked: value }
  },
})
</script>

<template>
  <div class="pose-editor">
    <div class="row-of">
      <SelectField
        v-model="model.view"
        label="Seen from"
        field="figure.view"
        :problems="problems"
        :options="options(VIEWS)"
      />
      <SelectField
        v-model="model.arrow"
        label="Arrow"
        field="figure.arrow"
        :problems="problems"
        :options="options(ARROWS)"
      />
      <SelectField
        v-model="model.prop"
        label="In the hand"
        field="figure.prop"
        :problems="problems"
        :options="options(PROPS)"
      />
    </div>
    <BFormCheckboxGroup
      v-if="isBodyView(model.view)"
      v-model="model.places"
      :options="options(PLACES)"
      aria-label="Places drawn at work"
      class="places"
    />
    <BFormCheckbox v-if="wayNames.length > 1 || apart" v-model="apart"
      >Each way has keyframes of its own</BFormCheckbox
    >
    <template v-if="apart">
      <ChoiceRow
        v-if="wayOptions.length <= ROW_OF_WAYS"
        v-model="way"
        label="Way"
        :options="wayOptions"
        wide
      />
      <BFormSelect v-else v-model="way" aria-label="Way" :options="wayOptions" text-field="label" />
    </template>
    <div class="frames" role="group" aria-label="Keyframes">
      <button
        v-for="(frame, i) in keyframes"
        :key="i"
        type="button"
        :class="{ on: i === at }"
        :aria-pressed="i === at"
        :aria-label="`Keyframe ${i + 1}`"
        @click="at = i"
      >
        <ExerciseFigure
          :poses="[frame]"
          :view="model.view"
          :worked="model.worked"
          :places="model.places"
          :height="60"
          :label="`Keyframe ${i + 1}`"
        />
      </button>
    </div>
    <div class="frame-keys">
      <BButton size="sm" variant="outline-secondary" @click="add">Add one after it</BButton>
      <BButton size="sm" variant="outline-secondary" aria-label="Earlier" @click="shift(-1)"
        >←</BButton
      >
      <BButton size="sm" variant="outline-secondary" aria-label="Later" @click="shift(1)"
        >→</BButton
      >
      <BButton
        size="sm"
        variant="outline-secondary"
        :disabled="keyframes.length === 1"
        @click="remove"
        >Remove it</BButton
      >
    </div>
    <div class="bending">
      <div class="views">
        <ExerciseFigure
          :poses="[chosen]"
          :view="model.view"
          :worked="model.worked"
          :places="model.places"
          :prop="model.prop"
          :height="220"
          label="The keyframe"
        />
        <ExerciseFigure
          v-if="jointed"
          :poses="[chosen]"
          :view="otherView"
          :worked="model.worked"
          :height="220"
          label="The keyframe from another side"
        />
      </div>
      <div>
        <SelectField
          v-model="preset"
          label="Pose"
          field="figure.ways"
          :problems="problems"
          :options="[{ value: '', text: 'By its joints' }, ...presets]"
        />
        <template v-if="jointed">
          <ChoiceRow v-model="part" label="Part of the hand" :options="PARTS" wide class="parts" />
          <label v-for="joint in joints" :key="joint.label" class="joint">
            <span>{{ joint.label }}</span>
            <input
              type="range"
              :min="joint.least"
              :max="joint.greatest"
              :value="joint.get(pose)"
              @input="bend(joint, Number(($event.target as HTMLInputElement).value))"
            />
            <output>{{ Math.round(joint.get(pose)) }}°</output>
          </label>
        </template>
        <div class="checks">
          <span class="form-label">Digits at work</span>
          <BFormCheckboxGroup
            v-model="worked"
            :options="digitOptions"
            aria-label="Digits at work"
          />
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.row-of {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 12px;
}
.frames {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 12px;
}
.frames button {
  width: 92px;
  height: 72px;
  padding: 4px;
  border: 1.5px solid var(--line);
  background: var(--surface);
}
.frames button.on {
  border-color: var(--ink);
}
.frame-keys {
  display: flex;
  gap: 6px;
  margin: 6px 0 12px;
}
.bending {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 20px;
}
.views {
  display: grid;
  gap: 8px;
  align-content: start;
}
.views :deep(svg) {
  height: 200px;
}
.parts {
  margin: 12px 0 6px;
}
.joint {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 132px 44px;
  gap: 10px;
  align-items: center;
  min-height: 30px;
  font-size: 0.875rem;
}
.joint input {
  width: 100%;
  accent-color: var(--main);
}
output {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
.checks {
  margin-top: 12px;
}
</style>
