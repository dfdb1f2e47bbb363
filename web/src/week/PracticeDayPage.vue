<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import DateField from '@/form/DateField.vue'
import SelectField from '@/form/SelectField.vue'
import TextField from '@/form/TextField.vue'
import TimeField from '@/form/TimeField.vue'
import { copy } from '@/form/forms'
import type { PracticeDayForm, PracticeDayView, SegmentForm } from '@/api/types'
import { sentenceOf } from '@/api/client'
import { useAttempt } from '@/api/useAttempt'
import StateMark from '@/parts/StateMark.vue'
import { duration, longDate, toMinute } from '@/parts/words'
import { useClientPage } from '@/parts/clientPage'
import PracticeRibbon from './PracticeRibbon.vue'

/** A day of practice, worked out from its start or back from its end, and put into the day. */
const props = defineProps<{ clientId: string }>()
const route = useRoute()
const { client, reloadAll } = useClientPage()
const activities = computed(() =>
  (client.data.value?.facts.activities ?? []).filter((activity) => activity.id),
)
const proposal = useAsked(() => queries.practiceProposal(props.clientId))
const form = ref<PracticeDayForm | null>(null)
const repertoire = ref<SegmentForm | null>(null)
watch(proposal.data, (found) => {
  if (form.value || !found?.form) return
  form.value = {
    ...copy(found.form),
    startsAt: toMinute(found.form.startsAt),
    endsAt: found.form.endsAt && toMinute(found.form.endsAt),
  }
  repertoire.value = form.value.repertoire
  if (typeof route.query.date === 'string') form.value.date = route.query.date
})
const hasRepertoire = computed({
  get: () => Boolean(form.value?.repertoire),
  set: (wanted) => {
    if (form.value) form.value.repertoire = wanted ? repertoire.value : null
  },
})
const step = computed(() => proposal.data.value?.stepMinutes ?? 1)
/** What is asked of the server: worked out from the start on, or back from the end. */
const asked = (wanted: PracticeDayForm, toEnd: boolean): PracticeDayForm => ({
  ...wanted,
  endsAt: toEnd ? wanted.endsAt : null,
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
async function work(wanted: PracticeDayForm, toEnd: boolean): Promise<Worked> {
  try {
    return { view: await api.previewPracticeDay(props.clientId, asked(wanted, toEnd)), problem: '' }
  } catch (e) {
    const problem = sentenceOf(e)
    return { view: null, problem }
  }
}
const WAIT = 150
watchDebounced(
  form,
  async (wanted) => {
    if (!wanted) return
    const mine = ++latest
    const [start, end] = await Promise.all([work(wanted, false), work(wanted, true)])
    if (mine !== latest) return
    fromStart.value = start
    fromEnd.value = end
  },
  { deep: true, immediate: true, debounce: WAIT },
)

const { busy, message, problems, attempt } = useAttempt()
const placed = ref<PracticeDayView | null>(null)
const notice = ref('')
const place = (toEnd: boolean) =>
  attempt(async () => {
    if (!form.value) return
    placed.value = await api.putPracticeDay(props.clientId, asked(form.value, toEnd))
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
function add() {
  if (proposal.data.value) form.value?.techniques.push(copy(proposal.data.value.another))
}
const WAYS = [
  { toEnd: false, worked: fromStart },
  { toEnd: true, worked: fromEnd },
]
</script>

<template>
  <div class="practice">
    <header class="line-up">
      <h2>A day of practice{{ form ? `, ${longDate(form.date)}` : '' }}</h2>
      <span class="quiet">techniques with rests between, a long break, then the pieces</span>
    </header>
    <p v-if="proposal.data.value && !proposal.data.value.form">
      This client has no activity yet;
      <RouterLink :to="`/clients/${clientId}/hands`">add one under Hands</RouterLink>.
    </p>
    <form v-if="form" class="form" @submit.prevent>
      <div class="fields">
        <DateField v-model="form.date" label="Day" field="date" :problems="problems" />
        <SelectField
          v-model="form.activityId"
          label="Activity"
          field="activityId"
          :problems="problems"
          :options="activities.map((a) => ({ value: a.id ?? '', text: a.title }))"
        />
        <TimeField v-model="form.startsAt" label="Starts" field="startsAt" :problems="problems" />
        <TimeField
          :model-value="form.endsAt ?? ''"
          label="Should end"
          field="endsAt"
          :problems="problems"
          @update:model-value="form.endsAt = $event"
        />
        <TextField
          v-model.number="form.restMinutes"
          label="Rest, min"
          field="restMinutes"
          type="number"
          min="0"
          max="120"
          :problems="problems"
        />
        <TextField
          v-model.number="form.longBreakMinutes"
          label="Long break, min"
          field="longBreakMinutes"
          type="number"
          min="0"
          max="240"
          :step="step"
          :problems="problems"
        />
      </div>
      <ol class="segments">
        <li v-for="(technique, i) in form.techniques" :key="i">
          <BFormInput v-model="technique.title" :aria-label="`Technique ${i + 1}`" />
          <BFormInput
            v-model.number="technique.minutes"
            type="number"
            min="1"
            max="720"
            :step="step"
            :aria-label="`Minutes of technique ${i + 1}`"
          />
          min
          <BButton size="sm" variant="link" @click="form.techniques.splice(i, 1)"
            >Take out<span class="visually-hidden"> technique {{ i + 1 }}</span></BButton
          >
        </li>
        <li>
          <BFormCheckbox v-model="hasRepertoire">Then</BFormCheckbox>
          <template v-if="form.repertoire">
            <BFormInput v-model="form.repertoire.title" aria-label="Repertoire" />
            <BFormInput
              v-model.number="form.repertoire.minutes"
              type="number"
              min="1"
              max="720"
              :step="step"
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
            >playing ends at <b>{{ form?.endsAt }}</b>: each technique may last
            <b>{{ each }} min</b>
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
