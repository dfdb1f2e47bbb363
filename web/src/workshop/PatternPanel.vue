<script setup lang="ts">
import { computed, ref } from 'vue'
import type { MinutesChoice, PatternView } from '@/api/types'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import { phraseQuery, type Phrase } from './phrase'
import { handsOf, keyframeOf } from './sign'

/** One pattern: the hands in it, where its difficulty comes from, and how it goes. */
const props = defineProps<{
  pattern: PatternView
  clientId: string
  roundMinutes: MinutesChoice
  tempo: number
  phrase: Phrase
}>()
const emit = defineEmits<{ round: [minutes: number]; close: [] }>()

const minutes = ref(props.roundMinutes.usual)

const drill = computed(() => props.pattern.drill)
const percent = (share: number) => `${Math.round(100 * share)} %`
const hands = computed(() => handsOf(drill.value))
/** Only what is bent goes down and can be heard. */
const sounds = computed(() =>
  hands.value.some((hand) => hand.states.some((state) => state.bent.length)),
)
const asked = computed(() => ({
  pattern: drill.value.pattern,
  ...(drill.value.hand ? { hand: drill.value.hand } : {}),
}))
const file = (kind: 'MIDI' | 'MUSIC_XML') =>
  `/api/clients/${props.clientId}/workshop/pattern/file?` +
  new URLSearchParams({
    kind,
    ...asked.value,
    bpm: String(props.tempo),
    ...phraseQuery(props.phrase),
  }).toString()
const added = computed(() => props.pattern.parts.filter((part) => part.amount > 0))
const eased = computed(() => props.pattern.parts.filter((part) => part.amount < 0))
</script>

<template>
  <section class="panel" aria-label="The pattern">
    <div class="hands">
      <figure v-for="hand in hands" :key="hand.side">
        <ExerciseFigure
          view="PALM"
          :poses="hand.states.map(keyframeOf)"
          :from="keyframeOf(hand.states[0] ?? { bent: [], open: [] })"
          :to="keyframeOf(hand.states[0] ?? { bent: [], open: [] })"
          :sides="hand.side"
          :worked="hand.states[0]?.bent ?? []"
          :label="`${drill.title}, ${hand.side === 'LEFT' ? 'left' : 'right'} hand`"
          :height="180"
        />
        <figcaption class="quiet">{{ hand.side === 'LEFT' ? 'left' : 'right' }}</figcaption>
      </figure>
    </div>
    <div class="words">
      <header>
        <h2>{{ drill.title }}</h2>
        <button type="button" class="btn-close" aria-label="Close" @click="emit('close')" />
      </header>
      <p class="quiet">
        {{ drill.doing
        }}<template v-if="drill.rude"
          >. May be rude in company: below the table, or turned away.</template
        >
      </p>
      <ol class="parts" aria-label="Where the difficulty comes from">
        <li v-for="part in added" :key="part.words" :style="{ flexGrow: part.amount }">
          <b>{{ part.amount.toFixed(1) }}</b>
          <span>{{ part.words }}</span>
        </li>
      </ol>
      <p v-for="part in eased" :key="part.words" class="quiet">
        Easier by {{ Math.abs(part.amount).toFixed(1) }}: {{ part.words }}.
      </p>
      <p v-if="drill.closed" class="closed">{{ drill.closed }}</p>
    </div>
    <dl class="numbers">
      <dt>Difficulty</dt>
      <dd>{{ drill.difficulty.toFixed(1) }}</dd>
      <dt>Expected clean</dt>
      <dd>{{ percent(drill.expected) }}</dd>
      <dt>So far</dt>
      <dd>
        <template v-if="drill.tries"
          >{{ drill.clean }} of {{ drill.tries }},
          {{ percent(drill.clean / drill.tries) }}</template
        ><template v-else>not tried</template>
      </dd>
      <dt>Done at</dt>
      <dd>
        {{ drill.tempo }} a minute<template v-if="drill.nextTempo"
          >, {{ drill.nextTempo }}</template
        >
      </dd>
      <template v-for="faster in pattern.faster" :key="faster.aMinute">
        <dt>At {{ faster.aMinute }} a minute</dt>
        <dd>{{ faster.difficulty.toFixed(1) }}, {{ percent(faster.expected) }}</dd>
      </template>
    </dl>
    <div class="acts">
      <div class="start">
        <BButton variant="primary" @click="emit('round', minutes)">Start a round</BButton>
        <select v-model="minutes" class="form-select" aria-label="Minutes of the round">
          <option v-for="count in roundMinutes.choices" :key="count" :value="count">
            {{ count }} min
          </option>
        </select>
      </div>
      <RouterLink
        class="btn btn-outline-secondary"
        :to="{ path: '/bench', query: { client: clientId, exercise: pattern.exercise } }"
        >Put on bench</RouterLink
      >
      <RouterLink
        class="btn btn-outline-secondary"
        :to="{
          path: `/workshop/${clientId}/card`,
          query: asked,
        }"
        >Card</RouterLink
      >
      <p v-if="sounds" class="files">
        <a :href="file('MIDI')" download>As MIDI</a>
        <a :href="file('MUSIC_XML')" download>As MusicXML</a>
      </p>
    </div>
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto auto;
  gap: 0 28px;
  position: sticky;
  bottom: 0;
  z-index: 3;
  margin-top: 16px;
  padding: 12px 20px;
  border: 2px solid var(--ink);
  background: var(--surface);
}
.hands {
  display: flex;
  gap: 12px;
}
figure {
  margin: 0;
  text-align: center;
}
.hands svg {
  width: auto;
  height: 128px;
}
header {
  display: flex;
  gap: 12px;
  align-items: flex-start;
  justify-content: space-between;
}
h2 {
  margin: 0;
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.parts {
  display: flex;
  gap: 3px;
  margin: 12px 0 8px;
  padding: 0;
  list-style: none;
}
.parts li {
  display: flex;
  flex-basis: 72px;
  flex-direction: column;
  gap: 4px;
  min-width: 0;
  font-size: 0.8125rem;
  line-height: 1rem;
  text-align: center;
}
.parts b {
  padding: 2px 0;
  border: 1.5px solid var(--ink);
  font-size: 0.875rem;
}
.numbers {
  display: grid;
  grid-template-columns: auto auto;
  gap: 4px 12px;
  align-content: start;
  margin: 0;
  font-size: 0.875rem;
}
.numbers dt {
  color: var(--ink-2);
  font-weight: 400;
}
.numbers dd {
  margin: 0;
  font-weight: 700;
}
.closed {
  color: var(--stop);
}
.start {
  display: flex;
  gap: 8px;
}
.start select {
  width: auto;
}
.files {
  display: flex;
  gap: 12px;
  margin: 0;
}
.acts {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
@media (max-width: 1000px) {
  .panel {
    grid-template-columns: minmax(0, 1fr);
    gap: 16px;
  }
}
</style>
