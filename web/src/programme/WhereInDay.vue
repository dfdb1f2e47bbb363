<script setup lang="ts">
import { computed, ref } from 'vue'
import type { DayView } from '@/api/types'
import { useWidth } from '@/parts/useWidth'
import { longDate } from '@/parts/words'
import DayRibbon from '@/ribbon/DayRibbon.vue'
import TimeAxis from '@/ribbon/TimeAxis.vue'

/** A day with nothing but the sessions of one obligation: small in a row, or with its hours. */
const props = defineProps<{ day: DayView; large?: boolean }>()

const SMALL = 132
const INSET = 18
const frame = ref<HTMLElement | null>(null)
const seen = useWidth(frame, 640)
const width = computed(() => (props.large ? seen.value : SMALL))
const inset = computed(() => (props.large ? INSET : 1))
const fromHour = computed(() => Math.floor(props.day.wakesHour))
const toHour = computed(() => Math.ceil(props.day.sleepsHour))
</script>

<template>
  <span ref="frame" class="frame">
    <svg
      :width="width"
      :height="large ? 84 : 34"
      :viewBox="`0 0 ${width} ${large ? 84 : 34}`"
      role="group"
      :aria-label="longDate(day.date)"
      :aria-hidden="large ? undefined : true"
    >
      <TimeAxis
        v-if="large"
        :left="inset"
        :width="width - 2 * inset"
        :from-hour="fromHour"
        :to-hour="toHour"
        :top="22"
        :bottom="78"
        :now-hour="day.today ? day.nowHour : null"
        :tab="false"
      />
      <DayRibbon
        :day="day"
        :left="inset"
        :width="width - 2 * inset"
        :top="large ? 50 : 20"
        :from-hour="fromHour"
        :to-hour="toHour"
        :band="large ? 26 : 10"
        :peg="large ? 18 : 12"
        :foot="0"
        :peg-factor="large ? 1 : 0.75"
        :labels="Boolean(large)"
      />
    </svg>
  </span>
</template>

<style scoped>
.frame {
  display: block;
}
svg {
  display: block;
}
</style>
