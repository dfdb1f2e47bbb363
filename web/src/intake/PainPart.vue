<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import type { Digit, HealthView, PainCourse, Region, Sensation, Side } from '@/api/types'
import HandMap from '@/hand/HandMap.vue'
import { ELSEWHERE } from '@/hand/regions'
import DateInput from '@/form/DateInput.vue'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { REGIONS, SENSATIONS, keys } from '@/parts/labels'
import { capital, dayMonth } from '@/parts/words'

/** Where it hurts: touch a place, say how much and since when. Earlier words are kept. */
const props = withDefaults(
  defineProps<{
    clientId: string
    health: HealthView
    dominant?: Side | null
    /** Digits that carry an activity are tinted. */
    worked?: Readonly<Record<Side, readonly Digit[]>>
    height?: number
    today: string
  }>(),
  { dominant: null, worked: () => ({ LEFT: [], RIGHT: [] }), height: 360 },
)
const emit = defineEmits<{ told: [health: HealthView]; answered: [] }>()

const SIDES: readonly Side[] = ['LEFT', 'RIGHT']
const LEVELS = computed(() =>
  Array.from({ length: 11 }, (_, n) => ({
    value: n,
    label: String(n),
    hot: n >= props.health.endingPain,
  })),
)
const FEELINGS = keys(SENSATIONS).map((value) => ({ value, label: SENSATIONS[value] }))
type Since = PainCourse | 'DAY'
const SINCE = computed<readonly { value: Since; label: string }[]>(() => [
  { value: 'NEW', label: 'New' },
  { value: 'STEADY', label: `Steady, ${props.health.steadyDays} days or more` },
  { value: 'DAY', label: 'Since a certain day' },
])
const place = ref<{ side: Side; region: Region } | null>(null)
const level = ref<number | null>(null)
const sensation = ref<Sensation | null>(null)
const since = ref<Since | null>('NEW')
const day = ref('')
const error = ref('')
const busy = ref(false)
const told = computed(() => props.health.pains)
const shown = computed(() => told.value.filter((p) => p.level > 0))

function choose(side: Side, region: Region) {
  place.value = { side, region }
  const known = told.value.find((p) => p.side === side && p.region === region)
  level.value = known?.level ?? null
  sensation.value = null
  since.value = known?.since ? 'DAY' : (known?.course ?? 'NEW')
  day.value = known?.since ?? ''
}
async function tell() {
  if (!place.value || level.value === null) return
  busy.value = true
  error.value = ''
  try {
    const health = await api.tellPains(props.clientId, [
      {
        ...place.value,
        level: level.value,
        sensation: sensation.value,
        course: since.value === 'DAY' ? null : since.value,
        since: since.value === 'DAY' ? day.value || null : null,
      },
    ])
    place.value = null
    emit('told', health)
    emit('answered')
  } catch (e) {
    error.value = (e as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section aria-label="Pain">
    <header class="line-up">
      <h2>Where does it hurt?</h2>
      <span class="quiet">Touch the place</span>
      <BButton
        v-if="!shown.length"
        class="push"
        size="sm"
        variant="outline-secondary"
        @click="emit('answered')"
        >Nothing hurts</BButton
      >
    </header>
    <HandMap
      touchable
      :pains="shown"
      :chosen="place"
      :height="height"
      :dominant="dominant"
      :worked="worked"
      @choose="choose"
    />
    <p class="elsewhere">
      <template v-for="region in ELSEWHERE" :key="region">
        <button
          v-for="side in SIDES"
          :key="side"
          type="button"
          :aria-pressed="place?.region === region && place.side === side"
          @click="choose(side, region)"
        >
          {{ capital(side.toLowerCase()) }} {{ REGIONS[region] }}
        </button>
      </template>
    </p>
    <div v-if="place" class="panel">
      <p class="line-up">
        <b>{{ capital(place.side.toLowerCase()) }} {{ REGIONS[place.region] }}</b>
        <ChoiceRow v-model="since" class="push" label="Since when" :options="SINCE" />
        <DateInput
          v-if="since === 'DAY'"
          v-model="day"
          aria-label="The day it began"
          :max="today"
        />
      </p>
      <ChoiceRow
        v-model="level"
        label="Pain, 0 to 10"
        :options="LEVELS"
        :stop-before="health.endingPain"
        wide
      />
      <ChoiceRow v-model="sensation" label="How it feels" :options="FEELINGS" />
      <p class="side-by-side">
        <BButton variant="primary" :disabled="level === null || busy" @click="tell"
          >Note it</BButton
        >
        <BButton variant="link" @click="place = null">Cancel</BButton>
      </p>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
    </div>
    <ul v-if="told.length" class="told">
      <li v-for="pain in told" :key="pain.side + pain.region">
        <button type="button" @click="choose(pain.side, pain.region)">
          <b>{{ pain.level }}</b> {{ pain.side.toLowerCase() }} {{ pain.regionWord }},
          {{ pain.course.toLowerCase() }}
        </button>
        <span class="quiet">{{ dayMonth(pain.saidOn) }}</span>
        <span v-if="pain.level" class="quiet">strength work: {{ pain.dose }}</span>
        <span v-if="pain.earlier.length" class="quiet"
          >before: {{ pain.earlier.map((e) => e.level).join(', ') }}</span
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
.elsewhere {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 6px;
  margin-top: 32px;
}
.elsewhere button,
.told button {
  min-height: 28px;
  padding: 0 6px;
  border: 1.5px solid transparent;
  background: transparent;
  color: var(--ink);
  font-size: 0.8125rem;
}
.elsewhere button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--surface);
}
.panel {
  display: grid;
  gap: 8px;
  margin-top: 8px;
  padding: 12px 16px;
  border: 2px solid var(--main);
  border-radius: var(--corner);
  background: var(--surface);
}
.told {
  margin-top: 8px;
  border-top: 1px solid var(--line);
}
.told li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  align-items: baseline;
  padding: 3px 0;
  border-bottom: 1px solid var(--line);
}
.told button {
  padding: 0;
  font-size: 0.875rem;
}
.error {
  color: var(--stop);
  font-weight: 600;
}
</style>
