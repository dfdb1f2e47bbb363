<script setup lang="ts">
/** A part of what is written about an exercise, with its heading. */
defineProps<{ title: string }>()
</script>

<template>
  <section>
    <h3>{{ title }}</h3>
    <slot />
  </section>
</template>

<style scoped>
section {
  margin-bottom: 24px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
}
h3 {
  margin-bottom: 10px;
  font-size: 1rem;
}
section :deep(.field) {
  margin-bottom: 12px;
}
section :deep(.grid) {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0 16px;
}
section :deep(.checks) {
  margin: 10px 0;
}
section :deep(.wrong) {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 1000px) {
  section :deep(.grid) {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
