<script setup lang="ts">
import { computed, provide, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import HandMap from '@/hand/HandMap.vue'
import PageState from '@/parts/PageState.vue'
import PlaceView from '@/parts/PlaceView.vue'
import SafetyNotes from '@/parts/SafetyNotes.vue'
import { useNow } from '@/parts/useNow'
import { useWidth } from '@/parts/useWidth'
import { capital, longDate } from '@/parts/words'
import DayRibbon from '@/ribbon/DayRibbon.vue'
import TimeAxis from '@/ribbon/TimeAxis.vue'
import { CLIENT_PAGE } from '@/parts/clientPage'

/** A client: the header with the day's ribbon, and the tabs in the order of the work. */
const props = defineProps<{ clientId: string }>()

const route = useRoute()
const date = computed(() => (typeof route.query.date === 'string' ? route.query.date : undefined))
const client = useAsked(() => queries.client(props.clientId))
const day = useAsked(() => queries.day(props.clientId, date.value))
const pains = useAsked(() => queries.pains(props.clientId))

async function reloadAll() {
  await Promise.all([client.reload(), day.reload(), pains.reload()])
}
watch(useNow(60_000), () => day.reload())

const chosenBlock = ref<string | null>(
  typeof route.query.block === 'string' ? route.query.block : null,
)
provide(CLIENT_PAGE, { client, day, pains, reloadAll, chosenBlock })

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 676)
const INSET = 14
const fromHour = computed(() => Math.min(6, Math.floor(day.data.value?.wakesHour ?? 6)))
const toHour = computed(() => Math.max(24, Math.ceil(day.data.value?.sleepsHour ?? 24)))
const nowHour = computed(() => (day.data.value?.today ? day.data.value.nowHour : null))

const tabs = computed(() => [
  { to: `/clients/${props.clientId}/hands`, word: 'Hands' },
  { to: `/clients/${props.clientId}/programme`, word: 'Programme' },
  { to: `/clients/${props.clientId}/week`, word: 'Week' },
  { to: `/clients/${props.clientId}/log`, word: 'Log' },
  { to: `/clients/${props.clientId}/progress`, word: 'Progress' },
])
const facts = computed(() => {
  const f = client.data.value?.facts
  if (!f) return ''
  const hours = Math.round(f.activities.reduce((n, a) => n + a.weeklyMinutes, 0) / 60)
  return `${capital(f.dominantHand.toLowerCase())}-handed · ${hours}\u00a0h a week · warm-up ${f.warmUpMinutes}\u00a0min`
})
const painWords = computed(() => {
  const told = (pains.data.value ?? []).filter((p) => p.level > 0)
  if (!told.length) return 'No pain told of'
  return `Pain now ${told.map((p) => `${p.level} ${p.side.toLowerCase()}`).join(', ')}`
})
</script>

<template>
  <main id="main" class="page">
    <PageState
      :loading="client.slow.value"
      :error="client.error.value"
      :ready="Boolean(client.data.value)"
      @retry="reloadAll"
    >
      <section
        v-if="client.data.value"
        class="head"
        :class="{ 'no-print': route.meta.paper }"
        aria-label="Client"
      >
        <div>
          <h1>{{ client.data.value.facts.name }}</h1>
          <p class="large">{{ client.data.value.facts.occupation }}</p>
          <p class="quiet">{{ facts }}</p>
        </div>
        <div class="hands">
          <HandMap :pains="(pains.data.value ?? []).filter((p) => p.level > 0)" :height="92" />
          <p class="quiet small">{{ painWords }}</p>
        </div>
        <div ref="frame" class="ribbon">
          <svg
            v-if="day.data.value"
            :width="width"
            height="100"
            :viewBox="`0 0 ${width} 100`"
            role="group"
            :aria-label="longDate(day.data.value.date)"
          >
            <TimeAxis
              :left="INSET"
              :width="width - 2 * INSET"
              :from-hour="fromHour"
              :to-hour="toHour"
              :top="36"
              :bottom="92"
              :now-hour="nowHour"
            />
            <DayRibbon
              :day="day.data.value"
              :left="INSET"
              :width="width - 2 * INSET"
              :top="56"
              :from-hour="fromHour"
              :to-hour="toHour"
              :chosen-block="chosenBlock"
              @block="chosenBlock = $event"
            />
          </svg>
        </div>
      </section>
      <SafetyNotes :class="{ 'no-print': route.meta.paper }" :notes="day.data.value?.notes ?? []" />
      <nav class="tabs ribbon-edge" :class="{ 'no-print': route.meta.paper }" aria-label="Client">
        <RouterLink
          v-for="tab in tabs"
          :key="tab.to"
          :to="tab.to"
          :class="{ on: route.path.startsWith(tab.to) }"
          :aria-current="route.path.startsWith(tab.to) ? 'page' : undefined"
        >
          {{ tab.word }}
        </RouterLink>
        <RouterLink class="to-bench" :to="{ path: '/bench', query: { client: clientId } }"
          >To the bench</RouterLink
        >
        <span v-if="day.data.value" class="end">{{ longDate(day.data.value.date) }}</span>
      </nav>
      <PlaceView v-if="client.data.value" :key="clientId" :depth="1" />
    </PageState>
  </main>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: minmax(220px, 1fr) auto minmax(420px, 2.2fr);
  gap: 24px;
  align-items: start;
  min-height: 104px;
}
.hands {
  display: flex;
  gap: 12px;
  align-items: center;
}
.hands .small {
  width: 92px;
}
.hands :deep(.map) {
  width: 116px;
  margin-bottom: 0;
}
.hands :deep(.side) {
  display: none;
}
.hands :deep(.place span) {
  width: 19px;
  height: 19px;
  border-width: 1.5px;
  font-size: 13px;
}
.tabs {
  height: 36px;
  margin: 8px 0 20px;
}
.tabs a {
  display: flex;
  align-items: center;
  padding: 0 20px;
  border: 1.5px solid transparent;
  color: var(--ink-2);
  font-weight: 500;
  text-decoration: none;
}
.tabs a.on {
  border-color: var(--ink);
  background: var(--ground);
  color: var(--ink);
  font-weight: 700;
}
.tabs .to-bench {
  margin-left: auto;
  color: var(--main);
}
.end {
  padding: 8px 24px;
  color: var(--ink-2);
}
@media (max-width: 1000px) {
  .head {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
