<script setup lang="ts">
import { api } from '@/api/calls'
import type { OwnAccount } from '@/api/types'
import { localMoment } from '@/parts/words'
import PartFrame from './PartFrame.vue'
import { useSending } from './useSending'

/** Where one is signed in, and the end of it from here. */
defineProps<{ sessions: OwnAccount['sessions'] }>()
const emit = defineEmits<{ changed: [] }>()

const { busy, message, send } = useSending()
async function end(what: () => Promise<unknown>) {
  await send(what)
  emit('changed')
}
</script>

<template>
  <PartFrame title="Signed in">
    <template #way>
      <BButton
        v-if="sessions.length > 1"
        class="push"
        variant="link"
        :disabled="busy"
        @click="end(api.endOtherSessions)"
        >Sign out everywhere else</BButton
      >
    </template>
    <p v-if="message" class="message" role="alert">{{ message }}</p>
    <ul>
      <li v-for="session in sessions" :key="session.id">
        <div>
          <b>{{ session.device }}</b><span class="quiet small"
            >since {{ localMoment(session.since) }}</span
          >
        </div>
        <span v-if="session.current" class="here">here, now</span>
        <template v-else>
          <span class="quiet small">{{ localMoment(session.lastSeen) }}</span>
          <BButton
            variant="link"
            :disabled="busy"
            :aria-label="`Sign out ${session.device}, since ${localMoment(session.since)}`"
            @click="end(() => api.endSession(session.id))"
            >Sign out</BButton
          >
        </template>
      </li>
    </ul>
  </PartFrame>
</template>

<style scoped>
li {
  display: flex;
  gap: 16px;
  align-items: center;
  min-height: 46px;
  border-top: 1px solid var(--line);
}
li > div {
  display: grid;
  margin-right: auto;
}
li .btn {
  padding: 0;
}
.here {
  color: var(--main);
  font-weight: 600;
}
.message {
  color: var(--stop);
  font-weight: 600;
}
</style>
