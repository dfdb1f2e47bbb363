<script setup lang="ts">
import { computed, inject, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import type { RegionUseView, Side, Method, VersionView } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import FigurePlayer from '@/hand/FigurePlayer.vue'
import ChoiceRow from '@/parts/ChoiceRow.vue'
import { DISCIPLINES, METHODS, POSITIONS, THINGS } from '@/parts/labels'
import HandMap from '@/hand/HandMap.vue'
import PageState from '@/parts/PageState.vue'
import StateMark from '@/parts/StateMark.vue'
import { capital, counted, duration, shortDate } from '@/parts/words'
import { KINDS } from '@/tape/kinds'
import KindLetter from '@/tape/KindLetter.vue'
import { filters } from './filters'
import LadderRungs from './LadderRungs.vue'
import { RELOAD_LIBRARY } from './libraryPage'
import PrintCard from './PrintCard.vue'
import { regionWords } from './regionWords'

/** Everything about one exercise; for a chosen client, in their notation and with their loads. */
const props = defineProps<{ exerciseId: string }>()

const route = useRoute()
const router = useRouter()
const reloadList = inject(RELOAD_LIBRARY)
const version = computed(() => (route.query.version ? Number(route.query.version) : undefined))
const loaded = useAsked(() =>
  queries.exercise(props.exerciseId, {
    client: filters.client ?? undefined,
    version: version.value,
  }),
)
const versions = ref<readonly VersionView[]>([])
const uses = useAsked(() => queries.exerciseUses(props.exerciseId))
const exercise = computed(() => loaded.data.value)
watch(exercise, (found) => {
  if (found) document.title = `${found.title} – Nimblet`
})
watch(
  () => exercise.value?.currentVersion ?? 0,
  async (count) => {
    versions.value = count > 1 ? await api.exerciseVersions(props.exerciseId) : []
  },
)

const method = ref<Method | null>(null)
watch(
  exercise,
  (found) => {
    if (!found?.doses.some((d) => d.method === method.value))
      method.value = found?.doses[0]?.method ?? null
  },
  { immediate: true },
)
const methods = computed(() =>
  (exercise.value?.doses ?? []).map((d) => ({ value: d.method, label: METHODS[d.method] })),
)
const dose = computed(() => exercise.value?.doses.find((d) => d.method === method.value))
const own = computed(() => (exercise.value?.currentVersion ?? 0) > 0)
const old = computed(
  () => exercise.value && exercise.value.version !== exercise.value.currentVersion,
)
const unsuited = useAsked(() =>
  filters.client
    ? queries.unsuited(filters.client)
    : queries.own(['unsuited'], () => Promise.resolve([])),
)
const reason = computed(
  () => unsuited.data.value?.find((u) => u.exerciseId === props.exerciseId)?.reason,
)

const message = ref('')
async function act(what: () => Promise<unknown>, said: string) {
  message.value = ''
  try {
    await what()
    message.value = said
    await Promise.all([loaded.reload(), reloadList?.()])
  } catch (e) {
    message.value = (e as Error).message
  }
}
async function remove() {
  try {
    const { archived } = await api.removeExercise(props.exerciseId)
    await reloadList?.()
    if (archived) {
      message.value = 'It stands in a log, so it was put away instead of deleted.'
      await loaded.reload()
    } else await router.push('/library')
  } catch (e) {
    message.value = (e as Error).message
  }
}
const print = () => window.print()
/** Drawn on both hands: right the side that acts, left the hand that helps. */
const onTheHands = computed(() => {
  const of = (side: Side, uses: readonly RegionUseView[]) =>
    uses.map((use) => ({ side, region: use.region, level: use.level }))
  return exercise.value
    ? [...of('RIGHT', exercise.value.uses), ...of('LEFT', exercise.value.helper)]
    : []
})
/** "loads thumb; palm · moves or touches neck" */
const usedWords = (uses: readonly RegionUseView[]) =>
  [3, 2, 1]
    .map((level) => uses.filter((use) => use.level === level))
    .filter((some) => some.length)
    .map((some) => `${some[0]?.words ?? ''} ${regionWords(some.map((use) => use.region))}`)
    .join(' · ')
</script>

<template>
  <PageState
    :loading="loaded.slow.value"
    :error="loaded.error.value"
    :ready="Boolean(exercise)"
    @retry="loaded.reload"
  >
    <template v-if="exercise">
      <PrintCard :exercise="exercise" />
      <article class="no-print" :data-exercise="exercise.id">
        <header>
          <h2><KindLetter :kind="exercise.kind" /> {{ exercise.title }}</h2>
          <div class="head">
            <p>{{ exercise.purpose }}</p>
            <div class="buttons">
              <RouterLink class="btn btn-primary btn-sm" :to="`/library/${exercise.id}/copy`"
                >Make a variant</RouterLink
              >
              <RouterLink
                class="btn btn-outline-secondary btn-sm"
                :to="{
                  path: '/bench',
                  query: { exercise: exercise.id, version: String(exercise.version) },
                }"
                >Put on the bench</RouterLink
              >
              <RouterLink
                v-if="own"
                class="btn btn-outline-secondary btn-sm"
                :to="`/library/${exercise.id}/edit`"
                >Change it</RouterLink
              >
              <BButton size="sm" variant="outline-secondary" @click="print">Print</BButton>
              <template v-if="own">
                <BButton
                  v-if="exercise.archived"
                  size="sm"
                  variant="outline-secondary"
                  @click="act(() => api.restoreExercise(exerciseId), 'Offered again.')"
                  >Offer it again</BButton
                >
                <BButton
                  v-else
                  size="sm"
                  variant="outline-secondary"
                  @click="act(() => api.archiveExercise(exerciseId), 'Put away.')"
                  >Put away</BButton
                >
                <BButton size="sm" variant="link" @click="remove">Delete</BButton>
              </template>
            </div>
          </div>
          <p v-if="message" role="status" class="word">{{ message }}</p>
          <p v-if="old" class="word warn">
            <StateMark state="WARN" />Version {{ exercise.version }}, as it was then.
            <RouterLink :to="`/library/${exercise.id}`">To the words of today</RouterLink>
          </p>
          <p v-if="exercise.archived" class="word warn">
            <StateMark state="WARN" />Put away: it is no longer offered.
          </p>
          <p v-if="reason" class="word warn"><StateMark state="WARN" />{{ reason }}</p>
        </header>
        <div class="top">
          <FigurePlayer
            :figure="exercise.figure"
            :cues="exercise.cues"
            :height="216"
            :label="exercise.title"
          />
        </div>
        <div class="facts">
          <dl>
            <dt>Dose</dt>
            <dd>
              <p v-for="one in exercise.doses" :key="one.method">
                <b>{{ one.words }}</b><span class="quiet"
                  >, {{ duration(one.seconds * 1000)
                  }}<template v-if="exercise.doses.length > 1"
                    >: {{ one.methodWord }}</template
                  ></span
                >
              </p>
            </dd>
            <dt>Set-up</dt>
            <dd>{{ exercise.setUp }}</dd>
            <dt>Action</dt>
            <dd>
              <ol>
                <li v-for="line in exercise.action" :key="line">{{ line }}</li>
              </ol>
            </dd>
            <template v-if="exercise.ways.length">
              <dt>In turn</dt>
              <dd>
                <ol class="ways">
                  <li v-for="way in exercise.ways" :key="way">{{ way }}</li>
                </ol>
              </dd>
            </template>
            <dt>Cue</dt>
            <dd>{{ exercise.cue }}</dd>
            <dt>Breath</dt>
            <dd>{{ exercise.breath }}</dd>
            <dt>Felt</dt>
            <dd>{{ exercise.feltAt }}</dd>
            <dt>Serves</dt>
            <dd>
              <span v-for="target in exercise.serves" :key="target.id" class="served"
                >{{ target.word }} <b>{{ target.points }}</b></span
              >
            </dd>
          </dl>
          <dl>
            <dt class="warn">Cautions</dt>
            <dd>
              <p v-for="line in exercise.cautions" :key="line">{{ line }}</p>
            </dd>
            <template v-if="exercise.stopRules.length">
              <dt class="stop">Stop</dt>
              <dd>
                <p v-for="line in exercise.stopRules" :key="line">{{ line }}</p>
              </dd>
            </template>
            <dt>Mistakes</dt>
            <dd>
              <p v-for="line in exercise.mistakes" :key="line">{{ line }}</p>
            </dd>
            <dt>Easier</dt>
            <dd>
              {{ exercise.easier.words }}
              <RouterLink
                v-if="exercise.easier.exercise"
                :to="`/library/${exercise.easier.exercise.id}`"
                >{{ exercise.easier.exercise.title }}</RouterLink
              >
            </dd>
            <dt>Harder</dt>
            <dd>
              {{ exercise.harder.words }}
              <RouterLink
                v-if="exercise.harder.exercise"
                :to="`/library/${exercise.harder.exercise.id}`"
                >{{ exercise.harder.exercise.title }}</RouterLink
              >
            </dd>
            <template v-if="exercise.muchLike.length">
              <dt>Much like</dt>
              <dd>
                <p v-for="other in exercise.muchLike" :key="other.id">
                  <RouterLink :to="`/library/${other.id}`">{{ other.title }}</RouterLink>
                </p>
                <p class="quiet">One of them is enough.</p>
              </dd>
            </template>
            <template v-if="exercise.firstChoices.length">
              <dt>First choice</dt>
              <dd>
                <p v-for="line in exercise.firstChoices" :key="line">{{ line }}</p>
              </dd>
            </template>
            <dt>Where</dt>
            <dd>{{ exercise.positions.map((p) => POSITIONS[p].toLowerCase()).join(', ') }}</dd>
            <dt>Have ready</dt>
            <dd>
              {{ exercise.things.map((t) => THINGS[t].toLowerCase()).join(', ') || 'nothing' }}
              <p v-for="other in exercise.standIns" :key="other.standIn" class="quiet">
                or {{ other.standInWord
                }}<template v-if="other.changes">: {{ other.changes }}</template
                >. {{ other.words }}
              </p>
            </dd>
            <template v-if="exercise.disciplines.length">
              <dt>For</dt>
              <dd>
                {{ exercise.disciplines.map((d) => DISCIPLINES[d].toLowerCase()).join(', ') }}
              </dd>
            </template>
            <dt>Stands</dt>
            <dd>
              {{ exercise.beforePlay ? 'before play too' : 'not before play'
              }}{{ exercise.needsWarmth ? ', in warm hands only' : ''
              }}{{ exercise.tires ? ', tires what it works' : ''
              }}{{ exercise.recovery === 'REST_DAY' ? ', with a rest day after' : '' }}
            </dd>
          </dl>
        </div>
        <section class="body used" aria-label="Uses">
          <h3>Uses</h3>
          <HandMap
            v-if="onTheHands.length"
            :pains="onTheHands"
            :height="190"
            numbers="use"
            :names="{ LEFT: exercise.helper.length ? 'Helps' : '', RIGHT: 'Acts' }"
          />
          <div>
            <p>{{ capital(usedWords(exercise.uses)) }}.</p>
            <p v-if="exercise.helper.length">
              The hand that helps {{ usedWords(exercise.helper) }}.
            </p>
            <p v-if="exercise.role">For {{ exercise.role }}, whichever hand is dominant.</p>
          </div>
        </section>
        <section
          v-if="exercise.closedWithSigns.length || exercise.closedWithConditions.length"
          class="signs"
        >
          <h3>Closed with</h3>
          <p v-if="exercise.closedWithConditions.length">
            <b>Conditions:</b> {{ exercise.closedWithConditions.join('; ') }}.
          </p>
          <p v-if="exercise.closedWithSigns.length">
            <b>Signs:</b> {{ exercise.closedWithSigns.join('; ') }}.
          </p>
          <p class="quiet">
            {{ exercise.closedBecause.join(' ') }} A clinician first, on the side where it is.
          </p>
        </section>
        <p v-if="exercise.coachOnly" class="quiet">Only a coach puts it into a routine.</p>
        <section class="ladder">
          <header class="line-up">
            <h3>Ladder</h3>
            <ChoiceRow
              v-if="methods.length > 1"
              v-model="method"
              label="Method"
              :options="methods"
            />
          </header>
          <LadderRungs v-if="dose" :kind="exercise.kind" :rungs="dose.rungs" />
          <p v-if="dose" class="quiet small">
            {{ capital(dose.methodWord) }}; within {{ dose.least }} and {{ dose.greatest }}.
            Intensity {{ exercise.intensity }} of 5, {{ KINDS[exercise.kind].word.toLowerCase() }}.
          </p>
        </section>
        <section v-if="versions.length > 1" class="ladder">
          <h3>Versions</h3>
          <ul class="uses">
            <li v-for="one in versions" :key="one.number">
              <RouterLink :to="`/library/${exercise.id}?version=${one.number}`"
                >Version {{ one.number }}</RouterLink
              >
              <span class="quiet">{{ shortDate(one.savedAt.slice(0, 10)) }}</span>
            </li>
          </ul>
        </section>
        <section class="ladder">
          <h3>Who uses it</h3>
          <ul v-if="uses.data.value?.length" class="uses">
            <li v-for="use in uses.data.value" :key="use.clientId">
              <RouterLink :to="`/clients/${use.clientId}/log`">{{ use.name }}</RouterLink>
              <span class="quiet"
                >{{ counted(use.times, 'time') }}, last {{ shortDate(use.lastDone) }}</span
              >
            </li>
          </ul>
          <p v-else class="quiet">Nobody yet.</p>
        </section>
      </article>
    </template>
  </PageState>
