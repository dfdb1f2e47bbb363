<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Side, TapForm, TapTaskView } from '@/api/types'
import { useWidth } from '@/parts/useWidth'

/** The taps of a test as they come, the left hand above, the right one below. */
const props = defineProps<{
  task: TapTaskView
  taps: readonly TapForm[]
  /** How far it has come, in milliseconds. */
  position: number
  /** How long it should last; without a click it grows. */
  lasts: number
  sides: readonly Side[]
}>()

const HEIGHT = 56
const TOP = 22
const TICKS = 10_000
const GROWS = 15_000
const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 1200)
const all = computed(
  () => props.lasts || Math.max(GROWS, Math.ceil((props.position + 1) / GROWS) * GROWS),
)
const x = (millis: number) => Math.max(0, Math.min(1, millis / all.value)) * (width.value - 2) + 1
const click = computed(() => (props.task.clickMillis ?? 0) * props.task.withClick)
/** On a narrow page many taps stand close. */
const thick = computed(() => (width.value < 600 ? 2 : 5))
const lane = computed(() => HEIGHT / props.sides.length)
/** The first taps after the click are led by it still. */
const notCounted = computed(() => {
  const until = props.task.withClick + props.task.notCounted
  return { LEFT: until, RIGHT: until }
})
const marks = computed(() => {
  const made = { LEFT: 0, RIGHT: 0 }
  return props.taps.map((tap) => {
    const place = made[tap.side]++
    return {
      x: x(tap.at),
      y: TOP + props.sides.indexOf(tap.side) * lane.value + 5,
      counted: Boolean(props.task.seconds) || place >= notCounted.value[tap.side],
    }
  })
})
const seconds = computed(() =>
  Array.from({ length: Math.floor(all.value / TICKS) + 1 }, (_, i) => i * TICKS),
)
</script>

<template>
  <div ref="frame" class="tape" aria-hidden="true">
    <svg :width="width" :height="TOP + HEIGHT + 34">
      <text v-if="click" class="word" x="0" y="14">with the click, {{ task.withClick }}</text>
      <text v-if="click" class="word" :x="x(click) + 4" y="14">
        without, {{ task.alone }}; the first {{ task.notCounted }} are not counted
      </text>
      <rect v-if="click" class="click" x="1" :y="TOP" :width="x(click) - 1" :height="HEIGHT" />
      <rect class="alone" :x="x(click)" :y="TOP" :width="width - 1 - x(click)" :height="HEIGHT" />
      <line
        v-if="sides.length > 1"
        class="half"
        x1="1"
        :x2="width - 1"
        :y1="TOP + lane"
        :y2="TOP + lane"
      />
      <rect
        v-for="(mark, i) in marks"
        :key="i"
        class="mark"
        :class="{ counted: mark.counted, last: i >= marks.length - sides.length }"
        :x="mark.x - thick / 2"
        :y="mark.y"
        :width="thick"
        :height="lane - 10"
      />
      <path class="now" :d="`M${x(position) - 8} ${TOP + HEIGHT + 17}h16l-8 -12z`" />
      <line class="axis" x1="0" :x2="width" :y1="TOP + HEIGHT + 18" :y2="TOP + HEIGHT + 18" />
      <text
        v-for="at in seconds"
        :key="at"
        class="word"
        :x="x(at)"
        :y="TOP + HEIGHT + 32"
        :text-anchor="at === 0 ? 'start' : x(at) > width - 20 ? 'end' : 'middle'"
      >
        {{ at / 1000 }} s
      </text>
    </svg>
  </div>
</template>

<style scoped>
.tape {
  grid-column: 1 / -1;
  min-width: 0;
}
.word {
  fill: var(--ink-2);
  font-size: 0.8125rem;
}
.click {
  fill: var(--surface);
  stroke: var(--edge);
}
.alone {
  fill: color-mix(in srgb, var(--kind-independence) 12%, transparent);
  stroke: var(--kind-independence);
  stroke-width: 1.5;
}
.half,
.axis {
  stroke: var(--edge);
}
.mark {
  fill: var(--ink-2);
}
.mark.counted {
  fill: var(--kind-independence);
}
.mark.last,
.now {
  fill: var(--live);
}
</style>
