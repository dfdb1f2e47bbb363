<script setup lang="ts">
import StageKey from './StageKey.vue'

/** Whether to leave a session that has begun. */
const emit = defineEmits<{ stay: []; leave: [] }>()
</script>

<template>
  <section class="leaving" role="dialog" aria-modal="true" aria-labelledby="leaving-heading">
    <h1 id="leaving-heading">Leave before the end?</h1>
    <p class="lead">What is done is kept.</p>
    <p class="side-by-side">
      <StageKey autofocus on word="Go on" @click="emit('stay')" />
      <StageKey word="Leave" @click="emit('leave')" />
    </p>
  </section>
</template>

<style scoped>
.leaving {
  position: fixed;
  z-index: 20;
  inset: 0;
  display: grid;
  gap: 16px;
  align-content: center;
  justify-items: center;
  background: color-mix(in srgb, var(--ground) 94%, transparent);
}
.lead {
  font-size: 1.25rem;
  line-height: 1.75rem;
}
</style>
