<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue'
import type { FigureParts } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'

/** A small figure that is drawn only once it comes into sight. */
defineProps<{ figure: FigureParts; label: string }>()

const place = ref<HTMLElement>()
const seen = ref(false)
let watcher: IntersectionObserver | undefined

onMounted(() => {
  watcher = new IntersectionObserver((entries) => {
    if (entries.some((entry) => entry.isIntersecting)) {
      seen.value = true
      watcher?.disconnect()
    }
  })
  if (place.value) watcher.observe(place.value)
})
onBeforeUnmount(() => watcher?.disconnect())
</script>

<template>
  <span ref="place" class="small-figure">
    <ExerciseFigure
      v-if="seen"
      :poses="figure.poses"
      :from="figure.poses[figure.poses.length - 1]"
      :view="figure.view"
      :worked="figure.worked"
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
