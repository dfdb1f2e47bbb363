<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import type {
  CheckView,
  ClientView,
  ComposeView,
  FindingView,
  RoutineSummary,
  SidesChoice,
  StepDraft,
  StoredRoutine,
  TemplateView,
} from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import { PURPOSES } from '@/parts/labels'
import StateMark from '@/parts/StateMark.vue'
import { capital, duration } from '@/parts/words'
import KindPatterns from '@/tape/KindPatterns.vue'
import BenchShelf from './BenchShelf.vue'
import BenchSide from './BenchSide.vue'
import BenchTape from './BenchTape.vue'
import CompareTapes from './CompareTapes.vue'
import OffersDrawer from './OffersDrawer.vue'
import RulesPanel from './RulesPanel.vue'
import StepEditor from './StepEditor.vue'
import { emptyDraft, emptyWork, useBench } from './useBench'

/** Where a routine is made: composed, changed by hand, checked as it changes, kept. */
const route = useRoute()
const router = useRouter()
const bench = useBench()
const { draft, view, steps, work } = bench

const clients = useAsked(() => queries.clients())
const templates = useAsked(() => queries.templates())
const routines = useAsked(() => queries.routines())
const client = shallowRef<ClientView | null>(null)
watch(
  () => draft.value.clientId,
  async (id) => {
    client.value = null
    if (id) client.value = await api.client(id).catch(() => null)
  },
  { immediate: true },
)

const chosen = ref<string | null>(null)
const chosenStep = computed(
  () => steps.value.find((s) => s.draft.key === chosen.value) ?? steps.value[0] ?? null,
)
const drawer = ref<'add' | 'swap' | null>(null)
const composed = shallowRef<ComposeView | null>(null)
const message = ref('')
const notice = ref('')
const busy = ref(false)

const title = computed(
  () =>
    work.value.title ||
    (client.value
      ? `${PURPOSES[draft.value.purpose]} for ${client.value.facts.name}`
      : `${PURPOSES[draft.value.purpose]}, a template`),
)
const titleOf = (key?: string) => steps.value.find((s) => s.draft.key === key)?.title
const length = computed(() => steps.value.reduce((sum, s) => sum + s.lengthMillis, 0))

async function attempt<T>(what: () => Promise<T>): Promise<T | null> {
  busy.value = true
  message.value = ''
  notice.value = ''
  try {
    return await what()
  } catch (e) {
    message.value = (e as Error).message
    return null
  } finally {
    busy.value = false
  }
}

// ---- composing

async function compose() {
  const answer = await attempt(() => api.compose(draft.value, []))
  if (!answer) return
  composed.value = answer
  if (!answer.composed) {
    message.value = answer.reason
    return
  }
  bench.change({ steps: answer.steps })
  chosen.value = answer.steps[0]?.key ?? null
}

/** A second and a third version beside the one on the bench. */
const other = shallowRef<{
  draft: StepDraft[]
  view: CheckView
  own: CheckView
  name: string
} | null>(null)
const earlier = ref<string[][]>([])
async function another() {
  const own = draft.value.steps.map((s) => s.exerciseId)
  const from = other.value ? [own, other.value.draft.map((s) => s.exerciseId)].slice(0, 2) : [own]
  const answer = await attempt(() => api.compose(draft.value, from))
  if (!answer) return
  if (!answer.composed) {
    message.value = answer.reason
    return
  }
  const b = await attempt(() => api.check({ ...draft.value, steps: answer.steps }))
  if (b && view.value) {
    other.value = {
      draft: answer.steps,
      view: b,
      own: view.value,
      name: from.length === 1 ? 'second best' : 'third best',
    }
    earlier.value = from
  }
}
function takeOther() {
  if (other.value) bench.change({ steps: other.value.draft })
  other.value = null
}

// ---- changing

