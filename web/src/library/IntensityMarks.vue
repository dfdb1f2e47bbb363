<script setup lang="ts">
import type { Kind } from '@/api/types'
import { KINDS } from '@/tape/kinds'

/** Intensity as five squares in the colour of the kind. */
defineProps<{ kind: Kind; intensity: number }>()
</script>

<template>
  <span
    class="marks"
    role="img"
    :aria-label="`Intensity ${intensity} of 5`"
    :style="{ '--colour': KINDS[kind].colour }"
  >
    <i v-for="n in 5" :key="n" :class="{ on: n <= intensity }" />
  </span>
</template>

<style scoped>
.marks {
  display: inline-flex;
  gap: 2px;
}
i {
  width: 8px;
  height: 8px;
  border: 1.2px solid var(--colour);
}
i.on {
  background: var(--colour);
}
</style>
