<script setup lang="ts">
import type { Purpose, SessionState } from '@/api/types'
import { PEG_WIDTHS, pegPath } from './pegs'

withDefaults(defineProps<{ purpose: Purpose; state?: SessionState }>(), { state: 'PLANNED' })
</script>

<template>
  <svg class="peg" width="20" height="22" viewBox="0 0 20 22" aria-hidden="true">
    <g :transform="`translate(${(20 - PEG_WIDTHS[purpose]) / 2} 16)`">
      <path :class="state.toLowerCase()" :d="pegPath(purpose, PEG_WIDTHS[purpose], 14)" />
    </g>
    <path class="base" d="M0 16.75H20" />
    <rect
      v-if="state === 'DONE' || state === 'LEFT'"
      class="done"
      x="7.5"
      y="17.5"
      width="5"
      height="4"
    />
  </svg>
</template>

<style scoped>
.peg {
  display: inline-block;
  flex: none;
  vertical-align: -5px;
}
.planned,
.moved,
.done {
  fill: var(--main);
}
.due {
  fill: var(--live);
}
.missed {
  fill: var(--surface);
  stroke: var(--warn);
  stroke-width: 1.5;
}
.left {
  fill: var(--surface);
  stroke: var(--main);
  stroke-width: 1.5;
}
.base {
  stroke: var(--edge);
  stroke-width: 1.5;
}
</style>