function repair(finding: FindingView) {
  if (finding.repair) bench.change({ steps: finding.repair.steps })
}
async function repairAll() {
  const steps = await attempt(() => api.repair(draft.value))
  if (steps) bench.change({ steps })
}
async function share(key: string, sides: SidesChoice) {
  const changed = await attempt(() => api.shareSides(draft.value, key, sides))
  if (changed) bench.change({ steps: changed })
}
function longer(key: string, more: boolean) {
  const step = steps.value.find((s) => s.draft.key === key)
  const dose = more ? step?.quantity.more : step?.quantity.less
  if (dose) bench.put(key, { dose, typed: null })
}
function remove(key: string) {
  const at = draft.value.steps.findIndex((s) => s.key === key)
  bench.remove(key)
  chosen.value = draft.value.steps[Math.min(at, draft.value.steps.length - 1)]?.key ?? null
}
function add(step: StepDraft) {
  const at = draft.value.steps.findIndex((s) => s.key === chosenStep.value?.draft.key)
  if (drawer.value === 'swap' && at >= 0) {
    const changed = [...draft.value.steps]
    changed.splice(at, 1, { ...step, pinned: draft.value.steps[at]?.pinned ?? false })
    bench.change({ steps: changed })
    chosen.value = step.key
    drawer.value = null
    return
  }
  chosen.value = bench.add(step, at < 0 ? draft.value.steps.length : at + 1)
}
function addPlay() {
  const step: StepDraft = {
    key: '',
    exerciseId: 'play-easily',
    exerciseVersion: 0,
    dose: '',
    typed: null,
    position: 'AT_INSTRUMENT',
    firstSide: 'LEFT',
    released: true,
    pinned: true,
  }
  const at = draft.value.steps.findIndex((s) => s.key === chosenStep.value?.draft.key)
  chosen.value = bench.add(step, at < 0 ? draft.value.steps.length : at + 1)
}

// ---- keeping

const saving = ref(false)
const saveTitle = ref('')
const conflict = shallowRef<{ theirs: StoredRoutine; theirView: CheckView; own: CheckView } | null>(
  null,
)
function openSave() {
  saveTitle.value = work.value.title || title.value
  saving.value = true
}
const form = (version: number) => ({
  version,
  clientId: draft.value.clientId,
  title: saveTitle.value,
  purpose: draft.value.purpose,
  budgetSeconds: draft.value.budgetSeconds,
  steps: draft.value.steps,
})
/** Steps as they are stored carry their dose; what was typed has become one. */
function settled(): StepDraft[] {
  return steps.value.map((s) => {
    const known = view.value?.steps.find((v) => v.draft.key === s.draft.key)
    return { ...s.draft, dose: known?.draft.dose ?? s.draft.dose, typed: null }
  })
}
async function save(asNew: boolean) {
  message.value = ''
  const body = { ...form(asNew ? 0 : work.value.version), steps: settled() }
  busy.value = true
  try {
    const before = work.value.routineId
    const stored =
      asNew || !work.value.routineId
        ? await api.createRoutine(body)
        : await api.saveRoutine(work.value.routineId, body)
    bench.stored(stored.id, stored.version, stored.title)
    saving.value = false
    conflict.value = null
    const copied = before !== null && stored.id !== before && !asNew
    notice.value = copied
      ? `Saved as a copy for ${client.value?.facts.name ?? 'everybody'}; the other one is as it was`
      : `Saved as version ${stored.version}`
    void routines.reload()
  } catch (e) {
    if (e instanceof ServerProblem && e.status === 409 && e.current && view.value) {
      const theirs = e.current as StoredRoutine
      const theirView = await api.check({
        ...draft.value,
        purpose: theirs.purpose,
        budgetSeconds: theirs.budgetSeconds,
        steps: theirs.steps,
      })
      conflict.value = { theirs, theirView, own: view.value }
      saving.value = false
    } else message.value = (e as Error).message
  } finally {
    busy.value = false
  }
}
async function keepMine() {
  const theirs = conflict.value?.theirs
  if (!theirs) return
  bench.stored(theirs.id, theirs.version, work.value.title)
  conflict.value = null
  await save(false)
}
function takeTheirs() {
  const theirs = conflict.value?.theirs
  if (!theirs) return
  open(theirs)
  conflict.value = null
}
function open(stored: StoredRoutine) {
  bench.replace({
    draft: {
      ...emptyDraft(),
      clientId: stored.clientId,
      purpose: stored.purpose,
      budgetSeconds: stored.budgetSeconds,
      steps: stored.steps,
    },
    title: stored.title,
    routineId: stored.id,
    owner: stored.clientId,
    version: stored.version,
  })
  chosen.value = stored.steps[0]?.key ?? null
}
async function openStored(summary: RoutineSummary) {
  const stored = await attempt(() => api.routine(summary.id))
  if (stored) open(stored)
}
function openTemplate(template: TemplateView) {
  bench.replace({
    draft: {
      ...draft.value,
      discipline: draft.value.clientId ? null : template.discipline,
      activityId: null,
      purpose: template.purpose,
      budgetSeconds: template.seconds,
      warmed: template.warmed,
      steps: template.steps,
    },
    title: template.title,
    routineId: null,
    owner: null,
    version: 0,
  })
  chosen.value = template.steps[0]?.key ?? null
}
function begin() {
  bench.replace({ ...emptyWork(), draft: { ...emptyDraft(), clientId: draft.value.clientId } })
  chosen.value = null
}

