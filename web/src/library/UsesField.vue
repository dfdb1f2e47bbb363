<script setup lang="ts">
import { computed } from 'vue'
import type { FieldProblem } from '@/api/client'
import type { Region, Side } from '@/api/types'
import HandMap from '@/hand/HandMap.vue'
import { ELSEWHERE } from '@/hand/regions'
import { REGIONS } from '@/parts/labels'
import { without } from '@/parts/without'
import { capital } from '@/parts/words'
import { regionWords } from './regionWords'

/** What an exercise uses, said by touching the hands: each touch is a level more, then none. */
type Levels = Partial<Record<Region, number>>
defineProps<{ problems: readonly FieldProblem[] }>()
const uses = defineModel<Levels>('uses', { required: true })
const helper = defineModel<Levels>('helper', { required: true })

const MOST = 3
/** Drawn left: the hand that helps; drawn right: a hand that acts. */
const NAMES: Readonly<Record<Side, string>> = { LEFT: 'Helps', RIGHT: 'Acts' }
const LEVELS = ['not used', 'moves or touches', 'works or goes to its end', 'loads'] as const

const touch = (levels: Levels, region: Region): Levels => {
  const level = ((levels[region] ?? 0) + 1) % (MOST + 1)
  const next = without(levels, region)
  return level ? { ...next, [region]: level } : next
}
function choose(side: Side, region: Region) {
  if (side === 'RIGHT') uses.value = touch(uses.value, region)
  else helper.value = touch(helper.value, region)
}
const discs = computed(() => {
  const of = (side: Side, levels: Levels) =>
    (Object.entries(levels) as [Region, number][]).map(([region, level]) => ({
      side,
      region,
      level,
    }))
  return [...of('RIGHT', uses.value), ...of('LEFT', helper.value)]
})
const sentence = computed(() => {
  const words = (levels: Levels) =>
    [3, 2, 1]
      .map((level) => {
        const regions = (Object.keys(levels) as Region[]).filter((r) => levels[r] === level)
        return regions.length ? `${LEVELS[level]}: ${regionWords(regions)}` : ''
      })
      .filter(Boolean)
      .join(' · ')
  const help = words(helper.value)
  return `${capital(words(uses.value) || 'nothing yet')}.${help ? ` The hand that helps ${help}.` : ''}`
})
</script>

<template>
  <div class="uses" role="group" aria-label="What it uses">
    <p class="quiet">
      Touch a place once where it moves or is touched (1), twice where it works or goes to its end
      (2), three times where it is loaded (3), once more to take it away. Pain, signs and
      instructions look at this and at nothing else.
    </p>
    <HandMap :pains="discs" :height="280" touchable numbers="use" :names="NAMES" @choose="choose" />
    <p class="further">
      <template v-for="region in ELSEWHERE" :key="region">
        <BButton size="sm" variant="outline-secondary" @click="choose('RIGHT', region)"
          >{{ capital(REGIONS[region]) }}: {{ LEVELS[uses[region] ?? 0] }}</BButton
        >
      </template>
    </p>
    <p>{{ sentence }}</p>
    <p v-for="problem in problems" :key="problem.message" class="stop" role="alert">
      {{ problem.message }}
    </p>
  </div>
</template>

<style scoped>
.uses {
  display: grid;
  gap: 8px;
}
.further {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
</style>
