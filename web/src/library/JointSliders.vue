<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Joint, JointChoice } from '@/api/types'
import ChoiceRow from '@/form/ChoiceRow.vue'
import type { HandPose } from '@/hand/skeleton'
import { capital } from '@/parts/words'

/** Every joint of a hand by a slider, one part of the hand at a time. */
const props = defineProps<{ joints: readonly JointChoice[] }>()
const pose = defineModel<HandPose>({ required: true })

const PARTS = [
  { value: 0, label: 'Index' },
  { value: 1, label: 'Middle' },
  { value: 2, label: 'Ring' },
  { value: 3, label: 'Little' },
  { value: 4, label: 'Thumb' },
  { value: 5, label: 'Wrist' },
]
const THUMB = 4
const WRIST = 5
const part = ref<number | null>(0)

interface Access {
  readonly get: (pose: HandPose) => number
  readonly set: (pose: HandPose, degrees: number) => HandPose
}
const finger = (joint: 'spread' | 'knuckle' | 'middle' | 'end'): Access => ({
  get: (p) => p.fingers[part.value ?? 0]?.[joint] ?? 0,
  set: (p, degrees) => ({
    ...p,
    fingers: p.fingers.map((f, n) =>
      n === part.value ? { ...f, [joint]: degrees } : f,
    ) as unknown as HandPose['fingers'],
  }),
})
const thumb = (joint: keyof HandPose['thumb']): Access => ({
  get: (p) => p.thumb[joint],
  set: (p, degrees) => ({ ...p, thumb: { ...p.thumb, [joint]: degrees } }),
})
const wrist = (joint: 'flexion' | 'deviation'): Access => ({
  get: (p) => p.wrist[joint],
  set: (p, degrees) => ({ ...p, wrist: { ...p.wrist, [joint]: degrees } }),
})
const ACCESS: Readonly<Record<Joint, Access>> = {
  FINGER_SPREAD: finger('spread'),
  FINGER_KNUCKLE: finger('knuckle'),
  FINGER_MIDDLE: finger('middle'),
  FINGER_END: finger('end'),
  THUMB_RADIAL: thumb('radial'),
  THUMB_OPPOSITION: thumb('opposition'),
  THUMB_KNUCKLE: thumb('knuckle'),
  THUMB_END: thumb('end'),
  THUMB_PLANE: thumb('plane'),
  WRIST_FLEXION: wrist('flexion'),
  WRIST_DEVIATION: wrist('deviation'),
}
const prefix = computed(() =>
  part.value === WRIST ? 'WRIST' : part.value === THUMB ? 'THUMB' : 'FINGER',
)
const shown = computed(() => props.joints.filter((j) => j.joint.startsWith(prefix.value)))
function bend(joint: Joint, event: Event) {
  pose.value = ACCESS[joint].set(pose.value, Number((event.target as HTMLInputElement).value))
}
</script>

<template>
  <ChoiceRow v-model="part" label="Part of the hand" :options="PARTS" wide class="parts" />
  <label v-for="one in shown" :key="one.joint" class="joint">
    <span>{{ capital(one.word) }}</span>
    <input
      type="range"
      :min="one.least"
      :max="one.greatest"
      :value="ACCESS[one.joint].get(pose)"
      @input="bend(one.joint, $event)"
    />
    <output>{{ Math.round(ACCESS[one.joint].get(pose)) }}°</output>
  </label>
</template>

<style scoped>
.parts {
  margin: 12px 0 6px;
}
.joint {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 132px 44px;
  gap: 10px;
  align-items: center;
  min-height: 30px;
  font-size: 0.875rem;
}
.joint input {
  width: 100%;
  accent-color: var(--main);
}
output {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
</style>
