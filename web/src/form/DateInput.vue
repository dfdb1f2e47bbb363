<script setup lang="ts">
import { ref, useTemplateRef, watch } from 'vue'
import { addDays } from '@/parts/words'
import { dateInField, readDate } from './timeAndDate'

/** A date, the day first, typed or taken from the browser's own calendar. */
const props = withDefaults(defineProps<{ min?: string; max?: string }>(), {
  min: undefined,
  max: undefined,
})
const model = defineModel<string>({ required: true })
defineOptions({ inheritAttrs: false })

const today = new Date().toISOString().slice(0, 10)
const shown = (iso: string) => (/^\d{4}-\d{2}-\d{2}$/.test(iso) ? dateInField(iso) : iso)
const text = ref(shown(model.value))
watch(model, (now) => {
  if (readDate(text.value, today) !== now) text.value = shown(now)
})
/** What is no date goes to the server as it was typed, which names the field and what is allowed. */
function take() {
  const date = readDate(text.value, today)
  if (date) text.value = shown(date)
  model.value = date ?? text.value
}
function step(by: number) {
  const now = readDate(text.value, today)
  if (!now) return
  text.value = shown(addDays(now, by))
  take()
}
const calendar = useTemplateRef<HTMLInputElement>('calendar')
function picked(event: Event) {
  model.value = (event.target as HTMLInputElement).value
  text.value = shown(model.value)
}
</script>

<template>
  <span class="date">
    <input
      v-bind="$attrs"
      v-model="text"
      class="form-control"
      type="text"
      autocomplete="off"
      placeholder="1 Dec 2026"
      size="11"
      @change="take"
      @keydown.up.prevent="step(1)"
      @keydown.down.prevent="step(-1)"
    />
    <button type="button" tabindex="-1" aria-hidden="true" @click="calendar?.showPicker()">
      <svg viewBox="0 0 16 16" width="16" height="16">
        <path d="M1.5 3.5h13v11h-13zM1.5 6.5h13M5 1v4M11 1v4" />
      </svg>
    </button>
    <input
      ref="calendar"
      class="calendar"
      type="date"
      tabindex="-1"
      aria-hidden="true"
      :value="readDate(text, today) ?? ''"
      :min="props.min"
      :max="props.max"
      @change="picked"
    />
  </span>
</template>

<style scoped>
.date {
  position: relative;
  display: flex;
  align-items: stretch;
  min-width: 0;
}
.date > .form-control {
  min-width: 0;
  padding-right: 34px;
}
button {
  position: absolute;
  top: 0;
  right: 0;
  bottom: 0;
  display: grid;
  width: 32px;
  padding: 0;
  border: 0;
  background: transparent;
  place-items: center;
}
path {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.5;
}
.calendar {
  position: absolute;
  right: 0;
  bottom: 0;
  width: 1px;
  height: 1px;
  opacity: 0;
  pointer-events: none;
}
</style>
