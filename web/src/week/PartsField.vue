<script setup lang="ts">
import { computed } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { PartForm } from '@/api/types'
import { counted, duration } from '@/parts/words'

/** What a block is made of: rounds, pieces, games or sets, with lengths known or guessed. */
const props = defineProps<{ problems: readonly FieldProblem[] }>()
const parts = defineModel<PartForm[]>({ required: true })

const add = () => {
  const last = parts.value.at(-1)
  parts.value = [
    ...parts.value,
    last ? { ...last } : { title: 'Round', minutes: 25, restMinutes: 0, guessed: true },
  ]
}
const remove = (index: number) => {
  parts.value = parts.value.filter((_, i) => i !== index)
}
const minutes = computed(() =>
  parts.value.reduce(
    (sum, part, i) => sum + part.minutes + (i + 1 < parts.value.length ? part.restMinutes : 0),
    0,
  ),
)
const messages = computed(() =>
  props.problems.filter((p) => p.field.startsWith('parts')).map((p) => p.message),
)
</script>

<template>
  <fieldset>
    <legend class="form-label">Made of rounds, pieces or sets</legend>
    <div v-if="parts.length" class="row head small quiet" aria-hidden="true">
      <span>Called</span><span>min</span><span>then off</span><span>a guess</span><span />
    </div>
    <ol v-if="parts.length">
      <li v-for="(part, i) in parts" :key="i" class="row">
        <BFormInput v-model="part.title" size="sm" :aria-label="`Part ${i + 1} is called`" />
        <BFormInput
          v-model.number="part.minutes"
          size="sm"
          type="number"
          min="1"
          max="720"
          :aria-label="`Minutes of part ${i + 1}`"
        />
        <BFormInput
          v-model.number="part.restMinutes"
          size="sm"
          type="number"
          min="0"
          max="720"
          :aria-label="`Minutes off after part ${i + 1}`"
        />
        <BFormCheckbox v-model="part.guessed" :aria-label="`Part ${i + 1} is a guess`" />
        <BButton size="sm" variant="link" @click="remove(i)"
          >Out<span class="visually-hidden"> with part {{ i + 1 }}</span></BButton
        >
      </li>
    </ol>
    <p class="side-by-side">
      <BButton size="sm" variant="outline-secondary" @click="add">Add a part</BButton>
      <span v-if="parts.length" class="quiet small"
        >{{ counted(parts.length, 'part') }}, {{ duration(minutes * 60_000) }} in all; breaks fall
        where one ends</span
      >
    </p>
    <p v-if="messages.length" class="stop" role="alert">{{ messages.join(' ') }}</p>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: 6px;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 76px 76px 60px 48px;
  gap: 6px;
  align-items: center;
  padding: 2px 0;
}
.row :deep(.form-check) {
  margin: 0;
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
</style>
