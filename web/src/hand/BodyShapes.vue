<script setup lang="ts">
import { useId } from 'vue'
import type { BodyFigure } from './body/figure'
import type { Tint, Toned } from './body/drawBody'

defineProps<{ figure: BodyFigure; strokeWidth: number }>()

const prefix = useId()

const share = (t: number) => `${Math.round(t * 100)}%`
const mix = (a: string, b: string, t: number) =>
  t < 0.02 ? `var(${a})` : `color-mix(in srgb, var(${b}) ${share(t)}, var(${a}))`
const filled = ({ tone }: Toned) => mix('--hand-fill', '--hand-shade', tone)
const shaded = ({ tone }: Toned) => mix('--hand-shade', '--hand-deep', tone)

/** A tint over a colour: opaque where it is the first one, or seams would show. */
function stops(tint: Tint, base: string, work: string, first: boolean) {
  const colour = `color-mix(in srgb, var(${work}) ${share(tint.opacity)}, ${base})`
  return first
    ? [
        { stopColor: colour, stopOpacity: 1 },
        { stopColor: base, stopOpacity: 1 },
      ]
    : [
        { stopColor: `var(${work})`, stopOpacity: tint.opacity },
        { stopColor: `var(${work})`, stopOpacity: 0 },
      ]
}

const placed = (tint: Tint) =>
  `translate(${tint.centre[0].toFixed(1)} ${tint.centre[1].toFixed(1)}) ` +
  `rotate(${tint.angle.toFixed(1)}) scale(${tint.radii[0].toFixed(1)} ${tint.radii[1].toFixed(1)})`
</script>

<template>
  <g class="around">
    <template v-for="(thing, i) in figure.around" :key="`thing${i}`">
      <path
        v-if="thing.paint === 'cloth'"
        :d="thing.path"
        class="cloth-line"
        :stroke-width="5.4 + strokeWidth * 0.8"
      />
      <path
        :d="thing.path"
        :class="thing.paint"
        :stroke-width="thing.paint === 'cloth' ? 5.4 : strokeWidth * 0.8"
      />
    </template>
  </g>
  <g v-for="(part, i) in figure.body.parts" :key="i" stroke-linejoin="round" stroke-linecap="round">
    <defs v-if="part.tints.length || part.shadow">
      <clipPath v-if="part.shadow" :id="`${prefix}c${i}`"><path :d="part.shadow.clip" /></clipPath>
      <template v-for="(tint, k) in part.tints" :key="tint.id">
        <radialGradient
          v-for="layer in ['fill', 'shade'] as const"
          :id="`${prefix}${layer}${i}${tint.id}`"
          :key="layer"
          gradientUnits="userSpaceOnUse"
          cx="0"
          cy="0"
          r="1"
          :gradientTransform="placed(tint)"
        >
          <stop
            v-for="(stop, s) in stops(
              tint,
              layer === 'fill' ? filled(part.fill) : shaded(part.crescent ?? part.fill),
              layer === 'fill' ? '--hand-work' : '--hand-work-shade',
              k === 0,
            )"
            :key="s"
            :offset="s === 0 ? tint.core : 1"
            :style="stop"
          />
        </radialGradient>
      </template>
    </defs>
    <path v-if="!part.tints.length" :d="part.fill.path" :style="{ fill: filled(part.fill) }" />
    <path
      v-for="tint in part.tints"
      :key="`fill${tint.id}`"
      :d="part.fill.path"
      :fill="`url(#${prefix}fill${i}${tint.id})`"
    />
    <template v-if="part.hair">
      <path :d="part.hair.path" class="hair" />
      <path v-if="part.hair.edge" :d="part.hair.edge" class="hair-edge" />
      <path
        v-for="(ear, e) in part.hair.ears"
        :key="`ear${e}`"
        :d="ear"
        class="ear"
        :stroke-width="strokeWidth * 0.6"
      />
    </template>
    <template v-if="part.crescent">
      <path
        v-if="!part.tints.length"
        :d="part.crescent.path"
        :style="{ fill: shaded(part.crescent) }"
      />
      <path
        v-for="tint in part.tints"
        :key="`shade${tint.id}`"
        :d="part.crescent.path"
        :fill="`url(#${prefix}shade${i}${tint.id})`"
      />
    </template>
    <path
      v-if="part.shadow"
      :d="part.shadow.path"
      :style="{ fill: shaded(part.shadow) }"
      :clip-path="`url(#${prefix}c${i})`"
    />
    <path
      v-for="(line, n) in part.inner"
      :key="`inner${n}`"
      :d="line.path"
      class="inner"
      :fill-opacity="line.opacity"
    />
    <path
      v-if="part.outline.full"
      :d="part.outline.full"
      class="outline"
      :stroke-width="part.outline.width"
    />
    <path v-if="part.outline.thinning" :d="part.outline.thinning" class="inner" />
  </g>
</template>

<style scoped>
.around path {
  fill: none;
  stroke-linejoin: round;
  stroke-linecap: round;
}
.around .face {
  fill: var(--hand-place);
}
.around .faceWithEdge {
  fill: var(--hand-place);
  stroke: var(--hand-line);
  stroke-opacity: 0.5;
}
.around .edge {
  stroke: var(--hand-line);
  stroke-opacity: 0.45;
}
.around .cloth-line {
  stroke: var(--hand-line);
}
.around .cloth {
  stroke: var(--hand-second-fill);
}
.hair {
  fill: color-mix(in srgb, var(--hand-shade) 80%, var(--hand-fill));
}
.hair-edge {
  fill: var(--hand-line);
  fill-opacity: 0.42;
}
.ear {
  fill: var(--hand-fill);
  stroke: var(--hand-line);
  stroke-opacity: 0.8;
}
.inner {
  fill: var(--hand-line);
}
.outline {
  fill: none;
  stroke: var(--hand-line);
}
</style>
