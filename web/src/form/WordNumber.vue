<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'

/** A number inside a sentence: a word that opens to a box with minus and plus. */
const props = withDefaults(
  defineProps<{
    label: string
    unit?: string
    min: number
    max: number
    step?: number
    /** How many of what is kept make one of what is shown: 60 where minutes are said as hours. */
    per?: number
    invalid?: boolean
  }>(),
  { unit: '', step: 1, per: 1, invalid: false },
)
const model = defineModel<number>({ required: true })

const id = useId()
const shown = computed(() => String(Math.round((model.value / props.per) * 10) / 10))
const text = ref(shown.value)
watch(shown, (now) => {
  if (Number(text.value) !== Number(now)) text.value = now
})
function typed() {
  const number = Number(text.value.replace(',', '.'))
  if (text.value.trim() && Number.isFinite(number)) model.value = Math.round(number * props.per)
}
function by(steps: number) {
  const next = (Math.round(model.value / props.step) + steps) * props.step
  model.value = Math.min(props.max, Math.max(props.min, next))
  text.value = shown.value
}
</script>

<template>
  <span class="word-box" :class="{ invalid }">
    <label class="visually-hidden" :for="id">{{ label }}</label>
    <button type="button" tabindex="-1" :aria-label="`${label}: less`" @click="by(-1)">−</button
    ><input
      :id="id"
      v-model="text"
      type="text"
      inputmode="decimal"
      autocomplete="off"
      role="spinbutton"
      maxlength="8"
      :size="Math.max(1, text.length)"
      :aria-valuenow="Number(text)"
      :aria-valuemin="min / per"
      :aria-valuemax="max / per"
      :aria-invalid="invalid || undefined"
      @input="typed"
      @blur="text = shown"
      @keydown.up.prevent="by(1)"
      @keydown.down.prevent="by(-1)"
    /><template v-if="unit">&nbsp;{{ unit }}</template
    ><button type="button" tabindex="-1" :aria-label="`${label}: more`" @click="by(1)">+</button>
  </span>
</template>

<style scoped>
input {
  width: auto;
  min-width: 1ch;
  text-align: center;
  field-sizing: content;
}
button {
  display: none;
  width: 26px;
  padding: 0;
  border: 0;
  background: transparent;
  color: var(--main);
  font-weight: 600;
}
.word-box:focus-within button {
  display: inline-block;
}
</style>
