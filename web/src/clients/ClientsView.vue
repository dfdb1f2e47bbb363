<script setup lang="ts">
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import ArchivedClients from './ArchivedClients.vue'

const { data, error, slow, reload } = useAsked(() => queries.clients())
</script>

<template>
  <main id="main" class="page">
    <header class="line-up">
      <h1>Clients</h1>
      <span v-if="data" class="quiet large">{{ data.length }}</span>
      <RouterLink class="btn btn-primary push" to="/clients/new">Take in a client</RouterLink>
    </header>
    <PageState :loading="slow" :error="error" :ready="Boolean(data)" @retry="reload">
      <ul v-if="data?.length">
        <li v-for="client in data" :key="client.id">
          <RouterLink :to="`/clients/${client.id}/hands`">{{ client.name }}</RouterLink>
          <span class="quiet">{{ client.occupation }}</span>
        </li>
      </ul>
      <p v-else class="large empty">
        No client yet. Take one in; it needs a name and what the hands do.
      </p>
      <ArchivedClients @restored="reload" />
    </PageState>
  </main>
</template>

<style scoped>
ul {
  margin-top: 16px;
}
li {
  display: grid;
  grid-template-columns: 280px 1fr;
  padding: 14px 0;
  border-top: 1px solid var(--line);
}
li a {
  color: var(--ink);
  font-weight: 700;
}
.empty {
  margin-top: 24px;
}
</style>
