<script setup lang="ts">
import { computed, ref } from 'vue'
import { queries } from '@/api/queries'
import type { LogEntry, MissedEntry } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import { shortDate, toMinute } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import RoutineTape from '@/tape/RoutineTape.vue'
import { hurt, stateWords, tapeOf } from './entries'
import CorrectSession from './CorrectSession.vue'
import LateEntry from './LateEntry.vue'
import LogDetail from './LogDetail.vue'
import LogFile from './LogFile.vue'
import PainThrice from './PainThrice.vue'

/** What happened, the latest first, with what was missed in its place. */
const props = defineProps<{ clientId: string }>()

const { data, error, slow, reload } = useAsked(() => queries.log(props.clientId))

interface Row {
  readonly key: string
  readonly date: string
  readonly time: string
  readonly entry?: LogEntry
  readonly missed?: MissedEntry
}
type Filter = 'all' | 'hurt' | 'left' | 'missed'
const filter = ref<Filter>('all')
const chosenId = ref<string | null>(null)
/** A missed session that is told of later. */
const late = ref<MissedEntry | null>(null)
/** A session that is being put right. */
const correcting = ref<string | null>(null)
const SHOWN_FIRST = 40
const shown = ref(SHOWN_FIRST)

const rows = computed<Row[]>(() => {
  const log = data.value
  if (!log) return []
  const all: Row[] = [
    ...log.entries.map((entry) => ({
      key: entry.id,
      date: entry.date,
      time: entry.beganAt,
      entry,
    })),
    ...log.missed.map((missed) => ({
      key: `missed ${missed.date} ${missed.startsAt}`,
      date: missed.date,
      time: missed.startsAt,
      missed,
    })),
  ]
  return all.sort((a, b) => `${b.date} ${b.time}`.localeCompare(`${a.date} ${a.time}`))
})
const filters = computed(() => [
  { value: 'all' as Filter, label: `All ${rows.value.length}` },
  {
    value: 'hurt' as Filter,
    label: `Hurt ${rows.value.filter((r) => r.entry && hurt(r.entry)).length}`,
  },
  {
    value: 'left' as Filter,
    label: `Left midway ${rows.value.filter((r) => r.entry && r.entry.state !== 'DONE').length}`,
  },
  { value: 'missed' as Filter, label: `Missed ${rows.value.filter((r) => r.missed).length}` },
])
const filtered = computed(() =>
  rows.value.filter((row) => {
    if (filter.value === 'hurt') return row.entry && hurt(row.entry)
    if (filter.value === 'left') return row.entry && row.entry.state !== 'DONE'
    if (filter.value === 'missed') return row.missed
    return true
  }),
)
const chosen = computed(
  () =>
    rows.value.find((r) => r.entry && r.key === chosenId.value)?.entry ??
    filtered.value.find((r) => r.entry)?.entry,
)
const decidedBy = (session: string) =>
  data.value?.decided.find((one) => one.sessionId === session)?.decisions ?? []
/** What came of a session, in three words. */
function outcome(session: string): string {
  const decided = decidedBy(session)
  const count = (effects: readonly string[]) =>
    decided.filter((d) => effects.includes(d.effect)).length
  const parts = [
    [count(['UP']), 'up'],
    [count(['DOWN', 'LOWERED', 'PAUSED', 'STOPPED']), 'down'],
  ] as const
  const words = parts.filter(([n]) => n > 0).map(([n, word]) => `${n} ${word}`)
  return words.length ? words.join(', ') : decided.length ? 'all held' : ''
}
const LONGEST = 168
const longest = computed(() => Math.max(1, ...rows.value.map((r) => r.entry?.plannedMillis ?? 0)))
const firstOfDay = (row: Row, i: number) => i === 0 || filtered.value[i - 1]?.date !== row.date
</script>

