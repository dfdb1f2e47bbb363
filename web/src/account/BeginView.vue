<script setup lang="ts">
import { reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import FormField from '@/form/FormField.vue'
import { account } from '@/stores/account'
import EntryFrame from './EntryFrame.vue'

/** Opens an account: a coach's own, or a client's by invitation. */
const props = defineProps<{ token?: string }>()

const router = useRouter()
const form = reactive({ name: '', email: '', password: '' })
const problems = ref<readonly FieldProblem[]>([])
const message = ref('')
const busy = ref(false)

async function open() {
  busy.value = true
  problems.value = []
  message.value = ''
  try {
    await account.refresh()
    if (props.token) await api.acceptInvitation({ ...form, token: props.token })
    else await api.openCoach(form)
    await account.refresh()
    await router.push(account.home())
  } catch (e) {
    if (e instanceof ServerProblem) problems.value = e.errors
    message.value = problems.value.find((p) => p.field === 'token')?.message ?? (e as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <EntryFrame :subtitle="token ? 'Your coach invited you' : 'Begin as a coach'">
    <form novalidate class="open" @submit.prevent="open">
      <FormField v-slot="{ id, state, described }" label="Name" field="name" :problems="problems">
        <BFormInput
          :id="id"
          v-model="form.name"
          :state="state"
          :aria-describedby="described"
          autocomplete="name"
        />
      </FormField>
      <FormField v-slot="{ id, state, described }" label="Email" field="email" :problems="problems">
        <BFormInput
          :id="id"
          v-model="form.email"
          type="email"
          :state="state"
          :aria-describedby="described"
          autocomplete="username"
        />
      </FormField>
      <FormField
        v-slot="{ id, state, described }"
        label="Password"
        field="password"
        :problems="problems"
        hint="At least 12 characters"
      >
        <BFormInput
          :id="id"
          v-model="form.password"
          type="password"
          :state="state"
          :aria-describedby="described"
          autocomplete="new-password"
        />
      </FormField>
      <p v-if="message" class="message" role="alert">{{ message }}</p>
      <BButton type="submit" variant="primary" :disabled="busy">Open the account</BButton>
      <p><RouterLink to="/sign-in">I have an account</RouterLink></p>
    </form>
  </EntryFrame>
</template>

<style scoped>
.open {
  display: grid;
  gap: 12px;
}
.message {
  color: var(--stop);
  font-weight: 600;
}
</style>
