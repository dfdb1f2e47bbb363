<script setup lang="ts">
import { ref, watch } from 'vue'
import { api } from '@/api/calls'
import type { SentenceView } from '@/api/types'
import { sentenceOf } from '@/api/client'

/** A block or a busy time typed as a sentence; what was understood is shown before it is put in. */
const props = defineProps<{ clientId: string; busy: boolean }>()
const emit = defineEmits<{ write: [text: string] }>()

const text = ref('')
const read = ref<SentenceView | null>(null)
const problem = ref('')
const WAIT = 250
let timer: ReturnType<typeof setTimeout> | undefined
let latest = 0

async function look(sentence: string) {
  const mine = ++latest
  try {
    const answer = await api.readSentence(props.clientId, sentence)
    if (mine !== latest) return
    read.value = answer
    problem.value = ''
  } catch (e) {
    if (mine !== latest) return
    read.value = null
    problem.value = sentenceOf(e)
  }
}
watch(text, (sentence) => {
  clearTimeout(timer)
  latest++
  read.value = null
  problem.value = ''
  if (sentence.trim()) timer = setTimeout(() => void look(sentence), WAIT)
})
async function write() {
  clearTimeout(timer)
  if (!text.value.trim()) return
  await look(text.value)
  if (!read.value) return
  emit('write', text.value)
  text.value = ''
}
</script>

<template>
  <form class="sentence" @submit.prevent="write">
    <label class="visually-hidden" for="sentence">Type a block</label>
    <BFormInput
      id="sentence"
      v-model="text"
      autocomplete="off"
      maxlength="200"
      placeholder="Type a block: Mon Wed Fri 18-20:30 practice from 1 Dec"
      :state="problem ? false : null"
      aria-describedby="sentence-read"
    />
    <BButton type="submit" variant="outline-secondary" :disabled="busy || !text.trim()"
      >Put in</BButton
    >
    <p id="sentence-read" class="small" :class="{ problem }" aria-live="polite">
      <template v-if="problem">{{ problem }}</template>
      <template v-else-if="read"
        >{{ read.words
        }}<template v-if="read.made > 1"> · {{ read.made }} times</template></template
      >
    </p>
  </form>
</template>

<style scoped>
.sentence {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 8px;
  align-items: center;
  margin: 10px 0 4px;
}
p {
  grid-column: 1 / -1;
  min-height: 1.25rem;
  color: var(--ink-2);
}
.problem {
  color: var(--stop);
}
</style>
