<script setup lang="ts">
import { computed } from 'vue'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import { useClientPage } from '@/parts/clientPage'
import AheadList from '@/progress/AheadList.vue'
import ProgrammeTab from '@/week/ProgrammeTab.vue'
import ProgrammeWeeks from './ProgrammeWeeks.vue'

/** What a client is on: its weeks, what it asks for, and when the next rungs come. */
const props = defineProps<{ clientId: string }>()
const { day } = useClientPage()
const { data } = useAsked(() => queries.programme(props.clientId))
const programme = computed(() => data.value?.[0]?.programme)
const today = computed(() => day.data.value?.date)
</script>

<template>
  <ProgrammeWeeks
    v-if="programme && today"
    :client-id="clientId"
    :programme="programme"
    :today="today"
  />
  <ProgrammeTab :client-id="clientId" />
  <AheadList
    v-if="programme && today"
    class="ahead"
    :client-id="clientId"
    :today="today"
    :until="programme.reviewsOn"
  />
</template>

<style scoped>
.ahead {
  margin-top: 28px;
}
</style>
