<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import type {
  MissedEntry,
  PainForm,
  RoutineView,
  SessionForm,
  Shortfall,
  StepForm,
} from '@/api/types'
import { useAttempt } from '@/api/useAttempt'
import ChoiceRow from '@/form/ChoiceRow.vue'
import PainPlaces from '@/hand/PainPlaces.vue'
import { SHORTFALLS, keys } from '@/parts/labels'
import { counted } from '@/parts/words'
import KindLetter from '@/tape/KindLetter.vue'

/** A session that was done after all, told of later: what of it, how hard, what hurt. */
const props = defineProps<{ clientId: string; missed: MissedEntry }>()
const emit = defineEmits<{ kept: []; cancel: [] }>()

const routine = ref<RoutineView | null>(null)
const done = ref(new Set<number>())
const why = ref<Shortfall | null>(null)
const effort = ref<number | null>(null)
const pains = ref<PainForm[]>([])
const line = ref('')
const { busy, message, attempt } = useAttempt()
const LEVELS = Array.from({ length: 11 }, (_, n) => ({ value: n, label: String(n) }))
const WHY = keys(SHORTFALLS).map((value) => ({ value, label: SHORTFALLS[value] }))

void attempt(async () => {
  routine.value = await api.playNow(
    props.clientId,
    props.missed.purpose,
    props.missed.minutes,
    props.missed.lineId ?? undefined,
  )
  done.value = new Set(routine.value.steps.keys())
})
const toggle = (step: number) => {
  const next = new Set(done.value)
  if (!next.delete(step)) next.add(step)
  done.value = next
}
const whole = computed(() => done.value.size === routine.value?.steps.length)

function record(of: RoutineView): SessionForm {
  return {
    blockId: props.missed.blockId,
    routineId: null,
    purpose: props.missed.purpose,
    beganAt: props.missed.start,
    endedAt: new Date(Date.parse(props.missed.start) + of.lengthMillis).toISOString(),
    plannedMillis: of.lengthMillis,
    state: whole.value ? 'DONE' : 'LEFT',
    hurts: [],
    before: null,
    steps: of.steps.map((step, i): StepForm => {
      const percent = done.value.has(i) ? 100 : 0
      return {
        exerciseId: step.exerciseId,
        exerciseVersion: step.exerciseVersion,
        dose: step.dose,
        laterality: step.laterality,
        plannedMillis: step.lengthMillis,
        donePercent: percent,
        outcome: percent ? 'DONE' : 'SKIPPED',
        side: null,
        leftPercent: percent,
        rightPercent: percent,
        shortfall: percent ? null : why.value,
        complete: null,
        shift: null,
        account: null,
      }
    }),
  }
}
// Made once, so that what is sent twice is stored once.
const session = crypto.randomUUID()
const keep = () =>
  attempt(async () => {
    if (!routine.value) return
    await api.keepSession(props.clientId, session, record(routine.value))
    await api.keepCheckIn(props.clientId, session, {
      effort: effort.value,
      pains: pains.value,
      tighterSide: null,
      words: line.value.trim(),
      results: null,
    })
    emit('kept')
  })
</script>

<template>
  <article class="late" aria-labelledby="late-heading">
    <h2 id="late-heading">{{ missed.title }}, done after all</h2>
    <p v-if="message" class="error" role="alert">{{ message }}</p>
    <template v-if="routine">
      <p class="quiet">
        As it would be made today; untick what was not done.
        {{ done.size }} of {{ counted(routine.steps.length, 'step') }}.
      </p>
      <ul>
        <li v-for="(step, i) in routine.steps" :key="i">
          <label
            ><input type="checkbox" :checked="done.has(i)" @change="toggle(i)" />
            <KindLetter :kind="step.kind" /> {{ step.title }}
            <span class="quiet">{{ step.dose }}</span></label
          >
        </li>
      </ul>
      <template v-if="!whole">
        <h3>Why not all of it</h3>
        <ChoiceRow v-model="why" label="Why not all of it" :options="WHY" />
      </template>
      <h3>How hard was it?</h3>
      <ChoiceRow v-model="effort" label="Effort, 0 to 10" :options="LEVELS" wide />
      <details>
        <summary>Something hurt</summary>
        <PainPlaces v-model="pains" :ending-pain="routine.safety.endingPain" />
      </details>
      <label for="late-line">One line</label>
      <BFormInput id="late-line" v-model="line" maxlength="280" />
      <p class="side-by-side">
        <BButton variant="primary" :disabled="busy || done.size === 0" @click="keep">Keep</BButton>
        <BButton variant="outline-secondary" @click="emit('cancel')">Cancel</BButton>
      </p>
    </template>
    <BButton v-else-if="message" variant="outline-secondary" @click="emit('cancel')"
      >Cancel</BButton
    >
  </article>
</template>

<style scoped>
.late {
  display: grid;
  gap: 10px;
  align-content: start;
  min-width: 0;
  padding: 16px 20px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
  --ground: var(--surface);
}
h3 {
  font-size: 1rem;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 28px;
}
</style>
