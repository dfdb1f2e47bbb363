<script setup lang="ts">
import DateInput from '@/form/DateInput.vue'
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import type { HealthView, MindedForm, Region, Side } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import { MOVEMENTS, REGIONS, keys } from '@/parts/labels'
import { capital, dayMonth } from '@/parts/words'

/** Conditions, what a clinician keeps out or allows, and how far joints go. */
const props = defineProps<{ clientId: string; health: HealthView }>()
const emit = defineEmits<{ told: [health: HealthView]; answered: [] }>()

type Subject = 'CONDITION' | 'REGION' | 'MOVEMENT' | 'EXERCISE' | 'ALLOW' | 'JOINT_LIMIT'
const SUBJECTS: readonly { value: Subject; text: string }[] = [
  { value: 'CONDITION', text: 'A known condition' },
  { value: 'REGION', text: 'Leave a region alone' },
  { value: 'MOVEMENT', text: 'Leave a direction of movement out' },
  { value: 'EXERCISE', text: 'Leave an exercise out' },
  { value: 'ALLOW', text: 'A clinician allows an exercise' },
  { value: 'JOINT_LIMIT', text: 'A joint goes only so far' },
]
const library = useAsked(() => queries.library())
const adding = ref(false)
const subject = ref<Subject>('CONDITION')
const what = ref('')
const sides = ref<Side[]>(['LEFT', 'RIGHT'])
const words = ref('')
const until = ref('')
const error = ref('')
const busy = ref(false)
const choices = computed<{ value: string; text: string }[]>(() => {
  switch (subject.value) {
    case 'CONDITION':
      return props.health.conditions.map((c) => ({ value: c.condition, text: capital(c.word) }))
    case 'MOVEMENT':
      return keys(MOVEMENTS).map((value) => ({ value, text: MOVEMENTS[value] }))
    case 'REGION':
    case 'JOINT_LIMIT':
      return keys(REGIONS).map((value) => ({ value, text: capital(REGIONS[value]) }))
    default:
      return (library.data.value?.rows ?? []).map((row) => ({ value: row.id, text: row.title }))
  }
})
const sided = computed(() => subject.value !== 'EXERCISE' && subject.value !== 'ALLOW')
const condition = computed(() =>
  subject.value === 'CONDITION'
    ? props.health.conditions.find((c) => c.condition === what.value)
    : undefined,
)
const place = ref<Region | ''>('')
const PLACES = keys(REGIONS).map((value) => ({ value, text: capital(REGIONS[value]) }))
const adaptation = computed(
  () => props.health.conditions.find((c) => c.condition === what.value)?.adaptation,
)
async function attempt(change: () => Promise<HealthView>) {
  busy.value = true
  error.value = ''
  try {
    emit('told', await change())
    emit('answered')
    adding.value = false
    what.value = ''
    words.value = ''
    until.value = ''
  } catch (e) {
    error.value =
      e instanceof ServerProblem && e.errors.length
        ? e.errors.map((p) => p.message).join(' ')
        : (e as Error).message
  } finally {
    busy.value = false
  }
}
function save() {
  const chosen = subject.value
  const pick = <T extends string>(wanted: readonly Subject[]) =>
    wanted.includes(chosen) ? (what.value as T) : null
  const form: MindedForm = {
    kind:
      chosen === 'CONDITION' || chosen === 'ALLOW' || chosen === 'JOINT_LIMIT'
        ? chosen
        : 'KEEP_OUT',
    sides: sided.value ? sides.value : [],
    condition: pick(['CONDITION']),
    region: condition.value?.hasPlace ? place.value || null : pick(['REGION', 'JOINT_LIMIT']),
    movement: pick(['MOVEMENT']),
    exerciseId: pick(['EXERCISE', 'ALLOW']),
    words: words.value,
    until: until.value || null,
  }
  void attempt(() => api.mind(props.clientId, form))
}
const end = (id: string) => attempt(() => api.endMinded(props.clientId, id))
const KIND_WORDS = {
  CONDITION: 'Condition',
  KEEP_OUT: 'Left out',
  ALLOW: 'Allowed',
  JOINT_LIMIT: 'As far as it goes',
} as const
const holding = computed(() => props.health.minded.filter((m) => m.holds))
const past = computed(() => props.health.minded.filter((m) => !m.holds))
const BOTH: { value: Side; text: string }[] = [
  { value: 'LEFT', text: 'Left' },
  { value: 'RIGHT', text: 'Right' },
]
</script>

