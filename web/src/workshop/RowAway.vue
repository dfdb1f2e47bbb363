<script setup lang="ts">
import { computed } from 'vue'
import type { RowView } from '@/api/types'
import { minutesWords } from './minutes'

/** A row taken away: as music, on paper, as a step on the bench. */
const props = defineProps<{
  clientId: string
  row: RowView
  /** How a file of it is asked for. */
  asFile: Readonly<Record<string, string>>
  bpm: number
  notes: number
  rounds: number
}>()

const file = (kind: 'MIDI' | 'MUSIC_XML') =>
  `/api/clients/${props.clientId}/workshop/row/file?` +
  new URLSearchParams({ kind, ...props.asFile }).toString()
const lasts = computed(() => (props.row.slots * props.rounds * 60) / (props.bpm * props.notes))
const print = () => window.print()
/** The row in words, for paper. */
const written = computed(() =>
  [
    { word: 'Left', row: props.row.left },
    { word: 'Right', row: props.row.right },
  ]
    .filter((hand) => hand.row.length)
    .map((hand) => ({
      word: hand.word,
      taps: hand.row.map((digit) => digit.toLowerCase()).join(', '),
    })),
)
</script>

<template>
  <h2 class="no-print">Take it away</h2>
  <div class="acts no-print">
    <a class="btn btn-outline-secondary" :href="file('MIDI')" download>As MIDI</a>
    <a class="btn btn-outline-secondary" :href="file('MUSIC_XML')" download>As MusicXML</a>
    <BButton variant="outline-secondary" @click="print">Print</BButton>
    <RouterLink
      class="btn btn-outline-secondary"
      :to="{ path: '/bench', query: { client: clientId, exercise: row.exercise } }"
      >Put on bench</RouterLink
    >
  </div>
  <p class="quiet no-print">
    MIDI: click and pattern on tracks of their own, {{ bpm }} bpm, {{ rounds }} rounds,
    {{ minutesWords(lasts) }}. MusicXML: five-note position, fingering above the notes.
  </p>
  <dl class="on-paper">
    <template v-for="hand in written" :key="hand.word">
      <dt>{{ hand.word }}</dt>
      <dd>{{ hand.taps }}</dd>
    </template>
    <dt>Tempo</dt>
    <dd>{{ bpm }} bpm, {{ notes }} to a beat, {{ rounds }} rounds</dd>
    <dt>Stop</dt>
    <dd v-for="rule in row.stopRules" :key="rule">{{ rule }}</dd>
  </dl>
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 12px 0;
}
.on-paper {
  display: none;
}
@media print {
  .on-paper {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 4px 16px;
  }
  dd {
    grid-column: 2;
  }
}
</style>
