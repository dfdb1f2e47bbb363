<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { ContentsForm, ContentsView, ObligationForm } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { emptyDraft } from '@/parts/emptyDraft'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { PURPOSES } from '@/parts/labels'
import StateMark from '@/parts/StateMark.vue'
import { duration } from '@/parts/words'
import RungLine from '@/progress/RungLine.vue'
import KindLetter from '@/tape/KindLetter.vue'
import RoutineTape from '@/tape/RoutineTape.vue'
import { anew } from './useLook'

/** What the sessions of an obligation are made of, with the tape that comes of it today. */
const props = defineProps<{
  clientId: string
  /** Whether its sessions belong to blocks. */
  attached: boolean
  /** Whether they are composed for the block they stand before. */
  ofTheBlock: boolean
  /** What it comes to today; nothing while it is asked for. */
  look: ContentsView | null
  problem: string
}>()
const obligation = defineModel<ObligationForm>({ required: true })

const SECONDS = 60
const MILLIS = 1000
const FOUND = 6

type Way = 'ANEW' | 'WITH' | 'KEPT'
const asked = ref<Way | null>(null)
const contents = computed(() => obligation.value.contents ?? anew())
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
const progress = useAsked(() => queries.progress(props.clientId))
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
    const dose = props.look?.look.steps.find((s) => s.fixed && s.tape.title === own?.title)
    const ladder = progress.data.value?.ladders.find((one) => one.exerciseId === id)
    return {
      id,
      title: own?.title ?? id,
      kind: own?.kind ?? null,
      dose: dose?.doseWords ?? '',
      ladder,
    }
  }),
)
function demand(id: string) {
  put({ required: [...contents.value.required, id] })
  sought.value = ''
}
const letGo = (id: string) => put({ required: contents.value.required.filter((one) => one !== id) })

const tape = computed(() =>
  (props.look?.look.steps ?? []).map((step) => ({ ...step.tape, open: !step.fixed })),
)
const seconds = (fixed: boolean) =>
  (props.look?.look.steps ?? [])
    .filter((step) => step.fixed === fixed)
    .reduce((sum, step) => sum + step.tape.lengthMillis, 0)
const version = computed(() => contents.value.routineVersion ?? props.look?.newestVersion ?? 0)
</script>

<template>
  <div class="contents">
    <p v-if="ofTheBlock" class="quiet">Composed for the block it stands before.</p>
    <ChoiceRow v-else v-model="way" label="What is in it" :options="ways" />
    <p v-if="way !== 'KEPT' && !ofTheBlock" class="side-by-side">
      <label class="around"
        >Around
        <select v-model="theme" class="form-select" aria-label="Around">
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
          <RungLine v-if="one.ladder" :ladder="one.ladder" :shown="5" />
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
          aria-label="Exercise to require"
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
        <select v-model="routine" class="form-select shelf" aria-label="Routine">
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
    <p v-else-if="look?.look.refused" class="missing">
      <StateMark state="WARN" />{{ look.look.refused }}
    </p>
    <template v-else-if="tape.length && !(way === 'KEPT' && !routine)">
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
  gap: 10px;
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
