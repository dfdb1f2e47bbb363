<script setup lang="ts">
import { computed } from 'vue'
import type { Digit, Side } from '@/api/types'
import { handDrawing, digitNumbers, qualityFor, wholly } from '@/hand/figures'
import HandShapes from '@/hand/HandShapes.vue'
import { capital } from '@/parts/words'
import { signOf } from '@/workshop/sign'
import { FINGERS, SIDES } from '@/workshop/tapInput'

/** Both hands from above with a key before each finger; the key that is next is lit. */
const props = withDefaults(
  defineProps<{
    fingers: Readonly<Record<Side, readonly Digit[]>>
    next: Readonly<Partial<Record<Side, Digit | null>>>
    /** Keys that are down. */
    down?: Readonly<Record<Side, readonly Digit[]>>
  }>(),
  { down: () => ({ LEFT: [], RIGHT: [] }) },
)

const GAP = 70
const KEY = { width: 42, height: 60 }
const BETWEEN = 3
const BOTTOM = 96
const MARGIN = 6

const hands = computed(() =>
  SIDES.map((side) => {
    const left = side === 'LEFT'
    const next = props.next[side]
    const drawing = handDrawing(
      'SPREAD',
      'SPREAD',
      0,
      'BACK',
      left,
      wholly(next ? [next] : []),
      qualityFor(420, true),
    )
    const shift = left ? -drawing.box[2] - GAP / 2 : -drawing.box[0] + GAP / 2
    const tip = (digit: Digit) => drawing.place(digitNumbers([digit])[0] ?? 0, 2, 1)
    const top = tip('MIDDLE')[1] - KEY.height * 0.5
    const outward = left ? -1 : 1
    /** Side by side, the middle finger on its own. */
    const across = (digit: Digit) =>
      tip('MIDDLE')[0] + outward * (FINGERS.indexOf(digit) - 1) * (KEY.width + BETWEEN)
    const keys = props.fingers[side].map((digit) => {
      const thumb = digit === 'THUMB'
      const sign = signOf({ bent: thumb ? [] : [digit], open: [] }, side)
      return {
        digit,
        sign,
        x: (thumb ? tip(digit)[0] : across(digit)) - KEY.width / 2 + shift,
        y: thumb ? tip('THUMB')[1] - KEY.height * 0.7 : top,
        on: digit === next,
        down: props.down[side].includes(digit),
      }
    })
    return { side, left, drawing, shift, keys, rests: !props.fingers[side].length }
  }),
)
const box = computed(() => {
  const ends = hands.value.flatMap((hand) => [
    hand.drawing.box[0] + hand.shift,
    hand.drawing.box[2] + hand.shift,
    ...hand.keys.flatMap((key) => [key.x, key.x + KEY.width]),
  ])
  const x0 = Math.min(...ends) - MARGIN
  const x1 = Math.max(...ends) + MARGIN
  const tops = hands.value.flatMap((hand) => [hand.drawing.box[1], ...hand.keys.map((k) => k.y)])
  const top = Math.min(...tops) - MARGIN
  return { x: x0, y: top, width: x1 - x0, height: BOTTOM - top }
})
const label = computed(() =>
  SIDES.filter((side) => props.next[side])
    .map((side) => `${side.toLowerCase()} ${(props.next[side] ?? '').toLowerCase()}`)
    .join(', '),
)
</script>

<template>
  <svg
    class="tap-hands"
    :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`"
    role="img"
    :aria-label="label ? `Next: ${label}` : 'Both hands'"
  >
    <g v-for="hand in hands" :key="hand.side" :class="{ rests: hand.rests }">
      <g v-for="key in hand.keys" :key="key.digit" :class="['key', { on: key.on, down: key.down }]">
        <rect :x="key.x" :y="key.y" :width="KEY.width" :height="KEY.height" />
      </g>
      <g :transform="`translate(${hand.shift} 0)`">
        <HandShapes :drawing="hand.drawing" :left="hand.left" />
      </g>
      <g
        v-for="key in hand.keys"
        :key="key.digit"
        :class="['sign', { on: key.on }]"
        :transform="`translate(${key.x + KEY.width / 2 - key.sign.width / 2} ${key.y + 4})`"
      >
        <path
          :d="key.sign.shape"
          :transform="
            hand.side === 'LEFT' ? `translate(${key.sign.width} 0) scale(-1 1)` : undefined
          "
        />
      </g>
      <text
        class="name"
        :x="hand.shift + (hand.drawing.box[0] + hand.drawing.box[2]) / 2"
        :y="BOTTOM - 26"
        text-anchor="middle"
      >
        {{ capital(hand.side.toLowerCase()) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.tap-hands {
  align-self: center;
  width: 100%;
  max-height: min(440px, 52vh);
}
.key rect {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 1;
}
.key.on rect {
  fill: var(--live);
  stroke: var(--live);
}
.key.down rect {
  stroke: var(--breath);
  stroke-width: 2.5;
}
.sign {
  fill: var(--ink);
}
.sign.on {
  fill: var(--ground);
}
.rests {
  opacity: 0.45;
}
.name {
  fill: var(--side);
  font: 700 11px var(--font);
}
</style>
