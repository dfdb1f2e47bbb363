<script setup lang="ts">
import type { PressesView } from '@/api/types'
import { DIGITS } from '@/parts/labels'

/** How much each finger presses: a bar with its number. */
defineProps<{ presses: readonly PressesView[]; side: 'LEFT' | 'RIGHT' }>()
const HUNDRED = 100
const most = (presses: readonly PressesView[]) => Math.max(1, ...presses.map((one) => one.times))
</script>

<template>
  <ul class="presses" :class="side.toLowerCase()">
    <li v-for="one in presses" :key="one.digit">
      <span class="word">{{ DIGITS[one.digit] }}</span>
      <span class="track"
        ><i v-if="one.times" :style="{ width: `${(HUNDRED * one.times) / most(presses)}%` }"
      /></span>
      <b>{{ one.times }}</b>
      <span class="quiet">{{ Math.round(HUNDRED * one.share) }} %</span>
    </li>
  </ul>
</template>

<style scoped>
.presses {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr) 64px 48px;
  gap: 8px;
  align-items: center;
  min-height: 30px;
  font-size: 0.875rem;
}
.track {
  height: 16px;
  background: var(--sunk);
}
i {
  display: block;
  height: 100%;
  border: 1.5px solid var(--main);
  background: var(--surface);
}
.right i {
  background: var(--main);
}
b {
  font-variant-numeric: tabular-nums;
  text-align: right;
}
</style>
