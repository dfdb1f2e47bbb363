<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { account } from '@/stores/account'

/** The keys that work everywhere, and the list of them behind "?". */
const router = useRouter()
const shown = ref(false)
let go = 0
const GO_LASTS = 1500

const places = computed(() =>
  account.coach.value
    ? [
        { key: 't', to: '/today', word: 'Today' },
        { key: 'c', to: '/clients', word: 'Clients' },
        { key: 'l', to: '/library', word: 'Library' },
        { key: 'b', to: '/bench', word: 'Bench' },
      ]
    : [
        { key: 'd', to: '/my-day', word: 'My day' },
        { key: 'l', to: '/my-log', word: 'Log' },
      ],
)

function key(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  if (
    /INPUT|TEXTAREA|SELECT/.test(target.tagName) ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey
  )
    return
  if (event.key === '?') shown.value = true
  else if (event.key.toLowerCase() === 'g') go = Date.now()
  else if (Date.now() - go < GO_LASTS) {
    const place = places.value.find((p) => p.key === event.key.toLowerCase())
    go = 0
    if (place) void router.push(place.to)
  }
}
useEventListener(document, 'keydown', key)
</script>

<template>
  <BModal v-model="shown" title="Keys" ok-only ok-title="Close" ok-variant="primary">
    <dl>
      <template v-if="account.coach.value">
        <dt><kbd>/</kbd></dt>
        <dd>Find a client; in the library, an exercise</dd>
      </template>
      <template v-for="place in places" :key="place.key">
        <dt>
          <kbd>G</kbd> <kbd>{{ place.key.toUpperCase() }}</kbd>
        </dt>
        <dd>{{ place.word }}</dd>
      </template>
      <dt><kbd>?</kbd></dt>
      <dd>This list</dd>
    </dl>
    <h3>In the player</h3>
    <dl>
      <dt><kbd>Space</kbd></dt>
      <dd>Pause, go on</dd>
      <dt><kbd>→</kbd> <kbd>PageDown</kbd></dt>
      <dd>Next step</dd>
      <dt><kbd>←</kbd> <kbd>PageUp</kbd></dt>
      <dd>Back</dd>
      <dt><kbd>H</kbd></dt>
      <dd>It hurts</dd>
      <dt><kbd>O</kbd></dt>
      <dd>It has eased, or done: ends a hold or a count at your own pace</dd>
      <dt><kbd>V</kbd></dt>
      <dd>Own eyes, or facing</dd>
      <dt><kbd>M</kbd></dt>
      <dd>Mute</dd>
      <dt><kbd>Esc</kbd></dt>
      <dd>Leave</dd>
    </dl>
  </BModal>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 140px 1fr;
  gap: 8px 16px;
  margin-bottom: 16px;
}
dt {
  font-weight: 400;
}
</style>
