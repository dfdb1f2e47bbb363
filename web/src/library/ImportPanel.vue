<script setup lang="ts">
import { inject, ref } from 'vue'
import { api } from '@/api/calls'
import { sentenceOf } from '@/api/client'
import type { ImportView } from '@/api/types'
import StateMark from '@/parts/StateMark.vue'
import { counted } from '@/parts/words'
import { RELOAD_LIBRARY } from './libraryPage'

/** Brings in exercises from a file, the good ones, and tells what is wrong with the others. */
const reloadList = inject(RELOAD_LIBRARY)
const text = ref('')
const busy = ref(false)
const done = ref<ImportView | null>(null)
const message = ref('')
const OUTCOMES = { NEW: 'new', CHANGED: 'a new version', UNCHANGED: 'as it was' }

async function choose(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) text.value = await file.text()
}
async function bringIn() {
  busy.value = true
  message.value = ''
  try {
    done.value = await api.importExercises(text.value)
    await reloadList?.()
  } catch (e) {
    message.value = sentenceOf(e)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <article>
    <h2>Bring in, take out</h2>
    <p>
      Your own exercises as YAML or JSON, the form of which is described in the
      <a href="/api/library/schema.json" download>schema</a>. Take out all of yours:
      <a href="/api/library/own.yaml" download>as YAML</a> or
      <a href="/api/library/own.json" download>as JSON</a>.
    </p>
    <label class="form-label" for="import-file">A file</label>
    <input
      id="import-file"
      class="form-control"
      type="file"
      accept=".yaml,.yml,.json,text/yaml,application/json"
      @change="choose"
    />
    <label class="form-label" for="import-text">or its text</label>
    <textarea
      id="import-text"
      v-model="text"
      class="form-control mono"
      rows="9"
      spellcheck="false"
    />
    <p class="side-by-side do">
      <BButton variant="primary" :disabled="busy || !text.trim()" @click="bringIn"
        >Bring in the good ones</BButton
      >
      <span v-if="busy" role="status">Reading…</span>
      <span v-if="message" class="stop" role="alert">{{ message }}</span>
    </p>
    <div v-if="done" role="status" data-import>
      <h3>{{ counted(done.taken.length, 'exercise') }} taken in</h3>
      <ul>
        <li v-for="entry in done.taken" :key="entry.id">
          <StateMark state="GOOD" />
          <RouterLink :to="`/library/${entry.id}`">{{ entry.title }}</RouterLink>
          <span class="quiet">{{ OUTCOMES[entry.outcome] }}</span>
        </li>
      </ul>
      <template v-if="done.refused.length">
        <h3>Left out</h3>
        <ul>
          <li v-for="(entry, i) in done.refused" :key="i">
            <StateMark state="STOP" /><b>{{ entry.entry }}</b
            >, {{ entry.field }}: {{ entry.message }}
          </li>
        </ul>
      </template>
    </div>
  </article>
</template>

<style scoped>
article {
  padding: 20px 24px;
}
.form-label {
  margin-top: 12px;
}
.do {
  margin-top: 12px;
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
h3 {
  margin-top: 16px;
}
li {
  padding: 4px 0;
}
</style>
