<script setup lang="ts">
import { computed, ref } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { ProgrammeForm } from '@/api/types'
import DateField from '@/form/DateField.vue'
import FormField from '@/form/FormField.vue'
import TextField from '@/form/TextField.vue'
import { dayMonth } from '@/parts/words'

/** What a programme is called and from when to when it goes; another one, and its end. */
const props = defineProps<{
  clientId: string
  stored: boolean
  choosing: boolean
  busy: boolean
  problems: readonly FieldProblem[]
}>()
const emit = defineEmits<{ choose: []; end: [] }>()
const facts = defineModel<Omit<ProgrammeForm, 'obligations'>>({ required: true })

const FIELDS = ['title', 'startsOn', 'reviewsOn', 'endsOn', 'sessionsADay', 'minutesADay']
const asked = ref(false)
const wrong = computed(() => props.problems.some(({ field }) => FIELDS.includes(field)))
const changing = computed(() => asked.value || wrong.value)
</script>

<template>
  <header class="line-up">
    <h2>{{ facts.title }}</h2>
    <span class="quiet"
      >{{ dayMonth(facts.startsOn) }} to {{ dayMonth(facts.endsOn) }}, looked at
      {{ dayMonth(facts.reviewsOn) }}</span
    >
    <BButton size="sm" variant="link" :aria-expanded="changing" @click="asked = !changing"
      >Title, dates, limits</BButton
    >
    <span class="push ways">
      <RouterLink
        v-if="stored"
        class="btn btn-link btn-sm"
        :to="`/clients/${clientId}/programme/handout`"
        >Handout</RouterLink
      >
      <BButton
        v-if="stored"
        size="sm"
        variant="link"
        :aria-expanded="choosing"
        @click="emit('choose')"
        >Another programme</BButton
      >
      <BButton v-if="stored" size="sm" variant="link" :disabled="busy" @click="emit('end')"
        >End it</BButton
      >
    </span>
  </header>
  <div v-if="changing" class="facts">
    <TextField
      v-model="facts.title"
      label="Title"
      field="title"
      maxlength="60"
      :problems="problems"
    />
    <DateField v-model="facts.startsOn" label="From" field="startsOn" :problems="problems" />
    <DateField v-model="facts.reviewsOn" label="Looked at" field="reviewsOn" :problems="problems" />
    <DateField v-model="facts.endsOn" label="Until" field="endsOn" :problems="problems" />
    <FormField
      v-slot="{ id, state, described }"
      label="Sessions a day at most"
      field="sessionsADay"
      :problems="problems"
    >
      <input
        :id="id"
        v-model.number="facts.sessionsADay"
        type="number"
        min="1"
        max="8"
        class="form-control"
        :class="{ 'is-invalid': state === false }"
        :aria-describedby="described"
      />
    </FormField>
    <FormField
      v-slot="{ id, state, described }"
      label="Minutes a day at most"
      field="minutesADay"
      :problems="problems"
    >
      <input
        :id="id"
        v-model.number="facts.minutesADay"
        type="number"
        min="1"
        max="240"
        class="form-control"
        :class="{ 'is-invalid': state === false }"
        :aria-describedby="described"
      />
    </FormField>
  </div>
</template>

<style scoped>
h2 {
  font-size: 1.25rem;
}
.line-up {
  margin-bottom: 8px;
}
.btn {
  white-space: nowrap;
}
.ways {
  display: flex;
  gap: 8px;
}
.facts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 12px;
  margin-bottom: 16px;
}
</style>
