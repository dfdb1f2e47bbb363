<script setup lang="ts">
import { computed } from 'vue'
import type { Digit, PieceHandView } from '@/api/types'
import { capital, counted } from '@/parts/words'
import FingerSign from '@/workshop/FingerSign.vue'
import PressBars from './PressBars.vue'

/** What a piece asks of one hand, and what trains exactly that. */
const props = defineProps<{ clientId: string; hand: PieceHandView }>()

const DIGITS: readonly Digit[] = ['THUMB', 'INDEX', 'MIDDLE', 'RING', 'LITTLE']
const OFFERED = 3
const timesOf = (from: Digit, to: Digit) =>
  props.hand.steps.find((step) => step.from === from && step.to === to)?.times ?? 0
const most = computed(() => Math.max(1, ...props.hand.steps.map((step) => step.times)))
/** What is asked for most between different ones of the four fingers. */
const offered = computed(() =>
  props.hand.steps
    .filter((s) => s.from !== s.to && s.from !== 'THUMB' && s.to !== 'THUMB')
    .slice(0, OFFERED),
)
const round = (from: Digit, to: Digit) => ({
  path: `/workshop/${props.clientId}/round`,
  query: { from, to, hand: props.hand.side },
})
const test = (from: Digit, to: Digit) => ({
  path: `/workshop/${props.clientId}/tap-test/run`,
  query: {
    pace: 'CLICK_THEN_ALONE',
    what: 'PAIR',
    hands: props.hand.side,
    from,
    to,
    notesABeat: 2,
  },
})
const word = (digit: Digit) => digit.toLowerCase()
const state = (digit: Digit) => ({ bent: digit === 'THUMB' ? [] : [digit], open: [] })
</script>

<template>
  <section class="hand">
    <h2>
      {{ capital(hand.side.toLowerCase()) }} hand
      <span class="quiet">{{ counted(hand.all, 'press', 'presses') }}</span>
    </h2>
    <PressBars :presses="hand.presses" :side="hand.side" />
    <h3>Which follows which <span class="quiet">row to column</span></h3>
    <table>
      <thead>
        <tr>
          <td />
          <th v-for="to in DIGITS" :key="to" scope="col">
            <FingerSign :first="state(to)" :side="hand.side" /><span>{{ word(to) }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="from in DIGITS" :key="from">
          <th scope="row">{{ word(from) }}</th>
          <td
            v-for="to in DIGITS"
            :key="to"
            :style="{ '--share': `${Math.round((45 * timesOf(from, to)) / most)}%` }"
          >
            {{ timesOf(from, to) || '' }}
          </td>
        </tr>
      </tbody>
    </table>
    <ul v-if="offered.length" class="offered">
      <li v-for="step in offered" :key="step.from + step.to">
        <span
          ><b>{{ capital(word(step.from)) }} to {{ word(step.to) }}</b>
          <span class="quiet">{{ step.times }} times</span></span
        >
        <RouterLink class="btn btn-outline-secondary" :to="round(step.from, step.to)"
          >Round of it</RouterLink
        >
        <RouterLink class="btn btn-outline-secondary" :to="test(step.from, step.to)"
          >Test it</RouterLink
        >
      </li>
    </ul>
    <template v-if="hand.stretches.length">
      <h3>Widest at once</h3>
      <ul class="stretches">
        <li v-for="one in hand.stretches" :key="one.nearer + one.farther">
          <span>{{ word(one.nearer) }}–{{ word(one.farther) }}</span>
          <b>{{ Math.round(one.millimetres) }} mm</b>
          <span class="quiet">{{ one.keys }}, bar {{ one.bar }}</span>
        </li>
      </ul>
    </template>
    <template v-if="hand.beyond.length">
      <h3 class="warn">
        Beyond reach: {{ counted(hand.beyond.length, 'place')
        }}<template v-if="hand.impossible">, {{ hand.impossible }} of them not possible</template>
      </h3>
      <ul class="stretches">
        <li v-for="(one, i) in hand.beyond.slice(0, 12)" :key="i">
          <span>bar {{ one.bar }}</span>
          <b>{{ Math.round(one.millimetres) }} mm</b>
          <span class="quiet"
            >{{ one.keys }}, {{ word(one.nearer) }} to {{ word(one.farther)
            }}{{ one.impossible ? ', break it' : '' }}</span
          >
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin: 8px 0 4px;
  font-size: 1.25rem;
}
h3 {
  margin: 16px 0 4px;
  font-size: 1rem;
}
h2 span,
h3 span {
  font-size: 0.875rem;
  font-weight: 400;
}
.warn {
  color: var(--warn);
}
table {
  border-collapse: separate;
  border-spacing: 2px;
  font-size: 0.8125rem;
}
th {
  color: var(--ink-2);
  font-weight: 500;
  text-align: center;
}
th svg {
  margin: auto;
}
tbody td {
  width: 54px;
  height: 32px;
  background: color-mix(in srgb, var(--main) var(--share), var(--surface));
  outline: 1px solid var(--line);
  font-weight: 600;
  text-align: center;
}
.offered,
.stretches {
  margin: 8px 0;
  padding: 0;
  list-style: none;
}
.offered li {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-bottom: 6px;
}
.offered li > span {
  flex: 1;
}
.offered b {
  margin-right: 8px;
}
.stretches li {
  display: grid;
  grid-template-columns: 120px 72px minmax(0, 1fr);
  gap: 8px;
  font-size: 0.875rem;
}
</style>
