<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api } from '@/api/calls'
import type { PracticeDayForm, PracticeDayView, SegmentForm } from '@/api/types'
import { ServerProblem } from '@/api/client'
import { useAttempt } from '@/api/useAttempt'
import StateMark from '@/parts/StateMark.vue'
import { duration, longDate, toMinute } from '@/parts/words'
import { useClientPage } from '@/parts/clientPage'
import PracticeRibbon from './PracticeRibbon.vue'

/** A day of practice, worked out from its start or back from its end, and put into the day. */
const props = defineProps<{ clientId: string }>()
const route = useRoute()
const { client, day, reloadAll } = useClientPage()
const activities = computed(() =>
  (client.data.value?.facts.activities ?? []).filter((activity) => activity.id),
)
const activityId = ref('')
watch(
  activities,
  (list) => {
    if (!activityId.value) activityId.value = list[0]?.id ?? ''
  },
  { immediate: true },
)
const date = ref(
  typeof route.query.date === 'string' ? route.query.date : (day.data.value?.date ?? ''),
)
watch(day.data, (now) => {
  if (!date.value && now) date.value = now.date
})
const startsAt = ref('09:30')
const endsAt = ref('13:00')
const techniques = ref<SegmentForm[]>([
  { title: 'Technique', minutes: 40 },
  { title: 'Second technique', minutes: 40 },
])
const rest = ref(10)
const longBreak = ref(45)
const hasRepertoire = ref(true)
const repertoire = ref<SegmentForm>({ title: 'Repertoire', minutes: 50 })

const form = (toEnd: boolean): PracticeDayForm => ({
  activityId: activityId.value,
  date: date.value,
  startsAt: startsAt.value,
  endsAt: toEnd ? endsAt.value : null,
  techniques: techniques.value,
  restMinutes: rest.value,
  longBreakMinutes: longBreak.value,
  repertoire: hasRepertoire.value ? repertoire.value : null,
})
interface Worked {
  view: PracticeDayView | null
  problem: string
}
const fromStart = shallowRef<Worked>({ view: null, problem: '' })
const fromEnd = shallowRef<Worked>({ view: null, problem: '' })
const each = computed(
  () => fromEnd.value.view?.parts.find((part) => part.kind === 'TECHNIQUE')?.minutes ?? 0,
)
let latest = 0
async function work(toEnd: boolean): Promise<Worked> {
  try {
    return { view: await api.previewPracticeDay(props.clientId, form(toEnd)), problem: '' }
  } catch (e) {
    const problem =
      e instanceof ServerProblem && e.errors[0] ? e.errors[0].message : (e as Error).message
    return { view: null, problem }
  }
}
const WAIT = 150
let timer: ReturnType<typeof setTimeout> | undefined
watch(
  [activityId, date, startsAt, endsAt, techniques, rest, longBreak, hasRepertoire, repertoire],
  () => {
    clearTimeout(timer)
    if (!activityId.value || !date.value || !startsAt.value) return
    timer = setTimeout(async () => {
      const mine = ++latest
      const [start, end] = await Promise.all([work(false), work(true)])
      if (mine !== latest) return
      fromStart.value = start
      fromEnd.value = end
    }, WAIT)
  },
  { deep: true, immediate: true },
)

const { busy, message, attempt } = useAttempt()
const placed = ref<PracticeDayView | null>(null)
const notice = ref('')
const place = (toEnd: boolean) =>
  attempt(async () => {
    placed.value = await api.putPracticeDay(props.clientId, form(toEnd))
    notice.value = `In the day until ${toMinute(placed.value.endsAt)}.`
    await reloadAll()
  })
const takeBack = () =>
  attempt(async () => {
    for (const id of placed.value?.blockIds ?? []) await api.deleteBlock(props.clientId, id)
    placed.value = null
    notice.value = 'As it was before.'
    await reloadAll()
  })
const add = () => {
  techniques.value = [...techniques.value, { title: 'Technique', minutes: 30 }]
}
const remove = (index: number) => {
  techniques.value = techniques.value.filter((_, i) => i !== index)
}
const STEP = 5
const WAYS = [
  { toEnd: false, worked: fromStart },
  { toEnd: true, worked: fromEnd },
]
</script>

