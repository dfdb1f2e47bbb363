<script setup lang="ts">
import { ref } from 'vue'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import type { Invited } from '@/api/types'
import TextField from '@/form/TextField.vue'
import { localDay } from '@/parts/words'
import HandedLink from './HandedLink.vue'
import PartForm from './PartForm.vue'
import PartFrame from './PartFrame.vue'
import { useSending } from './useSending'

/** Who was asked in and has not come yet; and another coach can be asked. */
const { data: waiting, reload } = useAsked(() => queries.invitations())
const open = ref(false)
const email = ref('')
const made = ref<Invited | null>(null)
const { busy, message, problems, send } = useSending()

async function invite(how: () => Promise<Invited>) {
  if (!(await send(async () => (made.value = await how())))) return
  email.value = ''
  open.value = false
  await reload()
}
async function takeBack(id: string) {
  made.value = null
  await send(() => api.takeInvitationBack(id))
  await reload()
}
</script>

<template>
  <PartFrame title="Invited, not yet here">
    <template #way>
      <BButton v-if="!open" class="push" variant="link" @click="open = true"
        >Invite a coach</BButton
      >
    </template>
    <p v-if="message" class="message" role="alert">{{ message }}</p>
    <HandedLink v-if="made" :made="made" />
    <PartForm
      v-if="open"
      button="Invite"
      :busy="busy"
      @send="invite(() => api.inviteCoach(email))"
      @leave="open = false"
    >
      <TextField
        v-model="email"
        label="Their address"
        field="email"
        :problems="problems"
        hint="They get a practice of their own; neither sees the other’s clients"
        inputmode="email"
      />
    </PartForm>
    <ul v-if="waiting?.length">
      <li v-for="one in waiting" :key="one.id">
        <div>
          <b>{{ one.name }}</b><span class="quiet small">{{
            one.coach ? 'coach' : (one.address ?? 'a link that you hand on')
          }}</span>
        </div>
        <span class="quiet small when"
          >made {{ localDay(one.madeAt) }}<br />open until {{ localDay(one.expiresAt) }}</span
        >
        <BButton
          variant="link"
          :disabled="busy"
          :aria-label="`Invite ${one.name} again`"
          @click="invite(() => api.inviteAgain(one.id))"
          >{{ one.address ? 'Send again' : 'Make anew' }}</BButton
        >
        <BButton
          variant="link"
          :disabled="busy"
          :aria-label="`Take the invitation of ${one.name} back`"
          @click="takeBack(one.id)"
          >Take back</BButton
        >
      </li>
    </ul>
    <p v-else-if="!open" class="quiet">
      Nobody is waited for. A client is invited from their own page, under Hands.
    </p>
  </PartFrame>
</template>

<style scoped>
li {
  display: flex;
  gap: 16px;
  align-items: center;
  min-height: 46px;
  border-top: 1px solid var(--line);
}
li > div {
  display: grid;
  min-width: 0;
  margin-right: auto;
}
li .btn {
  padding: 0;
  white-space: nowrap;
}
.when {
  line-height: 1.125rem;
  white-space: nowrap;
}
.message {
  color: var(--stop);
  font-weight: 600;
}
</style>
