<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { account } from '@/stores/account'
import EntryForm from './EntryForm.vue'
import NewAccountFields from './NewAccountFields.vue'
import { useSending } from './useSending'

/** Opens a coach's account where anybody may. */
const router = useRouter()
const form = ref({ name: '', email: '', password: '' })
const { busy, message, problems, send } = useSending()

async function open() {
  const taken = await send(async () => {
    await account.refresh()
    await api.openCoach(form.value)
    await account.refresh()
  })
  if (taken) await router.push(account.home())
}
</script>

<template>
  <EntryForm
    subtitle="Begin as a coach"
    button="Open the account"
    v-bind="{ busy, message }"
    @send="open"
  >
    <NewAccountFields v-model="form" :problems="problems" />
  </EntryForm>
</template>
