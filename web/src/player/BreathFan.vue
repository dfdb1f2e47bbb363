<script setup lang="ts">
import { computed } from 'vue'

/** The breath as five ribs that open and close. */
const props = defineProps<{
  /** 0 closed, 1 open. */
  open: number
  word: string
}>()

const ribs = computed(() =>
  [-2, -1, 0, 1, 2].map((i) => {
    const angle = (i * (6 + 15 * props.open) * Math.PI) / 180
    const length = 96 + 44 * props.open - Math.abs(i) * 10
    const root = i * 7
    return `M${112 + root} 156L${112 + root + Math.sin(angle) * length} ${156 - Math.cos(angle) * length}`
  }),
)
</script>

<template>
  <div class="fan">
    <svg viewBox="0 0 224 164" role="img" :aria-label="`Breathe ${word}`">
      <path class="reach" d="M2 46Q112 -32 222 46" />
      <path v-for="rib in ribs" :key="rib" class="rib" :d="rib" />
    </svg>
    <p>{{ word }}</p>
  </div>
</template>

<style scoped>
.fan {
  text-align: center;
}
.rib {
  stroke: var(--breath);
  stroke-width: 14;
  stroke-linecap: round;
}
.reach {
  fill: none;
  stroke: var(--edge);
  stroke-width: 1.5;
  stroke-dasharray: 2 6;
}
p {
  color: var(--breath);
  font: 600 1.25rem/1.75rem var(--font);
}
</style>