function tryIt(from = 0) {
  void router.push({ path: '/player/try', query: from ? { from: String(from) } : {} })
}

// ---- the address says what is brought along

onMounted(async () => {
  const { client: clientId, routine, exercise } = route.query
  if (typeof routine === 'string') {
    const stored = await attempt(() => api.routine(routine))
    if (stored) open(stored)
  } else if (typeof clientId === 'string' && clientId !== draft.value.clientId) {
    bench.replace({ ...emptyWork(), draft: { ...emptyDraft(), clientId } })
  }
  if (typeof exercise === 'string') {
    chosen.value = bench.add({
      key: '',
      exerciseId: exercise,
      exerciseVersion: Number(route.query.version ?? 0),
      dose: '',
      typed: null,
      position: 'SIT',
      firstSide: 'LEFT',
      released: true,
      pinned: false,
    })
  }
  if (Object.keys(route.query).length) await router.replace('/bench')
  window.addEventListener('keydown', shortcuts)
})
onUnmounted(() => window.removeEventListener('keydown', shortcuts))
function shortcuts(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  if (!(event.ctrlKey || event.metaKey) || target.matches('input, textarea, select')) return
  const key = event.key.toLowerCase()
  if (key === 'z') {
    event.preventDefault()
    if (event.shiftKey) bench.redo()
    else bench.undo()
  } else if (key === 'y') {
    event.preventDefault()
    bench.redo()
  }
}
</script>

