<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import type { AttentionView, RosterRow } from '@/api/types'
import { useAttempt } from '@/api/useAttempt'
import StateMark from '@/parts/StateMark.vue'
import { addDays } from '@/parts/words'

/** Who needs a word, and why; what is settled goes, and can be taken back. */
const props = defineProps<{ rows: readonly RosterRow[]; date: string }>()
const emit = defineEmits<{ changed: [] }>()

interface Line {
  readonly row: RosterRow
  readonly reason: AttentionView
}
const attention = computed<Line[]>(() =>
  props.rows
    .flatMap((row) => row.attention.map((reason) => ({ row, reason })))
    .sort((a, b) => a.reason.rank - b.reason.rank),
)
const dealt = computed<Line[]>(() =>
  props.rows.flatMap((row) => row.dealtWith.map((reason) => ({ row, reason }))),
)
const PLACES: Readonly<Record<AttentionView['place'], string>> = {
  HANDS: 'Hands',
  PROGRAMME: 'Programme',
  WEEK: 'Week',
  LOG: 'Log',
  PROGRESS: 'Progress',
}
const last = ref<Line | null>(null)
const { message, attempt } = useAttempt()
const deal = (line: Line, until?: string) =>
  attempt(async () => {
    await api.dealWith(line.row.clientId, line.reason.id, until)
    last.value = line
    emit('changed')
  })
const back = (line: Line) =>
  attempt(async () => {
    await api.showAgain(line.row.clientId, line.reason.id)
    last.value = null
    emit('changed')
  })
</script>

<template>
  <h2 id="needs">
    Needs a word <span class="quiet count">{{ attention.length }}</span>
  </h2>
  <p v-if="last" class="undo" role="status">
    {{ last.row.name }}: {{ last.reason.heading.toLowerCase() }} is put away.
    <BButton size="sm" variant="link" @click="back(last)">Undo</BButton>
  </p>
  <p v-if="message" class="error" role="alert">{{ message }}</p>
  <p v-if="attention.length === 0" class="quiet">
    Nobody right now. Pain that goes up, a sign for a clinician and missed sessions appear here.
  </p>
  <ol>
    <li v-for="line in attention" :key="`${line.row.clientId} ${line.reason.id}`">
      <p class="word" :class="line.reason.urgency.toLowerCase()">
        <StateMark :state="line.reason.urgency" />{{ line.reason.heading
        }}<span class="push who">{{ line.row.name }}</span>
      </p>
      <p>{{ line.reason.sentence }}</p>
      <p class="acts">
        <RouterLink :to="`/clients/${line.row.clientId}/${line.reason.place.toLowerCase()}`"
          >Open {{ PLACES[line.reason.place] }}</RouterLink
        >
        <button
          type="button"
          :aria-label="`${line.reason.heading}, ${line.row.name}: dealt with`"
          @click="deal(line)"
        >
          Dealt with
        </button>
        <button
          type="button"
          :aria-label="`${line.reason.heading}, ${line.row.name}: tomorrow`"
          @click="deal(line, addDays(date, 1))"
        >
          Tomorrow
        </button>
      </p>
    </li>
  </ol>
  <details v-if="dealt.length">
    <summary>Put away {{ dealt.length }}</summary>
    <ul>
      <li v-for="line in dealt" :key="`${line.row.clientId} ${line.reason.id}`">
        {{ line.row.name }}: {{ line.reason.heading.toLowerCase() }}
        <button type="button" @click="back(line)">Show again</button>
      </li>
    </ul>
  </details>
</template>

<style scoped>
h2 {
  display: flex;
  align-items: baseline;
  gap: 8px;
}
.count {
  font-weight: 400;
  font-size: 1rem;
}
ol li {
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.word {
  display: flex;
  gap: 6px;
  align-items: baseline;
  font-weight: 700;
}
.word.stop {
  color: var(--stop);
}
.word.warn {
  color: var(--warn);
}
.word.note {
  color: var(--main);
}
.who {
  color: var(--ink);
  font-weight: 400;
  font-size: 0.8125rem;
}
.acts {
  display: flex;
  gap: 14px;
}
.acts button,
details button {
  min-height: 24px;
  padding: 0;
  border: 0;
  background: transparent;
  color: var(--ink-2);
  text-decoration: underline;
}
.undo {
  padding: 4px 8px;
  background: var(--main-wash);
}
details {
  margin-top: 8px;
}
</style>
