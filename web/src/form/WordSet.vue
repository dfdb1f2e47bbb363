<script setup lang="ts" generic="V extends string">
import { onClickOutside } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import { listed } from '@/parts/words'

/** Some of a few inside a sentence: words that open to a box with all of them. */
const props = withDefaults(
  defineProps<{
    label: string
    options: readonly { value: V; text: string }[]
    /** What stands there when none or all are chosen. */
    none: string
    all?: string
    invalid?: boolean
  }>(),
  { all: undefined, invalid: false },
)
const model = defineModel<V[]>({ required: true })

const open = ref(false)
const box = useTemplateRef<HTMLElement>('box')
const word = useTemplateRef<HTMLButtonElement>('word')
onClickOutside(box, () => {
  open.value = false
})
const shown = computed(() => {
  const chosen = props.options.filter((option) => model.value.includes(option.value))
  if (!chosen.length) return props.none
  if (props.all && chosen.length === props.options.length) return props.all
  return listed(chosen.map((option) => option.text))
})
function toggle(value: V) {
  model.value = model.value.includes(value)
    ? model.value.filter((one) => one !== value)
    : props.options.map((o) => o.value).filter((o) => o === value || model.value.includes(o))
}
function close() {
  open.value = false
  word.value?.focus()
}
</script>

<template>
  <span ref="box" class="word-box" :class="{ invalid }" @keydown.esc="close">
    <button
      ref="word"
      type="button"
      class="word"
      :aria-expanded="open"
      :aria-label="`${label}: ${shown}`"
      @click="open = !open"
    >
      {{ shown }}
    </button>
    <span v-if="open" class="all" role="group" :aria-label="label">
      <label v-for="option in options" :key="option.value" class="check">
        <input
          type="checkbox"
          class="form-check-input"
          :checked="model.includes(option.value)"
          @change="toggle(option.value)"
        />{{ option.text }}
      </label>
    </span>
  </span>
</template>

<style scoped>
.word-box {
  position: relative;
}
.all {
  position: absolute;
  z-index: 5;
  top: 100%;
  left: -2px;
  display: grid;
  min-width: 160px;
  padding: 8px 12px;
  border: 2px solid var(--ink);
  background: var(--surface);
  white-space: nowrap;
}
</style>
