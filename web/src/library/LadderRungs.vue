<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Kind, RungView } from '@/api/types'
import { duration } from '@/parts/words'
import { KINDS } from '@/tape/kinds'

/** The rungs of a ladder as squares on a line; one of them tells its dose. */
const props = defineProps<{ kind: Kind; rungs: readonly RungView[] }>()

const chosen = ref(0)
watch(
  () => props.rungs,
  () => {
    chosen.value = 0
  },
)
const rung = computed(() => props.rungs[chosen.value])
function move(event: KeyboardEvent) {
  const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key]
  if (!by) return
  event.preventDefault()
  const next = (chosen.value + by + props.rungs.length) % props.rungs.length
  chosen.value = next
  const group = (event.currentTarget as HTMLElement).parentElement
  ;(group?.children[next] as HTMLElement | undefined)?.focus()
}
</script>

<template>
  <div>
    <div
      class="ladder"
      role="radiogroup"
      aria-label="Rungs"
      :style="{ '--colour': KINDS[kind].colour }"
    >
      <button
        v-for="(step, i) in rungs"
        :key="step.words"
        type="button"
        role="radio"
        :aria-checked="i === chosen"
        :tabindex="i === chosen ? 0 : -1"
        @click="chosen = i"
        @keydown="move"
      >
        <i :class="{ on: i === chosen }" />{{ step.words }}
      </button>
    </div>
    <p v-if="rung" class="quiet told" role="status">
      {{ rung.dose }}, {{ duration(rung.seconds * 1000) }}
    </p>
  </div>
</template>

<style scoped>
.ladder {
  display: flex;
  flex-wrap: wrap;
  row-gap: 8px;
}
button {
  position: relative;
  display: grid;
  gap: 6px;
  justify-items: center;
  flex: 0 1 auto;
  min-width: 52px;
  padding: 2px 4px;
  white-space: nowrap;
  border: 0;
  background: none;
  color: var(--ink);
  font-size: 0.8125rem;
  font-variant-numeric: tabular-nums;
}
button::before {
  position: absolute;
  top: 9px;
  right: 0;
  left: 0;
  height: 1.5px;
  background: var(--edge);
  content: '';
}
button:first-child::before {
  left: 50%;
}
button:last-child::before {
  right: 50%;
}
i {
  position: relative;
  width: 14px;
  height: 14px;
  border: 1.5px solid var(--colour);
  background: var(--surface);
}
i.on {
  background: var(--colour);
}
.told {
  margin: 6px 0 0;
}
</style>
