<script setup lang="ts">
import { computed, ref } from 'vue'
import type { DayView } from '@/api/types'
import { useWidth } from '@/parts/useWidth'
import { weekday } from '@/parts/words'
import DayRibbon from '@/ribbon/DayRibbon.vue'

/** Seven small ribbons, today's in heavier words. */
const props = defineProps<{ days: readonly DayView[] }>()

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 416)
const NAME = 40
const ROW = 27
const fromHour = computed(() => Math.floor(Math.min(...props.days.map((d) => d.wakesHour), 7)) - 1)
const toHour = computed(() => Math.max(24, ...props.days.map((d) => Math.ceil(d.sleepsHour))))
const sums = computed(() => {
  const sum = (pick: 'done' | 'missed' | 'planned') =>
    props.days.reduce((n, day) => n + day[pick], 0)
  return `${sum('done')} done, ${sum('missed')} missed, ${sum('planned')} to come`
})
</script>

<template>
  <section aria-label="This week">
    <header class="line-up">
      <h3>This week</h3>
      <span class="quiet push">{{ sums }}</span>
    </header>
    <div ref="frame">
      <svg :width="width" :height="days.length * ROW + 10" role="group" aria-label="This week">
        <g v-for="(day, i) in days" :key="day.date">
          <text class="name" :class="{ today: day.today }" x="0" :y="i * ROW + 27">
            {{ weekday(day.date) }}
          </text>
          <DayRibbon
            :day="day"
            :left="NAME"
            :width="width - NAME - 4"
            :top="i * ROW + 17"
            :from-hour="fromHour"
            :to-hour="toHour"
            :band="10"
            :peg="11"
            :foot="3"
            :peg-factor="0.72"
            :labels="false"
          />
        </g>
      </svg>
    </div>
  </section>
</template>

<style scoped>
svg {
  display: block;
}
.name {
  font-size: 14px;
  font-weight: 500;
}
.name.today {
  font-weight: 700;
}
</style>
