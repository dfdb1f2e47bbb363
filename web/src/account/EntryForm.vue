<script setup lang="ts">
import EntryFrame from './EntryFrame.vue'

/** A form at the door: fields, what went wrong, one button, and the way to the sign-in. */
defineProps<{ subtitle: string; button: string; busy: boolean; message: string }>()
defineEmits<{ send: [] }>()
</script>

<template>
  <EntryFrame :subtitle="subtitle">
    <form class="open" novalidate @submit.prevent="$emit('send')">
      <slot />
      <p v-if="message" class="message" role="alert">{{ message }}</p>
      <BButton type="submit" variant="primary" :disabled="busy">{{ button }}</BButton>
      <p><RouterLink to="/sign-in">Sign in</RouterLink></p>
    </form>
  </EntryFrame>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
}
.message {
  color: var(--stop);
  font-weight: 600;
}
</style>
