<script setup lang="ts" generic="V extends string | number">
import { computed } from 'vue'

/** One way to narrow the list: chosen, it is an open box with what was chosen and a cross. */
const props = defineProps<{
  label: string
  /** What the chip says when something is chosen; the option's own text if it is not given. */
  chip?: (text: string) => string
  options: readonly { value: V; text: string; count?: number }[]
}>()
const model = defineModel<V | null>({ required: true })

const chosen = computed(() => props.options.find((o) => o.value === model.value))
const words = computed(() => {
  const text = chosen.value?.text ?? ''
  return props.chip ? props.chip(text) : text
})
</script>

<template>
  <span v-if="chosen" class="chip">
    {{ words }}
    <button
      type="button"
      :aria-label="`Without ${label.toLowerCase()}: ${words}`"
      @click="model = null"
    >
      ×
    </button>
  </span>
  <BDropdown v-else lazy size="sm" variant="outline-secondary" :text="label" class="menu">
    <BDropdownItemButton
      v-for="option in options"
      :key="option.value"
      :disabled="option.count === 0"
      @click="model = option.value"
    >
      <span class="option"
        >{{ option.text
        }}<span v-if="option.count !== undefined" class="quiet">{{ option.count }}</span></span
      >
    </BDropdownItemButton>
  </BDropdown>
</template>

<style scoped>
.chip {
  display: inline-flex;
  align-items: center;
  gap: 4px;
  height: 36px;
  padding: 0 4px 0 12px;
  border: 1.5px solid var(--ink);
  border-radius: 6px;
  background: var(--surface);
  font-weight: 600;
}
.chip button {
  width: 26px;
  height: 26px;
  border: 0;
  background: none;
  color: var(--ink-2);
  font-size: 1.125rem;
  line-height: 1;
}
.menu :deep(.btn) {
  height: 36px;
  padding-inline: 10px;
}
.menu :deep(.dropdown-menu) {
  max-height: 420px;
  overflow-y: auto;
}
.option {
  display: flex;
  gap: 24px;
  justify-content: space-between;
}
</style>
