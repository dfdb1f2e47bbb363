<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { queries } from '@/api/queries'
import type { Digit, TwoHandedRow, What } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { useRadioKeys } from '@/form/useRadioKeys'
import PageState from '@/parts/PageState.vue'
import FingerSign from './FingerSign.vue'
import FollowMe from './FollowMe.vue'
import OrdersTable from './OrdersTable.vue'
import { phraseQuery, type Phrase } from './phrase'
import PhraseChooser from './PhraseChooser.vue'
import RowAway from './RowAway.vue'
import RowRing from './RowRing.vue'
import TempoStepper from './TempoStepper.vue'
import { useBeat } from './useBeat'
import { useTempo } from './useTempo'
import WorkshopFrame from './WorkshopFrame.vue'

/** Rows of taps that hold each transition once, on a beat, and taken away as music. */
const props = defineProps<{ clientId: string }>()

type Shown = What | 'ORDERS' | 'FOLLOW_ME'
const ROWS: readonly { value: Shown; word: string; more: string }[] = [
  { value: 'ORDERS', word: '24 orders', more: 'four fingers, each once' },
  { value: 'TRANSITIONS', word: 'Every transition once', more: 'no finger twice running' },
  { value: 'TRANSITIONS_AND_REPEATS', word: 'With repeats', more: 'the same finger too' },
  { value: 'TRIPLES', word: 'Every three once', more: 'no finger twice running' },
  { value: 'TRIPLES_AND_REPEATS', word: 'Every three, with repeats', more: 'the same finger too' },
  { value: 'THREE_DIFFERENT', word: 'Three different', more: 'every order of three' },
  { value: 'FOLLOW_ME', word: 'Follow me', more: 'grows by one' },
]
const HANDS: readonly { value: TwoHandedRow; label: string }[] = [
  { value: 'LEFT', label: 'Left hand' },
  { value: 'RIGHT', label: 'Right hand' },
  { value: 'PARALLEL', label: 'Parallel' },
  { value: 'MIRRORED', label: 'Mirrored' },
  { value: 'OPPOSITE', label: 'Opposite' },
]
const NOTES = [1, 2, 3, 4].map((value) => ({ value, label: String(value) }))
const MOST = 1000

const shownChosen = ref<Shown | null>('TRANSITIONS')
const shown = computed<Shown>(() => shownChosen.value ?? 'TRANSITIONS')
/** The circle that was looked at last stays asked for while something else is shown. */
const what = ref<What>('TRANSITIONS')
watch(shown, (to) => {
  if (to !== 'ORDERS' && to !== 'FOLLOW_ME') what.value = to
})
const { focusable, move } = useRadioKeys(() => ROWS.map((one) => one.value), shownChosen)
const handsChosen = ref<TwoHandedRow | null>('RIGHT')
const hands = computed<TwoHandedRow>(() => handsChosen.value ?? 'RIGHT')
/** As somebody chose, else as the client counts. */
const thumbChosen = ref<boolean>()
const thumb = computed({
  get: () => thumbChosen.value ?? asked.data.value?.thumb ?? false,
  set: (to) => (thumbChosen.value = to),
})
const another = ref(0)
const { tempo: bpm } = useTempo(() => asked.data.value?.tempo)
const notesChosen = ref<number | null>(2)
const notes = computed(() => notesChosen.value ?? 1)
const phrase = ref<Phrase>({})
const asked = useAsked(() =>
  queries.row(props.clientId, {
    what: what.value,
    hands: hands.value,
    thumb: thumbChosen.value,
    another: another.value,
    notesABeat: notes.value,
    ...phrase.value,
  }),
)
const row = computed(() => asked.data.value)
const rounds = computed(() => row.value?.rounds ?? 1)
const beat = useBeat(bpm, notes)
watch([bpm, notes], beat.retune)
watch([shown, hands, thumb, another, phrase], beat.stop)
/** Where one is in the round; past the row one rests until the next phrase. */
const slot = computed(() =>
  beat.on.value && row.value ? Math.floor(beat.beats.value * notes.value) % row.value.slots : null,
)
const resting = computed(() => slot.value !== null && slot.value >= (row.value?.row.length ?? 0))
const tap = computed(() => (resting.value ? null : slot.value))
const digits = computed<readonly Digit[]>(() =>
  thumb.value
    ? ['THUMB', 'INDEX', 'MIDDLE', 'RING', 'LITTLE']
    : ['INDEX', 'MIDDLE', 'RING', 'LITTLE'],
)
const placeOf = (from: Digit, to: Digit) =>
  row.value?.walk
    .filter((step) => step.from === from && step.to === to)
    .map((step) => step.place)
    .join(', ')
const state = (digit: Digit) => ({ bent: digit === 'THUMB' ? [] : [digit], open: [] })
const word = (digit: Digit) => digit.toLowerCase()
/** The same row as a file is asked for. */
const asFile = computed(() => ({
  what: what.value,
  hands: hands.value,
  thumb: String(thumb.value),
  another: String(another.value),
  bpm: String(bpm.value),
  notesABeat: String(notes.value),
  rounds: String(rounds.value),
  ...phraseQuery(phrase.value),
}))
</script>

