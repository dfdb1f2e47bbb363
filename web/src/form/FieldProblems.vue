<script setup lang="ts">
import { computed } from 'vue'
import type { FieldProblem } from '@/api/client'

/** What the server said of some fields that stand in one sentence. */
const props = defineProps<{ problems: readonly FieldProblem[]; fields: readonly string[] }>()

const messages = computed(() => [
  ...new Set(props.problems.filter((p) => props.fields.includes(p.field)).map((p) => p.message)),
])
</script>

<template>
  <p v-for="message in messages" :key="message" class="problem" role="alert">{{ message }}</p>
</template>

<style scoped>
.problem {
  color: var(--stop);
  font-weight: 600;
  font-size: 0.8125rem;
  line-height: 1.125rem;
}
</style>
