<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue'
import type { FigureParts } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import { drawInTurn } from './drawInTurn'

/** A small figure that is drawn only once it comes into sight, and never while a key is answered. */
defineProps<{ figure: FigureParts; label: string }>()

const place = ref<HTMLElement>()
const drawn = ref(false)
let watcher: IntersectionObserver | undefined
let forget: (() => void) | undefined

onMounted(() => {
  watcher = new IntersectionObserver((entries) => {
    if (!entries.some((entry) => entry.isIntersecting)) return
    watcher?.disconnect()
    forget = drawInTurn(() => {
      drawn.value = true
    })
  })
  if (place.value) watcher.observe(place.value)
})
onBeforeUnmount(() => {
  watcher?.disconnect()
  forget?.()
})
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
