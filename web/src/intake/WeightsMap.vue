<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/api/calls'
import type { Digit, Side, WeightForm, WeightView } from '@/api/types'
import HandMap from '@/hand/HandMap.vue'
import { DIGITS, keys } from '@/parts/labels'
import { capital } from '@/parts/words'

/** What an activity asks for of each target and side, on both hands; changed by plus and minus. */
const props = defineProps<{ clientId: string; activityId: string; title: string }>()
const weights = defineModel<WeightForm[] | null>({ required: true })

const open = ref(false)
const stored = ref<WeightView[]>([])
const error = ref('')
const GREATEST = 10
watch(open, async (now) => {
  if (!now || stored.value.length) return
  try {
    stored.value = await api.weights(props.clientId, props.activityId)
  } catch (e) {
    error.value = (e as Error).message
  }
})
const of = (target: string, side: Side): number => {
  if (weights.value) {
    return weights.value.find((w) => w.target === target && w.side === side)?.weight ?? 0
  }
  return stored.value.find((w) => w.target === target && w.side === side)?.usual ?? 0
}
const rows = computed(() =>
  stored.value
    .filter((w) => w.side === 'LEFT')
    .map((w) => ({
      target: w.target,
      word: w.word,
      left: of(w.target, 'LEFT'),
      right: of(w.target, 'RIGHT'),
    }))
    .filter((row) => all.value || row.left > 0 || row.right > 0),
)
const all = ref(false)
const worked = computed(() => {
  const on = (side: Side): Digit[] => keys(DIGITS).filter((d) => of(d.toLowerCase(), side) > 0)
  return { LEFT: on('LEFT'), RIGHT: on('RIGHT') }
})
function set(target: string, side: Side, by: number) {
  const now = stored.value.map((w) => ({
    target: w.target,
    side: w.side,
    weight: of(w.target, w.side),
  }))
  weights.value = now
    .map((w) =>
      w.target === target && w.side === side
        ? { ...w, weight: Math.min(GREATEST, Math.max(0, w.weight + by)) }
        : w,
    )
    .filter((w) => w.weight > 0)
}
</script>

<template>
  <details class="weights" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>
      What it asks for, on both hands
      <span class="quiet">{{ weights ? 'changed by you' : 'as usual for this' }}</span>
    </summary>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <div v-if="stored.length" class="halves">
      <HandMap :worked="worked" :height="200" />
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
            <td v-for="side in ['LEFT', 'RIGHT'] as const" :key="side">
              <button
                type="button"
                :aria-label="`${row.word}, ${side.toLowerCase()}: less`"
                @click="set(row.target, side, -1)"
              >
                −
              </button>
              <output>{{ side === 'LEFT' ? row.left : row.right }}</output>
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
    </div>
    <p v-if="stored.length" class="side-by-side">
      <BButton size="sm" variant="link" @click="all = !all">{{
        all ? 'Only what counts' : 'Every target'
      }}</BButton>
      <BButton v-if="weights" size="sm" variant="link" @click="weights = null">As usual</BButton>
    </p>
  </details>
</template>

<style scoped>
.weights {
  margin-top: 8px;
  padding-top: 6px;
  border-top: 1px solid var(--line);
}
summary {
  font-weight: 600;
  font-size: 0.8125rem;
}
.halves {
  display: grid;
  grid-template-columns: 220px minmax(0, 1fr);
  gap: 24px;
  margin-top: 8px;
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
.error {
  color: var(--stop);
}
@media (max-width: 700px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
