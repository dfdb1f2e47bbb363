<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { ref, shallowRef, useId } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { sentenceOf } from '@/api/client'
import type { SaidView } from '@/api/types'

/** "I have four minutes, standing, no things": said in a line, and composed at once. */
const props = defineProps<{ clientId: string }>()

const PAUSE = 400
const said = ref('')
const answer = shallowRef<SaidView | null>(null)
const id = useId()
const router = useRouter()

let latest = 0
async function read(): Promise<boolean> {
  const mine = ++latest
  const text = said.value.trim()
  if (!text) {
    answer.value = null
    return false
  }
  try {
    const heard = await api.readMoment(props.clientId, text)
    if (mine === latest) answer.value = heard
    return heard.understood
  } catch (e) {
    if (mine === latest) answer.value = { understood: false, words: sentenceOf(e) }
    return false
  }
}
const readSoon = useDebounceFn(read, PAUSE)
async function begin() {
  if (await read())
    await router.push({
      path: `/player/${props.clientId}/moment`,
      query: { said: said.value.trim() },
    })
}
</script>

<template>
  <form class="said" @submit.prevent="begin">
    <label class="form-label" :for="id">A moment in between</label>
    <div class="row">
      <input
        :id="id"
        v-model="said"
        class="form-control"
        maxlength="200"
        placeholder="Four minutes, standing, no things"
        :aria-describedby="`${id}-read`"
        @input="readSoon"
      />
      <BButton type="submit" variant="primary" :disabled="!said.trim()">Begin</BButton>
    </div>
    <p
      :id="`${id}-read`"
      class="read"
      :class="{ problem: answer && !answer.understood }"
      role="status"
    >
      {{ answer?.words }}
    </p>
  </form>
</template>

<style scoped>
.said {
  max-width: 640px;
}
.row {
  display: flex;
  gap: 10px;
}
.row .form-control {
  flex: 1;
  min-height: 44px;
}
.read {
  min-height: 1.5rem;
  margin: 4px 0 0;
  color: var(--ink-2);
}
.problem {
  color: var(--stop);
}
</style>