<template>
  <section aria-label="To be minded">
    <header class="line-up">
      <h2>Conditions and instructions</h2>
      <BButton
        class="push"
        size="sm"
        variant="outline-secondary"
        :aria-expanded="adding"
        @click="adding = !adding"
        >Add one</BButton
      >
    </header>
    <p v-if="!holding.length" class="quiet">None told; a clinician's own words come first.</p>
    <ul>
      <li v-for="thing in holding" :key="thing.id">
        <span class="kind">{{ KIND_WORDS[thing.kind] }}</span>
        <span
          ><b>{{ capital(thing.name) }}</b> {{ thing.words }}
          <span class="quiet"
            >{{ dayMonth(thing.saidOn)
            }}{{ thing.until ? `, until ${dayMonth(thing.until)}` : '' }}</span
          ></span
        >
        <BButton class="push" size="sm" variant="link" :disabled="busy" @click="end(thing.id)"
          >No longer<span class="visually-hidden">: {{ thing.name }}</span></BButton
        >
      </li>
    </ul>
    <details v-if="past.length">
      <summary class="quiet">{{ past.length }} that hold no longer</summary>
      <ul>
        <li v-for="thing in past" :key="thing.id">
          <span class="kind">{{ KIND_WORDS[thing.kind] }}</span>
          <span
            >{{ capital(thing.name) }} {{ thing.words }}
            <span class="quiet"
              >ended {{ dayMonth(thing.endedOn ?? thing.until ?? thing.saidOn) }}</span
            ></span
          >
        </li>
      </ul>
    </details>
    <form v-if="adding" class="add" novalidate @submit.prevent="save">
      <div class="grid">
        <div>
          <label class="form-label" for="minded-subject">What</label>
          <select id="minded-subject" v-model="subject" class="form-select" @change="what = ''">
            <option v-for="s in SUBJECTS" :key="s.value" :value="s.value">{{ s.text }}</option>
          </select>
        </div>
        <div>
          <label class="form-label" for="minded-what">Which</label>
          <select id="minded-what" v-model="what" class="form-select">
            <option value="" disabled>Choose</option>
            <option v-for="c in choices" :key="c.value" :value="c.value">{{ c.text }}</option>
          </select>
        </div>
        <div v-if="condition?.hasPlace">
          <label class="form-label" for="minded-place">Where</label>
          <select id="minded-place" v-model="place" class="form-select">
            <option value="" disabled>Choose</option>
            <option v-for="p in PLACES" :key="p.value" :value="p.value">{{ p.text }}</option>
          </select>
        </div>
        <div>
          <label class="form-label" for="minded-until">Until, if that is known</label>
          <DateInput id="minded-until" v-model="until" />
        </div>
      </div>
      <p v-if="adaptation" class="quiet">{{ adaptation }}</p>
      <div v-if="sided" class="line-up">
        <span class="form-label">Side</span>
        <BFormCheckboxGroup v-model="sides" :options="BOTH" aria-label="Side" />
      </div>
      <label class="form-label" for="minded-words">Who said so, and in which words</label>
      <input id="minded-words" v-model="words" class="form-control" maxlength="280" />
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <p class="side-by-side">
        <BButton
          type="submit"
          size="sm"
          variant="primary"
          :disabled="busy || !what || Boolean(condition?.hasPlace && !place)"
          >Note it</BButton
        >
        <BButton size="sm" variant="link" @click="adding = false">Cancel</BButton>
      </p>
    </form>
  </section>
</template>

<style scoped>
li {
  display: flex;
  gap: 12px;
  align-items: baseline;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
.kind {
  flex: none;
  width: 110px;
  color: var(--ink-2);
  font-weight: 600;
  font-size: 0.8125rem;
}
.add {
  display: grid;
  gap: 8px;
  margin-top: 8px;
  padding: 12px 16px;
  border: 2px solid var(--main);
  border-radius: var(--corner);
  background: var(--surface);
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(160px, 1fr));
  gap: 8px 12px;
}
.error {
  color: var(--stop);
  font-weight: 600;
}
</style>
