<script setup lang="ts">
import StageKey from '@/player/StageKey.vue'

/** A test that was not done to its end, or that could not be kept: why, and what one can do. */
defineProps<{
  /** It was ended for safety. */
  stopped: boolean
  /** The window lost the keys. */
  lost: boolean
  /** What the server said against it. */
  message: string
  advice: string
}>()
const emit = defineEmits<{ keep: []; again: []; leave: [] }>()
</script>

<template>
  <section class="over">
    <h1>{{ stopped ? 'Stop here' : lost ? 'Void' : 'Not measured' }}</h1>
    <p v-if="message" class="large" role="alert">{{ message }}</p>
    <p v-else-if="stopped" class="large">{{ advice }}</p>
    <p v-else-if="lost" class="large">
      This window lost the keys on the way, so the test says nothing. Nothing was kept.
    </p>
    <p v-else class="large">It was not done to its end.</p>
    <p class="keys">
      <StageKey v-if="message" on word="Try to keep it again" @click="emit('keep')" />
      <StageKey v-if="!stopped" word="Start again" key-name="Home" @click="emit('again')" />
      <StageKey word="Leave" key-name="Esc" @click="emit('leave')" />
    </p>
  </section>
</template>

<style scoped>
.over {
  grid-row: 2 / -1;
  grid-column: 1 / -1;
  align-self: center;
  max-width: 720px;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
</style>
