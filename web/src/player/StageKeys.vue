<script setup lang="ts">
import type { Cue } from '@/api/types'
import { countdown } from '@/parts/words'
import StageKey from './StageKey.vue'
import { easedWords } from './stageWords'

/** Everything that can be done while a session runs, by touch as by key. */
defineProps<{
  running: boolean
  muted: boolean
  facing: boolean
  /** Whether cues are said aloud; null where the device has no voice of its own. */
  speaks: boolean | null
  mayEase: boolean
  /** A count at one's own pace: the keys are those of counting. */
  counting: boolean
  cue: Cue
  /** From 0.2, quiet, to 1. */
  volume: number
  /** Whether it may be asked where it is felt, and whether it is asked now. */
  asksFelt: boolean
  felt: boolean
  /** For how long, in ms, somebody has stayed where one may stay; null where one may not. */
  stayed: number | null
  stays: boolean
}>()
const emit = defineEmits<{
  toggle: []
  back: []
  next: []
  eased: []
  count: []
  notComplete: []
  burns: []
  hurts: []
  mute: []
  voice: []
  turn: []
  leave: []
  again: []
  felt: []
  stay: []
  volume: [to: number]
}>()
</script>

<template>
  <nav class="keys" aria-label="Player">
    <template v-if="counting && running">
      <StageKey class="count-one" on word="One" key-name="Space" @click="emit('count')" />
      <StageKey word="Not complete" key-name="N" @click="emit('notComplete')" />
      <StageKey word="It burns" key-name="B" @click="emit('burns')" />
    </template>
    <StageKey
      class="pause"
      :on="!counting"
      :word="running ? 'Pause' : 'Go on'"
      :key-name="counting && running ? 'P' : 'Space'"
      @click="emit('toggle')"
    />
    <template v-if="!counting || !running">
      <StageKey class="back" word="Back" key-name="←" @click="emit('back')" />
      <StageKey class="forward" word="Next" key-name="→" @click="emit('next')" />
      <StageKey class="again" word="Again" key-name="A" @click="emit('again')" />
    </template>
    <StageKey
      v-if="stayed !== null"
      :word="stays ? `Staying ${countdown(stayed)}` : 'Stay here'"
      key-name="S"
      :aria-pressed="stays"
      @click="emit('stay')"
    />
    <StageKey
      v-if="asksFelt"
      word="Felt elsewhere"
      key-name="F"
      :aria-pressed="felt"
      @click="emit('felt')"
    />
    <StageKey
      v-if="mayEase"
      class="ease"
      :word="counting ? 'Enough' : easedWords(cue.phase)"
      :key-name="counting ? 'Enter' : 'O'"
      @click="emit('eased')"
    />
    <StageKey hurt word="It hurts" key-name="H" @click="emit('hurts')" />
    <span class="gap" />
    <StageKey
      v-if="speaks !== null"
      :word="speaks ? 'Voice off' : 'Voice'"
      :aria-pressed="speaks"
      @click="emit('voice')"
    />
    <label v-if="!counting || !running" class="volume">
      <span class="visually-hidden">Volume</span>
      <input
        type="range"
        min="0.2"
        max="1"
        step="0.2"
        :value="volume"
        @input="emit('volume', Number(($event.target as HTMLInputElement).value))"
      />
    </label>
    <StageKey :word="muted ? 'Sound' : 'Mute'" key-name="M" @click="emit('mute')" />
    <StageKey
      v-if="!counting || !running"
      class="turn"
      :word="facing ? 'Own eyes' : 'Facing'"
      key-name="V"
      :aria-pressed="facing"
      @click="emit('turn')"
    />
    <StageKey word="Leave" key-name="Esc" @click="emit('leave')" />
  </nav>
</template>

<style scoped>
.keys {
  display: flex;
  gap: 8px;
  margin-bottom: 20px;
}
.gap {
  flex: 1;
}
.volume {
  display: grid;
  align-items: center;
}
.volume input {
  width: 72px;
  height: 48px;
  accent-color: var(--ink);
}
@media (max-width: 900px) {
  .turn,
  .volume {
    display: none;
  }
  .keys {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 8px;
    margin-bottom: 8px;
  }
  .gap {
    display: none;
  }
}
</style>