<template>
  <main id="main" class="page bench">
    <KindPatterns prefix="kind" />
    <aside aria-label="What for">
      <BenchSide
        :draft="draft"
        :clients="clients.data.value ?? []"
        :client="client"
        :warmed="view?.warmed ?? false"
        @change="bench.change"
      />
      <div class="compose">
        <BButton variant="primary" :disabled="busy" @click="compose">{{
          draft.steps.length ? 'Fill the minutes again' : 'Fill the minutes'
        }}</BButton>
        <BButton
          v-if="draft.steps.length"
          size="sm"
          variant="outline-secondary"
          :disabled="busy"
          @click="another"
          >Another version beside it</BButton
        >
        <p v-if="draft.steps.some((s) => s.pinned)" class="quiet small">Pinned steps stay.</p>
      </div>
      <BenchShelf
        :client-id="draft.clientId"
        :routines="routines.data.value ?? []"
        :templates="templates.data.value ?? []"
        @open="openStored"
        @open-template="openTemplate"
        @changed="routines.reload"
      />
    </aside>
    <div class="work">
      <div v-if="view?.signs.length" class="sign" role="alert">
        <StateMark state="STOP" />
        <div>
          <p v-for="sign in view.signs" :key="sign">{{ sign }}</p>
        </div>
        <RouterLink v-if="draft.clientId" class="push" :to="`/clients/${draft.clientId}/hands`"
          >Record what the clinician said</RouterLink
        >
      </div>
      <header class="head">
        <h1>{{ title }}</h1>
        <p class="length">
          {{ duration(length) }}
          <span class="quiet">of {{ duration(draft.budgetSeconds * 1000) }}</span>
        </p>
        <span class="push" />
        <BButton variant="outline-secondary" :disabled="!bench.canUndo.value" @click="bench.undo"
          >Undo</BButton
        >
        <BButton variant="outline-secondary" :disabled="!bench.canRedo.value" @click="bench.redo"
          >Redo</BButton
        >
        <BButton
          v-if="draft.clientId"
          variant="outline-secondary"
          :disabled="!draft.steps.length"
          @click="tryIt()"
          >Try it</BButton
        >
        <BButton variant="primary" :disabled="!draft.steps.length" @click="openSave">Save</BButton>
      </header>
      <form v-if="saving" class="save" @submit.prevent="save(!work.routineId)">
        <label class="form-label" for="bench-title">Title</label>
        <input id="bench-title" v-model="saveTitle" class="form-control" maxlength="60" />
        <BButton type="submit" variant="primary" :disabled="busy || !saveTitle.trim()">{{
          work.routineId && work.owner !== draft.clientId
            ? `Save a copy for ${client?.facts.name ?? 'everybody'}`
            : work.routineId
              ? `Save version ${work.version + 1}`
              : draft.clientId
                ? `Save for ${client?.facts.name ?? 'the client'}`
                : 'Save as my template'
        }}</BButton>
        <BButton
          v-if="work.routineId"
          variant="outline-secondary"
          :disabled="busy"
          @click="save(true)"
          >Save as another</BButton
        >
        <BButton variant="link" @click="saving = false">Leave it</BButton>
      </form>
      <p v-if="message || bench.error.value" class="message stop" role="alert">
        {{ message || bench.error.value }}
      </p>
      <p v-else-if="notice" class="message good" role="status">
        <StateMark state="GOOD" />{{ notice }}
      </p>

      <section v-if="conflict" class="beside" aria-label="Two versions">
        <p class="message warn" role="alert">
          <StateMark state="WARN" />Somebody else saved this routine meanwhile; nothing of yours is
          lost.
        </p>
        <CompareTapes
          :a="conflict.own"
          :b="conflict.theirView"
          name-a="yours"
          :name-b="`theirs, version ${conflict.theirs.version}`"
        />
        <p class="side-by-side">
          <BButton variant="primary" @click="keepMine">Keep A on top</BButton>
          <BButton variant="outline-secondary" @click="takeTheirs">Go on with B</BButton>
          <BButton variant="outline-secondary" @click="save(true)">Save A as another</BButton>
        </p>
      </section>
      <section v-else-if="other" class="beside" aria-label="Two versions">
        <CompareTapes :a="other.own" :b="other.view" name-a="on the bench" :name-b="other.name" />
        <p class="side-by-side">
          <BButton variant="primary" @click="other = null">Take A</BButton>
          <BButton variant="outline-secondary" @click="takeOther">Take B</BButton>
          <BButton
            v-if="earlier.length < 2"
            variant="outline-secondary"
            :disabled="busy"
            @click="another"
            >A third version</BButton
          >
        </p>
      </section>
      <template v-else>
        <BenchTape
          v-if="steps.length"
          :steps="steps"
          :findings="view?.findings ?? []"
          :space-millis="draft.budgetSeconds * 1000"
          :chosen="chosenStep?.draft.key ?? null"
          @choose="chosen = $event"
          @move="bench.move"
          @longer="longer"
          @remove="remove"
        />
        <div v-else class="empty">
          <p class="large">
            The bench is empty. Choose a client, a purpose and the minutes, then fill them; or take
            something from the shelf.
          </p>
        </div>
        <p v-if="composed?.shortPhases.length && steps.length" class="quiet small">
          {{ composed.shortPhases.join(' ') }}
        </p>
        <p class="tools">
          <BButton size="sm" variant="outline-secondary" @click="drawer = 'add'"
            >Add a step</BButton
          >
          <BButton size="sm" variant="outline-secondary" @click="addPlay"
            >Play easily, a gap</BButton
          >
          <BButton v-if="steps.length" size="sm" variant="link" @click="begin">Clear away</BButton>
          <span v-if="view?.haveReady.length" class="quiet push"
            >Have ready: {{ view.haveReady.join(', ') }}</span
          >
        </p>
        <div class="below">
          <div>
            <OffersDrawer
              v-if="drawer"
              :draft="draft"
              :swapping="drawer === 'swap'"
              @add="add"
              @close="drawer = null"
            />
            <StepEditor
              v-else-if="chosenStep"
              :key="chosenStep.draft.key"
              :step="chosenStep"
              @put="bench.put(chosenStep.draft.key, $event)"
              @sides="share(chosenStep.draft.key, $event)"
              @duplicate="bench.duplicate(chosenStep.draft.key)"
              @remove="remove(chosenStep.draft.key)"
              @swap="drawer = 'swap'"
              @from="tryIt(steps.indexOf(chosenStep))"
            />
          </div>
          <RulesPanel
            v-if="view"
            :view="view"
            @repair="repair"
            @repair-all="repairAll"
            @choose="chosen = $event"
          />
        </div>
        <section v-if="composed?.composed && composed.choices.length" class="reasons">
          <details>
            <summary>Why these: the reason for each step</summary>
            <ol>
              <li v-for="(reason, i) in composed.choices" :key="i">
                <b>{{ titleOf(composed.steps[i]?.key) }}</b>
                {{ capital(reason) }}
              </li>
            </ol>
          </details>
        </section>
      </template>
    </div>
  </main>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: 200px minmax(0, 1fr);
  gap: 32px;
}
.compose {
  display: grid;
  gap: 8px;
  margin: 16px 0;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin-bottom: 8px;
}
.length {
  margin-left: 4px;
  font: 600 1.125rem/1.75rem var(--font);
  white-space: nowrap;
}
.sign {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-bottom: 12px;
  padding: 10px 14px;
  border: 1.5px solid var(--stop);
  background: var(--stop-wash);
  color: var(--stop);
  font-weight: 600;
}
.sign a {
  flex: none;
}
.save {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-bottom: 8px;
  padding: 10px 14px;
  border: 2px solid var(--main);
  border-radius: var(--corner);
  background: var(--surface);
}
.save .form-label {
  margin: 0;
}
.save .form-control {
  flex: 1;
  min-width: 220px;
}
.message {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-bottom: 8px;
  font-weight: 600;
}
.message.stop {
  color: var(--stop);
}
.message.warn {
  color: var(--warn);
}
.message.good {
  color: var(--good);
}
.empty {
  padding: 32px;
  border: 1.25px dashed var(--edge);
  color: var(--ink-2);
  text-align: center;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin: 8px 0 12px;
}
.below {
  display: grid;
  grid-template-columns: minmax(0, 632fr) minmax(280px, 344fr);
  gap: 24px;
}
.beside {
  display: grid;
  gap: 16px;
}
.reasons {
  margin-top: 16px;
}
.reasons li {
  padding: 2px 0;
}
@media (max-width: 1000px) {
  .bench,
  .below {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