</template>

<style scoped>
.used {
  display: grid;
  grid-template-columns: minmax(0, 250px) minmax(0, 1fr);
  gap: 4px 24px;
}
.used h3 {
  grid-column: 1 / -1;
}
article {
  padding: 16px 24px 24px;
}
h2 {
  display: flex;
  gap: 10px;
  align-items: center;
  font-size: 1.5rem;
  line-height: 2rem;
}
.word {
  display: flex;
  gap: 6px;
  align-items: center;
  font-weight: 600;
}
.warn {
  color: var(--warn);
}
.stop {
  color: var(--stop);
}
.top {
  margin: 8px 0 12px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
  margin-top: 4px;
}
.head p {
  flex: 1 1 280px;
  margin: 0;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-left: auto;
}
.facts {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0 24px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
dl {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr);
  gap: 4px 12px;
  align-content: start;
  margin: 0;
}
dt {
  font-weight: 400;
}
dt:not(.warn, .stop) {
  color: var(--ink-2);
}
dd,
dd p {
  margin: 0;
}
ol {
  margin: 0;
  padding-left: 18px;
  list-style: decimal;
}
.served {
  display: inline-block;
  margin-right: 10px;
  white-space: nowrap;
}
.signs {
  margin: 12px 0 0;
  padding: 8px 12px;
  border-left: 3px solid var(--warn);
  background: var(--warn-wash);
}
.ladder {
  margin-top: 14px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
}
.ladder header {
  justify-content: space-between;
  margin-bottom: 8px;
}
h3 {
  font-size: 0.875rem;
}
.uses {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 24px;
}
@media (max-width: 1100px) {
  .facts {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
