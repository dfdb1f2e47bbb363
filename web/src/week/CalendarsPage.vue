<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import type { CalendarForm, CalendarPreview, CalendarView, TitleChoice } from '@/api/types'
import { useAttempt } from '@/api/useAttempt'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import StateMark from '@/parts/StateMark.vue'
import { account } from '@/stores/account'
import { counted } from '@/parts/words'
import { useClientPage } from '@/parts/clientPage'
import FeedPanel from './FeedPanel.vue'
import ImportPreview from './ImportPreview.vue'
import ReminderPanel from './ReminderPanel.vue'

/** Calendars that are brought in, and what is given out to others. */
const props = defineProps<{ clientId: string }>()
const { client, day, reloadAll } = useClientPage()
const activities = computed(() => client.data.value?.facts.activities ?? [])
const today = computed(() => day.data.value?.date ?? new Date().toISOString().slice(0, 10))
const calendars = useAsked(() => queries.calendars(props.clientId))
const { busy, message, attempt } = useAttempt()

const form = ref<CalendarForm>({ name: '', text: null, address: '', choices: null })
const demo = ref('')
if (account.me.value?.demo)
  void api.demoCalendar().then((calendar) => {
    demo.value = calendar.address
  })
const preview = ref<CalendarPreview | null>(null)
const notice = ref('')
const undo = ref<(() => Promise<unknown>) | null>(null)

const look = (next: CalendarForm) =>
  attempt(async () => {
    notice.value = ''
    const seen = await api.previewCalendar(props.clientId, next)
    form.value = { ...next, name: seen.name }
    preview.value = seen
  })
const megabytes = (bytes: number) => `${Number((bytes / 1e6).toFixed(1))}\u00a0MB`
async function chooseFile(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) return
  const largest = calendars.data.value?.largestBytes ?? 0
  if (largest && file.size > largest) {
    message.value = `${file.name} has ${megabytes(file.size)}; at most ${megabytes(largest)} are read.`
  } else {
    await look({ name: '', text: await file.text(), address: null, choices: null })
  }
  input.value = ''
}
const readAddress = () => look({ name: '', text: null, address: form.value.address, choices: null })
const choose = (choices: TitleChoice[]) => look({ ...form.value, choices })
function leave() {
  preview.value = null
  form.value = { name: '', text: null, address: '', choices: null }
}
const take = () =>
  attempt(async () => {
    const again = preview.value?.again ?? false
    const choices = preview.value?.titles.map((title) => title.choice) ?? []
    const done = await api.takeCalendar(props.clientId, { ...form.value, choices })
    notice.value = `${done.calendar.name}: ${done.made} new, ${done.changed} changed, ${done.removed} gone.`
    undo.value = again ? null : () => api.forgetCalendar(props.clientId, done.calendar.id)
    leave()
    await Promise.all([calendars.reload(), reloadAll()])
  })
const takeBack = () =>
  attempt(async () => {
    await undo.value?.()
    undo.value = null
    notice.value = 'As it was before.'
    await Promise.all([calendars.reload(), reloadAll()])
  })
const again = (calendar: CalendarView) =>
  attempt(async () => {
    const read = await api.readCalendarAgain(props.clientId, calendar.id)
    notice.value = read.failure ? '' : `${read.name} is read again.`
    await Promise.all([calendars.reload(), reloadAll()])
  })
const forget = (calendar: CalendarView) =>
  attempt(async () => {
    await api.forgetCalendar(props.clientId, calendar.id)
    notice.value = `${calendar.name} and what it brought from today on are out.`
    undo.value = null
    await Promise.all([calendars.reload(), reloadAll()])
  })
const when = (moment: string) =>
  new Date(moment).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })
</script>

<template>
  <div>
    <p v-if="message" class="stop" role="alert">{{ message }}</p>
    <ImportPreview
      v-if="preview"
      :client-id="clientId"
      :preview="preview"
      :activities="activities"
      :today="today"
      :busy="busy"
      @choose="choose"
      @take="take"
      @leave="leave"
    />
    <div v-else class="calendars">
      <section aria-labelledby="bring-heading">
        <h2 id="bring-heading">Bring a calendar in</h2>
        <p class="quiet">
          An iCalendar file (.ics) or an address. You see what would change before anything does.
        </p>
        <label class="form-label" for="calendar-file">A file</label>
        <input
          id="calendar-file"
          class="form-control"
          type="file"
          accept=".ics,text/calendar"
          :disabled="busy"
          @change="chooseFile"
        />
        <form class="address" @submit.prevent="readAddress">
          <label class="form-label" for="calendar-address"
            >or an address, read again by itself</label
          >
          <div class="side-by-side">
            <BFormInput
              id="calendar-address"
              v-model="form.address"
              placeholder="https://…/calendar.ics"
            />
            <BButton type="submit" variant="outline-secondary" :disabled="busy || !form.address"
              >Look</BButton
            >
          </div>
        </form>
        <p v-if="demo" class="small quiet">
          To try it, the calendar of an invented ensemble:
          <BButton size="sm" variant="link" @click="form.address = demo">{{ demo }}</BButton>
        </p>
        <p v-if="busy" role="status">Reading…</p>
        <p v-if="notice" class="side-by-side" role="status">
          <StateMark state="GOOD" />{{ notice }}
          <BButton v-if="undo" variant="link" size="sm" @click="takeBack">Undo</BButton>
          <RouterLink v-else :to="`/clients/${clientId}/week`">To the week</RouterLink>
        </p>
        <h3>Brought in</h3>
        <p v-if="calendars.data.value?.calendars.length === 0" class="quiet">None yet.</p>
        <ul class="list">
          <li v-for="calendar in calendars.data.value?.calendars ?? []" :key="calendar.id">
            <div>
              <b>{{ calendar.name }}</b>
              <span class="quiet"> read {{ when(calendar.readAt) }}</span>
              <p v-if="calendar.address" class="quiet small mono">{{ calendar.address }}</p>
              <p v-if="calendar.failure" class="warn">
                <StateMark state="WARN" />{{ calendar.failure }} The blocks stay as they were.
              </p>
              <p v-if="calendar.undecided" class="small">
                {{ counted(calendar.undecided, 'title') }} nobody has decided on.
              </p>
            </div>
            <span class="side-by-side">
              <BButton
                v-if="calendar.address"
                size="sm"
                variant="outline-secondary"
                :disabled="busy"
                @click="
                  look({
                    name: calendar.name,
                    text: null,
                    address: calendar.address,
                    choices: null,
                  })
                "
                >Look<span class="visually-hidden"> at {{ calendar.name }}</span></BButton
              >
              <BButton
                v-if="calendar.address"
                size="sm"
                variant="outline-secondary"
                :disabled="busy"
                @click="again(calendar)"
                >Read again<span class="visually-hidden"> {{ calendar.name }}</span></BButton
              >
              <BButton size="sm" variant="link" :disabled="busy" @click="forget(calendar)"
                >Forget<span class="visually-hidden"> {{ calendar.name }}</span></BButton
              >
            </span>
          </li>
        </ul>
      </section>
      <div class="out">
        <FeedPanel :client-id="clientId" />
        <ReminderPanel :client-id="clientId" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.calendars {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(320px, 1fr);
  gap: 48px;
}
.calendars section,
.out,
.address {
  display: grid;
  gap: 8px;
  align-content: start;
}
.out {
  gap: 28px;
}
h3 {
  margin-top: 12px;
}
.list li {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  align-items: start;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.mono {
  overflow-wrap: anywhere;
}
.warn {
  color: var(--warn);
}
.stop {
  margin-bottom: 12px;
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 900px) {
  .calendars {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
