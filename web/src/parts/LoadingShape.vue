<script setup lang="ts">
/** Stands where something is to come that takes long enough to be noticed. */
</script>

<template>
  <div class="shape" role="status" aria-label="Loading">
    <span v-for="n in 4" :key="n" class="bar" :style="{ width: `${92 - n * 13}%` }" />
  </div>
</template>

<style scoped>
.shape {
  display: grid;
  gap: 16px;
  padding: 24px 0;
}
.bar {
  height: 28px;
  background: var(--spent);
  opacity: 0.7;
}
</style>
