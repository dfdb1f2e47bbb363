<script setup lang="ts">
import type { TappedHandView } from '@/api/types'

/** How each finger did: late, how that spreads, and how loud where the keys can tell. */
defineProps<{ hands: readonly TappedHandView[] }>()
const number = (value: number) => {
  const whole = Math.round(value)
  return whole > 0 ? `+${whole}` : String(whole).replace('-', '−')
}
</script>

<template>
  <section>
    <h2>By finger <span class="quiet">ms late, spread in brackets</span></h2>
    <div class="hands">
      <table v-for="hand in hands" :key="hand.side">
        <caption>
          {{
            hand.side.toLowerCase()
          }}
        </caption>
        <tbody>
          <tr v-for="finger in hand.fingers" :key="finger.digit">
            <th scope="row">{{ finger.digit.toLowerCase() }}</th>
            <td>
              <b>{{ number(finger.late) }}</b> ({{ Math.round(finger.spread) }})
            </td>
            <td v-if="finger.velocity !== null" class="quiet">
              loudness {{ Math.round(finger.velocity) }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
h2 {
  margin: 16px 0 0;
  font-size: 1.25rem;
}
h2 span {
  font-size: 0.875rem;
  font-weight: 400;
}
.hands {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
  gap: 0 24px;
}
caption {
  padding: 2px 0;
  color: var(--ink-2);
  font-size: 0.8125rem;
  caption-side: top;
}
th,
td {
  padding: 2px 12px 2px 0;
  font-size: 0.875rem;
  font-weight: 400;
  font-variant-numeric: tabular-nums;
}
</style>
