<script setup lang="ts">
import { computed, ref } from 'vue'
import type { NextView, ReviewForm } from '@/api/types'
import { counted, longDate } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import KindLetter from '@/tape/KindLetter.vue'

/** The next weeks as the verdicts make them: what stays, what comes oftener, what goes back. */
const props = defineProps<{ next: NextView; busy: boolean; message: string }>()
const emit = defineEmits<{ take: [] }>()

const byHand = defineModel<Pick<ReviewForm, 'frequencies' | 'left'>>({ required: true })
type Line = NextView['lines'][number]
type Often = Line['frequencies'][number]['frequency']
/** Which line is open to be changed. */
const open = ref<string | null>(null)
function comesAs(line: Line, often: Often | '') {
  const frequencies = Object.fromEntries(
    Object.entries(byHand.value.frequencies).filter(([key]) => key !== line.key),
  )
  byHand.value = {
    ...byHand.value,
    frequencies: often ? { ...frequencies, [line.key]: often } : frequencies,
  }
  open.value = null
}
function stays(line: Line, stays: boolean) {
  const others = byHand.value.left.filter((key) => key !== line.key)
  byHand.value = { ...byHand.value, left: stays ? [...others, line.key] : others }
}

const SIGNS: Readonly<Record<NextView['lines'][number]['change'], string>> = {
  SAME: '=',
  UP: '↑',
  DOWN: '↓',
  OTHERWISE: '↔',
}
const SHOWN = 6
const all = ref(false)
/** What comes how often, in its order, and then the rungs; of many the first. */
const rungs = computed(() => props.next.lines.filter((line) => line.kind))
const lines = computed(() => [
  ...props.next.lines.filter((line) => line.purpose),
  ...(all.value ? rungs.value : rungs.value.slice(0, SHOWN)),
])
const WIDTH = 100
</script>

<template>
  <section class="next" aria-labelledby="next-heading">
    <header class="line-up">
      <h2 id="next-heading">The next {{ counted(next.weeks, 'week') }}</h2>
      <span class="push quiet"
        >{{ next.changes }} change, {{ next.lines.length - next.changes }} stay</span
      >
    </header>
    <svg class="weeks" :viewBox="`0 0 ${WIDTH} 8`" preserveAspectRatio="none" aria-hidden="true">
      <rect x="0" y="1" :width="WIDTH" height="6" />
      <line
        v-for="week in next.weeks - 1"
        :key="week"
        :x1="(week / next.weeks) * WIDTH"
        :x2="(week / next.weeks) * WIDTH"
        y1="1"
        y2="7"
      />
    </svg>
    <p class="line-up small">
      <b>starts tomorrow</b><b class="push">look again, {{ longDate(next.until) }}</b>
    </p>
    <ul aria-live="polite">
      <li v-for="line in lines" :key="line.key" :class="line.change.toLowerCase()">
        <PegIcon v-if="line.purpose" :purpose="line.purpose" />
        <KindLetter v-else-if="line.kind" :kind="line.kind" />
        <span>
          <b>{{ line.title }}</b>
          <select
            v-if="open === line.key"
            class="form-select"
            :aria-label="`How often: ${line.title}`"
            :value="byHand.frequencies[line.key] ?? ''"
            @change="comesAs(line, ($event.target as HTMLSelectElement).value as Often | '')"
            @keydown.esc="open = null"
          >
            <option value="">as the verdicts make it</option>
            <option v-for="f in line.frequencies" :key="f.frequency" :value="f.frequency">
              {{ f.words }}
            </option>
          </select>
          <span v-else class="words"
            >{{ line.words }}<template v-if="line.byHand">, by hand</template></span
          >
        </span>
        <span class="sign" aria-hidden="true">{{ SIGNS[line.change] }}</span>
        <BButton
          v-if="line.frequencies.length"
          size="sm"
          variant="link"
          :aria-expanded="open === line.key"
          :aria-label="`Change ${line.title}`"
          @click="open = open === line.key ? null : line.key"
          >Change</BButton
        >
        <BButton
          v-else
          size="sm"
          variant="link"
          :aria-label="`${line.byHand ? 'Back a rung after all' : 'Leave it where it is'}: ${line.title}`"
          @click="stays(line, !line.byHand)"
          >{{ line.byHand ? 'Back after all' : 'Leave it' }}</BButton
        >
      </li>
    </ul>
    <p v-if="rungs.length > SHOWN">
      <BButton size="sm" variant="link" :aria-expanded="all" @click="all = !all">{{
        all ? 'Only the first' : `and ${rungs.length - SHOWN} more`
      }}</BButton>
    </p>
    <p v-if="next.lines.length === 0" class="quiet">The programme holds no obligation.</p>
    <p v-if="message" class="error" role="alert">{{ message }}</p>
    <p class="take">
      <BButton variant="primary" size="lg" :disabled="busy" @click="emit('take')"
        >Take it over</BButton
      >
    </p>
  </section>
</template>

<style scoped>
.next {
  display: grid;
  gap: 8px;
  align-content: start;
  padding: 16px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
h2 {
  font-size: 1.25rem;
}
.weeks {
  width: 100%;
  height: 34px;
}
.weeks rect {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 1.5;
  vector-effect: non-scaling-stroke;
}
.weeks line {
  stroke: var(--line);
  vector-effect: non-scaling-stroke;
}
li {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) 20px auto;
  gap: 10px;
  align-items: center;
  min-height: 43px;
  border-top: 1px solid var(--line);
  font-size: 0.875rem;
}
.words {
  display: block;
  color: var(--ink-2);
}
.same b {
  font-weight: 600;
}
.sign {
  font-weight: 700;
  text-align: center;
}
.up .sign {
  color: var(--main);
}
.otherwise .sign {
  color: var(--main);
}
.down .sign {
  color: var(--warn);
}
.take {
  display: flex;
  justify-content: flex-end;
  margin-top: 8px;
}
</style>
