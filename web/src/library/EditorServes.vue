<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { Choices, ExerciseForm, HandRole } from '@/api/types'
import SelectField from '@/form/SelectField.vue'
import TextField from '@/form/TextField.vue'
import { DISCIPLINES, POSITIONS, RECOVERIES, SEGMENTS, THINGS } from '@/parts/labels'
import { capital } from '@/parts/words'
import EditorSection from './EditorSection.vue'
import { optionsOf } from '@/form/options'
import MovementsField from './MovementsField.vue'

/** What an exercise serves, and what it asks for. */
const props = defineProps<{ problems: readonly FieldProblem[]; choices: Choices }>()
const form = defineModel<ExerciseForm>({ required: true })

const targets = computed(() => props.choices.targets)
const served = computed(() =>
  Object.entries(form.value.serves).map(([id, points]) => ({
    id,
    points,
    word: targets.value.find((t) => t.id === id)?.word ?? id,
  })),
)
const unserved = computed(() =>
  targets.value
    .filter((t) => !(t.id in form.value.serves))
    .map((t) => ({ value: t.id, text: capital(t.word) })),
)
const adding = ref('')
watch(adding, (id) => {
  if (id) form.value.serves = { ...form.value.serves, [id]: 3 }
  adding.value = ''
})
function weigh(id: string, points: number) {
  form.value.serves = { ...form.value.serves, [id]: points }
}
function without(id: string) {
  form.value.serves = Object.fromEntries(
    Object.entries(form.value.serves).filter(([other]) => other !== id),
  )
}
const mains = computed(() => served.value.map((s) => ({ value: s.id, text: capital(s.word) })))

const roles = computed(() => [
  { value: '', text: 'any hand' },
  ...props.choices.roles.map((r) => ({ value: r.role, text: r.word })),
])
const role = computed({
  get: () => form.value.role ?? '',
  set: (chosen: string) => {
    form.value.role = (chosen || null) as HandRole | null
  },
})
const of = (field: string) => props.problems.filter((p) => p.field === field).map((p) => p.message)
</script>

<template>
  <EditorSection title="What it serves and asks for">
    <p v-for="text in of('serves')" :key="text" class="wrong" role="alert">{{ text }}</p>
    <div v-for="target in served" :key="target.id" class="target">
      <label :for="`serves-${target.id}`">{{ capital(target.word) }}</label>
      <input
        :id="`serves-${target.id}`"
        type="range"
        min="1"
        max="10"
        :value="target.points"
        @input="weigh(target.id, Number(($event.target as HTMLInputElement).value))"
      />
      <output>{{ target.points }}</output>
      <BButton
        size="sm"
        variant="link"
        :aria-label="`Without ${target.word}`"
        @click="without(target.id)"
        >×</BButton
      >
    </div>
    <div class="grid">
      <SelectField
        v-model="adding"
        label="Add a target"
        field="serves"
        :problems="[]"
        :options="[{ value: '', text: 'Choose' }, ...unserved]"
      />
      <SelectField
        v-model="form.main"
        label="Chiefly for"
        field="main"
        :problems="problems"
        :options="mains"
      />
      <SelectField
        v-model="form.segment"
        label="What moves"
        field="segment"
        :problems="problems"
        :options="optionsOf(SEGMENTS)"
      />
      <TextField
        v-model="form.intensity"
        type="number"
        label="Intensity, 1 to 5"
        field="intensity"
        :problems="problems"
      />
      <SelectField
        v-model="form.recovery"
        label="Recovery"
        field="recovery"
        :problems="problems"
        :options="optionsOf(RECOVERIES)"
      />
    </div>
    <div class="checks">
      <BFormCheckbox v-model="form.needsWarmth">Only in warm hands</BFormCheckbox>
      <BFormCheckbox v-model="form.tires">Tires what it works</BFormCheckbox>
    </div>
    <div class="checks">
      <span class="form-label">Positions, any of</span>
      <BFormCheckboxGroup
        v-model="form.positions"
        :options="optionsOf(POSITIONS)"
        aria-label="Positions"
      />
      <p v-for="text in of('positions')" :key="text" class="wrong" role="alert">
        {{ text }}
      </p>
    </div>
    <div class="checks">
      <span class="form-label">Has to be at hand, all of</span>
      <BFormCheckboxGroup v-model="form.things" :options="optionsOf(THINGS)" aria-label="Things" />
    </div>
    <div class="checks">
      <span class="form-label">For these only, or for everyone</span>
      <BFormCheckboxGroup
        v-model="form.disciplines"
        :options="optionsOf(DISCIPLINES)"
        aria-label="Disciplines"
      />
    </div>
    <div class="checks">
      <span class="form-label">Moves in these directions</span>
      <MovementsField v-model="form.movements" />
    </div>
    <BFormCheckbox v-model="form.arrives">Helps to arrive at a break</BFormCheckbox>
    <div class="checks">
      <SelectField
        v-model="role"
        label="For one hand, by what it does"
        field="role"
        :problems="problems"
        :options="roles"
      />
    </div>
    <BFormCheckbox v-model="form.coachOnly"
      >Only a coach puts it into a routine; never composed</BFormCheckbox
    >
  </EditorSection>
</template>

<style scoped>
.target {
  display: grid;
  grid-template-columns: 200px 160px 28px 40px;
  gap: 10px;
  align-items: center;
  min-height: 32px;
}
.target input {
  accent-color: var(--main);
}
</style>
