<script setup lang="ts">
import type { DecisionView } from '@/api/types'
import { capital, dayMonth } from '@/parts/words'

/** Decisions, a line each: the sign, when, whose, and the sentence. */
withDefaults(defineProps<{ decisions: readonly DecisionView[]; named?: boolean }>(), {
  named: false,
})

const SIGNS: Readonly<Record<DecisionView['effect'], string>> = {
  UP: '↑',
  DOWN: '↓',
  LOWERED: '↓',
  RESTORED: '↑',
  PAUSED: '‖',
  STOPPED: '◆',
  HELD: '=',
  COUNTED: '=',
  WAITS: '=',
  MAINTAINED: '=',
  NOTHING: '·',
  SAID: '✎',
}
const whose = (decision: DecisionView) =>
  decision.sides.length > 1 ? '' : capital((decision.sides[0] ?? '').toLowerCase())
</script>

<template>
  <ul class="decisions">
    <li v-for="(one, i) in decisions" :key="i" :class="one.effect.toLowerCase()">
      <span class="sign" aria-hidden="true">{{ SIGNS[one.effect] }}</span>
      <span class="quiet small when">{{ dayMonth(one.date) }}</span>
      <span>
        <b v-if="named">{{ one.title }}{{ whose(one) ? `, ${whose(one).toLowerCase()}` : '' }}. </b>
        <b v-else-if="whose(one)">{{ whose(one) }}: </b>{{ one.sentence }}
      </span>
    </li>
  </ul>
</template>

<style scoped>
.decisions li {
  display: grid;
  grid-template-columns: 16px 56px minmax(0, 1fr);
  gap: 8px;
  padding: 5px 0;
  border-top: 1px solid var(--line);
}
.sign {
  font-weight: 700;
  text-align: center;
}
.up .sign {
  color: var(--main);
}
.down .sign,
.lowered .sign {
  color: var(--warn);
}
.stopped .sign,
.paused .sign {
  color: var(--stop);
}
</style>
