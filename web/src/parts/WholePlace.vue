<script setup lang="ts">
import { computed } from 'vue'
import { usePlace } from '@/api/place'
import { useNoticed } from '@/api/useNoticed'
import LoadingShape from './LoadingShape.vue'

/** Something that shows at once when all of it is known, instead of piece by piece. */
const { whole } = usePlace()
const waits = useNoticed(computed(() => !whole.value))
</script>

<template>
  <LoadingShape v-if="waits && !whole" class="page awaited" />
  <slot :whole="whole" />
</template>

<style scoped>
.awaited {
  position: absolute;
  inset-inline: 0;
}
</style>
