<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PainForm, Region, Sensation, Side } from '@/api/types'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { REGIONS, SENSATIONS, keys } from '@/parts/labels'
import { capital } from '@/parts/words'
import PlaceChooser from './PlaceChooser.vue'

/** What hurts, place by place: touch it, say how much and how it feels. */
const props = defineProps<{
  endingPain: number
  /** How much each place hurt before, to be seen beside. */
  earlier?: readonly PainForm[]
}>()
const pains = defineModel<PainForm[]>({ required: true })

const levels = computed(() =>
  Array.from({ length: 11 }, (_, n) => ({
    value: n,
    label: String(n),
    hot: n >= props.endingPain,
  })),
)
const FEELINGS = keys(SENSATIONS).map((value) => ({ value, label: SENSATIONS[value] }))
const same = (a: { side: Side; region: Region }) => (b: { side: Side; region: Region }) =>
  a.side === b.side && a.region === b.region

const chosenPlace = ref<{ side: Side; region: Region } | null>(null)
/** Choosing a place opens a word about it. */
const place = computed({
  get: () => chosenPlace.value,
  set: (value) => {
    chosenPlace.value = value
    if (value && !pains.value.some(same(value))) {
      const before = props.earlier?.find(same(value))
      pains.value = [
        ...pains.value,
        { ...value, level: before?.level ?? 0, sensation: before?.sensation ?? null },
      ]
    }
  },
})
const chosen = computed(() =>
  chosenPlace.value ? pains.value.find(same(chosenPlace.value)) : undefined,
)
const earlierHere = computed(() =>
  chosenPlace.value ? props.earlier?.find(same(chosenPlace.value)) : undefined,
)
function change(changes: Partial<PainForm>) {
  const here = chosen.value
  if (here) pains.value = pains.value.map((one) => (one === here ? { ...one, ...changes } : one))
}
const level = computed<number | null>({
  get: () => chosen.value?.level ?? null,
  set: (value) => value !== null && change({ level: value }),
})
const sensation = computed<Sensation | null>({
  get: () => chosen.value?.sensation ?? null,
  set: (value) => change({ sensation: value }),
})
function drop() {
  const here = chosen.value
  pains.value = pains.value.filter((one) => one !== here)
  chosenPlace.value = null
}
</script>

<template>
  <PlaceChooser v-model="place" :pains="pains" />
  <div v-if="chosen" class="pain">
    <p class="line-up">
      <b class="large">{{ capital(chosen.side.toLowerCase()) }} {{ REGIONS[chosen.region] }}</b>
      <span v-if="earlierHere" class="quiet">worst yesterday {{ earlierHere.level }}</span>
      <button type="button" class="push plain" @click="drop">It is nothing</button>
    </p>
    <ChoiceRow
      v-model="level"
      label="Pain, 0 to 10"
      :options="levels"
      :stop-before="endingPain"
      wide
    />
    <ChoiceRow v-model="sensation" label="How it feels" :options="FEELINGS" />
  </div>
</template>

<style scoped>
.pain {
  display: grid;
  gap: 8px;
  margin-top: 8px;
  padding: 8px;
  border: 2px solid var(--main);
  border-radius: var(--corner);
  background: var(--surface);
}
.plain {
  min-height: 28px;
  border: 0;
  background: transparent;
  color: var(--main);
  text-decoration: underline;
}
</style>
