<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Digit, DrillRoundView, PainForm, Side, SimulatedHands } from '@/api/types'
import { DIGITS, keys } from '@/parts/labels'
import { counted } from '@/parts/words'
import ReadyFrame from '@/player/ReadyFrame.vue'
import DeviceChoice from './DeviceChoice.vue'
import KeysTogether from './KeysTogether.vue'
import { handsOf } from './sign'
import { SIDES, type TapInput } from './tapInput'

/** Before the first drill: what comes, and how it is judged. */
const props = defineProps<{
  round: DrillRoundView
  /** Drills that the keys at hand can judge. */
  judged: number
}>()
const emit = defineEmits<{
  start: [before: PainForm[] | null]
  leave: []
  simulated: [hands: SimulatedHands | null]
}>()
const input = defineModel<TapInput | null>('input', { required: true })
/** The most keys that were reported at once. */
const most = defineModel<number>('most', { required: true })

const tempi = computed(() => {
  const all = props.round.drills.map((drill) => drill.aMinute)
  const [slowest, fastest] = [Math.min(...all), Math.max(...all)]
  return slowest === fastest ? String(slowest) : `${slowest} to ${fastest}`
})
/** Drills that keys can judge: what bends goes down. */
const byKeys = computed(() => props.round.drills.filter((drill) => drill.keysAtOnce !== null))
/** The fingers that go down in them. */
const fingers = computed<Record<Side, readonly Digit[]>>(() => {
  const of = (side: Side) => {
    const bent = byKeys.value
      .flatMap((drill) => handsOf(drill.drill).filter((hand) => hand.side === side))
      .flatMap((hand) => hand.states.flatMap((state) => state.bent))
    return keys(DIGITS).filter((digit) => bent.includes(digit))
  }
  return { LEFT: of('LEFT'), RIGHT: of('RIGHT') }
})
const sides = computed(() => SIDES.filter((side) => fingers.value[side].length))
/** More than any keyboard reports: whether this one does is found out. */
const isUnknown = computed(
  () =>
    input.value?.device.kind === 'COMPUTER_KEYBOARD' &&
    byKeys.value.some((drill) => (drill.keysAtOnce ?? 0) > props.round.keysTogether),
)
const found = ref(false)
const said = computed(() =>
  props.judged === props.round.drills.length
    ? 'The keys judge all of them.'
    : `The keys judge ${props.judged} of the ${props.round.drills.length}.`,
)
</script>

<template>
  <ReadyFrame
    :title="`${counted(round.drills.length, 'pattern')}, ${round.minutes} min`"
    label="Before the round"
    :safety="round.safety"
    :ready="!byKeys.length || Boolean(input)"
    @start="emit('start', $event)"
    @leave="emit('leave')"
  >
    <div>
      <slot />
      <KeysTogether
        v-if="input && isUnknown"
        v-model="found"
        v-model:most="most"
        :input="input"
        :fingers="fingers"
        :sides="sides"
      >
        <template #not-yet>You are asked about patterns of more keys than it reports.</template>
      </KeysTogether>
    </div>
    <template #lead>
      Each is seen first, then changed {{ round.drills[0]?.changes }} times, {{ tempi }} a
      minute<template v-if="round.beatsABar">, in bars of {{ round.beatsABar }}</template
      >. Clean or not: a touch, a key or a pedal<template v-if="byKeys.length"
        >; whoever drills with the fingers on keys is judged by them</template
      >.
    </template>
    <template v-if="byKeys.length" #more>
      <DeviceChoice
        v-model="input"
        :fingers="fingers"
        :stand-in="round.standIn ? ['evenness', 'seed'] : []"
        @simulated="emit('simulated', $event)"
      />
      <p v-if="input" role="status">{{ said }}</p>
    </template>
  </ReadyFrame>
</template>
