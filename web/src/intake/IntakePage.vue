<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import type { ClientForm, HealthView, IntakeQuestion } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import ActivitiesPart from './ActivitiesPart.vue'
import AtHandPart from './AtHandPart.vue'
import HowPart from './HowPart.vue'
import WhoPart from './WhoPart.vue'
import { copy, same } from '@/form/forms'
import MindedPart from './MindedPart.vue'
import WeeklyTimes from './WeeklyTimes.vue'
import PainPart from './PainPart.vue'
import SignsPart from './SignsPart.vue'

/** Taking in a client in about three minutes: five parts, in any order, each can be left. */
const props = defineProps<{ clientId: string }>()

interface Part {
  readonly id: string
  readonly title: string
  readonly seconds: number
  readonly questions: readonly IntakeQuestion[]
  /** Whether it is written into the form; what is told of pain is kept at once. */
  readonly written: boolean
}
const PARTS: readonly Part[] = [
  {
    id: 'who',
    title: 'Who',
    seconds: 20,
    questions: ['NAME', 'DOMINANT_HAND', 'AGE', 'CLASP'],
    written: true,
  },
  {
    id: 'activities',
    title: 'What the hands do',
    seconds: 45,
    questions: ['ACTIVITIES', 'WEIGHTS'],
    written: true,
  },
  {
    id: 'pain',
    title: 'Pain and signs',
    seconds: 50,
    questions: ['PAIN', 'SIGNS', 'CONDITIONS'],
    written: false,
  },
  {
    id: 'hand',
    title: 'What is at hand',
    seconds: 25,
    questions: ['POSITIONS', 'THINGS', 'OWN_WEIGHTS'],
    written: true,
  },
  {
    id: 'time',
    title: 'How and when',
    seconds: 40,
    questions: ['METHOD', 'BREATH', 'NOTATION', 'MINUTES'],
    written: true,
  },
]

const route = useRoute()
const router = useRouter()
const client = useAsked(() => queries.clientForm(props.clientId))
const health = shallowRef<HealthView | null>(null)
const loadedHealth = useAsked(() => queries.health(props.clientId))
watch(loadedHealth.data, (found) => {
  if (found) health.value = found
})
const form = ref<ClientForm | null>(null)
watch(client.data, (found) => {
  if (found) form.value = copy(found.facts)
})
const problems = ref<readonly FieldProblem[]>([])
const message = ref('')
const busy = ref(false)

const at = computed(() => {
  const found = PARTS.findIndex((part) => part.id === route.query.part)
  return Math.max(0, found)
})
const part = computed(() => PARTS[at.value] as Part)
const answered = computed(() => new Set(form.value?.intakeAnswered ?? []))
const count = (one: Part) => one.questions.filter((q) => answered.value.has(q)).length
const left = computed(() =>
  PARTS.reduce((sum, one) => sum + one.seconds * (1 - count(one) / one.questions.length), 0),
)
const leftWords = computed(() => {
  const seconds = Math.round(left.value / 5) * 5
  const minutes = Math.floor(seconds / 60)
  if (!seconds) return 'everything was asked'
  return `about ${minutes ? `${minutes}\u00a0min ` : ''}${seconds % 60 ? `${seconds % 60}\u00a0s ` : ''}left`
})
const words = (one: Part) => {
  const n = count(one)
  return n === one.questions.length
    ? 'all'
    : n === 0
      ? 'none yet'
      : `${n} of ${one.questions.length}`
}
const today = new Date().toISOString().slice(0, 10)

/** What the hands do is asked only once there is something of it. */
const EMPTY_WITHOUT_ACTIVITIES: readonly IntakeQuestion[] = ['ACTIVITIES', 'WEIGHTS']
function answer(asked: readonly IntakeQuestion[]) {
  if (!form.value) return
  const none = form.value.activities.length === 0
  const questions = asked.filter((q) => !none || !EMPTY_WITHOUT_ACTIVITIES.includes(q))
  form.value.intakeAnswered = [...new Set([...form.value.intakeAnswered, ...questions])]
}
/** Saves what was written; whether it could be. */
async function save(): Promise<boolean> {
  const now = form.value
  if (!now || !client.data.value || same(now, client.data.value.facts)) return true
  busy.value = true
  problems.value = []
  message.value = ''
  try {
    await api.saveClient(props.clientId, now)
    await client.reload()
    return true
  } catch (e) {
    if (e instanceof ServerProblem) problems.value = e.errors
    message.value = (e as Error).message
    return false
  } finally {
    busy.value = false
  }
}
async function go(index: number) {
  if (part.value.written) answer(part.value.questions)
  if (!(await save())) return
  const to = PARTS[index]
  if (to) await router.replace({ query: { part: to.id } })
}
async function leave() {
  if (await save()) await router.push(`/clients/${props.clientId}/hands`)
}
async function done() {
  if (part.value.written) answer(part.value.questions)
  if (await save()) await router.push(`/clients/${props.clientId}/hands`)
}
function move(event: KeyboardEvent) {
  const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key]
  if (!by) return
  event.preventDefault()
  const to = (at.value + by + PARTS.length) % PARTS.length
  void go(to).then(() => {
    const bar = (event.target as HTMLElement).closest('nav')
    ;(bar?.querySelectorAll('button')[to] as HTMLElement | undefined)?.focus()
  })
}
</script>

