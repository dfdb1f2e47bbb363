<script setup lang="ts">
import { computed, onScopeDispose, ref } from 'vue'

/** Counts breaths: a touch at the end of each breath out, for half a minute. */
const emit = defineEmits<{ counted: [perMinute: number] }>()

const SECONDS = 30
const begun = ref<number | null>(null)
const now = ref(0)
const taps = ref<number[]>([])
let timer: ReturnType<typeof setInterval> | undefined
const left = computed(() =>
  begun.value === null
    ? SECONDS
    : Math.max(0, SECONDS - Math.floor((now.value - begun.value) / 1000)),
)
const running = computed(() => begun.value !== null)
/** Whole breaths lie between touches; the last one may reach past the half minute. */
function counted(): number | null {
  const first = taps.value[0]
  const last = taps.value.at(-1)
  if (first === undefined || last === undefined || taps.value.length < 3) return null
  return Math.round(((taps.value.length - 1) * 60_000) / (last - first))
}
function stop() {
  clearInterval(timer)
  begun.value = null
}
function tap() {
  const at = performance.now()
  if (!running.value) {
    begun.value = at
    taps.value = []
    timer = setInterval(() => {
      now.value = performance.now()
      if (left.value === 0) {
        stop()
        const found = counted()
        if (found !== null) emit('counted', Math.min(15, Math.max(3, found)))
      }
    }, 200)
  }
  now.value = at
  taps.value = [...taps.value, at]
}
onScopeDispose(stop)
</script>

<template>
  <p class="tap">
    <button type="button" :class="{ running }" @click="tap">
      {{ running ? `Breath ${taps.length}` : 'Count with a touch' }}
    </button>
    <span class="quiet small" role="status">{{
      running ? `${left} s left; touch as each breath ends` : 'half a minute, a touch a breath'
    }}</span>
  </p>
</template>

<style scoped>
.tap {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 8px;
  margin-top: 6px;
}
button {
  min-height: 32px;
  padding: 2px 10px;
  border: 1.5px solid var(--edge);
  border-radius: var(--corner);
  background: var(--surface);
  color: var(--ink);
  font-weight: 600;
  white-space: nowrap;
}
.running {
  border-color: var(--main);
  background: var(--main-wash);
}
</style>
