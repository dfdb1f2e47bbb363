<script setup lang="ts">
import { computed } from 'vue'
import type { ApartView } from '@/api/types'

/** How far the sides of each ladder are apart: left open, right solid, the usual band washed. */
const props = defineProps<{ apart: readonly ApartView[]; usualPercent: number }>()

const SHOWN = 4
const LANE = 24
const TOP = 20
const HALF = 64
const MOST = 50
const shown = computed(() => props.apart.slice(0, SHOWN))
const length = (percent: number) => (Math.min(MOST, Math.abs(percent)) / MOST) * HALF
const wash = computed(() => (props.usualPercent / MOST) * HALF)
</script>

<template>
  <div v-if="shown.length" class="apart">
    <svg :width="2 * HALF" :height="TOP + shown.length * LANE" aria-hidden="true">
      <text x="0" y="13">left less</text>
      <text :x="2 * HALF" y="13" text-anchor="end">left more</text>
      <rect
        class="usual"
        :x="HALF - wash"
        :y="TOP"
        :width="2 * wash"
        :height="shown.length * LANE"
      />
      <line :x1="HALF" :x2="HALF" :y1="TOP" :y2="TOP + shown.length * LANE" />
      <rect
        v-for="(one, i) in shown"
        :key="one.exerciseId"
        :class="one.percent > 0 ? 'less' : 'more'"
        :x="one.percent > 0 ? HALF - length(one.percent) : HALF"
        :y="TOP + i * LANE + 5"
        :width="Math.max(2, length(one.percent))"
        height="14"
      />
    </svg>
    <ul>
      <li v-for="one in shown" :key="one.exerciseId">
        <span>{{ one.title }}</span>
        <b>{{
          one.percent === 0 ? '0' : `${one.percent > 0 ? '−' : '+'}${Math.abs(one.percent)} %`
        }}</b>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.apart {
  display: flex;
  gap: 12px;
}
svg {
  flex: none;
}
text {
  fill: var(--ink-2);
  font: 400 0.8125rem var(--font);
}
.usual {
  fill: var(--main-wash, var(--line));
  opacity: 0.6;
}
line {
  stroke: var(--edge);
}
.less {
  fill: var(--surface);
  stroke: var(--main);
  stroke-width: 1.5;
}
.more {
  fill: var(--main);
}
ul {
  flex: 1;
  min-width: 0;
  padding-top: 20px;
}
li {
  display: flex;
  gap: 8px;
  justify-content: space-between;
  height: 24px;
  line-height: 24px;
  font-size: 0.875rem;
}
li span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
