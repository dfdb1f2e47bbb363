<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import type {
  ObligationForm,
  ObligationView,
  ProgrammeForm,
  ProgrammeTemplateView,
} from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import { FREQUENCIES, PARTS_OF_DAY, PURPOSES, keys } from '@/parts/labels'
import PageState from '@/parts/PageState.vue'
import StateMark from '@/parts/StateMark.vue'
import { addDays, counted, longDate } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import { useClientPage } from '@/parts/clientPage'

/** What a client is on for some weeks: chosen from the ready ones, then made their own. */
const props = defineProps<{ clientId: string }>()
const { client, day, reloadAll } = useClientPage()
const current = useAsked(() => queries.programme(props.clientId))
const ready = useAsked(() => queries.programmes())

const form = ref<ProgrammeForm | null>(null)
const problems = ref<readonly FieldProblem[]>([])
const message = ref('')
const notice = ref('')
const busy = ref(false)
const stored = computed(() => current.data.value?.[0] ?? null)
let shown = 'null'
function showStored() {
  shown = JSON.stringify(stored.value?.programme ?? null)
  form.value = JSON.parse(shown) as ProgrammeForm | null
}
watch(stored, () => {
  // What is being typed stays when the page hears of a change elsewhere.
  if (JSON.stringify(form.value) === shown) showStored()
})
/** What waits because of the hands: obligations that wait for the same reason together. */
const waits = computed(() => {
  const rows = new Map<string, ObligationView[]>()
  for (const o of stored.value?.obligations ?? []) {
    const why = o.limits.join(' ')
    if (why) rows.set(why, [...(rows.get(why) ?? []), o])
  }
  return [...rows].map(([why, obligations]) => ({
    why,
    purposes: [...new Set(obligations.map((o) => o.purpose))],
  }))
})
const today = computed(() => day.data.value?.date ?? new Date().toISOString().slice(0, 10))

const WEEK = 7
function take(template: ProgrammeTemplateView) {
  problems.value = []
  message.value = ''
  form.value = {
    version: stored.value?.programme.version ?? 0,
    title: template.title,
    target: template.aim,
    startsOn: today.value,
    reviewsOn: addDays(today.value, template.reviewWeeks * WEEK - 1),
    endsOn: addDays(today.value, template.weeks * WEEK - 1),
    sessionsADay: stored.value?.programme.sessionsADay ?? template.sessionsADay,
    minutesADay: stored.value?.programme.minutesADay ?? template.minutesADay,
    obligations: template.obligations.map((o) => ({ ...o })),
  }
}
function add() {
  form.value?.obligations.push({
    purpose: 'RECOVERY',
    minutes: 6,
    frequency: 'DAILY',
    anchor: 'BEDTIME',
    heavy: false,
    notOn: [],
  })
}
const attached = (o: ObligationForm) =>
  o.frequency === 'BEFORE_BLOCKS' ||
  o.frequency === 'INSIDE_BLOCKS' ||
  o.frequency === 'AFTER_BLOCKS'
const anchors = computed(() => [
  ...keys(PARTS_OF_DAY).map((value) => ({ value: value as string, text: PARTS_OF_DAY[value] })),
  ...(client.data.value?.facts.activities ?? []).map((a) => ({
    value: `after:${a.id ?? ''}`,
    text: `after ${a.title.toLowerCase()}`,
  })),
])
const problemOf = (field: string) => problems.value.find((p) => p.field === field)?.message

async function attempt(what: () => Promise<string>) {
  busy.value = true
  problems.value = []
  message.value = ''
  notice.value = ''
  try {
    notice.value = await what()
    await Promise.all([current.reload(), reloadAll()])
    showStored()
  } catch (e) {
    if (e instanceof ServerProblem && e.errors.length) problems.value = e.errors
    message.value = problems.value.length
      ? problems.value.map((p) => `${p.field}: ${p.message}`).join(' ')
      : (e as Error).message
  } finally {
    busy.value = false
  }
}
const save = () =>
  attempt(async () => {
    if (!form.value) return ''
    await api.saveProgramme(props.clientId, form.value)
    return 'Placed in the weeks.'
  })
const end = () =>
  attempt(async () => {
    await api.endProgramme(props.clientId)
    return 'Ended. What was done stays in the log.'
  })
</script>

