<script setup lang="ts">
import { computed, onScopeDispose, ref } from 'vue'
import { onReach } from '@/api/client'
import { outbox } from '@/api/outbox'
import StateMark from './StateMark.vue'
import { useFreshAnswers } from './useChanges'
import { useNow } from './useNow'
import { countdown, duration } from './words'

/** Keeps in touch: pages hear of changes, and it is said when the server is away. */
const awaySince = ref<Date | null>(null)
onScopeDispose(
  onReach((reached) => {
    awaySince.value = reached ? null : (awaySince.value ?? new Date())
  }),
)
useFreshAnswers()
const now = useNow()
/** For how long, so that no clock of any place is needed. */
const since = computed(() =>
  awaySince.value ? duration(Math.max(1000, now.value - awaySince.value.getTime())) : '',
)
const wait = computed(() => Math.max(0, outbox.nextTry.value - now.value))
</script>

<template>
  <div v-if="awaySince || outbox.waiting.value.length" class="strip" role="status">
    <span class="word"
      ><StateMark state="WARN" />
      {{ awaySince ? `The server has been away for ${since}` : 'Not sent yet' }}</span
    >
    <span v-if="outbox.waiting.value.length">
      {{
        outbox.waiting.value.length === 1
          ? 'One thing is kept on this device and goes out by itself.'
          : `${outbox.waiting.value.length} things are kept on this device and go out by themselves, each once.`
      }}
    </span>
    <span v-else>What is on the screen stays; changes wait until it is back.</span>
    <span class="push mono">{{ wait > 0 ? `next try in ${countdown(wait)}` : '' }}</span>
    <BButton size="sm" variant="outline-secondary" @click="outbox.tryNow()">Try now</BButton>
  </div>
  <div
    v-for="letter in outbox.refused.value"
    :key="letter.number"
    class="strip refused"
    role="alert"
  >
    <span class="word"><StateMark state="STOP" />{{ letter.label }}</span>
    <span>The server did not take it: {{ letter.refused }}</span>
    <BButton class="push" size="sm" variant="outline-secondary" @click="outbox.drop(letter)"
      >Take it off</BButton
    >
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  min-height: 44px;
  padding: 6px var(--page);
  border-bottom: 1px solid var(--warn);
  background: var(--warn-wash);
}
.refused {
  border-color: var(--stop);
  background: var(--stop-wash);
}
.word {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  color: var(--warn);
  font-weight: 600;
}
.refused .word {
  color: var(--stop);
}
</style>
