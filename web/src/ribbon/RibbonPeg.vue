<script setup lang="ts">
import { computed, useId } from 'vue'
import type { PegView } from '@/api/types'
import { clock } from '@/parts/words'
import { pegKey } from './pegs'

/** A session on a ribbon: its silhouette by purpose and state. */
const props = defineProps<{
  peg: PegView
  path: string
  left: number
  width: number
  top: number
  /** How high it stands above the ribbon, how wide the ribbon is, and how high its foot. */
  size: number
  band: number
  foot: number
  handle: boolean
  /** Whether the Tab key stops at it; not at all where it cannot be taken hold of. */
  tab: number | undefined
  chosen: boolean
}>()
const emit = defineEmits<{
  choose: []
  grab: [event: PointerEvent]
  key: [event: KeyboardEvent]
}>()

const prefix = useId()
const STATES: Partial<Record<PegView['state'], string>> = {
  DONE: ', done',
  LEFT: ', left midway',
  MISSED: ', missed',
  DUE: ', now',
}
const name = computed(
  () =>
    `${props.peg.label}, ${clock(props.peg.startsAt)} to ${clock(props.peg.endsAt)}` +
    `${STATES[props.peg.state] ?? ''}${props.peg.pinned ? ', pinned' : ''}`,
)
const footed = computed(() => props.peg.state === 'DONE' || props.peg.state === 'LEFT')
</script>

<template>
  <g
    class="peg"
    :data-id="peg.lineId"
    :class="{ handle, chosen: handle && chosen }"
    :transform="`translate(${left} ${top})`"
    :data-stop="pegKey(peg)"
    :tabindex="tab"
    :role="handle ? 'button' : undefined"
    :aria-label="handle ? name : undefined"
    :aria-pressed="handle ? chosen : undefined"
    @click="emit('choose')"
    @focus="handle && emit('choose')"
    @pointerdown="handle && emit('grab', $event)"
    @keydown="handle && emit('key', $event)"
  >
    <rect
      v-if="handle"
      class="touch"
      :x="-4"
      :y="-size - 4"
      :width="width + 8"
      :height="size + band * 0.4 + 4"
    />
    <title>{{ name }}. {{ peg.why }}</title>
    <clipPath :id="`${prefix}half`">
      <rect x="-1" :y="-size - 2" :width="width / 2 + 1" :height="size + 4" />
    </clipPath>
    <template v-if="peg.state === 'MISSED'">
      <path class="missed" :d="path" transform="translate(0 -1)" />
    </template>
    <template v-else-if="peg.state === 'LEFT'">
      <path class="hollow" :d="path" transform="translate(0 -1)" />
      <path class="solid" :d="path" :clip-path="`url(#${prefix}half)`" />
    </template>
    <path
      v-else
      :class="peg.state === 'DUE' ? 'live' : 'solid'"
      :d="path"
      transform="translate(0 -0.9)"
    />
    <path v-if="peg.pinned" class="pin" :d="`M${width / 2} ${-size - 5}v-5`" />
    <rect v-if="footed" class="solid" :x="width / 2 - 3" :y="band + 0.5" width="6" :height="foot" />
  </g>
</template>

<style scoped>
.solid {
  fill: var(--main);
}
.pin {
  stroke: var(--ink);
  stroke-width: 3;
}
.touch {
  fill: transparent;
}
.handle {
  cursor: grab;
  touch-action: none;
}
.peg.chosen .touch {
  stroke: var(--main);
  stroke-width: 2;
  rx: 5px;
}
.live {
  fill: var(--live);
  stroke: var(--ground);
  stroke-width: 3;
  paint-order: stroke;
}
.missed {
  fill: var(--surface);
  stroke: var(--warn);
  stroke-width: 1.5;
  stroke-linejoin: round;
}
.hollow {
  fill: var(--surface);
  stroke: var(--main);
  stroke-width: 1.5;
  stroke-linejoin: round;
}
</style>
