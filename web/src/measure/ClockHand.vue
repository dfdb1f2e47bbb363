<script setup lang="ts">
import type { TappedHandView } from '@/api/types'

/** How much of the unevenness is the clock in the head and how much the hand. */
defineProps<{ hands: readonly TappedHandView[] }>()
const HUNDRED = 100
const share = (hand: TappedHandView) =>
  (HUNDRED * hand.clock.clock) / Math.max(1e-9, hand.clock.clock + 2 * hand.clock.hand)
</script>

<template>
  <section>
    <h2>Clock and hand</h2>
    <div class="hands">
      <div v-for="hand in hands" :key="hand.side" class="one">
        <p class="quiet">
          {{ hand.side.toLowerCase() }}<template v-if="!hand.clock.why">, ms²</template>
        </p>
        <template v-if="hand.clock.why">
          <b>cannot be separated</b>
          <p class="quiet">{{ hand.clock.why }}</p>
        </template>
        <template v-else>
          <div class="bar" aria-hidden="true">
            <i class="clock" :style="{ width: `${share(hand)}%` }" /><i class="hand" /><i
              class="hand"
            />
          </div>
          <p class="numbers">
            <b>clock {{ Math.round(hand.clock.clock) }}</b>
            <b>hand 2 × {{ Math.round(hand.clock.hand) }}</b>
          </p>
          <p class="quiet">
            {{ hand.clock.intervals }} intervals; about {{ Math.round(hand.clock.device) }} of the
            hand’s {{ Math.round(hand.clock.hand) }} are the keyboard’s.
          </p>
        </template>
        <p v-if="hand.loudness !== null" class="quiet">
          Loudness spreads by {{ hand.loudness.toFixed(1) }} %.
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
h2 {
  margin: 16px 0 0;
  font-size: 1.25rem;
}
.hands {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
  gap: 0 24px;
}
p {
  margin: 2px 0;
  font-size: 0.8125rem;
}
.bar {
  display: flex;
  height: 22px;
}
.bar i {
  border: 1.5px solid var(--main);
}
.clock {
  background: var(--main);
}
.hand {
  flex: 1;
  background: var(--surface);
}
.numbers {
  display: flex;
  justify-content: space-between;
}
</style>
