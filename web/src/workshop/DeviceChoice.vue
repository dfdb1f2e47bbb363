<script setup lang="ts">
import { onScopeDispose, ref, watch } from 'vue'
import type { Digit, Side, SimulatedHands } from '@/api/types'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { counted } from '@/parts/words'
import { usualHands } from './simulated'
import SimulatedHandsFields from './SimulatedHandsFields.vue'
import { askMidi, hearNotes, keyboardInput, midiInput, placesOf, type TapInput } from './tapInput'

/** What is tapped on; of a MIDI keyboard the keys are learned first. */
const props = defineProps<{
  fingers: Readonly<Record<Side, readonly Digit[]>>
  /** What of simulated hands matters here; nothing where there are none. */
  standIn: readonly (keyof SimulatedHands)[]
}>()
/** The hands that play, or null where somebody does. */
const emit = defineEmits<{ simulated: [hands: SimulatedHands | null] }>()
/** Null until it is known which keys are meant. */
const input = defineModel<TapInput | null>({ required: true })
type Kind = 'KEYS' | 'MIDI' | 'SIMULATED'
const chosen = ref<Kind | null>('KEYS')
const options: { value: Kind; label: string }[] = [
  { value: 'KEYS', label: 'Computer keyboard' },
  { value: 'MIDI', label: 'MIDI keyboard' },
]
if (props.standIn.length) options.push({ value: 'SIMULATED', label: 'Simulated hands' })
const hands = ref(usualHands())
const message = ref('')
const notes = ref<readonly number[]>([])
const learning = ref(false)
let stop: (() => void) | undefined
const needed = () => props.fingers.LEFT.length + props.fingers.RIGHT.length

async function learn() {
  try {
    const access = await askMidi()
    learning.value = true
    notes.value = []
    stop = hearNotes(access, (note, velocity) => {
      if (!velocity || notes.value.includes(note)) return
      notes.value = [...notes.value, note]
      if (notes.value.length < needed()) return
      stop?.()
      learning.value = false
      input.value = midiInput(access, placesOf(notes.value, props.fingers))
    })
  } catch (e) {
    message.value = (e as Error).message
  }
}
watch(
  chosen,
  (kind) => {
    stop?.()
    learning.value = false
    message.value = ''
    input.value = kind === 'KEYS' ? keyboardInput() : null
    if (kind === 'MIDI') void learn()
  },
  { immediate: true },
)
watch([chosen, hands], () => emit('simulated', chosen.value === 'SIMULATED' ? hands.value : null), {
  immediate: true,
})
onScopeDispose(() => stop?.())
</script>

<template>
  <div class="device">
    <ChoiceRow v-model="chosen" :options="options" label="Tapped on" />
    <p v-if="chosen === 'KEYS'" class="quiet">
      Any layout: the keys count by their place, index fingers on the two keys with a ridge<template
        v-if="fingers.LEFT.includes('THUMB') || fingers.RIGHT.includes('THUMB')"
        >, thumbs below them on V and N</template
      >.
    </p>
    <p v-else-if="learning" role="status">
      Press the keys of your fingers once each, from left to right: {{ notes.length }} of
      {{ counted(needed(), 'key') }}.
    </p>
    <p v-else-if="chosen === 'MIDI' && input" role="status">The keys are known.</p>
    <SimulatedHandsFields v-else-if="chosen === 'SIMULATED'" v-model="hands" :only="standIn" />
    <p v-if="message" role="alert">{{ message }}</p>
  </div>
</template>

<style scoped>
.device {
  margin: 12px 0;
}
.device p {
  margin: 6px 0 0;
}
</style>
