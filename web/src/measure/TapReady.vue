<script setup lang="ts">
import type { Digit, PainForm, SafetyView, Side, SimulatedHands } from '@/api/types'
import ReadyFrame from '@/player/ReadyFrame.vue'
import DeviceChoice from '@/workshop/DeviceChoice.vue'
import type { TapInput } from '@/workshop/tapInput'

/** Before a test on keys: what is done, and on what. */
defineProps<{
  title: string
  safety: SafetyView
  fingers: Readonly<Record<Side, readonly Digit[]>>
  /** What of simulated hands matters here; nothing where there are none. */
  standIn: readonly (keyof SimulatedHands)[]
  /** Why it may not be done. */
  closed: string | null
  /** Whether anything else has to be known first. */
  waits?: boolean
}>()
const emit = defineEmits<{
  start: [before: PainForm[] | null]
  leave: []
  simulated: [hands: SimulatedHands | null]
}>()
const input = defineModel<TapInput | null>('input', { required: true })
</script>

<template>
  <ReadyFrame
    :title="title"
    label="Before the test"
    :safety="safety"
    :closed="closed"
    :ready="Boolean(input) && !waits"
    start-key="Enter"
    start-name="Enter"
    @start="emit('start', $event)"
    @leave="emit('leave')"
  >
    <slot />
    <template #lead><slot name="lead" /></template>
    <template #more>
      <DeviceChoice
        v-model="input"
        :fingers="fingers"
        :stand-in="standIn"
        @simulated="emit('simulated', $event)"
      />
    </template>
  </ReadyFrame>
</template>
