<script setup lang="ts">
import { ServerAway, ServerProblem } from '@/api/client'
import LoadingShape from './LoadingShape.vue'

/** Loading, error and empty of a part of a page, in one place. */
defineProps<{
  loading: boolean
  error?: Error
  /** Whether there is something to show; an error is then shown above it. */
  ready: boolean
}>()
const emit = defineEmits<{ retry: [] }>()
/** Nothing was typed here, so the sentence says more than the name of a field. */
const words = (error: Error) =>
  error instanceof ServerProblem && error.errors.length
    ? error.errors.map((problem) => problem.message).join(' ')
    : error.message
</script>

<template>
  <div v-if="error" class="problem" role="alert">
    <p>{{ words(error) }}</p>
    <BButton variant="outline-secondary" @click="emit('retry')">
      {{ error instanceof ServerAway ? 'Try again' : 'Load again' }}
    </BButton>
  </div>
  <slot v-if="ready" />
  <LoadingShape v-else-if="loading" />
</template>

<style scoped>
.problem {
  display: flex;
  align-items: center;
  gap: 16px;
  margin: 16px 0;
  padding: 12px 16px;
  border: 1.5px solid var(--stop);
  background: var(--surface);
}
</style>
