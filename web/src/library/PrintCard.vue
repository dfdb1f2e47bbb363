<script setup lang="ts">
import { computed } from 'vue'
import type { ExerciseView } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import { POSITIONS, THINGS } from '@/parts/labels'
import { capital, duration } from '@/parts/words'
import { KINDS } from '@/tape/kinds'

/** An exercise on paper: its pictures, its words, and what to mind. */
const props = defineProps<{ exercise: ExerciseView }>()

const MOST_PICTURES = 5
const pictures = computed(() => [...new Set(props.exercise.figure.poses)].slice(0, MOST_PICTURES))
const places = computed(() => props.exercise.positions.map((p) => POSITIONS[p]).join(', '))
const things = computed(
  () => props.exercise.things.map((t) => THINGS[t].toLowerCase()).join(', ') || 'nothing',
)
</script>

<template>
  <article class="card">
    <header>
      <h1>{{ exercise.title }}</h1>
      <p>{{ KINDS[exercise.kind].word }}. {{ exercise.purpose }}</p>
    </header>
    <div class="pictures">
      <ExerciseFigure
        v-for="pose in pictures"
        :key="pose"
        :poses="exercise.figure.poses"
        :from="pose"
        :view="exercise.figure.view"
        :worked="exercise.figure.worked"
        :places="exercise.figure.places"
        :arrow="exercise.figure.arrow"
        :prop="exercise.figure.prop"
        :height="220"
        :label="exercise.title"
      />
    </div>
    <p class="dose">
      <b>{{ exercise.doses[0]?.words }}</b>, {{ duration(exercise.lengthMillis) }}. {{ places }}.
      Have ready: {{ things }}.
    </p>
    <div class="columns">
      <section>
        <h2>Set-up</h2>
        <p>{{ exercise.setUp }}</p>
        <h2>Action</h2>
        <ol>
          <li v-for="line in exercise.action" :key="line">{{ line }}</li>
        </ol>
        <h2>Breath</h2>
        <p>{{ exercise.breath }}</p>
        <h2>Felt</h2>
        <p>{{ exercise.feltAt }}</p>
      </section>
      <section>
        <h2>To mind</h2>
        <ul>
          <li v-for="line in exercise.cautions" :key="line">{{ line }}</li>
        </ul>
        <h2>Common mistakes</h2>
        <ul>
          <li v-for="line in exercise.mistakes" :key="line">{{ line }}</li>
        </ul>
        <h2>Stop</h2>
        <p>
          Sharp or rising pain, numbness or tingling ends it.
          {{ exercise.stopRules.join(' ') }}
        </p>
        <h2>Easier, harder</h2>
        <p>{{ exercise.easier.words }} {{ capital(exercise.harder.words) }}</p>
      </section>
    </div>
  </article>
</template>

<style scoped>
.card {
  display: none;
}
@media print {
  .card {
    display: block;
    color: #000;
  }
}
h1 {
  font-size: 1.75rem;
  line-height: 2.25rem;
}
h2 {
  margin: 10px 0 2px;
  font-size: 0.875rem;
}
.pictures {
  display: flex;
  gap: 16px;
  height: 200px;
  margin: 12px 0;
}
.dose {
  padding: 6px 0;
  border-top: 1px solid #999;
  border-bottom: 1px solid #999;
}
.columns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 32px;
}
ol,
ul {
  margin: 0;
  padding-left: 18px;
  list-style: revert;
}
</style>
