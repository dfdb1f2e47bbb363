<script setup lang="ts">
/** A key of the stage: something that can be done, with the key that does it. */
defineProps<{ word: string; keyName?: string; on?: boolean; hurt?: boolean }>()
</script>

<template>
  <button type="button" class="key" :class="{ on, hurt }">
    {{ word }} <kbd v-if="keyName">{{ keyName }}</kbd>
  </button>
</template>

<style scoped>
.key {
  display: inline-flex;
  gap: 10px;
  align-items: center;
  justify-content: center;
  min-width: 48px;
  height: 52px;
  padding: 0 12px;
  border: 1.5px solid var(--edge);
  border-radius: var(--corner);
  background: transparent;
  color: var(--ink);
  font: 600 1rem/1.375rem var(--font);
  white-space: nowrap;
}
.key kbd {
  background: var(--surface);
}
.key.on {
  border-color: var(--ink);
  background: var(--ink);
  color: var(--ground);
}
.key.on kbd {
  background: #c6d4d2;
  color: #1d2b2f;
}
.key.hurt {
  margin-left: 12px;
  border-color: var(--live);
  color: #f7b08c;
}
@media (max-width: 900px) {
  .key {
    padding: 0 4px;
    font-size: 0.875rem;
    line-height: 1.125rem;
    white-space: normal;
  }
  .key kbd {
    display: none;
  }
  .key.hurt {
    margin-left: 0;
  }
}
</style>
