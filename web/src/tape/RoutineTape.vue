<script setup lang="ts">
import { computed, ref } from 'vue'
import { inLines } from '@/parts/textWidth'
import { useWidth } from '@/parts/useWidth'
import { duration } from '@/parts/words'
import { KINDS } from './kinds'
import TapeBrackets from './TapeBrackets.vue'
import { bracketsOf, layOut, ticks, type TapeStep } from './tape'

const props = withDefaults(
  defineProps<{
    steps: TapeStep[]
    height?: number
    names?: boolean
    letters?: boolean
    ruler?: boolean
    numbers?: boolean
    patterns?: string
    /** How far the player is, in milliseconds. */
    at?: number
    /** A fixed width; otherwise the tape fills its place. */
    width?: number
    gap?: number
    strokeWidth?: number
    /** The time there is; what is left of it is a dashed box. */
    spaceMillis?: number
    /** Which step is framed. */
    chosen?: number
  }>(),
  {
    height: 64,
    names: false,
    letters: true,
    ruler: false,
    numbers: true,
    patterns: 'kind',
    at: undefined,
    width: undefined,
    gap: 1,
    strokeWidth: 1.5,
    spaceMillis: 0,
    chosen: undefined,
  },
)

const frame = ref<HTMLElement | null>(null)
const seen = useWidth(frame)
const NAME_LINE = 17
const NAME_SIZE = 13
const NAME_LINES = 4
const NAME_SPACE = 6
const NAMED_FROM = 44
const FRAME = 6
const CHIP = 18
const MARKS = 20

const width = computed(() => props.width ?? seen.value)
const length = computed(() => props.steps.reduce((sum, step) => sum + step.lengthMillis, 0))
const total = computed(() => Math.max(length.value, props.spaceMillis))
const found = computed(() => props.steps.some((step) => step.finding))
/** A name may reach over the steps after it that are too narrow for one of their own. */
const nameLines = computed(() => {
  const ends = layOut(props.steps, width.value, 0, props.height, props.gap, props.spaceMillis)
  const named = ends.map((piece) => props.names && piece.right - piece.left >= NAMED_FROM)
  return ends.map((piece, i) => {
    if (!named[i]) return []
    const next = named.indexOf(true, i + 1)
    const end = next < 0 ? width.value + NAME_SPACE : (ends[next]?.left ?? width.value)
    return inLines(piece.step.title, end - piece.left - NAME_SPACE, NAME_SIZE, NAME_LINES)
  })
})
const top = computed(() => {
  const most = Math.max(2, ...nameLines.value.map((lines) => lines.length))
  return props.names ? most * NAME_LINE + 6 : FRAME
})
const pieces = computed(() =>
  layOut(props.steps, width.value, top.value, props.height, props.gap, props.spaceMillis),
)
const hurt = computed(() => props.steps.some((step) => step.hurt))
const BRACKET = 24
const brackets = computed(() => (props.letters ? bracketsOf(pieces.value) : []))
const bracketY = computed(() => top.value + props.height + FRAME + (found.value ? MARKS : 0))
const below = computed(() => bracketY.value + (brackets.value.length ? BRACKET : 0))
const allHeight = computed(
  () => below.value + (props.ruler ? (props.numbers ? 34 : 20) : 0) + (hurt.value ? 10 : 0),
)
const rulerTicks = computed(() => (props.ruler ? ticks(total.value, width.value) : []))
const rulerY = computed(() => below.value + 2)
const free = computed(() => {
  const left = (length.value / (total.value || 1)) * width.value
  const free = width.value - left - 2
  return props.spaceMillis > length.value && free > 0 ? { left: left + 1, width: free } : null
})
const now = computed(() =>
  props.at === undefined || !total.value ? null : (props.at / total.value) * width.value,
)
const current = computed(() =>
  now.value === null
    ? undefined
    : pieces.value.find(
        (p) => p.left <= (now.value as number) && (now.value as number) < p.right + 2,
      ),
)
const gone = (right: number) => now.value !== null && right <= now.value
const label = computed(() => {
  const parts = props.steps.map(
    (s) => `${s.title}, ${KINDS[s.kind].word}, ${duration(s.lengthMillis)}`,
  )
  return `Tape, ${duration(length.value)}: ${parts.join('; ')}`
})
/** Where the steps begin below their names, for what is laid over them. */
defineExpose({ top })
const lost = (p: (typeof pieces.value)[number]) =>
  (p.step.donePercent ?? 100) < 100 && (p.step.donePercent ?? 100) > 0
const skipped = (p: (typeof pieces.value)[number]) => p.step.donePercent === 0
const stopAt = (p: (typeof pieces.value)[number]) =>
  p.left + ((p.right - p.left) * (p.step.donePercent ?? 100)) / 100
</script>

