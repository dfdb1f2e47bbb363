<script setup lang="ts">
/** Filling the minutes, and another version beside what is there. */
defineProps<{ busy: boolean; empty: boolean; pinned: boolean }>()
const emit = defineEmits<{ compose: []; another: [] }>()
</script>

<template>
  <div class="compose">
    <BButton variant="primary" :disabled="busy" @click="emit('compose')">{{
      empty ? 'Fill the minutes' : 'Fill the minutes again'
    }}</BButton>
    <BButton
      v-if="!empty"
      size="sm"
      variant="outline-secondary"
      :disabled="busy"
      @click="emit('another')"
      >Another version beside it</BButton
    >
    <p v-if="pinned" class="quiet small">Pinned steps stay.</p>
  </div>
</template>

<style scoped>
.compose {
  display: grid;
  gap: 8px;
  margin: 16px 0;
}
</style>
