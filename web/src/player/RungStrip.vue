<script setup lang="ts">
import type { LadderStrip, Shift } from '@/api/types'
import StageKey from './StageKey.vue'

/** The rungs about the present one, with the ways down and up at their ends. */
const props = defineProps<{
  ladder: LadderStrip | null
  shifted: Shift | undefined
  /** The most notes to a beat that are left; with two and more there is a way to one fewer. */
  notes: number
}>()
const emit = defineEmits<{ shift: [to: Shift]; fewer: [] }>()

const SHOWN = 5
const at = () =>
  (props.ladder?.at ?? 0) + (props.shifted === 'EASIER' ? -1 : props.shifted === 'HARDER' ? 1 : 0)
function shown() {
  const rungs = props.ladder?.rungs ?? []
  const first = Math.max(0, Math.min(at() - Math.floor(SHOWN / 2), rungs.length - SHOWN))
  return rungs.slice(first, first + SHOWN).map((words, i) => ({ words, rung: first + i }))
}
</script>

<template>
  <div v-if="ladder?.easier || ladder?.harder || notes > 1" class="strip">
    <StageKey
      v-if="ladder?.easier && !shifted"
      word="Easier"
      key-name="E"
      @click="emit('shift', 'EASIER')"
    />
    <ol v-if="ladder?.rungs.length" aria-label="Rungs">
      <li
        v-for="one in shown()"
        :key="one.rung"
        :class="{ here: one.rung === at(), done: one.rung < at() }"
        :aria-current="one.rung === at() ? 'step' : undefined"
      >
        <span class="mark" />
        {{ one.words }}
      </li>
    </ol>
    <StageKey
      v-if="ladder?.harder && !shifted"
      word="Harder"
      key-name="R"
      @click="emit('shift', 'HARDER')"
    />
    <StageKey v-if="notes > 1" word="One note fewer" key-name="D" @click="emit('fewer')" />
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-top: 8px;
}
ol {
  display: flex;
  gap: 4px;
  margin: 0;
}
li {
  display: grid;
  justify-items: center;
  gap: 4px;
  min-width: 62px;
  padding: 6px 4px;
  border: 2px solid transparent;
  color: var(--ink-2);
  font-size: 0.875rem;
  line-height: 1.125rem;
  text-align: center;
}
.here {
  border-color: var(--ink);
  color: var(--ink);
  font-weight: 700;
}
.mark {
  width: 12px;
  height: 12px;
  border: 1.5px solid var(--breath);
}
.done .mark,
.here .mark {
  background: var(--breath);
}
@media (max-width: 900px) {
  ol {
    display: none;
  }
  .strip :deep(.key) {
    min-width: 96px;
  }
}
</style>
