<script setup lang="ts">
import { computed } from 'vue'
import type { FieldProblem } from '@/api/client'
import { queries } from '@/api/queries'
import type { ActivityForm, Digit, HandRole, HandRoleView, Side } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import FieldProblems from '@/form/FieldProblems.vue'
import { optionsOf } from '@/form/options'
import WordChoice from '@/form/WordChoice.vue'
import WordNumber from '@/form/WordNumber.vue'
import WordSet from '@/form/WordSet.vue'
import WordText from '@/form/WordText.vue'
import DigitHand from '@/hand/DigitHand.vue'
import type { Strength } from '@/hand/drawn'
import { ACTIVITY_KINDS, DIGITS, DISCIPLINES, keys } from '@/parts/labels'
import { without } from '@/parts/without'
import WeightsMap from './WeightsMap.vue'
import { weightOf, withWeight } from './weights'

/** What the hands do, as a sentence between the two hands it speaks of. */
const props = defineProps<{
  index: number
  roles: readonly HandRoleView[]
  problems: readonly FieldProblem[]
}>()
const emit = defineEmits<{ out: [] }>()
const activity = defineModel<ActivityForm>({ required: true })

const kinds = optionsOf(ACTIVITY_KINDS, 'lower')
const disciplines = optionsOf(DISCIPLINES, 'lower')
const digits = optionsOf(DIGITS, 'lower')
type Hands = Side | 'BOTH'
const HANDS: readonly { value: Hands; text: string }[] = [
  { value: 'BOTH', text: 'Both hands' },
  { value: 'LEFT', text: 'The left hand' },
  { value: 'RIGHT', text: 'The right hand' },
]
const hands = computed<Hands>({
  get: () => (activity.value.hands.length === 1 ? (activity.value.hands[0] as Side) : 'BOTH'),
  set: (value) => {
    activity.value.hands = value === 'BOTH' ? ['LEFT', 'RIGHT'] : [value]
  },
})
type RoleSide = Side | ''
const sides = computed<readonly { value: RoleSide; text: string }[]>(() => [
  { value: '', text: activity.value.roles === null ? 'as is usual' : 'neither' },
  { value: 'LEFT', text: 'the left' },
  { value: 'RIGHT', text: 'the right' },
])
const roleSide = (role: HandRole): RoleSide => activity.value.roles?.[role] ?? ''
function setRole(role: HandRole, side: RoleSide) {
  const rest = without(activity.value.roles, role)
  activity.value.roles = side ? { ...rest, [role]: side } : rest
}
const usual = useAsked(() =>
  queries.usualWeights({
    discipline: activity.value.discipline,
    hands: [...activity.value.hands].sort(),
    digits: [...activity.value.digits].sort(),
  }),
)
const weight = (target: string, side: Side) =>
  weightOf(activity.value.weights, usual.data.value ?? [], target, side)

/** Weights from 0 to 10 as three tints. */
const TINT = 3
const GREATEST_TINT = 9
const carries = computed(() => {
  const on = (side: Side) =>
    Object.fromEntries(
      keys(DIGITS).map((digit) => [
        digit,
        Math.min(3, Math.ceil(weight(digit.toLowerCase(), side) / TINT)) as Strength | 0,
      ]),
    ) as Record<Digit, Strength | 0>
  return { LEFT: on('LEFT'), RIGHT: on('RIGHT') }
})
/** One tint more; after the strongest it carries nothing. */
function more(side: Side, digit: Digit) {
  if (!usual.data.value) return
  const target = digit.toLowerCase()
  const now = Math.ceil(weight(target, side) / TINT) * TINT
  const next = now >= GREATEST_TINT ? 0 : now + TINT
  activity.value.weights = withWeight(activity.value.weights, usual.data.value, target, side, next)
}
const field = (name: string) => `activities[${props.index}].${name}`
const wrong = (name: string) => props.problems.some((p) => p.field === field(name))
const FIELDS = [
  'title',
  'kind',
  'discipline',
  'weeklyMinutes',
  'hands',
  'digits',
  'roles',
  'weights',
]
</script>

<template>
  <fieldset class="activity">
    <legend class="visually-hidden">Activity {{ index + 1 }}, {{ activity.title }}</legend>
    <DigitHand
      class="hand"
      side="LEFT"
      :carries="carries.LEFT"
      :title="`Left hand in ${activity.title}`"
      @digit="more('LEFT', $event)"
    />
    <div>
      <p class="sentence">
        <WordText v-model="activity.title" label="Activity" :invalid="wrong('title')" /> is
        <WordChoice v-model="activity.kind" label="Kind" :options="kinds" /> with
        <WordChoice
          v-model="activity.discipline"
          label="With"
          :options="disciplines"
          @update:model-value="activity.roles = null"
        />,
        <WordNumber
          v-model="activity.weeklyMinutes"
          label="Hours a week"
          unit="h"
          :per="60"
          :step="30"
          :min="0"
          :max="6000"
          :invalid="wrong('weeklyMinutes')"
        />
        a week. <WordChoice v-model="hands" label="Working hand" :options="HANDS" />
        {{ hands === 'BOTH' ? 'work' : 'works' }} with
        <WordSet
          v-model="activity.digits"
          label="Digits that carry it"
          none="all digits alike"
          all="all digits"
          :options="digits"
        /><template v-for="(role, i) in roles" :key="role.role"
          >{{ i ? ',' : ';' }} {{ role.word }} is
          <WordChoice
            :model-value="roleSide(role.role)"
            :label="role.word"
            :options="sides"
            @update:model-value="setRole(role.role, $event)" /></template
        >.
      </p>
      <FieldProblems :problems="problems" :fields="FIELDS.map(field)" />
      <div class="line-up more">
        <WeightsMap
          v-model="activity.weights"
          :usual="usual.data.value ?? []"
          :title="activity.title"
        />
        <BButton class="push" variant="link" size="sm" @click="emit('out')">
          Take out<span class="visually-hidden"> {{ activity.title }}</span>
        </BButton>
      </div>
    </div>
    <DigitHand
      class="hand"
      side="RIGHT"
      :carries="carries.RIGHT"
      :title="`Right hand in ${activity.title}`"
      @digit="more('RIGHT', $event)"
    />
  </fieldset>
</template>

<style scoped>
.activity {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr) 76px;
  column-gap: 16px;
  align-items: center;
  min-height: 116px;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.hand {
  justify-self: center;
}
@media (max-width: 520px) {
  .activity {
    grid-template-columns: 1fr 1fr;
  }
  .activity > div {
    grid-row: 2;
    grid-column: 1 / -1;
  }
}
</style>
