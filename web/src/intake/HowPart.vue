<script setup lang="ts">
import type { FieldProblem } from '@/api/client'
import { queries } from '@/api/queries'
import type { ClientForm, Notation } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import FieldProblems from '@/form/FieldProblems.vue'
import { optionsOf } from '@/form/options'
import WordChoice from '@/form/WordChoice.vue'
import WordNumber from '@/form/WordNumber.vue'
import WordText from '@/form/WordText.vue'
import WordTime from '@/form/WordTime.vue'
import { METHODS } from '@/parts/labels'
import BreathTap from './BreathTap.vue'
import WakeRibbon from './WakeRibbon.vue'

/** How and when somebody works with their hands: a sentence, and the waking day. */
const props = defineProps<{ clientId: string; problems: readonly FieldProblem[] }>()
const form = defineModel<ClientForm>({ required: true })

const day = useAsked(() => queries.day(props.clientId))
const methods = optionsOf(METHODS, 'lower')
const NOTATIONS: readonly { value: Notation; text: string }[] = [
  { value: 'NAMES', text: 'by its name' },
  { value: 'KEYBOARD', text: '1 to 5, as on keys' },
  { value: 'STRINGS', text: 'T and 1 to 4, as on strings' },
  { value: 'PLUCKING', text: 'p i m a c, as in plucking' },
]
const zones = Intl.supportedValuesOf('timeZone')
const FIELDS = [
  'warmUpMinutes',
  'breakMinutes',
  'careMinutes',
  'breathsPerMinute',
  'method',
  'notation',
  'timeZone',
  'wakesAt',
  'sleepsAt',
]
const wrong = (field: string) => props.problems.some((p) => p.field === field)
</script>

<template>
  <section aria-label="How and when">
    <header class="how">
      <h2>How and when</h2>
      <p class="sentence">
        <WordNumber
          v-model="form.warmUpMinutes"
          label="Warm-up, minutes"
          unit="min"
          :min="3"
          :max="30"
          :invalid="wrong('warmUpMinutes')"
        />
        to warm up,
        <WordNumber
          v-model="form.breakMinutes"
          label="Break, minutes"
          unit="min"
          :min="1"
          :max="10"
          :invalid="wrong('breakMinutes')"
        />
        for a break,
        <WordNumber
          v-model="form.careMinutes"
          label="Other routines, minutes"
          unit="min"
          :min="1"
          :max="30"
          :invalid="wrong('careMinutes')"
        />
        for anything else; stretches by
        <WordChoice v-model="form.method" label="Stretching method they like" :options="methods" />,
        at
        <WordNumber
          v-model="form.breathsPerMinute"
          label="Breaths a minute at rest"
          :min="3"
          :max="15"
          :invalid="wrong('breathsPerMinute')"
        />
        breaths a minute; a finger is called
        <WordChoice v-model="form.notation" label="Fingers are written" :options="NOTATIONS" />. The
        day goes from
        <WordTime v-model="form.wakesAt" label="Wakes" :invalid="wrong('wakesAt')" /> to
        <WordTime v-model="form.sleepsAt" label="Sleeps" :invalid="wrong('sleepsAt')" /> by the
        clock of
        <WordText
          v-model="form.timeZone"
          label="Time zone"
          list="zones"
          :invalid="wrong('timeZone')"
        />.
      </p>
      <datalist id="zones"><option v-for="zone in zones" :key="zone" :value="zone" /></datalist>
    </header>
    <FieldProblems :problems="problems" :fields="FIELDS" />
    <WakeRibbon
      v-if="day.data.value"
      v-model:wakes="form.wakesAt"
      v-model:sleeps="form.sleepsAt"
      :day="day.data.value"
    />
    <BreathTap @counted="form.breathsPerMinute = $event" />
  </section>
</template>

<style scoped>
.how {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0 16px;
  align-items: baseline;
}
h2 {
  white-space: nowrap;
}
@media (max-width: 700px) {
  .how {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
