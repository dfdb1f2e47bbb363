<script setup lang="ts">
import type { Side, VoiceView } from '@/api/types'
import { capital, counted } from '@/parts/words'

/** Which voice of a file a hand played. */
defineProps<{ side: Side; voices: readonly VoiceView[] }>()
const voice = defineModel<number | null>({ required: true })
</script>

<template>
  <label
    >{{ capital(side.toLowerCase()) }} hand
    <select v-model="voice" class="form-select">
      <option :value="null">as the file says</option>
      <option v-for="one in voices" :key="one.number" :value="one.number">
        {{ one.name }}, {{ counted(one.notes, 'note') }}
      </option>
    </select>
  </label>
</template>

<style scoped>
label {
  color: var(--ink-2);
  font-size: 0.8125rem;
}
</style>
