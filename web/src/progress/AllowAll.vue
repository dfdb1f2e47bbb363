<script setup lang="ts">
import { ref } from 'vue'
import { api } from '@/api/calls'
import type { LadderView } from '@/api/types'
import { useAttempt } from '@/api/useAttempt'
import { counted } from '@/parts/words'

/** Everything that waits for the coach, allowed again with one reason. */
const props = defineProps<{ clientId: string; ladders: readonly LadderView[] }>()
const emit = defineEmits<{ allowed: [] }>()

const reason = ref('')
const { busy, message, attempt } = useAttempt()
const allow = () =>
  attempt(async () => {
    for (const ladder of props.ladders) {
      await api.sayOfRung(props.clientId, ladder.exerciseId, {
        sides: ladder.sides.map((side) => side.side),
        word: 'ALLOW',
        rung: null,
        reason: reason.value,
      })
    }
    reason.value = ''
    emit('allowed')
  })
</script>

<template>
  <form class="allow" @submit.prevent="allow">
    <p>
      <b>{{ counted(ladders.length, 'exercise') }}</b>
      {{ ladders.length === 1 ? 'stays' : 'stay' }} out until you allow
      {{ ladders.length === 1 ? 'it' : 'them' }} again.
    </p>
    <p class="line-up">
      <label for="allow-reason">Because</label>
      <BFormInput id="allow-reason" v-model="reason" maxlength="200" required />
      <BButton type="submit" variant="outline-secondary" :disabled="busy || !reason.trim()"
        >Allow {{ ladders.length === 1 ? 'it' : 'all' }}</BButton
      >
    </p>
    <p v-if="message" class="error" role="alert">{{ message }}</p>
  </form>
</template>

<style scoped>
.allow {
  display: grid;
  gap: 6px;
  margin-bottom: 12px;
  padding: 10px 12px;
  border-left: 3px solid var(--stop);
  background: var(--stop-wash);
}
.line-up :deep(.form-control) {
  flex: 1;
}
</style>
