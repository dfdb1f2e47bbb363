<script setup lang="ts">
import type { Digit, LiftedHandView, LiftView } from '@/api/types'
import FingerSign from '@/workshop/FingerSign.vue'

/** Each lift as a sign: raised are the fingers that came up; one made alone stands on a foot. */
defineProps<{ hand: LiftedHandView }>()

/** As the server grades it. */
const NOTICEABLY = 3
const FINGERS: readonly Digit[] = ['INDEX', 'MIDDLE', 'RING', 'LITTLE']
const state = (lift: LiftView) => ({
  bent: FINGERS.filter((digit) => !lift.cameUp.includes(digit)),
  open: [],
})
const liftsOf = (hand: LiftedHandView, digit: Digit) =>
  hand.lifts.filter((lift) => lift.asked === digit)
const said = (lift: LiftView) =>
  lift.alone
    ? 'alone'
    : `with ${lift.cameUp
        .filter((d) => d !== lift.asked)
        .join(' and ')
        .toLowerCase()}`
</script>

<template>
  <div class="signs">
    <div v-for="finger in hand.fingers" :key="finger.digit" class="line">
      <span class="word">{{ finger.digit.toLowerCase() }}</span>
      <ol>
        <li
          v-for="(lift, i) in liftsOf(hand, finger.digit)"
          :key="i"
          :class="{ alone: lift.alone }"
          :aria-label="said(lift)"
        >
          <FingerSign :first="state(lift)" :side="hand.side" :height="22" />
        </li>
      </ol>
      <span class="count" :class="{ weak: finger.leakage === NOTICEABLY }"
        >{{ finger.alone }} of {{ finger.times }} alone</span
      >
    </div>
    <p class="quiet">
      Raised in the sign: the fingers that came up. A lift made alone stands on a foot.
    </p>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 36px;
}
.word {
  width: 52px;
  font-size: 0.875rem;
  font-weight: 600;
}
ol {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  padding-bottom: 5px;
  border-bottom: 3px solid transparent;
  color: var(--warn);
}
li.alone {
  border-bottom-color: var(--main);
  color: var(--main);
}
.count {
  margin-left: auto;
  font-size: 0.875rem;
  font-weight: 600;
  white-space: nowrap;
}
.weak {
  color: var(--warn);
}
p {
  margin: 4px 0 0;
  font-size: 0.8125rem;
}
</style>
