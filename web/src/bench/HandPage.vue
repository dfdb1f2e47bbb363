<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { HandLine, HandView, Purpose } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { useAttempt } from '@/api/useAttempt'
import { PURPOSES } from '@/parts/labels'
import PageState from '@/parts/PageState.vue'
import PegIcon from '@/ribbon/PegIcon.vue'
import KindLetter from '@/tape/KindLetter.vue'

/** How one's own keeping moves what is composed: each number, what it came from, and its switch. */
const asked = useAsked(() => queries.hand())
const hand = computed(() => asked.data.value)
const { message, attempt } = useAttempt()

const EVEN = 100
const STEP = 10
const keyOf = (line: HandLine) => `${line.purpose} ${line.exerciseId}`
/** A line stays where it was found: whoever presses its key twice means the same line. */
const found = ref<readonly string[]>([])
watch(hand, (now) => {
  const all = (now?.lines ?? []).map(keyOf)
  found.value = [...found.value, ...all.filter((key) => !found.value.includes(key))]
})
const placeOf = (line: HandLine) => found.value.indexOf(keyOf(line))
const groups = computed(() => {
  const groups = new Map<Purpose, HandLine[]>()
  for (const line of hand.value?.lines ?? [])
    groups.set(line.purpose, [...(groups.get(line.purpose) ?? []), line])
  return [...groups].map(([purpose, lines]) => ({
    purpose,
    lines: lines.sort((one, other) => placeOf(one) - placeOf(other)),
  }))
})
const place = (percent: number) => {
  const { least = 0, greatest = 1 } = hand.value ?? {}
  return `${((percent - least) / (greatest - least)) * 100}%`
}
const change = (what: () => Promise<HandView>) => attempt(async () => asked.set(await what()))
const switchTo = (on: boolean) => change(() => api.switchHand(on))
const set = (line: HandLine, percent: number | null) =>
  change(() => api.setHand(line.purpose, line.exerciseId, percent))
/** From where it stands by then: the key may be pressed again before an answer. */
const move = (line: HandLine, by: number) =>
  change(() => {
    const { least = EVEN, greatest = EVEN, lines = [] } = hand.value ?? {}
    const now = lines.find((one) => keyOf(one) === keyOf(line)) ?? line
    const percent = Math.max(least, Math.min(greatest, now.percent + by))
    return api.setHand(line.purpose, line.exerciseId, percent)
  })
const sought = ref('')
const seen = (line: HandLine) =>
  line.title.toLowerCase().includes(sought.value.trim().toLowerCase())
</script>

<template>
  <main id="main" class="page">
    <PageState
      :loading="asked.slow.value"
      :error="asked.error.value"
      :ready="Boolean(hand)"
      @retry="asked.reload"
    >
      <header class="line-up">
        <h1>Your hand</h1>
        <RouterLink to="/bench">To the bench</RouterLink>
        <label v-if="hand" class="push switch"
          ><input
            type="checkbox"
            class="form-check-input"
            :checked="hand.on"
            @change="switchTo(!hand.on)"
          />
          {{
            hand.on ? 'moves what is composed' : 'switched off: composed for an even hand'
          }}</label
        >
      </header>
      <p class="quiet">
        What you keep at the bench is composed more often, what you take out less often; safety and
        the time there is stay as they are.
      </p>
      <p v-if="message" class="error" role="alert">{{ message }}</p>
      <p v-if="!groups.length" class="large">
        Nothing is seen yet. Keep a routine at the bench, and what stands in it appears here.
      </p>
      <label v-else class="seek"
        ><span class="visually-hidden">Find an exercise</span>
        <input v-model="sought" class="form-control" type="search" placeholder="Find an exercise"
      /></label>
      <section v-for="group in groups" :key="group.purpose" :class="{ off: !hand?.on }">
        <h2><PegIcon :purpose="group.purpose" /> {{ PURPOSES[group.purpose] }}</h2>
        <ul>
          <li v-for="line in group.lines.filter(seen)" :key="line.exerciseId">
            <KindLetter :kind="line.kind" />
            <b>{{ line.title }}</b>
            <span class="quiet">{{ line.words }}</span>
            <span class="scale" aria-hidden="true"
              ><i class="even" :style="{ left: place(EVEN) }" /><i
                class="mark"
                :class="{ mine: line.byHand }"
                :style="{ left: place(line.percent) }"
            /></span>
            <span class="percent">{{ line.percent }} %</span>
            <span class="keys">
              <BButton
                size="sm"
                variant="outline-secondary"
                :aria-label="`Less of ${line.title}`"
                :disabled="line.percent <= (hand?.least ?? 0)"
                @click="move(line, -STEP)"
                >−</BButton
              >
              <BButton
                size="sm"
                variant="outline-secondary"
                :aria-label="`More of ${line.title}`"
                :disabled="line.percent >= (hand?.greatest ?? 0)"
                @click="move(line, STEP)"
                >+</BButton
              >
              <BButton
                v-if="line.byHand"
                size="sm"
                variant="link"
                :aria-label="`Leave ${line.title} to what is seen`"
                @click="set(line, null)"
                >As seen</BButton
              >
              <BButton
                v-else-if="line.percent !== EVEN"
                size="sm"
                variant="link"
                :aria-label="`Let ${line.title} count evenly`"
                @click="set(line, EVEN)"
                >Even</BButton
              >
            </span>
          </li>
        </ul>
      </section>
    </PageState>
  </main>
</template>

<style scoped>
.switch {
  display: flex;
  gap: 8px;
  align-items: center;
}
.seek {
  display: block;
  max-width: 320px;
  margin: 12px 0;
}
h2 {
  display: flex;
  gap: 8px;
  align-items: center;
  margin: 20px 0 4px;
  font-size: 1.125rem;
}
li {
  display: grid;
  grid-template-columns: 24px minmax(200px, 1.2fr) minmax(160px, 1fr) 200px 64px 200px;
  gap: 12px;
  align-items: center;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.off li {
  color: var(--ink-2);
}
.scale {
  position: relative;
  height: 20px;
  border-bottom: 1.5px solid var(--edge);
}
.scale i {
  position: absolute;
  bottom: 0;
}
.even {
  width: 1.5px;
  height: 9px;
  background: var(--edge);
}
.mark {
  width: 11px;
  height: 14px;
  margin-left: -5px;
  background: var(--main);
}
.mark.mine {
  border: 2px solid var(--main);
  background: var(--surface);
}
.percent {
  font: 600 0.875rem/1 var(--mono);
  text-align: right;
}
.keys {
  display: flex;
  white-space: nowrap;
  gap: 6px;
}
.error {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 900px) {
  li {
    grid-template-columns: 24px 1fr auto;
  }
  li > .quiet,
  li > .scale {
    display: none;
  }
}
</style>
