<script setup lang="ts">
import { computed, onScopeDispose, ref } from 'vue'
import { queries } from '@/api/queries'
import type { ClaspView, MoveView } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import PageState from '@/parts/PageState.vue'
import { minutesWords } from './minutes'
import TempoStepper from './TempoStepper.vue'
import ClaspFree from './ClaspFree.vue'
import { useTempo } from './useTempo'
import { useWalk } from './useWalk'
import WorkshopFrame from './WorkshopFrame.vue'

/** The clasps with their forms round the hub, and the walk through all of them. */
const props = defineProps<{ clientId: string }>()

const HUB = 'INTERLACED'
const asked = useAsked(() => queries.clasps(props.clientId))
const clasps = computed(() => asked.data.value)
/** Only the changes of one clasp, or all of them. */
const only = ref<string | null>(null)
const { tempo: bpm } = useTempo(() => clasps.value?.tempo)
const counts = computed(() => clasps.value?.counts ?? 1)
const of = (clasp: ClaspView) => new Set(clasp.forms.map((form) => form.pose))
const walk = computed<readonly MoveView[]>(() => {
  const all = clasps.value?.walk ?? []
  const clasp = clasps.value?.clasps.find((one) => one.letter === only.value)
  if (!clasp) return all
  const forms = of(clasp)
  return all.filter((move) => forms.has(move.from ?? '') || forms.has(move.to ?? ''))
})
const walking = useWalk(walk, bpm, counts)
onScopeDispose(walking.stop)
const here = computed(() => walk.value[walking.place.value])
const visited = computed(
  () => new Set(walk.value.slice(0, walking.place.value).map((move) => move.to)),
)
const NEAR = 2
const near = computed(() => {
  const from = Math.max(0, walking.place.value - NEAR)
  return walk.value.slice(from, from + 2 * NEAR + 2).map((move, i) => ({ move, at: from + i }))
})
/** All that may be shown large, so that the picture keeps its size. */
const poses = computed(() => [
  HUB,
  ...(clasps.value?.clasps ?? []).flatMap((clasp) => clasp.forms.map((form) => form.pose)),
])
const lasts = computed(() => (walk.value.length * 2 * counts.value * 60) / bpm.value)
const letterOf = (move: MoveView) =>
  clasps.value?.clasps.find((clasp) => of(clasp).has(move.to ?? move.from ?? ''))?.letter ?? ''
function choose(letter: string | null) {
  walking.stop()
  only.value = letter
}
/** In which clasp the free fingers are drilled, instead of the walk. */
const free = ref<string | null>(null)
const freeIn = computed(() => clasps.value?.clasps.find((one) => one.letter === free.value))
function drillFree(letter: string | null) {
  walking.stop()
  free.value = letter
}
</script>

