<script setup lang="ts">
import { computed } from 'vue'
import type { Digit, Side } from '@/api/types'
import FingerSign from '@/workshop/FingerSign.vue'

/** The row of a test; it moves on with whoever taps. */
const props = defineProps<{ row: readonly Digit[]; place: number; side: Side }>()

const SHOWN = 20
const round = computed(() => Math.floor(props.place / props.row.length))
const within = computed(() => props.place % props.row.length)
/** Of a long row the part that one is in. */
const from = computed(() => Math.floor(within.value / SHOWN) * SHOWN)
const shown = computed(() => props.row.slice(from.value, from.value + SHOWN))
const state = (digit: Digit) => ({ bent: digit === 'THUMB' ? [] : [digit], open: [] })
</script>

<template>
  <div class="row-strip">
    <p class="quiet">Round {{ round + 1 }}, moves on with your taps</p>
    <ol aria-hidden="true">
      <li
        v-for="(digit, i) in shown"
        :key="from + i"
        :class="{ on: from + i === within, over: from + i < within }"
      >
        <FingerSign :first="state(digit)" :side="side" :height="26" />
      </li>
    </ol>
  </div>
</template>

<style scoped>
.row-strip {
  grid-column: 1 / -1;
}
p {
  margin: 0 0 4px;
  font-size: 0.8125rem;
}
ol {
  display: flex;
  gap: 1px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  place-items: center;
  width: 45px;
  height: 46px;
  border: 1px solid var(--line);
  border-bottom: 5px solid transparent;
}
.over {
  border-bottom-color: var(--breath);
  color: var(--ink-2);
}
.on {
  border: 1.5px solid var(--ink);
  color: var(--live);
}
</style>
