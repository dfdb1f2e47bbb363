<script setup lang="ts">
/** The beats of a repetition, or the notes of a beat, as squares; the sounding one is larger. */
withDefaults(defineProps<{ beat: number; beats: number; what?: string }>(), { what: 'Beat' })
</script>

<template>
  <div class="beats" role="img" :aria-label="`${what} ${beat} of ${beats}`">
    <span v-for="n in beats" :key="n" :class="{ on: n === beat, gone: n < beat }" />
  </div>
</template>

<style scoped>
.beats {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  min-height: 28px;
}
span {
  width: 16px;
  height: 16px;
  margin: 6px;
  border: 2px solid var(--ink-2);
}
.gone {
  background: var(--ink-2);
}
.on {
  width: 28px;
  height: 28px;
  margin: 0;
  border: 0;
  background: var(--live);
}
</style>