<template>
  <main id="main" class="page">
    <WorkshopFrame :client-id="clientId" on="clasps" />
    <PageState
      :loading="asked.slow.value"
      :error="asked.error.value"
      :ready="Boolean(clasps)"
      @retry="asked.reload"
    >
      <div v-if="clasps" class="columns">
        <div class="graph">
          <section v-for="clasp in clasps.clasps" :key="clasp.letter" class="clasp">
            <h2>
              {{ clasp.letter }} <span>{{ clasp.words }}</span>
            </h2>
            <p class="quiet">{{ clasp.held }}</p>
            <div class="forms" :class="{ four: clasp.forms.length > 2 }">
              <figure
                v-for="form in clasp.forms"
                :key="form.pose"
                :class="{ on: here?.to === form.pose, visited: visited.has(form.pose) }"
              >
                <ExerciseFigure
                  view="PAIR"
                  :poses="[form.pose]"
                  :from="form.pose"
                  :to="form.pose"
                  sides="BOTH"
                  :label="`${clasp.words}: ${form.words}`"
                  :height="96"
                />
                <figcaption>{{ form.words }}</figcaption>
              </figure>
            </div>
            <BButton
              size="sm"
              variant="outline-secondary"
              :pressed="only === clasp.letter"
              @click="choose(only === clasp.letter ? null : clasp.letter)"
              >{{
                only === clasp.letter ? 'All clasps again' : `Only the tops of ${clasp.letter}`
              }}</BButton
            >
            <BButton size="sm" variant="link" @click="drillFree(clasp.letter)"
              >Free fingers in {{ clasp.letter }}</BButton
            >
          </section>
        </div>
        <aside v-if="freeIn">
          <ClaspFree :clasp="freeIn" :bpm="bpm" @grip="drillFree" @close="drillFree(null)" />
          <TempoStepper v-model="bpm" class="tempo" :range="clasps.tempo" words="bpm" />
          <figure class="large">
            <ExerciseFigure
              view="PAIR"
              :poses="poses"
              :from="freeIn.forms[0]?.pose ?? HUB"
              :to="freeIn.forms[0]?.pose ?? HUB"
              sides="BOTH"
              :label="`${freeIn.words}, held`"
              :height="220"
            />
          </figure>
          <p class="quiet">
            Touching is enough for the little finger. Nothing may pull or tingle: then let go and
            shake out.
          </p>
        </aside>
        <aside v-else>
          <h1>{{ only ? `The tops of ${only}` : 'A walk through every form' }}</h1>
          <p class="quiet">Every change of top, both ways; back at the hub.</p>
          <dl>
            <dt>forms</dt>
            <dd>{{ new Set(walk.map((move) => move.to).filter(Boolean)).size }}</dd>
            <dt>moves</dt>
            <dd>{{ walk.length }}</dd>
            <dt>changes of top</dt>
            <dd>{{ walk.filter((move) => move.changesTop).length }}</dd>
            <dt>at {{ bpm }} bpm</dt>
            <dd>{{ minutesWords(lasts) }}</dd>
          </dl>
          <figure class="large">
            <ExerciseFigure
              view="PAIR"
              :poses="poses"
              :from="here?.from ?? HUB"
              :to="here?.to ?? HUB"
              :progress="walking.share.value"
              sides="BOTH"
              :label="here ? here.words : 'The hub: fingers interlaced'"
              :height="220"
              moving
            />
          </figure>
          <p class="now" role="status">
            <template v-if="walking.on.value">
              <b>{{ walking.place.value + 1 }}</b> {{ here?.words }}
              <span class="quiet"
                >{{ walking.forward.value ? 'forward' : 'and back' }}, {{ walking.count.value }} of
                {{ counts }}</span
              >
            </template>
            <template v-else
              >The hub: fingers interlaced. Every clasp starts and ends here.</template
            >
          </p>
          <ol class="moves" aria-label="Now and next">
            <li
              v-for="{ move, at } in near"
              :key="at"
              :class="{ on: walking.on.value && at === walking.place.value }"
            >
              <b>{{ at + 1 }}</b> <span class="letter">{{ letterOf(move) }}</span> {{ move.words }}
              <span class="quiet">{{ counts }} + {{ counts }}</span>
            </li>
          </ol>
          <div class="acts">
            <BButton
              variant="primary"
              @click="walking.on.value ? walking.stop() : walking.start()"
              >{{ walking.on.value ? 'Stop' : 'Start the walk' }}</BButton
            >
            <BButton v-if="walking.on.value" variant="outline-secondary" @click="walking.lost()"
              >I lost it</BButton
            >
            <TempoStepper v-model="bpm" :range="clasps.tempo" words="bpm" />
          </div>
          <p class="quiet">
            Touching is enough for the little finger. Nothing may pull or tingle: then let go and
            shake out.
          </p>
        </aside>
      </div>
    </PageState>
  </main>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 32px;
}
.graph {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 16px 20px;
  align-content: start;
}
.clasp h2 {
  margin: 0;
  font-size: 0.875rem;
  line-height: 1.25rem;
}
.clasp h2 span {
  display: inline-block;
}
.clasp h2 span::first-letter {
  text-transform: uppercase;
}
.clasp p {
  margin: 0 0 6px;
  font-size: 0.8125rem;
}
.tempo {
  width: fit-content;
  margin: 12px 0;
}
.forms {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin-bottom: 8px;
}
.forms figure {
  margin: 0;
  padding: 4px;
  border: 1.5px solid var(--line);
  background: var(--surface);
  text-align: center;
}
.forms figure.visited {
  border-color: var(--main);
}
.forms figure.on {
  outline: 2px solid var(--ink);
}
.forms svg {
  display: block;
  width: auto;
  max-width: 100%;
  height: 84px;
  margin: 0 auto;
}
figcaption {
  font-size: 0.75rem;
  line-height: 0.9375rem;
}
dl {
  display: grid;
  grid-template-rows: auto auto;
  grid-auto-flow: column;
  gap: 0 20px;
  margin: 12px 0;
}
dt {
  color: var(--ink-2);
  font-size: 0.8125rem;
  font-weight: 400;
}
dd {
  margin: 0;
  font-size: 1.25rem;
  font-weight: 700;
}
.large {
  margin: 0;
  text-align: center;
}
.large svg {
  display: block;
  width: auto;
  height: 190px;
  margin: 0 auto;
}
.now {
  min-height: 44px;
}
.moves {
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
}
.moves li {
  display: flex;
  gap: 12px;
  padding: 8px;
  border-top: 1px solid var(--line);
}
.moves li .quiet {
  margin-left: auto;
  white-space: nowrap;
}
.moves .on {
  border: 2px solid var(--ink);
  font-weight: 700;
}
.letter {
  color: var(--main);
  font-weight: 700;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-bottom: 12px;
}
@media (max-width: 1100px) {
  .columns,
  .graph {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
