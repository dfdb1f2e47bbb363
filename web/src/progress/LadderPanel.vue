<script setup lang="ts">
import { computed, ref } from 'vue'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import DecisionList from '@/parts/DecisionList.vue'
import PageState from '@/parts/PageState.vue'
import { account } from '@/stores/account'
import ForecastPart from './ForecastPart.vue'
import OverrulePart from './OverrulePart.vue'

/** The whole story of a ladder: how it went, what comes, every decision, and the coach's say. */
const props = defineProps<{ clientId: string; exerciseId: string; today: string }>()

const { data, error, slow, reload } = useAsked(() =>
  queries.story(props.clientId, props.exerciseId),
)
const story = computed(() =>
  data.value?.ladder.exerciseId === props.exerciseId ? data.value : undefined,
)
const SHOWN_FIRST = 8
const all = ref(false)
/** What says something first; what set less than the rung, only when everything is asked for. */
const telling = computed(
  () =>
    story.value?.decisions.filter((one) => one.effect !== 'NOTHING').slice(0, SHOWN_FIRST) ?? [],
)
const decisions = computed(() => (all.value ? (story.value?.decisions ?? []) : telling.value))
</script>

<template>
  <div class="panel">
    <PageState :loading="slow && !story" :error="error" :ready="Boolean(story)" @retry="reload">
      <template v-if="story">
        <ForecastPart :key="exerciseId" :client-id="clientId" :story="story" :today="today" />
        <div>
          <h3>Why this dose</h3>
          <DecisionList :decisions="decisions" />
          <BButton
            v-if="story.decisions.length > decisions.length"
            size="sm"
            variant="link"
            @click="all = true"
          >
            All {{ story.decisions.length }}
          </BButton>
        </div>
        <OverrulePart
          v-if="account.coach.value"
          :key="`${exerciseId} said`"
          :client-id="clientId"
          :ladder="story.ladder"
          @said="reload"
        />
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 16px;
  padding: 12px 12px 16px;
  border: 2px solid var(--ink);
  border-top: 0;
  background: var(--surface);
}
.panel :deep(h3) {
  margin-bottom: 4px;
  font-size: 1rem;
}
</style>
