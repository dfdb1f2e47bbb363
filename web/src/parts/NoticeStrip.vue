<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/api/calls'
import type { NoticeView } from '@/api/types'
import { account } from '@/stores/account'
import { useNow } from './useNow'
import { toMinute } from './words'

/** Quietly tells a client of a session that is about to begin, if they wanted that; it can be put away. */
const MINUTE = 60_000
const notice = ref<NoticeView | null>(null)
const putAway = ref<string[]>([])
const client = computed(
  () => account.signedIn.value && !account.coach.value && account.me.value?.clientId,
)
async function ask() {
  if (!client.value) return
  // Without an answer there is nothing to tell; the strip about the server says the rest.
  const told = await api.notices().catch(() => [])
  notice.value = told.find((one) => !putAway.value.includes(one.uid)) ?? null
}
watch([client, useNow(MINUTE)], () => void ask(), { immediate: true })
function leave() {
  if (notice.value) putAway.value = [...putAway.value, notice.value.uid]
  notice.value = null
}
</script>

<template>
  <div v-if="notice" class="strip" role="status">
    <b>{{ notice.title }}</b>
    <span>at {{ toMinute(notice.startsAt) }}</span>
    <RouterLink to="/my-day">To my day</RouterLink>
    <BButton class="push" size="sm" variant="link" @click="leave">Put away</BButton>
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
  border-bottom: 1px solid var(--main);
  background: var(--surface);
}
</style>
