<script setup lang="ts">
import { computed } from 'vue'
import type { Digit, TapResultView, TappedHandView } from '@/api/types'
import FingerSign from '@/workshop/FingerSign.vue'

/** How late each finger follows each other: row to column, in milliseconds. */
const props = defineProps<{ result: TapResultView }>()

const ORDER: readonly Digit[] = ['THUMB', 'INDEX', 'MIDDLE', 'RING', 'LITTLE']
const digits = computed(() => ORDER.filter((digit) => props.result.digits.includes(digit)))
const counts = computed(() => Math.round(props.result.lateCounts))
const late = (hand: TappedHandView, from: Digit, to: Digit) =>
  hand.transitions.find((one) => one.from === from && one.to === to)?.late
const tone = (value: number) => {
  const by = props.result.lateCounts
  return value >= 2 * by ? 'very' : value >= by ? 'late' : value <= -by ? 'early' : ''
}
const number = (value: number) => {
  const whole = Math.round(value)
  return whole > 0 ? `+${whole}` : String(whole).replace('-', '−')
}
const state = (digit: Digit) => ({ bent: digit === 'THUMB' ? [] : [digit], open: [] })
const word = (digit: Digit) => digit.toLowerCase()
const times = computed(() => props.result.byHand[0]?.transitions[0]?.times ?? 0)
</script>

<template>
  <section>
    <h2>Late by transition <span class="quiet">ms, row to column</span></h2>
    <div class="tables">
      <table v-for="hand in result.byHand" :key="hand.side">
        <caption>
          {{
            hand.side.toLowerCase()
          }}
        </caption>
        <thead>
          <tr>
            <td />
            <th v-for="digit in digits" :key="digit" scope="col">
              <FingerSign :first="state(digit)" :side="hand.side" :height="22" /><span
                class="visually-hidden"
                >{{ word(digit) }}</span
              >
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="from in digits" :key="from">
            <th scope="row">
              <FingerSign :first="state(from)" :side="hand.side" :height="22" /><span
                class="visually-hidden"
                >{{ word(from) }}</span
              >
            </th>
            <template v-for="to in digits" :key="to">
              <td v-if="late(hand, from, to) === undefined" class="none" />
              <td v-else :class="tone(late(hand, from, to) ?? 0)">
                {{ number(late(hand, from, to) ?? 0) }}
              </td>
            </template>
          </tr>
        </tbody>
      </table>
    </div>
    <ul class="legend">
      <li><i class="very" /> {{ 2 * counts }} or more</li>
      <li><i class="late" /> late over {{ counts }}</li>
      <li><i /> within</li>
      <li><i class="early" /> early over {{ counts }}</li>
    </ul>
    <p class="said">
      <b>{{ result.late?.words ?? 'No finger is late.' }}</b>
      {{ times }} taps a transition; two tests differ by up to {{ counts }} ms.
    </p>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
  font-size: 1.25rem;
}
h2 span {
  font-size: 0.875rem;
  font-weight: 400;
}
.tables {
  display: flex;
  flex-wrap: wrap;
  gap: 0 20px;
}
caption {
  padding: 0 0 2px 34px;
  color: var(--ink-2);
  font-size: 0.8125rem;
  caption-side: top;
}
table {
  border-collapse: separate;
  border-spacing: 2px;
}
th {
  width: 34px;
  height: 34px;
}
th svg {
  margin: auto;
}
tbody td {
  width: 42px;
  height: 38px;
  background: var(--surface);
  outline: 1px solid var(--line);
  font-size: 0.875rem;
  font-variant-numeric: tabular-nums;
  font-weight: 600;
  text-align: center;
}
td.none {
  background: var(--sunk);
}
.late {
  background: var(--warn-wash);
  outline-color: var(--warn);
}
.very {
  background: color-mix(in srgb, var(--hand-work) 55%, var(--surface));
  outline: 1.5px solid var(--warn);
}
.early {
  background: var(--main-wash);
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin: 8px 0;
  padding: 0;
  color: var(--ink-2);
  font-size: 0.8125rem;
  list-style: none;
}
.legend li {
  display: flex;
  gap: 6px;
  align-items: center;
}
.legend i {
  width: 15px;
  height: 15px;
  background: var(--surface);
  outline: 1px solid var(--edge);
}
.legend i.late {
  background: var(--warn-wash);
  outline-color: var(--warn);
}
.legend i.very {
  background: color-mix(in srgb, var(--hand-work) 55%, var(--surface));
  outline-color: var(--warn);
}
.legend i.early {
  background: var(--main-wash);
}
.said {
  max-width: 460px;
  margin: 0;
  color: var(--ink-2);
  font-size: 0.875rem;
}
.said b {
  display: block;
  color: var(--ink);
}
</style>
