<script setup lang="ts">
import { ref } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'
import type { DeviceDemandForm, DeviceDemandView } from '@/api/types'
import { DIGITS, keys } from '@/parts/labels'
import { capital, counted } from '@/parts/words'
import PressBars from './PressBars.vue'

/** Keys, buttons and sticks: what each finger presses in some minutes, and what the others hold. */
const props = defineProps<{ clientId: string }>()

type Binding = DeviceDemandForm['bindings'][number]
const FIRST: readonly Binding[] = [
  { side: 'LEFT', digit: 'MIDDLE', what: 'forward', aMinute: 20 },
  { side: 'LEFT', digit: 'RING', what: 'left', aMinute: 35 },
  { side: 'LEFT', digit: 'INDEX', what: 'right', aMinute: 35 },
  { side: 'RIGHT', digit: 'INDEX', what: 'main button', aMinute: 60 },
]
const bindings = ref<Binding[]>(FIRST.map((one) => ({ ...one })))
const minutes = ref(60)
const demand = ref<DeviceDemandView | null>(null)
const { message, attempt } = useAttempt()
const add = () => bindings.value.push({ side: 'LEFT', digit: 'INDEX', what: '', aMinute: 10 })
async function count() {
  await attempt(async () => {
    demand.value = await api.deviceDemand(props.clientId, {
      bindings: bindings.value,
      minutes: minutes.value,
    })
  })
}
</script>

<template>
  <div class="columns">
    <form @submit.prevent="count">
      <table>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Hand</th>
            <th scope="col">Finger</th>
            <th scope="col">Presses a minute</th>
            <td />
          </tr>
        </thead>
        <tbody>
          <tr v-for="(one, i) in bindings" :key="i">
            <td>
              <input v-model="one.what" class="form-control" maxlength="60" aria-label="What" />
            </td>
            <td>
              <select v-model="one.side" class="form-select" aria-label="Hand">
                <option value="LEFT">Left</option>
                <option value="RIGHT">Right</option>
              </select>
            </td>
            <td>
              <select v-model="one.digit" class="form-select" aria-label="Finger">
                <option v-for="digit in keys(DIGITS)" :key="digit" :value="digit">
                  {{ DIGITS[digit] }}
                </option>
              </select>
            </td>
            <td>
              <input
                v-model.number="one.aMinute"
                type="number"
                min="0"
                class="form-control"
                aria-label="Presses a minute"
              />
            </td>
            <td>
              <BButton
                variant="link"
                :aria-label="`Take away ${one.what || 'this line'}`"
                @click="bindings.splice(i, 1)"
                >×</BButton
              >
            </td>
          </tr>
        </tbody>
      </table>
      <p class="acts">
        <BButton variant="outline-secondary" @click="add">Add one</BButton>
        <label
          >in
          <input
            v-model.number="minutes"
            type="number"
            min="1"
            class="form-control minutes"
            aria-label="Minutes"
          />
          min</label
        >
        <BButton type="submit" variant="primary" :disabled="!bindings.length">Count</BButton>
      </p>
      <p class="quiet">0 presses a minute: held down, or steadied, all the time.</p>
      <p v-if="message" role="alert">{{ message }}</p>
    </form>
    <div v-if="demand">
      <section v-for="hand in demand.byHand" :key="hand.side">
        <h2>
          {{ capital(hand.side.toLowerCase()) }} hand
          <span class="quiet"
            >{{ counted(hand.all, 'press', 'presses') }} in {{ demand.minutes }} min</span
          >
        </h2>
        <PressBars :presses="hand.presses" :side="hand.side" />
        <p class="quiet">{{ hand.steadying }}</p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 620px) minmax(0, 1fr);
  gap: 0 40px;
}
th {
  color: var(--ink-2);
  font-size: 0.8125rem;
  font-weight: 500;
}
td {
  padding: 0 6px 6px 0;
}
.acts {
  display: flex;
  gap: 12px;
  align-items: center;
}
.acts label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.minutes {
  width: 88px;
}
h2 {
  margin: 4px 0;
  font-size: 1.25rem;
}
h2 span {
  font-size: 0.875rem;
  font-weight: 400;
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
