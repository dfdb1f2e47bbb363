<script setup lang="ts">
import { ref } from 'vue'
import { api } from '@/api/calls'
import type { OwnAccount } from '@/api/types'
import TextField from '@/form/TextField.vue'
import { longDate } from '@/parts/words'
import PartForm from './PartForm.vue'
import PartFrame from './PartFrame.vue'
import PasswordField from './PasswordField.vue'
import { useSending } from './useSending'

/** The address that one signs in with; another one is taken once its mail was read. */
defineProps<{ own: OwnAccount }>()

const open = ref(false)
const sentTo = ref('')
const form = ref({ email: '', password: '' })
const { busy, message, problems, send } = useSending()

async function change() {
  if (!(await send(() => api.changeAddress(form.value)))) return
  sentTo.value = form.value.email
  form.value = { email: '', password: '' }
  open.value = false
}
</script>

<template>
  <PartFrame title="Address">
    <template #way>
      <BButton v-if="!open" variant="link" class="push" @click="open = true">Change it</BButton>
    </template>
    <p>{{ own.email }}</p>
    <p v-if="own.consentedAt" class="quiet small">
      Consent to keep what you tell of your health: {{ longDate(own.consentedAt.slice(0, 10))
      }}{{ own.guardian ? `, by ${own.guardian}` : '' }}.
    </p>
    <p v-if="sentTo" role="status" class="good">
      A mail is on its way to {{ sentTo }}. Open its link, and your account has that address.
    </p>
    <PartForm
      v-if="open"
      button="Send a link there"
      :busy="busy"
      :message="message"
      @send="change"
      @leave="open = false"
    >
      <TextField
        v-model="form.email"
        label="New address"
        field="email"
        :problems="problems"
        inputmode="email"
      />
      <PasswordField
        v-model="form.password"
        label="Your password"
        field="password"
        :problems="problems"
        kind="current-password"
      />
    </PartForm>
  </PartFrame>
</template>

<style scoped>
.good {
  color: var(--main);
  font-weight: 600;
}
</style>