<template>
  <main id="main" class="page">
    <WorkshopFrame :client-id="clientId" on="sequences" />
    <div class="columns">
      <section>
        <h1>Sequences</h1>
        <div class="rows" role="radiogroup" aria-label="What is held once">
          <button
            v-for="(one, i) in ROWS"
            :key="one.value"
            type="button"
            role="radio"
            :aria-checked="shown === one.value"
            :tabindex="focusable(i)"
            @click="shownChosen = one.value"
            @keydown="move($event, i)"
          >
            <b>{{ one.word }}</b> <span>{{ one.more }}</span>
          </button>
        </div>
        <label class="check"
          ><input v-model="thumb" type="checkbox" class="form-check-input" /> with the thumb</label
        >
        <BButton
          v-if="shown === what"
          variant="outline-secondary"
          @click="another = (another + 1) % MOST"
          >Another circle</BButton
        >
        <BButton v-if="shown === what && another" variant="link" @click="another = 0"
          >The first again</BButton
        >
      </section>
      <FollowMe
        v-if="shown === 'FOLLOW_ME'"
        v-model:bpm="bpm"
        :client-id="clientId"
        :digits="digits"
        :tempo="row?.tempo"
      />
      <OrdersTable v-else-if="shown === 'ORDERS'" :client-id="clientId" />
      <PageState
        v-else
        :loading="asked.slow.value"
        :error="asked.error.value"
        :ready="Boolean(row)"
        @retry="asked.reload"
      >
        <section v-if="row" class="middle">
          <h2>{{ ROWS.find((one) => one.value === what)?.word }}</h2>
          <p class="quiet">
            {{ row.row.length }} taps round, then again; inner ring
            {{ word(digits[0] ?? 'INDEX') }}, outer ring little
          </p>
          <RowRing :row="row.row" :digits="digits" :tap="tap" />
          <div class="acts">
            <TempoStepper v-model="bpm" :range="row.tempo" words="bpm" />
            <ChoiceRow v-model="notesChosen" :options="NOTES" label="Taps a beat" />
            <span class="quiet">taps a beat</span>
            <PhraseChooser v-model="phrase" :choice="row.phrases" />
          </div>
          <ChoiceRow v-model="handsChosen" :options="HANDS" label="Hands" />
          <div class="acts">
            <BButton variant="primary" @click="beat.on.value ? beat.stop() : beat.start()">{{
              beat.on.value ? 'Stop' : 'Start'
            }}</BButton>
            <p v-if="tap !== null" class="said" aria-live="off">
              <span v-if="row.left.length">left {{ word(row.left[tap] ?? 'INDEX') }}</span>
              <span v-if="row.right.length">right {{ word(row.right[tap] ?? 'INDEX') }}</span>
            </p>
            <p v-else-if="resting" class="said">rest until the phrase ends</p>
          </div>
        </section>
        <section v-if="row">
          <h2>Each pair once</h2>
          <p class="quiet">row to column, number in the walk</p>
          <table>
            <thead>
              <tr>
                <td />
                <th v-for="digit in digits" :key="digit" scope="col">
                  <FingerSign :first="state(digit)" /><span class="visually-hidden">{{
                    word(digit)
                  }}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="from in digits" :key="from">
                <th scope="row">
                  <FingerSign :first="state(from)" /><span class="visually-hidden">{{
                    word(from)
                  }}</span>
                </th>
                <td
                  v-for="to in digits"
                  :key="to"
                  :class="{
                    none: !placeOf(from, to),
                    on: tap !== null && row.walk[tap]?.from === from && row.walk[tap]?.to === to,
                  }"
                >
                  {{ placeOf(from, to) }}
                </td>
              </tr>
            </tbody>
          </table>
          <RowAway
            :client-id="clientId"
            :row="row"
            :as-file="asFile"
            :bpm="bpm"
            :notes="notes"
            :rounds="rounds"
          />
        </section>
      </PageState>
    </div>
  </main>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 208px minmax(0, 470px) minmax(0, 1fr);
  gap: 0 32px;
}
h1,
h2 {
  margin: 0 0 4px;
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.rows {
  margin: 0 0 16px;
}
.rows button {
  display: block;
  width: 100%;
  padding: 6px 10px;
  border: 1.5px solid transparent;
  background: none;
  color: var(--ink);
  text-align: left;
}
.rows button[aria-checked='true'] {
  border-color: var(--ink);
  background: var(--surface);
}
.rows b,
.rows span {
  display: block;
}
.rows span {
  color: var(--ink-2);
  font-size: 0.8125rem;
}
.check {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-bottom: 12px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin: 12px 0;
}
@media print {
  .rows,
  .check,
  .acts,
  .columns > section:first-child {
    display: none;
  }
  .columns {
    display: block;
  }
}
.said {
  display: flex;
  gap: 16px;
  margin: 0;
  font-weight: 700;
}
table {
  margin: 8px 0 24px;
  border-collapse: separate;
  border-spacing: 2px;
}
td,
th {
  min-width: 36px;
  height: 36px;
  padding: 0 4px;
  font-size: 0.8125rem;
  text-align: center;
}
th svg {
  margin: auto;
}
tbody td {
  background: var(--surface);
  outline: 1px solid var(--line);
  font-variant-numeric: tabular-nums;
}
td.none {
  background: var(--sunk);
}
td.on {
  outline: 2px solid var(--live);
}
@media (max-width: 1100px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
