<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import type { ClientForm } from '@/api/types'
import ClientFactsForm from './ClientFactsForm.vue'
import { emptyClient } from './clientForm'

const router = useRouter()
const form = ref<ClientForm>(emptyClient())
const problems = ref<readonly FieldProblem[]>([])
const message = ref('')
const busy = ref(false)

async function save() {
  busy.value = true
  problems.value = []
  message.value = ''
  try {
    const made = await api.createClient(form.value)
    await router.push(`/clients/${made.id}/hands`)
  } catch (e) {
    if (e instanceof ServerProblem) problems.value = e.errors
    message.value = (e as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main id="main" class="page">
    <h1>Take in a client</h1>
    <form novalidate @submit.prevent="save">
      <ClientFactsForm v-model="form" :problems="problems" />
      <p v-if="message" class="message" role="alert">{{ message }}</p>
      <p class="side-by-side">
        <BButton type="submit" variant="primary" :disabled="busy">Take in</BButton>
        <RouterLink to="/clients">Leave it</RouterLink>
      </p>
    </form>
  </main>
</template>

<style scoped>
form {
  display: grid;
  gap: 20px;
  max-width: 960px;
  margin-top: 16px;
}
.message {
  color: var(--stop);
  font-weight: 600;
}
</style>