<template>
  <PageState
    :loading="current.slow.value"
    :error="current.error.value"
    :ready="Boolean(current.data.value && ready.data.value)"
    @retry="current.reload"
  >
    <div class="programme">
      <section class="shelf" aria-label="Programmes to start from">
        <h2>{{ stored ? 'Another one' : 'Choose a programme' }}</h2>
        <ul>
          <li v-for="template in ready.data.value" :key="template.id">
            <button
              type="button"
              :aria-pressed="form?.title === template.title"
              @click="take(template)"
            >
              <b>{{ template.title }}</b>
              <span class="quiet">{{ counted(template.weeks, 'week') }}</span>
              <span class="aim">{{ template.aim }}</span>
              <span class="pegs">
                <PegIcon v-for="(o, i) in template.obligations" :key="i" :purpose="o.purpose" />
              </span>
            </button>
          </li>
        </ul>
      </section>
      <form v-if="form" class="form" novalidate @submit.prevent="save">
        <header class="line-up">
          <h2>{{ form.title }}</h2>
          <span class="quiet"
            >{{ longDate(form.startsOn) }} to {{ longDate(form.endsOn) }}, looked at
            {{ longDate(form.reviewsOn) }}</span
          >
        </header>
        <div class="facts">
          <label
            >Title<input v-model="form.title" class="form-control" maxlength="60" />
            <span v-if="problemOf('title')" class="wrong">{{ problemOf('title') }}</span></label
          >
          <label>From<input v-model="form.startsOn" type="date" class="form-control" /></label>
          <label
            >Looked at<input v-model="form.reviewsOn" type="date" class="form-control" />
            <span v-if="problemOf('reviewsOn')" class="wrong">{{
              problemOf('reviewsOn')
            }}</span></label
          >
          <label
            >Until<input v-model="form.endsOn" type="date" class="form-control" />
            <span v-if="problemOf('endsOn')" class="wrong">{{ problemOf('endsOn') }}</span></label
          >
        </div>
        <p v-if="stored?.painWords" class="pain">{{ stored.painWords }}</p>
        <ul v-if="waits.length" class="waits" aria-label="What waits because of the hands">
          <li v-for="row in waits" :key="row.why">
            <b>
              <span v-for="purpose in row.purposes" :key="purpose">
                <PegIcon :purpose="purpose" />{{ PURPOSES[purpose] }}
              </span>
            </b>
            <span>{{ row.why }}</span>
          </li>
        </ul>
        <h3>Obligations</h3>
        <ul class="obligations">
          <li v-for="(o, i) in form.obligations" :key="i">
            <PegIcon :purpose="o.purpose" />
            <select v-model="o.purpose" class="form-select" :aria-label="`Purpose ${i + 1}`">
              <option v-for="p in keys(PURPOSES)" :key="p" :value="p">{{ PURPOSES[p] }}</option>
            </select>
            <label class="minutes"
              ><input
                v-model.number="o.minutes"
                type="number"
                min="1"
                max="60"
                class="form-control"
                :aria-label="`Minutes ${i + 1}`"
              />
              min</label
            >
            <select v-model="o.frequency" class="form-select" :aria-label="`How often ${i + 1}`">
              <option v-for="f in keys(FREQUENCIES)" :key="f" :value="f">
                {{ FREQUENCIES[f] }}
              </option>
            </select>
            <span v-if="attached(o)" class="quiet">with the block</span>
            <span v-else-if="o.frequency === 'MORNING_AND_NIGHT'" class="quiet"
              >morning and bedtime</span
            >
            <select
              v-else
              v-model="o.anchor"
              class="form-select"
              :aria-label="`Where in the day ${i + 1}`"
            >
              <option v-for="a in anchors" :key="a.value" :value="a.value">{{ a.text }}</option>
            </select>
            <label class="check"
              ><input v-model="o.heavy" type="checkbox" class="form-check-input" /> heavy</label
            >
            <BButton
              size="sm"
              variant="link"
              :aria-label="`Take out ${PURPOSES[o.purpose]}`"
              @click="form.obligations.splice(i, 1)"
              >Take out</BButton
            >
            <span v-if="problemOf(`obligations[${i}].frequency`)" class="wrong">{{
              problemOf(`obligations[${i}].frequency`)
            }}</span>
          </li>
        </ul>
        <p class="add">
          <BButton size="sm" variant="outline-secondary" @click="add">Add one</BButton>
        </p>
        <p v-if="message" class="error" role="alert">{{ message }}</p>
        <p v-else-if="notice" class="good" role="status"><StateMark state="GOOD" />{{ notice }}</p>
        <p class="side-by-side">
          <BButton type="submit" variant="primary" :disabled="busy">Place in week</BButton>
          <RouterLink v-if="stored" :to="`/clients/${clientId}/week`">See the week</RouterLink>
          <BButton v-if="stored" class="push" variant="link" :disabled="busy" @click="end"
            >End it</BButton
          >
        </p>
      </form>
      <p v-else class="quiet large">
        A programme says what comes how often. The planner finds every session its place in the
        weeks, and says why it is there.
      </p>
    </div>
  </PageState>
</template>

<style scoped>
.programme {
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  gap: 36px;
  align-items: start;
}
.shelf button {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 12px;
  width: 100%;
  padding: 8px 12px;
  border: 1.5px solid transparent;
  border-bottom-color: var(--line);
  background: transparent;
  color: var(--ink);
  text-align: left;
}
.shelf button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--surface);
}
.aim,
.pegs {
  grid-column: 1 / -1;
  font-size: 0.8125rem;
}
.facts {
  display: grid;
  grid-template-columns: minmax(0, 1fr) repeat(3, 150px);
  gap: 12px;
  margin: 12px 0;
}
.facts label {
  color: var(--ink-2);
  font-weight: 600;
  font-size: 0.8125rem;
}
.pain {
  padding: 8px 14px;
  border-left: 3px solid var(--main);
  font-weight: 600;
}
.waits li {
  padding: 6px 0;
}
.waits b {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 20px;
}
.waits b span {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
h3 {
  margin: 12px 0 4px;
  font-size: 1rem;
}
.obligations li {
  display: grid;
  grid-template-columns: 24px 140px 92px minmax(0, 1.2fr) minmax(0, 1fr) auto auto;
  gap: 10px;
  align-items: center;
  padding: 7px 0;
  border-top: 1px solid var(--line);
}
.minutes {
  display: flex;
  gap: 6px;
  align-items: center;
}
.wrong {
  grid-column: 2 / -1;
  color: var(--stop);
  font-weight: 600;
  font-size: 0.8125rem;
}
.error {
  color: var(--stop);
  font-weight: 600;
}
.add {
  margin: 10px 0 16px;
}
.good {
  display: flex;
  gap: 6px;
  align-items: center;
  color: var(--good);
}
</style>
