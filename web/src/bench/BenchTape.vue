<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import type { BenchStep, FindingView, Severity } from '@/api/types'
import { useFollowed } from '@/parts/useFollowed'
import { useWidth } from '@/parts/useWidth'
import { duration } from '@/parts/words'
import { KINDS } from '@/tape/kinds'
import RoutineTape from '@/tape/RoutineTape.vue'
import type { TapeStep } from '@/tape/tape'

/** The tape that is worked on: steps are chosen, dragged to another place, and drawn longer. */
const props = defineProps<{
  steps: readonly BenchStep[]
  findings: readonly FindingView[]
  spaceMillis: number
  chosen: string | null
}>()
const emit = defineEmits<{
  choose: [key: string]
  move: [key: string, to: number]
  longer: [key: string, more: boolean]
  remove: [key: string]
}>()

const HEIGHT = 72
const GRAVITY: readonly Severity[] = ['STOP', 'WARN', 'NOTE']
/** So many pixels at the end of a step take hold of its length instead of its place. */
const HANDLE = 10
/** Drawing the end so far makes the dose one step longer or shorter. */
const STRIDE = 26
const DRAGGED_FROM = 6

const frame = ref<HTMLElement | null>(null)
const drawn = useTemplateRef<InstanceType<typeof RoutineTape>>('drawn')
const width = useWidth(frame)

const gravest = (key: string): Severity | undefined =>
  GRAVITY.find((severity) =>
    props.findings.some((f) => f.severity === severity && f.steps.includes(key)),
  )
const dragging = ref<{ key: string; x: number; moved: boolean } | null>(null)
const order = ref<string[] | null>(null)
const shown = computed(() => {
  const wanted = order.value
  if (!wanted) return props.steps
  return wanted.flatMap((key) => props.steps.find((s) => s.draft.key === key) ?? [])
})
const tape = computed<TapeStep[]>(() =>
  shown.value.map((step) => ({
    title: step.title,
    kind: step.kind,
    lengthMillis: step.lengthMillis,
    laterality: step.laterality,
    side: step.draft.firstSide,
    circuit: step.draft.circuit,
    finding: gravest(step.draft.key),
  })),
)
const total = computed(() =>
  Math.max(
    props.spaceMillis,
    props.steps.reduce((sum, s) => sum + s.lengthMillis, 0),
  ),
)
const places = computed(() => {
  let at = 0
  return shown.value.map((step) => {
    const left = (at / total.value) * width.value
    at += step.lengthMillis
    return { step, left, width: (step.lengthMillis / total.value) * width.value }
  })
})
const chosenIndex = computed(() => {
  const at = shown.value.findIndex((step) => step.draft.key === props.chosen)
  return at < 0 ? undefined : at
})

function name(step: BenchStep, index: number): string {
  const found = props.findings
    .filter((f) => f.steps.includes(step.draft.key))
    .map((f) => f.title)
    .join(', ')
  return [
    `${index + 1} of ${props.steps.length}: ${step.title}`,
    KINDS[step.kind].word,
    step.doseWords,
    duration(step.lengthMillis),
    step.turn ? `in turn: ${step.turn}` : '',
    step.draft.pinned ? 'pinned' : '',
    found,
  ]
    .filter(Boolean)
    .join(', ')
}

