<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PracticeDayView } from '@/api/types'
import { useWidth } from '@/parts/useWidth'
import { toMinute } from '@/parts/words'
import { hourOf } from './shown'

/** A day of practice on a large ribbon: what was set has an ink tab, what was worked out a petrol one. */
const props = defineProps<{ day: PracticeDayView; endIsSet: boolean }>()

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 1180)
const BAND = 56
const INSET = 12
const TOP = 58
/** What is being typed may be another day already than the one that was answered. */
const startsAt = computed(() => toMinute(props.day.parts[0]?.startsAt ?? props.day.endsAt))
const start = computed(() => hourOf(startsAt.value, 0))
const end = computed(() => hourOf(props.day.endsAt, start.value + 0.001))
const fromHour = computed(() => Math.floor(start.value - 0.35))
const toHour = computed(() => Math.ceil(end.value + 0.35))
const x = (hour: number) =>
  INSET +
  ((hour - fromHour.value) / (toHour.value - fromHour.value)) * (width.value - 2 * INSET - 14)
const hours = computed(() =>
  Array.from({ length: toHour.value - fromHour.value + 1 }, (_, i) => fromHour.value + i).filter(
    (hour) => Math.abs(x(hour) - x(start.value)) > 44 && Math.abs(x(hour) - x(end.value)) > 44,
  ),
)
const LETTERS = 'ABCDEFGHIJKL'
const parts = computed(() => {
  let techniques = 0
  let at = start.value
  return props.day.parts.map((part) => {
    const from = at
    at += part.minutes / 60
    const box = part.kind === 'TECHNIQUE' || part.kind === 'REPERTOIRE'
    return {
      part,
      box,
      letter: part.kind === 'TECHNIQUE' ? (LETTERS[techniques++] ?? '') : '',
      left: x(from),
      width: x(at) - x(from),
    }
  })
})
const cut = (text: string, room: number) => {
  const letters = Math.floor(room / 8)
  if (text.length <= letters) return text
  return letters > 3 ? `${text.slice(0, letters - 1)}…` : ''
}
</script>

<template>
  <div ref="frame">
    <svg
      :width="width"
      :height="TOP + BAND + 12"
      role="img"
      :aria-label="`From ${startsAt} to ${toMinute(day.endsAt)}`"
    >
      <text v-for="hour in hours" :key="hour" class="hour" :x="x(hour)" y="14">
        {{ String(hour % 24).padStart(2, '0') }}
      </text>
      <path class="edge" :d="`M0 ${TOP}H${width - 2}l-14 ${BAND / 2}l14 ${BAND / 2}H0Z`" />
      <template v-for="(item, i) in parts" :key="i">
        <template v-if="item.box">
          <rect class="box" :x="item.left" :y="TOP" :width="item.width" :height="BAND" />
          <text class="letter" :x="item.left + 10" :y="TOP + 25">{{ item.letter }}</text>
          <text class="title" :x="item.left + (item.letter ? 30 : 10)" :y="TOP + 25">
            {{ cut(item.part.title, item.width - (item.letter ? 36 : 14)) }}
          </text>
          <text v-if="item.width > 54" class="minutes" :x="item.left + 10" :y="TOP + 45">
            {{ item.part.minutes }} min
          </text>
        </template>
        <template v-else>
          <path
            v-if="item.part.kind === 'REST'"
            class="peg"
            :d="`M${item.left + item.width / 2 - 9} ${TOP}v-22h18v22z`"
          />
          <text
            v-if="item.part.kind === 'LONG_BREAK' && item.width > 90"
            class="long"
            :x="item.left + item.width / 2"
            :y="TOP + 25"
          >
            Long break
          </text>
          <text
            v-if="item.width > 24"
            class="pause"
            :x="item.left + item.width / 2"
            :y="TOP + (item.part.kind === 'LONG_BREAK' ? 45 : 34)"
          >
            {{ item.part.minutes }}{{ item.part.kind === 'LONG_BREAK' ? ' min' : '' }}
          </text>
        </template>
      </template>
      <g
        v-for="(tab, i) in [
          { hour: start, text: startsAt, set: true },
          { hour: end, text: toMinute(day.endsAt), set: endIsSet },
        ]"
        :key="i"
        :class="tab.set ? 'set' : 'found'"
      >
        <path class="line" :d="`M${x(tab.hour)} 20V${TOP + BAND + 4}`" />
        <rect class="tab" :x="x(tab.hour) - 26" y="0" width="52" height="20" rx="3" />
        <text class="tab-text" :x="x(tab.hour)" y="15">{{ tab.text }}</text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
}
.hour,
.tab-text {
  font: 600 14px var(--mono);
  text-anchor: middle;
}
.hour {
  fill: var(--ink-2);
}
.tab-text {
  fill: var(--ground);
}
.edge {
  fill: var(--surface);
  stroke: var(--ribbon-edge);
}
.box {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 2;
}
.letter {
  font-size: 18px;
  font-weight: 700;
}
.title,
.long {
  font-size: 14px;
  font-weight: 600;
}
.minutes,
.pause {
  fill: var(--ink-2);
  font-size: 14px;
}
.long,
.pause {
  text-anchor: middle;
}
.peg {
  fill: var(--main);
}
.line {
  stroke-width: 2;
}
.set .line {
  stroke: var(--ink);
}
.set .tab {
  fill: var(--ink);
}
.found .line {
  stroke: var(--main);
}
.found .tab {
  fill: var(--main);
}
</style>
