<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import { queries } from '@/api/queries'
import type { ClientForm } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import WhoPart from '@/intake/WhoPart.vue'
import { emptyClient } from '@/intake/clientForm'
import StateMark from '@/parts/StateMark.vue'

/** The first part of the intake: who it is. The rest follows once there is somebody to keep it for. */
const router = useRouter()
const form = ref<ClientForm>(emptyClient())
const problems = ref<readonly FieldProblem[]>([])
const message = ref('')
const busy = ref(false)
const clients = useAsked(() => queries.clients())
/** Two people may be called alike; one is seldom taken in twice on purpose. */
const namesake = computed(() => {
  const name = form.value.name.trim().toLowerCase()
  return name ? clients.data.value?.find((c) => c.name.trim().toLowerCase() === name) : undefined
})

async function save() {
  busy.value = true
  problems.value = []
  message.value = ''
  try {
    const made = await api.createClient({
      ...form.value,
      intakeAnswered: ['NAME', 'DOMINANT_HAND', 'AGE', 'CLASP'],
    })
    await router.push({ path: `/clients/${made.id}/intake`, query: { part: 'activities' } })
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
    <header class="line-up">
      <h1>Take in a client</h1>
      <span class="quiet large">about three minutes; each part can be left</span>
    </header>
    <form novalidate @submit.prevent="save">
      <WhoPart v-model="form" :problems="problems" />
      <p v-if="namesake" class="namesake" role="status">
        <StateMark state="WARN" />You have a client called {{ namesake.name }} already:
        <RouterLink :to="`/clients/${namesake.id}`">look there first</RouterLink>.
      </p>
      <p v-if="message" class="message" role="alert">{{ message }}</p>
      <p class="side-by-side">
        <BButton type="submit" variant="primary" :disabled="busy">Go on</BButton>
        <RouterLink to="/clients">Cancel</RouterLink>
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
.namesake {
  display: flex;
  gap: 6px;
  align-items: center;
  color: var(--warn);
  font-weight: 600;
}
.message {
  color: var(--stop);
  font-weight: 600;
}
</style>
