<script setup lang="ts">
import type { BenchStep } from '@/api/types'
import { duration } from '@/parts/words'
import { KINDS } from '@/tape/kinds'

/** The rungs of a step, and how its time adds up. */
defineProps<{ step: BenchStep }>()
const emit = defineEmits<{ dose: [dose: string] }>()

const PARTS = { SET_UP: 'set-up', CHANGE: 'change sides', RELEASE: 'release', WORK: '' } as const
</script>

<template>
  <div class="time">
    <div v-if="step.rungs.length > 1" class="field">
      <span class="form-label">Rungs</span>
      <div class="rungs" :style="{ '--colour': KINDS[step.kind].colour }">
        <button
          v-for="rung in step.rungs"
          :key="rung.words"
          type="button"
          :aria-pressed="rung.current"
          @click="emit('dose', rung.dose)"
        >
          <i :class="{ on: rung.current }" />{{ rung.words }}
        </button>
      </div>
    </div>
    <div class="field">
      <span class="form-label">How {{ duration(step.lengthMillis) }} adds up</span>
      <div class="parts">
        <span
          v-for="(part, i) in step.parts.filter((p) => p.millis > 0)"
          :key="i"
          :class="part.kind.toLowerCase()"
          :style="{ flexGrow: part.millis, '--colour': KINDS[step.kind].colour }"
          :title="`${PARTS[part.kind] || (part.side?.toLowerCase() ?? 'both')} ${duration(part.millis)}`"
        >
          <small v-if="part.kind === 'WORK'"
            >{{ part.side?.toLowerCase() ?? 'both' }} {{ duration(part.millis) }}</small
          >
        </span>
      </div>
    </div>
  </div>
</template>

<style scoped>
.time {
  display: grid;
  gap: 10px;
}
.rungs {
  display: flex;
  flex-wrap: wrap;
  row-gap: 4px;
}
.rungs button {
  position: relative;
  display: grid;
  gap: 3px;
  justify-items: center;
  min-width: 46px;
  padding: 2px 4px;
  border: 0;
  background: none;
  color: var(--ink);
  font-size: 0.8125rem;
}
.rungs button::before {
  position: absolute;
  top: 8px;
  right: 0;
  left: 0;
  height: 1.5px;
  background: var(--edge);
  content: '';
}
.rungs button:first-child::before {
  left: 50%;
}
.rungs button:last-child::before {
  right: 50%;
}
.rungs i {
  position: relative;
  width: 13px;
  height: 13px;
  border: 1.5px solid var(--colour);
  background: var(--surface);
}
.rungs i.on {
  background: var(--colour);
}
.parts {
  display: flex;
  gap: 1px;
  align-items: center;
  height: 22px;
  margin-bottom: 16px;
}
.parts span {
  position: relative;
  height: 8px;
  background: var(--edge);
}
.parts .work {
  height: 20px;
  border: 1.5px solid var(--colour);
  background: color-mix(in srgb, var(--kind-ground) var(--kind-tint), var(--colour));
}
.parts small {
  position: absolute;
  top: 20px;
  right: 0;
  left: 0;
  overflow: hidden;
  font-size: 0.8125rem;
  text-align: center;
  white-space: nowrap;
}
</style>
