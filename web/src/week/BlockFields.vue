<script setup lang="ts">
import type { FieldProblem } from '@/api/client'
import type { ActivityForm, BlockForm } from '@/api/types'
import DateInput from '@/form/DateInput.vue'
import SelectField from '@/form/SelectField.vue'
import TextField from '@/form/TextField.vue'
import TimeField from '@/form/TimeField.vue'
import PartsField from './PartsField.vue'
import { WEEKDAYS, type Repeat } from './repeat'

/** What a block is: when, what, how it is made up, and on which days it repeats. */
const props = defineProps<{
  activities: readonly ActivityForm[]
  problems: readonly FieldProblem[]
  /** Whether it can come round: a new block, or one of a series. */
  comesRound: boolean
}>()
const form = defineModel<BlockForm>({ required: true })
const repeat = defineModel<Repeat>('repeat', { required: true })

const rule = () => props.problems.filter((p) => p.field === 'rule')
</script>

<template>
  <div class="fields">
    <TimeField v-model="form.startsAt" label="Starts" field="startsAt" :problems="problems" />
    <TimeField v-model="form.endsAt" label="Ends" field="endsAt" :problems="problems" />
    <SelectField
      v-model="form.activityId"
      label="Activity"
      field="activityId"
      :problems="problems"
      :options="activities.flatMap((a) => (a.id ? [{ value: a.id, text: a.title }] : []))"
    />
    <TextField v-model="form.title" label="Called" field="title" :problems="problems" />
    <BFormCheckbox v-model="form.performance" class="wide"
      >Performance, always warmed up for</BFormCheckbox
    >
    <PartsField v-model="form.parts" class="wide" :problems="problems" />
    <fieldset v-if="comesRound" class="wide repeat">
      <legend class="form-label">Repeats on</legend>
      <BFormCheckboxGroup v-model="repeat.days" :options="WEEKDAYS" aria-label="Repeats on" />
      <template v-if="repeat.days.length">
        <label
          >every
          <input
            v-model.number="repeat.every"
            type="number"
            min="1"
            max="12"
            class="form-control"
          />
          weeks</label
        >
        <label>until <DateInput v-model="repeat.until" /></label>
        <p v-for="problem in rule()" :key="problem.message">{{ problem.message }}</p>
      </template>
    </fieldset>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.wide {
  grid-column: 1 / -1;
}
.repeat {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
}
.repeat label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.repeat input[type='number'] {
  width: 64px;
}
</style>
