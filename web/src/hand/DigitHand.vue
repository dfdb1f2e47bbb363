<script setup lang="ts">
import { computed } from 'vue'
import type { Digit, Side } from '@/api/types'
import { DIGITS, keys } from '@/parts/labels'
import { digitNumbers, handDrawing, qualityFor } from './figures'
import type { Strength } from './drawn'
import HandShapes from './HandShapes.vue'

/** A small hand whose digits are tinted by how much they carry; each can be touched. */
const props = withDefaults(
  defineProps<{
    side: Side
    carries: Readonly<Record<Digit, Strength | 0>>
    /** What is said of a digit when it is touched. */
    title: string
    height?: number
  }>(),
  { height: 100 },
)
const emit = defineEmits<{ digit: [digit: Digit] }>()

const MARGIN = 6
const BOTTOM = 70
const left = computed(() => props.side === 'LEFT')
const drawing = computed(() =>
  handDrawing(
    'FLAT',
    'FLAT',
    0,
    'BACK',
    left.value,
    new Map(
      keys(DIGITS).flatMap((digit): [number, Strength][] => {
        const strength = props.carries[digit]
        return strength ? [[digitNumbers([digit])[0] ?? 0, strength]] : []
      }),
    ),
    qualityFor(props.height, false),
  ),
)
const box = computed(() => {
  const [x0, y0, x1] = drawing.value.box
  const width = x1 - x0 + 2 * MARGIN
  return { x: x0 - MARGIN, y: y0 - MARGIN, width, height: BOTTOM - y0 + 2 * MARGIN }
})
const places = computed(() =>
  keys(DIGITS).map((digit) => {
    const [x, y] = drawing.value.place(digitNumbers([digit])[0] ?? 0, digit === 'THUMB' ? 1 : 2, 0)
    return {
      digit,
      left: `${((x - box.value.x) / box.value.width) * 100}%`,
      top: `${((y - box.value.y) / box.value.height) * 100}%`,
    }
  }),
)
const WORDS: Readonly<Record<Strength | 0, string>> = {
  0: 'carries nothing',
  1: 'carries some',
  2: 'carries more',
  3: 'carries most',
}
const name = (digit: Digit) =>
  `${props.side === 'LEFT' ? 'Left' : 'Right'} ${DIGITS[digit].toLowerCase()} ${WORDS[props.carries[digit]]}`
</script>

<template>
  <span class="digit-hand" role="group" :aria-label="title">
    <svg
      :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`"
      :height="height"
      aria-hidden="true"
    >
      <HandShapes :drawing="drawing" :left="left" />
    </svg>
    <button
      v-for="place in places"
      :key="place.digit"
      type="button"
      :style="{ left: place.left, top: place.top }"
      :aria-label="name(place.digit)"
      :title="name(place.digit)"
      @click="emit('digit', place.digit)"
    />
  </span>
</template>

<style scoped>
.digit-hand {
  position: relative;
  display: inline-block;
}
svg {
  display: block;
}
button {
  position: absolute;
  width: 14px;
  height: 36px;
  padding: 0;
  border: 1.5px solid transparent;
  border-radius: 8px;
  background: transparent;
  transform: translate(-50%, -40%);
}
button:hover {
  border-color: var(--main);
}
</style>
