<script setup lang="ts">
import type { DecisionView, LogEntry } from '@/api/types'
import DecisionList from '@/parts/DecisionList.vue'
import { SENSATIONS } from '@/parts/labels'
import { capital, duration, localMoment, longDate, toMinute } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import { account } from '@/stores/account'
import KindLetter from '@/tape/KindLetter.vue'
import RoutineTape from '@/tape/RoutineTape.vue'
import CoachNote from './CoachNote.vue'
import { accountWords, beforeWords, stateWords, stepWords, tapeOf } from './entries'

/** A session: what was done of it, step by step, and what was said. */
withDefaults(
  defineProps<{ clientId: string; entry: LogEntry; decisions?: readonly DecisionView[] }>(),
  { decisions: () => [] },
)
const emit = defineEmits<{ correct: []; noted: [] }>()

const MOMENTS: Readonly<Record<LogEntry['pains'][number]['moment'], string>> = {
  BEFORE: 'before',
  DURING: 'during',
  AFTER: 'after',
  MORNING: 'next morning',
  TOLD: 'told',
}
</script>

<template>
  <article aria-live="polite">
    <header class="line-up">
      <PegIcon :purpose="entry.purpose" />
      <h2>{{ entry.title }}</h2>
    </header>
    <p class="quiet">
      {{ longDate(entry.date) }}, {{ toMinute(entry.beganAt) }}; {{ stateWords(entry) }},
      {{ duration(entry.lastedMillis) }} of {{ duration(entry.plannedMillis) }}
    </p>
    <p v-if="entry.alongside" class="small">
      Another one of the same purpose went on at the same time, as where two devices play. Both are
      kept; the day counts once.
    </p>
    <p v-if="entry.clockAheadSeconds" class="small">
      The device's clock was {{ duration(entry.clockAheadSeconds * 1000) }} ahead; the times are put
      right.
    </p>
    <RoutineTape :steps="tapeOf(entry)" :height="48" ruler />
    <dl>
      <dt>Effort</dt>
      <dd>{{ entry.effort ?? 'not told' }}</dd>
      <dt>Tighter</dt>
      <dd>
        {{
          entry.tighterSide
            ? entry.tighterSide === 'SAME'
              ? 'the same'
              : entry.tighterSide.toLowerCase()
            : 'not told'
        }}
      </dd>
      <template v-if="entry.pains.length">
        <dt>Pain</dt>
        <dd>
          <p v-for="(pain, i) in entry.pains" :key="i">
            {{ capital(pain.side.toLowerCase()) }} {{ pain.regionWord }} {{ pain.level }}
            <span class="quiet"
              >{{ MOMENTS[pain.moment]
              }}{{ pain.sensation ? `, ${SENSATIONS[pain.sensation]}` : '' }}</span
            >
          </p>
        </dd>
      </template>
    </dl>
    <blockquote v-if="entry.words">{{ entry.words }}</blockquote>
    <ul class="steps">
      <li v-for="(step, i) in entry.steps" :key="i">
        <KindLetter :kind="step.kind" />
        <p class="what">
          <RouterLink
            v-if="account.coach.value"
            :to="`/library/${step.exerciseId}?version=${step.exerciseVersion}`"
            ><b>{{ step.title }}</b></RouterLink
          >
          <b v-else>{{ step.title }}</b>
          <span class="quiet">{{ step.dose }}</span>
        </p>
        <span class="outcome" :class="{ hurt: step.outcome === 'HURT' }">{{
          stepWords(step)
        }}</span>
        <span v-if="accountWords(step).length" class="quiet small said">{{
          accountWords(step).join(' · ')
        }}</span>
      </li>
    </ul>
    <section v-if="decisions.length">
      <h3>Decided</h3>
      <DecisionList :decisions="decisions" named />
    </section>
    <p v-else-if="entry.steps.length" class="quiet small">
      Open until the next morning's answer, the next session with it, or noon of the next day.
    </p>
    <section v-if="entry.corrections.length">
      <h3>Put right</h3>
      <p v-for="(one, i) in entry.corrections" :key="i" class="small">
        {{ localMoment(one.at) }} by {{ one.byCoach ? 'the coach' : 'the client' }}:
        {{ one.reason }} <span class="quiet">Before: {{ beforeWords(one) }}.</span>
      </p>
    </section>
    <CoachNote
      v-if="account.coach.value"
      :key="entry.id"
      :client-id="clientId"
      :session-id="entry.id"
      :note="entry.note"
      @kept="emit('noted')"
    />
    <p>
      <BButton variant="outline-secondary" size="sm" @click="emit('correct')">Put it right</BButton>
    </p>
  </article>
</template>

<style scoped>
article {
  position: sticky;
  top: 12px;
  display: grid;
  gap: 12px;
  min-width: 0;
  padding: 16px 20px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
  --ground: var(--surface);
}
dl {
  display: grid;
  grid-template-columns: 80px 1fr;
  gap: 2px 12px;
}
dt {
  color: var(--ink-2);
  font-weight: 400;
}
blockquote {
  margin: 0;
  padding-left: 12px;
  border-left: 3px solid var(--line);
}
.steps li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 0 10px;
  align-items: baseline;
  padding: 5px 0;
  border-top: 1px solid var(--line);
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
}
.said {
  grid-column: 2 / -1;
}
.outcome.hurt {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 1000px) {
  article {
    position: static;
    grid-row: 1;
  }
}
</style>
