<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import type { LiftResultView, Side } from '@/api/types'
import ChoiceRow from '@/form/ChoiceRow.vue'
import LiftHands from './LiftHands.vue'
import LiftMatrix from './LiftMatrix.vue'
import LiftOverTime from './LiftOverTime.vue'
import LiftSigns from './LiftSigns.vue'

/** What a test of holding and lifting says. */
const props = defineProps<{ clientId: string; result: LiftResultView }>()
const emit = defineEmits<{ forget: [] }>()

const HANDS: readonly { value: Side; label: string }[] = [
  { value: 'LEFT', label: 'Left' },
  { value: 'RIGHT', label: 'Right' },
]
const chosen = ref<Side | null>(null)
const hand = computed(
  () =>
    props.result.byHand.find((one) => one.side === (chosen.value ?? props.result.leak?.side)) ??
    props.result.byHand[0],
)
const leak = computed(() => props.result.leak)
const finger = computed(() => leak.value?.asked ?? 'RING')
const forFour = computed(
  () => leak.value && leak.value.asked !== 'THUMB' && leak.value.along !== 'THUMB',
)
const round = computed(() => ({
  path: `/workshop/${props.clientId}/round`,
  query: {
    from: leak.value?.asked,
    to: leak.value?.along,
    hand: leak.value?.side,
  },
}))
const word = (text: string) => text.toLowerCase()
</script>

<template>
  <section>
    <header>
      <h1>{{ result.title }}</h1>
      <span class="acts"
        ><a
          class="btn btn-outline-secondary"
          :href="api.liftsFile(clientId, result.testId)"
          download="lifts.csv"
          >Raw times, CSV</a
        ></span
      >
    </header>
    <p class="quiet">{{ result.conditions }}</p>
    <p v-if="result.last?.unlike.length" class="unlike" role="note">
      <b>Not under equal conditions.</b> {{ result.last.unlike.join(' ') }} Nothing is called better
      or worse.
    </p>
    <div class="columns">
      <div>
        <LiftHands :hands="result.byHand" />
        <h2>
          Asked for, and what came too
          <span class="quiet">all keys held</span>
        </h2>
        <div class="matrices">
          <LiftMatrix v-for="one in result.byHand" :key="one.side" :hand="one" />
        </div>
        <p class="quiet small">
          Row: the finger asked for; column: the one that came up as well. Independence: per cent of
          the others that stayed down. Still: per cent of the others’ lifts in which it stayed down.
        </p>
      </div>
      <div>
        <LiftOverTime :result="result" :finger="finger" />
        <template v-if="hand">
          <h2 class="with-choice">
            {{ hand.lifts.length }} lifts
            <span class="quiet"
              >{{ word(hand.side) }} hand, by finger asked;
              {{ hand.lifts.filter((lift) => lift.alone).length }} alone</span
            >
            <ChoiceRow
              v-if="result.byHand.length > 1"
              v-model="chosen"
              :options="HANDS"
              label="Hand"
            />
          </h2>
          <LiftSigns :hand="hand" />
        </template>
        <template v-if="leak && forFour">
          <h2>What follows</h2>
          <p>
            <RouterLink class="btn btn-primary" :to="round"
              >Make a round for the {{ word(leak.side) }} {{ word(leak.asked) }}</RouterLink
            >
          </p>
        </template>
        <p>
          <BButton variant="link" @click="emit('forget')">Forget this test</BButton>
          <span class="quiet">if it went wrong</span>
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
header {
  display: flex;
  gap: 12px;
  align-items: baseline;
}
h1 {
  margin: 0;
  font-size: 1.75rem;
  line-height: 2.25rem;
}
.acts {
  margin-left: auto;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 696px) minmax(0, 1fr);
  gap: 0 32px;
}
h2 {
  margin: 16px 0 8px;
  font-size: 1.25rem;
}
h2 span {
  font-size: 0.875rem;
  font-weight: 400;
}
.with-choice {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.with-choice :deep(.choices) {
  margin-left: auto;
  font-size: 0.875rem;
}
.matrices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
}
.unlike {
  padding: 6px 10px;
  background: var(--warn-wash);
}
.small {
  max-width: 620px;
  margin-top: 8px;
  font-size: 0.8125rem;
}
@media (max-width: 1100px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
