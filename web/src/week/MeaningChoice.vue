<script setup lang="ts">
import type { TitleMeaning } from '@/api/types'
import { useRadioKeys } from '@/form/useRadioKeys'

/** What a title of a calendar is, as four drawn choices: a block, a stage, a busy time, left out. */
defineProps<{ label: string; allDay: boolean }>()
const model = defineModel<TitleMeaning | null>({ required: true })

const OPTIONS: readonly { value: TitleMeaning; word: string; timed: boolean }[] = [
  { value: 'ACTIVITY', word: 'Block', timed: true },
  { value: 'STAGE', word: 'Block before an audience', timed: true },
  { value: 'BUSY', word: 'Busy', timed: false },
  { value: 'NOTHING', word: 'Left out', timed: false },
]
const { focusable, move } = useRadioKeys(() => OPTIONS.map((option) => option.value), model)
</script>

<template>
  <span class="meaning" role="radiogroup" :aria-label="label">
    <button
      v-for="(option, i) in OPTIONS"
      :key="option.value"
      type="button"
      role="radio"
      :aria-checked="model === option.value"
      :aria-label="option.word"
      :title="option.word"
      :tabindex="focusable(i)"
      :disabled="allDay && option.timed"
      @click="model = option.value"
      @keydown="move($event, i)"
    >
      <svg width="20" height="14" aria-hidden="true">
        <rect v-if="option.timed" class="box" x="1" y="1.5" width="18" height="11" />
        <rect v-if="option.value === 'STAGE'" class="floor" x="1" y="9" width="18" height="4" />
        <rect v-if="option.value === 'BUSY'" x="1" y="7" width="18" height="6" fill="url(#busy)" />
        <path v-if="option.value === 'NOTHING'" class="dots" d="M3 8h.1M10 8h.1M17 8h.1" />
      </svg>
    </button>
  </span>
</template>

<style scoped>
.meaning {
  display: inline-flex;
}
button {
  display: grid;
  place-items: center;
  width: 34px;
  height: 34px;
  border: 1.5px solid transparent;
  background: none;
}
button[aria-checked='true'] {
  border-color: var(--ink);
  background: var(--surface);
}
button:disabled {
  opacity: 0.35;
}
.box {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.floor {
  fill: var(--ink);
}
.dots {
  stroke: var(--ink-2);
  stroke-linecap: round;
  stroke-width: 2.5;
}
</style>
