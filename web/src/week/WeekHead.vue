<script setup lang="ts">
/** Which week it is, how large it is drawn, and the way to the next. */
defineProps<{
  title: string
  notice: string
  canUndo: boolean
  canRedo: boolean
  zoom: number
  thisWeek: boolean
}>()
const emit = defineEmits<{
  undo: []
  redo: []
  zoom: [factor: number]
  show: [days: number]
  today: []
}>()

const ZOOMS = [1, 2, 4]
</script>

<template>
  <header class="line-up">
    <h2>{{ title }}</h2>
    <span v-if="notice" class="quiet" role="status">{{ notice }}</span>
    <span class="push" />
    <BButton v-if="canUndo" size="sm" variant="outline-secondary" @click="emit('undo')"
      >Undo</BButton
    >
    <BButton v-if="canRedo" size="sm" variant="outline-secondary" @click="emit('redo')"
      >Redo</BButton
    >
    <span class="zooms" role="group" aria-label="Zoom">
      <BButton
        v-for="factor in ZOOMS"
        :key="factor"
        size="sm"
        variant="link"
        :aria-pressed="zoom === factor"
        :class="{ on: zoom === factor }"
        @click="emit('zoom', factor)"
        >{{ factor }}×</BButton
      >
    </span>
    <BButton v-if="!thisWeek" size="sm" variant="outline-secondary" @click="emit('today')"
      >This week</BButton
    >
    <BButton variant="outline-secondary" aria-label="The week before" @click="emit('show', -7)"
      >‹</BButton
    >
    <BButton variant="outline-secondary" aria-label="The week after" @click="emit('show', 7)"
      >›</BButton
    >
  </header>
</template>

<style scoped>
.zooms {
  display: inline-flex;
}
.zooms .on {
  font-weight: 700;
  text-decoration: none;
}
</style>