<template>
  <main id="main" class="page">
    <PageState
      :loading="client.slow.value"
      :error="client.error.value ?? loadedHealth.error.value"
      :ready="Boolean(form && health)"
      @retry="client.reload"
    >
      <template v-if="form && health">
        <header class="line-up head">
          <h1>{{ form.name }}</h1>
          <span class="quiet large">new client; any order, all can be changed later</span>
          <span class="push quiet">{{ leftWords }}</span>
          <BButton variant="outline-secondary" :disabled="busy" @click="leave"
            >Leave for later</BButton
          >
          <BButton variant="primary" :disabled="busy" @click="done">Take in now</BButton>
        </header>
        <nav class="parts ribbon-edge" aria-label="Parts of the intake" @keydown="move">
          <button
            v-for="(one, i) in PARTS"
            :key="one.id"
            type="button"
            :style="{ flexGrow: one.seconds }"
            :aria-current="i === at ? 'step' : undefined"
            @click="go(i)"
          >
            <b>{{ one.title }}</b>
            <small>{{ words(one) }}</small>
            <span class="feet" aria-hidden="true">
              <i v-for="q in one.questions" :key="q" :class="{ on: answered.has(q) }" />
            </span>
          </button>
        </nav>
        <p v-if="message" class="message" role="alert">{{ message }}</p>
        <div v-if="part.written" class="facts">
          <WhoPart v-if="part.id === 'who'" v-model="form" :problems="problems" />
          <ActivitiesPart
            v-else-if="part.id === 'activities'"
            v-model="form"
            :problems="problems"
            :discipline="client.data.value?.discipline ?? null"
          />
          <AtHandPart v-else-if="part.id === 'hand'" v-model="form" :problems="problems" />
          <template v-else>
            <HowPart v-model="form" :client-id="clientId" :problems="problems" />
            <WeeklyTimes
              :client-id="clientId"
              :ready="(client.data.value?.facts.activities.length ?? 0) > 0"
            />
          </template>
        </div>
        <div v-else class="halves">
          <PainPart
            :client-id="clientId"
            :health="health"
            :dominant="form.dominantHand"
            :height="300"
            :today="today"
            @told="health = $event"
            @answered="answer(['PAIN'])"
          />
          <div class="signs">
            <SignsPart
              :client-id="clientId"
              :health="health"
              @told="health = $event"
              @answered="answer(['SIGNS'])"
            />
            <MindedPart
              :client-id="clientId"
              :health="health"
              @told="health = $event"
              @answered="answer(['CONDITIONS'])"
            />
            <p v-if="!answered.has('CONDITIONS')">
              <BButton size="sm" variant="outline-secondary" @click="answer(['CONDITIONS'])"
                >No condition is known</BButton
              >
            </p>
          </div>
        </div>
        <p class="side-by-side next">
          <BButton v-if="at > 0" variant="link" @click="go(at - 1)">Back</BButton>
          <BButton
            v-if="at < PARTS.length - 1"
            variant="primary"
            :disabled="busy"
            @click="go(at + 1)"
            >Next: {{ PARTS[at + 1]?.title }}</BButton
          >
          <BButton v-else variant="primary" :disabled="busy" @click="done">Take in now</BButton>
        </p>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.head {
  flex-wrap: wrap;
}
.parts {
  --point: 12px;
  height: 48px;
  margin: 12px 0 24px;
}
.parts button {
  position: relative;
  display: grid;
  flex-basis: 0;
  align-content: center;
  padding: 0 16px;
  border: 1.5px solid transparent;
  background: transparent;
  color: var(--ink);
  text-align: left;
  white-space: nowrap;
}
.parts button[aria-current] {
  border-color: var(--ink);
  background: var(--ground);
}
.parts small {
  font-size: 0.8125rem;
}
.feet {
  position: absolute;
  bottom: -7px;
  left: 16px;
  display: flex;
  gap: 3px;
}
.feet i {
  width: 8px;
  height: 5px;
  border: 1px solid var(--edge);
  background: var(--surface);
}
.feet i.on {
  border-color: var(--main);
  background: var(--main);
}
.halves {
  display: grid;
  grid-template-columns: minmax(0, 11fr) minmax(0, 10fr);
  gap: 40px;
}
.signs {
  display: grid;
  gap: 20px;
  align-content: start;
}
.facts {
  max-width: 960px;
}
.next {
  margin-top: 24px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
.message {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 800px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
  .parts {
    height: auto;
    flex-wrap: wrap;
  }
  .parts::before,
  .parts::after {
    display: none;
  }
  .parts button {
    flex-basis: 40%;
    min-height: 48px;
    margin-bottom: 8px;
    border-color: var(--line);
  }
}
</style>
