<script setup lang="ts">
import type { FieldProblem } from '@/api/client'
import FormField from './FormField.vue'
import TimeInput from './TimeInput.vue'

/** A time of day with its label, hint and problems. */
withDefaults(
  defineProps<{
    label: string
    field: string
    problems: readonly FieldProblem[]
    hint?: string
  }>(),
  { hint: undefined },
)
const model = defineModel<string>({ required: true })
</script>

<template>
  <FormField v-slot="{ id, state, described }" v-bind="{ label, field, problems, hint }">
    <TimeInput
      :id="id"
      v-model="model"
      :class="{ 'is-invalid': state === false }"
      :aria-invalid="state === false || undefined"
      :aria-describedby="described"
    />
  </FormField>
</template>
