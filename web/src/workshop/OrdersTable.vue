<script setup lang="ts">
import { computed } from 'vue'
import { queries } from '@/api/queries'
import type { Digit } from '@/api/types'
import { useAsked } from '@/api/useAsked'

/** The 24 orders of four fingers as stairs, by the finger that begins. */
const props = defineProps<{ clientId: string }>()

const asked = useAsked(() => queries.orders(props.clientId))
const FINGERS: readonly Digit[] = ['INDEX', 'MIDDLE', 'RING', 'LITTLE']
const columns = computed(() =>
  FINGERS.map((first) => ({
    first,
    orders: (asked.data.value ?? []).filter((order) => order[0] === first),
  })),
)
const STEP = 12
const RISE = 6
const y = (digit: Digit) => 24 - FINGERS.indexOf(digit) * RISE
const stairs = (order: readonly Digit[]) =>
  order.map((digit, i) => `${i ? 'H' : 'M4 '}${i ? 4 + i * STEP : y(digit)}V${y(digit)}`).join('')
const word = (digit: Digit) => digit.toLowerCase()
</script>

<template>
  <section>
    <h2>24 orders</h2>
    <p class="quiet">Four fingers, each once. Steps rise from index to little.</p>
    <div class="columns">
      <div v-for="column in columns" :key="column.first">
        <h3>{{ word(column.first) }} first</h3>
        <ul>
          <li v-for="order in column.orders" :key="order.join()">
            <svg viewBox="0 0 48 30" width="64" height="40" aria-hidden="true">
              <path :d="stairs(order)" />
              <rect
                v-for="(digit, i) in order"
                :key="digit"
                :x="4 + i * 12 - 2.5"
                :y="y(digit) - 2.5"
                width="5"
                height="5"
              />
            </svg>
            <span>{{ order.map(word).join(', ') }}</span>
          </li>
        </ul>
      </div>
    </div>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
  font-size: 1.25rem;
  line-height: 1.75rem;
}
h3 {
  margin: 0 0 4px;
  font-size: 0.875rem;
}
.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 16px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 0.8125rem;
}
path {
  fill: none;
  stroke: var(--main);
  stroke-width: 1.5;
}
rect {
  fill: var(--main);
}
</style>
