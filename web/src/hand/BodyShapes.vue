<script setup lang="ts">
import { computed } from 'vue'
import { joints, type BodyPose } from './bodyPoses'
import type { Point } from './vector'

const props = defineProps<{ pose: BodyPose }>()

const j = computed(() => joints(props.pose))
const line = (...points: readonly Point[]) =>
  `M${points.map((p) => `${p[0].toFixed(1)} ${p[1].toFixed(1)}`).join('L')}`

const limbs = computed(() => {
  const b = j.value
  return [
    { path: line([b.hips[0] - 17, 2], b.knees[0], b.feet[0]), width: 21 },
    { path: line([b.hips[0] + 17, 2], b.knees[1], b.feet[1]), width: 21 },
    { path: line(b.shoulders[0], b.elbows[0], b.hands[0]), width: 16 },
    { path: line(b.shoulders[1], b.elbows[1], b.hands[1]), width: 16 },
    { path: line(b.chest, b.neck, b.head), width: 17 },
  ]
})
const trunk = computed(() => {
  const b = j.value
  const [l, r] = b.shoulders
  const h = b.hips
  return `M${l[0]} ${l[1]}Q${b.chest[0]} ${b.chest[1] - 12} ${r[0]} ${r[1]}Q${r[0] - 4} ${(r[1] + h[1]) / 2} ${h[0] + 27} ${h[1] + 4}Q${h[0]} ${h[1] + 20} ${h[0] - 27} ${h[1] + 4}Q${l[0] + 4} ${(l[1] + h[1]) / 2} ${l[0]} ${l[1]}Z`
})
const face = computed(() => props.pose.head * 11)
</script>

<template>
  <g stroke-linejoin="round" stroke-linecap="round">
    <template v-for="(limb, i) in limbs.slice(0, 2)" :key="`leg${i}`">
      <path :d="limb.path" class="limb-line" :stroke-width="limb.width" />
      <path :d="limb.path" class="limb" :stroke-width="limb.width - 5" />
    </template>
    <path :d="limbs[4]?.path" class="limb-line" :stroke-width="limbs[4]?.width" />
    <path :d="limbs[4]?.path" class="limb" :stroke-width="(limbs[4]?.width ?? 0) - 5" />
    <path :d="trunk" class="solid" stroke-width="2.6" />
    <template v-for="(limb, i) in limbs.slice(2, 4)" :key="`arm${i}`">
      <path :d="limb.path" class="limb-line" :stroke-width="limb.width" />
      <path :d="limb.path" class="limb" :stroke-width="limb.width - 5" />
    </template>
    <circle
      v-for="(hand, i) in j.hands"
      :key="`hand${i}`"
      :cx="hand[0]"
      :cy="hand[1]"
      r="10"
      class="solid"
      stroke-width="2.6"
    />
    <ellipse :cx="j.head[0]" :cy="j.head[1]" rx="20" ry="25" class="solid" stroke-width="2.6" />
    <path
      :d="`M${j.head[0] + face - 1} ${j.head[1] - 5}l${pose.head * 5} 8l${-pose.head * 4 - 1} 2`"
      class="feature"
      stroke-width="1.9"
    />
    <path
      :d="`M${j.head[0] + face - 9} ${j.head[1] - 7}h5M${j.head[0] + face + 5} ${j.head[1] - 7}h5M${j.head[0] + face - 4} ${j.head[1] + 11}q4 2 8 0`"
      class="feature"
      stroke-width="1.7"
    />
  </g>
</template>

<style scoped>
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
