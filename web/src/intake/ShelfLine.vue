<script setup lang="ts" generic="V extends string">
import { SHELF_HEIGHT, SHELF_WIDTH } from './shelf'

/** Silhouettes on a line: solid what is there, dotted what is not, with what stands in for it. */
export interface ShelfItem<V> {
  readonly value: V
  readonly name: string
  readonly shape: string
  /** What stands in, or a word beneath it. */
  readonly beneath?: string | undefined
  readonly hint?: string | undefined
}
defineProps<{ label: string; items: readonly ShelfItem<V>[] }>()
const model = defineModel<V[]>({ required: true })

const there = (value: V) => model.value.includes(value)
function toggle(value: V) {
  model.value = there(value) ? model.value.filter((one) => one !== value) : [...model.value, value]
}
</script>

<template>
  <div class="shelf" role="group" :aria-label="label">
    <button
      v-for="item in items"
      :key="item.value"
      type="button"
      :aria-pressed="there(item.value)"
      :title="item.hint"
      @click="toggle(item.value)"
    >
      <svg
        :viewBox="`-1 -1 ${SHELF_WIDTH + 2} ${SHELF_HEIGHT + 1}`"
        :width="SHELF_WIDTH"
        :height="SHELF_HEIGHT"
        aria-hidden="true"
      >
        <path :d="item.shape" fill-rule="evenodd" />
      </svg>
      <span class="name">{{ item.name }}</span>
      <span v-if="item.beneath" class="quiet beneath">{{ item.beneath }}</span>
    </button>
  </div>
</template>

<style scoped>
.shelf {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(68px, 1fr));
  row-gap: 10px;
}
button {
  display: grid;
  align-content: start;
  justify-items: center;
  padding: 6px 2px 0;
  border: 0;
  background: transparent;
  color: var(--ink);
  font: 600 0.8125rem/1rem var(--font);
}
svg {
  display: block;
}
/* The board is drawn by each that stands on it, so that it goes on from one to the next. */
.name {
  width: calc(100% + 4px);
  padding: 6px 3px 0;
  border-top: 1.5px solid var(--ink-2);
}
.beneath {
  font-weight: 400;
}
path {
  fill: transparent;
  stroke: var(--ink-2);
  stroke-width: 1.5;
  stroke-dasharray: 2 3;
}
button[aria-pressed='true'] path {
  fill: var(--main);
  stroke: none;
}
button[aria-pressed='false'] {
  color: var(--ink-2);
  font-weight: 500;
}
button:hover path {
  stroke: var(--main);
}
</style>
