<script setup lang="ts">
import { computed } from 'vue'
import type { ObligationDayView, ObligationForm, ProgrammeChoices } from '@/api/types'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { PURPOSES, keys } from '@/parts/labels'
import StateMark from '@/parts/StateMark.vue'
import { longDate } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import ContentsPanel from './ContentsPanel.vue'
import PainZones from './PainZones.vue'
import { useLook } from './useLook'
import WhereInDay from './WhereInDay.vue'

/** An obligation opened: what it is, what is in it, how often, where in the day, and by what pain. */
const props = defineProps<{
  clientId: string
  choices: ProgrammeChoices
  day: ObligationDayView | undefined
  wrong: readonly string[]
}>()
const emit = defineEmits<{ out: []; close: [] }>()
const obligation = defineModel<ObligationForm>({ required: true })

const DAYS = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const
type Weekday = (typeof DAYS)[number]
const title = computed(
  () => PURPOSES[obligation.value.purpose] + (obligation.value.heavy ? ', heavy' : ''),
)
const often = computed(() =>
  props.choices.frequencies.find((f) => f.frequency === obligation.value.frequency),
)
const anchors = computed(() =>
  props.choices.anchors.map(({ anchor, words }) => ({ value: anchor, label: words })),
)
const { look, problem } = useLook(props.clientId, obligation)
const on = (day: Weekday) => !obligation.value.notOn.includes(day)
function toggle(day: Weekday) {
  obligation.value.notOn = on(day)
    ? [...obligation.value.notOn, day]
    : obligation.value.notOn.filter((one) => one !== day)
}
</script>

<template>
  <section class="panel" :aria-label="title" @keydown.esc="emit('close')">
    <header class="line-up">
      <PegIcon :purpose="obligation.purpose" />
      <h3>{{ title }}</h3>
      <span v-if="day?.day" class="quiet"
        >{{ day.sessions }} in seven days, {{ day.minutes }} min</span
      >
      <span class="push ways">
        <BButton
          size="sm"
          variant="outline-secondary"
          :aria-label="`Take out ${title}`"
          @click="emit('out')"
          >Take out</BButton
        >
        <BButton size="sm" variant="outline-secondary" @click="emit('close')">Close</BButton>
      </span>
    </header>
    <p v-for="message in wrong" :key="message" class="wrong" role="alert">
      <StateMark state="WARN" />{{ message }}
    </p>
    <div class="part">
      <h4>What it is</h4>
      <p class="side-by-side">
        <select v-model="obligation.purpose" class="form-select purpose" aria-label="Purpose">
          <option v-for="p in keys(PURPOSES)" :key="p" :value="p">{{ PURPOSES[p] }}</option>
        </select>
        <label class="minutes"
          ><input
            v-model.number="obligation.minutes"
            type="number"
            min="1"
            max="60"
            class="form-control"
            aria-label="Minutes"
          />
          min</label
        >
        <label class="check"
          ><input v-model="obligation.heavy" type="checkbox" class="form-check-input" />
          heavy</label
        >
      </p>
    </div>
    <div class="part">
      <h4>What is in it</h4>
      <ContentsPanel
        v-model="obligation"
        :client-id="clientId"
        :attached="often?.attached ?? false"
        :of-the-block="often?.ofTheBlock ?? false"
        :look="look"
        :problem="problem"
      />
    </div>
    <div class="part">
      <h4>How often</h4>
      <select v-model="obligation.frequency" class="form-select often" aria-label="How often">
        <option v-for="f in choices.frequencies" :key="f.frequency" :value="f.frequency">
          {{ f.words }}
        </option>
      </select>
    </div>
    <div class="part">
      <h4>Where in the day</h4>
      <div>
        <p v-if="often?.place">{{ often.place }}</p>
        <ChoiceRow v-else v-model="obligation.anchor" label="Where in the day" :options="anchors" />
        <template v-if="day?.day">
          <WhereInDay :day="day.day" large />
          <p class="quiet small">as it is placed on {{ longDate(day.day.date) }}</p>
        </template>
        <p v-else-if="!day" class="quiet small">not placed yet</p>
      </div>
    </div>
    <div v-if="!often?.attached" class="part">
      <h4>Days</h4>
      <div class="days" role="group" aria-label="On these days">
        <button
          v-for="one in DAYS"
          :key="one"
          type="button"
          :aria-pressed="on(one)"
          :aria-label="one.charAt(0) + one.slice(1).toLowerCase()"
          @click="toggle(one)"
        >
          {{ one.charAt(0) + one.slice(1, 3).toLowerCase() }}
        </button>
      </div>
    </div>
    <div v-if="obligation.frequency === 'BY_PAIN' && look" class="part">
      <h4>By pain</h4>
      <PainZones :zones="look.pain" />
    </div>
  </section>
</template>

<style scoped>
.panel {
  min-width: 0;
  padding: 12px 20px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
h3 {
  font-size: 1.25rem;
}
.ways {
  display: flex;
  gap: 8px;
}
.part {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr);
  gap: 12px;
  align-items: start;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
header + .part {
  margin-top: 8px;
}
h4 {
  margin: 8px 0 0;
  font-weight: 600;
  font-size: 0.875rem;
}
.purpose,
.often {
  justify-self: start;
  width: auto;
  max-width: 100%;
}
.minutes {
  display: flex;
  gap: 6px;
  align-items: center;
}
.minutes input {
  width: 84px;
}
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.days button {
  min-width: 46px;
  min-height: 40px;
  border: 1.5px dotted var(--edge);
  background: transparent;
  color: var(--ink-2);
}
.days button[aria-pressed='true'] {
  border: 1.5px solid var(--ink);
  color: var(--ink);
  font-weight: 600;
}
.wrong {
  display: flex;
  gap: 6px;
  align-items: center;
  color: var(--stop);
  font-weight: 600;
}
.side-by-side,
header {
  flex-wrap: wrap;
}
@media (max-width: 640px) {
  .panel {
    padding: 12px;
  }
  .part {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
