<script setup lang="ts">
import { ref } from 'vue'
import { api } from '@/api/calls'
import type { SentenceView } from '@/api/types'
import { useAttempt } from '@/api/useAttempt'
import { counted } from '@/parts/words'
import SentenceField from '@/week/SentenceField.vue'

/** When somebody plays or works each week, typed as one says it; each line can be taken back. */
const props = defineProps<{
  clientId: string
  /** Whether what the hands do is known, so that there is something to put into the week. */
  ready: boolean
}>()

const lines = ref<SentenceView[]>([])
const { busy, message, attempt } = useAttempt()
const write = (text: string) =>
  attempt(async () => {
    const made = await api.writeSentence(props.clientId, text)
    lines.value = [...lines.value, made]
  })
const takeOut = (line: SentenceView) =>
  attempt(async () => {
    const first = line.blockIds[0]
    if (first) await api.deleteFollowing(props.clientId, first)
    else await Promise.all(line.busyIds.map((id) => api.deleteBusyTime(props.clientId, id)))
    lines.value = lines.value.filter((one) => one !== line)
  })
const times = (line: SentenceView) => counted(line.blockIds.length + line.busyIds.length, 'time')
</script>

<template>
  <section aria-labelledby="weekly-heading">
    <header class="line-up">
      <h2 id="weekly-heading">Each week</h2>
      <span class="quiet">when they play or work, and when they are busy</span>
    </header>
    <template v-if="ready">
      <ul v-if="lines.length">
        <li v-for="(line, i) in lines" :key="i" class="line-up">
          <b>{{ line.words }}</b>
          <span class="quiet">{{ times(line) }}</span>
          <BButton
            class="push"
            size="sm"
            variant="link"
            :disabled="busy"
            :aria-label="`Take out: ${line.words}`"
            @click="takeOut(line)"
            >Take out</BButton
          >
        </li>
      </ul>
      <SentenceField :client-id="clientId" :busy="busy" @write="write" />
      <p v-if="message" class="error" role="alert">{{ message }}</p>
    </template>
    <p v-else class="quiet">Say first what the hands do; then their times can be put in.</p>
  </section>
</template>

<style scoped>
section {
  margin-top: 24px;
}
li {
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.error {
  color: var(--stop);
  font-weight: 600;
}
</style>
