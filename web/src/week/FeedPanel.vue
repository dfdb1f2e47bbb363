<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'

/** The planned sessions for a calendar of one's own: a file, or an address that it fetches. */
const props = defineProps<{ clientId: string }>()
const feed = useAsked(() => queries.feed(props.clientId))
const alarmMinutes = ref(5)
const breaks = ref(false)
const address = ref<string | null>(null)
const copied = ref(false)
const { busy, message, attempt } = useAttempt()
const form = computed(() => ({ alarmMinutes: alarmMinutes.value, breaks: breaks.value }))

const renew = () =>
  attempt(async () => {
    copied.value = false
    address.value = (await api.renewFeed(props.clientId, form.value)).address
    await feed.reload()
  })
const remove = () =>
  attempt(async () => {
    await api.removeFeed(props.clientId)
    address.value = null
    await feed.reload()
  })
async function copy() {
  await navigator.clipboard.writeText(address.value ?? '')
  copied.value = true
}
</script>

<template>
  <section aria-labelledby="feed-heading">
    <h2 id="feed-heading">Into another calendar</h2>
    <p class="quiet">The planned sessions with their steps, eight weeks ahead.</p>
    <p class="side-by-side options">
      <label
        >Rings
        <input
          v-model.number="alarmMinutes"
          class="form-control"
          type="number"
          min="0"
          max="120"
          aria-label="Minutes before a session at which it rings"
        />
        min before</label
      >
      <BFormCheckbox v-model="breaks">with breaks</BFormCheckbox>
    </p>
    <p class="side-by-side">
      <a class="btn btn-outline-secondary" :href="api.calendarFile(clientId, form)" download
        >Save as a file</a
      >
      <BButton variant="primary" :disabled="busy" @click="renew">{{
        feed.data.value?.active ? 'Renew the address' : 'Make an address'
      }}</BButton>
      <BButton v-if="feed.data.value?.active" variant="link" :disabled="busy" @click="remove"
        >Take it off</BButton
      >
    </p>
    <div v-if="address" class="address" role="status">
      <p>Subscribe to this address. Whoever has it can read the sessions; it is shown only now.</p>
      <p class="mono" data-feed>{{ address }}</p>
      <BButton size="sm" variant="outline-secondary" @click="copy">{{
        copied ? 'Copied' : 'Copy'
      }}</BButton>
    </div>
    <p v-else-if="feed.data.value?.active" class="quiet">
      There is an address since {{ feed.data.value.madeAt?.slice(0, 10) }}. Renewing makes a new
      one, and the old one leads nowhere.
    </p>
    <p v-if="message" class="stop" role="alert">{{ message }}</p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 10px;
}
.options label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.options input[type='number'] {
  width: 72px;
}
.address {
  display: grid;
  gap: 6px;
  justify-items: start;
  padding: 10px 14px;
  border: 1.5px solid var(--main);
  background: var(--surface);
}
.mono {
  overflow-wrap: anywhere;
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
</style>
