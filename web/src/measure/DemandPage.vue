<script setup lang="ts">
import { ref } from 'vue'
import ChoiceRow from '@/form/ChoiceRow.vue'
import WorkshopFrame from '@/workshop/WorkshopFrame.vue'
import DeviceDemand from './DeviceDemand.vue'
import PieceDemand from './PieceDemand.vue'

/** What a piece or a device asks of each finger. */
defineProps<{ clientId: string }>()
type Of = 'PIECE' | 'DEVICE'
const OF: readonly { value: Of; label: string }[] = [
  { value: 'PIECE', label: 'A piece' },
  { value: 'DEVICE', label: 'A device' },
]
const of = ref<Of | null>('PIECE')
</script>

<template>
  <main id="main" class="page">
    <WorkshopFrame :client-id="clientId" on="demand" />
    <header>
      <h1>Demand</h1>
      <ChoiceRow v-model="of" :options="OF" label="Of what" />
    </header>
    <PieceDemand v-show="of !== 'DEVICE'" :client-id="clientId" />
    <DeviceDemand v-show="of === 'DEVICE'" :client-id="clientId" />
  </main>
</template>

<style scoped>
header {
  display: flex;
  gap: 16px;
  align-items: center;
  margin-bottom: 12px;
}
h1 {
  margin: 0;
  font-size: 1.75rem;
}
</style>
