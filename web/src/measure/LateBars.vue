<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Side, TapResultView } from '@/api/types'
import TableBehind from '@/parts/TableBehind.vue'
import { useWidth } from '@/parts/useWidth'

/** How early or late each tap came: up late, down early; left open, right solid. */
const props = defineProps<{ result: TapResultView }>()

const LEFT = 52
const LANE = 72
const TOP = 30
const REACH = 34
/** As many times the wash. */
const CUT = 2.5
const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 960)
const places = computed(() =>
  Math.max(1, ...props.result.byHand.map((hand) => (hand.taps.at(-1)?.place ?? 0) + 1)),
)
const step = computed(() => (width.value - LEFT) / places.value)
const bar = computed(() => Math.max(1.5, Math.min(9, step.value * 0.62)))
const mean = computed(() => {
  const known = props.result.byHand.flatMap((hand) => (hand.meanMillis ? [hand.meanMillis] : []))
  return known.reduce((sum, one) => sum + one, 0) / Math.max(1, known.length)
})
const wash = computed(() => (mean.value * props.result.washPercent) / 100)
/** As many milliseconds as a bar shows at most; what is later is cut off there. */
const most = computed(() => Math.max(1, wash.value * CUT))
const height = (late: number) => Math.min(1, Math.abs(late) / most.value) * REACH
const lanes = computed(() =>
  props.result.byHand.map((hand, i) => {
    const middle = TOP + i * LANE + LANE / 2
    return {
      side: hand.side,
      middle,
      bars: hand.taps.map((tap) => ({
        x: LEFT + tap.place * step.value + (step.value - bar.value) / 2,
        y: tap.late > 0 ? middle - height(tap.late) : middle,
        height: Math.max(1, height(tap.late)),
        counted: tap.counted,
        wrong: tap.wanted !== tap.tapped,
      })),
      wrong: hand.taps.filter((tap) => tap.wanted !== tap.tapped),
    }
  }),
)
const foot = computed(() => TOP + lanes.value.length * LANE)
/** A round narrower than this has room for its number only, but for the first of its kind. */
const ROOM = 60
const rounds = computed(() => {
  const length = props.result.digits.length
  if (length < 3) return []
  const withClick = props.result.withClick / length
  return Array.from({ length: Math.ceil(places.value / length) }, (_, i) => {
    const number = i < withClick ? i + 1 : i - withClick + 1
    const kind =
      number === 1 || length * step.value > ROOM ? (i < withClick ? 'click ' : 'round ') : ''
    return {
      x: LEFT + i * length * step.value,
      word: `${kind}${number}`,
      middle: LEFT + (i + 0.5) * length * step.value,
    }
  })
})
const click = computed(() => LEFT + props.result.withClick * step.value)
const table = computed(() =>
  props.result.byHand.flatMap((hand) =>
    hand.taps.map((tap) => [
      hand.side.toLowerCase(),
      tap.place + 1,
      tap.wanted.toLowerCase(),
      tap.tapped.toLowerCase(),
      Math.round(tap.late * 10) / 10,
    ]),
  ),
)
const word = (side: Side) => side.toLowerCase()
</script>

<template>
  <div ref="frame" class="late">
    <p class="quiet small">
      {{ result.withClick ? 'Against the click, then' : 'Against' }} their own beat: up late, down
      early; wash: {{ result.washPercent }} % of the interval, {{ Math.round(wash) }} ms.
    </p>
    <svg :width="width" :height="foot + 24" role="img" aria-label="How early or late each tap came">
      <g v-for="lane in lanes" :key="lane.side" :class="word(lane.side)">
        <rect
          class="wash"
          :x="LEFT"
          :y="lane.middle - height(wash)"
          :width="width - LEFT"
          :height="2 * height(wash)"
        />
        <line class="base" :x1="LEFT" :x2="width" :y1="lane.middle" :y2="lane.middle" />
        <text class="side" :x="LEFT - 8" :y="lane.middle + 5" text-anchor="end">
          {{ word(lane.side) }}
        </text>
        <rect
          v-for="(one, i) in lane.bars"
          :key="i"
          class="bar"
          :class="{ led: !one.counted, wrong: one.wrong }"
          :x="one.x"
          :y="one.y"
          :width="bar"
          :height="one.height"
        />
      </g>
      <g v-if="result.withClick">
        <line class="stop" :x1="click" :x2="click" :y1="18" :y2="foot" />
        <rect class="flag" :x="click - 46" y="2" width="92" height="20" />
        <text class="flag-word" :x="click" y="16" text-anchor="middle">click stops</text>
      </g>
      <line class="axis" :x1="LEFT" :x2="width" :y1="foot" :y2="foot" />
      <g v-for="(one, i) in rounds" :key="i">
        <line class="axis" :x1="one.x" :x2="one.x" :y1="foot" :y2="foot + 6" />
        <text class="note" :x="one.middle" :y="foot + 18" text-anchor="middle">{{ one.word }}</text>
      </g>
    </svg>
    <ul v-if="lanes.some((lane) => lane.wrong.length)" class="wrongs">
      <li v-for="lane in lanes.filter((one) => one.wrong.length)" :key="lane.side">
        <b>Wrong key, {{ word(lane.side) }}:</b>
        <span v-for="tap in lane.wrong.slice(0, 4)" :key="tap.place">
          tap {{ tap.place + 1 }}, {{ tap.tapped.toLowerCase() }} for
          {{ tap.wanted.toLowerCase() }};
        </span>
        <span v-if="lane.wrong.length > 4">and {{ lane.wrong.length - 4 }} more</span>
      </li>
    </ul>
    <TableBehind name="taps" :head="['hand', 'tap', 'asked', 'tapped', 'ms late']" :rows="table" />
  </div>
</template>

<style scoped>
.late {
  min-width: 0;
}
.note {
  fill: var(--ink-2);
  font-size: 0.8125rem;
}
.side {
  fill: var(--ink);
  font-size: 0.875rem;
  font-weight: 600;
}
.wash {
  fill: var(--main-wash);
}
.base {
  stroke: var(--edge);
}
.bar {
  stroke: var(--main);
  stroke-width: 1.25;
}
.left .bar {
  fill: var(--surface);
}
.right .bar {
  fill: var(--main);
}
.bar.led {
  stroke: var(--edge);
}
.right .bar.led {
  fill: var(--edge);
}
.bar.wrong {
  stroke: var(--warn);
}
.right .bar.wrong {
  fill: var(--warn);
}
.stop {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.flag {
  fill: var(--ink);
}
.flag-word {
  fill: var(--on-ink);
  font-size: 0.8125rem;
  font-weight: 600;
}
.axis {
  stroke: var(--edge);
}
.wrongs {
  margin: 0;
  padding: 0;
  color: var(--warn);
  font-size: 0.8125rem;
  list-style: none;
}
</style>
