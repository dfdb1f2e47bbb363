<script setup lang="ts">
import { computed } from 'vue'

/** The numbers behind a picture, to be read and to be taken along as comma-separated values. */
const props = defineProps<{
  /** What the file is called, without its ending. */
  name: string
  head: readonly string[]
  rows: readonly (readonly (string | number)[])[]
}>()

const SHOWN = 60
/** A cell of a file (RFC 4180); what a spreadsheet would take for a formula is marked as text. */
const cell = (value: string | number) => {
  const text = typeof value === 'string' && /^[=+\-@\t\r]/.test(value) ? `'${value}` : String(value)
  return /[",\n\r]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text
}
const csv = computed(() =>
  [props.head, ...props.rows].map((row) => row.map(cell).join(',')).join('\r\n'),
)
const address = computed(() => `data:text/csv;charset=utf-8,${encodeURIComponent(csv.value)}`)
</script>

<template>
  <details class="behind">
    <summary>As a table</summary>
    <div class="scrolls" tabindex="0" role="region" :aria-label="`Table: ${name}`">
      <table>
        <thead>
          <tr>
            <th v-for="word in head" :key="word" scope="col">{{ word }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, i) in rows.slice(0, SHOWN)" :key="i">
            <td v-for="(value, j) in row" :key="j">{{ value }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="small">
      <a :href="address" :download="`${name}.csv`">Take it along (CSV)</a>
      <span v-if="rows.length > SHOWN" class="quiet">
        with all {{ rows.length }} lines; the first {{ SHOWN }} are shown</span
      >
    </p>
  </details>
</template>

<style scoped>
summary {
  min-height: 28px;
  color: var(--ink-2);
}
.scrolls {
  max-height: 240px;
  overflow: auto;
}
th,
td {
  padding: 2px 12px 2px 0;
  font-size: 0.875rem;
  text-align: left;
  vertical-align: top;
}
th {
  color: var(--ink-2);
  font-weight: 500;
}
</style>
