<script setup lang="ts">
import { ref, watch } from 'vue'
import { api } from '@/api/calls'
import { useAttempt } from '@/api/useAttempt'
import type { PieceDemandView, PieceQuery } from '@/api/types'
import { counted } from '@/parts/words'
import PieceHand from './PieceHand.vue'
import VoiceChoice from './VoiceChoice.vue'

/** A piece is read: what it asks of each finger. Nothing of it is kept. */
const props = defineProps<{ clientId: string }>()

const file = ref<File | null>(null)
const span = ref<number | null>(null)
const left = ref<number | null>(null)
const right = ref<number | null>(null)
const demand = ref<PieceDemandView | null>(null)
const { busy, message, attempt } = useAttempt()

async function read() {
  const chosen = file.value
  if (!chosen) return
  const query: PieceQuery = {
    ...(span.value ? { span: span.value } : {}),
    ...(left.value ? { left: left.value } : {}),
    ...(right.value ? { right: right.value } : {}),
  }
  await attempt(async () => {
    demand.value = await api.pieceDemand(props.clientId, query, chosen)
  })
}
function choose(event: Event) {
  file.value = (event.target as HTMLInputElement).files?.[0] ?? null
  left.value = null
  right.value = null
  demand.value = null
  void read()
}
watch([left, right], () => void read())
watch(
  () => props.clientId,
  () => void read(),
)
</script>

<template>
  <section>
    <form class="ask" @submit.prevent="read">
      <label
        >Standard MIDI File, or MusicXML
        <input
          type="file"
          class="form-control"
          accept=".mid,.midi,.musicxml,.xml,.mxl"
          @change="choose"
        />
      </label>
      <label
        >Span, thumb to little finger, mm
        <input
          v-model.number="span"
          type="number"
          class="form-control span"
          placeholder="none"
          @change="read"
        />
      </label>
      <template v-if="demand && demand.voices.length > 1">
        <VoiceChoice v-model="left" side="LEFT" :voices="demand.voices" />
        <VoiceChoice v-model="right" side="RIGHT" :voices="demand.voices" />
      </template>
      <span v-if="busy" role="status">Reading …</span>
    </form>
    <p v-if="message" role="alert">{{ message }}</p>
    <p v-if="!demand && !message" class="large none">
      Load a piece to see how often each finger presses, which finger follows which, how far they
      stretch at once, and what lies beyond this hand’s reach. Nothing of it is kept.
    </p>
    <template v-if="demand">
      <p>
        <b>{{ counted(demand.notes, 'note') }}</b><template v-if="demand.guessed"
          >, the finger of {{ demand.guessed }} guessed. {{ demand.rule }}</template
        ><template v-else>, each with its finger.</template>
        <span class="quiet reach">{{ demand.reachWords }}</span>
      </p>
      <div class="hands">
        <PieceHand
          v-for="hand in demand.byHand"
          :key="hand.side"
          :client-id="clientId"
          :hand="hand"
        />
      </div>
    </template>
  </section>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: end;
  margin-bottom: 12px;
}
label {
  color: var(--ink-2);
  font-size: 0.8125rem;
}
.span {
  width: 120px;
}
.reach {
  margin-left: 6px;
}
.none {
  max-width: 620px;
}
.hands {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0 48px;
}
@media (max-width: 1000px) {
  .hands {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
