<script setup lang="ts">
import { computed } from 'vue'
import type { Kind } from '@/api/types'
import { KINDS } from './kinds'

/** The letter of a kind on its colour; the word stands beside it wherever it is used. */
const props = defineProps<{ kind: Kind }>()

const mark = computed(() => KINDS[props.kind])
</script>

<template>
  <span class="kind-letter" :style="{ background: mark.colour }" aria-hidden="true">{{
    mark.letter
  }}</span>
</template>

<style scoped>
.kind-letter {
  display: inline-grid;
  flex: none;
  width: 1.125rem;
  height: 1.125rem;
  color: var(--on-mark);
  font: 700 0.8125rem/1 var(--font);
  place-items: center;
}
</style>
