<script setup lang="ts">
import { computed } from 'vue'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import DecisionList from '@/parts/DecisionList.vue'
import { addDays } from '@/parts/words'

/** What was decided in the last days, and because of what. */
const props = defineProps<{ clientId: string }>()

const DAYS = 3
const SHOWN = 6
const { data } = useAsked(() => queries.progress(props.clientId))
const decided = computed(() =>
  (data.value?.decided ?? [])
    .filter((one) => one.date >= addDays(data.value?.today ?? '', -DAYS))
    .slice(0, SHOWN),
)
</script>

<template>
  <section v-if="decided.length" aria-label="Decided">
    <h2>Decided since <span class="quiet small">and because of what</span></h2>
    <DecisionList :decisions="decided" named />
  </section>
</template>
