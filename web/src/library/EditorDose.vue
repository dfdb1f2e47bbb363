<script setup lang="ts">
import { computed, watch } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { ExerciseForm, ExerciseView, Method } from '@/api/types'
import SelectField from '@/form/SelectField.vue'
import TextField from '@/form/TextField.vue'
import { LADDERS, METHODS, THINGS, keys } from '@/parts/labels'
import { duration } from '@/parts/words'
import EditorSection from './EditorSection.vue'
import { optionsOf } from '@/form/options'
import LinesField from './LinesField.vue'

/** How an exercise is dosed, and its ladder. */
const props = defineProps<{ problems: readonly FieldProblem[]; preview: ExerciseView | null }>()
const form = defineModel<ExerciseForm>({ required: true })

const USUAL_UPPER_TEMPO = 120
const freeMethods = computed(() =>
  keys(METHODS).filter((m) => !form.value.doses.some((d) => d.method === m)),
)
function addDose() {
  const method = freeMethods.value[0]
  const first = form.value.doses[0]
  if (method && first) form.value.doses.push({ ...first, method })
}
const time = (method: Method) => {
  const dose = props.preview?.doses.find((d) => d.method === method)
  return dose ? duration(dose.seconds * 1000) : ''
}
const upper = computed({
  get: () => form.value.ladder.upper ?? USUAL_UPPER_TEMPO,
  set: (tempo: string | number) => {
    form.value.ladder.upper = Number(tempo)
  },
})
watch(
  () => form.value.ladder.kind,
  (kind) => {
    if (kind === 'TEMPO') upper.value = form.value.ladder.upper ?? USUAL_UPPER_TEMPO
  },
)
/** Rungs as lines: a name, and behind a colon the quantity of the dose there, or a thing. */
const ladderNames = computed({
  get: () =>
    form.value.ladder.rungs.map((rung) =>
      rung.thing
        ? `${rung.name}: ${THINGS[rung.thing].toLowerCase()}`
        : `${rung.name}: ${String(rung.quantity ?? '')}`,
    ),
  set: (names: string[]) => {
    form.value.ladder = { ...form.value.ladder, rungs: names.map(rungOf) }
  },
})
function rungOf(line: string) {
  const [name = '', own = ''] = line.split(':').map((part) => part.trim())
  const thing = keys(THINGS).find((key) => THINGS[key].toLowerCase() === own.toLowerCase()) ?? null
  return { name, thing, quantity: thing || !/^\d+$/.test(own) ? null : Number(own) }
}
</script>

<template>
  <EditorSection title="How it is dosed">
    <div v-for="(dose, i) in form.doses" :key="i" class="dose">
      <SelectField
        v-model="dose.method"
        label="Method"
        :field="`doses[${i}].method`"
        :problems="problems"
        :options="optionsOf(METHODS)"
      />
      <TextField
        v-model="dose.text"
        label="Dose"
        :field="`doses[${i}].text`"
        :problems="problems"
        :hint="i === 0 ? '3 x 12 · 20 s x 3 each side · 5 breaths' : undefined"
      />
      <TextField
        v-model="dose.least"
        type="number"
        label="Least"
        :field="`doses[${i}].least`"
        :problems="problems"
      />
      <TextField
        v-model="dose.greatest"
        type="number"
        label="Greatest"
        :field="`doses[${i}].greatest`"
        :problems="problems"
      />
      <output class="takes" :data-takes="i">{{ time(dose.method) }}</output>
      <BButton
        v-if="i > 0"
        size="sm"
        variant="link"
        aria-label="Without this dose"
        @click="form.doses.splice(i, 1)"
        >×</BButton
      >
    </div>
    <BButton
      v-if="freeMethods.length"
      class="another"
      size="sm"
      variant="outline-secondary"
      @click="addDose"
      >Another method</BButton
    >
    <LinesField
      v-model="form.ways"
      label="Names of its ways, one after the other"
      field="ways"
      :problems="problems"
      :rows="Math.max(2, Math.min(8, form.ways.length))"
      hint="Two lines or more, or none: palm up / palm down."
    />
    <div class="grid">
      <SelectField
        v-model="form.ladder.kind"
        label="Its ladder"
        field="ladder"
        :problems="problems"
        :options="optionsOf(LADDERS)"
      />
      <TextField
        v-if="form.ladder.kind === 'TEMPO'"
        v-model="upper"
        type="number"
        label="Up to, beats a minute"
        field="ladder.upper"
        :problems="problems"
      />
    </div>
    <LinesField
      v-if="form.ladder.kind === 'NAMED'"
      v-model="ladderNames"
      label="Its rungs, the easiest first"
      field="ladder"
      :problems="problems"
    />
    <BFormCheckboxGroup
      v-if="form.ladder.kind === 'THINGS'"
      v-model="form.ladder.things"
      :options="optionsOf(THINGS)"
      aria-label="Things of the ladder, the easiest first"
    />
  </EditorSection>
</template>

<style scoped>
.another {
  margin-bottom: 14px;
}
.dose {
  display: grid;
  grid-template-columns: 148px minmax(0, 1fr) 82px 82px 96px 32px;
  gap: 0 10px;
}
.takes {
  padding-top: 32px;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
@media (max-width: 1000px) {
  .dose {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
