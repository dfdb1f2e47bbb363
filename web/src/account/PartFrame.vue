<script setup lang="ts">
/** A part of one's page: its name, what stands beside it, and what it holds. */
defineProps<{ title: string; beside?: string }>()
</script>

<template>
  <section :aria-label="title" class="part">
    <header>
      <h2>{{ title }}</h2>
      <span v-if="beside" class="quiet">{{ beside }}</span>
      <slot name="way" />
    </header>
    <slot />
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
  margin-bottom: 4px;
}
header > .quiet {
  margin-left: auto;
}
header > :deep(.btn) {
  padding: 0;
}
</style>
