<script setup lang="ts">
import { computed } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { Choices, ExerciseForm, ExerciseView } from '@/api/types'
import { REFERRAL_SIGNS, REGIONS } from '@/parts/labels'
import { capital } from '@/parts/words'
import EditorSection from './EditorSection.vue'
import { optionsOf } from '@/form/options'
import UsesField from './UsesField.vue'

/** What an exercise uses, and what closes it. */
const props = defineProps<{
  problems: readonly FieldProblem[]
  choices: Choices
  preview: ExerciseView | null
}>()
const form = defineModel<ExerciseForm>({ required: true })

const conditions = computed(() =>
  props.choices.conditions.map((c) => ({
    value: c.condition,
    text: capital(c.word),
  })),
)
</script>

<template>
  <EditorSection title="What it uses">
    <UsesField
      v-model:uses="form.uses"
      v-model:helper="form.helper"
      :problems="problems.filter((p) => p.field === 'uses' || p.field === 'helper')"
    />
  </EditorSection>
  <EditorSection title="What closes it">
    <p v-if="preview?.closedBecause.length" class="quiet">
      By what it is: {{ preview.closedBecause.join(' ') }}
    </p>
    <div class="checks">
      <span class="form-label">With these conditions, too</span>
      <BFormCheckboxGroup
        v-model="form.closedWithConditions"
        :options="conditions"
        aria-label="Conditions"
      />
    </div>
    <div class="checks">
      <span class="form-label">With these signs, too</span>
      <BFormCheckboxGroup
        v-model="form.closedWithSigns"
        :options="optionsOf(REFERRAL_SIGNS)"
        aria-label="Referral signs"
      />
    </div>
    <div class="checks">
      <span class="form-label">While these are sore</span>
      <BFormCheckboxGroup
        v-model="form.closedWithSore"
        :options="optionsOf(REGIONS)"
        aria-label="Sore regions"
      />
    </div>
  </EditorSection>
</template>
