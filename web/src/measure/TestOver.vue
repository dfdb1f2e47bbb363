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
  <section class="stage-end">
    <h1>{{ stopped ? 'Stop here' : lost ? 'Void' : 'Not measured' }}</h1>
    <p v-if="message" class="large" role="alert">{{ message }}</p>
    <p v-else-if="stopped" class="large">{{ advice }}</p>
    <p v-else-if="lost" class="large">
      The keys were lost on the way, or nobody went on, so the test says nothing. Nothing of it is
      measured.
    </p>
    <p v-else class="large">It was not done to its end.</p>
    <p class="stage-keys">
      <StageKey v-if="message" on word="Try to keep it again" @click="emit('keep')" />
      <StageKey v-if="!stopped" word="Start again" key-name="Home" @click="emit('again')" />
      <StageKey word="Leave" key-name="Esc" @click="emit('leave')" />
    </p>
  </section>
</template>
