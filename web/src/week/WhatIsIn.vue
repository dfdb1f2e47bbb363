<script setup lang="ts">
import { sentenceOf } from '@/api/client'
import { queries } from '@/api/queries'
import type { PegView } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { duration } from '@/parts/words'
import KindLetter from '@/tape/KindLetter.vue'
import RoutineTape from '@/tape/RoutineTape.vue'

/** What a planned session would be made of if it began now. */
const props = defineProps<{ clientId: string; peg: PegView }>()
const { data, error } = useAsked(() => queries.planned(props.clientId, props.peg))
</script>

<template>
  <section aria-label="What is in it">
    <h3>What is in it, as things stand</h3>
    <p v-if="error" class="small">{{ sentenceOf(error) }}</p>
    <template v-else-if="data?.routine">
      <RoutineTape
        :steps="data.routine.steps"
        :height="24"
        :letters="false"
        patterns="mini"
        :gap="0.5"
        :stroke-width="1.2"
      />
      <ol>
        <li v-for="(step, i) in data.routine.steps" :key="i" class="small">
          <KindLetter :kind="step.kind" />
          <span
            >{{ step.title }} <span class="quiet">{{ step.dose }}</span></span
          >
        </li>
      </ol>
      <p class="quiet small">{{ duration(data.routine.lengthMillis) }}</p>
    </template>
    <p v-else-if="data" class="small">{{ data.why }}</p>
  </section>
</template>

<style scoped>
section {
  min-width: 0;
}
h3 {
  margin-top: 6px;
  font-size: 0.875rem;
}
li {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
  gap: 8px;
  padding: 3px 0;
}
</style>
