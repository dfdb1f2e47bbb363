<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { queries } from '@/api/queries'
import type { DrillView, Side } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import ChoiceRow from '@/form/ChoiceRow.vue'
import PageState from '@/parts/PageState.vue'
import FingerSign from './FingerSign.vue'
import PatternMap from './PatternMap.vue'
import PatternPanel from './PatternPanel.vue'
import { phraseQuery, type Phrase } from './phrase'
import PhraseChooser from './PhraseChooser.vue'
import TempoStepper from './TempoStepper.vue'
import { useTempo } from './useTempo'
import WorkshopFrame from './WorkshopFrame.vue'

/** Every finger pattern there is, how this client does, and the round that comes next. */
const props = defineProps<{ clientId: string }>()

const HANDS: readonly { value: Side; label: string }[] = [
  { value: 'LEFT', label: 'Left' },
  { value: 'RIGHT', label: 'Right' },
]
const handChosen = ref<Side | null>('LEFT')
const hand = computed<Side>(() => handChosen.value ?? 'LEFT')
const { chosen: tempoChosen, tempo } = useTempo(() => asked.data.value?.tempo)
const asked = useAsked(() => queries.patterns(props.clientId, hand.value, tempoChosen.value))
const ofThem = <T extends { client: string }>(answer: T | null | undefined) =>
  answer?.client === props.clientId ? answer : null
const patterns = computed(() => ofThem(asked.data.value))
const all = computed(() => patterns.value?.families.flatMap((family) => family.drills) ?? [])

const wanted = ref<string | null>(null)
const chosen = computed(
  () =>
    wanted.value ?? all.value.find((drill) => drill.next)?.pattern ?? all.value[0]?.pattern ?? null,
)
const one = useAsked(() =>
  queries.pattern(props.clientId, chosen.value, hand.value, tempoChosen.value),
)
const shown = computed(() => (wanted.value === '' ? null : ofThem(one.data.value)))
const choose = (drill: DrillView) => (wanted.value = drill.pattern)
const router = useRouter()
const phrase = ref<Phrase>({})
const start = (minutes: number) =>
  router.push({
    path: `/workshop/${props.clientId}/round`,
    query: {
      minutes,
      ...(tempoChosen.value ? { aMinute: tempoChosen.value } : {}),
      ...phraseQuery(phrase.value),
    },
  })
const RING = { bent: ['RING' as const], open: [] }
</script>

<template>
  <main id="main" class="page">
    <WorkshopFrame :client-id="clientId" on="patterns" />
    <PageState
      :loading="asked.slow.value"
      :error="asked.error.value"
      :ready="Boolean(patterns)"
      @retry="asked.reload"
    >
      <template v-if="patterns">
        <header class="head">
          <h1>{{ all.length }} patterns</h1>
          <span class="quiet">
            <template v-if="patterns.tries"
              >{{ all.filter((drill) => drill.tries).length }} tried, {{ patterns.clean }} of
              {{ patterns.tries }} clean.</template
            ><template v-else>none tried yet.</template> {{ patterns.forecast }}
          </span>
          <ul class="legend" aria-label="Signs">
            <li>
              <span class="tried"><FingerSign :first="RING" /><i /></span> share clean
            </li>
            <li>
              <span class="tried weak"><FingerSign :first="RING" /><i /></span> under 60 %
            </li>
            <li class="next"><FingerSign :first="RING" /> next round</li>
            <li class="untried"><FingerSign :first="RING" /> not tried</li>
            <li><span class="ring" /> may be rude</li>
          </ul>
          <ChoiceRow v-model="handChosen" :options="HANDS" label="Hand" />
          <TempoStepper v-model="tempo" :range="patterns.tempo" />
          <PhraseChooser v-model="phrase" :choice="patterns.phrases" />
        </header>
        <PatternMap :patterns="patterns" :hand="hand" :chosen="chosen" @choose="choose" />
        <PatternPanel
          v-if="shown"
          :pattern="shown"
          :client-id="clientId"
          :round-minutes="patterns.minutes"
          :tempo="tempo"
          :phrase="phrase"
          @round="start"
          @close="wanted = ''"
        />
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin-bottom: 8px;
}
h1 {
  margin: 0;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin: 0 0 0 auto;
  padding: 0;
  font-size: 0.8125rem;
  list-style: none;
}
.legend li {
  display: flex;
  gap: 6px;
  align-items: center;
}
.tried i {
  display: block;
  width: 70%;
  height: 3px;
  margin-top: 1px;
  background: var(--main);
}
.weak i {
  width: 40%;
  background: var(--warn);
}
.next svg {
  color: var(--main);
}
.untried svg {
  color: var(--edge);
}
.ring {
  width: 7px;
  height: 7px;
  border: 1.5px solid var(--main);
  border-radius: 50%;
}
</style>
