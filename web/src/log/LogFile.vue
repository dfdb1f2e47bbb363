<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import { api } from '@/api/calls'
import type { LogFileView } from '@/api/types'
import { useAttempt } from '@/api/useAttempt'
import { counted } from '@/parts/words'

/** The log as a file: out, and in after a look at what it holds. */
const props = defineProps<{ clientId: string }>()
const emit = defineEmits<{ kept: [] }>()

const text = ref('')
const name = ref('')
const reading = shallowRef<LogFileView | null>(null)
const { busy, message, attempt } = useAttempt()
const PROBLEMS_SHOWN = 8

async function look(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) return
  name.value = file.name
  text.value = await file.text()
  input.value = ''
  reading.value = null
  await attempt(async () => {
    reading.value = await api.readLogFile(props.clientId, text.value, false)
  })
}
const keep = () =>
  attempt(async () => {
    reading.value = await api.readLogFile(props.clientId, text.value, true)
    emit('kept')
  })
</script>

<template>
  <details class="file">
    <summary>As a file</summary>
    <p>
      <a :href="api.logFile(clientId)" download>Take everything along (CSV)</a>,
      <span class="quiet">a line a step; the same file can be read again.</span>
    </p>
    <p>
      <label class="choose" for="log-file">Read sessions from a file</label>
      <input id="log-file" type="file" accept=".csv,text/csv" :disabled="busy" @change="look" />
    </p>
    <p v-if="message" class="error" role="alert">{{ message }}</p>
    <div v-if="reading" aria-live="polite">
      <template v-if="reading.problems.length">
        <p class="error">
          {{ name }}: {{ counted(reading.problems.length, 'piece') }} cannot be read, so nothing is
          kept.
        </p>
        <ul>
          <li v-for="(one, i) in reading.problems.slice(0, PROBLEMS_SHOWN)" :key="i">
            Line {{ one.line }}, {{ one.column }} {{ one.message }}
          </li>
        </ul>
        <p v-if="reading.problems.length > PROBLEMS_SHOWN" class="quiet">
          and {{ reading.problems.length - PROBLEMS_SHOWN }} more
        </p>
      </template>
      <p v-else-if="reading.kept">{{ counted(reading.fresh, 'session') }} kept.</p>
      <p v-else>
        {{ name }}: {{ counted(reading.fresh, 'new session') }}, {{ reading.known }} known already.
        <BButton v-if="reading.fresh" variant="primary" :disabled="busy" @click="keep"
          >Keep {{ counted(reading.fresh, 'session') }}</BButton
        >
      </p>
    </div>
  </details>
</template>

<style scoped>
.file {
  margin-top: 16px;
}
summary {
  min-height: 28px;
  color: var(--ink-2);
}
.file p {
  margin-top: 8px;
}
.choose {
  margin-right: 8px;
}
</style>
