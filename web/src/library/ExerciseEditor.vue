<script setup lang="ts">
import { computed, inject, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import type { ExerciseForm, ExerciseView, HandRole, Kind, Method } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import FigurePlayer from '@/hand/FigurePlayer.vue'
import SelectField from '@/parts/SelectField.vue'
import TextField from '@/parts/TextField.vue'
import {
  DISCIPLINES,
  LADDERS,
  METHODS,
  POSITIONS,
  RECOVERIES,
  REFERRAL_SIGNS,
  REGIONS,
  SEGMENTS,
  THINGS,
  keys,
} from '@/parts/labels'
import PageState from '@/parts/PageState.vue'
import StateMark from '@/parts/StateMark.vue'
import { capital, duration } from '@/parts/words'
import { KINDS } from '@/tape/kinds'
import { copy, same } from '@/parts/forms'
import { emptyExercise } from './exerciseForm'
import LadderRungs from './LadderRungs.vue'
import { RELOAD_LIBRARY } from './libraryPage'
import LinesField from './LinesField.vue'
import MovementsField from './MovementsField.vue'
import PoseEditor from './PoseEditor.vue'
import UsesField from './UsesField.vue'

/** An exercise is written: a new one, a variant of another, or a new version of one's own. */
const props = defineProps<{ exerciseId?: string; copying?: boolean }>()

const router = useRouter()
const reloadList = inject(RELOAD_LIBRARY)
const choices = useAsked(() => queries.exerciseChoices())
const USUAL_UPPER_TEMPO = 120
const form = ref<ExerciseForm>(emptyExercise())
const began = ref<ExerciseForm>(emptyExercise())
const changing = computed(() => props.exerciseId !== undefined && !props.copying)
const source = useAsked(() => queries.own(['exercise form', props.exerciseId], written))
async function written(): Promise<ExerciseForm> {
  if (props.exerciseId === undefined) return emptyExercise()
  const answer = await api.exerciseForm(props.exerciseId)
  return props.copying
    ? { ...answer.form, baseVersion: 0, title: `${answer.form.title}, mine`.slice(0, 42) }
    : answer.form
}
watch(source.data, (loaded) => {
  if (!loaded) return
  form.value = copy(loaded)
  began.value = copy(loaded)
})

const dirty = computed(() => !same(form.value, began.value))
let saved = false
onBeforeRouteLeave(
  () => saved || !dirty.value || window.confirm('Leave without saving what you wrote?'),
)

// ---- what it would be: asked of the server while one writes
const preview = ref<ExerciseView | null>(null)
const found = ref<readonly FieldProblem[]>([])
const tried = ref(false)
/** An empty form is not scolded before it was tried. */
const problems = computed(() => (tried.value || props.exerciseId !== undefined ? found.value : []))
let asking = 0
let timer: ReturnType<typeof setTimeout> | undefined
const PAUSE = 250
async function look() {
  const mine = ++asking
  try {
    const view = await api.previewExercise(form.value)
    if (mine !== asking) return
    preview.value = view
    found.value = []
  } catch (e) {
    if (mine === asking && e instanceof ServerProblem) found.value = e.errors
  }
}
watch(
  form,
  () => {
    clearTimeout(timer)
    timer = setTimeout(() => void look(), PAUSE)
  },
  { deep: true, immediate: true },
)

const message = ref('')
const conflict = ref<ExerciseForm | null>(null)
const busy = ref(false)
async function save() {
  tried.value = true
  busy.value = true
  message.value = ''
  try {
    const stored =
      changing.value && props.exerciseId !== undefined
        ? await api.changeExercise(props.exerciseId, form.value)
        : await api.createExercise(form.value)
    saved = true
    await reloadList?.()
    await router.push(`/library/${stored.id}`)
  } catch (e) {
    if (e instanceof ServerProblem && e.status === 409) conflict.value = e.current as ExerciseForm
    else {
      if (e instanceof ServerProblem) found.value = e.errors
      message.value = (e as Error).message
    }
  } finally {
    busy.value = false
  }
}
function takeTheirs() {
  if (conflict.value) form.value = copy(conflict.value)
  conflict.value = null
}
function keepMine() {
  if (conflict.value) form.value.baseVersion = conflict.value.baseVersion
  conflict.value = null
  void save()
}

const options = <K extends string>(labels: Readonly<Record<K, string>>) =>
  keys(labels).map((value) => ({ value, text: labels[value] }))
const kindOptions = (Object.keys(KINDS) as Kind[]).map((value) => ({
  value,
  text: KINDS[value].word,
}))
const others = computed(() => [
  { value: null, text: 'None' },
  ...(choices.data.value?.exercises ?? []).map((e) => ({ value: e.id, text: e.title })),
])
const targets = computed(() => choices.data.value?.targets ?? [])
const served = computed(() =>
  Object.entries(form.value.serves).map(([id, points]) => ({
    id,
    points,
    word: targets.value.find((t) => t.id === id)?.word ?? id,
  })),
)
const unserved = computed(() =>
  targets.value
    .filter((t) => !(t.id in form.value.serves))
    .map((t) => ({ value: t.id, text: capital(t.word) })),
)
const adding = ref('')
watch(adding, (id) => {
  if (id) form.value.serves = { ...form.value.serves, [id]: 3 }
  adding.value = ''
})
function weigh(id: string, points: number) {
  form.value.serves = { ...form.value.serves, [id]: points }
}
function without(id: string) {
  form.value.serves = Object.fromEntries(
    Object.entries(form.value.serves).filter(([other]) => other !== id),
  )
}
const mains = computed(() => served.value.map((s) => ({ value: s.id, text: capital(s.word) })))

const freeMethods = computed(() =>
  keys(METHODS).filter((m) => !form.value.doses.some((d) => d.method === m)),
)
function addDose() {
  const method = freeMethods.value[0]
  const first = form.value.doses[0]
  if (method && first) form.value.doses.push({ ...first, method })
}
const time = (method: Method) => {
  const dose = preview.value?.doses.find((d) => d.method === method)
  return dose ? duration(dose.seconds * 1000) : ''
}
const upper = computed({
  get: () => form.value.ladder.upper ?? USUAL_UPPER_TEMPO,
  set: (tempo: string | number) => {
    form.value.ladder.upper = Number(tempo)
  },
})
watch(
  () => form.value.ladder.kind,
  (kind) => {
    if (kind === 'TEMPO') upper.value = form.value.ladder.upper ?? USUAL_UPPER_TEMPO
  },
)
/** Rungs as lines: a name, and behind a colon the quantity of the dose there, or a thing. */
const ladderNames = computed({
  get: () =>
    form.value.ladder.rungs.map((rung) =>
      rung.thing
        ? `${rung.name}: ${THINGS[rung.thing].toLowerCase()}`
        : `${rung.name}: ${String(rung.quantity ?? '')}`,
    ),
  set: (names: string[]) => {
    form.value.ladder = { ...form.value.ladder, rungs: names.map(rungOf) }
  },
})
function rungOf(line: string) {
  const [name = '', own = ''] = line.split(':').map((part) => part.trim())
  const thing = keys(THINGS).find((key) => THINGS[key].toLowerCase() === own.toLowerCase()) ?? null
  return { name, thing, quantity: thing || !/^\d+$/.test(own) ? null : Number(own) }
}
const closedWith = computed(() =>
  [...(preview.value?.closedWithConditions ?? []), ...(preview.value?.closedWithSigns ?? [])].join(
    '; ',
  ),
)
const conditions = computed(() =>
  (choices.data.value?.conditions ?? []).map((c) => ({
    value: c.condition,
    text: capital(c.word),
  })),
)
const roles = computed(() => [
  { value: '', text: 'any hand' },
  ...(choices.data.value?.roles ?? []).map((r) => ({ value: r.role, text: r.word })),
])
const role = computed({
  get: () => form.value.role ?? '',
  set: (chosen: string) => {
    form.value.role = (chosen || null) as HandRole | null
  },
})
const of = (field: string) => problems.value.filter((p) => p.field === field).map((p) => p.message)
</script>

<template>
  <PageState
    :loading="source.slow.value"
    :error="source.error.value"
    :ready="Boolean(source.data.value)"
    @retry="source.reload"
  >
    <form novalidate @submit.prevent="save">
      <header class="line-up">
        <h2>
          {{ changing ? 'Change' : copying ? 'A variant' : 'Your own exercise' }}
        </h2>
        <RouterLink class="push" :to="exerciseId ? `/library/${exerciseId}` : '/library'"
          >Back to the library</RouterLink
        >
      </header>
      <div class="columns">
        <div class="fields">
          <section>
            <h3>What it is</h3>
            <div class="grid">
              <TextField
                v-model="form.title"
                label="Title"
                field="title"
                :problems="problems"
                hint="Up to 42 characters."
              />
              <SelectField
                v-model="form.kind"
                label="Kind"
                field="kind"
                :problems="problems"
                :options="kindOptions"
              />
            </div>
            <TextField
              v-model="form.purpose"
              label="What it is for"
              field="purpose"
              :problems="problems"
            />
            <LinesField
              v-model="form.synonyms"
              label="Other words to find it by"
              field="synonyms"
              :problems="problems"
              :rows="2"
            />
          </section>
          <section>
            <h3>How it is dosed</h3>
            <div v-for="(dose, i) in form.doses" :key="i" class="dose">
              <SelectField
                v-model="dose.method"
                label="Method"
                :field="`doses[${i}].method`"
                :problems="problems"
                :options="options(METHODS)"
              />
              <TextField
                v-model="dose.text"
                label="Dose"
                :field="`doses[${i}].text`"
                :problems="problems"
                :hint="i === 0 ? '3 x 12 · 20 s x 3 each side · 5 breaths' : undefined"
              />
              <TextField
                v-model="dose.least"
                type="number"
                label="Least"
                :field="`doses[${i}].least`"
                :problems="problems"
              />
              <TextField
                v-model="dose.greatest"
                type="number"
                label="Greatest"
                :field="`doses[${i}].greatest`"
                :problems="problems"
              />
              <output class="takes" :data-takes="i">{{ time(dose.method) }}</output>
              <BButton
                v-if="i > 0"
                size="sm"
                variant="link"
                aria-label="Without this dose"
                @click="form.doses.splice(i, 1)"
                >×</BButton
              >
            </div>
            <BButton
              v-if="freeMethods.length"
              class="another"
              size="sm"
              variant="outline-secondary"
              @click="addDose"
              >Another method</BButton
            >
            <LinesField
              v-model="form.ways"
              label="Names of its ways, one after the other"
              field="ways"
              :problems="problems"
              :rows="Math.max(2, Math.min(8, form.ways.length))"
              hint="Two lines or more, or none: palm up / palm down."
            />
            <div class="grid">
              <SelectField
                v-model="form.ladder.kind"
                label="Its ladder"
                field="ladder"
                :problems="problems"
                :options="options(LADDERS)"
              />
              <TextField
                v-if="form.ladder.kind === 'TEMPO'"
                v-model="upper"
                type="number"
                label="Up to, beats a minute"
                field="ladder.upper"
                :problems="problems"
              />
            </div>
            <LinesField
              v-if="form.ladder.kind === 'NAMED'"
              v-model="ladderNames"
              label="Its rungs, the easiest first"
              field="ladder"
              :problems="problems"
            />
            <BFormCheckboxGroup
              v-if="form.ladder.kind === 'THINGS'"
              v-model="form.ladder.things"
              :options="options(THINGS)"
              aria-label="Things of the ladder, the easiest first"
            />
          </section>
          <section>
            <h3>Figure</h3>
            <PoseEditor
              v-model="form.figure"
              :way-names="form.ways"
              :poses="choices.data.value?.poses ?? []"
              :problems="problems"
            />
          </section>
          <section>
            <h3>Words</h3>
            <TextField
              v-model="form.setUp"
              label="Set-up"
              field="setUp"
              :problems="problems"
              :lines="2"
            />
            <LinesField
              v-model="form.action"
              label="Action, in short steps"
              field="action"
              :problems="problems"
            />
            <div class="grid">
              <TextField
                v-model="form.cue"
                label="The one cue"
                field="cue"
                :problems="problems"
                hint="Up to 70 characters; it stands large on the stage."
              />
              <TextField v-model="form.breath" label="Breath" field="breath" :problems="problems" />
              <TextField
                v-model="form.feltAt"
                label="Where it should be felt"
                field="feltAt"
                :problems="problems"
              />
            </div>
            <div class="grid">
              <LinesField
                v-model="form.mistakes"
                label="Common mistakes"
                field="mistakes"
                :problems="problems"
              />
              <LinesField
                v-model="form.cautions"
                label="Cautions"
                field="cautions"
                :problems="problems"
              />
              <LinesField
                v-model="form.stopRules"
                label="When to stop"
                field="stopRules"
                :problems="problems"
                hint="Besides the rules of every session."
              />
            </div>
            <div class="grid">
              <TextField v-model="form.easier" label="Easier" field="easier" :problems="problems" />
              <SelectField
                v-model="form.easierExercise"
                label="or the exercise"
                field="easierExercise"
                :problems="problems"
                :options="others"
              />
              <TextField v-model="form.harder" label="Harder" field="harder" :problems="problems" />
              <SelectField
                v-model="form.harderExercise"
                label="or the exercise"
                field="harderExercise"
                :problems="problems"
                :options="others"
              />
            </div>
          </section>
          <section>
            <h3>What it serves and asks for</h3>
            <p v-for="text in of('serves')" :key="text" class="stop" role="alert">{{ text }}</p>
            <div v-for="target in served" :key="target.id" class="target">
              <label :for="`serves-${target.id}`">{{ capital(target.word) }}</label>
              <input
                :id="`serves-${target.id}`"
                type="range"
                min="1"
                max="10"
                :value="target.points"
                @input="weigh(target.id, Number(($event.target as HTMLInputElement).value))"
              />
              <output>{{ target.points }}</output>
              <BButton
                size="sm"
                variant="link"
                :aria-label="`Without ${target.word}`"
                @click="without(target.id)"
                >×</BButton
              >
            </div>
            <div class="grid">
              <SelectField
                v-model="adding"
                label="Add a target"
                field="serves"
                :problems="[]"
                :options="[{ value: '', text: 'Choose' }, ...unserved]"
              />
              <SelectField
                v-model="form.main"
                label="Chiefly for"
                field="main"
                :problems="problems"
                :options="mains"
              />
              <SelectField
                v-model="form.segment"
                label="What moves"
                field="segment"
                :problems="problems"
                :options="options(SEGMENTS)"
              />
              <TextField
                v-model="form.intensity"
                type="number"
                label="Intensity, 1 to 5"
                field="intensity"
                :problems="problems"
              />
              <SelectField
                v-model="form.recovery"
                label="Recovery"
                field="recovery"
                :problems="problems"
                :options="options(RECOVERIES)"
              />
            </div>
            <div class="checks">
              <BFormCheckbox v-model="form.needsWarmth">Only in warm hands</BFormCheckbox>
              <BFormCheckbox v-model="form.tires">Tires what it works</BFormCheckbox>
            </div>
            <div class="checks">
              <span class="form-label">Positions, any of</span>
              <BFormCheckboxGroup
                v-model="form.positions"
                :options="options(POSITIONS)"
                aria-label="Positions"
              />
              <p v-for="text in of('positions')" :key="text" class="stop" role="alert">
                {{ text }}
              </p>
            </div>
            <div class="checks">
              <span class="form-label">Has to be at hand, all of</span>
              <BFormCheckboxGroup
                v-model="form.things"
                :options="options(THINGS)"
                aria-label="Things"
              />
            </div>
            <div class="checks">
              <span class="form-label">For these only, or for everyone</span>
              <BFormCheckboxGroup
                v-model="form.disciplines"
                :options="options(DISCIPLINES)"
                aria-label="Disciplines"
              />
            </div>
            <div class="checks">
              <span class="form-label">Moves in these directions</span>
              <MovementsField v-model="form.movements" />
            </div>
            <BFormCheckbox v-model="form.arrives">Helps to arrive at a break</BFormCheckbox>
            <div v-if="choices.data.value" class="checks">
              <SelectField
                v-model="role"
                label="For one hand, by what it does"
                field="role"
                :problems="problems"
                :options="roles"
              />
            </div>
            <BFormCheckbox v-model="form.coachOnly"
              >Only a coach puts it into a routine; never composed</BFormCheckbox
            >
          </section>
          <section>
            <h3>What it uses</h3>
            <UsesField
              v-model:uses="form.uses"
              v-model:helper="form.helper"
              :problems="problems.filter((p) => p.field === 'uses' || p.field === 'helper')"
            />
          </section>
          <section>
            <h3>What closes it</h3>
            <p v-if="preview?.closedBecause.length" class="quiet">
              By what it is: {{ preview.closedBecause.join(' ') }}
            </p>
            <div class="checks">
              <span class="form-label">With these conditions, too</span>
              <BFormCheckboxGroup
                v-model="form.closedWithConditions"
                :options="conditions"
                aria-label="Conditions"
              />
            </div>
            <div class="checks">
              <span class="form-label">With these signs, too</span>
              <BFormCheckboxGroup
                v-model="form.closedWithSigns"
                :options="options(REFERRAL_SIGNS)"
                aria-label="Referral signs"
              />
            </div>
            <div class="checks">
              <span class="form-label">While these are sore</span>
              <BFormCheckboxGroup
                v-model="form.closedWithSore"
                :options="options(REGIONS)"
                aria-label="Sore regions"
              />
            </div>
          </section>
        </div>
        <aside aria-label="Preview">
          <template v-if="preview">
            <FigurePlayer
              :figure="preview.figure"
              :cues="preview.cues"
              :height="240"
              label="Preview"
            />
            <p class="total">
              <b>{{ preview.doses[0]?.words }}</b><br />
              <span class="large" data-total>{{ duration(preview.lengthMillis) }}</span> with set-up
            </p>
            <LadderRungs :kind="preview.kind" :rungs="preview.doses[0]?.rungs ?? []" />
            <p class="quiet small">
              {{ preview.beforePlay ? 'May stand before play.' : 'Does not stand before play.' }}
              <template v-if="closedWith">Closed with: {{ closedWith }}.</template>
            </p>
          </template>
          <p v-else class="quiet">The picture comes as soon as there is enough to draw.</p>
          <ul v-if="problems.length" class="open">
            <li v-for="(problem, i) in problems" :key="i">
              <StateMark state="WARN" />{{ problem.field }}: {{ problem.message }}
            </li>
          </ul>
        </aside>
      </div>
      <div v-if="conflict" class="conflict" role="alert">
        <p class="word"><StateMark state="WARN" />Somebody else changed this exercise meanwhile</p>
        <p class="side-by-side">
          <BButton variant="outline-secondary" @click="takeTheirs">Take theirs</BButton>
          <BButton variant="outline-secondary" @click="keepMine">Keep mine</BButton>
        </p>
      </div>
      <div class="save">
        <BButton type="submit" variant="primary" :disabled="busy">{{
          changing ? 'Save as a new version' : 'Save'
        }}</BButton>
        <BButton v-if="dirty" variant="link" @click="form = copy(began)">Put back</BButton>
        <span v-if="message" class="stop" role="alert">{{ message }}</span>
      </div>
    </form>
  </PageState>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 32px;
  margin-top: 12px;
}
aside {
  position: sticky;
  top: 16px;
  align-self: start;
  padding: 16px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
section {
  margin-bottom: 24px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
}
.another {
  margin-bottom: 14px;
}
h3 {
  margin-bottom: 10px;
  font-size: 1rem;
}
.fields :deep(.field) {
  margin-bottom: 12px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0 16px;
}
.dose {
  display: grid;
  grid-template-columns: 148px minmax(0, 1fr) 82px 82px 96px 32px;
  gap: 0 10px;
}
.takes {
  padding-top: 32px;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
.target {
  display: grid;
  grid-template-columns: 200px 160px 28px 40px;
  gap: 10px;
  align-items: center;
  min-height: 32px;
}
.target input {
  accent-color: var(--main);
}
.checks {
  margin: 10px 0;
}
.total {
  margin: 12px 0;
}
.open {
  margin-top: 12px;
  font-size: 0.8125rem;
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
.conflict {
  padding: 12px 16px;
  border: 1.5px solid var(--warn);
  background: var(--warn-wash);
}
.save {
  position: sticky;
  bottom: 0;
  z-index: 2;
  display: flex;
  gap: 16px;
  align-items: center;
  padding: 12px 0;
  border-top: 1px solid var(--line);
  background: var(--ground);
}
@media (max-width: 1000px) {
  .columns,
  .grid,
  .dose {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
