<script setup lang="ts">
import type { StepView } from '@/api/types'
import RoutineTape from '@/tape/RoutineTape.vue'

/** The routine along the foot of the stage, and where it stands. */
defineProps<{ steps: readonly StepView[]; at: number }>()
</script>

<template>
  <footer>
    <div class="wide">
      <RoutineTape :steps="[...steps]" :height="56" ruler patterns="stage" :at="at" />
    </div>
    <div class="narrow">
      <RoutineTape
        :steps="[...steps]"
        :height="36"
        :letters="false"
        ruler
        :numbers="false"
        patterns="stage-small"
        :gap="0.5"
        :stroke-width="1.2"
        :at="at"
      />
    </div>
  </footer>
</template>

<style scoped>
footer {
  grid-row: -2;
  grid-column: 1 / -1;
}
.narrow {
  display: none;
}
@media (max-width: 900px) {
  .wide {
    display: none;
  }
  .narrow {
    display: block;
  }
}
</style>
