<script setup lang="ts">
import { useId } from 'vue'
import ArrowShapes from './ArrowShapes.vue'
import BodyShapes from './BodyShapes.vue'
import FadeMask from './FadeMask.vue'
import HandShapes from './HandShapes.vue'
import PairShapes from './PairShapes.vue'
import type { Shown } from './shown'
import { useArrows } from './useArrows'
import { useFigure } from './useFigure'
import { useGhosts } from './useGhosts'

/** An exercise as a picture: its pose, which way it goes, and what helps. */
const props = withDefaults(defineProps<Shown>(), {
  from: undefined,
  to: undefined,
  progress: 0,
  sides: 'RIGHT',
  worked: () => [],
  places: () => [],
  arrow: 'NONE',
  prop: 'NONE',
  wrong: null,
  facing: false,
  holding: false,
  moving: false,
  height: 200,
})

const prefix = useId()
const figure = useFigure(props)
const { mirrored, hands, pair, body, quality, helper, things, viewBox } = figure
const arrows = useArrows(props, figure)
const { ghost, bodyGhost, wrongForm, pulse } = useGhosts(props, figure)
</script>

<template>
  <svg class="figure" :class="{ mirrored }" :viewBox="viewBox" role="img" :aria-label="label">
    <path
      v-if="wrongForm"
      class="ghost wrong"
      :d="wrongForm.path"
      :transform="wrongForm.left ? 'scale(-1 1)' : undefined"
    />
    <g v-if="ghost" :transform="ghost.left ? 'scale(-1 1)' : undefined">
      <defs>
        <FadeMask :id="`${prefix}ghost-mask`" :fade="ghost.fade" :share="0.4" />
      </defs>
      <path class="ghost" :d="ghost.path" :mask="`url(#${prefix}ghost-mask)`" />
    </g>
    <template v-if="helper">
      <defs><FadeMask :id="`${prefix}helper-mask`" :fade="helper.fade" /></defs>
      <g class="helper" :mask="`url(#${prefix}helper-mask)`">
        <template v-for="(limb, i) in helper.limbs" :key="`helper${i}`">
          <path class="helper-line" :d="limb.path" :stroke-width="limb.width" />
          <path class="helper-fill" :d="limb.path" :stroke-width="limb.width - 5" />
        </template>
      </g>
    </template>
    <g
      v-for="(hand, h) in hands"
      :key="String(hand.left)"
      :transform="`translate(${hand.shift} 0)`"
    >
      <path v-for="(thing, i) in things[h]?.behind" :key="`behind${i}`" :d="thing" class="thing" />
      <HandShapes :drawing="hand.drawing" :left="hand.left" />
      <path v-for="(thing, i) in things[h]?.before" :key="`before${i}`" :d="thing" class="thing" />
    </g>
    <PairShapes v-if="pair" :pair="pair" :stroke-width="quality.strokeWidth" />
    <template v-if="body">
      <template v-if="bodyGhost">
        <path class="ghost-fill" :d="bodyGhost.fill" />
        <path class="ghost ghost-line" :d="bodyGhost.line" />
      </template>
      <BodyShapes :figure="body" :stroke-width="quality.strokeWidth" />
    </template>
    <ArrowShapes :arrows="arrows" />
    <g v-if="pulse" class="pulse">
      <circle :cx="pulse[0]" :cy="pulse[1]" r="4.5" class="dot" />
      <circle :cx="pulse[0]" :cy="pulse[1]" r="10" class="ring" />
      <circle :cx="pulse[0]" :cy="pulse[1]" r="16" class="wave">
        <animate attributeName="r" values="10;22" dur="1.6s" repeatCount="indefinite" />
        <animate attributeName="opacity" values="0.7;0" dur="1.6s" repeatCount="indefinite" />
      </circle>
    </g>
  </svg>
</template>

<style scoped>
.figure {
  display: block;
  width: 100%;
  height: 100%;
}
.ghost {
  fill: var(--hand-ghost);
  fill-opacity: 0.07;
  stroke: var(--hand-ghost);
  stroke-width: 1.9;
  stroke-dasharray: 6 5;
  stroke-linejoin: round;
}
.ghost-fill {
  fill: var(--hand-ghost);
  opacity: 0.07;
}
.ghost-line {
  fill: none;
}
.mirrored {
  transform: scaleX(-1);
}
.wrong {
  fill: none;
  stroke: var(--stop);
}
.thing {
  fill: var(--hand-thing);
  stroke: var(--hand-line);
  stroke-width: 2.6;
  stroke-linejoin: round;
  stroke-linecap: round;
}
.helper path {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.helper-line {
  stroke: var(--hand-line);
}
.helper-fill {
  stroke: var(--hand-second-fill);
}
.dot {
  fill: var(--hand-arrow);
}
.ring {
  fill: none;
  stroke: var(--hand-arrow);
  stroke-width: 2.4;
}
.wave {
  fill: none;
  stroke: var(--hand-arrow);
  stroke-width: 1.8;
}
</style>
