<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { DrillView, PatternsView, Side } from '@/api/types'
import FingerSign from './FingerSign.vue'
import { signState } from './sign'
import { axisOf, lanesOf } from './map'

/** Every pattern at its difficulty, lane by lane, with the line where four of five are clean. */
const props = defineProps<{ patterns: PatternsView; hand: Side; chosen: string | null }>()
const emit = defineEmits<{ choose: [drill: DrillView] }>()

const field = ref<HTMLElement>()
const { width } = useElementSize(field)
const axis = computed(() => axisOf(props.patterns, Math.max(480, width.value)))
const lanes = computed(() =>
  lanesOf(props.patterns.families, props.hand === 'LEFT' ? 'Left' : 'Right', axis.value),
)
const HALF = 12
const share = (drill: DrillView) => `${(100 * drill.clean) / Math.max(1, drill.tries)}%`
const said = (drill: DrillView) =>
  [
    drill.title,
    drill.doing,
    `difficulty ${drill.difficulty.toFixed(1)}`,
    drill.tries ? `${drill.clean} of ${drill.tries} clean` : 'not tried',
    drill.next ? 'in the next round' : '',
    drill.closed ? `closed: ${drill.closed}` : '',
  ]
    .filter(Boolean)
    .join(', ')
/** Arrow keys go from sign to sign; the map is one stop for the tab key. */
const stops = computed(() => lanes.value.flatMap((lane) => lane.placed.map((p) => p.drill.pattern)))
const stop = computed(() =>
  props.chosen && stops.value.includes(props.chosen) ? props.chosen : stops.value[0],
)
function move(event: KeyboardEvent, drill: DrillView) {
  const by = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: 1, ArrowUp: -1 }[event.key]
  if (!by) return
  event.preventDefault()
  const to = stops.value[stops.value.indexOf(drill.pattern) + by]
  const target = lanes.value.flatMap((lane) => lane.placed).find((p) => p.drill.pattern === to)
  if (!target) return
  emit('choose', target.drill)
  requestAnimationFrame(() =>
    field.value?.querySelector<HTMLElement>(`[data-pattern="${target.drill.pattern}"]`)?.focus(),
  )
}
</script>

<template>
  <div class="map">
    <div class="names">
      <div class="axis" />
      <div
        v-for="lane in lanes"
        :key="lane.word"
        class="lane"
        :style="{ height: `${lane.height + 14}px` }"
      >
        <strong>{{ lane.word }}</strong>
        <span class="quiet">{{ lane.placed.length }}, {{ lane.tried }} tried</span>
      </div>
    </div>
    <div ref="field" class="field">
      <div
        class="wash"
        :style="{
          left: `${axis.x(patterns.easyAt) + HALF}px`,
          width: `${axis.x(patterns.hardAt) - axis.x(patterns.easyAt)}px`,
        }"
      />
      <div class="axis" aria-hidden="true">
        <span
          v-for="tick in axis.ticks"
          :key="tick"
          class="tick"
          :style="{ left: `${axis.x(tick) + HALF}px` }"
          >{{ tick.toFixed(1) }}</span
        >
        <span class="line" :style="{ left: `${axis.x(patterns.offeredAt) + HALF}px` }"
          ><b>80 %</b></span
        >
      </div>
      <div
        v-for="lane in lanes"
        :key="lane.word"
        class="lane"
        role="group"
        :aria-label="lane.word"
        :style="{ height: `${lane.height + 14}px` }"
      >
        <button
          v-for="{ drill, x, y } in lane.placed"
          :key="drill.pattern"
          type="button"
          class="drill"
          :class="{
            next: drill.next,
            untried: !drill.tries && !drill.next,
            weak: drill.weak,
            on: drill.pattern === chosen,
            closed: drill.closed,
          }"
          :style="{ left: `${x}px`, top: `${y + 7}px` }"
          :aria-pressed="drill.pattern === chosen"
          :aria-label="said(drill)"
          :title="drill.title"
          :data-pattern="drill.pattern"
          :tabindex="drill.pattern === stop ? 0 : -1"
          @click="emit('choose', drill)"
          @keydown="move($event, drill)"
        >
          <FingerSign
            :first="signState(drill.first)"
            :second="drill.second.length ? signState(drill.second) : null"
            :side="drill.hand ?? 'LEFT'"
          />
          <span v-if="drill.tries" class="floor"><i :style="{ width: share(drill) }" /></span>
          <span v-if="drill.rude" class="rude" />
        </button>
      </div>
    </div>
  </div>
</template>

<style scoped>
.map {
  display: grid;
  grid-template-columns: 132px minmax(0, 1fr);
}
.names .lane {
  display: flex;
  flex-direction: column;
  padding: 8px 8px 0 0;
  font-size: 0.8125rem;
}
.field {
  position: relative;
  overflow-x: clip;
  overflow-clip-margin: 20px;
}
.axis {
  position: relative;
  height: 30px;
}
.tick {
  position: absolute;
  top: 4px;
  transform: translateX(-50%);
  color: var(--ink-2);
  font: 0.8125rem/1rem var(--mono);
}
.lane {
  position: relative;
  border-bottom: 1px solid var(--line);
}
.wash {
  position: absolute;
  top: 30px;
  bottom: 0;
  background: var(--main-wash);
}
.line {
  position: absolute;
  top: 26px;
  z-index: 1;
  height: 100vh;
  border-left: 1.5px solid var(--ink);
  pointer-events: none;
}
.line b {
  position: absolute;
  top: -24px;
  left: 0;
  padding: 1px 6px;
  transform: translateX(-50%);
  border-radius: 2px;
  background: var(--ink);
  color: var(--ground);
  font: 700 0.8125rem/1.125rem var(--mono);
  white-space: nowrap;
}
.drill {
  position: absolute;
  z-index: 2;
  display: block;
  padding: 1px 2px 5px;
  border: 0;
  background: none;
  color: var(--ink);
}
.drill.next {
  color: var(--main);
}
.drill.untried {
  color: var(--edge);
}
.drill.closed {
  opacity: 0.35;
}
.drill.on {
  outline: 2px solid var(--ink);
  outline-offset: 2px;
}
.floor {
  position: absolute;
  right: 2px;
  bottom: 0;
  left: 2px;
  height: 3px;
  background: var(--line);
}
.floor i {
  display: block;
  height: 3px;
  background: var(--main);
}
.weak .floor i {
  background: var(--warn);
}
.rude {
  position: absolute;
  top: -3px;
  left: -2px;
  width: 6px;
  height: 6px;
  border: 1.5px solid var(--main);
  border-radius: 50%;
  background: var(--ground);
}
</style>
