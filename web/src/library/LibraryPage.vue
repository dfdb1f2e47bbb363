<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core'
import { computed, nextTick, provide, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { LibraryRow } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import PlaceView from '@/parts/PlaceView.vue'
import { counted } from '@/parts/words'
import KindPatterns from '@/tape/KindPatterns.vue'
import FilterBar from './FilterBar.vue'
import { filters, narrowed } from './filters'
import ComplaintNote from './ComplaintNote.vue'
import LibraryLine from './LibraryLine.vue'
import { RELOAD_LIBRARY } from './libraryPage'
import NothingFound from './NothingFound.vue'

/** All exercises at the left, the chosen one at the right. */
const route = useRoute()
const router = useRouter()
const library = useAsked(() => queries.library())
const clients = useAsked(() => queries.clients())
provide(RELOAD_LIBRARY, library.reload)

const unsuited = ref<ReadonlyMap<string, string> | null>(null)
watch(
  () => filters.client,
  async (client) => {
    unsuited.value = null
    if (!client) return
    const answer = await api.unsuited(client)
    if (filters.client === client)
      unsuited.value = new Map(answer.map((view) => [view.exerciseId, view.reason]))
  },
  { immediate: true },
)

const rows = computed(() => library.data.value?.rows ?? [])
const shown = computed(() => narrowed(rows.value, filters, unsuited.value))
const chosen = computed(() =>
  typeof route.params.exerciseId === 'string' ? route.params.exerciseId : null,
)

/** Rows are made as one scrolls to them: hundreds at once would be felt at every key. */
const PORTION = 12
const portions = ref(1)
watch(shown, () => {
  portions.value = 1
})
const made = computed(() => {
  const at = shown.value.findIndex((row) => row.id === chosen.value)
  return shown.value.slice(0, Math.max(portions.value * PORTION, at + PORTION))
})
const sentinel = ref<HTMLElement | null>(null)
const nearEnd = useIntersectionObserver(sentinel, ([entry]) => {
  if (entry?.isIntersecting) portions.value += 1
})
/** What is still in sight after more rows were made is seen anew. */
watch(
  made,
  () => {
    nearEnd.pause()
    nearEnd.resume()
  },
  { flush: 'post' },
)

/** The chosen row comes into sight when the list does. */
watch(
  () => library.data.value !== undefined,
  async () => {
    await nextTick()
    list.value?.querySelector<HTMLElement>('.on')?.scrollIntoView({ block: 'center' })
  },
)

const list = ref<HTMLElement | null>(null)
function go(row: LibraryRow | undefined) {
  if (row) void router.push(`/library/${row.id}`)
}
/** Arrows go through the list, from the search too; the chosen row stays in sight. */
async function move(by: 1 | -1) {
  const at = shown.value.findIndex((row) => row.id === chosen.value)
  const next = shown.value[at < 0 ? (by > 0 ? 0 : shown.value.length - 1) : at + by]
  if (!next) return
  await router.replace(`/library/${next.id}`)
  await nextTick()
  list.value?.querySelector<HTMLElement>('.on')?.scrollIntoView({ block: 'nearest' })
}
function keyInSearch(event: KeyboardEvent) {
  if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault()
    void move(event.key === 'ArrowDown' ? 1 : -1)
  } else if (event.key === 'Enter') {
    event.preventDefault()
    if (!shown.value.some((row) => row.id === chosen.value)) go(shown.value[0])
  } else if (event.key === 'Escape') filters.text = ''
}
function keyInList(event: KeyboardEvent) {
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return
  event.preventDefault()
  void move(event.key === 'ArrowDown' ? 1 : -1).then(() =>
    list.value?.querySelector<HTMLElement>('.on a')?.focus(),
  )
}
</script>

<template>
  <main id="main" class="page" :class="{ wide: route.meta.wide }">
    <KindPatterns prefix="library" :scale="0.9" />
    <h1 class="visually-hidden">Library</h1>
    <PlaceView v-if="route.meta.wide" :depth="1" />
    <template v-else>
      <FilterBar
        :rows="rows"
        :unsuited="unsuited"
        :tissue-words="library.data.value?.tissues ?? []"
        :people="clients.data.value ?? []"
        @key="keyInSearch"
      />
      <div class="columns">
        <section class="list no-print" aria-label="Exercises">
          <PageState
            :loading="library.slow.value"
            :error="library.error.value"
            :ready="Boolean(library.data.value)"
            @retry="library.reload"
          >
            <header class="line-up">
              <h2>
                <span role="status">{{ counted(shown.length, 'exercise') }}</span>
              </h2>
              <span class="quiet">of {{ rows.length }}</span>
              <RouterLink class="push" to="/library/new">Write your own</RouterLink>
              <RouterLink to="/library/import">Bring in, take out</RouterLink>
            </header>
            <ComplaintNote />
            <NothingFound v-if="shown.length === 0" :rows="rows" />
            <ul v-else ref="list" @keydown="keyInList">
              <LibraryLine
                v-for="row in made"
                :key="row.id"
                :row="row"
                :chosen="row.id === chosen"
              />
              <li
                v-if="made.length < shown.length"
                ref="sentinel"
                class="more"
                aria-hidden="true"
              />
            </ul>
          </PageState>
        </section>
        <section class="entry" aria-label="The chosen exercise">
          <PlaceView :key="route.path" :depth="1" />
        </section>
      </div>
    </template>
  </main>
</template>

<style scoped>
.page {
  display: flex;
  flex-direction: column;
  height: calc(100vh - 56px);
  padding-bottom: 0;
}
.page.wide {
  height: auto;
}
.columns {
  display: grid;
  flex: 1;
  grid-template-columns: 472px minmax(0, 1fr);
  min-height: 0;
}
.list {
  overflow-y: auto;
  scrollbar-width: thin;
  min-height: 0;
}
.list header {
  gap: 12px;
  padding-right: 16px;
}
.list header a {
  padding: 6px 0;
}
li.more {
  height: 1px;
  border: 0;
}
.entry {
  overflow-y: auto;
  scrollbar-width: thin;
  min-height: 0;
  margin-bottom: 16px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
@media (max-width: 1000px) {
  .page {
    height: auto;
  }
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  .list {
    max-height: 420px;
  }
}
@media print {
  .page {
    display: block;
    height: auto;
    padding: 0;
  }
  .columns {
    display: block;
  }
  .entry {
    overflow: visible;
    border: 0;
  }
}
</style>
