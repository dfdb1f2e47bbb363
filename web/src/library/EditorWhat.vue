<script setup lang="ts">
import type { FieldProblem } from '@/api/client'
import type { ExerciseForm, Kind } from '@/api/types'
import SelectField from '@/form/SelectField.vue'
import TextField from '@/form/TextField.vue'
import { KINDS } from '@/tape/kinds'
import EditorSection from './EditorSection.vue'
import LinesField from './LinesField.vue'

/** What an exercise is. */
defineProps<{ problems: readonly FieldProblem[] }>()
const form = defineModel<ExerciseForm>({ required: true })

const kindOptions = (Object.keys(KINDS) as Kind[]).map((value) => ({
  value,
  text: KINDS[value].word,
}))
</script>

<template>
  <EditorSection title="What it is">
    <div class="grid">
      <TextField
        v-model="form.title"
        label="Title"
        field="title"
        :problems="problems"
        hint="Up to 42 characters."
      />
      <SelectField
        v-model="form.kind"
        label="Kind"
        field="kind"
        :problems="problems"
        :options="kindOptions"
      />
    </div>
    <TextField v-model="form.purpose" label="What it is for" field="purpose" :problems="problems" />
    <LinesField
      v-model="form.synonyms"
      label="Other words to find it by"
      field="synonyms"
      :problems="problems"
      :rows="2"
    />
  </EditorSection>
</template>
