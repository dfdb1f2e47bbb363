<script setup lang="ts">
import { computed } from 'vue'
import type { LadderView } from '@/api/types'
import { capital } from '@/parts/words'
import { standing } from './standing'

/** How a ladder stands, in the colour of what it asks for. */
const props = defineProps<{ ladder: LadderView }>()
const state = computed(() => standing(props.ladder))
</script>

<template>
  <span :class="state.tone">{{ capital(state.words) }}</span>
</template>

<style scoped>
span {
  flex: none;
}
.ready {
  color: var(--main);
  font-weight: 600;
}
.warn {
  color: var(--warn);
  font-weight: 600;
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
.quiet {
  color: var(--ink-2);
}
</style>
