<script setup lang="ts">
import { reactive, ref, shallowRef } from 'vue'
import { api } from '@/api/calls'
import type { ChangedDecision, CorrectionForm, LogEntry, PainForm, Shortfall } from '@/api/types'
import { useAttempt } from '@/api/useAttempt'
import ChoiceRow from '@/form/ChoiceRow.vue'
import PainPlaces from '@/hand/PainPlaces.vue'
import { SHORTFALLS, TIGHTER_SIDES, keys } from '@/parts/labels'
import { capital, dayMonth } from '@/parts/words'
import { account } from '@/stores/account'
import KindLetter from '@/tape/KindLetter.vue'
import { correctionOf, showsSides } from './entries'

/** A session put right; what it said before is kept, and what follows from it is judged anew. */
const props = defineProps<{ clientId: string; entry: LogEntry }>()
const emit = defineEmits<{ kept: []; cancel: [] }>()

const LEVELS = Array.from({ length: 11 }, (_, n) => ({ value: n, label: String(n) }))
const WHY = keys(SHORTFALLS)
const TIGHTER = keys(TIGHTER_SIDES).map((value) => ({ value, label: TIGHTER_SIDES[value] }))
const form = reactive<CorrectionForm>(correctionOf(props.entry))
const during = ref<PainForm[]>([...form.during])
const after = ref<PainForm[]>([...form.after])
const changed = shallowRef<readonly ChangedDecision[] | null>(null)
const { busy, message, problems, attempt } = useAttempt()

function setBoth(place: number, percent: number) {
  const step = form.steps[place]
  if (step) Object.assign(step, { leftPercent: percent, rightPercent: percent })
}
function why(place: number, value: string) {
  const step = form.steps[place]
  if (step) step.shortfall = (value || null) as Shortfall | null
}
const keep = () =>
  attempt(async () => {
    const answer = await api.correctSession(props.clientId, props.entry.id, {
      ...form,
      during: during.value,
      after: after.value,
    })
    changed.value = answer.changed
    if (!answer.changed.length) emit('kept')
  })
</script>

<template>
  <article class="correct" aria-labelledby="correct-heading">
    <h2 id="correct-heading">{{ entry.title }}, put right</h2>
    <template v-if="changed">
      <p>It is kept. What was decided because of it is judged anew:</p>
      <ul class="changed">
        <li v-for="(one, i) in changed" :key="i">
          <b>{{ one.title }}, {{ one.side.toLowerCase() }}, {{ dayMonth(one.date) }}</b>
          <p v-if="one.was" class="was">{{ one.was }}</p>
          <p>{{ one.now || 'Nothing is decided there any more.' }}</p>
        </li>
      </ul>
      <p><BButton variant="primary" @click="emit('kept')">Close</BButton></p>
    </template>
    <template v-else>
      <p class="quiet">What it says now is kept beside, with the reason.</p>
      <ul class="steps">
        <li v-for="(step, i) in entry.steps" :key="i">
          <span class="name"><KindLetter :kind="step.kind" /> {{ step.title }}</span>
          <template v-if="form.steps[i]">
            <template v-if="showsSides(step)">
              <label
                >Left
                <input
                  v-model.number="form.steps[i]!.leftPercent"
                  type="number"
                  min="0"
                  max="100"
                  :aria-label="`${step.title}, left, per cent`"
              /></label>
              <label
                >Right
                <input
                  v-model.number="form.steps[i]!.rightPercent"
                  type="number"
                  min="0"
                  max="100"
                  :aria-label="`${step.title}, right, per cent`"
              /></label>
            </template>
            <label v-else
              >Done
              <input
                :value="form.steps[i]!.leftPercent"
                type="number"
                min="0"
                max="100"
                :aria-label="`${step.title}, per cent`"
                @input="setBoth(i, Number(($event.target as HTMLInputElement).value))"
            /></label>
            <span>%</span>
            <select
              :value="form.steps[i]!.shortfall ?? ''"
              :aria-label="`${step.title}, why less`"
              @change="why(i, ($event.target as HTMLSelectElement).value)"
            >
              <option value="">not said why</option>
              <option v-for="reason in WHY" :key="reason" :value="reason">
                {{ SHORTFALLS[reason] }}
              </option>
            </select>
          </template>
        </li>
      </ul>
      <h3>How hard was it?</h3>
      <ChoiceRow v-model="form.effort" label="Effort, 0 to 10" :options="LEVELS" wide />
      <h3>Which side was tighter?</h3>
      <ChoiceRow v-model="form.tighterSide" label="Tighter side" :options="TIGHTER" />
      <details :open="during.length > 0">
        <summary>Hurt while it was done</summary>
        <PainPlaces v-model="during" :ending-pain="account.me.value?.endingPain ?? 10" />
      </details>
      <details :open="after.length > 0">
        <summary>Hurt afterwards</summary>
        <PainPlaces v-model="after" :ending-pain="account.me.value?.endingPain ?? 10" />
      </details>
      <label for="correct-why">Why it is put right</label>
      <BFormInput id="correct-why" v-model="form.reason" maxlength="200" />
      <p v-if="message" class="error" role="alert">{{ message }}</p>
      <ul v-if="problems.length" class="error">
        <li v-for="problem in problems" :key="problem.field">
          {{ capital(problem.field) }} {{ problem.message }}
        </li>
      </ul>
      <p class="side-by-side">
        <BButton variant="primary" :disabled="busy || !form.reason.trim()" @click="keep"
          >Keep</BButton
        >
        <BButton variant="outline-secondary" @click="emit('cancel')">Cancel</BButton>
      </p>
    </template>
  </article>
</template>

<style scoped>
.correct {
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
.steps li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  padding: 4px 0;
  border-top: 1px solid var(--line);
}
.name {
  flex: 1 1 180px;
  font-weight: 600;
}
.steps input {
  width: 60px;
}
.steps input,
.steps select {
  height: 32px;
  border: 1px solid var(--edge);
  border-radius: var(--corner);
  background: var(--ground);
  color: var(--ink);
}
.changed li {
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.was {
  color: var(--ink-2);
  text-decoration: line-through;
}
</style>
