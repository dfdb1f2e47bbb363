<script setup lang="ts">
defineProps<{ state: 'STOP' | 'WARN' | 'NOTE' | 'GOOD' }>()
</script>

<template>
  <svg class="mark" :class="state.toLowerCase()" viewBox="0 0 12 12" aria-hidden="true">
    <path v-if="state === 'STOP'" d="M6 .5L11.5 6L6 11.5L.5 6Z" />
    <path v-else-if="state === 'WARN'" d="M6 1L11.5 11H.5Z" />
    <circle v-else-if="state === 'NOTE'" cx="6" cy="6" r="4.5" />
    <path v-else d="M1 6.5L4.5 10L11 2.5" />
  </svg>
</template>

<style scoped>
.mark {
  display: inline-block;
  flex: none;
  width: 12px;
  height: 12px;
}
.stop {
  fill: var(--stop);
}
.warn {
  fill: var(--warn);
}
.note {
  fill: none;
  stroke: var(--main);
  stroke-width: 2.5;
}
.good {
  fill: none;
  stroke: var(--good);
  stroke-width: 2.4;
}
</style>
