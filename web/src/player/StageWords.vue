<script setup lang="ts">
import { computed } from 'vue'
import type { Cue, StepView } from '@/api/types'
import { duration } from '@/parts/words'
import KindLetter from '@/tape/KindLetter.vue'
import { KINDS } from '@/tape/kinds'
import BeatRow from './BeatRow.vue'
import BreathFan from './BreathFan.vue'

/** What to do now, which side, and how much is left of it; what comes next. */
const props = defineProps<{
  step: StepView
  following: StepView | undefined
  /** What stands where no step follows. */
  lastWords: string
  number: number
  total: number
  cue: Cue
  sideWord: string
  count: { readonly number: string | number; readonly word: string }
  /** How far the cue is, 0 to 1. */
  progress: number
  /** Whether the person counts; the line of their pace is where the next step stood. */
  counting: boolean
}>()

const breath = computed(() => {
  const c = props.cue
  if (c.breath === 'FREE') return null
  return {
    word: c.breath === 'IN' ? 'in' : 'out',
    open: c.breath === 'IN' ? props.progress : 1 - props.progress,
  }
})
const line = computed(() => (props.cue.phase === 'SET_UP' ? props.step.setUp : props.cue.text))
</script>

<template>
  <section class="words" :class="{ tight: step.ladder }">
    <p class="kind">
      <KindLetter :kind="step.kind" />
      <span class="quiet large">{{ KINDS[step.kind].word }}, step {{ number }} of {{ total }}</span>
    </p>
    <h1>{{ step.title }}</h1>
    <p v-if="step.turn" class="quiet turn">In turn: {{ step.turn }}</p>
    <p class="cue" aria-live="polite">{{ line }}</p>
    <div class="middle">
      <div>
        <p class="side">
          {{ sideWord }}<span v-if="cue.unit" class="unit">{{ cue.unit }}</span>
        </p>
        <p class="count">
          <span class="number" data-count>{{ count.number }}</span>
          <span class="quiet word"
            >{{ count.word
            }}<template v-if="cue.sets > 1"
              ><br />set {{ cue.set }} of {{ cue.sets }}</template
            ></span
          >
        </p>
      </div>
      <BreathFan v-if="breath" class="extra" :open="breath.open" :word="breath.word" />
      <BeatRow
        v-else-if="cue.notes > 0"
        class="extra"
        :beat="Math.floor(progress * cue.notes) + 1"
        :beats="cue.notes"
        what="Note"
      />
      <BeatRow v-else-if="cue.beats > 1" class="extra" :beat="cue.beat" :beats="cue.beats" />
    </div>
    <slot />
    <p v-if="!counting" class="quiet next">
      <template v-if="following"
        >Next <b>{{ following.title }}</b>, {{ duration(following.lengthMillis) }}</template
      >
      <template v-else>{{ lastWords }}</template>
    </p>
  </section>
</template>

<style scoped>
.words {
  display: flex;
  flex-direction: column;
  min-width: 0;
  padding-top: 16px;
}
h1 {
  font-size: 2.25rem;
  line-height: 2.75rem;
}
.kind :deep(.kind-letter) {
  width: 24px;
  height: 24px;
  font-size: 1rem;
}
.kind {
  display: flex;
  align-items: center;
  gap: 8px;
}
.cue {
  flex: none;
  min-height: 64px;
  margin-top: 4px;
  font-size: 1.5rem;
  line-height: 2rem;
}
.middle {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 40px;
  align-items: end;
  margin-top: 12px;
}
.side {
  color: var(--side);
  font: 700 2.75rem/3rem var(--font);
}
.unit {
  margin-left: 16px;
  color: var(--ink);
}
.count {
  display: flex;
  align-items: flex-end;
  gap: 16px;
  margin-left: -10px;
}
.number {
  font: 700 248px/200px var(--font);
  letter-spacing: -12px;
}
.tight .number {
  font-size: 210px;
  line-height: 168px;
}
.word {
  padding-bottom: 8px;
  font: 500 1.5rem/2rem var(--font);
}
.extra {
  width: 224px;
}
.next {
  margin-top: auto;
  padding: 8px 0 16px;
  font-size: 1.25rem;
  line-height: 1.75rem;
}
.next b {
  color: var(--ink);
  font-weight: 600;
}
@media (max-width: 900px) {
  .words {
    padding-top: 4px;
  }
  h1 {
    font-size: 1.75rem;
    line-height: 2.25rem;
  }
  .cue {
    min-height: 56px;
    font-size: 1.25rem;
    line-height: 1.75rem;
  }
  .middle {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
    margin-top: 4px;
  }
  .side {
    font-size: 1.75rem;
    line-height: 2rem;
  }
  .tight .number {
    font-size: 150px;
    line-height: 124px;
  }
  .number {
    font-size: 184px;
    line-height: 150px;
    letter-spacing: -8px;
  }
  .extra {
    width: auto;
    min-height: 28px;
  }
  .extra.fan {
    position: absolute;
    right: 16px;
    bottom: 300px;
    width: 120px;
  }
  .next {
    padding: 4px 0 8px;
    font-size: 1rem;
    line-height: 1.5rem;
  }
}
</style>
