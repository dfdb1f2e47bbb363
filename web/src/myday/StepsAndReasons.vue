<script setup lang="ts">
import { ref } from 'vue'
import type { RoutineView } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import { counted, duration } from '@/parts/words'
import KindLetter from '@/tape/KindLetter.vue'

/** Each step of a routine with the reason for it, and what was left out. */
defineProps<{ routine: RoutineView }>()
const shown = ref(false)
</script>

<template>
  <section aria-labelledby="steps-heading">
    <h3 id="steps-heading">What is in it, and why</h3>
    <p v-for="phase in routine.shortPhases" :key="phase" class="quiet">{{ phase }}</p>
    <ol>
      <li v-for="step in routine.steps" :key="step.exerciseId">
        <div class="figure">
          <ExerciseFigure
            :poses="step.figure.poses"
            :from="step.figure.poses[step.figure.poses.length - 1]"
            :view="step.figure.view"
            :worked="step.figure.worked"
            :places="step.figure.places"
            :height="110"
            :label="step.title"
            sides="RIGHT"
          />
        </div>
        <div>
          <p class="name">
            <KindLetter :kind="step.kind" />
            <b>{{ step.title }}</b>
          </p>
          <p>
            {{ step.dose }}, <span class="mono">{{ duration(step.lengthMillis) }}</span>
          </p>
          <p class="quiet small">{{ step.reason }}</p>
          <p v-if="step.ladder?.why" class="small">{{ step.ladder.why }}</p>
        </div>
      </li>
    </ol>
    <template v-if="routine.leftOut.length">
      <BButton variant="link" @click="shown = !shown">
        {{ shown ? 'Hide' : 'Show' }} {{ counted(routine.leftOut.length, 'exercise') }} left out
      </BButton>
      <ul v-if="shown" class="left-out">
        <li v-for="out in routine.leftOut" :key="out.title">
          <b>{{ out.title }}</b> <span class="quiet">{{ out.reason }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
ol {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(380px, 100%), 1fr));
  gap: 0 32px;
  margin: 8px 0;
}
ol li {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 16px;
  align-items: center;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.figure {
  height: 84px;
}
.name {
  display: flex;
  gap: 8px;
  align-items: center;
}
.left-out li {
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
</style>
