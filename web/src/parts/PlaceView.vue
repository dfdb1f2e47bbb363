<script setup lang="ts">
import WholePlace from './WholePlace.vue'

/** The page that belongs to the address, or at a depth below it what a tab of it holds. */
const { depth = 0 } = defineProps<{ depth?: number }>()
</script>

<template>
  <RouterView v-slot="{ Component, route }">
    <WholePlace v-if="Component" :key="route.matched[depth]?.path" v-slot="{ whole }">
      <component
        :is="Component"
        :class="{ 'in-pieces': !whole }"
        :aria-busy="!whole || undefined"
      />
    </WholePlace>
  </RouterView>
</template>

<style>
/* What is not seen yet can be given the focus already, but not be touched. */
.in-pieces {
  opacity: 0;
  pointer-events: none;
}
.in-pieces .shape {
  display: none;
}
</style>