<template>
  <div ref="frame" class="routine-tape">
    <svg
      :width="width"
      :height="allHeight"
      :viewBox="`0 0 ${width} ${allHeight}`"
      role="img"
      :aria-label="label"
    >
      <g v-for="(piece, i) in pieces" :key="i" :class="{ gone: gone(piece.right) }">
        <template v-if="names">
          <text
            v-for="(line, n) in nameLines[i]"
            :key="n"
            class="name"
            :x="piece.left"
            :y="top - 9 - ((nameLines[i]?.length ?? 0) - 1 - n) * NAME_LINE"
          >
            {{ line }}
          </text>
        </template>
        <path v-if="skipped(piece)" class="skipped" :d="piece.path" />
        <path
          v-else
          :d="piece.path"
          :class="{ open: piece.step.open }"
          :style="{
            fill: piece.step.open ? 'none' : `url(#${patterns}-${piece.step.kind})`,
            stroke: KINDS[piece.step.kind].colour,
          }"
          :stroke-width="strokeWidth"
        />
        <template v-if="lost(piece)">
          <rect
            class="faded"
            :x="stopAt(piece)"
            :y="top - 1"
            :width="Math.max(0, piece.right - stopAt(piece) + 1)"
            :height="height + 2"
          />
          <path class="stop" :d="`M${stopAt(piece)} ${top - 3}V${top + height + 3}`" />
        </template>
        <g v-if="letters && piece.right - piece.left >= 15">
          <rect
            :x="piece.left"
            :y="top"
            :width="CHIP"
            :height="CHIP"
            :style="{ fill: piece.step.open ? 'none' : KINDS[piece.step.kind].colour }"
          />
          <text
            class="letter"
            :style="piece.step.open ? { fill: KINDS[piece.step.kind].colour } : undefined"
            :x="piece.left + CHIP / 2"
            :y="top + 13.5"
          >
            {{ KINDS[piece.step.kind].letter }}
          </text>
        </g>
        <path
          v-if="piece.step.finding === 'STOP'"
          class="finding stop-mark"
          :d="`M${(piece.left + piece.right) / 2} ${top + height + 7}l6 6l-6 6l-6 -6Z`"
        />
        <path
          v-else-if="piece.step.finding === 'WARN'"
          class="finding warn-mark"
          :d="`M${(piece.left + piece.right) / 2} ${top + height + 8}l6 10h-12Z`"
        />
        <circle
          v-else-if="piece.step.finding === 'NOTE'"
          class="finding note-mark"
          :cx="(piece.left + piece.right) / 2"
          :cy="top + height + 13"
          r="4.5"
        />
        <rect
          v-if="chosen === i"
          class="chosen"
          :x="piece.left - 4"
          :y="top - 5"
          :width="piece.right - piece.left + 8"
          :height="height + 10"
        />
        <path
          v-if="piece.step.hurt"
          class="hurt"
          :d="`M${(piece.left + piece.right) / 2} ${top + height + 3}l5 5l-5 5l-5 -5Z`"
        />
      </g>
      <template v-if="free">
        <rect class="free" :x="free.left" :y="top + 1" :width="free.width" :height="height - 2" />
        <text
          v-if="free.width > 34"
          class="free-time"
          :x="free.left + free.width / 2"
          :y="top + height / 2 + 5"
        >
          {{ duration(spaceMillis - length) }}
        </text>
      </template>
      <template v-if="now !== null && current">
        <rect
          class="elapsed"
          :x="current.left"
          :y="top - 1"
          :width="Math.max(0, now - current.left)"
          :height="height + 2"
        />
        <rect
          class="chosen"
          :x="current.left - 4"
          :y="top - 5"
          :width="current.right - current.left + 8"
          :height="height + 10"
        />
      </template>
      <TapeBrackets :brackets="brackets" :top="top" :bottom="bracketY + 4" />
      <g v-if="ruler">
        <path class="rule" :d="`M0 ${rulerY}H${width}`" />
        <g v-for="tick in rulerTicks" :key="tick.x">
          <path
            class="rule"
            :stroke-width="tick.length === 12 ? 1.5 : 1"
            :d="`M${tick.x} ${rulerY}v${tick.length}`"
          />
          <text
            v-if="numbers && tick.label"
            class="number"
            :x="Math.min(Math.max(tick.x, 4), width - 20)"
            :y="rulerY + 26"
          >
            {{ tick.label }}
          </text>
        </g>
        <path v-if="now !== null" class="pointer" :d="`M${now} ${rulerY - 2}l8 12h-16Z`" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.routine-tape {
  width: 100%;
  overflow: hidden;
}
svg {
  display: block;
  overflow: visible;
}
.name {
  font-size: 13px;
  font-weight: 500;
}
.letter {
  fill: var(--on-mark);
  font-size: 13px;
  font-weight: 700;
  text-anchor: middle;
}
.gone {
  opacity: 0.42;
}
.open {
  stroke-dasharray: 2 3;
}
.skipped {
  fill: none;
  stroke: var(--edge);
  stroke-width: 1.25;
  stroke-dasharray: 2 3;
}
.faded {
  fill: var(--ground);
  opacity: 0.74;
}
.stop {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.hurt {
  fill: var(--stop);
}
.elapsed {
  fill: var(--ground);
  opacity: 0.58;
}
.chosen {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.stop-mark {
  fill: var(--stop);
}
.warn-mark {
  fill: var(--warn);
}
.note-mark {
  fill: none;
  stroke: var(--main);
  stroke-width: 2.5;
}
.free {
  fill: none;
  stroke: var(--edge);
  stroke-width: 1.25;
  stroke-dasharray: 3 3;
}
.free-time {
  fill: var(--ink-2);
  font-size: 13px;
  text-anchor: middle;
}
.rule {
  stroke: var(--ink-2);
}
.number {
  fill: var(--ink-2);
  font-size: 13px;
  font-weight: 500;
  text-anchor: middle;
}
.pointer {
  fill: var(--live);
}
</style>
