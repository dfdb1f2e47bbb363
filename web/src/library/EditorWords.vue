<script setup lang="ts">
import { computed } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { Choices, ExerciseForm } from '@/api/types'
import SelectField from '@/form/SelectField.vue'
import TextField from '@/form/TextField.vue'
import EditorSection from './EditorSection.vue'
import LinesField from './LinesField.vue'

/** What is said of an exercise. */
const props = defineProps<{ problems: readonly FieldProblem[]; choices: Choices }>()
const form = defineModel<ExerciseForm>({ required: true })

const others = computed(() => [
  { value: null, text: 'None' },
  ...props.choices.exercises.map((e) => ({ value: e.id, text: e.title })),
])
</script>

<template>
  <EditorSection title="Words">
    <TextField v-model="form.setUp" label="Set-up" field="setUp" :problems="problems" :lines="2" />
    <LinesField
      v-model="form.action"
      label="Action, in short steps"
      field="action"
      :problems="problems"
    />
    <div class="grid">
      <TextField
        v-model="form.cue"
        label="The one cue"
        field="cue"
        :problems="problems"
        hint="Up to 70 characters; it stands large on the stage."
      />
      <TextField v-model="form.breath" label="Breath" field="breath" :problems="problems" />
      <TextField
        v-model="form.feltAt"
        label="Where it should be felt"
        field="feltAt"
        :problems="problems"
      />
    </div>
    <div class="grid">
      <LinesField
        v-model="form.mistakes"
        label="Common mistakes"
        field="mistakes"
        :problems="problems"
      />
      <LinesField v-model="form.cautions" label="Cautions" field="cautions" :problems="problems" />
      <LinesField
        v-model="form.stopRules"
        label="When to stop"
        field="stopRules"
        :problems="problems"
        hint="Besides the rules of every session."
      />
    </div>
    <div class="grid">
      <TextField v-model="form.easier" label="Easier" field="easier" :problems="problems" />
      <SelectField
        v-model="form.easierExercise"
        label="or the exercise"
        field="easierExercise"
        :problems="problems"
        :options="others"
      />
      <TextField v-model="form.harder" label="Harder" field="harder" :problems="problems" />
      <SelectField
        v-model="form.harderExercise"
        label="or the exercise"
        field="harderExercise"
        :problems="problems"
        :options="others"
      />
    </div>
  </EditorSection>
</template>
