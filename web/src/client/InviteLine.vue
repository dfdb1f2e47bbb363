<script setup lang="ts">
import { ref } from 'vue'
import { api } from '@/api/calls'
import type { Invited } from '@/api/types'
import HandedLink from '@/account/HandedLink.vue'
import { useSending } from '@/account/useSending'
import TextField from '@/form/TextField.vue'

/** A way into the program for the client themselves: by mail, or by a link that is handed on. */
const props = defineProps<{ clientId: string; name: string }>()

const open = ref(false)
const email = ref('')
const made = ref<Invited | null>(null)
const { busy, message, problems, send } = useSending()

async function invite() {
  const to = email.value.trim() || null
  if (!(await send(async () => (made.value = await api.invite(props.clientId, to))))) return
  open.value = false
}
</script>

<template>
  <section class="invite" aria-label="Invitation">
    <BButton v-if="!open" variant="outline-secondary" size="sm" @click="open = true"
      >Invite {{ name }}</BButton
    >
    <form v-else novalidate @submit.prevent="invite">
      <TextField
        v-model="email"
        label="Their address"
        field="email"
        :problems="problems"
        hint="Nothing here makes a link that you hand on"
        inputmode="email"
      />
      <p v-if="message" class="message" role="alert">{{ message }}</p>
      <p class="side-by-side">
        <BButton type="submit" variant="primary" size="sm" :disabled="busy">Invite</BButton>
        <BButton variant="link" size="sm" @click="open = false">Cancel</BButton>
      </p>
    </form>
    <HandedLink v-if="made" :made="made" />
  </section>
</template>

<style scoped>
form {
  display: grid;
  gap: 8px;
  max-width: 360px;
}
.message {
  color: var(--stop);
  font-weight: 600;
}
</style>
