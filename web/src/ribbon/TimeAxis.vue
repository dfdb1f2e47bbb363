<script setup lang="ts">
import { computed } from 'vue'
import { hourAsClock } from '@/parts/words'

/** The hours above ribbons, with the now-line if the day is today. */
const props = withDefaults(
  defineProps<{
    left: number
    width: number
    fromHour: number
    toHour: number
    /** Where the ticks stand. */
    top: number
    bottom: number
    every?: number
    nowHour?: number | null
    tab?: boolean
    /** Hours at which something else stands above the axis. */
    taken?: readonly number[]
  }>(),
  { every: 3, nowHour: null, tab: true, taken: () => [] },
)

const x = (hour: number) =>
  Math.round(
    (props.left + ((hour - props.fromHour) / (props.toHour - props.fromHour)) * props.width) * 10,
  ) / 10
const shown = computed(
  () => props.nowHour !== null && props.nowHour >= props.fromHour && props.nowHour <= props.toHour,
)
const tabs = computed(() => [
  ...props.taken,
  ...(shown.value && props.tab ? [props.nowHour ?? 0] : []),
])
const hours = computed(() => {
  const list: { hour: number; x: number; major: boolean; label: string }[] = []
  for (let hour = props.fromHour; hour <= props.toHour; hour++) {
    const major = hour % props.every === 0
    const hidden = tabs.value.some((tab) => Math.abs(x(tab) - x(hour)) < 36)
    list.push({
      hour,
      x: x(hour),
      major,
      label: major && !hidden ? String(hour % 24).padStart(2, '0') : '',
    })
  }
  return list
})
</script>

<template>
  <g aria-hidden="true">
    <g v-for="hour in hours" :key="hour.hour">
      <path v-if="hour.major" class="grid" :d="`M${hour.x} ${top}V${bottom}`" />
      <path class="tick" :d="`M${hour.x} ${top}v${hour.major ? -6 : -3}`" />
      <text v-if="hour.label" class="hour" :x="hour.x" :y="top - 11">{{ hour.label }}</text>
    </g>
    <slot />
    <g v-if="shown && nowHour !== null">
      <path class="now" :d="`M${x(nowHour)} ${tab ? top - 4 : top - 6}V${bottom}`" />
      <template v-if="tab">
        <rect class="tab" :x="x(nowHour) - 24" :y="top - 24" width="48" height="20" rx="3" />
        <text class="tab-text" :x="x(nowHour)" :y="top - 9.5">{{ hourAsClock(nowHour) }}</text>
      </template>
    </g>
  </g>
</template>

<style scoped>
.grid {
  stroke: var(--line);
}
.tick {
  stroke: var(--edge);
}
.hour {
  fill: var(--ink-2);
  font: 500 13px var(--mono);
  text-anchor: middle;
}
.now {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.tab {
  fill: var(--ink);
}
.tab-text {
  fill: var(--on-ink);
  font: 700 14px var(--mono);
  text-anchor: middle;
}
</style>
