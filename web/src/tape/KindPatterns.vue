<script setup lang="ts">
import { KINDS } from './kinds'

withDefaults(
  defineProps<{
    /** Patterns are referred to by this and the kind. */
    prefix: string
    scale?: number
  }>(),
  { scale: 1 },
)
</script>

<template>
  <svg width="0" height="0" class="patterns" aria-hidden="true">
    <defs>
      <pattern
        v-for="(mark, kind) in KINDS"
        :id="`${prefix}-${kind}`"
        :key="kind"
        patternUnits="userSpaceOnUse"
        :width="mark.tile[0] * scale"
        :height="mark.tile[1] * scale"
      >
        <rect
          :width="mark.tile[0] * scale"
          :height="mark.tile[1] * scale"
          :style="{
            fill: `color-mix(in srgb, var(--kind-ground) var(--kind-tint), ${mark.colour})`,
          }"
        />
        <path
          :d="mark.path"
          :transform="`scale(${scale})`"
          :style="{
            fill: mark.filled ? mark.colour : 'none',
            stroke: mark.filled ? 'none' : mark.colour,
          }"
          :stroke-width="(mark.strokeWidth ?? 1.5) / (mark.strokeWidth ? 1 : scale)"
          stroke-linecap="round"
          stroke-linejoin="round"
        />
      </pattern>
    </defs>
  </svg>
</template>

<style scoped>
.patterns {
  position: absolute;
}
</style>
