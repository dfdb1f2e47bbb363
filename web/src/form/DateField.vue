<script setup lang="ts">
import type { FieldProblem } from '@/api/client'
import DateInput from './DateInput.vue'
import FormField from './FormField.vue'

/** A date with its label, hint and problems. */
withDefaults(
  defineProps<{
    label: string
    field: string
    problems: readonly FieldProblem[]
    hint?: string
    min?: string
    max?: string
  }>(),
  { hint: undefined, min: undefined, max: undefined },
)
const model = defineModel<string>({ required: true })
</script>

<template>
  <FormField v-slot="{ id, state, described }" v-bind="{ label, field, problems, hint }">
    <DateInput
      :id="id"
      v-model="model"
      :min="min"
      :max="max"
      :class="{ 'is-invalid': state === false }"
      :aria-invalid="state === false || undefined"
      :aria-describedby="described"
    />
  </FormField>
</template>
