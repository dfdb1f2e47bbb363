<script setup lang="ts">
import { computed } from 'vue'
import type { BenchStep } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'

/** The figure and the words of a step. */
const props = defineProps<{ step: BenchStep }>()

const figureSides = computed(() =>
  props.step.laterality === 'TOGETHER'
    ? 'BOTH'
    : props.step.laterality === 'ALTERNATING'
      ? 'ALTERNATING'
      : props.step.draft.firstSide,
)
</script>

<template>
  <div>
    <div class="figure">
      <ExerciseFigure
        :poses="step.figure.poses"
        :from="step.figure.poses[0]"
        :to="step.figure.poses[1] ?? step.figure.poses[0]"
        :progress="1"
        :view="step.figure.view"
        :sides="figureSides"
        :worked="step.figure.worked"
        :places="step.figure.places"
        :arrow="step.figure.arrow"
        :prop="step.figure.prop"
        :height="210"
        :label="step.title"
      />
    </div>
    <p class="quiet small">{{ step.feltAt }}</p>
    <p class="small">
      <b>{{ step.cue }}</b>
    </p>
    <ol class="small">
      <li v-for="line in step.action" :key="line">{{ line }}</li>
    </ol>
    <p class="quiet small">{{ step.setUp }}</p>
    <ul class="cautions">
      <li v-for="caution in step.cautions" :key="caution">{{ caution }}</li>
    </ul>
  </div>
</template>

<style scoped>
.figure {
  display: grid;
  height: 210px;
  place-items: center;
}
.figure :deep(svg) {
  max-width: 100%;
  height: 210px;
}
.cautions {
  margin-top: 6px;
  padding-left: 10px;
  border-left: 3px solid var(--warn);
  font-size: 0.8125rem;
  line-height: 1.125rem;
}
</style>
