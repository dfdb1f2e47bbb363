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
.stage :deep(.stage-top) {
  display: flex;
  grid-column: 1 / -1;
  gap: 16px;
  align-items: center;
}
.stage :deep(.stage-left) {
  margin-left: auto;
  font: 700 1.25rem/1.75rem var(--mono);
}
.stage :deep(.stage-words) {
  align-self: center;
  min-width: 0;
}
.stage :deep(.stage-count) {
  display: flex;
  gap: 16px;
  align-items: flex-end;
  margin: 8px 0;
  font-size: 1.5rem;
  line-height: 2rem;
}
.stage :deep(.stage-count b) {
  font: 700 min(176px, 21vh) / 1 var(--font);
  font-variant-numeric: tabular-nums;
}
.stage :deep(.stage-keys) {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  gap: 12px;
  align-items: center;
  padding: 12px 0;
}
.stage :deep(.stage-push) {
  margin-left: auto;
}
.stage :deep(.stage-end) {
  grid-row: 2 / -1;
  grid-column: 1 / -1;
  align-self: center;
  max-width: 720px;
}
@media (max-width: 900px) {
  .stage :deep(.stage-count b) {
    font-size: 72px;
  }
  .stage {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: 52px minmax(120px, 1fr) auto auto auto;
    min-height: 0;
    padding: 0 16px 8px;
  }
}
</style>
