<script setup lang="ts">
import type { DrilledForm, DrillRoundView } from '@/api/types'
import FingerSign from './FingerSign.vue'
import { signState } from './sign'

/** The drills of a round in a row: what was clean has a foot, what was not a hollow one. */
const props = defineProps<{
  round: DrillRoundView
  place: number
  drilled: readonly DrilledForm[]
}>()
const WORDS = { CLEAN: ', clean', NOT_CLEAN: ', not clean', SKIPPED: '', HURT: ', hurt' }
const outcome = (at: number) => props.drilled[at]?.outcome ?? 'SKIPPED'
</script>

<template>
  <ol class="strip" aria-label="The round">
    <li
      v-for="({ drill }, i) in round.drills"
      :key="i"
      :class="{ on: i === place, over: i < place, both: !drill.hand }"
      :aria-current="i === place ? 'step' : undefined"
      :aria-label="`${drill.title}, ${drill.doing}${WORDS[outcome(i)]}`"
    >
      <FingerSign
        :first="signState(drill.first)"
        :second="drill.second.length ? signState(drill.second) : null"
        :side="drill.hand ?? 'LEFT'"
      />
      <span class="tape" :class="drill.hand === 'RIGHT' ? 'right' : drill.hand ? 'left' : ''" />
      <span
        v-if="outcome(i) !== 'SKIPPED'"
        class="foot"
        :class="outcome(i).toLowerCase().replace('_', '-')"
      />
    </li>
  </ol>
</template>

<style scoped>
.strip {
  display: flex;
  grid-column: 1 / -1;
  gap: 2px;
  height: 104px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  position: relative;
  display: flex;
  flex: 1;
  flex-direction: column;
  align-items: center;
  justify-content: flex-end;
  min-width: 0;
  padding-bottom: 12px;
}
li.on {
  outline: 2px solid var(--ink);
  color: var(--live);
}
li.over {
  color: var(--ink-2);
}
.tape {
  width: 100%;
  height: 36px;
  margin-top: 6px;
  border: 1.5px solid var(--kind-independence);
  background: color-mix(in srgb, var(--kind-independence) 30%, transparent);
}
.tape.left {
  height: 18px;
  margin-bottom: 18px;
}
.tape.right {
  height: 18px;
  margin-top: 24px;
}
.foot {
  position: absolute;
  bottom: 2px;
  width: 20px;
  height: 6px;
  border: 1.5px solid var(--warn);
}
.foot.hurt {
  border-color: var(--stop);
  background: var(--stop);
}
.foot.clean {
  border-color: var(--breath);
  background: var(--breath);
}
@media (max-width: 900px) {
  .strip {
    height: 72px;
  }
  .tape {
    display: none;
  }
}
</style>
