<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { ProgrammeForm, Purpose } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { useAttempt } from '@/api/useAttempt'
import DateField from '@/form/DateField.vue'
import TextField from '@/form/TextField.vue'
import { copy, same } from '@/form/forms'
import { useClientPage } from '@/parts/clientPage'
import PageState from '@/parts/PageState.vue'
import StateMark from '@/parts/StateMark.vue'
import { dayMonth, longDate } from '@/parts/words'
import ObligationLine from './ObligationLine.vue'
import ProgrammeShelf from './ProgrammeShelf.vue'
import WaitingLines from './WaitingLines.vue'

/** What a client is on for some weeks: chosen from the ready ones, then made their own. */
const props = defineProps<{ clientId: string }>()
const { reloadAll } = useClientPage()
const current = useAsked(() => queries.programme(props.clientId))
const choices = useAsked(() => queries.programmeChoices(props.clientId))

const progress = useAsked(() => queries.progress(props.clientId))
/** What of a purpose was kept in the weeks that are shown. */
function kept(purpose: Purpose): string {
  const seen = progress.data.value
  const lane = seen?.kept.find((one) => one.purpose === purpose)
  return seen && lane?.planned
    ? `${lane.kept} of ${lane.planned} kept since ${dayMonth(seen.since)}`
    : ''
}
const form = ref<ProgrammeForm | null>(null)
const notice = ref('')
const stored = computed(() => current.data.value?.[0] ?? null)
const { busy, message, problems, attempt } = useAttempt()
/** Counts what was put into the form as a whole, so that no panel of the one before stays open. */
const taken = ref(0)
let shown: ProgrammeForm | null = null
function take(programme: ProgrammeForm | null) {
  form.value = copy(programme)
  taken.value++
}
function showStored() {
  shown = copy(stored.value?.programme ?? null)
  form.value = copy(shown)
}
watch(stored, () => {
  // What is being typed stays when the page hears of a change elsewhere.
  if (same(form.value, shown)) showStored()
})
function add() {
  if (choices.data.value) form.value?.obligations.push(copy(choices.data.value.another))
}
async function change(what: () => Promise<string>) {
  notice.value = ''
  await attempt(async () => {
    notice.value = await what()
    await Promise.all([current.reload(), choices.reload(), reloadAll()])
    showStored()
  })
}
const save = () =>
  change(async () => {
    if (!form.value) return ''
    await api.saveProgramme(props.clientId, form.value)
    return 'Placed in the weeks.'
  })
const end = () =>
  change(async () => {
    await api.endProgramme(props.clientId)
    return 'Ended. What was done stays in the log.'
  })
</script>

<template>
  <PageState
    :loading="current.slow.value"
    :error="current.error.value ?? choices.error.value"
    :ready="Boolean(current.data.value && choices.data.value)"
    @retry="current.reload"
  >
    <div v-if="choices.data.value" class="programme">
      <ProgrammeShelf
        :ready="choices.data.value.ready"
        :title="stored ? 'Another one' : 'Choose a programme'"
        :chosen="form?.title"
        @take="take($event.programme)"
      />
      <form v-if="form" class="form" novalidate @submit.prevent="save">
        <header class="line-up">
          <h2>{{ form.title }}</h2>
          <span class="quiet"
            >{{ longDate(form.startsOn) }} to {{ longDate(form.endsOn) }}, looked at
            {{ longDate(form.reviewsOn) }}</span
          >
        </header>
        <div class="facts">
          <TextField
            v-model="form.title"
            label="Title"
            field="title"
            maxlength="60"
            :problems="problems"
          />
          <DateField v-model="form.startsOn" label="From" field="startsOn" :problems="problems" />
          <DateField
            v-model="form.reviewsOn"
            label="Looked at"
            field="reviewsOn"
            :problems="problems"
          />
          <DateField v-model="form.endsOn" label="Until" field="endsOn" :problems="problems" />
        </div>
        <p v-if="stored?.painWords" class="pain">{{ stored.painWords }}</p>
        <WaitingLines :obligations="stored?.obligations ?? []" />
        <h3>Obligations</h3>
        <ul class="obligations">
          <ObligationLine
            v-for="(_, i) in form.obligations"
            :key="`${taken} ${i}`"
            v-model="form.obligations[i]!"
            :number="i + 1"
            :client-id="clientId"
            :choices="choices.data.value"
            :problems="problems"
            :kept="kept(form.obligations[i]!.purpose)"
            @out="form.obligations.splice(i, 1)"
          />
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
.facts {
  display: grid;
  grid-template-columns: minmax(0, 1fr) repeat(3, 150px);
  gap: 12px;
  margin: 12px 0;
}
.pain {
  padding: 8px 14px;
  border-left: 3px solid var(--main);
  font-weight: 600;
}
h3 {
  margin: 12px 0 4px;
  font-size: 1rem;
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
