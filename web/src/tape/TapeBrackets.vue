<script setup lang="ts">
import { counted, duration } from '@/parts/words'
import type { TapeBracket } from './tape'

/** What is done in turn: a plate on each of its steps, and a bracket beneath them. */
defineProps<{
  brackets: readonly TapeBracket[]
  /** Where the plates stand, and where the bracket begins. */
  top: number
  bottom: number
}>()

const PLATE = 18
const WORDS = 150
const words = (bracket: TapeBracket) =>
  `circuit, ${counted(bracket.rounds, 'round')}, ${duration(bracket.millis)}`
</script>

<template>
  <g v-for="bracket in brackets" :key="bracket.from">
    <g v-for="plate in bracket.plates" :key="plate.left">
      <rect class="plate" :x="plate.left + PLATE + 2" :y="top" :width="PLATE" :height="PLATE" />
      <text class="plate-letter" :x="plate.left + PLATE * 1.5 + 2" :y="top + 13.5">
        {{ plate.letter }}
      </text>
    </g>
    <path class="bracket" :d="`M${bracket.left} ${bottom}v8H${bracket.right}v-8`" />
    <text
      v-if="bracket.right - bracket.left >= WORDS"
      class="bracket-words"
      :x="(bracket.left + bracket.right) / 2"
      :y="bottom + 12"
    >
      {{ words(bracket) }}
    </text>
  </g>
</template>

<style scoped>
.plate {
  fill: var(--surface);
  stroke: var(--ink);
}
.plate-letter {
  font-size: 13px;
  font-weight: 700;
  text-anchor: middle;
}
.bracket {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
.bracket-words {
  font-size: 13px;
  font-weight: 600;
  stroke: var(--ground);
  stroke-width: 6;
  paint-order: stroke;
  text-anchor: middle;
}
</style>
