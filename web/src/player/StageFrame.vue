<script setup lang="ts">
import { ref } from 'vue'

/** The dark stage: figure and words side by side, the keys below them, the tape at the foot. */
const root = ref<HTMLElement | null>(null)
defineExpose({ root })
</script>

<template>
  <main id="main" ref="root" class="stage"><slot /></main>
</template>

<style scoped>
.stage {
  display: grid;
  grid-template-columns: minmax(0, 576fr) minmax(0, 624fr);
  grid-template-rows: 64px minmax(0, 1fr) auto auto;
  gap: 0 40px;
  width: 100%;
  height: 100vh;
  min-height: 640px;
  padding: 0 40px 12px;
  overflow: hidden;
  background: var(--ground);
  color-scheme: dark;
  color: var(--ink);
}
.stage :deep(svg text) {
  fill: var(--ink);
}
.stage :deep(.letter) {
  fill: var(--on-mark);
}
@media (max-width: 900px) {
  .stage {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: 52px minmax(120px, 1fr) auto auto auto;
    min-height: 0;
    padding: 0 16px 8px;
  }
}
</style>
