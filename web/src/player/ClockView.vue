<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import type { RoundView } from '@/api/types'
import { useAttempt } from '@/api/useAttempt'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import { useNow } from '@/parts/useNow'
import { countdown, toMinute } from '@/parts/words'
import { placeAt, workedSince } from './clock'

/** A quiet clock beside playing or work: what is now, how long still, when to rest. It makes no sound. */
const props = defineProps<{ clientId: string; blockId: string }>()
const router = useRouter()
const timeline = useAsked(() => queries.timeline(props.clientId, props.blockId))
const now = useNow(1000)
const stretches = computed(() => timeline.data.value?.stretches ?? [])
const place = computed(() => placeAt(stretches.value, now.value))
const NAMES = { PART: '', BREAK: 'Break', OPEN: 'Playing' }
const nameOf = (kind: keyof typeof NAMES, title: string) => title || NAMES[kind]
const heading = computed(() => {
  const { now: at, next } = place.value
  if (at) return nameOf(at.kind, at.title)
  return next ? 'Not yet' : 'Done'
})
const minutesLeft = computed(() => Math.ceil(place.value.leftMillis / 60_000))
const then = computed(() => {
  const { now: at, next } = place.value
  if (!next) return at ? 'then it is over' : ''
  const name = nameOf(next.kind, next.title)
  if (!at) return `${name} from ${toMinute(next.startsAt)}`
  return next.kind === 'BREAK' ? `then ${next.minutes} min off` : `then ${name}`
})

// ---- rounds

const roundBegan = ref<string | null>(null)
const said = ref<RoundView | null>(null)
const { busy, message, attempt } = useAttempt()
const playing = computed(() => place.value.now !== null && place.value.now.kind !== 'BREAK')
const roundOver = () =>
  attempt(async () => {
    const block = timeline.data.value
    if (!block || !playing.value) return
    const endedAt = new Date().toISOString()
    const since = workedSince(stretches.value, now.value, block.start)
    const beganAt = roundBegan.value && roundBegan.value > since ? roundBegan.value : since
    said.value = await api.roundOver(props.clientId, props.blockId, {
      workedSince: since,
      beganAt,
      endedAt,
    })
    roundBegan.value = endedAt
  })
function keys(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey) return
  // A page turner's pedal sends one of these.
  if (['r', 'PageDown', 'ArrowRight'].includes(event.key) && timeline.data.value?.rounds) {
    event.preventDefault()
    void roundOver()
  } else if (event.key === 'Escape') void router.back()
}
useEventListener('keydown', keys)
const print = () => window.print()
const isNow = (start: string) => place.value.now?.start === start
</script>

<template>
  <main id="main" class="clock">
    <PageState
      :loading="timeline.slow.value"
      :error="timeline.error.value"
      :ready="Boolean(timeline.data.value)"
      @retry="timeline.reload"
    >
      <template v-if="timeline.data.value">
        <header class="line-up">
          <h1>{{ timeline.data.value.title }}</h1>
          <span class="push" />
          <BButton variant="outline-secondary" class="screen" @click="print">Print</BButton>
          <BButton variant="link" class="screen" @click="router.back()">Leave</BButton>
        </header>
        <section class="now screen" :class="{ rest: place.now?.kind === 'BREAK' }" aria-live="off">
          <h2>{{ heading }}</h2>
          <p v-if="place.now || place.next" class="left">
            <span v-if="minutesLeft > 1">{{ minutesLeft }} min</span>
            <span v-else>{{ countdown(place.leftMillis) }}</span>
            {{ place.now ? 'left' : 'to go' }}
          </p>
          <div class="bar" aria-hidden="true">
            <span :style="{ width: `${place.share * 100}%` }" />
          </div>
          <p class="then">{{ then }}</p>
        </section>
        <section v-if="timeline.data.value.rounds" class="round screen">
          <BButton size="lg" variant="primary" :disabled="busy || !playing" @click="roundOver"
            >Round over <kbd>R</kbd></BButton
          >
          <p v-if="said" role="status" :class="{ rest: said.say === 'NOW' }">{{ said.sentence }}</p>
          <p v-else-if="message" class="stop" role="alert">{{ message }}</p>
          <p v-else class="quiet">
            Press it, or a pedal, when a round ends: it says whether to rest.
          </p>
        </section>
        <ol class="list">
          <li
            v-for="stretch in stretches"
            :key="stretch.start"
            :class="{ on: isNow(stretch.start), off: stretch.kind === 'BREAK' }"
            :aria-current="isNow(stretch.start) ? 'step' : undefined"
          >
            <span class="mono"
              >{{ toMinute(stretch.startsAt) }}–{{ toMinute(stretch.endsAt) }}</span
            >
            <b>{{ nameOf(stretch.kind, stretch.title) }}</b>
            <span>{{ stretch.minutes }} min</span>
          </li>
        </ol>
        <p class="quiet small">Stop if it hurts, tingles or goes numb; do not play through pain.</p>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.clock {
  display: grid;
  gap: 20px;
  align-content: start;
  max-width: 760px;
  min-height: 100vh;
  margin: 0 auto;
  padding: 24px var(--page);
}
.now {
  display: grid;
  gap: 8px;
  padding: 24px 28px;
  border: 2px solid var(--ink);
  border-radius: var(--corner);
  background: var(--surface);
}
.now.rest {
  border-color: var(--main);
}
.now h2 {
  font-size: 1.75rem;
  line-height: 2.25rem;
}
.left {
  font: 700 2.75rem/3rem var(--font);
}
.bar {
  height: 6px;
  background: var(--spent);
}
.bar span {
  display: block;
  height: 100%;
  background: var(--main);
}
.then {
  color: var(--ink-2);
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.round {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 20px;
  align-items: center;
}
.round .rest {
  color: var(--main);
  font-weight: 700;
}
.list li {
  display: grid;
  grid-template-columns: 120px 1fr auto;
  padding: 8px 12px;
  border-top: 1px solid var(--line);
}
.list .off {
  color: var(--ink-2);
}
.list .on {
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
@media print {
  .screen {
    display: none;
  }
}
</style>
