<script setup lang="ts">
/** A form that opens inside a part: fields, what went wrong, and two ways out of it. */
defineProps<{ button: string; busy: boolean; message?: string; forGood?: boolean }>()
defineEmits<{ send: []; leave: [] }>()
</script>

<template>
  <form novalidate @submit.prevent="$emit('send')">
    <slot />
    <p v-if="message" class="message" role="alert">{{ message }}</p>
    <p class="side-by-side">
      <BButton type="submit" :variant="forGood ? 'outline-danger' : 'primary'" :disabled="busy">{{
        button
      }}</BButton>
      <BButton variant="link" @click="$emit('leave')">Cancel</BButton>
    </p>
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
  max-width: 400px;
  margin-top: 12px;
}
.message {
  color: var(--stop);
  font-weight: 600;
}
</style>
