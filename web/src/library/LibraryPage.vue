<script setup lang="ts">
import { computed, nextTick, onMounted, onUnmounted, provide, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import type { Kind, LibraryRow } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import { DIGITS, DISCIPLINES, POSITIONS, THINGS, keys } from '@/parts/labels'
import PageState from '@/parts/PageState.vue'
import { capital, counted } from '@/parts/words'
import { KINDS } from '@/tape/kinds'
import KindLetter from '@/tape/KindLetter.vue'
import KindPatterns from '@/tape/KindPatterns.vue'
import { counts, filters, fitsInto, narrowed, noFilters, type Filters } from './filters'
import FilterMenu from './FilterMenu.vue'
import IntensityMarks from './IntensityMarks.vue'
import LazyFigure from './LazyFigure.vue'
import { RELOAD_LIBRARY } from './libraryPage'

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
const nearEnd = new IntersectionObserver((entries) => {
  if (entries.some((entry) => entry.isIntersecting)) portions.value += 1
})
watch([sentinel, made], ([element]) => {
  nearEnd.disconnect()
  if (element) nearEnd.observe(element)
})
onUnmounted(() => nearEnd.disconnect())

type Part = keyof Filters
function options<V extends string | number>(
  part: Part,
  values: readonly V[],
  text: (value: V) => string,
  has: (row: LibraryRow, value: V) => boolean,
) {
  const left = counts(rows.value, filters, unsuited.value, part, values, has)
  return values.map((value) => ({ value, text: text(value), count: left.get(value) ?? 0 }))
}
const kinds = computed(() =>
  options(
    'kind',
    keys(KINDS),
    (k) => KINDS[k].word,
    (r, k) => r.kind === k,
  ),
)
const tissues = computed(() => {
  const words = new Map((library.data.value?.tissues ?? []).map((t) => [t.id, t.word]))
  return options(
    'tissue',
    [...words.keys()],
    (id) => capital(words.get(id) ?? id),
    (r, id) => r.tissues.includes(id),
  )
})
const digits = computed(() =>
  options(
    'digit',
    keys(DIGITS),
    (d) => DIGITS[d],
    (r, d) => r.digits.includes(d),
  ),
)
const positions = computed(() =>
  options(
    'position',
    keys(POSITIONS),
    (p) => POSITIONS[p],
    (r, p) => r.positions.includes(p),
  ),
)
const things = computed(() => [
  ...options(
    'thing',
    ['NOTHING' as const],
    () => 'Nothing needed',
    (r) => r.nothingNeeded,
  ),
  ...options(
    'thing',
    keys(THINGS),
    (t) => THINGS[t],
    (r, t) => r.things.includes(t),
  ).filter((o) => rows.value.some((r) => r.things.includes(o.value))),
])
const intensities = computed(() =>
  options(
    'intensity',
    [1, 2, 3, 4],
    (n) => (n === 1 ? 'Only 1' : `Up to ${n}`),
    (r, n) => r.intensity <= n,
  ),
)
const minutes = computed(() =>
  options('minutes', [1, 2, 3, 5], (n) => `Up to ${n}\u00a0min`, fitsInto),
)
const disciplines = computed(() =>
  options(
    'discipline',
    keys(DISCIPLINES),
    (d) => DISCIPLINES[d],
    (r, d) => r.disciplines.length === 0 || r.disciplines.includes(d),
  ),
)
const people = computed(() =>
  (clients.data.value ?? []).map((c) => ({ value: c.id, text: c.name })),
)
const whose = [
  { value: 'OWN' as const, text: 'My own' },
  { value: 'ARCHIVED' as const, text: 'Put away' },
]
const beforePlay = computed({
  get: () => (filters.beforePlay ? ('YES' as const) : null),
  set: (value: 'YES' | null) => {
    filters.beforePlay = value !== null
  },
})
const anything = computed(() => JSON.stringify(filters) !== JSON.stringify(noFilters()))
function clear() {
  Object.assign(filters, noFilters())
  search.value?.focus()
}

/** The chosen row comes into sight when the list does. */
watch(
  () => library.data.value !== undefined,
  async () => {
    await nextTick()
    list.value?.querySelector<HTMLElement>('.on')?.scrollIntoView({ block: 'center' })
  },
)

const search = ref<HTMLInputElement | null>(null)
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
function slash(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  if (event.key !== '/' || /INPUT|TEXTAREA|SELECT/.test(target.tagName)) return
  event.preventDefault()
  search.value?.focus()
}
onMounted(() => document.addEventListener('keydown', slash))
onUnmounted(() => document.removeEventListener('keydown', slash))

const whereWith = (row: LibraryRow) =>
  [
    row.positions.map((p) => POSITIONS[p].toLowerCase()).join(', '),
    row.things.map((t) => THINGS[t].toLowerCase()).join(', '),
  ]
    .filter((part) => part !== '')
    .join(' · ')
const chooseKind = (kind: Kind) => {
  filters.kind = filters.kind === kind ? null : kind
}
</script>

<template>
  <main id="main" class="page" :class="{ wide: route.meta.wide }">
    <KindPatterns prefix="library" :scale="0.9" />
    <h1 class="visually-hidden">Library</h1>
    <RouterView v-if="route.meta.wide" />
    <template v-else>
      <div class="filters no-print">
        <input
          ref="search"
          v-model="filters.text"
          class="form-control search"
          type="search"
          aria-label="Find an exercise"
          placeholder="thumb, sitting, nothing, 1 min"
          @keydown="keyInSearch"
        />
        <FilterMenu v-model="filters.tissue" label="Tissue" :options="tissues" />
        <FilterMenu v-model="filters.digit" label="Digit" :options="digits" />
        <FilterMenu v-model="filters.position" label="Position" :options="positions" />
        <FilterMenu v-model="filters.thing" label="At hand" :options="things" />
        <FilterMenu
          v-model="filters.intensity"
          label="Intensity"
          :chip="(text) => `Intensity ${text.toLowerCase()}`"
          :options="intensities"
        />
        <FilterMenu v-model="filters.minutes" label="Time" :options="minutes" />
        <FilterMenu
          v-model="beforePlay"
          label="Before play"
          :options="[{ value: 'YES' as const, text: 'May stand before play' }]"
        />
        <FilterMenu v-model="filters.discipline" label="For" :options="disciplines" />
        <FilterMenu
          v-model="filters.client"
          label="Suits"
          :chip="(text) => `Suits ${text}`"
          :options="people"
        />
        <FilterMenu v-model="filters.whose" label="Whose" :options="whose" />
        <BButton v-if="anything" variant="link" @click="clear">Clear</BButton>
      </div>
      <div class="kinds no-print" role="group" aria-label="Kind">
        <button
          v-for="option in kinds"
          :key="option.value"
          type="button"
          :class="{ on: filters.kind === option.value }"
          :aria-pressed="filters.kind === option.value"
          :disabled="option.count === 0 && filters.kind !== option.value"
          @click="chooseKind(option.value)"
        >
          <KindLetter :kind="option.value" />
          <svg width="20" height="18" aria-hidden="true">
            <rect width="20" height="18" :fill="`url(#library-${option.value})`" />
          </svg>
          {{ option.text }} <span class="quiet">{{ option.count }}</span>
        </button>
      </div>
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
            <p v-if="shown.length === 0" class="nothing">
              Nothing fits all of that. Take one filter off, or write an exercise of your own.
            </p>
            <ul v-else ref="list" @keydown="keyInList">
              <li v-for="row in made" :key="row.id" :class="{ on: row.id === chosen }">
                <RouterLink
                  :to="`/library/${row.id}`"
                  :aria-current="row.id === chosen ? 'true' : undefined"
                >
                  <LazyFigure :figure="row.figure" :label="row.title" />
                  <span class="words">
                    <b><KindLetter :kind="row.kind" /> {{ row.title }}</b>
                    <span class="quiet">{{ row.dose }}</span>
                    <span class="quiet">{{ whereWith(row) }}</span>
                    <span v-if="row.version > 0" class="mine">own</span>
                  </span>
                  <span class="side">
                    <IntensityMarks :kind="row.kind" :intensity="row.intensity" />
                    <span class="quiet seconds">{{ row.seconds }}&nbsp;s</span>
                  </span>
                </RouterLink>
              </li>
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
          <RouterView :key="route.path" />
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
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.search {
  width: 232px;
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 0;
  margin: 10px -4px 12px;
}
.kinds button {
  display: inline-flex;
  align-items: center;
  gap: 0;
  height: 34px;
  padding: 0 4px;
  border: 1.5px solid transparent;
  background: none;
  color: var(--ink);
  font-weight: 500;
}
.kinds button svg {
  margin-right: 5px;
}
.kinds button .quiet {
  margin-left: 4px;
  font-variant-numeric: tabular-nums;
}
.kinds button.on {
  border-color: var(--ink);
  background: var(--surface);
  font-weight: 700;
}
.kinds button:disabled {
  opacity: 0.45;
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
.nothing {
  margin: 24px 16px 0 0;
}
li {
  border-bottom: 1px solid var(--line);
  border-left: 1.5px solid transparent;
}
li.more {
  height: 1px;
  border: 0;
}
li.on {
  border: 1.5px solid var(--ink);
  border-right: 0;
  background: var(--surface);
}
li a {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  height: 72px;
  padding: 0 12px 0 8px;
  color: var(--ink);
  text-decoration: none;
}
.words {
  display: grid;
  min-width: 0;
}
.words b,
.words .quiet {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.words .quiet {
  font-size: 0.8125rem;
}
.words {
  position: relative;
}
.mine {
  position: absolute;
  right: 0;
  bottom: 0;
  padding: 0 5px;
  background: var(--sunk);
  font-size: 0.8125rem;
}
.side {
  display: grid;
  gap: 6px;
  justify-items: end;
}
.seconds {
  font-size: 0.8125rem;
  font-variant-numeric: tabular-nums;
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
