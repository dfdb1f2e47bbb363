<script setup lang="ts">
import { computed } from 'vue'
import type { LibraryRow } from '@/api/types'
import { listed } from '@/parts/words'
import { filters } from './filters'
import { asked, lost } from './search'

/** Why nothing was found: which word it was, and what is near. */
const props = defineProps<{ rows: readonly LibraryRow[] }>()

const missing = computed(() => lost(props.rows, filters.text))
const words = computed(() => asked(filters.text).words)
function instead(word: string, near: string) {
  filters.text = filters.text.toLowerCase().replace(word, near)
}
</script>

<template>
  <div class="nothing">
    <p v-for="one in missing" :key="one.word">
      No exercise speaks of “{{ one.word }}”.
      <BButton v-if="one.near" variant="link" @click="instead(one.word, one.near)"
        >{{ one.near }}?</BButton
      >
    </p>
    <p v-if="!missing.length && words.length > 1">
      Each of these is found, but no exercise has all of them and what else is set:
      {{ listed(words.map((word) => `“${word}”`)) }}. Leave one out.
    </p>
    <p v-else-if="!missing.length">
      Nothing fits all of that. Take one filter off, or write an exercise of your own.
    </p>
  </div>
</template>

<style scoped>
.nothing {
  padding: 16px 0;
}
.btn {
  padding: 0;
}
</style>
