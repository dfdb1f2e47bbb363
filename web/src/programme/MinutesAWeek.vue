<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ProgrammeDaysView } from '@/api/types'
import { PURPOSES } from '@/parts/labels'
import { useWidth } from '@/parts/useWidth'
import PegIcon from '@/ribbon/PegIcon.vue'
import type { Line } from './useProgramme'

/** What stands free in the seven days ahead, and how much may. */
const props = defineProps<{
  days: ProgrammeDaysView
  lines: readonly Line[]
  chosen: string | null
}>()

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 380)
const BAR = 18
const TOP = 6
const ICON = 22
const EDGE = 2
const sum = (attached: boolean) =>
  props.days.obligations
    .filter((one) => one.attached === attached)
    .reduce((minutes, one) => minutes + one.minutes, 0)
const free = computed(() => sum(false))
const withBlocks = computed(() => sum(true))
const most = computed(() => Math.max(1, free.value, props.days.minutesAllowed))
const x = (minutes: number) => EDGE + (minutes / most.value) * (width.value - 2 * EDGE)
const parts = computed(() => {
  let before = 0
  return props.days.obligations
    .filter((one) => !one.attached && one.minutes > 0)
    .map((one) => {
      const left = x(before)
      before += one.minutes
      const purpose = props.lines.find((line) => line.key === one.obligationId)?.obligation.purpose
      return { ...one, purpose, left, right: x(before) }
    })
})
const words = computed(() =>
  parts.value
    .map((part) => `${part.purpose ? PURPOSES[part.purpose] : 'taken out'} ${part.minutes} min`)
    .join(', '),
)
</script>

<template>
  <section v-if="parts.length" class="minutes" aria-labelledby="minutes-heading">
    <h3 id="minutes-heading">Standing free in seven days</h3>
    <p class="quiet small">mark: what they may hold, {{ days.minutesAllowed }} min</p>
    <div ref="frame" class="icons">
      <span
        v-for="part in parts"
        :key="part.obligationId"
        :style="{ left: `${(part.left + part.right - ICON) / 2}px` }"
      >
        <PegIcon v-if="part.purpose && part.right - part.left >= ICON" :purpose="part.purpose" />
      </span>
    </div>
    <svg
      :width="width"
      :height="BAR + 2 * TOP"
      role="img"
      :aria-label="`${free} of ${days.minutesAllowed} minutes: ${words}`"
    >
      <rect
        v-for="part in parts"
        :key="part.obligationId"
        :class="{ chosen: part.obligationId === chosen }"
        :x="part.left + 1"
        :y="TOP"
        :width="Math.max(1, part.right - part.left - 2)"
        :height="BAR"
      />
      <line :x1="x(days.minutesAllowed)" :x2="x(days.minutesAllowed)" y1="0" :y2="BAR + 2 * TOP" />
    </svg>
    <p class="small words">
      <b>{{ free }} min</b>
      <span v-for="part in parts.filter((one) => one.obligationId === chosen)" :key="part.left"
        >of them {{ part.purpose ? PURPOSES[part.purpose].toLowerCase() : '' }} {{ part.minutes }},
        {{ part.sessions }} times</span
      >
      <span v-if="withBlocks" class="push quiet">{{ withBlocks }} min go with the blocks</span>
    </p>
  </section>
</template>

<style scoped>
.minutes {
  margin-top: 20px;
}
h3 {
  font-size: 1rem;
}
.icons {
  position: relative;
  height: 22px;
}
.icons span {
  position: absolute;
}
.words {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
}
.words > * {
  white-space: nowrap;
}
svg {
  display: block;
}
rect {
  fill: var(--main);
}
rect.chosen {
  fill: var(--ink);
}
line {
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
