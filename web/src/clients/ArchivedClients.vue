<script setup lang="ts">
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'

/** Those who were put away, and the way back onto the roster. */
const emit = defineEmits<{ restored: [] }>()
const { data, reload } = useAsked(() => queries.archivedClients())
async function restore(id: string) {
  await api.restoreClient(id)
  await reload()
  emit('restored')
}
</script>

<template>
  <details v-if="data?.length">
    <summary>Put away ({{ data.length }})</summary>
    <ul>
      <li v-for="client in data" :key="client.id">
        <RouterLink :to="`/clients/${client.id}/hands`">{{ client.name }}</RouterLink>
        <span class="quiet">{{ client.occupation }}</span>
        <BButton
          variant="link"
          :aria-label="`Put ${client.name} back on the roster`"
          @click="restore(client.id)"
          >Put back</BButton
        >
      </li>
    </ul>
  </details>
</template>

<style scoped>
details {
  margin-top: 24px;
}
summary {
  padding: 8px 0;
  font-weight: 600;
}
li {
  display: grid;
  grid-template-columns: 280px 1fr auto;
  align-items: center;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
li a {
  color: var(--ink);
}
li .btn {
  padding: 0;
}
</style>
