<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { queries } from '@/api/queries'
import type { ClientView, Digit, HealthView, Side } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import ActivitiesPart from '@/intake/ActivitiesPart.vue'
import AtHandPart from '@/intake/AtHandPart.vue'
import HowPart from '@/intake/HowPart.vue'
import MindedPart from '@/intake/MindedPart.vue'
import PainPart from '@/intake/PainPart.vue'
import SetUpPart from '@/intake/SetUpPart.vue'
import SignsPart from '@/intake/SignsPart.vue'
import WhoPart from '@/intake/WhoPart.vue'
import { useClientPage } from '@/parts/clientPage'
import BlockEditor from '@/week/BlockEditor.vue'
import InviteLine from './InviteLine.vue'
import PutAwayLine from './PutAwayLine.vue'
import SaveBar from './SaveBar.vue'
import ScreeningHistory from './ScreeningHistory.vue'
import { useFactsForm } from './useFactsForm'

/** Who somebody is, what their hands do, what hurts, how and when, and what is at hand. */
const props = defineProps<{ clientId: string }>()

const { client, day, pains, reloadAll } = useClientPage()
const stored = computed(() => client.data.value as ClientView)
const { form, problems, message, saved, busy, conflict, dirty, begin, save, takeTheirs, keepMine } =
  useFactsForm(() => props.clientId, stored, reloadAll)

const loadedHealth = useAsked(() => queries.health(props.clientId))
const health = shallowRef<HealthView | null>(null)
watch(loadedHealth.data, (found) => {
  if (found) health.value = found
})
const today = computed(() => day.data.value?.date ?? new Date().toISOString().slice(0, 10))
const worked = computed(() => {
  const of = (side: Side): Digit[] => [
    ...new Set(
      form.value.activities.filter((a) => a.hands.includes(side)).flatMap((a) => a.digits),
    ),
  ]
  return { LEFT: of('LEFT'), RIGHT: of('RIGHT') }
})
/** Warm-ups and the header follow what was told. */
async function told(found: HealthView) {
  health.value = found
  await Promise.all([pains.reload(), day.reload()])
}
</script>

<template>
  <div class="hands-tab">
    <p v-if="!stored.intakeFinished" class="intake">
      The intake is not finished.
      <RouterLink :to="`/clients/${clientId}/intake`">Go on with it</RouterLink>
    </p>
    <form novalidate class="facts" @submit.prevent="save">
      <ActivitiesPart
        v-model="form"
        class="do"
        :problems="problems"
        :discipline="stored.discipline"
      />
      <PainPart
        v-if="health"
        class="pain"
        :client-id="clientId"
        :health="health"
        :dominant="form.dominantHand"
        :today="today"
        :worked="worked"
        :height="360"
        @told="told"
      />
      <HowPart v-model="form" class="wide" :client-id="clientId" :problems="problems" />
      <div class="wide lower">
        <div class="column">
          <AtHandPart v-model="form" :problems="problems" />
          <WhoPart v-model="form" :problems="problems" />
        </div>
        <div class="column">
          <SignsPart v-if="health" :client-id="clientId" :health="health" @told="told" />
          <ScreeningHistory v-if="health?.history.length" :history="health.history" />
          <MindedPart v-if="health" :client-id="clientId" :health="health" @told="told" />
        </div>
      </div>
    </form>
    <SaveBar
      v-bind="{ dirty, busy, saved, message, conflict }"
      @save="save"
      @back="begin"
      @theirs="takeTheirs"
      @mine="keepMine"
    />
    <div class="lower">
      <BlockEditor :client-id="clientId" :activities="stored.facts.activities" />
      <div class="column">
        <SetUpPart :client-id="clientId" />
        <InviteLine :client-id="clientId" :name="stored.facts.name" />
        <PutAwayLine :client-id="clientId" :name="stored.facts.name" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.facts {
  display: grid;
  grid-template-columns: minmax(0, 772fr) minmax(0, 428fr);
  gap: 24px 32px;
}
.wide {
  grid-column: 1 / -1;
  padding-top: 8px;
  border-top: 1px solid var(--line);
}
.lower {
  display: grid;
  grid-template-columns: minmax(0, 772fr) minmax(0, 428fr);
  gap: 24px 32px;
  align-items: start;
}
.hands-tab > .lower {
  margin-top: 24px;
  padding-top: 8px;
  border-top: 1px solid var(--line);
}
.column {
  display: grid;
  gap: 24px;
  align-content: start;
}
.intake {
  margin-bottom: 16px;
  padding: 10px 14px;
  border: 1.5px solid var(--main);
  background: var(--main-wash);
}
@media (max-width: 1000px) {
  .facts,
  .lower {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
