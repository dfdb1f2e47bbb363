<script setup lang="ts">
import { ref, watch } from 'vue'
import { toMinute } from '@/parts/words'
import { readTime } from './timeAndDate'

/** A time of day, 24 hours, typed as people type it: "7", "7.30", "1830". */
const model = defineModel<string>({ required: true })

const shown = (time: string) => (readTime(toMinute(time)) ? toMinute(time) : time)
const text = ref(shown(model.value))
watch(model, (now) => {
  if (readTime(text.value) !== now) text.value = shown(now)
})
/** What is no time goes to the server as it was typed, which names the field and what is allowed. */
function take() {
  const time = readTime(text.value)
  if (time) text.value = time
  model.value = time ?? text.value
}
function typed() {
  if (/^\d{1,2}[:.]\d{2}$/.test(text.value)) model.value = readTime(text.value) ?? text.value
}
const DAY = 24 * 60
const STEP = 15
function step(by: number) {
  const now = readTime(text.value)
  if (!now) return
  const minutes = Number(now.slice(0, 2)) * 60 + Number(now.slice(3))
  const next = (Math.floor(minutes / STEP) * STEP + by * STEP + DAY) % DAY
  text.value = `${String(Math.floor(next / 60)).padStart(2, '0')}:${String(next % 60).padStart(2, '0')}`
  take()
}
</script>

<template>
  <input
    v-model="text"
    class="form-control time"
    type="text"
    inputmode="numeric"
    autocomplete="off"
    placeholder="00:00"
    size="5"
    @input="typed"
    @change="take"
    @keydown.up.prevent="step(1)"
    @keydown.down.prevent="step(-1)"
  />
</template>

<style scoped>
.time {
  font-family: var(--mono);
}
</style>
