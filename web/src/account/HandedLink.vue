<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import type { Invited } from '@/api/types'
import { localDay } from '@/parts/words'

/** An invitation that was just made: whether it was sent, and its link to be handed on. */
const props = defineProps<{ made: Invited }>()
const { copy, copied, isSupported } = useClipboard({ source: () => props.made.link })
</script>

<template>
  <div class="handed" role="status">
    <p>
      {{
        made.sent ? 'It is on its way by mail. The same link, to hand on:' : 'Hand this link on:'
      }}
    </p>
    <p class="link">
      <code>{{ made.link }}</code>
      <BButton v-if="isSupported" size="sm" variant="outline-secondary" @click="copy()">{{
        copied ? 'Copied' : 'Copy'
      }}</BButton>
    </p>
    <p class="quiet small">
      It works once, until {{ localDay(made.expiresAt) }}; one made before is void.
    </p>
  </div>
</template>

<style scoped>
.handed {
  margin: 8px 0;
  padding: 10px 14px;
  border: 1.5px solid var(--main);
  background: var(--main-wash);
}
.link {
  display: flex;
  gap: 12px;
  align-items: start;
}
code {
  color: var(--ink);
  word-break: break-all;
}
</style>
