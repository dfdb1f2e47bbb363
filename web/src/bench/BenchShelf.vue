<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import type { RoutineSummary, TemplateView } from '@/api/types'
import { duration } from '@/parts/words'

/** What there is to start from: the client's routines, the coach's templates, the ready ones. */
const props = defineProps<{
  clientId: string | null
  routines: readonly RoutineSummary[]
  templates: readonly TemplateView[]
}>()
const emit = defineEmits<{
  open: [routine: RoutineSummary]
  openTemplate: [template: TemplateView]
  changed: []
}>()

const groups = computed(() =>
  [
    {
      title: 'Theirs',
      routines: props.routines.filter((r) => r.clientId && r.clientId === props.clientId),
    },
    { title: 'My templates', routines: props.routines.filter((r) => r.clientId === null) },
  ].filter((group) => group.routines.length > 0),
)
const away = ref<RoutineSummary | null>(null)
const error = ref('')
async function attempt(what: () => Promise<unknown>, then: RoutineSummary | null) {
  error.value = ''
  try {
    await what()
    away.value = then
    emit('changed')
  } catch (e) {
    error.value = (e as Error).message
  }
}
const putAway = (one: RoutineSummary) => attempt(() => api.archiveRoutine(one.id), one)
const bringBack = (one: RoutineSummary) => attempt(() => api.restoreRoutine(one.id), null)
</script>

<template>
  <details open class="shelf">
    <summary>On the shelf</summary>
    <template v-for="group in groups" :key="group.title">
      <h3>{{ group.title }}</h3>
      <ul>
        <li v-for="one in group.routines" :key="one.id">
          <button type="button" @click="emit('open', one)">{{ one.title }}</button>
          <RouterLink v-if="one.version > 1" :to="`/bench/versions/${one.id}`" class="small"
            >{{ one.version }} versions</RouterLink
          >
          <button
            type="button"
            class="away-key"
            :aria-label="`Put away ${one.title}`"
            title="Put away"
            @click="putAway(one)"
          >
            ×
          </button>
        </li>
      </ul>
    </template>
    <p v-if="away" class="quiet small" role="status">
      {{ away.title }} is put away.
      <BButton size="sm" variant="link" @click="bringBack(away)">Bring it back</BButton>
    </p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <h3>To start from</h3>
    <ul>
      <li v-for="one in templates" :key="one.id">
        <button type="button" :title="one.aim" @click="emit('openTemplate', one)">
          {{ one.title }} <span class="quiet">{{ duration(one.seconds * 1000) }}</span>
        </button>
      </li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  padding: 6px 0;
}
.shelf summary {
  color: var(--ink-2);
  font-weight: 600;
  font-size: 0.8125rem;
}
.shelf h3 {
  margin-top: 8px;
  color: var(--ink-2);
  font-size: 0.8125rem;
}
.shelf li {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
.shelf li button {
  padding: 4px 0;
  border: 0;
  background: none;
  color: var(--ink);
  text-align: left;
}
.shelf li button:hover {
  text-decoration: underline;
}
.shelf .away-key {
  min-width: 24px;
  margin-left: auto;
  color: var(--ink-2);
  text-align: center;
}
.error {
  color: var(--stop);
  font-weight: 600;
}
</style>
