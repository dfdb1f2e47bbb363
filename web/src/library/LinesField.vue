<script setup lang="ts">
import { ref, watch } from 'vue'
import type { FieldProblem } from '@/api/client'
import FormField from '@/form/FormField.vue'
import { lines } from './exerciseForm'

/** Several short texts, one a line. */
const props = defineProps<{
  label: string
  field: string
  problems: readonly FieldProblem[]
  rows?: number
  hint?: string
}>()
const model = defineModel<string[]>({ required: true })

const text = ref(model.value.join('\n'))
watch(model, (value) => {
  if (value.join('\n') !== lines(text.value).join('\n')) text.value = value.join('\n')
})
watch(text, (value) => {
  model.value = lines(value)
})
/** A problem with one line is told at the field. */
const own = (problems: readonly FieldProblem[]) =>
  problems.map((p) => (p.field.startsWith(`${props.field}[`) ? { ...p, field: props.field } : p))
</script>

<template>
  <FormField
    v-slot="{ id, state, described }"
    :label="label"
    :field="field"
    :problems="own(problems)"
    :hint="hint ?? 'One a line.'"
  >
    <BFormTextarea
      :id="id"
      v-model="text"
      :rows="rows ?? 3"
      :state="state"
      :aria-describedby="described"
    />
  </FormField>
</template>
