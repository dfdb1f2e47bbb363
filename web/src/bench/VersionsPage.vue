<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { api } from '@/api/calls'
import type { CompareView, Draft, StoredRoutine } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import KindPatterns from '@/tape/KindPatterns.vue'
import CompareTapes from './CompareTapes.vue'
import { emptyDraft } from '@/parts/emptyDraft'

/** Any two versions of a routine side by side. */
const props = defineProps<{ routineId: string }>()

const newest = useAsked(() => queries.routine(props.routineId))
const versions = computed(() => newest.data.value?.versions ?? [])
const a = ref(0)
const b = ref(0)
const view = shallowRef<CompareView | null>(null)
const error = ref('')
watch(versions, (all) => {
  b.value = all[0]?.number ?? 0
  a.value = all[1]?.number ?? all[0]?.number ?? 0
})
const draftOf = (stored: StoredRoutine): Draft => ({
  ...emptyDraft(),
  clientId: stored.clientId,
  purpose: stored.purpose,
  budgetSeconds: stored.budgetSeconds,
  steps: stored.steps,
})
watch([a, b], async ([one, two]) => {
  if (!one || !two) return
  try {
    const [first, second] = await Promise.all([
      api.routine(props.routineId, one),
      api.routine(props.routineId, two),
    ])
    view.value = await api.compare(draftOf(first), draftOf(second))
    error.value = ''
  } catch (e) {
    error.value = (e as Error).message
  }
})
const restored = ref('')
/** An earlier version on top again; none is lost. */
async function restore(version: number) {
  const top = versions.value[0]?.number
  if (!top) return
  try {
    const stored = await api.restoreVersion(props.routineId, version, top)
    restored.value = `Version ${version} is on top again, as version ${stored.version}`
    await newest.reload()
  } catch (e) {
    error.value = (e as Error).message
    await newest.reload()
  }
}
const when = (at: string) =>
  new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' }).format(new Date(at))
</script>

<template>
  <main id="main" class="page">
    <KindPatterns prefix="kind" />
    <PageState
      :loading="newest.slow.value"
      :error="newest.error.value"
      :ready="Boolean(newest.data.value)"
      @retry="newest.reload"
    >
      <header class="line-up">
        <h1>{{ newest.data.value?.title }}</h1>
        <span class="quiet large">{{ versions.length }} versions</span>
        <RouterLink
          class="btn btn-outline-secondary push"
          :to="{ path: '/bench', query: { routine: routineId } }"
          >To the bench</RouterLink
        >
      </header>
      <p class="pick">
        <label
          >A
          <select v-model.number="a" class="form-select">
            <option v-for="v in versions" :key="v.number" :value="v.number">
              Version {{ v.number }}, {{ when(v.createdAt) }}
            </option>
          </select></label
        >
        <label
          >B
          <select v-model.number="b" class="form-select">
            <option v-for="v in versions" :key="v.number" :value="v.number">
              Version {{ v.number }}, {{ when(v.createdAt) }}
            </option>
          </select></label
        >
      </p>
      <p v-if="versions.length > 1 && a !== versions[0]?.number" class="side-by-side">
        <BButton variant="outline-secondary" @click="restore(a)"
          >Make version {{ a }} the newest again</BButton
        >
      </p>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <p v-else-if="restored" role="status">{{ restored }}</p>
      <CompareTapes v-if="view" :view="view" :name-a="`version ${a}`" :name-b="`version ${b}`" />
    </PageState>
  </main>
</template>

<style scoped>
.pick {
  display: flex;
  gap: 24px;
  margin: 12px 0;
}
.pick label {
  display: flex;
  gap: 8px;
  align-items: center;
  font-weight: 700;
}
.error {
  color: var(--stop);
  font-weight: 600;
}
</style>
