<script setup lang="ts">
import { computed } from 'vue'
import type { KeptView, ObligationDayView, ObligationForm, ProgrammeChoices } from '@/api/types'
import { PURPOSES } from '@/parts/labels'
import StateMark from '@/parts/StateMark.vue'
import { duration } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import RoutineTape from '@/tape/RoutineTape.vue'
import WhereInDay from './WhereInDay.vue'

/** An obligation in one line: what, how often, where in the day, with what, and what was kept. */
const props = defineProps<{
  obligation: ObligationForm
  choices: ProgrammeChoices
  /** Where it stands; nothing where it was not placed yet. */
  day: ObligationDayView | undefined
  kept: KeptView | undefined
  /** The longest tape of all, so that they are drawn to one scale. */
  longest: number
  wrong: readonly string[]
  narrow: boolean
  open: boolean
}>()
const emit = defineEmits<{ open: [] }>()

const TAPE = 184
const title = computed(() => PURPOSES[props.obligation.purpose])
const often = computed(() =>
  props.choices.frequencies.find((f) => f.frequency === props.obligation.frequency),
)
const anchor = computed(
  () => props.choices.anchors.find((a) => a.anchor === props.obligation.anchor)?.words,
)
const words = computed(() =>
  often.value?.place
    ? often.value.words
    : [often.value?.words, anchor.value].filter(Boolean).join(', '),
)
const tape = computed(() => (props.day?.look.steps ?? []).map((step) => step.tape))
const keptWords = computed(() =>
  props.kept ? `${props.kept.kept} of ${props.kept.planned}` : props.day ? '' : 'not placed yet',
)
const label = computed(() =>
  [`${title.value}${props.obligation.heavy ? ', heavy' : ''}`, words.value, keptWords.value]
    .filter(Boolean)
    .join(', '),
)
</script>

<template>
  <li :class="{ open, narrow }">
    <button
      type="button"
      :aria-expanded="open"
      :aria-controls="open ? 'opened-obligation' : undefined"
      :aria-label="label"
      @click="emit('open')"
    >
      <PegIcon :purpose="obligation.purpose" />
      <span class="what">
        <b>{{ title }}<template v-if="obligation.heavy">, heavy</template></b>
        <span class="quiet small">{{ words }}</span>
      </span>
      <template v-if="!narrow">
        <span class="where">
          <WhereInDay v-if="day?.day" :day="day.day" />
          <span v-else-if="day" class="quiet small">{{
            day.look.refused ? 'waits' : 'not in the next seven days'
          }}</span>
        </span>
        <span class="tape">
          <template v-if="tape.length && day">
            <RoutineTape
              :steps="tape"
              :height="20"
              :width="Math.max(40, (day.look.lengthMillis / longest) * TAPE)"
              :letters="false"
              patterns="mini"
              :gap="0.5"
              :stroke-width="1.2"
            />
            <span class="quiet small">{{ duration(day.look.lengthMillis) }}</span>
          </template>
        </span>
      </template>
      <span class="kept" :class="{ short: kept && kept.kept < kept.planned }">{{ keptWords }}</span>
    </button>
    <p v-for="one in wrong" :key="one" class="wrong"><StateMark state="WARN" />{{ one }}</p>
  </li>
</template>

<style scoped>
li {
  border-top: 1px solid var(--line);
}
button {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) 132px 190px 76px;
  gap: 12px;
  align-items: center;
  width: 100%;
  min-height: 53px;
  padding: 4px 8px;
  border: 1.5px solid transparent;
  background: transparent;
  color: var(--ink);
  text-align: left;
}
.narrow button {
  grid-template-columns: 24px minmax(0, 1fr) auto;
}
button:hover {
  background: var(--main-wash);
}
.open button {
  position: relative;
  z-index: 1;
  width: calc(100% + 1.5px);
  border-color: var(--ink);
  border-right-color: var(--surface);
  background: var(--surface);
}
.what {
  display: grid;
}
.tape {
  display: grid;
  line-height: 1.1;
}
.kept {
  font-weight: 600;
  font-size: 0.8125rem;
  text-align: right;
}
.short {
  color: var(--warn);
}
.wrong {
  display: flex;
  gap: 6px;
  align-items: center;
  margin: 0 0 6px 44px;
  color: var(--stop);
  font-weight: 600;
  font-size: 0.8125rem;
}
@media (max-width: 640px) {
  button {
    grid-template-columns: 24px minmax(0, 1fr) auto;
  }
  .where,
  .tape {
    display: none;
  }
}
</style>
