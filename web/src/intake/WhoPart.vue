<script setup lang="ts">
import type { FieldProblem } from '@/api/client'
import type { ClientForm, Side } from '@/api/types'
import FieldProblems from '@/form/FieldProblems.vue'
import { optionsOf } from '@/form/options'
import WordChoice from '@/form/WordChoice.vue'
import WordText from '@/form/WordText.vue'
import { AGE_GROUPS } from '@/parts/labels'

/** Who somebody is, in a sentence. */
const props = defineProps<{ problems: readonly FieldProblem[] }>()
const form = defineModel<ClientForm>({ required: true })

const ages = optionsOf(AGE_GROUPS, 'lower')
const HANDS: readonly { value: Side; text: string }[] = [
  { value: 'LEFT', text: 'left' },
  { value: 'RIGHT', text: 'right' },
]
const CLASPS: readonly { value: Side | null; text: string }[] = [
  { value: null, text: 'nobody has looked which thumb' },
  { value: 'LEFT', text: 'the left thumb' },
  { value: 'RIGHT', text: 'the right thumb' },
]
const wrong = (field: string) => props.problems.some((p) => p.field === field)
</script>

<template>
  <section aria-label="Who">
    <h2>Who</h2>
    <p class="sentence">
      <WordText
        v-model="form.name"
        label="Name"
        placeholder="their name"
        :invalid="wrong('name')"
      />,
      <WordText
        v-model="form.occupation"
        label="What they do"
        placeholder="what they do"
        :invalid="wrong('occupation')"
      />, <WordChoice v-model="form.ageGroup" label="Age" :options="ages" />. The
      <WordChoice v-model="form.dominantHand" label="Dominant hand" :options="HANDS" /> hand leads;
      in a clasp
      <WordChoice v-model="form.claspSide" label="Natural clasp" :options="CLASPS" /> lies on top.
    </p>
    <FieldProblems :problems="problems" :fields="['name', 'occupation', 'ageGroup', 'claspSide']" />
  </section>
</template>
