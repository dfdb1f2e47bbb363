<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core'
import { onScopeDispose, ref } from 'vue'
import type { FigureParts } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import { drawInTurn } from '@/parts/drawInTurn'

/** A small figure that is drawn only once it comes into sight, and never while a key is answered. */
defineProps<{ figure: FigureParts; label: string }>()

const place = ref<HTMLElement | null>(null)
const drawn = ref(false)
let forget: (() => void) | undefined
const { stop } = useIntersectionObserver(place, ([entry]) => {
  if (!entry?.isIntersecting) return
  stop()
  forget = drawInTurn(() => {
    drawn.value = true
  })
})
onScopeDispose(() => forget?.())
</script>

<template>
  <span ref="place" class="small-figure">
    <ExerciseFigure
      v-if="drawn"
      :poses="figure.poses"
      :from="figure.poses[figure.poses.length - 1]"
      :view="figure.view"
      :worked="figure.worked"
      :places="figure.places"
      :prop="figure.prop"
      :height="52"
      :label="label"
    />
  </span>
</template>

<style scoped>
.small-figure {
  display: block;
  width: 92px;
  height: 52px;
}
</style>
