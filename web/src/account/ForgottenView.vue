<script setup lang="ts">
import { ref } from 'vue'
import { api } from '@/api/calls'
import TextField from '@/form/TextField.vue'
import { account } from '@/stores/account'
import EntryForm from './EntryForm.vue'
import EntryFrame from './EntryFrame.vue'
import { useSending } from './useSending'

/** Asks for a link for a new password. */
const email = ref('')
const asked = ref(false)
const { busy, message, problems, send } = useSending()

async function ask() {
  asked.value = await send(async () => {
    await account.refresh()
    await api.forgotPassword(email.value)
  })
}
</script>

<template>
  <EntryFrame v-if="asked" subtitle="A new password">
    <p role="status">
      If {{ email }} has an account, a mail is on its way. Its link works once, for an hour.
    </p>
    <p class="quiet">
      Nothing came? Look among the unwanted mail, or ask your coach or whoever runs this server.
    </p>
    <p><RouterLink to="/sign-in">Sign in</RouterLink></p>
  </EntryFrame>
  <EntryForm
    v-else
    subtitle="A new password"
    button="Send me a link"
    v-bind="{ busy, message }"
    @send="ask"
  >
    <TextField
      v-model="email"
      label="Email"
      field="email"
      :problems="problems"
      autocomplete="username"
      inputmode="email"
    />
  </EntryForm>
</template>

<style scoped>
p {
  margin-bottom: 12px;
}
</style>
