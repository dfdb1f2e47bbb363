<script setup lang="ts">
import { useId } from 'vue'
import type { Drawing } from './drawn'
import FadeMask from './FadeMask.vue'

withDefaults(
  defineProps<{
    drawing: Drawing
    left?: boolean
    fade?: boolean
  }>(),
  { left: false, fade: true },
)

const prefix = useId()
const paint = (fill: string | undefined) => fill?.replace('url(#', `url(#${prefix}`) ?? 'none'
</script>

<template>
  <g :transform="left ? 'scale(-1 1)' : undefined">
    <defs>
      <clipPath v-for="clip in drawing.clips" :id="prefix + clip.id" :key="clip.id">
        <path :d="clip.path" clip-rule="evenodd" />
      </clipPath>
      <linearGradient
        v-for="gradient in drawing.gradients"
        :id="prefix + gradient.id"
        :key="gradient.id"
        gradientUnits="userSpaceOnUse"
        :x1="gradient.from[0]"
        :y1="gradient.from[1]"
        :x2="gradient.to[0]"
        :y2="gradient.to[1]"
      >
        <stop offset="0" :style="{ stopColor: gradient.first }" />
        <stop offset="1" :style="{ stopColor: gradient.last }" />
      </linearGradient>
      <FadeMask v-if="fade" :id="`${prefix}mask`" :fade="drawing.fade" />
    </defs>
    <g :mask="fade ? `url(#${prefix}mask)` : undefined">
      <template v-for="(shape, i) in drawing.shapes" :key="i">
        <g v-if="shape.clip" :clip-path="`url(#${prefix}${shape.clip})`">
          <path
            :d="shape.path"
            :transform="shape.shift ? `translate(${shape.shift[0]} ${shape.shift[1]})` : undefined"
            fill-rule="evenodd"
            :style="{ fill: paint(shape.fill) }"
          />
        </g>
        <path
          v-else
          :d="shape.path"
          fill-rule="evenodd"
          :style="{ fill: paint(shape.fill), stroke: shape.line ?? 'none' }"
          :stroke-width="shape.width"
          :stroke-opacity="shape.opacity"
          stroke-linejoin="round"
          stroke-linecap="round"
        />
      </template>
    </g>
  </g>
</template>
