<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { account } from '@/stores/account'
import EntryForm from './EntryForm.vue'
import PasswordField from './PasswordField.vue'
import { useSending } from './useSending'

/** Sets a new password by the link of a mail; then one signs in with it. */
const props = defineProps<{ token: string }>()

const router = useRouter()
const password = ref('')
const { busy, message, problems, send } = useSending()

async function set() {
  const taken = await send(async () => {
    await account.refresh()
    await api.resetPassword(props.token, password.value)
  })
  if (taken) await router.push({ path: '/sign-in', query: { done: 'password' } })
}
</script>

<template>
  <EntryForm subtitle="A new password" button="Keep it" :busy="busy" :message="message" @send="set">
    <PasswordField
      v-model="password"
      label="New password"
      field="password"
      :problems="problems"
      kind="new-password"
    />
  </EntryForm>
</template>
