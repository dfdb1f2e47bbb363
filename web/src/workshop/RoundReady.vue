<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { DrillRoundView, PainForm } from '@/api/types'
import PainPlaces from '@/hand/PainPlaces.vue'
import SafetyNotes from '@/parts/SafetyNotes.vue'
import { counted } from '@/parts/words'
import BeforeStart from '@/player/BeforeStart.vue'
import StageKey from '@/player/StageKey.vue'

/** Before the first drill: what comes, how it is judged, when to stop. */
const props = defineProps<{ round: DrillRoundView }>()
const emit = defineEmits<{ start: [before: PainForm[] | null]; leave: [] }>()

const tempi = computed(() => {
  const all = props.round.drills.map((drill) => drill.aMinute)
  const [slowest, fastest] = [Math.min(...all), Math.max(...all)]
  return slowest === fastest ? String(slowest) : `${slowest} to ${fastest}`
})
/** Drills that keys can judge: what bends goes down. */
const byKeys = computed(
  () => props.round.drills.filter((drill) => drill.keysAtOnce !== null).length,
)
const before = ref<PainForm[] | null>(null)
const asking = ref(false)
/** Space starts, unless something is being said or a key has the focus. */
useEventListener(document, 'keydown', (event) => {
  if (event.key !== ' ' || asking.value || event.target instanceof HTMLButtonElement) return
  event.preventDefault()
  emit('start', before.value)
})
</script>

<template>
  <div class="first">
    <PainPlaces
      v-if="asking && before"
      v-model="before"
      :ending-pain="props.round.safety.endingPain"
    />
    <slot v-else />
  </div>
  <section class="said" aria-label="Before the round">
    <h1>{{ counted(round.drills.length, 'pattern') }}, {{ round.minutes }} min</h1>
    <p class="lead">
      Each is seen first, then changed {{ round.drills[0]?.changes }} times, {{ tempi }} a
      minute<template v-if="round.beatsABar">, in bars of {{ round.beatsABar }}</template
      >. Clean or not: a key, or a pedal<template v-if="byKeys"
        >; done with the fingers on the keys of the home row, the keys judge
        {{ byKeys === round.drills.length ? 'all' : byKeys }} of them</template
      >.
    </p>
    <SafetyNotes :notes="round.safety.notes" />
    <BeforeStart v-model:before="before" v-model:asking="asking" :safety="round.safety" />
    <p class="side-by-side">
      <StageKey class="start" on word="Start" key-name="Space" @click="emit('start', before)" />
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
