<script setup lang="ts">
import type { FieldProblem } from '@/api/client'
import FormField from '@/form/FormField.vue'

/** A password, never shown unless asked for; managers of passwords know which one it is. */
defineProps<{
  label: string
  field: string
  problems: readonly FieldProblem[]
  /** A new one, or the one there is. */
  kind: 'new-password' | 'current-password'
}>()
const model = defineModel<string>({ required: true })
</script>

<template>
  <FormField
    v-slot="{ id, state, described }"
    v-bind="{ label, field, problems }"
    :hint="kind === 'new-password' ? 'At least 12 characters; four words do' : undefined"
  >
    <BFormInput
      :id="id"
      v-model="model"
      type="password"
      :state="state"
      :aria-describedby="described"
      :autocomplete="kind"
    />
  </FormField>
</template>
