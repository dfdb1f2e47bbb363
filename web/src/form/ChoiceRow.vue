<script setup lang="ts" generic="T extends string | number">
import { useRadioKeys } from './useRadioKeys'

/** One of a few, as open boxes on a line; arrow keys move as in any radio group. */
const props = defineProps<{
  label: string
  options: readonly { value: T; label: string; hot?: boolean }[]
  /** The option before which the stop line stands. */
  stopBefore?: T
  wide?: boolean
}>()
const model = defineModel<T | null>({ required: true })

const { focusable, move } = useRadioKeys(() => props.options.map((option) => option.value), model)
</script>

<template>
  <div class="choices" :class="{ wide }" role="radiogroup" :aria-label="label">
    <button
      v-for="(option, i) in options"
      :key="String(option.value)"
      type="button"
      role="radio"
      :aria-checked="model === option.value"
      :tabindex="focusable(i)"
      :class="{ hot: option.hot, line: option.value === stopBefore }"
      @click="model = option.value"
      @keydown="move($event, i)"
    >
      {{ option.label }}
    </button>
  </div>
</template>

<style scoped>
.choices.wide {
  display: flex;
  flex-wrap: nowrap;
}
.choices.wide > button {
  flex: 1;
  min-width: 0;
  padding: 0 2px;
}
.hot {
  color: var(--stop);
}
.line {
  position: relative;
}
.line::before {
  position: absolute;
  top: 0;
  bottom: 0;
  left: -2px;
  border-left: 1.5px dashed var(--stop);
  content: '';
}
</style>
