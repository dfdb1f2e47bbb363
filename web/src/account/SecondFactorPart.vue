<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import { api } from '@/api/calls'
import type { Authenticator, OwnAccount } from '@/api/types'
import TextField from '@/form/TextField.vue'
import { counted } from '@/parts/words'
import PartForm from './PartForm.vue'
import PartFrame from './PartFrame.vue'
import PasswordField from './PasswordField.vue'
import { useSending } from './useSending'

/** A code of an authenticator beside the password, and codes on paper for when it is gone. */
defineProps<{ own: OwnAccount }>()
const emit = defineEmits<{ changed: [] }>()

const proposed = shallowRef<Authenticator | null>(null)
const removing = ref(false)
const paper = ref<readonly string[]>([])
const form = ref({ code: '', password: '' })
const { busy, message, problems, send } = useSending()

const begin = () => send(async () => (proposed.value = await api.proposeSecondFactor()))
function leave() {
  proposed.value = null
  removing.value = false
  form.value = { code: '', password: '' }
}
async function protect() {
  const secret = proposed.value?.secret ?? ''
  if (!(await send(async () => (paper.value = await api.protect({ ...form.value, secret })))))
    return
  leave()
  emit('changed')
}
async function remove() {
  if (!(await send(() => api.unprotect(form.value.password)))) return
  paper.value = []
  leave()
  emit('changed')
}
</script>

<template>
  <PartFrame title="Second factor">
    <template #way>
      <BButton
        v-if="own.secondFactor && !removing"
        class="push"
        variant="link"
        @click="removing = true"
        >Turn it off</BButton
      >
      <BButton
        v-if="!own.secondFactor && !proposed"
        class="push"
        variant="link"
        :disabled="busy"
        @click="begin"
        >Turn it on</BButton
      >
    </template>
    <p v-if="own.secondFactor">
      A code of your authenticator is asked for at each sign-in;
      {{ counted(own.paperCodes, 'code') }} on paper left.
    </p>
    <p v-else-if="!proposed" class="quiet">
      Off. With it, a password that somebody else learnt does not open what your clients told you.
    </p>
    <div v-if="paper.length" class="paper" role="status">
      <p>Write these down; each opens once, and they are shown only now:</p>
      <ul class="mono">
        <li v-for="code in paper" :key="code">{{ code }}</li>
      </ul>
    </div>
    <PartForm
      v-if="proposed"
      button="Turn it on"
      :busy="busy"
      :message="message"
      @send="protect"
      @leave="leave"
    >
      <p>Take this up with an authenticator app, then type the six digits that it shows.</p>
      <svg
        class="square"
        :viewBox="`0 0 ${proposed.modules} ${proposed.modules}`"
        role="img"
        aria-label="The secret as a square to be scanned; it stands below in letters"
      >
        <rect class="light" width="100%" height="100%" />
        <path class="dark" :d="proposed.path" />
      </svg>
      <code>{{ proposed.secret.match(/.{4}/g)?.join(' ') }}</code>
      <TextField
        v-model="form.code"
        label="Code"
        field="code"
        :problems="problems"
        inputmode="numeric"
        autocomplete="one-time-code"
      />
      <PasswordField
        v-model="form.password"
        label="Your password"
        field="password"
        :problems="problems"
        kind="current-password"
      />
    </PartForm>
    <PartForm
      v-if="removing"
      button="Turn it off"
      :busy="busy"
      :message="message"
      @send="remove"
      @leave="leave"
    >
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
.square {
  width: 200px;
  shape-rendering: crispEdges;
}
/* Scanned by a camera, so light and dark in either theme. */
.light {
  fill: var(--paper);
}
.dark {
  fill: var(--paper-ink);
}
code {
  color: var(--ink);
  font-size: 1rem;
}
.paper ul {
  display: grid;
  grid-template-columns: repeat(4, auto);
  gap: 4px 20px;
  justify-content: start;
  margin-top: 8px;
}
</style>
