<script setup lang="ts">
import { computed } from 'vue'
import type { TapMeasureView, TapResultView, ValueView } from '@/api/types'
import { ownMoment } from '@/parts/words'

/** Each measure against the last test, with the band inside which a change means nothing. */
const props = defineProps<{ result: TapResultView }>()
const emit = defineEmits<{ again: [] }>()

const WIDTH = 92
const sides = computed(() => props.result.byHand.map((hand) => hand.side))
const valueOf = (measure: TapMeasureView, side: string) =>
  measure.values.find((value) => value.side === side)
/** Where the band, the line and the dot lie: a scale wide enough for all three. */
function marks(value: ValueView) {
  const before = value.before ?? value.now
  const half = Math.max(value.counts * 1.6, Math.abs(value.now - before) * 1.15, 1e-6)
  const x = (at: number) => WIDTH / 2 + ((at - before) / half) * (WIDTH / 2 - 8)
  return {
    from: x(before - value.counts),
    to: x(before + value.counts),
    line: x(before),
    dot: x(value.now),
  }
}
const shown = (measure: TapMeasureView, value: number) => {
  const fine = measure.id === 'spread' || measure.id === 'drift'
  return value.toFixed(fine ? 1 : 0).replace('-', '−')
}
</script>

<template>
  <section>
    <h2>
      Against last time
      <span v-if="result.last" class="quiet"
        >{{ ownMoment(result.last.at)
        }}<template v-if="result.last.bpm">, {{ result.last.bpm }} bpm</template></span
      >
    </h2>
    <p v-if="!result.last" class="quiet">
      The first test of this row. What the next one differs by is shown here.
    </p>
    <div v-if="result.last?.unlike.length" class="unlike" role="note">
      <b>Not under equal conditions.</b>
      {{ result.last.unlike.join(' ') }} Nothing is called better or worse.
      <BButton variant="link" @click="emit('again')">Test again when they are</BButton>
    </div>
    <table>
      <thead>
        <tr>
          <td />
          <th v-for="side in sides" :key="side" scope="col">{{ side.toLowerCase() }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="measure in result.measures" :key="measure.id">
          <th scope="row">
            {{ measure.words }}<span class="quiet">{{ measure.unit }}</span>
          </th>
          <td v-for="side in sides" :key="side">
            <div v-if="valueOf(measure, side)" class="value">
              <svg
                v-if="valueOf(measure, side)?.before !== null"
                :width="WIDTH"
                height="24"
                aria-hidden="true"
              >
                <line class="base" x1="0" :x2="WIDTH" y1="12" y2="12" />
                <rect
                  class="band"
                  :x="marks(valueOf(measure, side)!).from"
                  y="2"
                  :width="marks(valueOf(measure, side)!).to - marks(valueOf(measure, side)!).from"
                  height="20"
                />
                <line
                  class="then"
                  :x1="marks(valueOf(measure, side)!).line"
                  :x2="marks(valueOf(measure, side)!).line"
                  y1="3"
                  y2="21"
                />
                <circle
                  class="dot"
                  :class="side.toLowerCase()"
                  :cx="marks(valueOf(measure, side)!).dot"
                  cy="12"
                  r="5"
                />
              </svg>
              <span
                ><b>{{ shown(measure, valueOf(measure, side)!.now) }}</b
                ><span
                  class="word"
                  :class="(valueOf(measure, side)?.verdict ?? '').toLowerCase()"
                  >{{ valueOf(measure, side)?.words }}</span
                ></span
              >
            </div>
          </td>
        </tr>
      </tbody>
    </table>
    <ul v-if="result.last" class="legend">
      <li><i class="wash" /> last time; inside the wash a change means nothing</li>
      <li v-if="sides.includes('LEFT')"><i class="open" /> left now</li>
      <li v-if="sides.includes('RIGHT')"><i class="solid" /> right now</li>
    </ul>
    <p v-if="result.between" class="quiet">{{ result.between }}</p>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
  font-size: 1.25rem;
}
h2 span {
  font-size: 0.875rem;
  font-weight: 400;
}
table {
  width: 100%;
}
thead th {
  color: var(--ink-2);
  font-size: 0.8125rem;
  font-weight: 400;
}
tbody tr {
  border-bottom: 1px solid var(--line);
}
tbody th {
  padding: 6px 12px 6px 0;
  font-size: 0.875rem;
  font-weight: 600;
}
tbody th span {
  display: block;
  font-size: 0.8125rem;
  font-weight: 400;
}
.value {
  display: flex;
  gap: 10px;
  align-items: center;
}
.value b,
.word {
  display: block;
}
.word {
  color: var(--ink-2);
  font-size: 0.8125rem;
  white-space: nowrap;
}
.word.better {
  color: var(--good);
  font-weight: 700;
}
.word.worse {
  color: var(--warn);
  font-weight: 700;
}
.base {
  stroke: var(--line);
  stroke-width: 1.5;
}
.band {
  fill: var(--main-wash);
}
.then {
  stroke: var(--main);
  stroke-width: 1.5;
}
.dot {
  stroke: var(--main);
  stroke-width: 1.75;
}
.dot.left {
  fill: var(--surface);
}
.dot.right {
  fill: var(--main);
}
.unlike {
  margin: 4px 0 8px;
  padding: 6px 10px;
  background: var(--warn-wash);
  font-size: 0.875rem;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin: 8px 0;
  padding: 0;
  color: var(--ink-2);
  font-size: 0.8125rem;
  list-style: none;
}
.legend li {
  display: flex;
  gap: 6px;
  align-items: center;
}
.wash {
  width: 22px;
  height: 14px;
  border-right: 11px solid var(--main-wash);
  border-left: 11px solid var(--main-wash);
  background: var(--main);
}
.open,
.solid {
  width: 11px;
  height: 11px;
  border: 1.75px solid var(--main);
  border-radius: 50%;
}
.solid {
  background: var(--main);
}
@media (max-width: 480px) {
  .value {
    flex-direction: column;
    gap: 2px;
    align-items: flex-start;
  }
}
</style>