<template>
  <div class="practice">
    <header class="line-up">
      <h2>A day of practice{{ date ? `, ${longDate(date)}` : '' }}</h2>
      <span class="quiet">techniques with rests between, a long break, then the pieces</span>
    </header>
    <p v-if="!activities.length">
      This client has no activity yet;
      <RouterLink :to="`/clients/${clientId}/hands`">add one under Hands</RouterLink>.
    </p>
    <form v-else class="form" @submit.prevent>
      <div class="fields">
        <label>Day <BFormInput v-model="date" type="date" /></label>
        <label>
          Activity
          <BFormSelect
            v-model="activityId"
            :options="activities.map((a) => ({ value: a.id, text: a.title }))"
          />
        </label>
        <label>Starts <BFormInput v-model="startsAt" type="time" /></label>
        <label>Should end <BFormInput v-model="endsAt" type="time" /></label>
        <label
          >Rest, min <BFormInput v-model.number="rest" type="number" min="0" max="120"
        /></label>
        <label
          >Long break, min
          <BFormInput v-model.number="longBreak" type="number" min="0" max="240" :step="STEP" />
        </label>
      </div>
      <ol class="segments">
        <li v-for="(technique, i) in techniques" :key="i">
          <BFormInput v-model="technique.title" :aria-label="`Technique ${i + 1}`" />
          <BFormInput
            v-model.number="technique.minutes"
            type="number"
            min="1"
            max="720"
            :step="STEP"
            :aria-label="`Minutes of technique ${i + 1}`"
          />
          min
          <BButton size="sm" variant="link" @click="remove(i)"
            >Take out<span class="visually-hidden"> technique {{ i + 1 }}</span></BButton
          >
        </li>
        <li>
          <BFormCheckbox v-model="hasRepertoire">Then</BFormCheckbox>
          <template v-if="hasRepertoire">
            <BFormInput v-model="repertoire.title" aria-label="Repertoire" />
            <BFormInput
              v-model.number="repertoire.minutes"
              type="number"
              min="1"
              max="720"
              :step="STEP"
              aria-label="Minutes of repertoire"
            />
            min
          </template>
        </li>
        <li>
          <BButton size="sm" variant="outline-secondary" @click="add">Add a technique</BButton>
        </li>
      </ol>
    </form>
    <p v-if="notice" class="side-by-side" role="status">
      <StateMark state="GOOD" />{{ notice }}
      <template v-if="placed">
        <RouterLink :to="`/clock/${clientId}/${placed.blockIds[0]}`">Clock and print</RouterLink>
        <BButton variant="link" size="sm" :disabled="busy" @click="takeBack">Undo</BButton>
      </template>
    </p>
    <p v-if="message" class="stop" role="alert">{{ message }}</p>
    <section
      v-for="way in WAYS"
      :key="String(way.toEnd)"
      :aria-label="way.toEnd ? 'From the end' : 'From the start'"
      class="way"
    >
      <header class="line-up">
        <h3>{{ way.toEnd ? 'From the end' : 'From the start' }}</h3>
        <p v-if="way.worked.value.view" class="large" role="status">
          <template v-if="way.toEnd"
            >playing ends at <b>{{ endsAt }}</b>: each technique may last <b>{{ each }} min</b>
            <span v-if="way.worked.value.view.spareMinutes" class="quiet"
              >, {{ way.worked.value.view.spareMinutes }} min over</span
            ></template
          >
          <template v-else
            >it ends at <b>{{ toMinute(way.worked.value.view.endsAt) }}</b></template
          >
          <span class="quiet"
            >, {{ duration(way.worked.value.view.playingMinutes * 60_000) }} of playing</span
          >
        </p>
        <span class="push" />
        <BButton
          :variant="way.toEnd ? 'primary' : 'outline-secondary'"
          :disabled="busy || !way.worked.value.view"
          @click="place(way.toEnd)"
          >Place this day</BButton
        >
      </header>
      <PracticeRibbon
        v-if="way.worked.value.view"
        :day="way.worked.value.view"
        :starts-at="startsAt"
        :end-is-set="way.toEnd"
      />
      <p v-else-if="way.worked.value.problem" class="stop" role="alert">
        {{ way.worked.value.problem }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.practice,
.way {
  display: grid;
  gap: 12px;
}
.way {
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
.form {
  display: grid;
  grid-template-columns: minmax(300px, 1fr) minmax(0, 1.4fr);
  gap: 24px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px 12px;
  align-content: start;
}
.segments {
  display: grid;
  gap: 6px;
  align-content: start;
}
.segments li {
  display: flex;
  gap: 8px;
  align-items: center;
}
.segments :deep(input[type='number']) {
  width: 84px;
}
.segments :deep(input[type='text']) {
  max-width: 280px;
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 900px) {
  .form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
