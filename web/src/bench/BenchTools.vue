<script setup lang="ts">
/** What can be put on the bench beside the steps that lie there. */
defineProps<{
  /** Whether the routine is said in lines just now. */
  lines: boolean
  empty: boolean
  haveReady: readonly string[]
}>()
const emit = defineEmits<{ add: []; lines: []; play: []; clear: [] }>()
</script>

<template>
  <p class="tools">
    <BButton size="sm" variant="outline-secondary" @click="emit('add')">Add a step</BButton>
    <BButton size="sm" variant="outline-secondary" :aria-pressed="lines" @click="emit('lines')"
      >Say it in lines</BButton
    >
    <BButton size="sm" variant="outline-secondary" @click="emit('play')"
      >Play easily, a gap</BButton
    >
    <BButton v-if="!empty" size="sm" variant="link" @click="emit('clear')">Clear away</BButton>
    <span v-if="haveReady.length" class="quiet push">Have ready: {{ haveReady.join(', ') }}</span>
  </p>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin: 8px 0 12px;
}
</style>
