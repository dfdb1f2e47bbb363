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

interface Keys {
  readonly title: string
  readonly keys: readonly { readonly names: readonly string[]; readonly says: string }[]
}
const PLAYER: Keys = {
  title: 'In the player',
  keys: [
    { names: ['Space'], says: 'Pause, go on; at your own pace one more' },
    { names: ['→', 'PageDown'], says: 'Next step; a pedal at your own pace: one more' },
    { names: ['←', 'PageUp'], says: 'Back' },
    { names: ['H'], says: 'It hurts' },
    { names: ['E', 'R'], says: 'Easier, harder' },
    { names: ['D'], says: 'One note a beat fewer' },
    { names: ['A'], says: 'Again' },
    { names: ['S'], says: 'Stay here' },
    { names: ['F'], says: 'Felt elsewhere' },
    { names: ['N', 'B'], says: 'At your own pace: not complete, it burns from here' },
    { names: ['O'], says: 'It has eased, or done: ends a hold or a count at your own pace' },
    { names: ['1', '2', '3'], says: 'Answers what is asked' },
    { names: ['V'], says: 'Own eyes, or facing' },
    { names: ['M', '+', '−'], says: 'Mute, louder, quieter' },
    { names: ['Esc'], says: 'Leave' },
  ],
}
const COACH: readonly Keys[] = [
  {
    title: 'In the week',
    keys: [
      { names: ['PageDown', 'PageUp'], says: 'What comes after, before on the same day' },
      { names: ['Home', 'End'], says: 'The first, the last of the day' },
      { names: ['←', '→'], says: 'Takes hold and moves by five minutes' },
      { names: ['↑', '↓'], says: 'To the day before, after' },
      { names: ['Enter'], says: 'Puts it there' },
      { names: ['Esc'], says: 'Lets it go' },
      { names: ['P'], says: 'Pins a session' },
      { names: ['Delete'], says: 'Leaves a session out' },
      { names: ['Ctrl Z'], says: 'Undo' },
    ],
  },
  {
    title: 'At the bench',
    keys: [
      { names: ['←', '→'], says: 'Another step' },
      { names: ['Alt ←', 'Alt →'], says: 'Moves the step' },
      { names: ['+', '−'], says: 'Longer, shorter' },
      { names: ['Delete'], says: 'Takes the step out' },
      { names: ['Ctrl Z', 'Ctrl Y'], says: 'Undo, redo' },
    ],
  },
]
const parts = computed(() => (account.coach.value ? [...COACH, PLAYER] : [PLAYER]))

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
    <template v-for="part in parts" :key="part.title">
      <h3>{{ part.title }}</h3>
      <dl>
        <template v-for="one in part.keys" :key="one.says">
          <dt>
            <kbd v-for="name in one.names" :key="name">{{ name }}</kbd>
          </dt>
          <dd>{{ one.says }}</dd>
        </template>
      </dl>
    </template>
  </BModal>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 160px 1fr;
  gap: 8px 16px;
  margin-bottom: 16px;
}
dt {
  display: flex;
  gap: 4px;
  font-weight: 400;
}
</style>
