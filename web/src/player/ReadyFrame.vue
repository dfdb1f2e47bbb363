<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import type { PainForm, SafetyView } from '@/api/types'
import PainPlaces from '@/hand/PainPlaces.vue'
import SafetyNotes from '@/parts/SafetyNotes.vue'
import BeforeStart from './BeforeStart.vue'
import StageKey from './StageKey.vue'

/** Before anything is done on the stage: what comes, when to stop, whether something hurts now. */
const props = withDefaults(
  defineProps<{
    title: string
    /** What it is, for whoever hears the page. */
    label: string
    safety: SafetyView
    /** Why it may not be done. */
    closed?: string | null
    /** Whether all is known that has to be. */
    ready?: boolean
    /** The key that starts it, and what is printed on that. */
    startKey?: string
    startName?: string
  }>(),
  { closed: null, ready: true, startKey: ' ', startName: 'Space' },
)
const emit = defineEmits<{ start: [before: PainForm[] | null]; leave: [] }>()

const before = ref<PainForm[] | null>(null)
const asking = ref(false)
function start() {
  if (props.ready && !props.closed) emit('start', before.value)
}
/** A key starts, unless something is being said or a key of the page has the focus. */
useEventListener(document, 'keydown', (event) => {
  if (event.key !== props.startKey || asking.value) return
  if (event.target instanceof HTMLButtonElement || event.target instanceof HTMLInputElement) return
  event.preventDefault()
  start()
})
</script>

<template>
  <div class="first">
    <PainPlaces v-if="asking && before" v-model="before" :ending-pain="safety.endingPain" />
    <slot v-else />
  </div>
  <section class="said" :aria-label="label">
    <div class="scrolls">
      <h1>{{ title }}</h1>
      <p class="lead"><slot name="lead" /></p>
      <p v-if="closed" class="lead" role="alert">{{ closed }}</p>
      <template v-else>
        <slot name="more" />
        <SafetyNotes :notes="safety.notes" />
        <BeforeStart v-model:before="before" v-model:asking="asking" :safety="safety" />
      </template>
    </div>
    <p class="side-by-side acts">
      <StageKey
        v-if="!closed"
        class="start"
        on
        word="Start"
        :key-name="startName"
        :disabled="!ready"
        @click="start"
      />
      <StageKey word="Leave" key-name="Esc" @click="emit('leave')" />
    </p>
  </section>
</template>

<style scoped>
.first,
.said {
  align-self: center;
  min-width: 0;
  max-height: 100%;
}
.first,
.scrolls {
  overflow-y: auto;
  scrollbar-width: thin;
}
.said {
  display: flex;
  flex-direction: column;
}
.scrolls {
  min-height: 0;
}
.acts {
  margin: 16px 0 0;
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
