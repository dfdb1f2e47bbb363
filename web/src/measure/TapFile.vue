<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import type { Side, TapTaskQuery, VoiceView } from '@/api/types'
import { useAttempt } from '@/api/useAttempt'
import VoiceChoice from './VoiceChoice.vue'

/** A test that was played elsewhere is read; of a file of several voices somebody says whose each is. */
const props = defineProps<{ clientId: string; query: TapTaskQuery }>()

const file = ref<File | null>(null)
const voices = ref<readonly VoiceView[]>([])
const left = ref<number | null>(null)
const right = ref<number | null>(null)
const sides = computed<readonly Side[]>(() =>
  props.query.hands === 'LEFT' || props.query.hands === 'RIGHT'
    ? [props.query.hands]
    : ['LEFT', 'RIGHT'],
)
const has = (side: Side) => sides.value.includes(side)
const { busy, message, attempt } = useAttempt()
const router = useRouter()

const choose = (event: Event) =>
  attempt(async () => {
    file.value = (event.target as HTMLInputElement).files?.[0] ?? null
    voices.value = []
    left.value = right.value = null
    if (file.value) voices.value = await api.tapFileVoices(props.clientId, file.value)
  })
const read = () =>
  attempt(async () => {
    if (!file.value) return
    const pace = props.query.pace === 'SPEED' ? 'SPEED' : 'OWN'
    const result = await api.tapFile(
      props.clientId,
      { ...props.query, pace },
      {
        ...(has('LEFT') && left.value ? { left: left.value } : {}),
        ...(has('RIGHT') && right.value ? { right: right.value } : {}),
      },
      file.value,
    )
    await router.push({
      path: `/workshop/${props.clientId}/tap-test`,
      query: { test: result.testId },
    })
  })
</script>

<template>
  <form class="played" @submit.prevent="read">
    <label
      >or read one that was played
      <input type="file" accept=".mid,.midi,audio/midi" class="form-control" @change="choose" />
    </label>
    <template v-if="voices.length > 1">
      <VoiceChoice v-if="has('LEFT')" v-model="left" side="LEFT" :voices="voices" />
      <VoiceChoice v-if="has('RIGHT')" v-model="right" side="RIGHT" :voices="voices" />
    </template>
    <BButton v-if="voices.length" type="submit" variant="outline-primary" :disabled="busy"
      >Read it as this test</BButton
    >
    <p v-if="message" role="alert">{{ message }}</p>
  </form>
</template>

<style scoped>
.played {
  display: grid;
  gap: 10px;
  margin-top: 10px;
}
label {
  color: var(--ink-2);
  font-size: 0.8125rem;
}
input {
  font-size: 0.8125rem;
}
</style>
