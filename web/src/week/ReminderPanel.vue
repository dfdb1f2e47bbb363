<script setup lang="ts">
import { ref, watch } from 'vue'
import { api } from '@/api/calls'
import type { ReminderForm } from '@/api/types'
import { useAttempt } from '@/api/useAttempt'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import TimeInput from '@/form/TimeInput.vue'
import StateMark from '@/parts/StateMark.vue'
import { toMinute } from '@/parts/words'

/** Reminders, each off until somebody turns it on. */
const props = defineProps<{ clientId: string }>()
const loaded = useAsked(() => queries.reminders(props.clientId))
const form = ref<ReminderForm | null>(null)
const saved = ref(false)
const { busy, message, attempt } = useAttempt()

watch(loaded.data, (view) => {
  if (view) form.value = { ...view.choice, digestAt: toMinute(view.choice.digestAt) }
})
const save = () =>
  attempt(async () => {
    if (!form.value) return
    await api.chooseReminders(props.clientId, form.value)
    saved.value = true
    await loaded.reload()
  })
const when = (moment: string) =>
  new Date(moment).toLocaleString('en-GB', {
    weekday: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })
</script>

<template>
  <section v-if="form && loaded.data.value" aria-labelledby="reminder-heading">
    <h2 id="reminder-heading">Reminders</h2>
    <p class="quiet">Never while playing or working, and never before the day begins.</p>
    <form @submit.prevent="save" @input="saved = false">
      <BFormCheckbox v-model="form.inApp">A quiet notice where Nimblet is open</BFormCheckbox>
      <BFormCheckbox v-model="form.mail" :disabled="!loaded.data.value.address"
        >A mail before each session</BFormCheckbox
      >
      <p class="before">
        <label
          ><input
            v-model.number="form.minutesBefore"
            class="form-control"
            type="number"
            min="0"
            max="120"
            aria-label="Minutes before a session"
          />
          min before a session</label
        >
      </p>
      <BFormCheckbox v-model="form.digest" :disabled="!loaded.data.value.address"
        >A mail with the sessions of the day</BFormCheckbox
      >
      <p class="before">
        <label
          >at <TimeInput v-model="form.digestAt" aria-label="Time of the mail with the day"
        /></label>
      </p>
      <p v-if="loaded.data.value.address" class="quiet small">
        Mail goes to {{ loaded.data.value.address }}.
      </p>
      <p v-else class="quiet small">
        Mail needs an account with an address, and a mail server in the settings.
      </p>
      <p class="side-by-side">
        <BButton type="submit" variant="primary" :disabled="busy">Keep</BButton>
        <span v-if="saved" role="status"><StateMark state="GOOD" />Kept.</span>
        <span v-if="message" class="stop" role="alert">{{ message }}</span>
      </p>
    </form>
    <template v-if="loaded.data.value.mails.length">
      <h3>Latest mail</h3>
      <ul class="small">
        <li v-for="mail in loaded.data.value.mails" :key="mail.madeAt + mail.subject">
          <StateMark :state="mail.sentAt ? 'GOOD' : 'WARN'" />{{ mail.subject }},
          {{ mail.sentAt ? `sent ${when(mail.sentAt)}` : 'waits' }}
          <span v-if="mail.failure" class="quiet">({{ mail.failure }})</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
section,
form {
  display: grid;
  gap: 8px;
}
.before {
  padding-left: 24px;
}
.before label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.before input[type='number'] {
  width: 72px;
}
.before .time {
  width: 88px;
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
</style>
