<script setup lang="ts">
import type { Arrow } from './arrows'

/** Arrows with a halo of the ground, so that they can be read on a hand. */
defineProps<{ arrows: readonly Arrow[] }>()
</script>

<template>
  <g v-for="(drawn, i) in arrows" :key="`arrow${i}`" class="arrow">
    <path class="halo" :d="drawn.shaft" />
    <path class="halo-head" :d="drawn.head" />
    <path class="shaft" :d="drawn.shaft" />
    <path class="head" :d="drawn.head" />
  </g>
</template>

<style scoped>
.arrow path {
  stroke-linecap: round;
  stroke-linejoin: round;
}
.halo {
  fill: none;
  stroke: var(--hand-halo);
  stroke-width: 9;
}
.halo-head {
  fill: var(--hand-halo);
  stroke: var(--hand-halo);
  stroke-width: 6.5;
}
.shaft {
  fill: none;
  stroke: var(--hand-arrow);
  stroke-width: 5;
}
.head {
  fill: var(--hand-arrow);
  stroke: var(--hand-arrow);
  stroke-width: 2.5;
}
</style>
