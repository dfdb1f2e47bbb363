<script setup lang="ts">
import { computed } from 'vue'
import type { Digit, Side } from '@/api/types'
import { DIGITS, keys } from '@/parts/labels'
import { digitNumbers, handDrawing, qualityFor } from './figures'
import type { Strength } from './drawn'
import HandShapes from './HandShapes.vue'

/**
 * A small hand whose digits are tinted by how much they carry; a digit can be touched with a pointer.
 * Digits are narrower than a key may be, so whoever uses this offers the same in words beside it.
 */
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
const label = computed(() => {
  const carrying = keys(DIGITS).filter((digit) => props.carries[digit])
  return [props.title, ...carrying.map(name)].join('; ')
})
</script>

<template>
  <span class="digit-hand" role="img" :aria-label="label">
    <svg
      :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`"
      :height="height"
      aria-hidden="true"
    >
      <HandShapes :drawing="drawing" :left="left" />
    </svg>
    <span
      v-for="place in places"
      :key="place.digit"
      class="digit"
      :style="{ left: place.left, top: place.top }"
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
.digit {
  position: absolute;
  width: 14px;
  height: 36px;
  padding: 0;
  border: 1.5px solid transparent;
  border-radius: 8px;
  cursor: pointer;
  transform: translate(-50%, -40%);
}
.digit:hover {
  border-color: var(--main);
}
</style>