const follow = useFollowed()
let strides = 0
function grab(event: PointerEvent, step: BenchStep) {
  if (event.button !== 0) return
  const target = event.currentTarget as HTMLElement
  emit('choose', step.draft.key)
  const atEnd = target.getBoundingClientRect().right - event.clientX < HANDLE
  strides = 0
  dragging.value = { key: step.draft.key, x: event.clientX, moved: false }
  if (!atEnd) order.value = props.steps.map((s) => s.draft.key)
  follow(drag, drop, leave)
}
function drag(event: PointerEvent) {
  const held = dragging.value
  if (!held) return
  const by = event.clientX - held.x
  if (!order.value) {
    const wanted = Math.trunc(by / STRIDE)
    if (wanted !== strides) {
      emit('longer', held.key, wanted > strides)
      strides += Math.sign(wanted - strides)
      held.moved = true
    }
    return
  }
  if (Math.abs(by) < DRAGGED_FROM && !held.moved) return
  held.moved = true
  const box = frame.value?.getBoundingClientRect()
  const x = event.clientX - (box?.left ?? 0)
  const others = props.steps.filter((s) => s.draft.key !== held.key)
  let at = 0
  let to = 0
  for (const other of others) {
    const middle = ((at + other.lengthMillis / 2) / total.value) * width.value
    if (x > middle) to++
    at += other.lengthMillis
  }
  const keys = others.map((s) => s.draft.key)
  keys.splice(to, 0, held.key)
  order.value = keys
}
function leave() {
  dragging.value = null
  order.value = null
}
function drop() {
  const held = dragging.value
  const keys = order.value
  leave()
  if (held?.moved && keys) emit('move', held.key, keys.indexOf(held.key))
}
/** The step that stands there when the change is drawn; the last one if there are fewer. */
async function focusAt(index: number) {
  await nextTick()
  const buttons = frame.value?.querySelectorAll('button') ?? []
  buttons[Math.min(index, buttons.length - 1)]?.focus()
}
function key(event: KeyboardEvent, step: BenchStep, index: number) {
  const buttons = [...(frame.value?.querySelectorAll('button') ?? [])]
  const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key]
  if (by && event.altKey) {
    event.preventDefault()
    const to = Math.min(props.steps.length - 1, Math.max(0, index + by))
    emit('move', step.draft.key, to)
    void focusAt(to)
  } else if (by) {
    event.preventDefault()
    const next = buttons[(index + by + buttons.length) % buttons.length]
    next?.focus()
    next?.click()
  } else if (event.key === '+' || event.key === '-') {
    event.preventDefault()
    emit('longer', step.draft.key, event.key === '+')
  } else if (event.key === 'Delete' || event.key === 'Backspace') {
    event.preventDefault()
    emit('remove', step.draft.key)
    void focusAt(index)
  }
}
</script>

<template>
  <div ref="frame" class="bench-tape" :class="{ moving: dragging?.moved }">
    <RoutineTape
      ref="drawn"
      :steps="tape"
      :height="HEIGHT"
      :space-millis="spaceMillis"
      :chosen="chosenIndex"
      names
      ruler
    />
    <button
      v-for="(place, i) in places"
      :key="place.step.draft.key"
      type="button"
      :style="{
        left: `${place.left}px`,
        top: `${drawn?.top ?? 0}px`,
        width: `${place.width}px`,
        height: `${HEIGHT}px`,
      }"
      :aria-label="name(place.step, i)"
      :aria-pressed="place.step.draft.key === chosen"
      :tabindex="place.step.draft.key === chosen || (!chosen && i === 0) ? 0 : -1"
      :title="`${place.step.title}: drag to move, drag its end for more or less`"
      @pointerdown="grab($event, place.step)"
      @click="emit('choose', place.step.draft.key)"
      @keydown="key($event, place.step, i)"
    >
      <span v-if="place.step.draft.pinned" class="pin" aria-hidden="true" />
      <span class="end" aria-hidden="true" />
    </button>
  </div>
</template>

<style scoped>
.bench-tape {
  position: relative;
}
button {
  position: absolute;
  padding: 0;
  border: 0;
  background: transparent;
  cursor: grab;
  touch-action: none;
}
.moving button {
  cursor: grabbing;
}
.end {
  position: absolute;
  top: 0;
  right: 0;
  bottom: 0;
  width: 10px;
  cursor: ew-resize;
}
.pin {
  position: absolute;
  top: 5px;
  right: 12px;
  width: 8px;
  height: 8px;
  border-radius: 50%;
  background: var(--ink);
  box-shadow: 0 0 0 2px var(--surface);
}
</style>
