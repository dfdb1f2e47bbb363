<script setup lang="ts">
import { computed } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { ClientForm, Side, Thing } from '@/api/types'
import ChoiceRow from '@/parts/ChoiceRow.vue'
import FormField from '@/parts/FormField.vue'
import SelectField from '@/parts/SelectField.vue'
import TextField from '@/parts/TextField.vue'
import {
  ACTIVITY_KINDS,
  AGE_GROUPS,
  DIGITS,
  DISCIPLINES,
  METHODS,
  NOTATIONS,
  POSITIONS,
  THINGS,
  keys,
} from '@/parts/labels'
import BreathTap from './BreathTap.vue'
import WeightsMap from './WeightsMap.vue'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import { emptyActivity } from './clientForm'
import HandRoles from './HandRoles.vue'

/** The facts about a client, to be written; all of them or some parts. */
const props = withDefaults(
  defineProps<{
    problems: readonly FieldProblem[]
    parts?: readonly FactsPart[]
    clientId?: string
  }>(),
  { clientId: undefined, parts: () => ['who', 'activities', 'hand', 'time'] },
)
const form = defineModel<ClientForm>({ required: true })

export type FactsPart = 'who' | 'activities' | 'hand' | 'time'
const has = (part: FactsPart) => props.parts.includes(part)
const CLASPS: readonly { value: Side; label: string }[] = [
  { value: 'LEFT', label: 'Left thumb on top' },
  { value: 'RIGHT', label: 'Right thumb on top' },
]
const ages = keys(AGE_GROUPS).map((value) => ({ value, label: AGE_GROUPS[value] }))
const options = <K extends string>(labels: Readonly<Record<K, string>>) =>
  keys(labels).map((value) => ({ value, text: labels[value] }))
const zones = Intl.supportedValuesOf('timeZone')
const HANDS: readonly { value: Side; label: string }[] = [
  { value: 'LEFT', label: 'Left' },
  { value: 'RIGHT', label: 'Right' },
]
const handRoles = useAsked(() => queries.handRoles())
const BOTH = { LEFT: 'Left', RIGHT: 'Right' }
const of = (field: string) => props.problems.find((p) => p.field === field)?.message
/** What everybody has with them is not asked for. */
const BODY_PARTS: readonly Thing[] = ['LAP', 'OWN_FIST', 'OWN_FOREARM']
const things = options(THINGS).filter((option) => !BODY_PARTS.includes(option.value))
const weights = computed({
  get: () => form.value.weightsGrams.join(', '),
  set: (text: string) => {
    form.value.weightsGrams = text
      .split(/[^0-9]+/)
      .filter((part) => part !== '')
      .map(Number)
  },
})
const minutes = computed({
  get: () => form.value.warmUpMinutes,
  set: (value: number | string) => {
    form.value.warmUpMinutes = Number(value)
  },
})
</script>

