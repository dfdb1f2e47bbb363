<script setup lang="ts">
import { computed } from 'vue'
import { queries } from '@/api/queries'
import type { PainForm } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import DecisionList from '@/parts/DecisionList.vue'

/** What an answer of the morning would change, before it is kept. */
const props = defineProps<{ clientId: string; pains: readonly PainForm[] }>()

const { data } = useAsked(() => queries.morningConsequence(props.clientId, props.pains))
const SHOWN = 2
const decided = computed(() => data.value ?? [])
</script>

<template>
  <div v-if="data" class="consequence" aria-live="polite">
    <p v-if="decided.length === 0" class="small">With that, every dose stays as it is.</p>
    <DecisionList v-else :decisions="decided.slice(0, SHOWN)" named />
    <p v-if="decided.length > SHOWN" class="quiet small">
      and {{ decided.length - SHOWN }} more, below once it is kept
    </p>
  </div>
</template>

<style scoped>
.consequence {
  padding-left: 12px;
  border-left: 3px solid var(--main);
}
</style>
