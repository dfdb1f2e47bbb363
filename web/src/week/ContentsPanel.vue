<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'
import { api } from '@/api/calls'
import { sentenceOf } from '@/api/client'
import { queries } from '@/api/queries'
import type { ContentsForm, ContentsView, ObligationForm } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { emptyDraft } from '@/parts/emptyDraft'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { PURPOSES } from '@/parts/labels'
import StateMark from '@/parts/StateMark.vue'
import { duration } from '@/parts/words'
import KindLetter from '@/tape/KindLetter.vue'
import RoutineTape from '@/tape/RoutineTape.vue'

/** What the sessions of an obligation are made of, with the tape that comes of it today. */
const props = defineProps<{
  clientId: string
  number: number
  /** Whether its sessions belong to blocks. */
  attached: boolean
}>()
const obligation = defineModel<ObligationForm>({ required: true })

const SECONDS = 60
const MILLIS = 1000
const FOUND = 6
const nothing = (): ContentsForm => ({
  required: [],
  theme: null,
  routineId: null,
  routineVersion: null,
})

type Way = 'ANEW' | 'WITH' | 'KEPT'
const asked = ref<Way | null>(null)
const contents = computed(() => obligation.value.contents ?? nothing())
const way = computed<Way>({
  get: () =>
    asked.value ??
    (contents.value.routineId ? 'KEPT' : contents.value.required.length ? 'WITH' : 'ANEW'),
  set: (value) => {
    asked.value = value
    put({ required: value === 'WITH' ? contents.value.required : [], routineId: null })
  },
})
const ways = computed(() => [
  { value: 'ANEW' as Way, label: 'Composed anew each time' },
  { value: 'WITH' as Way, label: 'Composed, but must contain' },
  ...(props.attached ? [] : [{ value: 'KEPT' as Way, label: 'A routine of the shelf' }]),
])
function put(changed: Partial<ContentsForm>) {
  const now = { ...contents.value, routineVersion: null, ...changed }
  const plain = !now.routineId && !now.theme && !now.required.length
  obligation.value = { ...obligation.value, contents: plain ? null : now }
}

const themes = useAsked(() => queries.themes())
const theme = computed({
  get: () => contents.value.theme ?? '',
  set: (id: string) => put({ theme: id || null }),
})
const shelf = useAsked(() => queries.clientRoutines(props.clientId))
const routines = computed(() =>
  (shelf.data.value ?? []).filter((routine) => routine.purpose === obligation.value.purpose),
)
const routine = computed({
  get: () => contents.value.routineId ?? '',
  set: (id: string) => put({ routineId: id || null, required: [], theme: null }),
})

const LONGEST = 30
const offers = useAsked(() => {
  const draft = {
    ...emptyDraft(),
    clientId: props.clientId,
    purpose: obligation.value.purpose,
    budgetSeconds: Math.max(1, Math.min(LONGEST, obligation.value.minutes || 1)) * SECONDS,
  }
  return queries.own(['client', props.clientId, 'offers', draft], () => api.offers(draft))
})
const known = computed(() => [
  ...(offers.data.value?.fits ?? []).map((o) => ({
    id: o.step.exerciseId,
    title: o.title,
    kind: o.kind,
    why: duration(o.seconds * MILLIS),
  })),
  ...(offers.data.value?.doesNot ?? []).map((o) => ({
    id: o.exerciseId,
    title: o.title,
    kind: o.kind,
    why: o.reason,
  })),
])
const sought = ref('')
const found = computed(() => {
  const words = sought.value.trim().toLowerCase()
  if (!words) return []
  return known.value
    .filter((o) => o.title.toLowerCase().includes(words))
    .filter((o) => !contents.value.required.includes(o.id))
    .slice(0, FOUND)
})
const required = computed(() =>
  contents.value.required.map((id) => {
    const own = known.value.find((o) => o.id === id)
    const dose = look.value?.look.steps.find((s) => s.fixed && s.tape.title === own?.title)
    return { id, title: own?.title ?? id, kind: own?.kind ?? null, dose: dose?.doseWords ?? '' }
  }),
)
function demand(id: string) {
  put({ required: [...contents.value.required, id] })
  sought.value = ''
}
const letGo = (id: string) => put({ required: contents.value.required.filter((one) => one !== id) })

