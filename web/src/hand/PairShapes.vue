<script setup lang="ts">
import { useId } from 'vue'
import HandShapes from './HandShapes.vue'
import type { Pair } from './pairs'

/** Two hands in contact. */
defineProps<{ pair: Pair; strokeWidth: number }>()

const prefix = useId()
</script>

<template>
  <g :transform="`rotate(${pair.tilt.toFixed(1)} 0 ${pair.pivot})`">
    <defs>
      <clipPath :id="`${prefix}left`">
        <rect x="-400" y="-400" width="400" height="800" />
      </clipPath>
      <clipPath :id="`${prefix}right`"><rect x="0" y="-400" width="400" height="800" /></clipPath>
    </defs>
    <g
      v-for="(hand, i) in pair.hands"
      :key="i"
      :clip-path="hand.half === 'both' ? undefined : `url(#${prefix}${hand.half})`"
    >
      <g :transform="hand.transform"><HandShapes :drawing="hand.drawing" :left="hand.left" /></g>
    </g>
    <g v-for="(finger, i) in pair.fingers" :key="`clasp${i}`" class="clasp">
      <path class="clasp-line" :d="finger.path" :stroke-width="14 + strokeWidth * 2" />
      <path class="clasp-fill" :class="{ second: finger.left }" :d="finger.path" />
    </g>
    <path
      v-if="pair.seam"
      class="seam"
      :stroke-width="strokeWidth"
      :d="`M0 ${pair.seam[0]}V${pair.seam[1]}`"
    />
  </g>
</template>

<style scoped>
.clasp path {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.clasp-line {
  stroke: var(--hand-line);
}
.clasp-fill {
  stroke: var(--hand-fill);
  stroke-width: 14px;
}
.clasp-fill.second {
  stroke: var(--hand-second-fill);
}
.seam {
  stroke: var(--hand-line);
  stroke-linecap: round;
}
</style>
