<script setup lang="ts">
import { watch } from 'vue'
import { useRouter } from 'vue-router'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'

/** The workshop is always somebody's: of the first client, until another is chosen. */
const clients = useAsked(() => queries.clients())
const router = useRouter()
watch(
  () => clients.data.value?.[0]?.id,
  (id) => {
    if (id) void router.replace(`/workshop/${id}/patterns`)
  },
  { immediate: true },
)
</script>

<template>
  <main id="main" class="page">
    <h1>Workshop</h1>
    <PageState
      :loading="clients.slow.value"
      :error="clients.error.value"
      :ready="Boolean(clients.data.value)"
      @retry="clients.reload"
    >
      <p v-if="!clients.data.value?.length" class="large">
        Finger patterns are offered by what a person can do.
        <RouterLink to="/clients/new">Take in a client</RouterLink> first.
      </p>
    </PageState>
  </main>
</template>
