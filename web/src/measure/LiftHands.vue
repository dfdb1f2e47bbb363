<script setup lang="ts">
import { computed } from 'vue'
import type { LiftedHandView } from '@/api/types'
import type { Strength } from '@/hand/drawn'
import { digitNumbers, handDrawing, qualityFor } from '@/hand/figures'
import HandShapes from '@/hand/HandShapes.vue'
import { capital } from '@/parts/words'

/** Both hands with the independence of each finger; the darker a finger, the less it has. */
const props = defineProps<{ hands: readonly LiftedHandView[] }>()

const GAP = 110
const BOTTOM = 80
const MARGIN = 20
const drawn = computed(() =>
  props.hands.map((hand) => {
    const left = hand.side === 'LEFT'
    const worked = new Map(
      hand.fingers.flatMap((finger): [number, Strength][] => {
        const tint = finger.leakage as Strength | 0
        return tint ? [[digitNumbers([finger.digit])[0] ?? 0, tint]] : []
      }),
    )
    const drawing = handDrawing('FLAT', 'FLAT', 0, 'BACK', left, worked, qualityFor(240, false))
    const shift = left ? -drawing.box[2] - GAP / 2 : -drawing.box[0] + GAP / 2
    const numbers = hand.fingers.map((finger) => {
      const [x, y] = drawing.place(digitNumbers([finger.digit])[0] ?? 0, 2, 1)
      return { digit: finger.digit, x: x + shift, y: y - 11, of: finger.independence }
    })
    return { ...hand, left, drawing, shift, numbers }
  }),
)
const box = computed(() => {
  const xs = drawn.value.flatMap((h) => [h.drawing.box[0] + h.shift, h.drawing.box[2] + h.shift])
  const top = Math.min(...drawn.value.flatMap((h) => h.numbers.map((n) => n.y))) - 14
  const x0 = Math.min(...xs) - MARGIN
  return { x: x0, y: top, width: Math.max(...xs) + MARGIN - x0, height: BOTTOM - top }
})
const label = computed(() =>
  props.hands
    .flatMap((hand) =>
      hand.fingers.map(
        (f) =>
          `${hand.side.toLowerCase()} ${f.digit.toLowerCase()} ${f.independence ?? 'unknown'} %`,
      ),
    )
    .join(', '),
)
</script>

<template>
  <svg
    class="lift-hands"
    :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`"
    role="img"
    :aria-label="`Independence: ${label}`"
  >
    <g v-for="hand in drawn" :key="hand.side">
      <g :transform="`translate(${hand.shift} 0)`">
        <HandShapes :drawing="hand.drawing" :left="hand.left" />
      </g>
      <text
        v-for="one in hand.numbers"
        :key="one.digit"
        class="number"
        :x="one.x"
        :y="one.y"
        text-anchor="middle"
      >
        {{ one.of ?? '–' }}
      </text>
      <text
        class="name"
        :x="hand.shift + (hand.drawing.box[0] + hand.drawing.box[2]) / 2"
        :y="BOTTOM - 12"
        text-anchor="middle"
      >
        {{ capital(hand.side.toLowerCase()) }}{{ hand.dominant ? ', dominant' : '' }}
      </text>
    </g>
    <text v-if="drawn.length > 1" class="note" x="0" :y="box.y + 40" text-anchor="middle">
      independence,
    </text>
    <text v-if="drawn.length > 1" class="note" x="0" :y="box.y + 53" text-anchor="middle">
      per cent
    </text>
  </svg>
</template>

<style scoped>
.lift-hands {
  display: block;
  max-width: 560px;
  max-height: 260px;
  margin: 8px auto 0;
}
.number,
.name {
  fill: var(--ink);
  font: 700 13px var(--font);
  paint-order: stroke;
  stroke: var(--ground);
  stroke-width: 3px;
}
.note {
  fill: var(--ink-2);
  font: 400 12px var(--font);
}
</style>
