<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import { api } from '@/api/calls'
import type { PointState, SetUpMeasure, SetUpView } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import ChoiceRow from '@/form/ChoiceRow.vue'
import StateMark from '@/parts/StateMark.vue'
import { dayMonth } from '@/parts/words'

/** The points of each set-up, looked at now and then; one of them rides along in the routines. */
const props = defineProps<{ clientId: string }>()

const loaded = useAsked(() => queries.setUp(props.clientId))
const changed = shallowRef<SetUpView | null>(null)
const view = () => changed.value ?? loaded.data.value
const STATES: readonly { value: PointState; label: string }[] = [
  { value: 'FINE', label: 'Fine' },
  { value: 'NOT_YET', label: 'Not yet' },
]
const error = ref('')
async function attempt(what: () => Promise<SetUpView>) {
  error.value = ''
  try {
    changed.value = await what()
  } catch (e) {
    error.value = (e as Error).message
  }
}
function look(activityId: string, point: string, state: PointState, words: string) {
  void attempt(() => api.lookAt(props.clientId, { activityId, point, state, words }))
}
function ride(activityId: string, point: string | null) {
  void attempt(() => api.ride(props.clientId, activityId, point))
}
const comparing = ref<string | null>(null)
const measure = ref<SetUpMeasure>('WRIST_ANGLE')
const names = ref(['', ''])
const values = ref(['', ''])
function compare(activityId: string) {
  void attempt(() =>
    api.compareSetUps(props.clientId, {
      activityId,
      measure: measure.value,
      firstName: names.value[0] ?? '',
      firstValue: Number(values.value[0]),
      secondName: names.value[1] ?? '',
      secondValue: Number(values.value[1]),
    }),
  ).then(() => {
    if (!error.value) comparing.value = null
  })
}
</script>

<template>
  <section aria-label="Set-up">
    <h2>Set-up</h2>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <details v-for="activity in view()?.activities ?? []" :key="activity.activityId">
      <summary>
        <b>{{ activity.title }}</b>
        <span class="quiet"
          >{{ activity.points.filter((p) => p.state === 'FINE').length }} fine,
          {{ activity.points.filter((p) => p.state === 'NOT_YET').length }} not yet,
          {{ activity.points.filter((p) => p.state === 'NOT_LOOKED_AT').length }} not looked
          at</span
        >
      </summary>
      <ul>
        <li v-for="point in activity.points" :key="point.id">
          <StateMark
            v-if="point.state !== 'NOT_LOOKED_AT'"
            :state="point.state === 'FINE' ? 'GOOD' : 'WARN'"
          />
          <span v-else class="none" aria-hidden="true" />
          <span class="says"
            >{{ point.says }}
            <small class="quiet"
              >{{ point.lookedOn ? dayMonth(point.lookedOn) : 'not looked at' }}
              {{ point.words }}</small
            ></span
          >
          <ChoiceRow
            :model-value="point.state === 'NOT_LOOKED_AT' ? null : point.state"
            :label="point.says"
            :options="STATES"
            @update:model-value="$event && look(activity.activityId, point.id, $event, point.words)"
          />
          <input
            class="form-control word"
            :value="point.words"
            :aria-label="`A word about: ${point.says}`"
            placeholder="a word"
            maxlength="120"
            @change="
              look(
                activity.activityId,
                point.id,
                point.state === 'NOT_LOOKED_AT' ? 'NOT_YET' : point.state,
                ($event.target as HTMLInputElement).value,
              )
            "
          />
          <BButton
            size="sm"
            :variant="activity.ridingPoint === point.id ? 'primary' : 'outline-secondary'"
            :aria-pressed="activity.ridingPoint === point.id"
            @click="ride(activity.activityId, activity.ridingPoint === point.id ? null : point.id)"
            >{{ activity.ridingPoint === point.id ? 'Rides along' : 'Let it ride' }}</BButton
          >
        </li>
      </ul>
      <p v-for="(c, i) in activity.comparisons" :key="i" class="compared">
        <span class="quiet">{{ dayMonth(c.date) }}</span> {{ c.measure }}: {{ c.firstName }}
        {{ c.firstValue }}{{ c.unit && '\u00a0' + c.unit }}, {{ c.secondName }} {{ c.secondValue
        }}{{ c.unit && '\u00a0' + c.unit }}.
        <b v-if="c.better">{{ c.better }} is better.</b>
      </p>
      <BButton
        v-if="comparing !== activity.activityId"
        size="sm"
        variant="link"
        @click="comparing = activity.activityId"
        >Compare two set-ups</BButton
      >
      <form v-else class="compare" @submit.prevent="compare(activity.activityId)">
        <select v-model="measure" class="form-select" aria-label="By which number">
          <option v-for="m in view()?.measures ?? []" :key="m.measure" :value="m.measure">
            {{ m.word }}
          </option>
        </select>
        <template v-for="i in [0, 1]" :key="i">
          <input
            v-model="names[i]"
            class="form-control"
            :aria-label="i === 0 ? 'The first set-up' : 'The second set-up'"
            :placeholder="i === 0 ? 'as before' : 'tried now'"
            maxlength="40"
          />
          <input
            v-model="values[i]"
            class="form-control"
            type="number"
            min="0"
            max="1000"
            step="any"
            :aria-label="i === 0 ? 'Its number' : 'Its number, second'"
          />
        </template>
        <BButton
          type="submit"
          size="sm"
          variant="primary"
          :disabled="!names[0] || !names[1] || values[0] === '' || values[1] === ''"
          >Compare</BButton
        >
      </form>
    </details>
    <p v-if="view() && !view()?.activities.length" class="quiet">
      An activity has to be there first; each has its own points.
    </p>
  </section>
</template>

<style scoped>
details {
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
summary .quiet {
  margin-left: 8px;
  font-size: 0.8125rem;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
}
.none {
  flex: none;
  width: 12px;
}
.says {
  flex: 1;
}
.says small {
  display: block;
}
li :deep(.choices button) {
  min-height: 30px;
  padding: 0 8px;
  font-size: 0.8125rem;
  white-space: nowrap;
}
.word {
  width: 110px;
  padding: 3px 6px;
}
.compare {
  display: grid;
  grid-template-columns: 1.6fr 1fr 70px 1fr 70px auto;
  gap: 8px;
  margin: 6px 0;
}
.error {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 900px) {
  li {
    flex-wrap: wrap;
  }
  .compare {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
