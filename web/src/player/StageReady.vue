<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { PainForm, RoutineView } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import PainPlaces from '@/hand/PainPlaces.vue'
import SafetyNotes from '@/parts/SafetyNotes.vue'
import { capital, duration } from '@/parts/words'
import BeforeStart from './BeforeStart.vue'
import StageKey from './StageKey.vue'
import { hearsMidi, useMidiWanted } from './useCountingDevices'
import { isCounted } from './useOwnPace'

/** Before the first cue: what to have ready, what to mind, when to stop. */
const props = defineProps<{ routine: RoutineView }>()
const emit = defineEmits<{ start: [before: PainForm[] | null]; leave: [] }>()

/** What hurts before it; nobody has to say. */
const before = ref<PainForm[] | null>(null)
const asking = ref(false)
/** Space starts, unless something is being said or a key has the focus. */
useEventListener(document, 'keydown', (event) => {
  if (event.key !== ' ' || asking.value || event.target instanceof HTMLButtonElement) return
  event.preventDefault()
  emit('start', before.value)
})

const midi = useMidiWanted()
const counts = computed(() => props.routine.cues.some(isCounted))
const step = computed(() => props.routine.steps[0])
/** What was taken out of a stored routine; a composed one leaves out far too much to name. */
const forSafety = computed(() => (props.routine.blockId ? [] : props.routine.leftOut))
</script>

<template>
  <section class="ready" :class="{ warned: routine.safety.notes.length }">
    <div class="first" :class="{ asking }">
      <PainPlaces
        v-if="asking && before"
        v-model="before"
        :ending-pain="routine.safety.endingPain"
      />
      <ExerciseFigure
        v-else-if="step"
        :poses="step.figure.poses"
        :view="step.figure.view"
        sides="BOTH"
        :worked="step.figure.worked"
        :places="step.figure.places"
        :prop="step.figure.prop"
        :height="400"
        :label="`First: ${step.title}`"
      />
    </div>
    <div class="said">
      <h1>{{ routine.title }}</h1>
      <p class="lead">
        {{ duration(routine.lengthMillis) }}, {{ routine.steps.length }} steps. It runs by itself
        {{ counts ? 'and waits while you count.' : 'and leaves both hands free.' }}
      </p>
      <SafetyNotes :notes="routine.safety.notes" />
      <h2>Have ready</h2>
      <p class="lead">
        {{ capital(routine.haveReady.join(', ') || 'nothing but your hands') }}
      </p>
      <template v-if="routine.reminder">
        <h2>One point for the set-up</h2>
        <p class="lead">{{ routine.reminder }}</p>
      </template>
      <template v-if="forSafety.length">
        <h2>Left out for safety</h2>
        <ul class="left-out">
          <li v-for="out in forSafety" :key="out.exerciseId">{{ out.reason }}</li>
        </ul>
      </template>
      <BeforeStart v-model:before="before" v-model:asking="asking" :safety="routine.safety" />
      <template v-if="counts">
        <h2>Counting at your own pace</h2>
        <div class="side-by-side pace">
          <p>Space, a pedal or a touch anywhere is one; held down, it burns from there.</p>
          <StageKey
            v-if="hearsMidi()"
            word="A MIDI key counts too"
            :on="midi"
            :aria-pressed="midi"
            @click="midi = !midi"
          />
        </div>
      </template>
      <p class="side-by-side begin">
        <StageKey class="start" on word="Start" key-name="Space" @click="emit('start', before)" />
        <StageKey word="Leave" key-name="Esc" @click="emit('leave')" />
      </p>
    </div>
  </section>
</template>

<style scoped>
.ready {
  display: grid;
  grid-row: 2;
  grid-column: 1 / -1;
  grid-template-columns: minmax(0, 576fr) minmax(0, 624fr);
  gap: 40px;
  align-items: center;
  min-height: 0;
}
/* What there is to say may be more than fits; the way on stays in sight. */
.said {
  max-height: 100%;
  overflow-y: auto;
  scrollbar-width: thin;
}
.pace {
  flex-wrap: nowrap;
  align-items: center;
}
.pace .key {
  flex: none;
}
.begin .key {
  min-width: 112px;
}
.first {
  height: 420px;
  max-height: 56vh;
}
.first.asking {
  height: auto;
  max-height: 70vh;
  overflow-y: auto;
}
h1 {
  font-size: 2.25rem;
  line-height: 2.75rem;
}
h2 {
  margin-top: 16px;
  font-size: 1rem;
  color: var(--ink-2);
}
.begin {
  position: sticky;
  bottom: 0;
  margin-top: 8px;
  padding: 8px 0;
  background: var(--ground);
}
ul {
  margin-bottom: 12px;
  font-size: 1.25rem;
  line-height: 1.875rem;
}
.lead {
  font-size: 1.25rem;
  line-height: 1.75rem;
}
@media (max-width: 900px) {
  .ready {
    grid-template-columns: minmax(0, 1fr);
    align-content: safe center;
    min-height: 0;
    overflow-y: auto;
  }
  .first {
    height: 200px;
  }
  .warned .first:not(.asking) {
    display: none;
  }
  .asking.first {
    height: auto;
    max-height: none;
  }
  .warned .lead,
  .warned :deep(.notes) {
    font-size: 0.9375rem;
    line-height: 1.375rem;
  }
  .said {
    max-height: none;
    overflow-y: visible;
  }
  .pace {
    flex-wrap: wrap;
  }
  .begin {
    margin: 0;
  }
  h1 {
    font-size: 1.75rem;
    line-height: 2.25rem;
  }
  ul {
    font-size: 1rem;
    line-height: 1.5rem;
  }
}
</style>
