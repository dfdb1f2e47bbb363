<script setup lang="ts">
import type { FieldProblem } from '@/api/client'
import FormField from './FormField.vue'

withDefaults(
  defineProps<{
    label: string
    field: string
    problems: readonly FieldProblem[]
    hint?: string
    type?: 'text' | 'number' | 'time'
    lines?: number
    list?: string
  }>(),
  { hint: undefined, type: 'text', lines: 1, list: undefined },
)
const model = defineModel<string | number>({ required: true })
/** A text, short or of several lines, with its label, hint and problems. */
defineOptions({ inheritAttrs: false })
</script>

<template>
  <FormField v-slot="{ id, state, described }" v-bind="{ label, field, problems, hint }">
    <BFormTextarea
      v-if="lines > 1"
      v-bind="$attrs"
      :id="id"
      v-model="model"
      :rows="lines"
      :state="state"
      :aria-describedby="described"
    />
    <BFormInput
      v-else
      v-bind="$attrs"
      :id="id"
      v-model="model"
      :type="type"
      :number="type === 'number'"
      :list="list"
      :state="state"
      :aria-describedby="described"
    />
  </FormField>
</template>
