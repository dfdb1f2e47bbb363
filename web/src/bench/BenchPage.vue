<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { ClientView } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { PURPOSES } from '@/parts/labels'
import StateMark from '@/parts/StateMark.vue'
import { useUndoKeys } from '@/parts/useUndoKeys'
import KindPatterns from '@/tape/KindPatterns.vue'
import BenchHead from './BenchHead.vue'
import BenchShelf from './BenchShelf.vue'
import BenchSide from './BenchSide.vue'
import BenchTape from './BenchTape.vue'
import BenchTools from './BenchTools.vue'
import ComposeKeys from './ComposeKeys.vue'
import CompareTapes from './CompareTapes.vue'
import LinesPanel from './LinesPanel.vue'
import OffersDrawer from './OffersDrawer.vue'
import ReasonsList from './ReasonsList.vue'
import RulesPanel from './RulesPanel.vue'
import SaveForm from './SaveForm.vue'
import ShelfTapes from './ShelfTapes.vue'
import SignLine from './SignLine.vue'
import StepEditor from './StepEditor.vue'
import { useArrival } from './useArrival'
import { useBench } from './useBench'
import { useKeeping } from './useKeeping'
import { useSteps } from './useSteps'
import { useVersions } from './useVersions'

/** Where a routine is made: composed, changed by hand, checked as it changes, kept. */
const router = useRouter()
const bench = useBench()
const { draft, view, steps, work } = bench

const clients = useAsked(() => queries.clients())
const themes = useAsked(() => queries.themes())
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
const broken = computed(() => [
  ...new Set((view.value?.findings ?? []).filter((f) => f.severity !== 'NOTE').map((f) => f.title)),
])
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
const { composed, proposed, compose, other, earlier, another, takeOther } = useVersions(
  bench,
  chosen,
  message,
  attempt,
)
const stepping = useSteps(bench, chosen, attempt)
const { chosenStep, drawer, repair, share, turn, longer, remove, add, say, addPlay } = stepping
const {
  saving,
  saveTitle,
  saveWord,
  conflict,
  openSave,
  save,
  keepMine,
  takeTheirs,
  open,
  openStored,
  openTemplate,
  begin,
} = useKeeping(bench, {
  chosen,
  title,
  message,
  notice,
  busy,
  attempt,
  clientName: () => client.value?.facts.name,
  saved: () => void routines.reload(),
  proposed,
})

function tryIt(from = 0) {
  void router.push({ path: '/player/try', query: from ? { from: String(from) } : {} })
}

useArrival(bench, chosen, open, attempt)
useUndoKeys(bench.undo, bench.redo)
</script>

<template>
  <main id="main" class="page bench">
    <KindPatterns prefix="kind" />
    <aside aria-label="What for">
      <BenchSide
        :draft="draft"
        :clients="clients.data.value ?? []"
        :themes="themes.data.value ?? []"
        :client="client"
        :warmed="view?.warmed ?? false"
        @change="bench.change"
        @themes="themes.reload"
      />
      <ComposeKeys
        :busy="busy"
        :empty="!draft.steps.length"
        :pinned="draft.steps.some((s) => s.pinned)"
        @compose="compose()"
        @said="compose"
        @another="another"
      />
      <RouterLink class="btn btn-sm btn-outline-secondary hand" to="/bench/hand"
        >Your hand</RouterLink
      >
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
      <SignLine v-if="view?.signs.length" :signs="view.signs" :client-id="draft.clientId" />
      <BenchHead
        :title="title"
        :length-millis="length"
        :budget-seconds="draft.budgetSeconds"
        :can-undo="bench.canUndo.value"
        :can-redo="bench.canRedo.value"
        :empty="!draft.steps.length"
        @undo="bench.undo"
        @redo="bench.redo"
        @try="tryIt()"
        @save="openSave"
      />
      <SaveForm
        v-if="saving"
        v-model="saveTitle"
        :word="saveWord"
        :known="Boolean(work.routineId)"
        :busy="busy"
        :broken="broken"
        @save="save(!work.routineId)"
        @another="save(true)"
        @leave="saving = false"
      />
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
          :view="conflict.view"
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
        <CompareTapes :view="other.view" name-a="on the bench" :name-b="other.name" />
        <p class="side-by-side">
          <BButton variant="primary" @click="other = null">Take A</BButton>
          <BButton variant="outline-secondary" @click="takeOther">Take B</BButton>
          <BButton
            v-if="earlier.length === 1"
            variant="outline-secondary"
            :disabled="busy"
            @click="another('OTHER')"
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
        <BenchTools
          :lines="drawer === 'lines'"
          :empty="!steps.length"
          :have-ready="view?.haveReady ?? []"
          @add="drawer = 'add'"
          @lines="drawer = drawer === 'lines' ? null : 'lines'"
          @play="addPlay"
          @clear="begin"
        />
        <ShelfTapes
          v-if="!steps.length && !drawer"
          :purpose="draft.purpose"
          :templates="templates.data.value ?? []"
          @open="openTemplate"
        />
        <div v-if="steps.length || drawer" class="below">
          <div>
            <LinesPanel
              v-if="drawer === 'lines'"
              :draft="draft"
              @say="say"
              @close="drawer = null"
            />
            <OffersDrawer
              v-else-if="drawer"
              :draft="draft"
              :swapping="drawer === 'swap'"
              @add="add"
              @close="drawer = null"
            />
            <StepEditor
              v-else-if="chosenStep"
              :key="chosenStep.draft.key"
              :step="chosenStep"
              :last="chosenStep === steps.at(-1)"
              @put="bench.put(chosenStep.draft.key, $event)"
              @sides="share(chosenStep.draft.key, $event)"
              @duplicate="bench.duplicate(chosenStep.draft.key)"
              @turn="turn(chosenStep.draft.key, $event)"
              @remove="remove(chosenStep.draft.key)"
              @swap="drawer = 'swap'"
              @from="tryIt(steps.indexOf(chosenStep))"
            />
          </div>
          <RulesPanel
            v-if="view"
            :view="view"
            :repairs="bench.repairs.value"
            @repair="repair"
            @choose="chosen = $event"
          />
        </div>
        <ReasonsList
          v-if="composed?.composed && composed.choices.length"
          :composed="composed"
          :title-of="titleOf"
        />
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
.hand {
  margin-bottom: 12px;
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
.below {
  display: grid;
  grid-template-columns: minmax(0, 632fr) minmax(280px, 344fr);
  gap: 24px;
}
.beside {
  display: grid;
  gap: 16px;
}
@media (max-width: 1000px) {
  .bench,
  .below {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
