<script setup lang="ts">
import { computed, ref, watchEffect } from 'vue'
import type { Digit, Side } from '@/api/types'
import { listed } from '@/parts/words'
import type { TapInput } from './tapInput'

/** Which keys the keyboard can report together is found out first: all of a hand are held. */
const props = defineProps<{
  input: TapInput
  sides: readonly Side[]
  fingers: Readonly<Record<Side, readonly Digit[]>>
}>()
/** Whether all keys of each hand report together. */
const found = defineModel<boolean>({ required: true })
/** The most that reported together, of both hands. */
const most = defineModel<number>('most', { default: 0 })

const down = ref<Record<Side, readonly Digit[]>>({ LEFT: [], RIGHT: [] })
/** The most that a hand reported at once. */
const best = ref<Record<Side, readonly Digit[]>>({ LEFT: [], RIGHT: [] })
watchEffect((clean) => {
  const stop = props.input.listen({
    press: ({ side, digit }) => {
      down.value = { ...down.value, [side]: [...new Set([...down.value[side], digit])] }
      if (down.value[side].length > best.value[side].length)
        best.value = { ...best.value, [side]: down.value[side] }
      most.value = Math.max(most.value, down.value.LEFT.length + down.value.RIGHT.length)
    },
    release: ({ side, digit }) => {
      down.value = { ...down.value, [side]: down.value[side].filter((one) => one !== digit) }
    },
  })
  clean(stop)
})
const laid = (side: Side) => {
  const digits = props.fingers[side]
  return side === 'LEFT' ? [...digits].reverse() : digits
}
const enough = (side: Side) =>
  props.fingers[side].every((digit) => best.value[side].includes(digit))
watchEffect(() => (found.value = props.sides.every(enough)))
const short = computed(() => props.sides.filter((side) => !enough(side)))
</script>

<template>
  <div class="together">
    <h2>Which keys report together</h2>
    <p v-for="side in sides" :key="side" class="row-of-keys">
      <span class="side">{{ side.toLowerCase() }}</span>
      <i
        v-for="digit in laid(side)"
        :key="digit"
        :class="{ on: best[side].includes(digit), now: down[side].includes(digit) }"
        :title="digit.toLowerCase()"
        >{{ best[side].includes(digit) ? '✓' : '' }}</i
      >
    </p>
    <p v-if="found" role="status">All of them report together.</p>
    <p v-else class="quiet" role="status">
      Hold all keys of the {{ listed(short.map((one) => one.toLowerCase())) }}
      {{ short.length === 1 ? 'hand' : 'hands' }} down at once.
      <slot name="not-yet" />
    </p>
  </div>
</template>

<style scoped>
h2 {
  margin: 12px 0 4px;
  color: var(--ink-2);
  font-size: 1rem;
}
p {
  margin: 4px 0;
}
.row-of-keys {
  display: flex;
  gap: 4px;
  align-items: center;
}
.side {
  width: 44px;
}
i {
  display: grid;
  place-items: center;
  width: 26px;
  height: 26px;
  border: 1.5px solid var(--edge);
  font-style: normal;
}
.on {
  border-color: var(--breath);
}
.now {
  background: var(--surface);
}
</style>
