<script setup lang="ts">
import { computed, ref } from 'vue'
import type { CheckView, CompareView } from '@/api/types'
import { useWidth } from '@/parts/useWidth'
import { capital, duration } from '@/parts/words'
import RoutineTape from '@/tape/RoutineTape.vue'

/** Two routines on one ruler, the same exercises tied, and what one gives that the other does not. */
const props = defineProps<{ view: CompareView; nameA: string; nameB: string }>()

const STRANDS = 44
const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame)
const space = computed(() => Math.max(props.view.a.lengthMillis, props.view.b.lengthMillis))
const tapeOf = (one: CheckView) =>
  one.steps.map((step) => ({
    title: step.title,
    kind: step.kind,
    lengthMillis: step.lengthMillis,
    laterality: step.laterality,
    side: step.draft.firstSide,
    circuit: step.draft.circuit,
  }))
const edges = (one: CheckView, at: number): readonly [number, number] => {
  const step = one.steps[at]
  const scale = width.value / (space.value || 1)
  const left = (step?.offsetMillis ?? 0) * scale
  return [left + 2, Math.max(left + 2, left + (step?.lengthMillis ?? 0) * scale - 2)]
}
const paths = computed(() =>
  props.view.strands.map((s) => {
    const [a0, a1] = edges(props.view.a, s.a)
    const [b0, b1] = edges(props.view.b, s.b)
    const half = STRANDS / 2
    return (
      `M${a0} 0C${a0} ${half} ${b0} ${half} ${b0} ${STRANDS}` +
      `H${b1}C${b1} ${half} ${a1} ${half} ${a1} 0Z`
    )
  }),
)
</script>

<template>
  <div class="compare">
    <div ref="frame" class="tapes">
      <p class="name">
        <b>A</b> {{ nameA }} <span class="quiet">{{ duration(view.a.lengthMillis) }}</span>
      </p>
      <RoutineTape :steps="tapeOf(view.a)" :height="52" :space-millis="space" names />
      <svg :width="width" :height="STRANDS" aria-hidden="true">
        <path v-for="(path, i) in paths" :key="i" :d="path" class="strand" />
      </svg>
      <RoutineTape :steps="tapeOf(view.b)" :height="52" :space-millis="space" names ruler />
      <p class="name">
        <b>B</b> {{ nameB }} <span class="quiet">{{ duration(view.b.lengthMillis) }}</span>
      </p>
    </div>
    <div class="words">
      <section>
        <h2>What differs</h2>
        <p class="cost">{{ view.cost }}</p>
        <p v-if="!view.changes.length" class="quiet">Nothing but the order.</p>
        <ul>
          <li v-for="change in view.changes" :key="change">{{ change }}</li>
        </ul>
      </section>
      <section>
        <h2>A against B <span class="quiet small">mark: wanted</span></h2>
        <table>
          <caption class="visually-hidden">
            Coverage of both, per cent
          </caption>
          <tbody>
            <tr v-for="row in view.coverage" :key="row.word">
              <th scope="row">{{ capital(row.word) }}</th>
              <td v-for="which in ['a', 'b'] as const" :key="which">
                <b>{{ which.toUpperCase() }}</b>
                <span class="bar" :style="{ '--wanted': `${row.wanted}%` }">
                  <i :style="{ width: `${row[which]}%` }" /><em />
                </span>
                {{ row[which] }}
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </div>
  </div>
</template>

<style scoped>
.cost {
  font-weight: 600;
}
.tapes svg {
  display: block;
}
.strand {
  fill: var(--main-wash);
  stroke: color-mix(in srgb, var(--main) 45%, transparent);
}
.name {
  margin: 4px 0;
}
.words {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 32px;
  margin-top: 16px;
}
h2 {
  font-size: 1rem;
}
li {
  padding: 3px 0;
  border-bottom: 1px solid var(--line);
}
table {
  width: 100%;
}
th {
  padding: 4px 8px 4px 0;
  font-weight: 400;
}
td {
  padding: 4px 8px;
  white-space: nowrap;
}
.bar {
  position: relative;
  display: inline-block;
  width: 84px;
  height: 8px;
  margin: 0 4px;
  border: 1px solid var(--edge);
}
.bar i {
  position: absolute;
  top: 0;
  bottom: 0;
  left: 0;
  background: var(--main);
}
.bar em {
  position: absolute;
  top: -4px;
  bottom: -4px;
  left: var(--wanted);
  width: 2px;
  background: var(--ink);
}
@media (max-width: 900px) {
  .words {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