const look = shallowRef<ContentsView | null>(null)
const problem = ref('')
let latest = 0
const WAIT = 200
watchDebounced(
  () => [obligation.value.purpose, obligation.value.minutes, obligation.value.contents] as const,
  async ([purpose, minutes]) => {
    const mine = ++latest
    if (!minutes || (way.value === 'KEPT' && !contents.value.routineId)) {
      look.value = null
      return
    }
    try {
      const answer = await api.lookAtContents(props.clientId, {
        purpose,
        minutes,
        contents: contents.value,
      })
      if (mine !== latest) return
      look.value = answer
      problem.value = ''
      if (answer.newestVersion) obligation.value = { ...obligation.value, minutes: answer.minutes }
    } catch (e) {
      if (mine === latest) problem.value = sentenceOf(e)
    }
  },
  { immediate: true, debounce: WAIT },
)
const tape = computed(() =>
  (look.value?.look.steps ?? []).map((step) => ({ ...step.tape, open: !step.fixed })),
)
const seconds = (fixed: boolean) =>
  (look.value?.look.steps ?? [])
    .filter((step) => step.fixed === fixed)
    .reduce((sum, step) => sum + step.tape.lengthMillis, 0)
const version = computed(() => contents.value.routineVersion ?? look.value?.newestVersion ?? 0)
</script>

<template>
  <div class="contents">
    <ChoiceRow v-model="way" :label="`What is in it ${number}`" :options="ways" />
    <p v-if="way !== 'KEPT'" class="side-by-side">
      <label class="around"
        >Around
        <select v-model="theme" class="form-select" :aria-label="`Around ${number}`">
          <option value="">nothing in particular</option>
          <option v-for="t in themes.data.value ?? []" :key="t.id" :value="t.id">
            {{ t.title.toLowerCase() }}
          </option>
        </select></label
      >
    </p>
    <template v-if="way === 'WITH'">
      <ul v-if="required.length" class="required">
        <li v-for="one in required" :key="one.id">
          <KindLetter v-if="one.kind" :kind="one.kind" />
          <b>{{ one.title }}</b>
          <span class="quiet">{{ one.dose ? `${one.dose} today` : 'not today' }}</span>
          <BButton
            size="sm"
            variant="link"
            :aria-label="`No longer require ${one.title}`"
            @click="letGo(one.id)"
            >Take out</BButton
          >
        </li>
      </ul>
      <label class="seek"
        ><span class="visually-hidden">Add an exercise to {{ PURPOSES[obligation.purpose] }}</span>
        <input
          v-model="sought"
          class="form-control"
          type="search"
          placeholder="Add an exercise"
          :aria-label="`Exercise to require ${number}`"
      /></label>
      <ul v-if="found.length" class="found">
        <li v-for="one in found" :key="one.id">
          <button type="button" @click="demand(one.id)">
            <KindLetter :kind="one.kind" /> <b>{{ one.title }}</b>
            <span class="quiet small">{{ one.why }}</span>
          </button>
        </li>
      </ul>
      <p v-else-if="sought.trim()" class="quiet small">
        Nothing called so belongs to {{ PURPOSES[obligation.purpose].toLowerCase() }}.
      </p>
    </template>
    <template v-if="way === 'KEPT'">
      <p v-if="routines.length" class="side-by-side">
        <select v-model="routine" class="form-select shelf" :aria-label="`Routine ${number}`">
          <option value="">Choose a routine</option>
          <option v-for="r in routines" :key="r.id" :value="r.id">{{ r.title }}</option>
        </select>
        <span v-if="look" class="quiet">version {{ version }}</span>
        <BButton
          v-if="look && version < look.newestVersion"
          size="sm"
          variant="link"
          @click="put({})"
          >Take version {{ look.newestVersion }}</BButton
        >
      </p>
      <p v-else class="quiet">
        No routine for {{ PURPOSES[obligation.purpose].toLowerCase() }} is kept for this client;
        <RouterLink to="/bench">make one at the bench</RouterLink>.
      </p>
    </template>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <template v-else-if="tape.length">
      <RoutineTape :steps="tape" :height="34" :names="way !== 'ANEW'" />
      <p class="quiet small">
        <template v-if="way === 'WITH'"
          >{{ duration(seconds(true)) }} fixed, {{ duration(seconds(false)) }} open</template
        >
        <template v-else>{{ duration(look?.look.lengthMillis ?? 0) }}</template>
        as it would be today
      </p>
      <p v-for="one in look?.look.missing ?? []" :key="one" class="missing">
        <StateMark state="WARN" />{{ one }}
      </p>
    </template>
  </div>
</template>

<style scoped>
.contents {
  display: grid;
  grid-column: 2 / -1;
  gap: 10px;
  padding: 12px 14px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
.around {
  display: flex;
  gap: 8px;
  align-items: center;
}
.around .form-select,
.shelf {
  width: auto;
}
.required li,
.found button {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  width: 100%;
  padding: 5px 0;
  border: 0;
  border-top: 1px solid var(--line);
  background: transparent;
  color: var(--ink);
  text-align: left;
}
.required li > :last-child {
  margin-left: auto;
}
.seek {
  max-width: 320px;
}
.problem {
  color: var(--stop);
  font-weight: 600;
}
.missing {
  display: flex;
  gap: 6px;
  align-items: center;
  color: var(--warn);
}
</style>
