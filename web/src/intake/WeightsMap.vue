<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Side, WeightForm, WeightView } from '@/api/types'
import { capital } from '@/parts/words'
import { weightOf, withWeight } from './weights'

/** What an activity asks for of each target and side, changed by plus and minus. */
const props = defineProps<{ usual: readonly WeightView[]; title: string }>()
const weights = defineModel<WeightForm[] | null>({ required: true })

const SIDES: readonly Side[] = ['LEFT', 'RIGHT']
const all = ref(false)
const of = (target: string, side: Side) => weightOf(weights.value, props.usual, target, side)
const rows = computed(() =>
  props.usual
    .filter((w) => w.side === 'LEFT')
    .filter((w) => all.value || of(w.target, 'LEFT') > 0 || of(w.target, 'RIGHT') > 0),
)
function set(target: string, side: Side, by: number) {
  weights.value = withWeight(weights.value, props.usual, target, side, of(target, side) + by)
}
</script>

<template>
  <details class="weights">
    <summary>What it asks for: {{ weights ? 'changed by you' : 'as usual' }}</summary>
    <table>
      <caption class="visually-hidden">
        Weights from 0 to 10 for
        {{
          title
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col"></th>
          <th scope="col">left</th>
          <th scope="col">right</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.target">
          <th scope="row">{{ capital(row.word) }}</th>
          <td v-for="side in SIDES" :key="side">
            <button
              type="button"
              :aria-label="`${row.word}, ${side.toLowerCase()}: less`"
              @click="set(row.target, side, -1)"
            >
              −
            </button>
            <output>{{ of(row.target, side) }}</output>
            <button
              type="button"
              :aria-label="`${row.word}, ${side.toLowerCase()}: more`"
              @click="set(row.target, side, 1)"
            >
              +
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <span class="side-by-side">
      <BButton size="sm" variant="link" @click="all = !all">{{
        all ? 'Only what counts' : 'Every target'
      }}</BButton>
      <BButton v-if="weights" size="sm" variant="link" @click="weights = null">As usual</BButton>
    </span>
  </details>
</template>

<style scoped>
summary {
  color: var(--ink-2);
  font-size: 0.8125rem;
}
th {
  padding: 1px 12px 1px 0;
  font-weight: 400;
}
td {
  padding: 1px 6px;
  white-space: nowrap;
}
output {
  display: inline-block;
  min-width: 22px;
  font-weight: 700;
  text-align: center;
}
td button {
  width: 26px;
  height: 26px;
  border: 1px solid var(--edge);
  border-radius: 3px;
  background: var(--surface);
  color: var(--main);
  font-weight: 700;
}
</style>
