<script setup lang="ts">
import { computed } from 'vue'
import type { HandRole, HandRoleView, Side } from '@/api/types'
import { without } from '@/parts/without'
import { capital } from '@/parts/words'

/** Which hand does what, where the two do different things. */
const props = defineProps<{
  roles: readonly HandRoleView[]
  title: string
  problem?: string | undefined
}>()
/** Null for the usual hands, until somebody says otherwise. */
const chosen = defineModel<Partial<Record<HandRole, Side>> | null>({ required: true })

const rows = computed(() =>
  props.roles.map((role) => ({ ...role, side: chosen.value?.[role.role] ?? '' })),
)
function choose(role: HandRole, side: string) {
  const next = without(chosen.value, role)
  chosen.value = side ? { ...next, [role]: side as Side } : next
}
</script>

<template>
  <div v-for="row in rows" :key="row.role" class="checks">
    <span class="form-label">{{ capital(row.word) }}</span>
    <select
      class="form-select form-select-sm"
      :aria-label="`${capital(row.word)} in ${title}`"
      :value="row.side"
      @change="choose(row.role, ($event.target as HTMLSelectElement).value)"
    >
      <option value="">
        {{ chosen === null ? 'as is usual' : 'neither hand' }}
      </option>
      <option value="LEFT">left</option>
      <option value="RIGHT">right</option>
    </select>
  </div>
  <p v-if="problem" class="message" role="alert">{{ problem }}</p>
</template>

<style scoped>
.checks {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
  margin-top: 8px;
}
.form-label {
  min-width: 128px;
}
.form-select {
  width: auto;
}
.message {
  color: var(--stop);
  font-weight: 600;
  font-size: 0.8125rem;
}
</style>
