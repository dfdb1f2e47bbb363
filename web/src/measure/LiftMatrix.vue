<script setup lang="ts">
import type { Digit, LiftedFingerView, LiftedHandView } from '@/api/types'

/** What came up besides, by the finger that was asked for: squares with their numbers. */
defineProps<{ hand: LiftedHandView }>()

const MOST = 22
/** As the server grades it. */
const NOTICEABLY = 3
const alongOf = (row: LiftedFingerView, digit: Digit) =>
  row.along.find((one) => one.digit === digit)?.times
/** Its area is its share. */
const side = (times: number, of: number) => Math.sqrt(times / Math.max(1, of)) * MOST
const word = (digit: Digit) => digit.toLowerCase()
</script>

<template>
  <table :class="hand.side.toLowerCase()">
    <caption>
      {{
        hand.side.toLowerCase()
      }}
    </caption>
    <thead>
      <tr>
        <td />
        <th v-for="finger in hand.fingers" :key="finger.digit" scope="col">
          {{ word(finger.digit) }}
        </th>
        <th scope="col" class="end">independence</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in hand.fingers" :key="row.digit">
        <th scope="row">{{ word(row.digit) }}</th>
        <template v-for="column in hand.fingers" :key="column.digit">
          <td v-if="column.digit === row.digit" class="none" />
          <td
            v-else
            :class="{ weak: row.leakage === NOTICEABLY && (alongOf(row, column.digit) ?? 0) > 0 }"
          >
            <span>{{ alongOf(row, column.digit) }}</span>
            <i
              v-if="alongOf(row, column.digit)"
              :style="{
                width: `${side(alongOf(row, column.digit) ?? 0, row.times)}px`,
                height: `${side(alongOf(row, column.digit) ?? 0, row.times)}px`,
              }"
            />
          </td>
        </template>
        <td class="end" :class="{ weak: row.leakage === NOTICEABLY }">
          <b>{{ row.independence === null ? '–' : `${row.independence} %` }}</b>
          <span v-if="row.value && row.value.verdict" class="verdict">{{ row.value.words }}</span>
        </td>
      </tr>
    </tbody>
    <tfoot>
      <tr>
        <th scope="row" class="quiet">still</th>
        <td v-for="finger in hand.fingers" :key="finger.digit" class="foot">
          {{ finger.still === null ? '–' : `${finger.still} %` }}
        </td>
        <td />
      </tr>
    </tfoot>
  </table>
</template>

<style scoped>
table {
  border-collapse: separate;
  border-spacing: 1px;
  font-size: 0.8125rem;
}
caption {
  padding: 0 0 2px 48px;
  color: var(--ink-2);
  caption-side: top;
}
th {
  padding: 0 6px 2px 0;
  color: var(--ink-2);
  font-weight: 500;
  text-align: right;
}
thead th {
  text-align: center;
}
tbody td:not(.end) {
  position: relative;
  width: 42px;
  height: 42px;
  background: var(--surface);
  outline: 1px solid var(--line);
}
tbody td span {
  position: absolute;
  top: 1px;
  right: 3px;
  font-weight: 600;
}
tbody td i {
  position: absolute;
  bottom: 4px;
  left: 5px;
  border: 1.5px solid var(--main);
}
.right tbody td i {
  background: var(--main);
}
.weak i {
  border-color: var(--warn);
  background: var(--warn-wash);
}
.right .weak i {
  background: var(--warn);
}
.none {
  background: repeating-linear-gradient(135deg, var(--sunk) 0 3px, var(--line) 3px 4px) !important;
}
.end {
  padding-left: 8px;
  text-align: left;
  white-space: nowrap;
}
.end b {
  display: block;
}
.end.weak b {
  color: var(--warn);
}
tbody td.end .verdict {
  position: static;
  color: var(--ink-2);
  font-weight: 400;
}
.foot {
  font-weight: 600;
  white-space: nowrap;
  text-align: center;
}
</style>