<template>
  <PageState :loading="slow" :error="error" :ready="Boolean(data)" @retry="reload">
    <p v-if="rows.length === 0" class="large">
      Nothing happened yet. The first session appears here as soon as it ends.
    </p>
    <div v-else class="log">
      <section aria-label="Sessions">
        <div class="filters" role="group" aria-label="Show">
          <button
            v-for="choice in filters"
            :key="choice.value"
            type="button"
            :aria-pressed="filter === choice.value"
            @click="filter = choice.value"
          >
            {{ choice.label }}
          </button>
        </div>
        <ol>
          <li v-for="(row, i) in filtered.slice(0, shown)" :key="row.key">
            <button
              v-if="row.entry"
              type="button"
              :aria-pressed="chosen?.id === row.entry.id"
              :class="{ on: chosen?.id === row.entry.id }"
              @click="((chosenId = row.entry.id), (late = null))"
            >
              <span class="when"
                ><b v-if="firstOfDay(row, i)">{{ shortDate(row.date) }}</b
                >{{ toMinute(row.time) }}</span
              >
              <PegIcon
                :purpose="row.entry.purpose"
                :state="row.entry.state === 'DONE' ? 'DONE' : 'LEFT'"
              />
              <span class="what">{{ row.entry.title }}</span>
              <span class="tape">
                <RoutineTape
                  :steps="tapeOf(row.entry)"
                  :width="(row.entry.plannedMillis / longest) * LONGEST"
                  :height="22"
                  :letters="false"
                  patterns="mini"
                  :gap="0.5"
                  :stroke-width="1"
                />
              </span>
              <PainThrice :entry="row.entry" />
              <span class="quiet small"
                >{{ stateWords(row.entry)
                }}{{ row.entry.effort === null ? '' : `, effort ${row.entry.effort}`
                }}{{ outcome(row.entry.id) && `; ${outcome(row.entry.id)}` }}</span
              >
            </button>
            <p v-else class="missed-row">
              <span class="when"
                ><b v-if="firstOfDay(row, i)">{{ shortDate(row.date) }}</b
                >{{ toMinute(row.time) }}</span
              >
              <PegIcon v-if="row.missed" :purpose="row.missed.purpose" state="MISSED" />
              <span class="what">{{ row.missed?.title }}</span>
              <span class="missed">missed</span>
              <button v-if="row.missed" type="button" class="after-all" @click="late = row.missed">
                Done after all
              </button>
            </p>
          </li>
        </ol>
        <p v-if="filtered.length === 0" class="quiet">None of these.</p>
        <BButton
          v-if="filtered.length > shown"
          variant="outline-secondary"
          @click="shown += SHOWN_FIRST"
          >Show more</BButton
        >
      </section>
      <LateEntry
        v-if="late"
        :key="late.start"
        :client-id="clientId"
        :missed="late"
        @cancel="late = null"
        @kept="((late = null), void reload())"
      />
      <CorrectSession
        v-else-if="chosen && correcting === chosen.id"
        :key="chosen.id"
        :client-id="clientId"
        :entry="chosen"
        @cancel="correcting = null"
        @kept="((correcting = null), void reload())"
      />
      <LogDetail
        v-else-if="chosen"
        :client-id="clientId"
        :decisions="decidedBy(chosen.id)"
        :entry="chosen"
        @correct="correcting = chosen.id"
        @noted="reload"
      />
    </div>
    <LogFile :client-id="clientId" @kept="reload" />
  </PageState>
</template>

<style scoped>
.log {
  display: grid;
  grid-template-columns: minmax(0, 652fr) minmax(0, 572fr);
  gap: 0;
  align-items: start;
}
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
  margin-bottom: 8px;
}
.filters button {
  height: 36px;
  padding: 0 12px;
  border: 1.5px solid transparent;
  background: transparent;
  color: var(--ink);
  font-weight: 500;
}
.filters button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--surface);
  font-weight: 700;
}
ol li > * {
  display: grid;
  grid-template-columns: 56px 22px minmax(110px, 1fr) 168px 76px 116px;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-height: 53px;
  padding: 2px 8px;
  border: 0;
  border-top: 1px solid var(--line);
  background: transparent;
  color: var(--ink);
  text-align: left;
}
ol li > .on {
  border: 1.5px solid var(--ink);
  border-right: 0;
  background: var(--surface);
}
.when {
  color: var(--ink-2);
  font: 500 0.8125rem/1rem var(--mono);
}
.when b {
  display: block;
  color: var(--ink);
  font-family: var(--font);
}
.what {
  font-weight: 600;
}
.after-all {
  grid-column: -2 / -1;
  min-height: 24px;
  padding: 0;
  border: 0;
  background: transparent;
  color: var(--main);
  text-align: left;
  text-decoration: underline;
}
.missed {
  color: var(--warn);
  font-weight: 600;
}
@media (max-width: 1000px) {
  .log {
    grid-template-columns: minmax(0, 1fr);
    gap: 24px;
  }
}
@media (max-width: 640px) {
  ol li > * {
    grid-template-columns: 48px 22px 1fr 76px;
  }
  ol li > * > .tape,
  ol li > * > .quiet {
    display: none;
  }
}
</style>
