<script setup lang="ts" generic="V extends string | null">
import type { FieldProblem } from '@/api/client'
import FormField from './FormField.vue'

/** One of several, with its label and problems. */
defineProps<{
  label: string
  field: string
  problems: readonly FieldProblem[]
  options: readonly { value: V; text: string }[]
}>()
const model = defineModel<V>({ required: true })
</script>

<template>
  <FormField v-slot="{ id, state, described }" v-bind="{ label, field, problems }">
    <BFormSelect
      :id="id"
      v-model="model"
      :options="[...options]"
      :state="state"
      :aria-describedby="described"
    />
  </FormField>
</template>
