<script setup lang="ts">
import { computed, ref } from 'vue'
import type {
  CheckInForm,
  PainForm,
  ResultForm,
  RoutineView,
  SessionForm,
  TighterSide,
} from '@/api/types'
import PainPlaces from '@/hand/PainPlaces.vue'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { PURPOSES } from '@/parts/labels'
import StateMark from '@/parts/StateMark.vue'
import { duration } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import RoutineTape from '@/tape/RoutineTape.vue'
import HowFar from './HowFar.vue'

/** How it was: effort, pain by place, which side was tighter, one line. Ten seconds at most. */
const props = defineProps<{
  routine: RoutineView
  record: SessionForm
  coachName: string
}>()
const emit = defineEmits<{ keep: [checkIn: CheckInForm] }>()

const levels = Array.from({ length: 11 }, (_, n) => ({ value: n, label: String(n) }))
const TIGHTER: readonly { value: TighterSide; label: string }[] = [
  { value: 'LEFT', label: 'Left' },
  { value: 'SAME', label: 'the same' },
  { value: 'RIGHT', label: 'Right' },
]

const effort = ref<number | null>(null)
// What was said at a side change is there already.
const tighter = ref<TighterSide | null>(
  props.record.steps.flatMap((s) => s.account?.tighterSide ?? []).at(-1) ?? null,
)
const reached = ref<ResultForm | null>(null)
const widest = computed(() => {
  const lengths = props.record.steps.map((s) => s.plannedMillis)
  return lengths.indexOf(Math.max(...lengths))
})
const line = ref('')
// What hurt during the session is told of already; it is there to be brought up to date.
const pains = ref<PainForm[]>(
  props.record.hurts
    .filter(
      (pain, i, all) =>
        !all.slice(i + 1).some((p) => p.side === pain.side && p.region === pain.region),
    )
    .map((pain) => ({ ...pain })),
)
const tape = computed(() =>
  props.routine.steps.map((step, i) => ({
    ...step,
    donePercent: props.record.steps[i]?.donePercent ?? 100,
    hurt: props.record.steps[i]?.outcome === 'HURT',
  })),
)
const alarming = computed(() =>
  pains.value.some(
    (p) =>
      p.level >= props.routine.safety.endingPain ||
      (p.sensation !== null && props.routine.safety.endingSensations.includes(p.sensation)) ||
      (p.sensation !== null &&
        p.level > 0 &&
        props.routine.safety.endingWithPain.includes(p.sensation)),
  ),
)
const title = computed(() =>
  props.record.state === 'DONE'
    ? `${PURPOSES[props.routine.purpose]} done`
    : props.record.state === 'STOPPED'
      ? 'Stopped'
      : 'Left midway',
)
const lasted = computed(() => Date.parse(props.record.endedAt) - Date.parse(props.record.beganAt))

function keep() {
  emit('keep', {
    effort: effort.value,
    pains: pains.value.map((p) => ({ ...p })),
    tighterSide: tighter.value,
    words: line.value.trim(),
    results: reached.value ? [reached.value] : null,
  })
}
</script>

<template>
  <main id="main" class="check-in">
    <header>
      <PegIcon :purpose="routine.purpose" :state="record.state === 'DONE' ? 'DONE' : 'LEFT'" />
      <h1>{{ title }}</h1>
      <span class="push large">{{ duration(lasted) }}</span>
    </header>
    <div class="content">
      <RoutineTape
        :steps="tape"
        :height="26"
        :letters="false"
        patterns="mini"
        :gap="0.5"
        :stroke-width="1"
      />
      <section>
        <h2>How hard was it? <span>0 nothing, 10 all there is</span></h2>
        <ChoiceRow v-model="effort" label="Effort, 0 to 10" :options="levels" wide />
      </section>
      <section>
        <h2>Which side was tighter?</h2>
        <ChoiceRow v-model="tighter" label="Tighter side" :options="TIGHTER" wide />
      </section>
      <section v-if="routine.purpose === 'REACH'">
        <h2>How far was it? <span>nobody has to say</span></h2>
        <HowFar v-model="reached" :titles="routine.steps.map((s) => s.title)" :usual="widest" />
      </section>
      <section>
        <h2>Does anything hurt? <span>touch the place</span></h2>
        <PainPlaces v-model="pains" :ending-pain="routine.safety.endingPain" />
        <p v-if="alarming" class="advice" role="alert">
          <StateMark state="STOP" />{{ routine.safety.advice }}
        </p>
      </section>
      <section>
        <label class="one-line" for="one-line">One line for {{ coachName }}</label>
        <BFormInput id="one-line" v-model="line" maxlength="280" />
      </section>
      <BButton class="keep" variant="primary" @click="keep">Keep</BButton>
      <p class="quiet later">
        It can wait{{ routine.blockTitle && ` until ${routine.blockTitle.toLowerCase()} is over` }}:
        the session itself is kept already.
      </p>
    </div>
  </main>
</template>

<style scoped>
.check-in {
  min-height: 100vh;
}
header {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 52px;
  padding: 0 16px;
  border-bottom: 1.5px solid var(--ink);
  background: var(--surface);
}
header h1 {
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.content {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  max-width: 560px;
  margin: 0 auto;
  padding: 8px 16px 24px;
}
h2,
.one-line {
  margin-bottom: 4px;
  color: var(--ink);
  font: 700 1rem/1.5rem var(--font);
}
h2 span {
  margin-left: 6px;
  color: var(--ink-2);
  font: 400 0.875rem/1.25rem var(--font);
}
.content :deep(.choices button) {
  min-height: 46px;
  font-size: 1rem;
}
.advice {
  display: flex;
  gap: 8px;
  align-items: baseline;
  margin-top: 8px;
  padding: 10px 12px;
  border-left: 3px solid var(--stop);
  background: var(--stop-wash);
  font-weight: 600;
}
.keep {
  height: 56px;
  font-size: 1.25rem;
}
.later {
  text-align: center;
}
</style>
