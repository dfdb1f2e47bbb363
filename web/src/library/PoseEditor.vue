<script setup lang="ts">
import { computed } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { Digit, FigureForm, FigureView, JointChoice, Pose } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import { isBodyView } from '@/hand/figures'
import { handPose, isHand, isTwoHands, keyframeOf } from '@/hand/keyframes'
import ChoiceRow from '@/form/ChoiceRow.vue'
import SelectField from '@/form/SelectField.vue'
import { ARROWS, DIGITS, PLACES, PROPS, VIEWS, keys } from '@/parts/labels'
import { optionsOf } from '@/form/options'
import JointSliders from './JointSliders.vue'
import { useKeyframes } from './useKeyframes'

/** The keyframes of a figure: presets, and for a hand every joint by a slider. */
const props = defineProps<{
  poses: readonly Pose[]
  /** How far each joint goes. */
  joints: readonly JointChoice[]
  problems: readonly FieldProblem[]
  /** What the ways of the exercise are called, where it has some. */
  wayNames: readonly string[]
}>()
const model = defineModel<FigureForm>({ required: true })

const {
  way,
  wayOptions,
  apart,
  keyframes,
  at,
  chosen,
  presets,
  preset,
  replace,
  add,
  remove,
  shift,
} = useKeyframes(
  model,
  () => props.poses,
  () => props.wayNames,
)
/** As many ways stand in a row; more of them in a list. */
const ROW_OF_WAYS = 4
const jointed = computed(() => isHand(chosen.value) && !isTwoHands(chosen.value))
const pose = computed({
  get: () => handPose(chosen.value),
  set: (bent) => replace(keyframeOf(bent)),
})
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
        :options="optionsOf(VIEWS)"
      />
      <SelectField
        v-model="model.arrow"
        label="Arrow"
        field="figure.arrow"
        :problems="problems"
        :options="optionsOf(ARROWS)"
      />
      <SelectField
        v-model="model.prop"
        label="In the hand"
        field="figure.prop"
        :problems="problems"
        :options="optionsOf(PROPS)"
      />
    </div>
    <BFormCheckboxGroup
      v-if="isBodyView(model.view)"
      v-model="model.places"
      :options="optionsOf(PLACES)"
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
          <JointSliders v-model="pose" :joints="joints" />
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
.checks {
  margin-top: 12px;
}
</style>