<template>
  <div class="facts">
    <section v-if="has('who')">
      <h2>Who</h2>
      <div class="grid">
        <TextField v-model="form.name" label="Name" field="name" :problems="problems" />
        <TextField
          v-model="form.occupation"
          label="What they do"
          field="occupation"
          :problems="problems"
        />
      </div>
      <div class="rows">
        <div>
          <p class="form-label">Dominant hand</p>
          <ChoiceRow v-model="form.dominantHand" label="Dominant hand" :options="HANDS" />
        </div>
        <div>
          <p class="form-label">Age</p>
          <ChoiceRow v-model="form.ageGroup" label="Age" :options="ages" />
        </div>
        <div>
          <p class="form-label">Natural clasp</p>
          <ChoiceRow v-model="form.claspSide" label="Natural clasp" :options="CLASPS" />
        </div>
      </div>
    </section>

    <section v-if="has('activities')">
      <h2>What the hands do</h2>
      <fieldset
        v-for="(activity, i) in form.activities"
        :key="activity.id ?? `new${i}`"
        class="activity"
      >
        <legend class="visually-hidden">Activity {{ i + 1 }}, {{ activity.title }}</legend>
        <div class="grid">
          <TextField
            v-model="activity.title"
            label="Activity"
            :field="`activities[${i}].title`"
            :problems="problems"
          />
          <SelectField
            v-model="activity.kind"
            label="Kind"
            :field="`activities[${i}].kind`"
            :problems="problems"
            :options="options(ACTIVITY_KINDS)"
          />
          <SelectField
            v-model="activity.discipline"
            label="With"
            :field="`activities[${i}].discipline`"
            :problems="problems"
            :options="options(DISCIPLINES)"
            @update:model-value="activity.roles = null"
          />
          <TextField
            v-model.number="activity.weeklyMinutes"
            label="Minutes a week"
            :field="`activities[${i}].weeklyMinutes`"
            :problems="problems"
            type="number"
            min="0"
            max="6000"
          />
        </div>
        <div class="checks">
          <span class="form-label">Working hand</span>
          <BFormCheckboxGroup
            v-model="activity.hands"
            :options="options(BOTH)"
            :aria-label="`Working hand in ${activity.title}`"
          />
          <p v-if="of(`activities[${i}].hands`)" class="message" role="alert">
            {{ of(`activities[${i}].hands`) }}
          </p>
        </div>
        <HandRoles
          v-if="handRoles.data.value"
          v-model="activity.roles"
          :roles="handRoles.data.value[activity.discipline] ?? []"
          :title="activity.title"
          :problem="of(`activities[${i}].roles`)"
        />
        <div class="checks">
          <span class="form-label">Digits that carry it</span>
          <BFormCheckboxGroup
            v-model="activity.digits"
            :options="options(DIGITS)"
            :aria-label="`Digits that carry ${activity.title}`"
          />
          <BButton class="push" variant="link" size="sm" @click="form.activities.splice(i, 1)">
            Take out<span class="visually-hidden"> {{ activity.title }}</span>
          </BButton>
        </div>
        <WeightsMap
          v-if="activity.id && clientId"
          v-model="activity.weights"
          :client-id="clientId"
          :activity-id="activity.id"
          :title="activity.title"
        />
      </fieldset>
      <p v-if="form.activities.length === 0" class="quiet">
        Nothing yet. Blocks in the day and warm-ups need at least one activity.
      </p>
      <BButton variant="outline-secondary" size="sm" @click="form.activities.push(emptyActivity())"
        >Add an activity</BButton
      >
    </section>

    <section v-if="has('hand')">
      <h2>Can use</h2>
      <div class="checks">
        <span class="form-label">Positions</span>
        <BFormCheckboxGroup
          v-model="form.positions"
          :options="options(POSITIONS)"
          aria-label="Positions"
        />
        <p v-if="of('positions')" class="message" role="alert">{{ of('positions') }}</p>
      </div>
      <div class="checks">
        <span class="form-label">Things at hand</span>
        <BFormCheckboxGroup v-model="form.things" :options="things" aria-label="Things at hand" />
      </div>
      <TextField
        v-model="weights"
        label="Weights at hand, in grams"
        field="weightsGrams"
        :problems="problems"
        hint="With commas between: 500, 750, 1000. The next rung is a weight that exists."
        inputmode="numeric"
      />
    </section>

    <section v-if="has('time')">
      <h2>How and when</h2>
      <div class="grid">
        <TextField
          v-model="minutes"
          label="Warm-up, minutes"
          field="warmUpMinutes"
          :problems="problems"
          hint="3 to 30; shorter where the day leaves less"
          type="number"
          min="3"
          max="30"
        />
        <TextField
          v-model.number="form.breakMinutes"
          label="Break, minutes"
          field="breakMinutes"
          :problems="problems"
          hint="1 to 10"
          type="number"
          min="1"
          max="10"
        />
        <TextField
          v-model.number="form.careMinutes"
          label="Other routines, minutes"
          field="careMinutes"
          :problems="problems"
          hint="1 to 30"
          type="number"
          min="1"
          max="30"
        />
        <SelectField
          v-model="form.notation"
          label="Fingers are written"
          field="notation"
          :problems="problems"
          :options="options(NOTATIONS)"
        />
        <SelectField
          v-model="form.method"
          label="Stretching method they like"
          field="method"
          :problems="problems"
          :options="options(METHODS)"
        />
        <div>
          <TextField
            v-model.number="form.breathsPerMinute"
            label="Breaths a minute at rest"
            field="breathsPerMinute"
            :problems="problems"
            type="number"
            min="3"
            max="15"
          />
          <BreathTap @counted="form.breathsPerMinute = $event" />
        </div>
        <FormField
          v-slot="{ id, state, described }"
          label="Time zone"
          field="timeZone"
          :problems="problems"
        >
          <BFormInput
            :id="id"
            v-model="form.timeZone"
            list="zones"
            :state="state"
            :aria-describedby="described"
          />
          <datalist id="zones"><option v-for="zone in zones" :key="zone" :value="zone" /></datalist>
        </FormField>
        <TextField
          v-model="form.wakesAt"
          label="Wakes"
          field="wakesAt"
          :problems="problems"
          type="time"
        />
        <TextField
          v-model="form.sleepsAt"
          label="Sleeps"
          field="sleepsAt"
          :problems="problems"
          type="time"
        />
      </div>
    </section>
  </div>
</template>

<style scoped>
.facts {
  display: grid;
  gap: 28px;
}
h2 {
  margin-bottom: 10px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 12px 16px;
}
.rows {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 32px;
  margin-top: 12px;
}
.rows :deep(.choices) {
  flex-wrap: nowrap;
}
.rows :deep(.choices button) {
  white-space: nowrap;
}
.activity {
  margin-bottom: 12px;
  padding: 12px 16px;
  border: 1px solid var(--line);
  background: var(--surface);
}
.checks {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 16px;
  margin-top: 8px;
}
.checks .form-label {
  min-width: 128px;
}
.message {
  color: var(--stop);
  font-weight: 600;
  font-size: 0.8125rem;
}
</style>
