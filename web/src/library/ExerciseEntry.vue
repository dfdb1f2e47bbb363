<script setup lang="ts">
import { computed, inject, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { Method, VersionView } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import ChoiceRow from '@/form/ChoiceRow.vue'
import FigurePlayer from '@/hand/FigurePlayer.vue'
import { METHODS } from '@/parts/labels'
import PageState from '@/parts/PageState.vue'
import { capital, counted, shortDate } from '@/parts/words'
import { KINDS } from '@/tape/kinds'
import EntryFacts from './EntryFacts.vue'
import EntryHead from './EntryHead.vue'
import EntryUses from './EntryUses.vue'
import { filters } from './filters'
import LadderRungs from './LadderRungs.vue'
import { RELOAD_LIBRARY } from './libraryPage'
import PrintCard from './PrintCard.vue'

/** Everything about one exercise; for a chosen client, in their notation and with their loads. */
const props = defineProps<{ exerciseId: string }>()

const route = useRoute()
const router = useRouter()
const reloadList = inject(RELOAD_LIBRARY)
const version = computed(() => (route.query.version ? Number(route.query.version) : undefined))
const loaded = useAsked(() =>
  queries.exercise(props.exerciseId, {
    client: filters.client ?? undefined,
    version: version.value,
  }),
)
const versions = ref<readonly VersionView[]>([])
const uses = useAsked(() => queries.exerciseUses(props.exerciseId))
const exercise = computed(() => loaded.data.value)
watch(exercise, (found) => {
  if (found) document.title = `${found.title} – Nimblet`
})
watch(
  () => exercise.value?.currentVersion ?? 0,
  async (count) => {
    versions.value = count > 1 ? await api.exerciseVersions(props.exerciseId) : []
  },
)

const method = ref<Method | null>(null)
watch(
  exercise,
  (found) => {
    if (!found?.doses.some((d) => d.method === method.value))
      method.value = found?.doses[0]?.method ?? null
  },
  { immediate: true },
)
const methods = computed(() =>
  (exercise.value?.doses ?? []).map((d) => ({ value: d.method, label: METHODS[d.method] })),
)
const dose = computed(() => exercise.value?.doses.find((d) => d.method === method.value))
const own = computed(() => (exercise.value?.currentVersion ?? 0) > 0)
const old = computed(() => exercise.value?.version !== exercise.value?.currentVersion)
const unsuited = useAsked(() =>
  filters.client
    ? queries.unsuited(filters.client)
    : queries.own(['unsuited'], () => Promise.resolve([])),
)
const reason = computed(
  () => unsuited.data.value?.find((u) => u.exerciseId === props.exerciseId)?.reason,
)

const message = ref('')
async function act(what: () => Promise<unknown>, said: string) {
  message.value = ''
  try {
    await what()
    message.value = said
    await Promise.all([loaded.reload(), reloadList?.()])
  } catch (e) {
    message.value = (e as Error).message
  }
}
async function remove() {
  try {
    const { archived } = await api.removeExercise(props.exerciseId)
    await reloadList?.()
    if (archived) {
      message.value = 'It stands in a log, so it was put away instead of deleted.'
      await loaded.reload()
    } else await router.push('/library')
  } catch (e) {
    message.value = (e as Error).message
  }
}
</script>

<template>
  <PageState
    :loading="loaded.slow.value"
    :error="loaded.error.value"
    :ready="Boolean(exercise)"
    @retry="loaded.reload"
  >
    <template v-if="exercise">
      <PrintCard :exercise="exercise" />
      <article class="no-print" :data-exercise="exercise.id">
        <EntryHead
          :exercise="exercise"
          :own="own"
          :old="old"
          :message="message"
          :reason="reason"
          @restore="act(() => api.restoreExercise(exerciseId), 'Offered again.')"
          @archive="act(() => api.archiveExercise(exerciseId), 'Put away.')"
          @remove="remove"
        />
        <div class="top">
          <FigurePlayer
            :figure="exercise.figure"
            :cues="exercise.cues"
            :height="216"
            :label="exercise.title"
          />
        </div>
        <EntryFacts :exercise="exercise" />
        <EntryUses :exercise="exercise" />
        <p v-if="exercise.coachOnly" class="quiet">Only a coach puts it into a routine.</p>
        <section class="ladder">
          <header class="line-up">
            <h3>Ladder</h3>
            <ChoiceRow
              v-if="methods.length > 1"
              v-model="method"
              label="Method"
              :options="methods"
            />
          </header>
          <LadderRungs v-if="dose" :kind="exercise.kind" :rungs="dose.rungs" />
          <p v-if="dose" class="quiet small">
            {{ capital(dose.methodWord) }}; within {{ dose.least }} and {{ dose.greatest }}.
            Intensity {{ exercise.intensity }} of 5, {{ KINDS[exercise.kind].word.toLowerCase() }}.
          </p>
        </section>
        <section v-if="versions.length > 1" class="ladder">
          <h3>Versions</h3>
          <ul class="uses">
            <li v-for="one in versions" :key="one.number">
              <RouterLink :to="`/library/${exercise.id}?version=${one.number}`"
                >Version {{ one.number }}</RouterLink
              >
              <span class="quiet">{{ shortDate(one.savedAt.slice(0, 10)) }}</span>
            </li>
          </ul>
        </section>
        <section class="ladder">
          <h3>Who uses it</h3>
          <ul v-if="uses.data.value?.length" class="uses">
            <li v-for="use in uses.data.value" :key="use.clientId">
              <RouterLink :to="`/clients/${use.clientId}/log`">{{ use.name }}</RouterLink>
              <span class="quiet"
                >{{ counted(use.times, 'time') }}, last {{ shortDate(use.lastDone) }}</span
              >
            </li>
          </ul>
          <p v-else class="quiet">Nobody yet.</p>
        </section>
      </article>
    </template>
  </PageState>
</template>

<style scoped>
article {
  padding: 16px 24px 24px;
}
.top {
  margin: 8px 0 12px;
}
.ladder {
  margin-top: 14px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
}
.ladder header {
  justify-content: space-between;
  margin-bottom: 8px;
}
h3 {
  font-size: 0.875rem;
}
.uses {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 24px;
}
</style>
