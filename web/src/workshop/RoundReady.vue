<script setup lang="ts">
import { computed } from 'vue'
import type { DrillRoundView, PainForm } from '@/api/types'
import { counted } from '@/parts/words'
import ReadyFrame from '@/player/ReadyFrame.vue'

/** Before the first drill: what comes, and how it is judged. */
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
const mostAtOnce = computed(() =>
  Math.max(0, ...props.round.drills.map((drill) => drill.keysAtOnce ?? 0)),
)
</script>

<template>
  <ReadyFrame
    :title="`${counted(round.drills.length, 'pattern')}, ${round.minutes} min`"
    label="Before the round"
    :safety="round.safety"
    @start="emit('start', $event)"
    @leave="emit('leave')"
  >
    <slot />
    <template #lead>
      Each is seen first, then changed {{ round.drills[0]?.changes }} times, {{ tempi }} a
      minute<template v-if="round.beatsABar">, in bars of {{ round.beatsABar }}</template
      >. Clean or not: a key, or a pedal<template v-if="byKeys"
        >; done with the fingers on the keys of the home row, the keys judge
        {{ byKeys === round.drills.length ? 'all' : byKeys }} of them, if they report
        {{ mostAtOnce }} at once</template
      >.
    </template>
  </ReadyFrame>
</template>
