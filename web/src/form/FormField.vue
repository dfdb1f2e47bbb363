<script setup lang="ts">
import { computed, useId } from 'vue'
import type { FieldProblem } from '@/api/client'

/** A label, its control, a hint, and the server's word about it. */
const props = defineProps<{
  label: string
  field: string
  problems: readonly FieldProblem[]
  hint?: string
}>()

const id = useId()
const messages = computed(() =>
  props.problems.filter((p) => p.field === props.field).map((p) => p.message),
)
const describedBy = computed(() =>
  messages.value.length ? `${id}problem` : props.hint ? `${id}hint` : undefined,
)
</script>

<template>
  <div class="field">
    <label class="form-label" :for="id">{{ label }}</label>
    <slot :id="id" :state="messages.length ? false : null" :described="describedBy" />
    <p v-if="messages.length" :id="`${id}problem`" class="message" role="alert">
      {{ messages.join(' ') }}
    </p>
    <p v-else-if="hint" :id="`${id}hint`" class="hint">{{ hint }}</p>
  </div>
</template>

<style scoped>
.field {
  min-width: 0;
}
.message,
.hint {
  margin-top: 4px;
  font-size: 0.8125rem;
  line-height: 1.125rem;
}
.message {
  color: var(--stop);
  font-weight: 600;
}
.hint {
  color: var(--ink-2);
}
</style>
