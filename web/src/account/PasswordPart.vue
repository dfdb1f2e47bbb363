<script setup lang="ts">
import { ref } from 'vue'
import { api } from '@/api/calls'
import type { OwnAccount } from '@/api/types'
import { longDate } from '@/parts/words'
import PartForm from './PartForm.vue'
import PartFrame from './PartFrame.vue'
import PasswordField from './PasswordField.vue'
import { useSending } from './useSending'

/** The password; changing it signs out everywhere else. */
defineProps<{ own: OwnAccount }>()
const emit = defineEmits<{ changed: [] }>()

const open = ref(false)
const done = ref(false)
const form = ref({ password: '', wanted: '' })
const { busy, message, problems, send } = useSending()

async function change() {
  done.value = await send(() => api.changePassword(form.value))
  if (!done.value) return
  form.value = { password: '', wanted: '' }
  open.value = false
  emit('changed')
}
</script>

<template>
  <PartFrame title="Password" :beside="`of ${longDate(own.passwordChangedAt.slice(0, 10))}`">
    <template #way>
      <BButton v-if="!open" variant="link" @click="open = true">Change it</BButton>
    </template>
    <p v-if="done" role="status" class="good">
      Your new password is kept; you are signed out elsewhere.
    </p>
    <PartForm
      v-if="open"
      button="Keep the new one"
      :busy="busy"
      :message="message"
      @send="change"
      @leave="open = false"
    >
      <PasswordField
        v-model="form.password"
        label="Present password"
        field="password"
        :problems="problems"
        kind="current-password"
      />
      <PasswordField
        v-model="form.wanted"
        label="New password"
        field="wanted"
        :problems="problems"
        kind="new-password"
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
