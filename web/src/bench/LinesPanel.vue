<script setup lang="ts">
import { useSessionStorage, watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api } from '@/api/calls'
import { sentenceOf } from '@/api/client'
import type { Draft, LinesView, StepDraft } from '@/api/types'
import StateMark from '@/parts/StateMark.vue'
import { counted, duration } from '@/parts/words'
import KindLetter from '@/tape/KindLetter.vue'

/** The routine as lines: each with its reading and its seconds beside it; nothing is lost. */
const props = defineProps<{ draft: Draft }>()
const emit = defineEmits<{ say: [steps: StepDraft[]]; close: [] }>()

const WAIT = 200
const ROWS = 6
const text = ref('')
const view = shallowRef<LinesView | null>(null)
const error = ref('')
const ready = ref(false)
let latest = 0
let said = ''
/** Lines that were not read yet are still there when the panel is opened again. */
const left = useSessionStorage('nimblet-lines', { text: '', steps: '' })

const asSteps = (steps: readonly StepDraft[]) =>
  JSON.stringify(steps.map((step) => [step.exerciseId, step.dose, step.position, step.firstSide]))
onMounted(async () => {
  try {
    const now = asSteps(props.draft.steps)
    text.value =
      left.value.text && left.value.steps === now
        ? left.value.text
        : (await api.linesOf(props.draft)).text
    said = now
    await read()
  } catch (e) {
    error.value = sentenceOf(e)
  }
  ready.value = true
})
async function read() {
  const mine = ++latest
  try {
    const answer = await api.readLines(props.draft, text.value)
    if (mine !== latest) return
    view.value = answer
    error.value = ''
    const now = asSteps(answer.steps)
    left.value = { text: answer.lines.some((line) => line.wrong) ? text.value : '', steps: now }
    if (now === said) return
    said = now
    emit('say', answer.steps)
  } catch (e) {
    if (mine === latest) error.value = sentenceOf(e)
  }
}
watchDebounced(text, () => ready.value && read(), { debounce: WAIT })

const lines = computed(() => text.value.replace(/\n$/, '').split('\n'))
const readings = computed(() => view.value?.lines ?? [])
const unread = computed(() =>
  readings.value
    .map(({ wrong, near }, place) => ({ place, wrong, near }))
    .filter((line) => line.wrong),
)
function take(index: number, line: string) {
  const all = [...lines.value]
  all[index] = line
  text.value = `${all.join('\n')}\n`
}
const EXAMPLES = [
  { line: '30 s', words: 'for that long' },
  { line: '3 x 12', words: 'sets, times' },
  { line: '5 breaths', words: 'held that long' },
  { line: 'each side, left, right', words: 'side' },
  { line: 'little to thumb', words: 'order of the fingers' },
  { line: 'circuit 2x: a / b', words: 'in turn' },
  { line: '(standing, right first)', words: 'how' },
]
</script>

<template>
  <section class="lines" aria-label="Say it in lines">
    <header class="line-up">
      <h2>Say it in lines</h2>
      <span v-if="view" class="quiet"
        >{{ counted(view.steps.length, 'step') }}, {{ duration(view.lengthMillis) }}</span
      >
      <BButton class="push" size="sm" variant="outline-secondary" @click="emit('close')"
        >As tape again</BButton
      >
    </header>
    <div class="both">
      <textarea
        v-model="text"
        class="said"
        aria-label="The routine, a step a line"
        spellcheck="false"
        wrap="off"
        :rows="Math.max(ROWS, lines.length + 1)"
      />
      <ol class="read" aria-label="How each line is read">
        <li v-for="(line, i) in readings" :key="i" :class="{ unread: line.wrong }">
          <template v-if="line.wrong">
            <StateMark state="WARN" />
            <span class="why">{{ line.wrong }}</span>
            <span class="push seconds">{{ duration(line.millis) }}</span>
          </template>
          <template v-else-if="line.kind">
            <KindLetter :kind="line.kind" />
            <b>{{ line.title }}</b>
            <span class="quiet dose" :title="line.doseWords">{{ line.doseWords }}</span>
            <span class="seconds">{{ duration(line.millis) }}</span>
          </template>
        </li>
      </ol>
    </div>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <div v-else-if="unread.length" class="warn" role="status">
      <p>
        {{ counted(unread.length, 'line') }} not read yet; the time is kept, the words stay here.
      </p>
      <ul>
        <li v-for="line in unread" :key="line.place">
          Line {{ line.place + 1 }}: {{ line.wrong }}.
          <template v-if="line.near.length">
            Meant:
            <BButton
              v-for="near in line.near"
              :key="near.title"
              size="sm"
              variant="link"
              @click="take(line.place, near.line)"
              >{{ near.title }}</BButton
            >
          </template>
        </li>
      </ul>
    </div>
    <dl class="examples">
      <template v-for="one in EXAMPLES" :key="one.line">
        <dt>{{ one.line }}</dt>
        <dd class="quiet">{{ one.words }}</dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
.lines {
  display: grid;
  gap: 10px;
}
.both {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0 12px;
  overflow: auto;
}
.said {
  padding: 0 10px;
  overflow: auto hidden;
  border: 1.5px solid var(--edge);
  background: var(--surface);
  color: var(--ink);
  font: 500 0.8125rem/36px var(--mono);
  resize: none;
  white-space: pre;
}
.read {
  padding: 1.5px 0 0;
}
.read li {
  display: flex;
  gap: 8px;
  align-items: center;
  height: 36px;
  overflow: hidden;
  padding: 0 8px;
  border-bottom: 1px solid var(--line);
  white-space: nowrap;
}
.read b,
.read .dose,
.read .why {
  overflow: hidden;
  text-overflow: ellipsis;
}
.read b {
  flex: 1 0 45%;
}
.read .dose {
  flex: 0 1 auto;
  min-width: 0;
}
.read .unread {
  background: var(--warn-wash);
  color: var(--warn);
  font-weight: 600;
}
.seconds {
  flex: none;
  margin-left: auto;
  font: 600 0.8125rem/1 var(--mono);
}
.examples {
  display: grid;
  grid-template-columns: auto 1fr auto 1fr;
  gap: 2px 16px;
  font-size: 0.8125rem;
}
.examples dt {
  font: 500 0.8125rem/1.25rem var(--mono);
}
.error {
  color: var(--stop);
  font-weight: 600;
}
.warn {
  color: var(--warn);
}
.warn p {
  font-weight: 600;
}
.warn li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  align-items: baseline;
}
.warn .btn {
  padding: 0;
}
@media (max-width: 760px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
