<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Digit, PainForm, SafetyView, Side } from '@/api/types'
import PainPlaces from '@/hand/PainPlaces.vue'
import SafetyNotes from '@/parts/SafetyNotes.vue'
import BeforeStart from '@/player/BeforeStart.vue'
import StageKey from '@/player/StageKey.vue'
import type { TapInput } from '@/workshop/tapInput'
import DeviceChoice from './DeviceChoice.vue'

/** Before a test: what is done, on what, when to stop. */
const props = defineProps<{
  title: string
  safety: SafetyView
  fingers: Readonly<Record<Side, readonly Digit[]>>
  standIn: boolean
  /** Why it may not be done. */
  closed: string | null
  /** Whether anything else has to be known first. */
  waits?: boolean
}>()
const emit = defineEmits<{
  start: [before: PainForm[] | null]
  leave: []
  simulated: [on: boolean]
}>()
const input = defineModel<TapInput | null>('input', { required: true })
const before = ref<PainForm[] | null>(null)
const asking = ref(false)
const ready = computed(() => input.value && !props.waits && !props.closed)
const start = () => {
  if (ready.value) emit('start', before.value)
}
/** Enter starts: Space is a thumb to some. */
useEventListener(document, 'keydown', (event) => {
  if (event.key === 'Escape') emit('leave')
  if (event.key !== 'Enter' || asking.value || event.target instanceof HTMLButtonElement) return
  event.preventDefault()
  start()
})
</script>

<template>
  <div class="first">
    <PainPlaces v-if="asking && before" v-model="before" :ending-pain="safety.endingPain" />
    <slot v-else />
  </div>
  <section class="said" aria-label="Before the test">
    <h1>{{ title }}</h1>
    <p class="lead"><slot name="lead" /></p>
    <template v-if="closed">
      <p class="lead" role="alert">{{ closed }}</p>
      <p><StageKey word="Leave" key-name="Esc" @click="emit('leave')" /></p>
    </template>
    <template v-else>
      <DeviceChoice
        v-model="input"
        :fingers="fingers"
        :stand-in="standIn"
        @simulated="emit('simulated', $event)"
      />
      <SafetyNotes :notes="safety.notes" />
      <BeforeStart v-model:before="before" v-model:asking="asking" :safety="safety" />
      <p class="side-by-side">
        <StageKey
          class="start"
          on
          word="Start"
          key-name="Enter"
          :disabled="!ready"
          @click="start"
        />
        <StageKey word="Leave" key-name="Esc" @click="emit('leave')" />
      </p>
    </template>
  </section>
</template>

<style scoped>
.first,
.said {
  align-self: center;
  min-width: 0;
  max-height: 100%;
  overflow-y: auto;
  scrollbar-width: thin;
}
h1 {
  font-size: 2.25rem;
  line-height: 2.75rem;
}
.lead {
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.start {
  min-width: 112px;
}
.start:disabled {
  opacity: 0.4;
}
@media (max-width: 900px) {
  h1 {
    font-size: 1.5rem;
    line-height: 2rem;
  }
  .lead {
    font-size: 1rem;
    line-height: 1.5rem;
  }
}
</style>
