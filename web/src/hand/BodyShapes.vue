<script setup lang="ts">
import type { BodyDrawing, Limb } from './bodyPoses'

defineProps<{ body: BodyDrawing }>()

const LINE = 5
const inner = (limb: Limb) => limb.width - LINE
</script>

<template>
  <g stroke-linejoin="round" stroke-linecap="round">
    <path v-for="(path, i) in body.place" :key="`place${i}`" :d="path" class="place" />
    <template v-for="(limb, i) in body.behind" :key="`behind${i}`">
      <path :d="limb.path" class="limb-line" :stroke-width="limb.width" />
      <path :d="limb.path" class="limb" :stroke-width="inner(limb)" />
    </template>
    <template v-if="body.trunk">
      <path :d="body.trunk.path" class="limb-line" :stroke-width="body.trunk.width" />
      <path :d="body.trunk.path" class="limb" :stroke-width="inner(body.trunk)" />
    </template>
    <path v-if="body.trunkOutline" :d="body.trunkOutline" class="solid" stroke-width="2.6" />
    <template v-for="(limb, i) in body.before" :key="`before${i}`">
      <path :d="limb.path" class="limb-line" :stroke-width="limb.width" />
      <path :d="limb.path" class="limb" :stroke-width="inner(limb)" />
    </template>
    <circle
      v-for="(hand, i) in body.hands"
      :key="`hand${i}`"
      :cx="hand.at[0]"
      :cy="hand.at[1]"
      r="10"
      class="solid"
      stroke-width="2.6"
    />
    <g :transform="`translate(${body.head.at[0]} ${body.head.at[1]}) rotate(${body.head.angle})`">
      <ellipse rx="20" ry="25" class="solid" stroke-width="2.6" />
      <path
        v-for="(feature, i) in body.head.features"
        :key="`feature${i}`"
        :d="feature"
        class="feature"
        stroke-width="1.8"
      />
    </g>
  </g>
</template>

<style scoped>
.place {
  fill: none;
  stroke: var(--hand-line);
  stroke-opacity: 0.45;
  stroke-width: 2.6;
}
.solid {
  fill: var(--hand-fill);
  stroke: var(--hand-line);
}
.limb-line {
  fill: none;
  stroke: var(--hand-line);
}
.limb {
  fill: none;
  stroke: var(--hand-fill);
}
.feature {
  fill: none;
  stroke: var(--hand-line);
}
</style>
