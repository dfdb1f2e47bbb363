<script setup lang="ts">
import { ref } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'

/** What the coach notes about a session; nobody else sees it. */
const props = defineProps<{ clientId: string; sessionId: string; note: string }>()
const emit = defineEmits<{ kept: [] }>()

const words = ref(props.note)
const writing = ref(false)
const { busy, message, attempt } = useAttempt()
const keep = () =>
  attempt(async () => {
    await api.noteSession(props.clientId, props.sessionId, words.value.trim())
    writing.value = false
    emit('kept')
  })
function leave() {
  words.value = props.note
  writing.value = false
}
</script>

<template>
  <section>
    <template v-if="writing">
      <label for="coach-note">Your note <span class="quiet">only you see it</span></label>
      <BFormTextarea id="coach-note" v-model="words" rows="3" maxlength="1000" autofocus />
      <p v-if="message" class="error" role="alert">{{ message }}</p>
      <p class="side-by-side">
        <BButton variant="primary" :disabled="busy" @click="keep">Keep the note</BButton>
        <BButton variant="outline-secondary" @click="leave">Cancel</BButton>
      </p>
    </template>
    <template v-else>
      <p v-if="note" class="note">{{ note }} <span class="quiet">only you see it</span></p>
      <button type="button" class="plain" @click="writing = true">
        {{ note ? 'Change the note' : 'Note something' }}
      </button>
    </template>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 6px;
}
.note {
  padding-left: 12px;
  border-left: 3px solid var(--main);
  white-space: pre-line;
}
.plain {
  justify-self: start;
  min-height: 28px;
  padding: 0;
  border: 0;
  background: transparent;
  color: var(--main);
  text-decoration: underline;
}
</style>
