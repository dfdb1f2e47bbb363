<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { useSending } from '@/account/useSending'
import TextField from '@/form/TextField.vue'

/** Puts a client away with nothing lost, or deletes them for good. */
const props = defineProps<{ clientId: string; name: string }>()

const router = useRouter()
const deleting = ref(false)
const typed = ref('')
const { busy, message, problems, send } = useSending()

async function gone(what: () => Promise<unknown>) {
  if (await send(what)) await router.push('/clients')
}
</script>

<template>
  <section class="away" aria-label="Put away or delete">
    <p class="side-by-side">
      <BButton
        variant="outline-secondary"
        size="sm"
        :disabled="busy"
        @click="gone(() => api.archiveClient(props.clientId))"
        >Put {{ name }} away</BButton
      >
      <BButton v-if="!deleting" variant="link" size="sm" @click="deleting = true"
        >Delete for good</BButton
      >
    </p>
    <p v-if="message" class="message" role="alert">{{ message }}</p>
    <form
      v-if="deleting"
      novalidate
      @submit.prevent="gone(() => api.deleteClient(clientId, typed))"
    >
      <p>
        Everything that is kept of {{ name }} goes at once: sessions, pains, signs, routines, their
        account. Nothing brings it back.
      </p>
      <TextField
        v-model="typed"
        :label="`To be sure, write ${name}`"
        field="name"
        :problems="problems"
        autocomplete="off"
      />
      <p class="side-by-side">
        <BButton type="submit" variant="outline-danger" size="sm" :disabled="busy"
          >Delete {{ name }}</BButton
        >
        <BButton variant="link" size="sm" @click="deleting = false">Cancel</BButton>
      </p>
    </form>
  </section>
</template>

<style scoped>
form {
  display: grid;
  gap: 8px;
  max-width: 400px;
  margin-top: 8px;
  padding: 10px 14px;
  border: 1.5px solid var(--stop);
}
.message {
  color: var(--stop);
  font-weight: 600;
}
</style>
