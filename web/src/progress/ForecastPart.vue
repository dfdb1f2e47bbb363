<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { LadderView, Side, StoryView } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { useAttempt } from '@/api/useAttempt'
import ChoiceRow from '@/form/ChoiceRow.vue'
import DateInput from '@/form/DateInput.vue'
import { addDays, capital, counted, dayMonth } from '@/parts/words'
import RungChart from './RungChart.vue'

/** When a rung will be reached, at a rate that can be tried; and the question the other way round. */
const props = defineProps<{ clientId: string; story: StoryView; today: string }>()

const ladder = computed<LadderView>(() => props.story.ladder)
const climbing = computed(() =>
  ladder.value.sides.filter((side) => side.rung < ladder.value.rungs.length - 1),
)
const side = ref<Side>(climbing.value[0]?.side ?? 'LEFT')
const standing = computed(() => ladder.value.sides.find((one) => one.side === side.value))
const goal = ref(ladder.value.rungs.length - 1)
const goals = computed(() =>
  ladder.value.rungs
    .map((words, rung) => ({ value: rung, label: words }))
    .filter(({ value }) => value > (standing.value?.rung ?? 0)),
)
watch(goals, (now) => {
  if (!now.some((one) => one.value === goal.value)) goal.value = now.at(-1)?.value ?? 0
})
const days = ref<number | undefined>(undefined)
const SIDES = computed(() =>
  climbing.value.map((one) => ({ value: one.side, label: capital(one.side.toLowerCase()) })),
)

const asked = useAsked(() =>
  queries.forecast(
    props.clientId,
    ladder.value.exerciseId,
    climbing.value.length
      ? {
          side: side.value,
          goal: goal.value,
          ...(days.value === undefined ? {} : { daysAWeek: days.value }),
        }
      : null,
  ),
)
const forecast = computed(() => asked.data.value ?? undefined)
const EVERY_DAY = 7
const daysAWeek = computed(() => days.value ?? forecast.value?.daysAWeek ?? EVERY_DAY)

const by = ref(addDays(props.today, 28))
const often = ref('')
const { busy, message, attempt } = useAttempt()
const ask = () =>
  attempt(async () => {
    often.value = (
      await api.often(props.clientId, ladder.value.exerciseId, {
        side: side.value,
        goal: goal.value,
        by: by.value,
      })
    ).sentence
  })
watch([side, goal, by], () => (often.value = ''))
</script>

<template>
  <RungChart :rungs="ladder.rungs" :curves="story.curves" :forecast="forecast" :today="today" />
  <div v-if="climbing.length" class="asked">
    <h3>To come</h3>
    <ChoiceRow v-if="SIDES.length > 1" v-model="side" label="Side" :options="SIDES" />
    <p class="line-up">
      <label for="goal">To</label>
      <select id="goal" v-model.number="goal">
        <option v-for="one in goals" :key="one.value" :value="one.value">{{ one.label }}</option>
      </select>
      <label for="days">on {{ counted(daysAWeek, 'day') }} a week</label>
      <input
        id="days"
        type="range"
        min="1"
        :max="EVERY_DAY"
        :value="daysAWeek"
        @input="days = Number(($event.target as HTMLInputElement).value)"
      />
    </p>
    <template v-if="forecast">
      <p class="large sentence" aria-live="polite">{{ forecast.sentence }}</p>
      <p class="quiet small">
        Of what was planned {{ forecast.attendancePercent }}&nbsp;% was done, and of that
        {{ forecast.successPercent }}&nbsp;% went well.
        <template v-if="forecast.full">
          All kept and all going well: {{ dayMonth(forecast.full) }}.
        </template>
      </p>
    </template>
    <p v-if="asked.error.value" class="error" role="alert">{{ asked.error.value.message }}</p>
    <form class="line-up" @submit.prevent="ask">
      <label for="by">To be there by</label>
      <DateInput id="by" v-model="by" :min="addDays(today, 1)" />
      <BButton type="submit" size="sm" variant="outline-secondary" :disabled="busy"
        >How often?</BButton
      >
      <b aria-live="polite">{{ often }}</b>
    </form>
    <p v-if="message" class="error" role="alert">{{ message }}</p>
  </div>
</template>

<style scoped>
.asked {
  display: grid;
  gap: 8px;
}
.line-up {
  flex-wrap: wrap;
}
[type='range'] {
  accent-color: var(--main);
}
select {
  min-height: 36px;
  padding: 0 8px;
  border: 1.5px solid var(--edge);
  border-radius: var(--corner);
  background: var(--surface);
  color: var(--ink);
}
.sentence::first-letter {
  text-transform: capitalize;
}
</style>
