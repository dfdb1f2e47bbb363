<script setup lang="ts">
import { computed, ref } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { ObligationForm, ProgrammeChoices } from '@/api/types'
import { PURPOSES, keys } from '@/parts/labels'
import { counted } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import ContentsPanel from './ContentsPanel.vue'

/** What comes how often, and where in the day it may stand. */
const props = defineProps<{
  number: number
  clientId: string
  choices: ProgrammeChoices
  problems: readonly FieldProblem[]
  /** What was kept of it lately, in words; nothing where it is new. */
  kept?: string
}>()
const emit = defineEmits<{ out: [] }>()
const obligation = defineModel<ObligationForm>({ required: true })

const often = computed(() =>
  props.choices.frequencies.find((f) => f.frequency === obligation.value.frequency),
)
const place = computed(() => often.value?.place)
const open = ref(false)
const attached = computed(() => often.value?.attached ?? false)
const ofTheBlock = computed(() => often.value?.ofTheBlock ?? false)
const within = computed(() => {
  const contents = obligation.value.contents
  if (!contents) return 'composed anew'
  if (contents.routineId) return 'a routine of the shelf'
  return contents.required.length
    ? `with ${counted(contents.required.length, 'exercise')} of its own`
    : 'around a theme'
})
const wrong = computed(() =>
  props.problems
    .filter((p) => p.field.startsWith(`obligations[${props.number - 1}].`))
    .map((p) => p.message),
)
</script>

<template>
  <li>
    <PegIcon :purpose="obligation.purpose" />
    <select v-model="obligation.purpose" class="form-select" :aria-label="`Purpose ${number}`">
      <option v-for="p in keys(PURPOSES)" :key="p" :value="p">{{ PURPOSES[p] }}</option>
    </select>
    <label class="minutes"
      ><input
        v-model.number="obligation.minutes"
        type="number"
        min="1"
        max="60"
        class="form-control"
        :aria-label="`Minutes ${number}`"
      />
      min</label
    >
    <select v-model="obligation.frequency" class="form-select" :aria-label="`How often ${number}`">
      <option v-for="f in choices.frequencies" :key="f.frequency" :value="f.frequency">
        {{ f.words }}
      </option>
    </select>
    <span v-if="place" class="quiet">{{ place }}</span>
    <select
      v-else
      v-model="obligation.anchor"
      class="form-select"
      :aria-label="`Where in the day ${number}`"
    >
      <option v-for="a in choices.anchors" :key="a.anchor" :value="a.anchor">{{ a.words }}</option>
    </select>
    <label class="check"
      ><input v-model="obligation.heavy" type="checkbox" class="form-check-input" /> heavy</label
    >
    <BButton
      size="sm"
      variant="link"
      :aria-label="`Take out ${PURPOSES[obligation.purpose]}`"
      @click="emit('out')"
      >Take out</BButton
    >
    <p class="within">
      <span v-if="ofTheBlock" class="quiet small">composed for the block it stands before</span>
      <BButton
        v-else
        size="sm"
        variant="link"
        :aria-expanded="open"
        :aria-label="`What is in ${PURPOSES[obligation.purpose]}, ${number}: ${within}`"
        @click="open = !open"
        >{{ within }}</BButton
      >
      <span v-if="kept" class="quiet small kept">{{ kept }}</span>
    </p>
    <ContentsPanel
      v-if="open && !ofTheBlock"
      v-model="obligation"
      :client-id="clientId"
      :number="number"
      :attached="attached"
    />
    <span v-for="message in wrong" :key="message" class="wrong">{{ message }}</span>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 24px 140px 92px minmax(0, 1.2fr) minmax(0, 1fr) auto auto;
  gap: 10px;
  align-items: center;
  padding: 7px 0;
  border-top: 1px solid var(--line);
}
.minutes {
  display: flex;
  gap: 6px;
  align-items: center;
}
.within {
  grid-column: 2 / -1;
  margin: -4px 0 0;
}
.kept {
  margin-left: 12px;
}
.within .btn {
  padding-left: 0;
}
.wrong {
  grid-column: 2 / -1;
  color: var(--stop);
  font-weight: 600;
  font-size: 0.8125rem;
}
</style>
