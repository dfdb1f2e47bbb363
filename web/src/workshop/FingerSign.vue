<script setup lang="ts">
import { computed } from 'vue'
import type { Side } from '@/api/types'
import { SIGN_HEIGHT, signOf, type SignState } from './sign'

/** A state of one hand as a sign, or of both palm to palm: the left above, the right below. */
const props = withDefaults(
  defineProps<{
    first: SignState
    second?: SignState | null
    side?: Side
    height?: number
  }>(),
  { second: null, side: 'LEFT', height: 20 },
)

const upper = computed(() => signOf(props.first, props.side))
const lower = computed(() => (props.second ? signOf(props.second, 'LEFT') : null))
const width = computed(() => Math.max(upper.value.width, lower.value?.width ?? 0))
const whole = computed(() => (lower.value ? 2 * SIGN_HEIGHT + 1 : SIGN_HEIGHT))
const scale = computed(() => props.height / SIGN_HEIGHT)
</script>

<template>
  <svg
    class="sign"
    :viewBox="`0 0 ${width} ${whole}`"
    :width="width * scale"
    :height="whole * scale"
    aria-hidden="true"
  >
    <path
      :d="upper.shape"
      :transform="side === 'RIGHT' ? `translate(${upper.width} 0) scale(-1 1)` : undefined"
    />
    <rect
      v-for="(hole, i) in upper.windows"
      :key="i"
      class="hole"
      :x="hole.x"
      :y="hole.y"
      width="3"
      height="4.8"
      rx="1.5"
    />
    <g v-if="lower" :transform="`translate(0 ${whole}) scale(1 -1)`">
      <path :d="lower.shape" />
      <rect
        v-for="(hole, i) in lower.windows"
        :key="i"
        class="hole"
        :x="hole.x"
        :y="hole.y"
        width="3"
        height="4.8"
        rx="1.5"
      />
    </g>
  </svg>
</template>

<style scoped>
.sign {
  display: block;
  fill: currentColor;
  overflow: visible;
}
.hole {
  fill: var(--sign-ground, var(--ground));
}
</style>
